/** Pictures as the eye takes them: rows of pixels from the top left, four bytes each (red, green, blue, and one that is not looked at). */
export interface Pixels {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}

/** Whether a file is a JPEG, PNG or WebP, by what it begins with: nothing else is ever handed to a decoder. */
export function isPicture(file: Uint8Array): boolean {
  const text = String.fromCharCode(...file.subarray(0, 12));
  return /^\xff\xd8\xff/.test(text) || text.startsWith('\x89PNG\r\n\x1a\n') || /^RIFF....WEBP/s.test(text);
}

/** A picture of which every place has a colour in CIELAB (D65, L* from 0 to 100): three numbers each, row by row. */
export interface LabPicture {
  width: number;
  height: number;
  lab: Float32Array;
}

const LINEAR = Float32Array.from({ length: 256 }, (_, n) =>
  n <= 10.31 ? n / 255 / 12.92 : ((n / 255 + 0.055) / 1.055) ** 2.4,
);
const bend = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : (t * 24389) / 27 / 116 + 16 / 116);

/**
 * Writes one colour, 0 to 255 each, as CIELAB (CIE 15:2018 for D65, sRGB by IEC 61966-2-1). Our own, and not the colour library's, since it is done for each
 * pixel of a picture.
 */
export function writeLab(into: Float32Array, at: number, red: number, green: number, blue: number): void {
  const [r, g, b] = [LINEAR[Math.round(red)]!, LINEAR[Math.round(green)]!, LINEAR[Math.round(blue)]!];
  const x = bend((0.4123908 * r + 0.3575843 * g + 0.1804808 * b) / 0.9504559);
  const y = bend(0.212639 * r + 0.7151687 * g + 0.0721923 * b);
  const z = bend((0.0193308 * r + 0.1191948 * g + 0.9505322 * b) / 1.0890578);
  into[at] = 116 * y - 16;
  into[at + 1] = 500 * (x - y);
  into[at + 2] = 200 * (y - z);
}

/** The picture made smaller by averaging whole squares of pixels, until its longer side is at most `longest` pixels. */
export function smaller(picture: Pixels, longest: number): { picture: Pixels; by: number } {
  const by = Math.max(1, Math.ceil(Math.max(picture.width, picture.height) / longest));
  if (by === 1) return { picture, by };
  const [width, height] = [Math.floor(picture.width / by), Math.floor(picture.height / by)];
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      let [r, g, b] = [0, 0, 0];
      for (let dy = 0; dy < by; dy += 1) {
        let from = ((y * by + dy) * picture.width + x * by) * 4;
        for (let dx = 0; dx < by; dx += 1, from += 4) {
          r += picture.data[from]!;
          g += picture.data[from + 1]!;
          b += picture.data[from + 2]!;
        }
      }
      const [to, n] = [(y * width + x) * 4, by * by];
      data[to] = r / n;
      data[to + 1] = g / n;
      data[to + 2] = b / n;
      data[to + 3] = 255;
    }
  return { picture: { width, height, data }, by };
}

/** The same in CIELAB. */
export function labOf({ width, height, data }: Pixels): LabPicture {
  const lab = new Float32Array(width * height * 3);
  for (let i = 0; i < width * height; i += 1) writeLab(lab, 3 * i, data[4 * i]!, data[4 * i + 1]!, data[4 * i + 2]!);
  return { width, height, lab };
}

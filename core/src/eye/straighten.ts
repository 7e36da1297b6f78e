/** A block as if it lay straight under the lens: cut out of a photograph by its four corners. */
import { fromUnitSquare, taken, type Corners } from './homography';
import { labOf, type LabPicture, type Pixels } from './pixels';

/** The block in `width` by `height` pixels; undefined where the corners make no four-sided shape. Places beyond the picture show its edge. */
export function straightPixels(picture: Pixels, corners: Corners, width: number, height: number): Pixels | undefined {
  const there = fromUnitSquare(corners);
  if (!there) return undefined;
  // As many looks a place as the photograph has pixels for it, so that nothing small is picked out by chance.
  const span = (i: number, j: number) => Math.hypot(corners[i]![0] - corners[j]![0], corners[i]![1] - corners[j]![1]);
  const longest = Math.max(span(0, 1) / width, span(1, 2) / height, span(2, 3) / width, span(3, 0) / height);
  const looks = Math.max(1, Math.min(4, Math.round(longest)));
  const straight = new Uint8ClampedArray(width * height * 4);
  const { data } = picture;
  const [right, bottom] = [picture.width - 1, picture.height - 1];
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      let [r, g, b] = [0, 0, 0];
      for (let j = 0; j < looks; j += 1)
        for (let i = 0; i < looks; i += 1) {
          const [px, py] = taken(there, (x + (i + 0.5) / looks) / width, (y + (j + 0.5) / looks) / height);
          const u = Math.max(0, Math.min(right, px - 0.5));
          const v = Math.max(0, Math.min(bottom, py - 0.5));
          const [u0, v0] = [Math.floor(u), Math.floor(v)];
          const [fu, fv] = [u - u0, v - v0];
          const a = (v0 * picture.width + u0) * 4;
          const across = u0 < right ? 4 : 0;
          const down = v0 < bottom ? picture.width * 4 : 0;
          const [wa, wb, wc, wd] = [(1 - fu) * (1 - fv), fu * (1 - fv), (1 - fu) * fv, fu * fv];
          r += wa * data[a]! + wb * data[a + across]! + wc * data[a + down]! + wd * data[a + down + across]!;
          g += wa * data[a + 1]! + wb * data[a + across + 1]! + wc * data[a + down + 1]! + wd * data[a + down + across + 1]!;
          b += wa * data[a + 2]! + wb * data[a + across + 2]! + wc * data[a + down + 2]! + wd * data[a + down + across + 2]!;
        }
      const n = looks * looks;
      straight.set([r / n, g / n, b / n, 255], (y * width + x) * 4);
    }
  return { width, height, data: straight };
}

/** The same in CIELAB. */
export function straightened(picture: Pixels, corners: Corners, width: number, height: number): LabPicture | undefined {
  const straight = straightPixels(picture, corners, width, height);
  return straight && labOf(straight);
}

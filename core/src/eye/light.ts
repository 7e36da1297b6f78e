/** Light evened out: what a lamp at the side or a window does to a block, taken back. */
import { gathered, nearestOf, type Colour } from './colours';
import { LeastSquares } from './equations';
import { labOf, type LabPicture, type Pixels } from './pixels';

const ROUNDS = 5;
/** Every how many places one is looked at. */
const EVERY = 7;
/** Farther than this from its fabric, as a share of the light, a place tells of prints and seams, not of the lamp. */
const FAR = 0.22;

/**
 * The picture in even light. Light that falls differently multiplies what is seen; in CIELAB a factor on the light is (nearly) one factor on L* + 16, a* and b*.
 * That factor is taken as a quadratic of the place, found by turns with the fabrics' colours: from the places of one colour alone.
 */
export const evened = (picture: LabPicture): LabPicture => lit(picture).even;

/** The same, and the light that was taken back: the logarithm of its factor, by terms of the place. */
function lit(picture: LabPicture): { even: LabPicture; light: number[] } {
  const { width, height } = picture;
  const all = new Array<number>(TERMS).fill(0);
  const lab = Float32Array.from(picture.lab);
  for (let round = 0; round < ROUNDS; round += 1) {
    const places: { terms: number[]; colour: Colour }[] = [];
    for (let y = EVERY >> 1; y < height; y += EVERY)
      for (let x = EVERY >> 1; x < width; x += EVERY) {
        const i = (y * width + x) * 3;
        places.push({ terms: termsAt(x / width, y / height), colour: [lab[i]!, lab[i + 1]!, lab[i + 2]!] });
      }
    const colours = gathered(
      places.map((p) => p.colour),
      // Wide at first, so that one fabric in two lights is one.
      { most: 8, apart: 16 - 2 * round },
    );
    const light = new LeastSquares(new Array<number>(TERMS).fill(3));
    for (const { terms, colour } of places) {
      const own = colours[nearestOf(colour, colours)]!;
      const off = Math.log((colour[0] + 16) / (own[0] + 16));
      if (Math.abs(off) <= FAR) light.add(terms, off);
    }
    const found = light.solved();
    found.forEach((n, k) => (all[k]! += n));
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1) {
        const i = (y * width + x) * 3;
        const less = Math.exp(-lightAt(found, x / width, y / height));
        lab[i] = (lab[i]! + 16) * less - 16;
        lab[i + 1]! *= less;
        lab[i + 2]! *= less;
      }
  }
  return { even: { width, height, lab }, light: all };
}

/** A picture in even light, as bright on the whole as it was: of a fabric, whose colour is then the same throughout. */
export function evenLight(picture: Pixels): Pixels {
  const { width, height, data } = picture;
  const { light } = lit(labOf(picture));
  const even = new Uint8ClampedArray(data);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      // A factor on L* + 16, which is a cube root, is its cube on the light.
      const less = Math.exp(-3 * lightAt(light, x / width, y / height));
      const i = (y * width + x) * 4;
      for (let k = 0; k < 3; k += 1) even[i + k] = gamma(LINEAR[data[i + k]!]! * less) * 255;
    }
  return { width, height, data: even };
}

/** sRGB, both ways. */
const LINEAR = Float64Array.from({ length: 256 }, (_, n) => {
  const s = n / 255;
  return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4;
});
const gamma = (n: number) => (n <= 0.0031308 ? 12.92 * n : 1.055 * Math.min(1, n) ** (1 / 2.4) - 0.055);

const TERMS = 5;
/** None of them changes the light as a whole. */
const termsAt = (x: number, y: number): number[] => {
  const [u, v] = [2 * x - 1, 2 * y - 1];
  return [u, v, u * v, u * u - 1 / 3, v * v - 1 / 3];
};

function lightAt([a, b, c, d, e]: readonly number[], x: number, y: number): number {
  const [u, v] = [2 * x - 1, 2 * y - 1];
  return a! * u + b! * v + c! * u * v + d! * (u * u - 1 / 3) + e! * (v * v - 1 / 3);
}

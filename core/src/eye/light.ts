/** Light evened out: what a lamp at the side or a window does to a block, taken back. */
import { gathered, nearestOf, type Colour } from './colours';
import { LeastSquares } from './equations';
import type { LabPicture } from './pixels';

const ROUNDS = 5;
/** Every how many places one is looked at. */
const EVERY = 7;
/** Farther than this from its fabric, as a share of the light, a place tells of prints and seams, not of the lamp. */
const FAR = 0.22;

/**
 * The picture in even light. Light that falls differently multiplies what is seen; in CIELAB a factor on the light is (nearly) one factor on L* + 16, a* and b*.
 * That factor is taken as a quadratic of the place, found by turns with the fabrics' colours: from the places of one colour alone.
 */
export function evened(picture: LabPicture): LabPicture {
  const { width, height } = picture;
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
    const [a, b, c, d, e] = light.solved() as [number, number, number, number, number];
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1) {
        const i = (y * width + x) * 3;
        const [u, v] = [(2 * x) / width - 1, (2 * y) / height - 1];
        const less = Math.exp(-(a * u + b * v + c * u * v + d * (u * u - 1 / 3) + e * (v * v - 1 / 3)));
        lab[i] = (lab[i]! + 16) * less - 16;
        lab[i + 1]! *= less;
        lab[i + 2]! *= less;
      }
  }
  return { width, height, lab };
}

const TERMS = 5;
/** None of them changes the light as a whole. */
const termsAt = (x: number, y: number): number[] => {
  const [u, v] = [2 * x - 1, 2 * y - 1];
  return [u, v, u * v, u * u - 1 / 3, v * v - 1 / 3];
};

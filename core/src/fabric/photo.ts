/** What a photo of a fabric tells (docs/craft.md, Value): its average, how loud it is at arm's length, and its main colours. */
import type { Lab } from 'culori/fn';
import { differenceCiede2000, formatHex, toLab } from '../ink/colour-spaces';

export interface PhotoReading {
  /** Average in CIELAB, as '#rrggbb', and its L*. */
  average: string;
  value: number;
  /** Spread of L* once what lies closer than a thirty-second of the picture has run together. */
  volume: number;
  /** Main colours with the share of the picture that each covers, largest first. */
  colours: { colour: string; share: number }[];
}

const farness = differenceCiede2000();
/** Main colours that are looked for, and how near two may be before they count as one. */
const MOST = 5;
const ALIKE = 9;
const ROUNDS = 12;

type Point = readonly [l: number, a: number, b: number];

/** Reads a picture of `side` by `side` pixels, three bytes each (red, green, blue), row by row. `side` is a multiple of 32. */
export function readPhoto(pixels: Uint8Array, side: number): PhotoReading {
  if (side % 32 !== 0 || pixels.length !== side * side * 3) throw new RangeError('a photo is read as a square of whole blocks');
  const points = Array.from({ length: side * side }, (_, i): Point => {
    const [r, g, b] = [0, 1, 2].map((k) => pixels[3 * i + k]! / 255) as [number, number, number];
    const lab = toLab({ mode: 'rgb', r, g, b });
    return [lab.l, lab.a, lab.b];
  });
  const average = mean(points);
  // Each block of pixels is what the eye makes of it from arm's length.
  const block = side / 32;
  const seen = Array.from({ length: 32 * 32 }, (_, i) => {
    const [column, row] = [i % 32, Math.floor(i / 32)];
    let sum = 0;
    for (let y = 0; y < block; y += 1)
      for (let x = 0; x < block; x += 1) sum += points[(row * block + y) * side + column * block + x]![0];
    return sum / (block * block);
  });
  const middle = seen.reduce((a, b) => a + b, 0) / seen.length;
  const volume = Math.sqrt(seen.reduce((sum, l) => sum + (l - middle) ** 2, 0) / seen.length);
  return { average: hexOf(average), value: average[0], volume, colours: mainColours(points) };
}

const mean = (points: readonly Point[]): Point =>
  [0, 1, 2].map((k) => points.reduce((sum, p) => sum + p[k]!, 0) / points.length) as unknown as Point;
const labOf = ([l, a, b]: Point): Lab => ({ mode: 'lab', l, a, b });
const hexOf = (p: Point) => formatHex(labOf(p));

/** Clusters of like colours (k-means, begun at even steps from dark to light so that no chance is in it); near ones joined. */
function mainColours(points: readonly Point[]): PhotoReading['colours'] {
  const sorted = [...points].sort((p, q) => p[0] - q[0]);
  let centres = Array.from({ length: MOST }, (_, k) => sorted[Math.floor(((k + 0.5) / MOST) * sorted.length)]!);
  let groups: Point[][] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    groups = centres.map(() => []);
    for (const p of points) groups[nearest(p, centres)]!.push(p);
    centres = centres.map((centre, k) => (groups[k]!.length > 0 ? mean(groups[k]!) : centre));
  }
  const found: { centre: Point; count: number }[] = [];
  const bySize = centres.map((centre, k) => ({ centre, count: groups[k]!.length })).sort((a, b) => b.count - a.count);
  for (const { centre, count } of bySize) {
    if (count === 0) continue;
    const same = found.find((f) => farness(labOf(f.centre), labOf(centre)) < ALIKE);
    if (same) same.count += count;
    else found.push({ centre, count });
  }
  return found
    .sort((a, b) => b.count - a.count)
    .map(({ centre, count }) => ({ colour: hexOf(centre), share: count / points.length }));
}

function nearest(p: Point, centres: readonly Point[]): number {
  let best = 0;
  let least = Infinity;
  centres.forEach((c, k) => {
    const far = (p[0] - c[0]) ** 2 + (p[1] - c[1]) ** 2 + (p[2] - c[2]) ** 2;
    if (far < least) [best, least] = [k, far];
  });
  return best;
}

/** Where a block lies in a photograph: what differs from the ground around it, as four straight sides. */
import { cross, doubleArea, hull } from '../block';
import { between, gathered, nearestOf, type Colour } from './colours';
import type { Corner, Corners } from './homography';
import { labOf, smaller, type LabPicture, type Pixels } from './pixels';

/** Pixels to the longer side: to find the block, and then to find its sides well. */
const ROUGH = 240;
const CLOSE = 900;
/** The picture's rim, as a share of its shorter side, shows the ground. */
const RIM = 0.04;
/** Nearer to a colour of the rim than this, a place is ground. */
const LEAST = 7;

/** The corners of the largest thing that lies on the ground, or the picture's own where nothing stands out. */
export function likelyCorners(picture: Pixels): Corners {
  const best = bestOf(picture, (outline) => {
    const corners = fourOf(outline);
    return { corners, fits: Math.abs(doubleArea(corners)) / Math.abs(doubleArea(outline)) };
  });
  return best ? refined(picture, best) : wholeOf(picture);
}

/** The corners of the smallest four sides around the largest thing that lies on the ground: of blocks on point, whose tips make its sides. */
export function cornersAround(picture: Pixels): Corners {
  const best = bestOf(picture, (outline) => {
    const corners = sidesAround(outline);
    return { corners, fits: Math.abs(doubleArea(outline)) / Math.abs(doubleArea(corners)) };
  });
  return best ?? wholeOf(picture);
}

const wholeOf = ({ width: w, height: h }: Pixels): Corners => [
  [0, 0],
  [w, 0],
  [w, h],
  [0, h],
];

/** The four corners, of those that an outline is given, that fit it best; clockwise from the top left. */
function bestOf(
  picture: Pixels,
  cornersOf: (outline: readonly Corner[]) => { corners: readonly Corner[]; fits: number },
): Corners | undefined {
  const { picture: rough, by } = smaller(picture, ROUGH);
  const { far, limits } = standsOut(labOf(rough));
  let best: { corners: readonly Corner[]; score: number } | undefined;
  for (const limit of limits) {
    const thing = largest(
      Uint8Array.from(far, (d) => Number(d > limit)),
      rough.width,
      rough.height,
    );
    if (thing.length < 0.02 * rough.width * rough.height) continue;
    const { corners, fits } = cornersOf(hull(thing));
    if (corners.length < 4) continue;
    const score = fits + LARGER * (thing.length / far.length);
    if (!best || score > best.score) best = { corners, score };
  }
  return best && inOrder(best.corners.map(([x, y]): Corner => [x * by, y * by]) as unknown as Corners);
}

/** Of two things that are as four-sided the larger is the block: the other is one of its fabrics. */
const LARGER = 0.1;
/** Beyond how many of the rim's own places something stands out, and by how many times their distance. */
const ALMOST_ALL = 0.99;
const BEYOND = 1.5;

/** How far each place is from all that the rim shows, and from where on it may be the block: by what parts two heaps, and by the rim's own spread. */
function standsOut({ width, height, lab }: LabPicture): { far: Float32Array; limits: number[] } {
  const colourAt = (i: number): Colour => [lab[3 * i]!, lab[3 * i + 1]!, lab[3 * i + 2]!];
  const edge = Math.max(2, Math.round(RIM * Math.min(width, height)));
  const rim: number[] = [];
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) if (Math.min(x, y, width - 1 - x, height - 1 - y) < edge) rim.push(y * width + x);
  const colours = gathered(rim.map(colourAt), { most: 6, apart: 5 });
  const far = new Float32Array(width * height);
  for (let i = 0; i < far.length; i += 1) far[i] = between(colourAt(i), colours[nearestOf(colourAt(i), colours)]!);
  const own = Float32Array.from(rim, (i) => far[i]!).sort();
  const spread = BEYOND * own[Math.floor(ALMOST_ALL * (own.length - 1))]!;
  return { far, limits: [0.5 * split(far), spread].map((limit) => Math.max(LEAST, limit)) };
}

/** The value that parts two heaps best (Otsu). */
function split(values: Float32Array): number {
  const BINS = 64;
  const most = values.reduce((a, b) => Math.max(a, b), 1);
  const bins = new Array<number>(BINS).fill(0);
  for (const v of values) bins[Math.min(BINS - 1, Math.floor((v / most) * BINS))]! += 1;
  const total = values.length;
  const sum = bins.reduce((s, n, i) => s + n * i, 0);
  let [best, at, low, lowSum] = [-1, 0, 0, 0];
  for (let i = 0; i < BINS; i += 1) {
    low += bins[i]!;
    lowSum += bins[i]! * i;
    if (low === 0 || low === total) continue;
    const apart = low * (total - low) * (lowSum / low - (sum - lowSum) / (total - low)) ** 2;
    if (apart > best) [best, at] = [apart, i];
  }
  return ((at + 1) / BINS) * most;
}

/** The places of the largest connected patch of ones. */
function largest(mask: Uint8Array, width: number, height: number): Corner[] {
  const seen = new Uint8Array(mask.length);
  let best: number[] = [];
  for (let start = 0; start < mask.length; start += 1) {
    if (!mask[start] || seen[start]) continue;
    const all = [start];
    seen[start] = 1;
    for (let k = 0; k < all.length; k += 1) {
      const [x, y] = [all[k]! % width, Math.floor(all[k]! / width)];
      // Over gaps of two places: a seam in the ground's colour parts nothing.
      for (let dy = -2; dy <= 2; dy += 1)
        for (let dx = -2; dx <= 2; dx += 1) {
          const [u, v] = [x + dx, y + dy];
          if (u < 0 || v < 0 || u >= width || v >= height) continue;
          const i = v * width + u;
          if (!mask[i] || seen[i]) continue;
          seen[i] = 1;
          all.push(i);
        }
    }
    if (all.length > best.length) best = all;
  }
  return best.map((i) => [(i % width) + 0.5, Math.floor(i / width) + 0.5]);
}

/** The four corners of a convex outline that enclose most. */
function fourOf(outline: readonly Corner[]): Corner[] {
  let best: Corner[] = [];
  let most = 0;
  for (let i = 0; i < outline.length; i += 1)
    for (let j = i + 2; j < outline.length; j += 1) {
      const side = (from: number, to: number) => {
        let [far, at] = [0, from];
        for (let k = from; k < to; k += 1) {
          const d = Math.abs(cross(outline[i]!, outline[j]!, outline[k % outline.length]!));
          if (d > far) [far, at] = [d, k];
        }
        return { far, corner: outline[at % outline.length]! };
      };
      const [one, other] = [side(i + 1, j), side(j + 1, i + outline.length)];
      if (one.far > 0 && other.far > 0 && one.far + other.far > most) {
        most = one.far + other.far;
        best = [outline[i]!, one.corner, outline[j]!, other.corner];
      }
    }
  return best;
}

/** Of an outline's sides so many, the longest, are tried. */
const SIDES = 14;

/** Where the four sides of an outline cross that enclose least; the outline is convex, so each of its sides leaves all of it to one side. */
function sidesAround(outline: readonly Corner[]): Corner[] {
  const long = ([a, b]: Line) => Math.hypot(b[0] - a[0], b[1] - a[1]);
  const all = outline.map((corner, i): Line => [corner, outline[(i + 1) % outline.length]!]);
  const least = [...all].sort((a, b) => long(b) - long(a))[Math.min(SIDES, all.length) - 1]!;
  const sides = all.filter((side) => long(side) >= long(least));
  let best: { corners: Corner[]; area: number } | undefined;
  const turn = (a: Line, b: Line) => (a[1][0] - a[0][0]) * (b[1][1] - b[0][1]) - (a[1][1] - a[0][1]) * (b[1][0] - b[0][0]);
  for (let i = 0; i < sides.length; i += 1)
    for (let j = i + 1; j < sides.length; j += 1)
      for (let k = j + 1; k < sides.length; k += 1)
        for (let l = k + 1; l < sides.length; l += 1) {
          const four = [sides[i]!, sides[j]!, sides[k]!, sides[l]!];
          // Each goes on to the next by less than half a turn, the same way as the outline.
          const ways = four.map((side, n) => Math.sign(turn(side, four[(n + 1) % 4]!)));
          if (ways[0] === 0 || ways.some((way) => way !== ways[0])) continue;
          const corners = four.map((side, n) => crossing(side, four[(n + 1) % 4]!)!);
          const area = Math.abs(doubleArea(corners));
          if (!best || area < best.area) best = { corners, area };
        }
  return best?.corners ?? [];
}

/** Clockwise, from the corner that lies most to the top left. */
function inOrder(corners: Corners): Corners {
  const [cx, cy] = [0, 1].map((k) => corners.reduce((s, c) => s + c[k]!, 0) / 4) as [number, number];
  const round = [...corners].sort((p, q) => Math.atan2(p[1] - cy, p[0] - cx) - Math.atan2(q[1] - cy, q[0] - cx));
  const first = round.reduce((best, c, i) => (c[0] + c[1] < round[best]![0] + round[best]![1] ? i : best), 0);
  return [0, 1, 2, 3].map((k) => round[(first + k) % 4]!) as unknown as Corners;
}

/** Looks along a side, and how far from it the true side may lie, as a share of the side. */
const LOOKS = 40;
const OFF = 0.035;

/** Each side laid along the strongest step from the ground to the block near it. */
function refined(picture: Pixels, corners: Corners): Corners {
  const { picture: close, by } = smaller(picture, CLOSE);
  const { width, height, lab } = labOf(close);
  const at = (x: number, y: number): Colour => {
    const u = Math.max(0, Math.min(width - 1, Math.floor(x)));
    const v = Math.max(0, Math.min(height - 1, Math.floor(y)));
    const i = (v * width + u) * 3;
    return [lab[i]!, lab[i + 1]!, lab[i + 2]!];
  };
  const mean = (all: readonly Colour[]) =>
    [0, 1, 2].map((k) => all.reduce((s, c) => s + c[k]!, 0) / all.length) as unknown as Colour;
  const sides = corners.map((corner, k) => {
    const [a, b] = [corner, corners[(k + 1) % 4]!].map(([x, y]): Corner => [x / by, y / by]) as [Corner, Corner];
    const long = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const [ux, uy] = [(b[0] - a[0]) / long, (b[1] - a[1]) / long];
    const far = Math.max(4, OFF * long);
    const steps: { along: number; off: number }[] = [];
    for (let look = 0; look < LOOKS; look += 1) {
      const along = (0.05 + (0.9 * (look + 0.5)) / LOOKS) * long;
      // Outside lies to the left of a side that is walked clockwise.
      const seen = (off: number, n: number) =>
        mean(Array.from({ length: n }, (_, i) => at(a[0] + ux * along + uy * (off + i), a[1] + uy * along - ux * (off + i))));
      let [best, offBest] = [0, 0];
      for (let off = -far; off <= far; off += 0.5) {
        const step = between(seen(off + 1, 4), seen(off - 5, 4));
        if (step > best) [best, offBest] = [step, off];
      }
      if (best > 6) steps.push({ along, off: offBest });
    }
    const { slope, start } = lineThrough(steps);
    const place = (along: number): Corner => [
      a[0] + ux * along + uy * (start + slope * along),
      a[1] + uy * along - ux * (start + slope * along),
    ];
    return [place(0), place(long)] as const;
  });
  const met = sides.map((side, k) => crossing(sides[(k + 3) % 4]!, side));
  if (met.some((m) => !m)) return corners;
  return met.map((m) => [m![0] * by, m![1] * by]) as unknown as Corners;
}

/** The line that most steps agree on: through every two of them, the one with the most others within two places; then the mean of those. */
function lineThrough(steps: readonly { along: number; off: number }[]): { slope: number; start: number } {
  let best = { slope: 0, start: 0, near: [] as typeof steps };
  for (let i = 0; i < steps.length; i += 1)
    for (let j = i + 4; j < steps.length; j += 1) {
      const slope = (steps[j]!.off - steps[i]!.off) / (steps[j]!.along - steps[i]!.along);
      const start = steps[i]!.off - slope * steps[i]!.along;
      const near = steps.filter((s) => Math.abs(s.off - start - slope * s.along) < 1.5);
      if (near.length > best.near.length) best = { slope, start, near };
    }
  const n = best.near.length;
  if (n < 5) return { slope: 0, start: 0 };
  const [mx, my] = [best.near.reduce((s, p) => s + p.along, 0) / n, best.near.reduce((s, p) => s + p.off, 0) / n];
  const slope =
    best.near.reduce((s, p) => s + (p.along - mx) * (p.off - my), 0) / best.near.reduce((s, p) => s + (p.along - mx) ** 2, 0);
  return { slope, start: my - slope * mx };
}

type Line = readonly [Corner, Corner];
function crossing([a, b]: Line, [c, d]: Line): Corner | undefined {
  const under = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]);
  if (Math.abs(under) < 1e-9) return undefined;
  const t = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / under;
  return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])];
}

/** How a block lies a little beside its grid: what a lens bends, corners that were not set well, seam allowances beyond the outer seams. */
import type { Leaf } from './cells';
import type { Colour } from './colours';
import { LeastSquares } from './equations';
import { clockwise, shared } from './outlines';
import type { LabPicture } from './pixels';
import { PER_CELL } from '../block';
import type { Lattice } from './lattice';
import type { Place } from './seam-evidence';

/** Takes a place of the block, from 0 to 1 across and down, to a place of its picture. */
export type Bend = (place: Place) => Place;

/** As a lattice lies by itself: evenly within its margin. */
export const unbent =
  ({ margin }: Pick<Lattice, 'margin'>): Bend =>
  ([x, y]) => [margin + x * (1 - 2 * margin), margin + y * (1 - 2 * margin)];

/** A part of one square counts as of one fabric when so much of it is. */
const MOSTLY = 0.8;
/** An edge is looked for so far from its place, in places of the picture at most, and as a share of a square. */
const REACH = 18;
const OF_A_SQUARE = 0.4;
/** How much of a seam's length is left out at each end, where other seams cross. */
const ENDS = 0.15;
/** An edge between two fabrics is one when what is seen differs from a step by no more, of the step's square, on average. */
const CLEAR = 0.08;
/** Fewer edges than this tell nothing. */
const FEWEST = 6;
/** How strongly each term is held at nothing: shift, stretch and turn hardly, bends more. */
const STIFF = [0.02, 0.02, 0.02, 0.3, 0.3, 0.3, 0.3];
const ROUNDS = 3;
/** An edge that lies so many places off what the others say counts half. */
const ASTRAY = 1.5;

/**
 * The bend under which the edges between fabrics lie where the leaves say. Each edge's distance from its place is measured along its normal, and a shift, a
 * stretch, a turn, a quadratic and the lens's cubic are fitted to them all.
 */
export function bendOf(picture: LabPicture, lattice: Lattice, leaves: readonly Leaf[], colours: readonly Colour[]): Bend {
  const { width, height } = picture;
  const { columns, rows } = lattice;
  const edges = edgesOf(leaves);
  const reach = Math.min(REACH, Math.floor((OF_A_SQUARE * Math.min(width, height)) / Math.max(columns, rows)));
  const share = ([x, y]: Place): Place => [x / (columns * PER_CELL), y / (rows * PER_CELL)];
  let bend = unbent(lattice);
  for (let round = 0; round < ROUNDS; round += 1) {
    const now = bend;
    const off = edges.flatMap(({ from, to, right, left }) => {
      const [a, b] = [share(from), share(to)];
      const found = edgeBeside(picture, now(a), now(b), [colours[right]!, colours[left]!], reach);
      return found === undefined ? [] : [{ at: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as const, ...found }];
    });
    if (off.length < FEWEST) return bend;
    const terms = fitted(off);
    bend = (place) => {
      const [x, y] = now(place);
      const [dx, dy] = moved(terms, place);
      return [x + dx / width, y + dy / height];
    };
  }
  return bend;
}

interface Off {
  at: Place;
  /** The direction in which the edge lies off, of length 1, and how many places. */
  normal: Place;
  off: number;
}

const termsAt = ([x, y]: Place) => {
  const [u, v] = [2 * x - 1, 2 * y - 1];
  const r = u * u + v * v;
  return { across: [1, u, v, u * u, u * v, v * v, u * r], down: [1, u, v, u * u, u * v, v * v, v * r] };
};

function moved(terms: readonly number[], place: Place): [number, number] {
  const { across, down } = termsAt(place);
  const sum = (of: readonly number[], from: number) => of.reduce((s, term, i) => s + term * terms[from + i]!, 0);
  return [sum(across, 0), sum(down, across.length)];
}

function fitted(all: readonly Off[]): number[] {
  let terms: number[] = [];
  for (let round = 0; round < 4; round += 1) {
    const system = new LeastSquares([...STIFF, ...STIFF]);
    for (const { at, normal, off } of all) {
      const [dx, dy] = round === 0 ? [0, 0] : moved(terms, at);
      const left = off - dx * normal[0] - dy * normal[1];
      const weight = round === 0 ? 1 / (1 + (off / 12) ** 2) : 1 / (1 + (left / ASTRAY) ** 2);
      const { across, down } = termsAt(at);
      system.add([...across.map((t) => t * normal[0]), ...down.map((t) => t * normal[1])], off, weight);
    }
    terms = system.solved();
  }
  return terms;
}

/** Where leaves of two fabrics meet, and which label lies on each side. */
function edgesOf(leaves: readonly Leaf[]) {
  const parts = leaves.flatMap(({ points, counts }) => {
    const most = counts.indexOf(Math.max(...counts));
    const all = counts.reduce((sum, n) => sum + n, 0);
    return all > 0 && counts[most]! >= MOSTLY * all ? [{ points: clockwise(points), label: most }] : [];
  });
  return parts.flatMap((a, i) =>
    parts.slice(i + 1).flatMap((b) => {
      const met = a.label === b.label ? undefined : shared(a.points, b.points);
      // Along its own outline, clockwise as it is seen, a patch lies to the right.
      return met
        ? [
            {
              ...met,
              ...(runs(a.points, met.from, met.to) ? { right: a.label, left: b.label } : { right: b.label, left: a.label }),
            },
          ]
        : [];
    }),
  );
}

/** Whether a polygon's outline runs from one of these to the other. */
function runs(polygon: readonly Place[], from: Place, to: Place): boolean {
  const cx = polygon.reduce((s, p) => s + p[0], 0) / polygon.length;
  const cy = polygon.reduce((s, p) => s + p[1], 0) / polygon.length;
  return (to[0] - from[0]) * (cy - from[1]) - (to[1] - from[1]) * (cx - from[0]) > 0;
}

/** Where the step between two colours lies beside its place; undefined where there is none that is clear. */
function edgeBeside(
  picture: LabPicture,
  from: Place,
  to: Place,
  [right, left]: readonly [Colour, Colour],
  reach: number,
): Pick<Off, 'normal' | 'off'> | undefined {
  const { width, height, lab } = picture;
  const [ax, ay, bx, by] = [from[0] * width, from[1] * height, to[0] * width, to[1] * height];
  const long = Math.hypot(bx - ax, by - ay);
  const [ux, uy] = [(bx - ax) / long, (by - ay) / long];
  // To the right of the line as it runs, with y downwards.
  const normal = [-uy, ux] as const;
  const step = left.map((n, k) => right[k]! - n) as unknown as Colour;
  const square = step[0] ** 2 + step[1] ** 2 + step[2] ** 2;
  const seen: number[] = [];
  for (let o = -reach; o <= reach; o += 1) {
    let [sum, n] = [0, 0];
    for (let along = ENDS * long; along <= (1 - ENDS) * long; along += 1) {
      const x = Math.floor(ax + ux * along + normal[0] * o);
      const y = Math.floor(ay + uy * along + normal[1] * o);
      if (x < 0 || y < 0 || x >= width || y >= height) continue;
      const i = (y * width + x) * 3;
      for (let k = 0; k < 3; k += 1) sum += (lab[i + k]! - left[k]!) * step[k]!;
      n += 1;
    }
    seen.push(n === 0 ? NaN : sum / n / square);
  }
  // From nothing to one: where the two are told apart with the least amiss.
  let best = { off: 0, amiss: Infinity };
  for (let at = 2; at < seen.length - 2; at += 1) {
    let [amiss, n] = [0, 0];
    for (const [o, share] of seen.entries()) {
      if (Number.isNaN(share)) continue;
      amiss += Math.min(1, (share - (o < at ? 0 : 1)) ** 2);
      n += 1;
    }
    if (amiss / n < best.amiss) best = { off: at - 0.5 - reach, amiss: amiss / n };
  }
  return best.amiss < CLEAR ? { normal, off: best.off } : undefined;
}

/** The picture laid on its grid: the block's outer seams are its edges, and its grid lines are straight. */
export function laidOn({ width, height, lab }: LabPicture, bend: Bend): LabPicture {
  const laid = new Float32Array(lab.length);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const [u, v] = bend([(x + 0.5) / width, (y + 0.5) / height]);
      const px = Math.max(0, Math.min(width - 1.001, u * width - 0.5));
      const py = Math.max(0, Math.min(height - 1.001, v * height - 0.5));
      const [x0, y0] = [Math.floor(px), Math.floor(py)];
      const [fx, fy] = [px - x0, py - y0];
      const from = (y0 * width + x0) * 3;
      const to = (y * width + x) * 3;
      for (let k = 0; k < 3; k += 1) {
        const [a, b] = [lab[from + k]!, lab[from + 3 + k]!];
        const [c, d] = [lab[from + width * 3 + k]!, lab[from + width * 3 + 3 + k]!];
        laid[to + k] = (a * (1 - fx) + b * fx) * (1 - fy) + (c * (1 - fx) + d * fx) * fy;
      }
    }
  return { width, height, lab: laid };
}

/** The straight lines that cross a convex part without cutting a patch, and which of them to sew last. */
import { heading } from './odd-seams';
import { hull } from '../block';
import { extent, pictureOf, pictureText, straightened, type LaidPatch } from './picture';

/** Parts between parallel seams, from the left or from the top. */
export interface Split {
  direction: readonly [number, number];
  parts: LaidPatch[][];
  /** Equal steps of a regular grid that leaves out other seams. */
  coarse?: boolean;
  /** A square section with a part on either side. */
  framed?: boolean;
  /** The parts' own parts where the whole is a grid of sections that are all alike. */
  cells?: LaidPatch[][][];
}

/** What a choice of seams is called: 'h', 'v2' for two equal parts, 'hc' for a square middle with a part on either side. */
export function splitName({ direction: [dx, dy], parts, coarse, framed }: Split): string {
  const way = dy === 0 ? 'h' : dx === 0 ? 'v' : dx * dy > 0 ? 'd' : 'a';
  return `${way}${framed ? 'c' : coarse ? parts.length : ''}`;
}

/** Parts of more patches than this are compared by size alone. */
const COMPARED = 100;

/** Every direction in which straight seams cross a convex part; for the grid's directions, coarser regular divisions too. */
export function splitsOf(laid: readonly LaidPatch[]): Split[] {
  const directions = new Map<string, readonly [number, number]>();
  for (const { points } of laid)
    points.forEach((p, i) => {
      const q = points[(i + 1) % points.length]!;
      const direction = heading(q[0] - p[0], q[1] - p[1]);
      directions.set(direction.join(), direction);
    });
  return [...directions.values()].flatMap((direction) => {
    const { parts, ends } = sweep(laid, direction);
    if (parts.length === 1) return [];
    const all: Split = { direction, parts };
    return [all, ...regular(all, ends), ...framed(all)];
  });
}

/** Across a direction: left to right for upright and slanting lines, top to bottom for level ones. */
function across([dx, dy]: readonly [number, number]): (x: number, y: number) => number {
  return dy === 0 ? (_, y) => y : (x, y) => x * dy - y * dx;
}

/** Sweeps over the patches: a seam lies wherever all earlier ones have ended. */
function sweep(laid: readonly LaidPatch[], direction: readonly [number, number]): { parts: LaidPatch[][]; ends: number[] } {
  const at = across(direction[1] < 0 ? [-direction[0], -direction[1]] : direction);
  const spans = laid
    .map((p) => {
      let [near, far] = [Infinity, -Infinity];
      for (const [x, y] of p.points) {
        const t = at(x, y);
        if (t < near) near = t;
        if (t > far) far = t;
      }
      return { p, near, far };
    })
    .sort((a, b) => a.near - b.near);
  const parts: LaidPatch[][] = [];
  const ends: number[] = [spans[0]!.near];
  let reach = -Infinity;
  for (const { p, near, far } of spans) {
    if (near >= reach) {
      if (parts.length > 0) ends.push(reach);
      parts.push([]);
    }
    parts.at(-1)!.push(p);
    reach = Math.max(reach, far);
  }
  ends.push(reach);
  return { parts, ends };
}

/** Divisions into two, three or four equal parts that use some of the seams only. */
function regular({ direction, parts }: Split, ends: readonly number[]): Split[] {
  const [start, whole] = [ends[0]!, ends.at(-1)! - ends[0]!];
  return [2, 3, 4].flatMap((n) => {
    if (n >= parts.length) return [];
    const cuts = Array.from({ length: n - 1 }, (_, i) => ends.indexOf(start + (whole * (i + 1)) / n));
    if (cuts.some((i) => i < 0)) return [];
    const bounds = [0, ...cuts, parts.length];
    const grouped = cuts.concat(parts.length).map((end, i) => parts.slice(bounds[i], end).flat());
    return [{ direction, parts: grouped, coarse: true }];
  });
}

/** The first part, all between as one square section, and the last. */
function framed({ direction, parts }: Split): Split[] {
  if (parts.length < 4) return [];
  const middle = parts.slice(1, -1).flat();
  const [, , w, h] = extent(middle);
  return w === h ? [{ direction, parts: [parts[0]!, middle, parts.at(-1)!], framed: true }] : [];
}

/**
 * What makes one way of taking a part apart better than another, one difference after the other, each worked out only when the ones
 * before it decide nothing: seams along its edges; parts that are units already; parts all alike, or at least equal; few different
 * ones; few at all. The last one settles draws the same way however the part lies.
 */
export function ranking(
  laid: readonly LaidPatch[],
  isUnit: ((part: readonly LaidPatch[]) => boolean) | undefined,
  signature: (parts: readonly (readonly LaidPatch[])[]) => string,
): ((split: Split) => number | string)[] {
  const outline = hull(laid.flatMap((p) => [...p.points]));
  const edges = new Set(
    outline.map((p, i) => {
      const q = outline[(i + 1) % outline.length]!;
      return heading(q[0] - p[0], q[1] - p[1]).join();
    }),
  );
  const few = laid.length <= COMPARED;
  const sewn = once(({ parts }) => (isUnit && few ? parts.filter((part) => part.length > 1 && isUnit(part)).length : 0));
  const kinds = once(({ parts }) => (few ? different(parts) : 1));
  return [
    ({ direction }) => (edges.has(direction.join()) ? 0 : 1),
    // A coarse division is worth it where it shows units, or a grid of sections that are all alike; else take every seam at once.
    (split) => ((split.framed ? sewn(split) >= 2 : !split.coarse || sewn(split) > 0 || (few && likeCells(split))) ? 0 : 1),
    (split) => (split.framed ? 0 : 1),
    (split) => (sewn(split) === split.parts.length ? 0 : 1),
    (split) => (split.coarse && sewn(split) === 0 ? 0 : 1),
    (split) => (even(split.parts) ? 0 : 1),
    kinds,
    ({ parts }) => parts.length,
    ({ parts }) => (few ? signature(parts) : ''),
  ];
}

function once(work: (split: Split) => number): (split: Split) => number {
  const known = new Map<Split, number>();
  return (split) => {
    let n = known.get(split);
    if (n === undefined) known.set(split, (n = work(split)));
    return n;
  };
}

/** Whether a regular division goes on across: into cells of several patches that are all alike but for turning. */
export function likeCells(split: Split): boolean {
  const {
    direction: [dx, dy],
    parts,
  } = split;
  const rows: LaidPatch[][][] = [];
  for (const part of parts) {
    const { parts: pieces, ends } = sweep(part, [dy, dx]);
    const own = regular({ direction: [dy, dx], parts: pieces }, ends).find((s) => s.parts.length === parts.length);
    if (!own || (dx !== 0 && dy !== 0)) return false;
    rows.push(own.parts);
  }
  const cells = rows.flat();
  const like = cells.every((cell) => cell.length === cells[0]!.length) && even(cells) && different(cells) === 1;
  if (like) split.cells = rows;
  return like;
}

/** Whether all parts cover equal boxes. */
function even(parts: readonly LaidPatch[][]): boolean {
  const [, , w, h] = extent(parts[0]!);
  return parts.every((part) => {
    const [, , pw, ph] = extent(part);
    return pw === w && ph === h;
  });
}

/** How many different parts there are when turned ones count as like. */
function different(parts: readonly LaidPatch[][]): number {
  // Most differ by size or by count already, and need no look at their pictures.
  const roughly = new Map<string, LaidPatch[][]>();
  for (const part of parts) {
    const [, , w, h] = extent(part);
    const key = `${part.length} ${Math.min(w, h)} ${Math.max(w, h)}`;
    roughly.set(key, [...(roughly.get(key) ?? []), part]);
  }
  return [...roughly.values()].reduce((n, like) => n + (like.length === 1 ? 1 : new Set(like.map(turnless)).size), 0);
}

/** The same for a picture in its four turns; a mirror image is another part to sew. */
function turnless(part: readonly LaidPatch[]): string {
  const picture = pictureOf(part);
  return [0, 1, 2, 3].map((quarters) => pictureText(straightened(picture, quarters, false))).sort()[0]!;
}

/** Unfinished sizes of parts: the checkpoint that every node of the seam tree carries (docs/craft.md, Checkpoints). */
import { hull, type Point, type Polygon } from '../block';
import { Exact, ratio } from '../measure';
import { fillsItsBox } from './recognise';
import { pictureOf, pictureTick, type LaidPatch } from './picture';

export interface PartSize {
  w: Exact;
  h: Exact;
  /** Measured along its own edges, which lie at 45° to the block's. */
  onPoint: boolean;
}

/** A part's size with its seam allowance on all sides: of its own edges where it is a rectangle, else of the box around it. */
export function unfinishedSize(laid: readonly LaidPatch[], tick: Exact, seam: Exact): PartSize {
  for (const onPoint of [false, true]) {
    const picture = pictureOf(laid, onPoint);
    if (fillsItsBox(picture)) {
      const own = pictureTick(tick, onPoint);
      const side = (ticks: number) => own.times(ticks).plus(seam.times(2));
      return { w: side(picture.w), h: side(picture.h), onPoint };
    }
  }
  const outline = grown(hull(laid.flatMap((p) => [...p.points])), tick, seam);
  const span = (axis: 0 | 1) => {
    const sorted = outline.map((p) => p[axis]).sort((a, b) => a.compare(b));
    return sorted.at(-1)!.minus(sorted[0]!);
  };
  return { w: span(0), h: span(1), onPoint: false };
}

/** A convex outline with s all round, corners mitred. */
function grown(outline: Polygon, tick: Exact, s: Exact): (readonly [Exact, Exact])[] {
  return outline.map((p, i) => {
    const before = normal(outline[(i + outline.length - 1) % outline.length]!, p);
    const after = normal(p, outline[(i + 1) % outline.length]!);
    const closeness = before[0].times(after[0]).plus(before[1].times(after[1])).plus(1);
    const out = (axis: 0 | 1) => tick.times(p[axis]).plus(before[axis].plus(after[axis]).times(s).over(closeness));
    return [out(0), out(1)] as const;
  });
}

/** The outward unit normal of a clockwise edge: exact for edges on the grid and at 45°, good to nine digits for others. */
function normal(p: Point, q: Point): readonly [Exact, Exact] {
  const [dx, dy] = [q[0] - p[0], q[1] - p[1]];
  const length = Math.hypot(dx, dy);
  const part = (n: number, m: number) => {
    if (n === 0) return Exact.zero;
    if (m === 0) return Exact.of(Math.sign(n));
    if (Math.abs(n) === Math.abs(m)) return Exact.root2.over(2 * Math.sign(n));
    return Exact.of(ratio(Math.round((n / length) * 1e9), 1_000_000_000));
  };
  return [part(dy, dx), part(-dx, dy)];
}

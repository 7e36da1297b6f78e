/** An independent checker for plans: it knows only cloth, pieces and a ruler, and nothing of how a plan is made. */
import { ratio, type Rational } from '../src/measure';
import type { FabricPlan, Piece, Rect, SheetPlan, Strip } from '../src/cutting';

const end = (r: Rect) => ({ x: r.x.add(r.w), y: r.y.add(r.h) });

/** Everything that is wrong with a plan, in sentences; empty when a cutting room could follow it. */
export function faultsOf(plan: FabricPlan | SheetPlan): string[] {
  const faults: string[] = [];
  const sheets = 'sheets' in plan;
  const strips = sheets ? plan.sheets : plan.strips;
  for (const strip of strips) faults.push(...faultsOfStrip(strip, plan, sheets ? plan.usableLength : strip.length));
  const cut = new Map<string, number>();
  for (const { repeat, rects } of strips) for (const { label } of rects) cut.set(label, (cut.get(label) ?? 0) + repeat);
  const surplus = new Map(plan.surplus.map((s) => [s.label, s.qty]));
  for (const { label, qty } of plan.demand)
    if ((cut.get(label) ?? 0) !== qty + (surplus.get(label) ?? 0))
      faults.push(`${label}: the pieces are not those wanted and named`);
  if (sheets) {
    if (strips.reduce((n, s) => n + s.repeat, 0) !== plan.sheetsNeeded) faults.push('the sheets are not as many as said');
    if (plan.lowerBound > plan.sheetsNeeded) faults.push('fewer sheets than can be');
  } else {
    const length = strips.reduce((sum, s) => sum.add(s.length.mul(s.repeat)), ratio(0));
    if (!length.equals(plan.lengthNeeded)) faults.push('the strips do not add up to the length');
    if (plan.lowerBound > length.valueOf()) faults.push('shorter than can be');
  }
  return faults;
}

function faultsOfStrip(strip: Strip, plan: { demand: readonly Piece[]; usableWidth: Rational }, length: Rational): string[] {
  const faults: string[] = [];
  const pieces = new Map(plan.demand.map((p) => [p.label, p]));
  if (strip.repeat < 1 || !Number.isInteger(strip.repeat)) faults.push(`a strip is cut ${strip.repeat} times`);
  for (const rect of strip.rects) {
    const { x, y } = end(rect);
    if (rect.x.compare(0) < 0 || rect.y.compare(0) < 0 || x.compare(plan.usableWidth) > 0 || y.compare(length) > 0)
      faults.push(`${rect.label} leaves the cloth`);
    const piece = pieces.get(rect.label);
    const upright = piece && rect.w.equals(piece.w) && rect.h.equals(piece.h);
    const turned = piece?.turnable && rect.w.equals(piece.h) && rect.h.equals(piece.w);
    if (!upright && !turned) faults.push(`${rect.label} has the wrong size or direction`);
  }
  strip.rects.forEach((a, i) =>
    strip.rects.slice(i + 1).forEach((b) => overlap(a, b) && faults.push(`${a.label} overlaps ${b.label}`)),
  );
  if (!reachable(strip.rects)) faults.push('a strip cannot be cut edge to edge');
  return faults;
}

function overlap(a: Rect, b: Rect): boolean {
  const [p, q] = [end(a), end(b)];
  return a.x.compare(q.x) < 0 && b.x.compare(p.x) < 0 && a.y.compare(q.y) < 0 && b.y.compare(p.y) < 0;
}

/** Whether edge-to-edge cuts alone free every piece: split where no piece is crossed, and again, down to single pieces. */
function reachable(rects: readonly Rect[]): boolean {
  if (rects.length <= 1) return true;
  for (const axis of ['x', 'y'] as const) {
    const parts = split(rects, axis);
    if (parts.length > 1) return parts.every(reachable);
  }
  return false;
}

function split(rects: readonly Rect[], axis: 'x' | 'y'): Rect[][] {
  const parts: Rect[][] = [];
  let reach: Rational | undefined;
  for (const rect of [...rects].sort((a, b) => a[axis].compare(b[axis]))) {
    if (!reach || rect[axis].compare(reach) >= 0) parts.push([]);
    parts.at(-1)!.push(rect);
    const far = end(rect)[axis];
    reach = !reach || far.compare(reach) > 0 ? far : reach;
  }
  return parts;
}

/**
 * The true shortest length for a handful of small pieces, by trying every place on a whole-number grid: any layout at all,
 * not only strips. For `width` and sides of a few units.
 */
export function shortestLength(pieces: readonly { w: number; h: number; turnable: boolean }[], width: number): number {
  const stacked = pieces.reduce((sum, p) => sum + Math.max(p.w, p.h), 0);
  for (let length = 0; length <= stacked; length += 1) {
    if (
      fits(
        Array.from({ length }, () => new Array<boolean>(width).fill(false)),
        [...pieces],
      )
    )
      return length;
  }
  throw new Error('a piece is wider than the cloth');
}

function fits(cloth: boolean[][], pieces: { w: number; h: number; turnable: boolean }[]): boolean {
  const [piece, ...rest] = pieces;
  if (!piece) return true;
  const lies = piece.turnable ? [[piece.w, piece.h] as const, [piece.h, piece.w] as const] : [[piece.w, piece.h] as const];
  for (const [w, h] of lies)
    for (let y = 0; y + h <= cloth.length; y += 1)
      for (let x = 0; x + w <= (cloth[0]?.length ?? 0); x += 1) {
        const spots = Array.from({ length: w * h }, (_, i) => [y + Math.floor(i / w), x + (i % w)] as const);
        if (spots.some(([r, c]) => cloth[r]![c])) continue;
        for (const [r, c] of spots) cloth[r]![c] = true;
        if (fits(cloth, rest)) return true;
        for (const [r, c] of spots) cloth[r]![c] = false;
      }
  return false;
}

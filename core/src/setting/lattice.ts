/** Blocks in rows, upright or on point, with the sashing between them. */
import { Exact } from '../measure';
import { cellOf, layBlocks, type LatticeSpot } from './cells';
import { onPointToQuilt, rectangle, straightToQuilt, type LaidPart, type LaidPlace, type ToQuilt } from './lay';
import { type SetBlock, type Setting, SettingError, settingKind } from './setting';
import { words } from './words';
import type { SettingKindEntry } from './kinds';

export interface Top {
  /** Finished size without borders. */
  w: Exact;
  h: Exact;
  places: LaidPlace[];
  parts: LaidPart[];
}

/** A cell of the lattice; its column and row count along the blocks' edges and may be negative on point. */
interface LatticeCell {
  column: number;
  row: number;
  at: string;
  /** A plain square of fabric instead of a block. */
  plain: boolean;
}

/** A top of blocks in a lattice. Throws SettingError. */
export function latticeTop(setting: Setting, blocks: readonly SetBlock[]): Top {
  const cell = cellOf(setting, blocks);
  const { lie: way, plain, sashed } = settingKind(setting.kind);
  const onPoint = way === 'on point';
  // Blocks of a single row on point meet at their tips alone: there is nothing between them to sash.
  const apart = onPoint && Math.min(setting.across, setting.down) === 1 && !setting.sashing?.outer;
  const sashing = !sashed || apart ? undefined : setting.sashing;
  const t = Exact.of(sashing?.finished ?? 0);
  const out = sashing?.outer ? t : Exact.zero;
  const [pu, pv] = [cell.w.plus(t), cell.h.plus(t)];
  const cells = onPoint ? pointCells(setting, plain) : straightCells(setting, plain);
  if (cells.some((c) => c.plain) && !setting.alternate)
    throw new SettingError('/alternate', words.alternateBlocksArePlainNameThe);

  // On point the topmost tip lies on the upper edge, and the leftmost on the left one.
  const lie: ToQuilt = onPoint
    ? onPointToQuilt(out.times(2).plus(cell.h).times(Exact.of(0, '1/2')), Exact.root2.times(out))
    : straightToQuilt(out, out);
  const spots = cells.map(({ column, row, at }): LatticeSpot => ({ at, column, row, u: pu.times(column), v: pv.times(row) }));
  const pieced = spots.filter((_, i) => !cells[i]!.plain);
  const { places, parts } = layBlocks(setting, blocks, pieced, cell, lie);
  const plains = spots.filter((_, i) => cells[i]!.plain);
  for (const { at, u, v } of plains)
    parts.push({
      ...{ name: 'alternate block', role: setting.alternate!.role, group: 'alternate', place: at, sub: 'none' },
      outline: rectangle(lie, u, v, cell.w, cell.h),
      size: [cell.w, cell.h],
    });
  if (sashing && t.sign() > 0) parts.push(...sashes(setting, cells, [cell.w, cell.h], t, lie));
  const [c, r] = [setting.across, setting.down];
  if (!onPoint)
    return { w: pu.times(c).minus(t).plus(out.times(2)), h: pv.times(r).minus(t).plus(out.times(2)), places, parts };
  parts.push(...settingTriangles(setting, cell.w, t, out));
  const float = Exact.of(setting.triangles!.float).times(2);
  const across = (n: number) => Exact.root2.times(pu.times(n).minus(t).plus(out.times(2)));
  return floated({ w: across(c), h: across(r), places, parts }, float.over(2));
}

function straightCells({ across, down }: Setting, plains: SettingKindEntry['plain']): LatticeCell[] {
  return Array.from({ length: across * down }, (_, i) => {
    const [column, row] = [i % across, Math.floor(i / across)];
    const plain = plains === 'in turn' && (column + row) % 2 === 1;
    return { column, row, at: `${column + 1},${row + 1}`, plain };
  });
}

/** Row by row from the top: the places that touch the edges, and between their rows those between four of them. */
function pointCells({ across, down, alternate }: Setting, plains: SettingKindEntry['plain']): LatticeCell[] {
  const cells: LatticeCell[] = [];
  for (let j = 0; j < down; j += 1) {
    for (let i = 0; i < across; i += 1) cells.push({ column: i + j, row: j - i, at: `${i + 1},${j + 1}`, plain: false });
    if (j < down - 1)
      for (let i = 0; i < across - 1; i += 1)
        cells.push({
          column: i + j + 1,
          row: j - i,
          at: `${i + 1}.5,${j + 1}.5`,
          plain: plains !== 'none' && alternate !== undefined,
        });
  }
  return cells;
}

/**
 * Sashes and cornerstones between the cells, and outside them where the setting says so. Without cornerstones the upright sashes are a
 * block long and the level ones run through.
 */
function sashes(
  { sashing, cornerstone }: Setting,
  cells: readonly LatticeCell[],
  [w, h]: readonly [Exact, Exact],
  t: Exact,
  lie: ToQuilt,
): LaidPart[] {
  const { role, outer } = sashing!;
  const taken = new Set(cells.map((c) => `${c.column} ${c.row}`));
  const at = (column: number, row: number) => taken.has(`${column} ${row}`);
  /** A gap is sewn where cells lie on both sides of it, or on one where the outside is sashed. */
  const sewn = (...sides: boolean[]) => (outer ? sides.some(Boolean) : sides.every(Boolean));
  const u = (column: number) => w.plus(t).times(column);
  const v = (row: number) => h.plus(t).times(row);
  const parts: LaidPart[] = [];
  const put = (name: string, of: string, x: Exact, y: Exact, pw: Exact, ph: Exact) =>
    parts.push({
      ...{ name, role: of, group: 'sashing', sub: 'none' },
      outline: rectangle(lie, x, y, pw, ph),
      size: [pw, ph],
    });
  const columns = cells.map((c) => c.column);
  const rows = cells.map((c) => c.row);
  const [c0, c1] = [Math.min(...columns), Math.max(...columns)];
  const [r0, r1] = [Math.min(...rows), Math.max(...rows)];
  for (let row = r0; row <= r1; row += 1)
    for (let column = c0; column <= c1 + 1; column += 1)
      if (sewn(at(column - 1, row), at(column, row))) put('sashing', role, u(column).minus(t), v(row), t, h);
  for (let row = r0; row <= r1 + 1; row += 1) {
    // A run of level sashes with the crossings between them, from one end to the other.
    let from: Exact | undefined;
    let to = Exact.zero;
    const run = (x: Exact, length: Exact) => {
      from ??= x;
      to = x.plus(length);
    };
    for (let column = c0; column <= c1 + 1; column += 1) {
      if (sewn(at(column - 1, row - 1), at(column, row - 1), at(column - 1, row), at(column, row))) {
        if (cornerstone) put('cornerstone', cornerstone.role, u(column).minus(t), v(row).minus(t), t, t);
        else run(u(column).minus(t), t);
      }
      if (column > c1 || !sewn(at(column, row - 1), at(column, row))) continue;
      if (cornerstone) put('sashing', role, u(column), v(row).minus(t), w, t);
      else run(u(column), w);
    }
    if (from) put('sashing', role, from, v(row).minus(t), to.minus(from), t);
  }
  return parts;
}

/** Side triangles stand with their long side on the edge, corner triangles with their short sides (docs/craft.md, Setting a quilt). */
function settingTriangles({ triangles, across, down }: Setting, b: Exact, t: Exact, out: Exact): LaidPart[] {
  if (!triangles) throw new SettingError('/triangles', words.aQuiltOnPointNeedsSide);
  const leg = b.plus(t);
  const step = Exact.root2.times(leg);
  /** Along the edge from its corner to the first tip; the corner triangle's long side is a block with its outer sashing. */
  const end = b.plus(out.times(2)).times(Exact.of(0, '1/2'));
  const [w, h] = [across, down].map((n) => step.times(n - 1).plus(end.times(2))) as [Exact, Exact];
  const deep = step.over(2);
  const zero = Exact.zero;
  const F = Exact.of(triangles.float);
  const parts: LaidPart[] = [];
  const side = (...outline: [Exact, Exact][]) =>
    parts.push({
      ...{ name: 'side triangle', role: triangles.role, group: 'triangles', sub: 'twice', outline },
      size: [step.plus(F.times(2)), step.plus(F.times(2))],
    });
  const corner = (...outline: [Exact, Exact][]) =>
    parts.push({
      ...{ name: 'corner triangle', role: triangles.role, group: 'triangles', sub: 'once', outline },
      size: [end.plus(F.times(2)), end.plus(F.times(2))],
    });
  for (let i = 0; i < across - 1; i += 1) {
    const [a, z] = [end.plus(step.times(i)), end.plus(step.times(i + 1))];
    side([a, zero], [z, zero], [a.plus(deep), deep]);
    side([a, h], [a.plus(deep), h.minus(deep)], [z, h]);
  }
  for (let j = 0; j < down - 1; j += 1) {
    const [a, z] = [end.plus(step.times(j)), end.plus(step.times(j + 1))];
    side([zero, a], [deep, a.plus(deep)], [zero, z]);
    side([w, a], [w, z], [w.minus(deep), a.plus(deep)]);
  }
  corner([zero, zero], [end, zero], [zero, end]);
  corner([w, zero], [w, end], [w.minus(end), zero]);
  corner([w, h], [w.minus(end), h], [w, h.minus(end)]);
  corner([zero, h], [zero, h.minus(end)], [end, h]);
  return parts;
}

/** The top with that much more round it, out of triangles that were cut so much larger. */
function floated(top: Top, by: Exact): Top {
  if (by.sign() === 0) return top;
  const moved = <T extends LaidPart | LaidPlace>(x: T): T => ({
    ...x,
    outline: x.outline.map(([px, py]) => [px.plus(by), py.plus(by)] as const),
  });
  return {
    w: top.w.plus(by.times(2)),
    h: top.h.plus(by.times(2)),
    places: top.places.map(moved),
    parts: top.parts.map(moved),
  };
}

/** What each group of equal pieces of a list is, held against the ways that the list means. */
import { construct, type Construction, type Sub } from '../construction';
import { Exact, ratio, type LengthUnit, type Rational } from '../measure';
import { isSize, offBy as sidesOff, type Held, type Listed } from './held';
import { cutQty, together, wantedKey, wantedOf, type UnitWays, type Wanted, type Way } from './ways';

/** A row of the drawing, as it is told: `qty` squares or rectangles to cut. */
export interface Told {
  role: string;
  w: Rational;
  h: Rational;
  qty: number;
  sub: Sub;
  /** The units that it is for. */
  for: string[];
}

/** How a unit is made by a list: its kind's words in the plural, and the method's. */
export interface Meant {
  kind: string;
  method: string;
}

export type Verdict =
  | { is: 'right'; row: Told }
  | { is: 'method'; row: Told; meant: Meant }
  | { is: 'large'; row: Told; by: Rational }
  | { is: 'few' | 'many'; row: Told; by: number; together: boolean }
  | { is: 'small' | 'big'; row: Told; by: Rational }
  | { is: 'across'; row: Told }
  | { is: 'mixed'; row: Told; meant: Meant; rest: Meant }
  | { is: 'column'; row: Told; finished: readonly [Exact, Exact] }
  | { is: 'role'; row: Told }
  | { is: 'nothing'; role: string }
  | { is: 'unused' }
  | { is: 'which' };

/** Lines that are right as they are. */
export const isRight = ({ is }: Pick<Verdict, 'is'>): boolean => is === 'right' || is === 'method' || is === 'large';

/** A row of the drawing that no line covers is missing. */
export interface Judged {
  /** By group of the list. */
  verdicts: Verdict[];
  missing: Told[];
}

/** Finished sizes whose columns are looked through where a size fits nothing else. */
const COLUMNS: Record<LengthUnit, readonly number[]> = {
  in: [4, 5, 6, 7, 8, 9, 10, 12, 14, 15, 16, 18, 20, 24],
  cm: [10, 12, 15, 20, 24, 25, 30, 35, 36, 40, 45, 50, 60],
};
/** Up to here a size is a slip of the ruler before it is another column's. */
const SLIP: Record<LengthUnit, number> = { in: 0.2501, cm: 0.6501 };

export interface JudgeBy {
  units: readonly UnitWays[];
  drawn: readonly Construction[];
  /** By role, lines of the list that cannot be read. */
  unread: ReadonlyMap<string, number>;
}

export function judge(list: readonly Listed[], { ways, roles }: Held, { units, drawn, unread }: JudgeBy): Judged {
  const { unit } = drawn[0]!.style;
  const rows = together(ways.flatMap(({ wanted }) => wanted));
  const serves = (key: string) =>
    units.flatMap((u, i) => (ways[i]!.wanted.some((r) => wantedKey(r) === key) ? [{ ...u, way: ways[i]! }] : []));
  const told = (row: Wanted): Told => ({
    ...{ role: row.role, w: row.w, h: row.h, qty: cutQty(row), sub: row.sub },
    for: serves(wantedKey(row)).flatMap(({ unit: u }) => (u.label ? [u.label] : [])),
  });
  const roleOf = ({ fabric }: Listed) => roles.get(fabric);
  const verdicts: (Verdict | undefined)[] = list.map((item) =>
    roles.has(item.fabric) && roleOf(item) === undefined ? { is: 'unused' } : undefined,
  );
  const open = new Map([...rows].filter(([, row]) => !row.template));
  const free = () => list.flatMap((item, i) => (verdicts[i] ? [] : [{ item, i }]));
  /** Open rows of the item's fabric; none where lines that cannot be read may be just these. */
  const openFor = (item: Listed) => {
    const role = roleOf(item);
    const own = [...open].filter(([, row]) => row.role === role);
    return own.length > (unread.get(role!) ?? 0) ? own : [];
  };

  for (const [key, row] of rows) {
    const own = free().filter(({ item }) => roleOf(item) === row.role && item.sub === row.sub && isSize(item, row, unit));
    if (own.length === 0) continue;
    open.delete(key);
    const qty = own.reduce((n, { item }) => n + item.qty, 0);
    const by = qty - cutQty(row);
    const several = own.length > 1 || own[0]!.item.of.length > 1;
    for (const { i } of own)
      verdicts[i] =
        by === 0 ? rightly(row, key) : { is: by < 0 ? 'few' : 'many', row: told(row), by: Math.abs(by), together: several };
  }
  const unmatched = new Set(open.keys());
  const settle = (i: number, verdict: Verdict, key: string) => {
    verdicts[i] = verdict;
    open.delete(key);
  };
  for (const { item, i } of free()) {
    const at = openFor(item).find(([, row]) => isSize(item, row, unit));
    if (at) settle(i, { is: 'across', row: told(at[1]) }, at[0]);
  }
  for (const { item, i } of free()) {
    const other = otherMethod(item);
    if (other) settle(i, { is: 'mixed', row: told(other.row), meant: other.meant, rest: other.rest }, wantedKey(other.row));
  }
  // As many pieces of nearly the size, or of another column's; then the same where the number is wrong as well.
  for (const alike of [true, false]) {
    off(SLIP[unit], alike);
    for (const { item, i } of free()) {
      const column = otherColumn(item, alike);
      if (column) settle(i, { is: 'column', row: told(column.row), finished: column.finished }, wantedKey(column.row));
    }
    for (const { item, i } of free()) {
      const fits = (row: Wanted) => row.sub === item.sub && isSize(item, row, unit);
      const at = [...open].find(([, row]) => fits(row) && (alike ? cutQty(row) === item.qty : cutQty(row) > item.qty));
      if (at) settle(i, { is: 'role', row: told(at[1]) }, at[0]);
    }
    off(Infinity, alike);
  }
  for (const { item, i } of free())
    verdicts[i] = unread.has(roleOf(item)!) ? { is: 'which' } : { is: 'nothing', role: roleOf(item)! };
  for (const [i, v] of verdicts.entries()) if ('row' in v! && !isSure(v)) verdicts[i] = { is: 'which' };
  return { verdicts: verdicts as Verdict[], missing: [...open.values()].map(told) };

  /**
   * Whether a number can be told to be wrong, or a size to be right for another way: the other pieces of the units that it serves are there too, or they
   * are made as the programme makes them.
   */
  function isSure({ is, row }: Verdict & { row: Told }): boolean {
    const lost = unread.size > 0 || verdicts.some((v) => v!.is === 'nothing');
    const [key] = [...rows].find(
      ([, r]) => r.role === row.role && r.sub === row.sub && r.w.equals(row.w) && r.h.equals(row.h),
    )!;
    const alone = (way: Way) => way.wanted.some((r) => unmatched.has(wantedKey(r)));
    if (is === 'few' || is === 'many') return serves(key).every(({ way }) => (way.chosen && !lost) || !alone(way));
    // Who cuts large to trim, and whose other piece is not there, is not told that this one is too big.
    if (is === 'big') return !serves(key).some(({ unit: u, way }) => u.kind.oversize && unread.size > 0 && alone(way));
    return !isRight({ is }) || serves(key).every(({ way }) => way.chosen || (way.own && unread.size === 0) || !alone(way));
  }

  /** Sizes that are off by no more than that. */
  function off(limit: number, alike: boolean): void {
    for (const { item, i } of free()) {
      const near = nearest(item, alike);
      if (near && Math.abs(near.by) <= limit)
        settle(i, { is: near.by < 0 ? 'small' : 'big', row: told(near.row), by: nearMark(Math.abs(near.by), unit) }, near.key);
    }
  }

  /** Right as the programme has it, by another method, or cut large. */
  function rightly(row: Wanted, key: string): Verdict {
    const others = serves(key).filter(({ way }) => !way.chosen);
    const other = others.find(({ unit: u, way }) => way.method !== u.method.name) ?? others[0];
    if (!other) return { is: 'right', row: told(row) };
    const { unit: u, way } = other;
    if (way.method !== u.method.name) return { is: 'method', row: told(row), meant: meant(u, way) };
    const own = units.find((x) => x.unit === u)!.ways.find((w) => w.chosen);
    const before = own?.wanted.find((r) => r.role === row.role && r.sub === row.sub);
    const by = before ? row.w.sub(before.w) : ratio(0);
    return by.valueOf() > 0 ? { is: 'large', row: told(row), by } : { is: 'right', row: told(row) };
  }

  /** The size of another way to make a unit, whose own row in this fabric has no line. */
  function otherMethod(item: Listed) {
    for (const [, row] of openFor(item))
      for (const { unit: u, ways: all, way } of serves(wantedKey(row))) {
        const fits = (r: Wanted) =>
          r.role === row.role && r.sub === item.sub && cutQty(r) === item.qty && isSize(item, r, unit);
        const other = all.find((w) => w.own && w.method !== way.method && w.wanted.some(fits));
        if (other) return { row, meant: meant(u, other), rest: meant(u, way) };
      }
    return undefined;
  }

  /** The open row whose size is off by least; `alike`: of as many pieces. */
  function nearest(item: Listed, alike: boolean) {
    const found: { key: string; row: Wanted; by: number }[] = [];
    for (const [key, row] of openFor(item)) {
      if (row.sub !== item.sub || (alike && cutQty(row) !== item.qty)) continue;
      const off = sidesOff(item, row, unit);
      if (!off) continue;
      const by = Math.abs(off[0]) > Math.abs(off[1]) ? off[0] : off[1];
      // Where a side is too small, that is what matters.
      const worst = Math.min(...off) < 0 ? Math.min(...off) : by;
      found.push({ key, row, by: worst });
    }
    return found.sort((a, b) => Math.abs(a.by) - Math.abs(b.by))[0];
  }

  /** The row that has this size at another finished size, if there is but one; `alike`: of as many pieces. */
  function otherColumn(item: Listed, alike: boolean) {
    const found: { row: Wanted; finished: readonly [Exact, Exact] }[] = [];
    for (const side of COLUMNS[unit]) {
      const other = drawn.flatMap((c) => atSize(c, side));
      for (const [key, row] of openFor(item)) {
        if (row.sub !== item.sub || (alike && cutQty(row) !== item.qty)) continue;
        const names = new Set(serves(key).map(({ unit: u }) => u.name));
        const there = other.find(
          (r) => r.role === row.role && r.sub === row.sub && r.names.some((n) => names.has(n)) && isSize(item, r, unit),
        );
        if (there) found.push({ row, finished: there.finished });
      }
    }
    return new Set(found.map(({ row }) => row)).size === 1 ? found[0] : undefined;
  }

  function atSize(c: Construction, side: number) {
    const finished = [Exact.of(side), Exact.of(side).times(c.finished[1].over(c.finished[0].rational))] as const;
    if (finished[0].equals(c.finished[0])) return [];
    const methods = { ...c.style.methods, ...Object.fromEntries(units.map((u, i) => [u.unit.name, ways[i]!.method])) };
    return sized(c, finished, methods).map((row) => ({ ...row, finished }));
  }
}

const meant = (u: UnitWays['unit'], way: Way): Meant => ({ kind: u.kind.plural, method: way.title });

/** What is off, on the nearest mark of a fine ruler. */
function nearMark(by: number, unit: LengthUnit): Rational {
  const marks = unit === 'in' ? 16 : 10;
  return ratio(Math.max(1, Math.round(by * marks)), marks);
}

interface Sized extends Wanted {
  names: string[];
}
const known = new WeakMap<Construction, Map<string, Sized[]>>();

/** The rows of the same block at another finished size, made by the same methods. */
function sized(c: Construction, finished: readonly [Exact, Exact], methods: Record<string, string>): Sized[] {
  const kept = known.get(c) ?? new Map<string, Sized[]>();
  known.set(c, kept);
  const key = `${finished[0]} ${JSON.stringify(methods)}`;
  let rows = kept.get(key);
  if (!rows) {
    const other = construct(c.block, { ...c.order, finished, style: { ...c.style, methods } });
    rows = other.cuts.map((cut) => ({ ...wantedOf(cut), names: cut.serves.map((u) => u.name) }));
    kept.set(key, rows);
  }
  return rows;
}

/** Which way of making each unit a list means, and which fabric each of its names: the one that explains most of its lines. */
import type { Sub } from '../construction';
import type { LengthUnit } from '../measure';
import { cutQty, wantedKey, type UnitWays, type Wanted, type Way } from './ways';

/** Equal pieces of one fabric, as a list has them; sides in the document's unit, the longer first. */
export interface Listed {
  /** The list's name for the fabric. */
  fabric: string;
  w: number;
  h: number;
  sub: Sub;
  qty: number;
  /** Written in the other unit than the document's: rounded to another ruler. */
  converted: boolean;
  /** Cuts of the list, by line and place, that it is the sum of. */
  of: { line: number; at: number }[];
}

export interface Held {
  /** By unit, the way that is meant. */
  ways: Way[];
  /** Role by the list's names. */
  roles: Map<string, string | undefined>;
  cost: number;
  /** Groups that would be something else if units were made otherwise, and that explained nearly as much. */
  doubtful: () => ReadonlySet<number>;
}

/** A doubt about a size that is rounded in a second unit, in the document's. */
const CONVERTED = { in: [0.025, 0.05], cm: [0.06, 0.32] } as const;
const DUST = 1e-6;
/** The least that shows between sizes that were rounded in the other unit. */
const SEEN = { in: 0.12, cm: 0.3 } as const;
/** As far as a size may be off and still be meant for a row, in the document's unit. */
export const NEAR = { in: 0.51, cm: 1.3 } as const;

/** How the costs weigh: what fits nothing or is covered by nothing, a wrong number, another cut across; and how odd a way is. */
const COST = {
  none: 1,
  near: 0.9,
  few: 0.4,
  many: 0.15,
  sub: 0.7,
  unread: 0.1,
  other: 0.02,
  large: 0.2,
  alone: 0.3,
  unlike: 0.8,
};
/** Another meaning that explains nearly as much leaves a doubt. */
export const DOUBT = 0.35;

/** Whether a side as listed is this side as cut: at least the exact size, at most what the ruler rounds it up to. */
function isSide(listed: number, exact: number, cut: number, converted: boolean, unit: LengthUnit): boolean {
  const [under, over] = converted ? CONVERTED[unit] : [DUST, DUST];
  return listed >= exact - under && listed <= cut + over;
}

/** Whether a listed size is that of a row. */
export function isSize({ w, h, converted }: Pick<Listed, 'w' | 'h' | 'converted'>, row: Wanted, unit: LengthUnit): boolean {
  return isSide(w, row.exact[0], row.w.valueOf(), converted, unit) && isSide(h, row.exact[1], row.h.valueOf(), converted, unit);
}

/** By how much both sides are off, at least the exact size being right; undefined where that is too much to be meant. */
export function offBy({ w, h, converted }: Listed, row: Wanted, unit: LengthUnit): [number, number] | undefined {
  const off = ([w, h] as const).map((side, i) => {
    const cut = (i === 0 ? row.w : row.h).valueOf();
    return isSide(side, row.exact[i]!, cut, converted, unit) ? 0 : side - cut;
  }) as [number, number];
  return Math.max(...off.map(Math.abs)) <= NEAR[unit] ? off : undefined;
}

/** What a list is, for a reading of its names: its groups with their roles, and lines of a role that nobody can read. */
interface Given {
  list: readonly Listed[];
  roles: Map<string, string | undefined>;
  /** By role, lines that cannot be read and may be any of its pieces. */
  unread: ReadonlyMap<string, number>;
  unit: LengthUnit;
}

/** A row of the drawing with the groups that are of its size and cut across alike, of its size alone, or near it. */
interface Fits {
  row: Wanted;
  same: number[];
  sized: number[];
  near: number[];
}

/** What a group is held for under some ways of making the units. */
type Taken = readonly (string | undefined)[];

/** Finds the ways that explain a list best, its names being fabrics as `roles` says. Names without a role explain nothing. */
export function hold({ list, roles, unread, unit }: Given, all: readonly UnitWays[]): Held {
  // Sizes that were rounded in another unit cannot tell a sixteenth.
  const fine = list.every(({ converted }) => !converted);
  const units = all.map((u) => ({ ...u, ways: u.ways.filter((w) => fine || w.own || w.oversize.valueOf() >= SEEN[unit]) }));
  const at = new Map<string, number>();
  const fits: Fits[] = [];
  const placed = new Map<Way, readonly (readonly [number, number])[]>();
  for (const { ways } of units)
    for (const way of ways)
      placed.set(
        way,
        way.wanted.map((row) => {
          const key = wantedKey(row);
          let place = at.get(key);
          if (place === undefined) {
            at.set(key, (place = fits.length));
            fits.push(fitsOf(row));
          }
          return [place, row.needs] as const;
        }),
      );
  const needs = new Float64Array(fits.length);
  const free = new Uint8Array(list.length);
  const left = new Map<string, number>();

  function fitsOf(row: Wanted): Fits {
    const found: Fits = { row, same: [], sized: [], near: [] };
    list.forEach((item, i) => {
      if (roles.get(item.fabric) !== row.role) return;
      if (isSize(item, row, unit)) (item.sub === row.sub ? found.same : found.sized).push(i);
      else if (item.sub === row.sub && offBy(item, row, unit)) found.near.push(i);
    });
    return found;
  }

  /** What so many ways leave unexplained; and into `taken`, what each group is then held for. */
  function cost(ways: readonly Way[], taken?: (string | undefined)[]): number {
    let sum = 0;
    needs.fill(0);
    free.fill(1);
    for (const way of ways) {
      if (!way.chosen) sum += COST.other;
      for (const [place, n] of placed.get(way)!) needs[place]! += n;
    }
    const open: number[] = [];
    for (let place = 0; place < fits.length; place += 1) {
      if (needs[place] === 0) continue;
      const { row, same } = fits[place]!;
      const need = cutQty({ needs: needs[place]!, sub: row.sub });
      let qty = 0;
      let any = false;
      for (const i of same)
        if (free[i]) {
          free[i] = 0;
          any = true;
          qty += list[i]!.qty;
          if (taken) taken[i] = `${place} ${need}`;
        }
      if (!any) {
        // A paper shape stands in a list as a template, if at all.
        if (!row.template) open.push(place);
      } else sum += qty < need ? COST.few : qty > need ? COST.many : 0;
    }
    let still = open;
    for (const how of ['sized', 'near'] as const) {
      const after: number[] = [];
      for (const place of still) {
        const i = fits[place]![how].find((n) => free[n]);
        if (i === undefined) after.push(place);
        else {
          free[i] = 0;
          sum += how === 'sized' ? COST.sub : COST.near;
          if (taken) taken[i] = `${place} ${how}`;
        }
      }
      still = after;
    }
    left.clear();
    for (const place of still) {
      const { role } = fits[place]!.row;
      const covered = left.get(role) ?? 0;
      left.set(role, covered + 1);
      sum += covered < (unread.get(role) ?? 0) ? COST.unread : COST.none;
    }
    for (let i = 0; i < list.length; i += 1) sum += free[i]! * COST.none;
    const large = new Set<string>();
    const sizes = new Map<string, string>();
    for (const [i, way] of ways.entries()) {
      const { kind } = units[i]!.unit.kind;
      const size = way.oversize.toFraction();
      // Who cuts large cuts all units of a kind alike.
      if ((sizes.get(kind) ?? size) !== size) sum += COST.unlike;
      sizes.set(kind, size);
      if (way.own) continue;
      large.add(way.oversize.toFraction());
      // Cut larger than the programme does: believed where all of its pieces say so.
      if (placed.get(way)!.some(([place]) => open.includes(place))) sum += COST.alone;
    }
    return sum + large.size * COST.large;
  }

  let best = units.map(({ ways }) => ways.find((w) => w.chosen) ?? ways[0]!);
  let least = cost(best);
  for (let again = true; again;) {
    again = false;
    for (const ways of moves(best, units)) {
      const now = cost(ways);
      if (now >= least - DUST) continue;
      [best, least, again] = [ways, now, true];
    }
  }
  const takenBy = (ways: readonly Way[]): Taken => {
    const taken = list.map((): string | undefined => undefined);
    cost(ways, taken);
    return taken;
  };
  const doubtful = () => {
    const found = new Set<number>();
    // Where all is explained, nothing is in doubt.
    if (least < COST.many) return found;
    const taken = takenBy(best);
    for (const ways of moves(best, units, true)) {
      if (cost(ways) > least + DOUBT) continue;
      takenBy(ways).forEach((other, i) => other !== taken[i] && found.add(i));
    }
    return found;
  };
  return { ways: best, roles, cost: least, doubtful };
}

/** The ways with one thing changed: all units of a kind made otherwise together, or one by itself; `pairs`: or any two. */
function* moves(best: readonly Way[], units: readonly UnitWays[], pairs = false): Generator<Way[]> {
  for (const kind of new Set(units.map(({ unit }) => unit.kind))) {
    const alike = units.filter(({ unit }) => unit.kind === kind);
    if (alike.length < 2) continue;
    const ways = new Map(alike.flatMap((u) => u.ways.map((w) => [`${w.method} ${w.oversize.toFraction()}`, w] as const)));
    for (const { method, oversize } of ways.values())
      yield units.map(({ unit, ways: own }, i) =>
        unit.kind === kind ? (own.find((w) => w.method === method && w.oversize.equals(oversize)) ?? best[i]!) : best[i]!,
      );
  }
  for (let i = 0; i < units.length; i += 1)
    for (const way of units[i]!.ways) {
      if (way === best[i]) continue;
      const one = best.map((b, j) => (j === i ? way : b));
      yield one;
      if (!pairs) continue;
      for (let k = i + 1; k < units.length; k += 1)
        for (const second of units[k]!.ways) if (second !== best[k]) yield one.map((b, j) => (j === k ? second : b));
    }
}

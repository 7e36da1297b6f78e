/** Every way in which the units of a block can be made, with the pieces that each takes. */
import {
  constructUnits,
  oversizeOf,
  PER_SQUARE,
  type Construction,
  type Cut,
  type SewingStyle,
  type Sub,
  type UnitPlan,
} from '../construction';
import { ratio, type LengthUnit, type Rational } from '../measure';

/** Equal pieces of a fabric; sides in the document's unit, the longer first. */
export interface Wanted {
  role: string;
  /** As a ruler cuts it. */
  w: Rational;
  h: Rational;
  /** Before it was rounded up to the ruler. */
  exact: readonly [number, number];
  sub: Sub;
  /** Pieces, or triangles of squares that are cut up. */
  needs: number;
  /** A paper shape, not a size. */
  template: boolean;
}

export interface Way {
  method: string;
  title: string;
  /** What is added to the finished size, to be trimmed away. */
  oversize: Rational;
  wanted: Wanted[];
  /** The one that the drawing's programme has chosen. */
  chosen: boolean;
  /** Cut as large as the programme cuts it. */
  own: boolean;
}

export interface UnitWays {
  unit: UnitPlan;
  ways: Way[];
}

/** What is cut for a row: whole squares, however many triangles are needed of them. */
export const cutQty = ({ needs, sub }: Pick<Wanted, 'needs' | 'sub'>): number => Math.ceil(needs / PER_SQUARE[sub]);

/** One row of equal pieces has one key. */
export const wantedKey = ({ role, w, h, sub, template, exact }: Wanted): string =>
  `${role} ${w.toFraction()} ${h.toFraction()} ${sub}${template ? ` ${exact.join()}` : ''}`;

/** By what writers cut large: from nothing to three quarters of an inch. */
const OVERSIZES: Record<LengthUnit, readonly Rational[]> = {
  in: [ratio(0), ratio(1, 16), ratio(1, 8), ratio(1, 4), ratio(3, 8), ratio(1, 2), ratio(3, 4)],
  cm: [ratio(0), ratio(1, 10), ratio(3, 20), ratio(2, 10), ratio(3, 10), ratio(1, 2), ratio(1), ratio(2)],
};

/** Beyond this only hourglasses are cut large: their triangles are trimmed on all sides. */
const MOST: Record<LengthUnit, number> = { in: 3 / 8, cm: 1 };

/** The units of a construction that are cut for, each with all ways of making it. */
export function waysOf(c: Construction): UnitWays[] {
  const units = [...c.units, ...c.loose].filter(
    (u) => !u.pooled && u.make > u.given && !(u.mirrored && u.twin && c.units.includes(u.twin)),
  );
  return units.flatMap((unit) => {
    const ways = unit.kind.methods.flatMap((method) => {
      if (method.unable?.(unit.seen, c.style)) return [];
      const sized = (oversize: Rational): SewingStyle => ({
        ...c.style,
        sizing: oversize.valueOf() > 0 ? 'trim-down' : 'exact',
        oversize: { ...c.style.oversize, [unit.kind.kind]: oversize },
      });
      const own = oversizeOf(unit.kind.kind, c.style).rational;
      const larger = OVERSIZES[c.style.unit].filter(
        (o) => !o.equals(own) && o.valueOf() <= MOST[c.style.unit] * (unit.kind.kind === 'qst' ? 2 : 1),
      );
      const all = unit.kind.oversize ? [own, ...larger] : [own];
      const seen = new Set<string>();
      return all.flatMap((oversize): Way[] => {
        const style = sized(oversize);
        const wanted = piecesOf({ ...unit, method }, style, c);
        const text = wanted.map((row) => `${wantedKey(row)} ${row.exact.join()}`).join();
        if (seen.has(text)) return [];
        seen.add(text);
        const chosen = method === unit.method && oversize === own;
        return [{ method: method.name, title: method.title, oversize, wanted, chosen, own: oversize === own }];
      });
    });
    return ways.some(({ wanted }) => wanted.length > 0) ? [{ unit, ways }] : [];
  });
}

function piecesOf(like: UnitPlan, style: SewingStyle, c: Construction): Wanted[] {
  const { twin } = like;
  const asked = { like, roles: new Map<string, string>(), style, label: like.label };
  const make = like.make - like.given;
  const mirrored = twin ? twin.make - twin.given : 0;
  const order = like.mirrored ? { make: mirrored, mirrored: make } : { make, mirrored };
  const { cuts } = constructUnits([{ ...asked, ...order }], c.order.directional);
  return cuts.map(wantedOf);
}

/** A cut as a row that is wanted: the longer side first. */
export function wantedOf({ role, w, h, exact, sub, qty, over, template }: Cut): Wanted {
  const [a, b] = exact.map((x) => x.toNumber()) as [number, number];
  return {
    role,
    ...(w.compare(h) < 0 ? { w: h, h: w, exact: [b, a] as const } : { w, h, exact: [a, b] as const }),
    sub,
    needs: qty * PER_SQUARE[sub] - over,
    template: template !== undefined,
  };
}

/** The rows of so many units together, equal ones as one. */
export function together(wanted: readonly Wanted[]): Map<string, Wanted> {
  const rows = new Map<string, Wanted>();
  for (const row of wanted) {
    const key = wantedKey(row);
    const same = rows.get(key);
    rows.set(key, same ? { ...same, needs: same.needs + row.needs } : row);
  }
  return rows;
}

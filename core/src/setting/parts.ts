/** What is cut for a setting: its parts with seam allowances, equal ones in one row. */
import type { Reason } from '../construction';
import { Exact, ratio, toRuler, type Rational, type LengthUnit } from '../measure';
import type { LaidPart } from './lay';
import type { PartGroup } from './setting';
import { words } from './words';

export interface QuiltPart {
  name: string;
  role: string;
  w: Rational;
  h: Rational;
  exact: readonly [w: Exact, h: Exact];
  /** Squares and rectangles to cut. */
  qty: number;
  sub: 'none' | 'once' | 'twice';
  group?: PartGroup;
  /** Whose blocks it goes round, and how many; only for what comes with a block. */
  places: string[];
  /** Which border or round. */
  number?: number;
  mitred?: boolean;
  joined?: boolean;
  /** Where its exact size comes from. */
  why: Omit<Reason, 'exact'>;
}

interface CuttingStyle {
  unit: LengthUnit;
  seam: Rational;
  rounding: Rational;
  /** Roles cast with a directional fabric: their pieces keep w as the extent along x. */
  directional: ReadonlySet<string>;
}

/** What a border is cut longer by than the quilt should measure (docs/craft.md, Setting a quilt): it is trimmed to what the quilt does measure. */
const SPARE: Record<LengthUnit, Rational> = { in: ratio(1), cm: ratio(2) };

/** Pieces out of one square. */
const PER_SQUARE = { none: 1, once: 2, twice: 4 } as const;

/**
 * The cut rows of laid parts, in the order in which they are laid. The narrow side is named first unless a direction forbids it. Sizes are
 * rounded up, once.
 */
export function quiltParts(laid: readonly LaidPart[], { seam, rounding, directional, unit }: CuttingStyle): QuiltPart[] {
  const spare = SPARE[unit];
  const rows = new Map<string, QuiltPart & { pieces: number }>();
  for (const part of laid) {
    const { exact, formula } = cutSize(part, seam, spare);
    const [a, b] = exact;
    const turned = !directional.has(part.role) && a.compare(b) > 0;
    const sides = turned ? ([b, a] as const) : exact;
    const { name, role, sub, group, number, mitred, joined } = part;
    const key = [name, role, number ?? '', group ?? '', sub, mitred ?? '', ...sides].join(' ');
    let row = rows.get(key);
    if (!row) {
      const [w, h] = [toRuler(sides[0], rounding), toRuler(sides[1], rounding)];
      row = {
        name,
        role,
        w,
        h,
        exact: sides,
        qty: 0,
        sub,
        group,
        places: [],
        number,
        mitred,
        joined,
        why: reason(part, formula, { seam, spare }),
        pieces: 0,
      };
      rows.set(key, row);
    }
    row.pieces += 1;
    if (part.place !== undefined) row.places.push(part.place);
  }
  return [...rows.values()].map(({ pieces, ...row }) => ({ ...row, qty: Math.ceil(pieces / PER_SQUARE[row.sub]) }));
}

/** docs/craft.md, Setting a quilt: a side triangle's square is its long side + (2+2√2)s, a corner triangle's its short side + (2+√2)s. */
function cutSize(
  { size: [w, h], sub, mitred, group }: LaidPart,
  seam: Rational,
  spare: Rational,
): { exact: [Exact, Exact]; formula: string } {
  const s = Exact.of(seam);
  const [two, root] = [s.times(2), Exact.root2.times(s)];
  const grown = (by: Exact): [Exact, Exact] => [w.plus(by), h.plus(by)];
  if (sub === 'twice') return { exact: grown(two.plus(root.times(2))), formula: 'f + (2 + 2√2) s' };
  if (sub === 'once') return { exact: grown(two.plus(root)), formula: 'f + (2 + √2) s' };
  if (group === 'borders' && !mitred) {
    const along = w.compare(h) > 0;
    return {
      exact: along ? [w.plus(two).plus(spare), h.plus(two)] : [w.plus(two), h.plus(two).plus(spare)],
      formula: words.f2SByL2,
    };
  }
  if (!mitred) return { exact: grown(two), formula: w.equals(h) ? 'f + 2 s' : words.f2SByL22 };
  // Square to its long edge, a seam allowance along a 45-degree end reaches √2 s further, and the edge's own another s.
  const along = w.compare(h) > 0;
  const longer = two.plus(root.times(2));
  return {
    exact: along ? [w.plus(longer).plus(spare), h.plus(two)] : [w.plus(two), h.plus(longer).plus(spare)],
    formula: words.f2SByL23,
  };
}

function reason(
  { size, sub, mitred, group }: LaidPart,
  formula: string,
  { seam, spare }: { seam: Rational; spare: Rational },
): Omit<Reason, 'exact'> {
  const [f, l] = size[0].compare(size[1]) < 0 ? size : [size[1], size[0]];
  const meaning = {
    twice: words.longSideOfTheFinishedTriangle,
    once: words.shortSideOfTheFinishedTriangle,
    none: f.equals(l) ? words.finishedSide : words.finishedWidth,
  }[sub];
  return {
    formula,
    where: [
      { symbol: 'f', value: f, meaning },
      ...(sub === 'none' && !f.equals(l)
        ? [{ symbol: 'l', value: l, meaning: mitred ? words.outerEdge : words.finishedLength }]
        : []),
      { symbol: 's', value: Exact.of(seam), meaning: words.seamAllowance },
      ...(group === 'borders' ? [{ symbol: 'spare', value: Exact.of(spare), meaning: words.toTrimToTheQuiltAs }] : []),
    ],
  };
}

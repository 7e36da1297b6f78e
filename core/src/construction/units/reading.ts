/** Tools for the unit kinds: comparing a picture with the places that a kind describes, and the formulas that several share. */
import type { Point, Polygon } from '../../block';
import { Exact, checkpoint, formatLength } from '../../measure';
import type { Picture } from '../picture';
import type { SewingStyle } from '../style';
import type { BatchCut, UnitInBlock, Sub } from './unit-kind';
import { words } from './words/reading';

const { root2 } = Exact;

/** Outlines as they are written down: '0,0 2,0 1,1'. */
export function outlines(...texts: string[]): Polygon[] {
  return texts.map((text) => text.split(' ').map((p) => p.split(',').map(Number) as unknown as Point));
}

/** Outlines at another size. */
export function scaled(places: readonly Polygon[], by: number): Polygon[] {
  return places.map((place) => place.map(([x, y]): Point => [x * by, y * by]));
}

/** The roles of a picture whose patches are exactly these places, in their order; undefined when it is another picture. */
export function rolesAt(picture: Picture, places: readonly Polygon[]): string[] | undefined {
  if (picture.patches.length !== places.length) return undefined;
  const drawn = new Map(picture.patches.map((p) => [p.points.join(' '), p.role]));
  const roles: string[] = [];
  for (const place of places) {
    const role = drawn.get(fromTheTop(place).join(' '));
    if (role === undefined) return undefined;
    roles.push(role);
  }
  return roles;
}

/** A clockwise outline from its topmost, leftmost point, as patches are kept. */
function fromTheTop(polygon: Polygon): Polygon {
  const first = polygon.reduce((best, p, i) => {
    const q = polygon[best]!;
    return p[1] < q[1] || (p[1] === q[1] && p[0] < q[0]) ? i : best;
  }, 0);
  return [...polygon.slice(first), ...polygon.slice(0, first)];
}

/** A rectangle's corners, clockwise from the top left. */
export function rectangle(x: number, y: number, w: number, h: number): Point[] {
  return [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ];
}

export const seamOf = (style: SewingStyle) => Exact.of(style.seam);

/** '1/4 in' */
export const seamWords = (style: SewingStyle) => `${formatLength(style.seam, style.unit)} ${style.unit}`;

/** A size to measure or to trim to, with its unit: '3 1/2 in'. */
export const sizeWords = (x: Exact, style: SewingStyle) => withUnit(checkpoint(x, style.rounding, style.unit), style.unit);

/** The unit stands before 'a thread over': '6 1/8 in (a thread over)'. */
const withUnit = (size: string, unit: string) => size.replace(/( \(.*\))?$/, (aside) => ` ${unit}${aside}`);

/** f + (2 + √2)s: the square that gives two right triangles with finished legs f and straight legs. */
export const halfSide = (f: Exact, s: Exact) => f.plus(root2.plus(2).times(s));
export const HALF = 'f + (2 + √2) × s';

/** f + (2 + 2√2)s: the square that gives four right triangles with a finished, straight long side f. */
export const quarterSide = (f: Exact, s: Exact) => f.plus(root2.times(2).plus(2).times(s));
export const QUARTER = 'f + (2 + 2√2) × s';

/** What trim-down sizing adds for a kind; nothing where sizes are exact. */
export function oversizeOf(kind: string, style: SewingStyle): Exact {
  return Exact.of(style.sizing === 'trim-down' ? (style.oversize[kind] ?? 0) : 0);
}

export function because(formula: string, exact: Exact, s: Exact, ...letters: [string, string, Exact][]) {
  return {
    formula,
    where: [
      ...letters.map(([symbol, meaning, value]) => ({ symbol, meaning, value })),
      { symbol: 's', meaning: words.seamAllowance, value: s },
    ],
    exact,
  };
}

/** The same square in several fabrics: as many as each role is named. */
export function squares(roles: readonly string[], side: Exact, why: BatchCut['why'], sub: Sub = 'none', each = 1): BatchCut[] {
  return [...counted(roles)].map(([role, n]) => ({ role, w: side, h: side, sub, needs: n * each, why }));
}

/** A loose triangle with finished legs f on the straight grain, or with a long side f on it. */
export function triangles(
  roles: readonly string[],
  f: Exact,
  sub: 'once' | 'twice',
  s: Exact,
  meaning: string,
  trim = Exact.zero,
) {
  const grown = f.plus(trim);
  const side = sub === 'once' ? halfSide(grown, s) : quarterSide(grown, s);
  const said = trim.sign() > 0 ? words.andMoreToTrimAway(meaning, String(f), String(trim)) : meaning;
  return squares(roles, side, because(sub === 'once' ? HALF : QUARTER, side, s, ['f', said, grown]), sub);
}

/** How often each of the roles is named, in the order of their first naming. */
export function counted(roles: readonly string[]): Map<string, number> {
  const count = new Map<string, number>();
  for (const role of roles) count.set(role, (count.get(role) ?? 0) + 1);
  return count;
}

/** The w + 2s by h + 2s of a plain piece. */
export function plainPiece(role: string, w: Exact, h: Exact, s: Exact, needs = 1): BatchCut {
  const [cw, ch] = [w.plus(s.times(2)), h.plus(s.times(2))];
  const why = w.equals(h)
    ? because('f + 2 × s', cw, s, ['f', words.finishedSide, w])
    : because(words.w2SByH2, cw, s, ['w', words.finishedWidth, w], ['h', words.finishedHeight, h]);
  return { role, w: cw, h: ch, sub: 'none', needs, why };
}

/** All roles the same fabric. */
export const alike = (roles: readonly string[]) => new Set(roles).size === 1;

export const squareUnit = ({ w, h }: Pick<UnitInBlock, 'w' | 'h'>) => w.equals(h);

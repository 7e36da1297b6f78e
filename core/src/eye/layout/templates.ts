/** How a unit looks in its place, place by place: as it should, and in all the ways in which it may lie wrong. */
import { locate } from '../../block';
import type { Place } from '../seam-evidence';
import type { ExpectedUnit, Layout } from './expected';

/** Places to a side at which a unit is looked at, and how much of its finished size is left out at each edge. */
export const LOOKS = 20;
const EDGE = 0.02;
/** How far across a unit one of its places lies, from 0 to 1 of its finished size. */
export const placeOf = (place: number): number => EDGE + (place / LOOKS) * (1 - 2 * EDGE);

/** Two looks that differ in a smaller share of their places are one. */
const DIFFERENT = 0.03;

/** Which role, by number, lies at each place, row by row; GROUND where there is no cloth, SEAM where two fabrics are too near to say. */
export type Look = Uint8Array;
export const GROUND = 255;
export const SEAM = 254;
/** So far from a place, in places, another fabric is too near. */
const TOO_NEAR = 0.6;
const AROUND: readonly Place[] = [
  [0, 0],
  [TOO_NEAR, 0],
  [-TOO_NEAR, 0],
  [0, TOO_NEAR],
  [0, -TOO_NEAR],
];

export type Lie =
  | { kind: 'right' }
  /** So many quarters clockwise from how it should lie. */
  | { kind: 'turned'; quarters: number }
  /** Its mirror image, turned so. */
  | { kind: 'mirrored'; quarters: number }
  /** Another unit of the layout, by number, turned so. */
  | { kind: 'other'; unit: number; quarters: number }
  /** It and another, by number, have changed places. */
  | { kind: 'exchanged'; with: number }
  /** The right unit, with one fabric where another should be; both ways where they have changed places. */
  | { kind: 'fabric'; instead: string; of: string; both: boolean }
  | { kind: 'missing' };

export interface Candidate {
  lie: Lie;
  look: Look;
}

export const rolesIn = ({ units }: Layout): string[] => [...new Set(units.flatMap((u) => u.patches.map((p) => p.role)))].sort();

/** A unit as it should lie, within its finished edge: beyond it are allowances, or what it is sewn to. */
export function lookOf({ w, h, patches }: ExpectedUnit, roles: readonly string[]): Look {
  const look = new Uint8Array(LOOKS * LOOKS);
  const within = (n: number, of: number) => Math.max(0.001, Math.min(of - 0.001, n));
  const roleAt = (i: number, j: number) => {
    const x = within(placeOf(i) * w, w);
    const y = within(placeOf(j) * h, h);
    return (patches.find(({ points }) => locate([x, y], points) !== 'outside') ?? patches[0]!).role;
  };
  for (let j = 0; j < LOOKS; j += 1)
    for (let i = 0; i < LOOKS; i += 1) {
      const near = new Set(AROUND.map(([dx, dy]) => roleAt(i + 0.5 + dx, j + 0.5 + dy)));
      look[j * LOOKS + i] = near.size > 1 ? SEAM : roles.indexOf([...near][0]!);
    }
  return look;
}

/** Turned clockwise by quarters, after it was mirrored left to right. */
export function turned(look: Look, quarters: number, mirrored = false): Look {
  const last = LOOKS - 1;
  const to = new Uint8Array(look.length);
  for (let y = 0; y < LOOKS; y += 1)
    for (let x = 0; x < LOOKS; x += 1) {
      let [u, v] = [mirrored ? last - x : x, y];
      for (let k = 0; k < quarters; k += 1) [u, v] = [last - v, u];
      to[v * LOOKS + u] = look[y * LOOKS + x]!;
    }
  return to;
}

export function isLike(a: Look, b: Look): boolean {
  let off = 0;
  for (let i = 0; i < a.length; i += 1) if (a[i] !== b[i] && a[i] !== SEAM && b[i] !== SEAM) off += 1;
  return off < DIFFERENT * a.length;
}

/** Every look that may lie in a unit's place, as it should first; of those that look the same only the first, which is the likeliest slip. */
export function candidatesFor(layout: Layout, number: number, looks: readonly Look[], roles: readonly string[]): Candidate[] {
  const found: Candidate[] = [];
  const add = (lie: Lie, look: Look) => {
    if (!found.some((c) => isLike(c.look, look))) found.push({ lie, look });
  };
  const own = layout.units[number]!;
  const look = looks[number]!;
  const fits = (unit: ExpectedUnit, quarters: number) => {
    const [w, h] = quarters % 2 === 0 ? [unit.w, unit.h] : [unit.h, unit.w];
    return near(w, own.w) && near(h, own.h);
  };
  add({ kind: 'right' }, look);
  for (const quarters of [1, 2, 3]) if (fits(own, quarters)) add({ kind: 'turned', quarters }, turned(look, quarters));
  layout.units.forEach((unit, i) => {
    for (const quarters of [0, 1, 2, 3])
      if (i !== number && fits(unit, quarters)) add({ kind: 'other', unit: i, quarters }, turned(looks[i]!, quarters));
  });
  for (const quarters of [0, 1, 2, 3])
    if (fits(own, quarters)) add({ kind: 'mirrored', quarters }, turned(look, quarters, true));
  const has = [...new Set(look)].filter((n) => n !== SEAM);
  for (const r of has)
    for (const other of roles.keys()) {
      if (other === r) continue;
      const both = has.includes(other);
      if (both && other < r) continue;
      const recast = look.map((n) => (n === r ? other : both && n === other ? r : n));
      add({ kind: 'fabric', instead: roles[other]!, of: roles[r]!, both }, recast);
    }
  found.push({ lie: { kind: 'missing' }, look: look.map(() => GROUND) });
  return found;
}

const near = (a: number, b: number) => Math.abs(a - b) < 1e-3;

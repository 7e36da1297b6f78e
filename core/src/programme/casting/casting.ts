/** Casting: what a colourway's letters are, how they meet, and what would change it. */
import { judge, mends, roleSeams, type Mend, type RoleSeam, type Verdict } from '../../fabric';
import type { Colourway, Fabric, Month, Programme } from '../document/document';

export interface CastSeam {
  roles: readonly [string, string];
  /** Of a scrappy letter the fabric that is told apart worst. */
  fabrics: readonly [Fabric, Fabric];
  /** Of all blocks together, in cells. */
  length: number;
  months: Month[];
  /** Between the values, in L*. */
  difference: number;
  verdict: Verdict;
  /** Marked as meant to melt together, or the same fabric twice. */
  melts: boolean;
}

/** Every pair of letters that meet in a block, worst first and then longest. */
export function castSeams(programme: Programme, colourway: Colourway, months: readonly Month[] = programme.months): CastSeam[] {
  const rank: Record<Verdict, number> = { lost: 0, weak: 1, clear: 2 };
  return seamsOf(months)
    .flatMap(({ roles, length, months: where }): CastSeam[] => {
      const [as, bs] = roles.map((role) => fabricsOf(colourway, role)) as [Fabric[], Fabric[]];
      const pairs = as.flatMap((a) => bs.map((b) => ({ fabrics: [a, b] as const, ...judge(a, b) })));
      // Equal fabrics of two pools are kept from touching; equal ones of two letters are meant so.
      const told = pairs.filter(({ fabrics: [a, b] }) => a !== b || pairs.length === 1);
      const worst = told.sort((a, b) => rank[a.verdict] - rank[b.verdict] || a.difference - b.difference)[0];
      if (!worst) return [];
      const melts = programme.melts.has(roles.join(' ')) || worst.fabrics[0] === worst.fabrics[1];
      return [{ roles, length, months: where, ...worst, melts }];
    })
    .sort((a, b) => Number(a.melts) - Number(b.melts) || rank[a.verdict] - rank[b.verdict] || b.length - a.length);
}

/** What may lie there as that letter: one fabric, or those of its pool. */
function fabricsOf({ fabrics, pools }: Colourway, role: string): Fabric[] {
  const one = fabrics.get(role);
  return pools.get(role)?.fabrics ?? (one ? [one] : []);
}

interface MonthSeam extends RoleSeam {
  months: Month[];
}

function seamsOf(months: readonly Month[]): MonthSeam[] {
  const found = new Map<string, MonthSeam>();
  for (const month of months)
    for (const { block, make } of month.blocks)
      for (const { roles, length } of roleSeams(block)) {
        const known = found.get(roles.join(' ')) ?? { roles, length: 0, months: [] };
        known.length += length * make;
        if (!known.months.includes(month)) known.months.push(month);
        found.set(roles.join(' '), known);
      }
  return [...found.values()];
}

/** Fabrics of the programme that would mend a seam, nearest in colour first; locked letters, pools and others' own choices stay. */
export function castMends(programme: Programme, colourway: Colourway, roles: readonly [string, string]): Mend<Fabric>[] {
  const fixed = [...colourway.fabrics].filter(([, f]) => f.own).map(([role]) => role);
  return mends(roles, colourway.fabrics, {
    shelf: programme.fabrics,
    seams: seamsOf(programme.months),
    locked: new Set([...colourway.locked, ...colourway.pools.keys(), ...fixed]),
  });
}

/** Whether two fabrics can be told apart where they meet (docs/craft.md, Value). */
import { PER_CELL, touching, type Block } from '../block';
import { differenceCiede2000 } from '../ink/colour-spaces';

/** House values: from the first on a seam is clear, below the second it is lost. */
export const CLEAR = 25;
export const WEAK = 15;

export type Verdict = 'clear' | 'weak' | 'lost';

/** What of a fabric counts for its seams. */
export interface Tone {
  /** L* of its average. */
  value: number;
  /** How loud the print is: spread of L* at arm's length. */
  volume: number;
}

/**
 * How a seam between two fabrics reads. A print that holds both fails as both: where the spreads of the two reach over the difference, the
 * seam is no better than weak (a rule of our own).
 */
export function judge(a: Tone, b: Tone): { difference: number; verdict: Verdict } {
  const difference = Math.abs(a.value - b.value);
  if (difference < WEAK) return { difference, verdict: 'lost' };
  const mixed = a.volume + b.volume >= difference;
  return { difference, verdict: difference < CLEAR || mixed ? 'weak' : 'clear' };
}

export interface RoleSeam {
  roles: readonly [string, string];
  /** Along the grid's cells. */
  length: number;
}

/** Every pair of letters whose patches touch along an edge, longest seams first. */
export function roleSeams({ patches }: Block): RoleSeam[] {
  const found = new Map<string, RoleSeam>();
  for (const { a, b, length } of touching(patches.map((p) => p.points))) {
    const roles = [patches[a]!.role, patches[b]!.role].sort() as [string, string];
    if (roles[0] === roles[1]) continue;
    const known = found.get(roles.join(' '))?.length ?? 0;
    found.set(roles.join(' '), { roles, length: known + length / PER_CELL });
  }
  return [...found.values()].sort((a, b) => b.length - a.length);
}

const farness = differenceCiede2000();

export interface Mend<Fabric> {
  role: string;
  fabric: Fabric;
}

/**
 * Fabrics that would mend a seam: one of the two letters cast anew, so that this seam is clear and none of that letter's other
 * seams reads worse than now. Nearest in colour to what is cast now first.
 */
export function mends<Fabric extends Tone & { colour: string }>(
  roles: readonly [string, string],
  cast: ReadonlyMap<string, Fabric>,
  { shelf, seams, locked }: { shelf: readonly Fabric[]; seams: readonly RoleSeam[]; locked: ReadonlySet<string> },
): Mend<Fabric>[] {
  const rank: Record<Verdict, number> = { clear: 2, weak: 1, lost: 0 };
  const used = new Set(cast.values());
  return roles
    .filter((role) => !locked.has(role))
    .flatMap((role) => {
      const now = cast.get(role)!;
      const [other] = roles.filter((r) => r !== role) as [string];
      const neighbours = seams
        .filter((s) => s.roles.includes(role))
        .map((s) => cast.get(s.roles.find((r) => r !== role)!))
        .filter((f) => f !== undefined);
      return shelf
        .filter((fabric) => !used.has(fabric) && judge(fabric, cast.get(other)!).verdict === 'clear')
        .filter((fabric) =>
          neighbours.every((n) => rank[judge(fabric, n).verdict] >= Math.min(rank[judge(now, n).verdict], rank.clear)),
        )
        .map((fabric) => ({ role, fabric, far: farness(fabric.colour, now.colour) }));
    })
    .sort((a, b) => a.far - b.far)
    .map(({ role, fabric }) => ({ role, fabric }));
}

/** Letters: a role of the design is 'B'; where it is scrappy, the fabrics of its pool are 'Ba', 'Bb', … */
import type { Colourway, Fabric } from './document';

/** The letter of a pool's fabric, by its place in the pool: Ba to Bz, then Baa. */
export function poolLetter(role: string, place: number): string {
  const low = (n: number): string => (n < 26 ? '' : low(Math.floor(n / 26) - 1)) + String.fromCharCode(97 + (n % 26));
  return role + low(place);
}

/** The design's letter of a fabric's: 'B' of 'Ba'. */
export const letterOf = (role: string) => role.replace(/[a-z]+$/, '');

/** The letters that a colourway casts, in their order; those of a pool's fabrics left out. */
export function lettersOf({ fabrics }: Colourway): [role: string, fabric: Fabric][] {
  return [...fabrics].filter(([role]) => letterOf(role) === role).sort(([a], [b]) => (a < b ? -1 : 1));
}

/** The letters by which a fabric is told apart: a pool's own, not that of the whole pool. */
export function lettersOfFabric({ fabrics, pools }: Colourway, fabric: Fabric): string[] {
  return [...fabrics].filter(([role, f]) => f === fabric && !pools.has(role)).map(([role]) => role);
}

/** What clicking a fabric does to the selected letter, in words. */
import type { Colourway, Fabric } from '@aggrega/core/programme';
import { words } from './words';

export function castWords({ pools }: Colourway, role: string, fabric: Fabric): { short: string; long: string } {
  const pool = pools.get(role);
  if (!pool) return { short: words.useForLetter(role), long: words.useFabricForLetter(fabric.name, role) };
  return pool.fabrics.includes(fabric)
    ? { short: words.removeFromLetter(role), long: words.removeFrom(fabric.name, role) }
    : { short: words.addToLetter(role), long: words.addFabricToLetter(fabric.name, role) };
}

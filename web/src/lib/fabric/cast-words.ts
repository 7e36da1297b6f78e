/** What pressing a fabric does to the letter in hand, in words. */
import type { Colourway, Fabric } from '@aggrega/core/programme';

export function castWords({ pools }: Colourway, role: string, fabric: Fabric): { short: string; long: string } {
  const pool = pools.get(role);
  if (!pool) return { short: `as ${role}`, long: `Cast ${role} with ${fabric.name}` };
  return pool.fabrics.includes(fabric)
    ? { short: `out of ${role}`, long: `Take ${fabric.name} out of ${role}` }
    : { short: `into ${role}`, long: `Put ${fabric.name} into ${role}` };
}

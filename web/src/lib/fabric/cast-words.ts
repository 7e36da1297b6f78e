/** What clicking a fabric does to the selected letter, in words. */
import type { Colourway, Fabric } from '@aggrega/core/programme';

export function castWords({ pools }: Colourway, role: string, fabric: Fabric): { short: string; long: string } {
  const pool = pools.get(role);
  if (!pool) return { short: `Use for ${role}`, long: `Use ${fabric.name} for ${role}` };
  return pool.fabrics.includes(fabric)
    ? { short: `Remove from ${role}`, long: `Remove ${fabric.name} from ${role}` }
    : { short: `Add to ${role}`, long: `Add ${fabric.name} to ${role}` };
}

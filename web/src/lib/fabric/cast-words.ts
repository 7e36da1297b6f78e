/** What clicking a fabric does to the selected letter, in words. */
import { say } from '$lib/look/spoken';
import type { Colourway, Fabric } from '@aggrega/core/programme';

export function castWords({ pools }: Colourway, role: string, fabric: Fabric): { short: string; long: string } {
  const pool = pools.get(role);
  if (!pool) return { short: say`Use for ${role}`, long: say`Use ${fabric.name} for ${role}` };
  return pool.fabrics.includes(fabric)
    ? { short: say`Remove from ${role}`, long: say`Remove ${fabric.name} from ${role}` }
    : { short: say`Add to ${role}`, long: say`Add ${fabric.name} to ${role}` };
}

/** Prints that must keep their way up: which letters they concern, colourway by colourway (docs/craft.md, Fabric as it comes). */
import type { Colourway } from './document';

const known = new WeakMap<Colourway, ReadonlySet<string>>();

/** The letters that a colourway casts with a directional fabric; a scrappy letter where its pool holds one. */
export function directionalIn(colourway: Colourway): ReadonlySet<string> {
  const found = known.get(colourway) ?? lettersOf(colourway);
  known.set(colourway, found);
  return found;
}

function lettersOf({ fabrics, pools }: Colourway): Set<string> {
  const upright = (role: string) => fabrics.get(role)?.directional || pools.get(role)?.fabrics.some((f) => f.directional);
  return new Set([...fabrics.keys(), ...pools.keys()].filter(upright));
}

/** What a scatter could not keep, and why, in sentences. */
import type { Scatter } from '../fabric';
import { listed } from '../measure';
import type { Colourway, Fabric } from './document';
import type { Laid } from './scrappy';

interface Context {
  laid: readonly Laid[];
  fabrics: readonly Fabric[];
  colourway: Colourway;
  limits: readonly number[];
}

/** Equal fabrics that touch and what stands in the way; fabrics used more often than they may be; an uneven use. */
export function scatterDoubts(result: Scatter, context: Context): string[] {
  const { laid, fabrics, colourway, limits } = context;
  const names = (of: readonly number[]) => listed([...new Set(of)].map((f) => fabrics[f]!.name));
  const doubts: string[] = [];
  const { clashes, obstacle, cast, short } = result;
  const bySpot = new Map(laid.flatMap((l) => (l.spot === undefined ? [] : [[l.spot, l] as const])));
  const place = (spot: number) => {
    const { copy, group } = bySpot.get(spot)!;
    return copy ? copy.entry.block.name : group.replace('part ', 'the ');
  };
  if (clashes.length > 0) {
    const times = clashes.length === 1 ? 'once' : `${clashes.length} times`;
    doubts.push(`Equal fabrics touch ${times}: ${names(clashes.map(([a]) => cast[a]!))}. ${why()}`);
  }
  if (short.length > 0) {
    const some = short.map((f) => `${fabrics[f]!.name} ${cast.filter((c) => c === f).length} times instead of ${limits[f]}`);
    doubts.push(
      `All limits together leave too little for the quilt: ${listed(some)}. Raise a limit, or add a fabric to the pool.`,
    );
  }
  for (const [role, pool] of colourway.pools) {
    const spots = [...bySpot].flatMap(([spot, l]) => (l.role === role ? [spot] : []));
    const free = pool.fabrics.map((f) => fabrics.indexOf(f)).filter((f) => limits[f] === Infinity);
    const used = free.map((f) => spots.filter((s) => cast[s] === f).length);
    const [least, most] = [Math.min(...used), Math.max(...used)];
    if (pool.per === 'quilt' || free.length < 2 || most - least < 2) continue;
    const of = (n: number) => names(free.filter((_, i) => used[i] === n));
    doubts.push(
      `${role} is not used quite evenly: ${of(least)} ${least} times, ${of(most)} ${most} times. No exchange evens it out further: what is pinned, limited or touches its like stands in the way.`,
    );
  }
  return doubts;

  function why(): string {
    if (!obstacle) return '';
    const where = listed([...new Set(obstacle.spots.map(place))].slice(0, 3));
    if (obstacle.kind === 'crowd') {
      const [n, k] = [obstacle.spots.length, obstacle.fabrics.length];
      return `In ${where}, ${n} pieces all meet one another, and only ${k} ${k === 1 ? 'fabric' : 'fabrics'} may lie there (${names(obstacle.fabrics)}): ${n - k} more ${n - k === 1 ? 'is' : 'are'} wanted in the pool.`;
    }
    return obstacle.kind === 'every way'
      ? `In ${where} every way of laying them was tried; another fabric in the pool, or one pin fewer, makes room.`
      : `In ${where} no other way was found, though not every one was tried; another fabric in the pool makes it easy.`;
  }
}

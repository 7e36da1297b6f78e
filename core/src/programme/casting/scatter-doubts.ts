/** What a scatter could not keep, and why, in sentences. */
import { shown, type Scatter, type ScatterTask } from '../../fabric';
import { listed } from '../../measure';
import type { Colourway, Fabric, SizeOption } from '../document/document';
import type { Scattered } from './cast-quilt';
import type { QuiltPatch } from './laid';
import { words } from './words';

interface Context {
  laid: readonly QuiltPatch[];
  fabrics: readonly Fabric[];
  colourway: Colourway;
  task: ScatterTask;
  used: Scattered['used'];
  size: SizeOption | undefined;
}

/** Equal fabrics that touch and what stands in the way; fabrics used more often than they may be; an uneven use. */
export function scatterDoubts(result: Scatter, context: Context): string[] {
  const { laid, fabrics, colourway, task, size } = context;
  const names = (of: readonly number[]) => listed([...new Set(of)].map((f) => fabrics[f]!.name));
  const doubts: string[] = [];
  const { clashes, obstacle, cast } = result;
  const bySpot = new Map(laid.flatMap((l) => (l.spot === undefined ? [] : [[l.spot, l] as const])));
  const place = (spot: number) => {
    const { copy, group } = bySpot.get(spot)!;
    return copy ? copy.entry.block.name : group.replace('part ', 'the ');
  };
  if (clashes.length > 0) {
    const times = clashes.length === 1 ? 'once' : words.times(clashes.length);
    doubts.push(words.equalFabricsTouch(times, names(clashes.map(([a, , face = 0]) => shown(task, cast[a]!, face))), why()));
  }
  const mayBe = (f: Fabric) => (colourway.scatter.most.get(f.id) ?? Infinity) * (size?.make ?? 1);
  const times = new Map<Fabric, number>();
  for (const { fabric, times: n } of [...context.used.values()].flat()) times.set(fabric, (times.get(fabric) ?? 0) + n);
  const short = fabrics.filter((f) => (times.get(f) ?? 0) > mayBe(f));
  if (short.length > 0) {
    const some = short.map((f) => words.timesInsteadOf(f.name, times.get(f), mayBe(f)));
    doubts.push(words.allLimitsTogetherLeaveTooLittle(listed(some)));
  }
  for (const [role, pool] of colourway.pools) {
    // Units of a pool are spread by batches, of which each makes several.
    if (pool.units) continue;
    const spots = [...bySpot].flatMap(([spot, l]) => (l.role === role ? [spot] : []));
    const free = pool.fabrics.filter((f) => mayBe(f) === Infinity).map((f) => fabrics.indexOf(f));
    const used = free.map((f) => spots.filter((s) => cast[s] === f).length);
    const [least, most] = [Math.min(...used), Math.max(...used)];
    if (pool.per === 'quilt' || free.length < 2 || most - least < 2) continue;
    const of = (n: number) => names(free.filter((_, i) => used[i] === n));
    doubts.push(words.isNotUsedQuiteEvenlyTimes(role, of(least), least, of(most), most));
  }
  return doubts;

  function why(): string {
    if (!obstacle) return '';
    const where = listed([...new Set(obstacle.spots.map(place))].slice(0, 3));
    if (obstacle.kind === 'crowd') {
      const [n, k] = [obstacle.spots.length, obstacle.fabrics.length];
      return words.inPiecesTouchEachOtherBut(where, n, k, names(obstacle.fabrics), n - k);
    }
    return obstacle.kind === 'every way' ? words.inNoArrangementWorksAddA(where) : words.inWeFoundNoArrangementNot(where);
  }
}

/** The plain plan, nearly always the one with the fewest ruler settings: every size on strips of its own, whichever way up takes less cloth. The last strip is cut full. */
import { waysOf, type Abreast, type Pattern } from './pattern';
import type { SizedPieces } from './pieces';

/** `width` in ticks; `demand` in the order of the sizes. */
export function simplest(sizes: readonly SizedPieces[], width: number, demand: readonly number[]): Pattern[] {
  return sizes.flatMap((size, i): Pattern[] => {
    const wanted = demand[i]!;
    if (wanted === 0) return [];
    const strip = (lie: Abreast): Pattern => {
      const across = Math.min(wanted, Math.floor(width / lie.w));
      const column = { w: lie.w, rows: [{ h: lie.h, pieces: [lie] }] };
      return { length: lie.h, repeat: Math.ceil(wanted / across), columns: new Array<typeof column>(across).fill(column) };
    };
    const length = (p: Pattern) => p.repeat * p.length;
    return [
      waysOf(size, width)
        .map(strip)
        .reduce((a, b) => (length(b) < length(a) ? b : a)),
    ];
  });
}

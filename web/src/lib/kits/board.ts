/** The year's kits as a table, and what is to be cut next. */
import type { KitKind, Programme } from '@aggrega/core/programme';
import type { KitBoard } from '$lib/server/kits/kits';
import type { KitState } from '$lib/server/db/kits';

export interface BoardRow {
  month: string;
  colourway: string;
  size: string;
  kits: Record<KitState, number>;
  /** The planned ones by what they hold. */
  toCut: { kind?: KitKind; kits: number }[];
  loose: number;
}

/** A row for each sort of kit of each packet, in the order of the year; sorts that nobody has or awaits are left out. */
export function boardRows(
  { packets, counts, loose }: KitBoard,
  programme: Pick<Programme, 'colourways' | 'sizes'>,
): BoardRow[] {
  const sorts = programme.colourways.flatMap((c) =>
    ['', ...programme.sizes.map((s) => s.id)].map((size) => [c.id, size] as const),
  );
  return packets.flatMap((month) =>
    sorts.flatMap(([colourway, size]): BoardRow[] => {
      const own = <T extends { month: string; colourway: string; size: string }>(list: readonly T[]) =>
        list.filter((c) => c.month === month && c.colourway === colourway && c.size === size);
      const kits = { planned: 0, cut: 0, packed: 0, handed: 0 };
      for (const c of own(counts)) kits[c.state] += c.kits;
      const toCut = own(counts)
        .filter((c) => c.state === 'planned')
        .map(({ kind, kits: n }) => ({ ...(kind && { kind }), kits: n }));
      const free = own(loose).reduce((n, l) => n + l.kits, 0);
      return free + Object.values(kits).reduce((a, b) => a + b) > 0
        ? [{ month, colourway, size, kits, toCut, loose: free }]
        : [];
    }),
  );
}

export interface NextCut {
  /** Packets whose kits are to be cut by then: the next that comes out, and what late joiners have to catch up with. */
  rows: BoardRow[];
  /** Those among them that are out already. */
  back: BoardRow[];
}

/** What the next cutting evening is for: planned kits of packets that are out, and of the next that is not. */
export function nextCutting(rows: readonly BoardRow[], programme: Programme, today: string): NextCut {
  const releaseOf = (id: string) => programme.months.find((m) => m.id === id)?.release ?? '9999';
  const ahead = [...new Set(rows.map((r) => r.month))]
    .filter((m) => releaseOf(m) >= today)
    .sort((a, b) => (releaseOf(a) < releaseOf(b) ? -1 : 1));
  const planned = rows.filter((r) => r.kits.planned > 0);
  const back = planned.filter((r) => releaseOf(r.month) < today);
  return { back, rows: [...back, ...planned.filter((r) => r.month === ahead[0])] };
}

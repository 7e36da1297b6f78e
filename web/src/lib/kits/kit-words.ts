/** How kits read on screen. */
import { spoken } from '@aggrega/core/words';
import { monthTitle, type Programme } from '@aggrega/core/programme';
import type { KitState } from '$lib/server/db/kits';

export const kitStates: readonly KitState[] = ['planned', 'cut', 'packed', 'handed'];
export const kitStateNames: Readonly<Record<KitState, string>> = spoken('kits-states', {
  planned: 'planned',
  cut: 'cut',
  packed: 'packed',
  handed: 'handed out',
});

/** 'January: Cold Frame', or 'February: Seed Drill and March: Cloche' of a packet of two months. */
export function packetName({ kits, months }: Programme, first: string): string {
  const packet = kits.packets.find((p) => p[0]?.id === first) ?? months.filter((m) => m.id === first);
  return packet.map(monthTitle).join(' and ') || first;
}

/** What a scanner reads off a kit's label: its month, and whose it is. */
export const kitCode = (month: string, participant: string): string => `${month}/${participant.slice(0, 8)}`;

/** 'Frost', or 'Frost, Double bed'. */
export function sortName({ colourways, sizes }: Programme, colourway: string, size: string): string {
  const named = (list: readonly { id: string; name: string }[], id: string) => list.find((x) => x.id === id)?.name ?? id;
  return [named(colourways, colourway), size && named(sizes, size)].filter(Boolean).join(', ');
}

/** How kits read on screen. */
import { spoken } from '@aggrega/core/words';
import { monthTitle, type KitKind, type Programme } from '@aggrega/core/programme';
import type { KitState } from '$lib/server/db/kits';

export const kitStates: readonly KitState[] = ['planned', 'cut', 'packed', 'handed'];
export const kitStateNames: Readonly<Record<KitState, string>> = spoken('kits-states', {
  planned: 'planned',
  cut: 'cut',
  packed: 'packed',
  handed: 'handed out',
});

/** What a kind of kit is, for whoever is handed it. */
export const kitNames: Readonly<Record<KitKind, string>> = spoken('kits-kinds', {
  yardage: 'a length of each fabric',
  'pre-cut': 'the pieces, cut by the shop',
  'die-cut': 'the pieces, die-cut by the shop',
  bundle: 'a start-up bundle for the whole programme',
  list: 'a shopping list only: bring your own',
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

import type { Month, MonthBlock } from '@aggrega/core/programme';

/** The name of a month's entry in a change's path: its block, and the how-manieth of that block it is. */
export function entryPath(month: Month, entry: MonthBlock): string {
  const same = month.blocks.filter((b) => b.block.id === entry.block.id);
  // A scrappy block as it is cast has the place of its drawing.
  const nth = same.findIndex((b) => b.path === entry.path) + 1;
  return `/months/${month.id}/blocks/${entry.block.id}${nth > 1 ? `~${nth}` : ''}`;
}

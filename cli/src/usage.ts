/** Options of a verb, and what is wrong with them. */
import type { Programme } from '@aggrega/core/programme';
import { parseArgs } from 'node:util';
import { words as said } from './words';

/** The command was called wrongly; the file is not to blame. */
export class UsageError extends Error {}

/** The options among `words`, texts by name and `flags` that stand alone; an unknown one throws UsageError. */
export function readOptions<Name extends string, Flag extends string = never>(
  words: string[],
  names: readonly Name[],
  flags: readonly Flag[] = [],
): Partial<Record<Name, string> & Record<Flag, boolean>> {
  try {
    const options = Object.fromEntries([
      ...names.map((name) => [name, { type: 'string' as const }] as const),
      ...flags.map((flag) => [flag, { type: 'boolean' as const }] as const),
    ]);
    return parseArgs({ args: words, options, strict: true }).values as Partial<Record<Name, string> & Record<Flag, boolean>>;
  } catch (error) {
    throw new UsageError((error as Error).message);
  }
}

/** The entry with that id, or a UsageError that lists those there are. */
export function pick<T extends { id: string }>(entries: readonly T[], id: string, what: string): T {
  const found = entries.find((e) => e.id === id);
  if (!found) throw new UsageError(said.thereIsNoThereAre(what, id, entries.map((e) => e.id).join(', ') || said.none));
  return found;
}

/** Tells whoever sits at a terminal what is being worked on; where the errors go into a file or a pipe, nothing is said. */
export function underWay(what: string): void {
  if (process.stderr.isTTY) process.stderr.write(said.aggrega2(what));
}

/** Packets by their places from 0, of '1,2'; all of them when left out. */
export function readPackets({ kits }: Pick<Programme, 'kits'>, written: string | undefined): number[] {
  const most = kits.packets.length;
  if (written === undefined) return kits.packets.map((_, i) => i);
  const numbers = written.split(',').map((one) => {
    if (!/^\d{1,3}$/.test(one.trim()) || Number(one) < 1 || Number(one) > most)
      throw new UsageError(said.packetsNamesPacketsFrom1To(most, one));
    return Number(one) - 1;
  });
  return [...new Set(numbers)];
}

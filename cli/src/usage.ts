/** Options of a verb, and what is wrong with them. */
import { parseArgs } from 'node:util';

/** The command was called wrongly; the file is not to blame. */
export class UsageError extends Error {}

/** The options among `words`, all of them texts; an unknown one throws UsageError. */
export function readOptions<Name extends string>(words: string[], names: readonly Name[]): Partial<Record<Name, string>> {
  try {
    const options = Object.fromEntries(names.map((name) => [name, { type: 'string' as const }]));
    return parseArgs({ args: words, options, strict: true }).values as Partial<Record<Name, string>>;
  } catch (error) {
    throw new UsageError((error as Error).message);
  }
}

/** The entry with that id, or a UsageError that lists those there are. */
export function pick<T extends { id: string }>(entries: readonly T[], id: string, what: string): T {
  const found = entries.find((e) => e.id === id);
  if (!found) throw new UsageError(`there is no ${what} '${id}'; there are: ${entries.map((e) => e.id).join(', ') || 'none'}`);
  return found;
}

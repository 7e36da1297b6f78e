/**
 * What this device has not brought to the server yet, kept in the browser's database until it has: over a reload, a lost connection, an evening without one.
 * Each entry is kept by itself, so that two pages of one device do not write over each other's.
 */
import { createStore, delMany, entries, setMany, type UseStore } from 'idb-keyval';

export interface Outbox<Entry> {
  /** All that is kept, by its keys; nothing where the browser keeps nothing, as in a private window. */
  all(): Promise<Map<string, Entry>>;
  keep(entries: readonly (readonly [key: string, entry: Entry])[]): Promise<void>;
  forget(keys: readonly string[]): Promise<void>;
}

let store: UseStore | undefined;
const ours = (): UseStore => (store ??= createStore('aggrega-outbox', 'entries'));

/** The outbox of that name. */
export function outbox<Entry>(name: string): Outbox<Entry> {
  const begin = `${name}\n`;
  // What cannot be kept is still sent from this page.
  const tried = (work: () => Promise<void>): Promise<void> => work().catch(() => undefined);
  return {
    async all() {
      const kept = await entries<string, Entry>(ours()).catch(() => []);
      return new Map(kept.flatMap(([key, entry]) => (key.startsWith(begin) ? [[key.slice(begin.length), entry]] : [])));
    },
    keep: (kept) =>
      tried(() =>
        setMany(
          kept.map(([key, entry]) => [begin + key, entry]),
          ours(),
        ),
      ),
    forget: (keys) =>
      tried(() =>
        delMany(
          keys.map((key) => begin + key),
          ours(),
        ),
      ),
  };
}

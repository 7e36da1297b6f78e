/** What was worked out for something that does not change, kept as long as that is: a page that is asked for again is not worked out again. */
import { spokenTag } from '@aggrega/core/words';
import { LRUCache } from 'lru-cache';

const kept = new WeakMap<object, LRUCache<string, { made: unknown }>>();
/** Answers per owner: addresses can ask in ever other ways. */
const MOST = 60;

/** The answer under that name, made the first time. What throws is not kept. */
export function keptFor<T>(owner: object, asked: string, make: () => T): T {
  // What is made may hold words.
  const name = `${spokenTag()} ${asked}`;
  const own = kept.get(owner) ?? new LRUCache<string, { made: unknown }>({ max: MOST });
  kept.set(owner, own);
  const known = own.get(name);
  if (known) return known.made as T;
  const made = make();
  own.set(name, { made });
  return made;
}

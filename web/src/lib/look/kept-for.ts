/** What was worked out for something that does not change, kept as long as that is: a page that is asked for again is not worked out again. */
import { spokenTag } from '@aggrega/core/words';

const kept = new WeakMap<object, Map<string, unknown>>();
/** Answers per owner: addresses can ask in ever other ways. */
const MOST = 60;

/** The answer under that name, made the first time. What throws is not kept. */
export function keptFor<T>(owner: object, asked: string, make: () => T): T {
  // What is made may hold words.
  const name = `${spokenTag()} ${asked}`;
  const own = kept.get(owner) ?? new Map<string, unknown>();
  kept.set(owner, own);
  if (own.has(name)) return own.get(name) as T;
  const made = make();
  if (own.size >= MOST) own.delete(own.keys().next().value!);
  own.set(name, made);
  return made;
}

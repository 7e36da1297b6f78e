/** What was worked out of an object and holds words: kept apart for each language, as long as the object lives. */
import { spokenTag } from './spoken';

export class KeptWords<Of extends WeakKey, Kept> {
  #languages = new Map<string, WeakMap<Of, Kept>>();

  /** What was kept of it for whoever is spoken to now. */
  get(of: Of): Kept | undefined {
    return this.#languages.get(spokenTag())?.get(of);
  }

  set(of: Of, kept: Kept): void {
    const tag = spokenTag();
    let own = this.#languages.get(tag);
    if (!own) this.#languages.set(tag, (own = new WeakMap()));
    own.set(of, kept);
  }
}

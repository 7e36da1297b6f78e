/**
 * What the checks of her layouts found, on its way to the organiser, if she tells it: which piece lay how, never a picture. What cannot be sent yet waits on her
 * device.
 */
import { trySendOnce } from '$lib/ask/send-once';
import { words } from './words';
import type { FoundSlip } from '$lib/server/db/layout-checks';

interface Told {
  month: string;
  block: string;
  found: FoundSlip[];
  /** Of the request that tells it; one that waited on this device since an older version has none. */
  key?: string;
}

export class Telling {
  tells = $state(false);
  trouble = $state('');
  #own: string;
  #place: string;
  /** Of the photo that is looked at: only the last look at it is told, when its corners are where she wants them. */
  #last: Told | undefined;
  #sending = false;
  /** What she chose, on its way: what is told goes after it, or it would be told by somebody who has not agreed yet. */
  #choosing: Promise<void> = Promise.resolve();

  constructor(key: string, tells: boolean) {
    this.#own = `/p/${key}/own`;
    this.#place = `aggrega:layouts:${key}`;
    this.tells = tells;
  }

  /** Tells from now on, or no more: then what was told is forgotten. */
  choose(tells: boolean): Promise<void> {
    this.tells = tells;
    return (this.#choosing = this.#choosing.then(() => this.#choose(tells)));
  }

  async #choose(tells: boolean): Promise<void> {
    const answer = await this.#post({ deed: 'tells', tells });
    this.trouble = answer?.ok ? '' : words.youAreOfflineNothingWas;
    if (!answer?.ok) this.tells = !tells;
    else if (!tells) this.#keep([]);
  }

  /** What the look at this photo found; an earlier look at it no longer counts. */
  note(told: Told): void {
    this.#last = told;
  }

  /** The photo is done with: what was found goes on its way. */
  async done(): Promise<void> {
    if (this.#last && this.tells) this.#keep([...this.#waiting(), { ...this.#last, key: crypto.randomUUID() }].slice(-MOST));
    this.#last = undefined;
    await this.send();
  }

  /** Sends what waits. */
  async send(): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    await this.#choosing;
    while (this.tells && this.#waiting().length > 0) {
      const [first] = this.#waiting();
      const { key, ...laid } = first!;
      const answer = await this.#post({ deed: 'laid', ...laid }, key);
      // What the server does not want is not sent again.
      if (!answer || answer.status >= 500) break;
      this.#keep(this.#waiting().slice(1));
    }
    this.#sending = false;
  }

  #post = (body: object, key?: string): Promise<Response | undefined> => trySendOnce(this.#own, { body, key, keepalive: true });

  #waiting(): Told[] {
    try {
      return (JSON.parse(localStorage.getItem(this.#place) ?? '[]') as Told[]) ?? [];
    } catch {
      // Private windows keep nothing.
      return [];
    }
  }

  #keep(waiting: readonly Told[]): void {
    try {
      if (waiting.length > 0) localStorage.setItem(this.#place, JSON.stringify(waiting));
      else localStorage.removeItem(this.#place);
    } catch {
      // As above: it is not told.
    }
  }
}

/** Checks that wait on a device at most. */
const MOST = 50;

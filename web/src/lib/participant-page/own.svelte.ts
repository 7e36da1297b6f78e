/** What a participant does on her own page: sent at once, and said when it could not be. */
import { trySendOnce } from '$lib/ask/send-once';
import { words } from './words';
import { invalidateAll } from '$app/navigation';

export class Own {
  trouble = $state('');
  working = $state(false);
  #address: string;

  constructor(key: string) {
    this.#address = `/p/${key}`;
  }

  /** Does it and shows the page anew; false, with the reason said, when it was not done. */
  async do(deed: Record<string, unknown>): Promise<boolean> {
    return this.#send(`${this.#address}/own`, deed);
  }

  /** Sends a picture of a month. */
  async picture(month: string, file: File): Promise<boolean> {
    return this.#send(`${this.#address}/months/${month}/pictures`, file);
  }

  async #send(address: string, body: object): Promise<boolean> {
    this.working = true;
    this.trouble = '';
    try {
      const answer = await trySendOnce(address, { body });
      if (answer?.ok) {
        await invalidateAll();
        return true;
      }
      const said = (await answer?.json().catch(() => undefined)) as { message?: string } | undefined;
      this.trouble = said?.message ?? words.youAreOfflineNothingWas;
      return false;
    } finally {
      this.working = false;
    }
  }
}

/** A month on its way out, as a page has it: asked for anew after every step and every save. */
import { trySendOnce } from '$lib/ask/send-once';
import { words } from './words';
import { invalidate } from '$app/navigation';
import type { ReleasePage } from '$lib/server/release/releases';

/** What changes when a month moves on: states along the edge depend on it. */
export const RELEASES = 'aggrega:releases';

export class ReleaseDesk {
  found: ReleasePage = $state.raw()!;
  trouble = $state('');
  working = $state(false);
  #address: string;

  constructor(slug: string, month: string, found: ReleasePage) {
    this.#address = `/api/programmes/${slug}/releases/${month}`;
    this.found = dated(found);
  }

  /** Asks how it stands; a server that does not answer changes nothing here. */
  async look(): Promise<void> {
    const answer = await fetch(this.#address).catch(() => undefined);
    if (answer?.ok) this.found = dated((await answer.json()) as ReleasePage);
  }

  /** Takes the month a step further, or back; false, with the reason said, when it stays where it is. */
  async step(step: Record<string, unknown>): Promise<boolean> {
    this.working = true;
    this.trouble = '';
    try {
      const answer = await trySendOnce(this.#address, { body: step });
      if (!answer?.ok) {
        const said = (await answer?.json().catch(() => undefined)) as { message?: string } | undefined;
        this.trouble = said?.message ?? words.weCantReachTheServer;
        return false;
      }
      this.found = dated((await answer.json()) as ReleasePage);
      await invalidate(RELEASES);
      return true;
    } finally {
      this.working = false;
    }
  }
}

/** JSON has no dates of its own. */
function dated(found: ReleasePage): ReleasePage {
  const date = (at: Date | null) => at && new Date(at);
  const { release, holders } = found;
  return {
    ...found,
    ...(release && {
      release: { ...release, proofed: new Date(release.proofed), due: date(release.due), released: date(release.released) },
    }),
    holders: holders.map((h) => ({ ...h, held: date(h.held) })),
  };
}

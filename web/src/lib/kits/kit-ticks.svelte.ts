/**
 * Kits at the table: shown at once as ticked, kept on this device until the server has them, sent again when it was away. Several tables share one
 * evening: what others tick turns up here.
 */
import { sendOnce, type Written } from '$lib/ask/send-once';
import { words } from './words';
import { outbox, type Outbox } from '$lib/ask/outbox';
import { SvelteMap } from 'svelte/reactivity';
import type { KitRow, KitState } from '$lib/server/db/kits';

/** Milliseconds after which other tables' ticks are looked for. */
const LOOK = 3000;

interface Waiting {
  month: string;
  participant: string;
  state: KitState;
  /** Of the request that brings it with others of its month; absent where a device kept it since an older version. */
  key?: string;
}

const keyOf = (k: { month: string; participant: string }) => `${k.month} ${k.participant}`;

export class KitTicks {
  #rows: KitRow[] = $state.raw([]);
  /** What could not be sent yet. */
  readonly waiting = new SvelteMap<string, Waiting>();
  /** Whether the last question was answered. */
  away = $state(false);
  trouble = $state('');
  /** Whether the kits have come; a long list comes after the page. */
  ready = $state(true);
  #address: string;
  #box: Outbox<Waiting>;
  #query: string;
  #timer: ReturnType<typeof setInterval> | undefined;
  #running: Promise<void> | undefined;

  /** `query` names which kits: a month's packet, or everybody's. */
  constructor(slug: string, query: string, { rows, later }: { rows: KitRow[]; later: boolean }) {
    this.#address = `/api/programmes/${slug}/kits`;
    this.#box = outbox(`kits ${this.#address}`);
    this.#query = query;
    this.#rows = rows;
    this.ready = !later;
  }

  /** Takes up what this device kept, and looks out for others. Call in the browser. */
  start(): void {
    this.#timer = setInterval(() => void this.sync(), LOOK);
    void this.#takeUp();
  }

  /** What was ticked since is newer than what was kept. */
  async #takeUp(): Promise<void> {
    for (const [key, kept] of await this.#box.all()) if (!this.waiting.has(key)) this.waiting.set(key, kept);
    await this.sync();
  }

  /** All kits, with what waits to be sent. */
  readonly rows = $derived.by((): KitRow[] =>
    this.#rows.map((row) => {
      const waits = this.waiting.get(keyOf(row));
      return waits ? { ...row, state: waits.state } : row;
    }),
  );

  /** Sets how far kits are. */
  set(kits: readonly { month: string; participant: string }[], state: KitState): void {
    const keys = new Map(kits.map(({ month }) => [month, crypto.randomUUID()]));
    const now = kits.map(({ month, participant }): [string, Waiting] => [
      keyOf({ month, participant }),
      { month, participant, state, key: keys.get(month) },
    ]);
    for (const [key, waiting] of now) this.waiting.set(key, waiting);
    void this.#box.keep(now);
    void this.sync();
  }

  /** Sends what waits, then takes over what others did. */
  async sync(): Promise<void> {
    this.#running ??= this.#exchange().finally(() => (this.#running = undefined));
    await this.#running;
    // What was ticked while it was under way goes now.
    if (this.waiting.size > 0 && !this.away) {
      this.#running ??= this.#exchange().finally(() => (this.#running = undefined));
      await this.#running;
    }
  }

  async #exchange(): Promise<void> {
    const sorts = new Map<string, Waiting[]>();
    for (const w of this.waiting.values()) {
      const sort = `${w.month} ${w.state} ${w.key}`;
      sorts.set(sort, [...(sorts.get(sort) ?? []), w]);
    }
    const sent: Waiting[] = [];
    for (const some of sorts.values()) {
      const { month, state, key } = some[0]!;
      const body = { deed: 'set', month, state, people: some.map((w) => w.participant) };
      const answer = await this.#ask(this.#address, { body, key });
      if (!answer) return;
      if (!answer.ok && answer.status < 500) {
        // Refused for good: said, and no longer kept.
        const said = (await answer.json().catch(() => undefined)) as { message?: string } | undefined;
        this.trouble = said?.message ?? words.theServerRefusedIt;
      } else if (!answer.ok) return void (this.away = true);
      sent.push(...some);
    }
    const answer = await this.#ask(`${this.#address}?${this.#query}`);
    if (answer?.ok) {
      this.#rows = (await answer.json()) as KitRow[];
      this.ready = true;
    }
    // The rows come first, so that no tick is gone for a moment; one that was changed meanwhile stays.
    const there = sent.filter((w) => answer?.ok && !this.away && this.waiting.get(keyOf(w)) === w).map(keyOf);
    for (const key of there) this.waiting.delete(key);
    void this.#box.forget(there);
  }

  async #ask(address: string, written?: Written): Promise<Response | undefined> {
    const answer = await (written ? sendOnce(address, written) : fetch(address)).catch(() => undefined);
    // What the device kept of an earlier answer is no answer of the server's.
    this.away = !answer || answer.headers.has('x-kept');
    return answer;
  }

  close(): void {
    clearInterval(this.#timer);
  }
}

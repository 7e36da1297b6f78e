/**
 * Kits at the table: shown at once as ticked, kept on this device until the server has them, sent again when it was away. Several tables share one
 * evening: what others tick turns up here.
 */
import { words } from './words';
import { SvelteMap } from 'svelte/reactivity';
import type { KitRow, KitState } from '$lib/server/db/kits';

/** Milliseconds after which other tables' ticks are looked for. */
const LOOK = 3000;

interface Waiting {
  month: string;
  participant: string;
  state: KitState;
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
  #query: string;
  #timer: ReturnType<typeof setInterval> | undefined;
  #running: Promise<void> | undefined;

  /** `query` names which kits: a month's packet, or everybody's. */
  constructor(slug: string, query: string, { rows, later }: { rows: KitRow[]; later: boolean }) {
    this.#address = `/api/programmes/${slug}/kits`;
    this.#query = query;
    this.#rows = rows;
    this.ready = !later;
  }

  /** Takes up what this device kept, and looks out for others. Call in the browser. */
  start(): void {
    try {
      for (const w of JSON.parse(localStorage.getItem(this.#key) ?? '[]') as Waiting[])
        if (typeof w.participant === 'string') this.waiting.set(keyOf(w), w);
    } catch {
      // What a device kept unreadably is left; the server's kits stand.
    }
    this.#timer = setInterval(() => void this.sync(), LOOK);
    void this.sync();
  }

  get #key() {
    return `aggrega-kits ${this.#address}`;
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
    for (const { month, participant } of kits) this.waiting.set(keyOf({ month, participant }), { month, participant, state });
    this.#keep();
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
      const sort = `${w.month} ${w.state}`;
      sorts.set(sort, [...(sorts.get(sort) ?? []), w]);
    }
    const sent: Waiting[] = [];
    for (const some of sorts.values()) {
      const { month, state } = some[0]!;
      const body = JSON.stringify({ deed: 'set', month, state, people: some.map((w) => w.participant) });
      const answer = await this.#ask(this.#address, { method: 'POST', body });
      if (!answer) return;
      if (!answer.ok && answer.status < 500) {
        // Refused for good: said, and no longer kept.
        const said = (await answer.json().catch(() => undefined)) as { message?: string } | undefined;
        this.trouble = said?.message ?? words.theServerRefusedIt;
      } else if (!answer.ok) return void (this.away = true);
      sent.push(...some);
    }
    const answer = await this.#ask(`${this.#address}?${this.#query}`, {});
    if (answer?.ok) {
      this.#rows = (await answer.json()) as KitRow[];
      this.ready = true;
    }
    // The rows come first, so that no tick is gone for a moment; one that was changed meanwhile stays.
    for (const w of sent) if (answer?.ok && !this.away && this.waiting.get(keyOf(w)) === w) this.waiting.delete(keyOf(w));
    this.#keep();
  }

  async #ask(address: string, init: RequestInit): Promise<Response | undefined> {
    const answer = await fetch(address, { ...init, headers: { 'content-type': 'application/json' } }).catch(() => undefined);
    // What the device kept of an earlier answer is no answer of the server's.
    this.away = !answer || answer.headers.has('x-kept');
    return answer;
  }

  #keep(): void {
    if (this.waiting.size === 0) localStorage.removeItem(this.#key);
    else localStorage.setItem(this.#key, JSON.stringify([...this.waiting.values()]));
  }

  close(): void {
    clearInterval(this.#timer);
  }
}

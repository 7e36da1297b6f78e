/** The ticks of a cutting place, shared with every screen at the table: shown at once, kept on the server, sent again when it was away. */
import { sendOnce, type Written } from '$lib/ask/send-once';
import { outbox, type Outbox } from '$lib/ask/outbox';
import { SvelteMap } from 'svelte/reactivity';
import type { CutPiece } from '@aggrega/core/programme';
import type { CuttingState, Tick } from '$lib/server/cut/cutting-room';

/** Milliseconds after which other people's ticks are looked for. */
const LOOK = 3000;

/** With the key of the request that brings it; one that a device kept since an older version has none. */
type WaitingTick = Tick & { key?: string };

const keyOf = (list: string, step: string) => `${list} ${step}`;

/** The list that is on the table: for how many kits, what it counts as cut, minutes by the rates. */
export type ListInHand = Pick<Tick, 'list' | 'kits' | 'base' | 'estimated'>;

export class Ticks {
  #state: CuttingState = $state.raw({ lists: [], steps: [] });
  /** What could not be sent yet. */
  readonly waiting = new SvelteMap<string, WaitingTick>();
  /** Whether the last question was answered. */
  away = $state(false);
  #address: string;
  #box: Outbox<WaitingTick>;
  #timer: ReturnType<typeof setInterval>;
  #running: Promise<void> | undefined;

  /** `address` is the place's route; `state` what the page was loaded with. */
  constructor(address: string, state: CuttingState) {
    this.#address = address;
    this.#state = state;
    this.#box = outbox(`cut ${address}`);
    this.#timer = setInterval(() => void this.sync(), LOOK);
    void this.#takeUp();
  }

  /** Takes up what this device kept; what was ticked since is newer. */
  async #takeUp(): Promise<void> {
    for (const [key, tick] of await this.#box.all()) if (!this.waiting.has(key)) this.waiting.set(key, tick);
    await this.sync();
  }

  /** Everything that is done, with what waits to be sent. */
  readonly done = $derived.by((): ReadonlyMap<string, CutPiece[]> => {
    const done = new Map(this.#state.steps.map((s) => [keyOf(s.list, s.step), s.gives]));
    for (const [key, tick] of this.waiting) {
      if (tick.done) done.set(key, tick.gives);
      else done.delete(key);
    }
    return done;
  });

  /** Lists that were begun, oldest first. */
  readonly lists = $derived.by((): (ListInHand & { minutes: number | null })[] => {
    const known = new Set(this.#state.lists.map((l) => l.list));
    const begun = [...this.waiting.values()].filter((t) => t.done && !known.has(t.list));
    const own = new Map(
      begun.map((t) => [t.list, { list: t.list, kits: t.kits, base: t.base, estimated: t.estimated, minutes: null }]),
    );
    return [...this.#state.lists, ...own.values()];
  });

  isDone(list: string, step: string): boolean {
    return this.done.has(keyOf(list, step));
  }

  set(list: ListInHand, step: string, gives: CutPiece[], done: boolean): void {
    const tick = { ...list, step, gives, done, key: crypto.randomUUID() };
    this.waiting.set(keyOf(list.list, step), tick);
    void this.#box.keep([[keyOf(list.list, step), tick]]);
    void this.sync();
  }

  /** Notes what a list took; false when the server does not answer. */
  async log(list: string, minutes: number | null): Promise<boolean> {
    // A list is begun by its first tick: what waits goes before the note, or there would be nothing to note it with.
    for (let tries = 0; this.waiting.size > 0 && tries < 3; tries += 1) await this.sync();
    if (this.waiting.size > 0) return false;
    const state = await this.#ask({ method: 'PATCH', body: { list, minutes } });
    if (state) this.#state = state;
    return state !== undefined;
  }

  /** Sends what waits, then takes over what others ticked. */
  async sync(): Promise<void> {
    if (document.hidden) return;
    this.#running ??= this.#exchange().finally(() => (this.#running = undefined));
    await this.#running;
  }

  async #exchange(): Promise<void> {
    let state: CuttingState | undefined;
    for (const [key, tick] of [...this.waiting]) {
      const { key: own, ...body } = tick;
      state = await this.#ask({ method: 'PUT', body, key: own });
      if (!state) return;
      // It may have been ticked anew while it was on its way; the state comes first, so that no tick is gone for a moment.
      this.#state = state;
      if (this.waiting.get(key) !== tick) continue;
      this.waiting.delete(key);
      void this.#box.forget([key]);
    }
    state ??= await this.#ask();
    if (state) this.#state = state;
  }

  async #ask(written?: Written): Promise<CuttingState | undefined> {
    const response = await (written ? sendOnce(this.#address, written) : fetch(this.#address)).catch(() => undefined);
    this.away = !response?.ok;
    return response?.ok ? ((await response.json()) as CuttingState) : undefined;
  }

  close(): void {
    clearInterval(this.#timer);
  }
}

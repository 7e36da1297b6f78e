/** The ticks of a cutting list, shared with every screen at the table: shown at once, kept on the server, sent again when it was away. */
import { SvelteMap, SvelteSet } from 'svelte/reactivity';

/** Milliseconds after which other people's ticks are looked for. */
const LOOK = 3000;

export class Ticks {
  readonly done = new SvelteSet<string>();
  /** What could not be sent yet. */
  readonly waiting = new SvelteMap<string, boolean>();
  #address: string;
  #timer: ReturnType<typeof setInterval>;
  #busy = false;

  /** `address` is the list's route. */
  constructor(address: string) {
    this.#address = address;
    try {
      for (const [step, done] of Object.entries(JSON.parse(localStorage.getItem(this.#key) ?? '{}') as Record<string, boolean>))
        this.waiting.set(step, done);
    } catch {
      // What a device kept unreadably is left; the server's ticks stand.
    }
    this.#timer = setInterval(() => void this.sync(), LOOK);
    void this.sync();
  }

  get #key() {
    return `aggrega-ticks ${this.#address}`;
  }

  set(step: string, done: boolean): void {
    this.waiting.set(step, done);
    this.#show(step, done);
    this.#keep();
    void this.sync();
  }

  /** Sends what waits, then takes over what others ticked. */
  async sync(): Promise<void> {
    if (this.#busy || document.hidden) return;
    this.#busy = true;
    try {
      for (const [step, done] of [...this.waiting]) {
        const answer = await this.#ask({
          method: 'PUT',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ step, done }),
        });
        if (!answer) return;
        // It may have been ticked anew while it was on its way.
        if (this.waiting.get(step) === done) this.waiting.delete(step);
        this.#keep();
      }
      const answer = await this.#ask({});
      if (!answer) return;
      for (const step of [...this.done]) if (!answer.includes(step) && !this.waiting.has(step)) this.done.delete(step);
      for (const step of answer) if (!this.waiting.has(step)) this.done.add(step);
      for (const [step, done] of this.waiting) this.#show(step, done);
    } finally {
      this.#busy = false;
    }
  }

  #show(step: string, done: boolean): void {
    if (done) this.done.add(step);
    else this.done.delete(step);
  }

  async #ask(init: RequestInit): Promise<string[] | undefined> {
    const response = await fetch(this.#address, init).catch(() => undefined);
    return response?.ok ? ((await response.json()) as { done: string[] }).done : undefined;
  }

  #keep(): void {
    if (this.waiting.size === 0) localStorage.removeItem(this.#key);
    else localStorage.setItem(this.#key, JSON.stringify(Object.fromEntries(this.waiting)));
  }

  close(): void {
    clearInterval(this.#timer);
  }
}

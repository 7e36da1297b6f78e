/** How far somebody has read and done a sheet, card by card; kept on her device. */
import type { Card } from '@aggrega/core/sheet';

interface Kept {
  at: string;
  done: string[];
}

export class ReadingOn {
  /** Which card is open. */
  at = $state(0);
  /** Names of the cards, and of the rows on them, that are ticked. */
  done: ReadonlySet<string> = $state.raw(new Set<string>());
  #place: string;
  #cards: readonly Card[];

  /** `place`: what the sheet is kept under, its version included: a corrected sheet is begun anew. */
  constructor(place: string, cards: readonly Card[]) {
    this.#place = `aggrega:reading:${place}`;
    this.#cards = cards;
  }

  /** Goes on where she stopped. Call in the browser. */
  resume(): void {
    const kept = this.#read();
    if (!kept) return;
    this.done = new Set(kept.done);
    this.at = Math.max(
      0,
      this.#cards.findIndex((c) => c.id === kept.at),
    );
  }

  go(to: number): void {
    if (to < 0 || to >= this.#cards.length) return;
    this.at = to;
    this.#keep();
  }

  tick(id: string, done: boolean): void {
    const next = new Set(this.done);
    if (done) next.add(id);
    else next.delete(id);
    this.done = next;
    this.#keep();
  }

  /** Ticks the card that is open, and turns to the next. */
  next(): void {
    this.tick(this.#cards[this.at]!.id, true);
    this.go(this.at + 1);
  }

  #read(): Kept | undefined {
    try {
      return (JSON.parse(localStorage.getItem(this.#place) ?? 'null') as Kept | null) ?? undefined;
    } catch {
      // Private windows keep nothing, and what is not ours is not read.
      return undefined;
    }
  }

  #keep(): void {
    try {
      localStorage.setItem(this.#place, JSON.stringify({ at: this.#cards[this.at]!.id, done: [...this.done] } satisfies Kept));
    } catch {
      // As above: the reading goes on, and is not kept.
    }
  }
}

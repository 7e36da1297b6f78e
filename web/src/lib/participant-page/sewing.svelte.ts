/** How far she has sewn a sheet, and what she measured: kept on her device at once, and with her page as soon as there is a connection. */
import type { Card } from '@aggrega/core/sheet';
import { mergedMarks, type Mark, type Marks } from '@aggrega/core/running';

export interface SewnSheet {
  key: string;
  month: string;
  /** A corrected sheet is begun anew. */
  version: number;
  cards: readonly Card[];
  /** What is kept with her page. */
  marks: Marks;
}

export class Sewing {
  /** Which card is open. */
  at = $state(0);
  marks: Marks = $state.raw({});
  /** Whether all that is marked is kept with her page. */
  kept = $state(true);
  readonly cards: readonly Card[];
  #sheet: SewnSheet;
  #place: string;
  #unsent = new Set<string>();
  #sending = false;

  constructor(sheet: SewnSheet) {
    this.#sheet = sheet;
    this.cards = sheet.cards;
    this.#place = `aggrega:sewing:${sheet.key}:${sheet.month}:${sheet.version}`;
    this.marks = sheet.marks;
    this.at = this.#open();
  }

  /** Goes on where she stopped on this or another device, the newest counting. Call in the browser. */
  resume(): void {
    const own = this.#read();
    this.marks = mergedMarks(this.#sheet.marks, own);
    for (const [name, mark] of Object.entries(this.marks)) if (this.#sheet.marks[name]?.at !== mark.at) this.#unsent.add(name);
    this.at = this.#open();
    void this.send();
  }

  /** How often a card or a row on it is done. */
  done(id: string): number {
    const value = this.marks[`done ${id}`]?.value;
    return typeof value === 'number' ? value : 0;
  }

  isDone = (card: Card): boolean => this.done(card.id) >= card.times;

  setDone(id: string, times: number): void {
    this.#mark({ [`done ${id}`]: times });
  }

  /** What she measured of a card: block or unit `number`, side by side. */
  size(id: string, number: number, side: number): string {
    const value = this.marks[sizeName(id, number, side)]?.value;
    return typeof value === 'string' ? value : '';
  }

  setSize(id: string, number: number, side: number, written: string): void {
    this.#mark({ [sizeName(id, number, side)]: written });
  }

  /** How many of a card she has measured. */
  measured(card: Card): number {
    const sides = card.checkpoint?.sides.length ?? 0;
    let most = 0;
    for (let number = 0; number < MOST_SIZES; number += 1)
      for (let side = 0; side < sides; side += 1) if (this.size(card.id, number, side)) most = number + 1;
    return most;
  }

  go(to: number): void {
    const card = this.cards[to];
    if (!card) return;
    this.at = to;
    this.#mark({ at: card.id });
  }

  /** The card that is open is done as often as it is to be, and the next one opens. */
  next(): void {
    const card = this.cards[this.at]!;
    this.setDone(card.id, card.times);
    this.go(this.at + 1);
  }

  /** Sends what is not kept with her page yet; it is sent again until it is. */
  async send(): Promise<void> {
    if (this.#sending) return;
    this.#sending = true;
    try {
      while (this.#unsent.size > 0) {
        this.kept = false;
        const names = [...this.#unsent].slice(0, AT_ONCE);
        const marks: Marks = Object.fromEntries(names.map((name) => [name, this.marks[name]!]));
        const { key, month, version } = this.#sheet;
        const body = JSON.stringify({ deed: 'sewn', month, version, marks });
        const headers = { 'content-type': 'application/json' };
        const answer = await fetch(`/p/${key}/own`, { method: 'POST', headers, body, keepalive: true }).catch(() => undefined);
        // What the server refuses stays on this device alone.
        if (!answer || answer.status >= 500) return;
        for (const name of names) if (this.marks[name] === marks[name]) this.#unsent.delete(name);
      }
      this.kept = true;
    } finally {
      this.#sending = false;
    }
  }

  #mark(values: Record<string, Mark['value']>): void {
    const at = Date.now();
    const marks: Marks = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, { value, at }]));
    this.marks = { ...this.marks, ...marks };
    for (const name of Object.keys(marks)) this.#unsent.add(name);
    this.#keep();
    void this.send();
  }

  #open(): number {
    return Math.max(
      0,
      this.cards.findIndex((c) => c.id === this.marks.at?.value),
    );
  }

  #read(): Marks {
    try {
      return (JSON.parse(localStorage.getItem(this.#place) ?? 'null') as Marks | null) ?? {};
    } catch {
      // Private windows keep nothing, and what is not ours is not read.
      return {};
    }
  }

  #keep(): void {
    try {
      localStorage.setItem(this.#place, JSON.stringify(this.marks));
    } catch {
      // As above: it is kept with her page alone.
    }
  }
}

/** Marks that are sent together. */
const AT_ONCE = 200;
/** Of one checkpoint. */
export const MOST_SIZES = 24;

const sizeName = (id: string, number: number, side: number) => `size ${number} ${side} ${id}`;

/** What all stations of a programme share: the document, the colourway in hand, head counts being tried, what is lit. */
import { differences, type Colourway, type Month, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { getContext, setContext } from 'svelte';
import { readingOf } from '$lib/ask/reading';
import { Saver } from '$lib/ask/saver.svelte';

const KEY = Symbol('workbench');

export class Workbench {
  readonly slug: string;
  readonly saver: Saver;
  /** Head counts that are being tried and not saved, per colourway. */
  tried: Record<string, number> = $state({});
  /** Cuts that are lit, as 'cold-frame:A1'. */
  lit: string[] = $state.raw([]);
  /** Whether the list of keys is shown. */
  keys = $state(false);
  #programme: Programme = $derived.by(() => this.#read());

  constructor(slug: string, document: ProgrammeFile, revision: number, savedAt: Date, looksOnly = false) {
    this.slug = slug;
    this.saver = new Saver(slug, document, revision, savedAt, { looksOnly });
  }

  get programme(): Programme {
    return this.#programme;
  }

  #last: Programme | undefined;

  /** A change that the checks refuse is shown by the saver; the stations go on with the last sound document. */
  #read(): Programme {
    const reading = readingOf(this.saver.document);
    if (reading.ok) return (this.#last = reading.programme);
    if (this.#last) return this.#last;
    throw new Error(`${reading.errors[0]!.path} ${reading.errors[0]!.message}`);
  }

  /** Makes another document of this one, by changes that can be taken back; why it cannot be, as a sentence, where the checks refuse it: then nothing happens. */
  become(name: string, newer: ProgrammeFile): string {
    const reading = readingOf(newer);
    if (!reading.ok) return reading.errors[0]!.message;
    this.saver.do(name, differences(this.saver.document, newer));
    return '';
  }

  month(id: string): Month | undefined {
    return this.programme.months.find((m) => m.id === id);
  }

  /** As month; an empty one for an address that names none, which the frame tells people about. */
  monthOrEmpty(id: string): Month {
    return this.month(id) ?? { id, name: id, blocks: [], homework: '', notes: {}, words: {}, uses: [] };
  }

  /** The colourway that an address names, or the first. */
  colourway(id: string | null): Colourway {
    return this.programme.colourways.find((c) => c.id === id) ?? this.programme.colourways[0]!;
  }

  enrolled(colourway: Colourway): number {
    return this.programme.participants.get(colourway.id) ?? 0;
  }

  /** The number that plans are shown for: the one being tried, else the one enrolled. */
  people(colourway: Colourway): number {
    return this.tried[colourway.id] ?? this.enrolled(colourway);
  }

  try(colourway: Colourway, people: number): void {
    if (people === this.enrolled(colourway)) delete this.tried[colourway.id];
    else this.tried[colourway.id] = people;
  }

  isLit(cut: string): boolean {
    return this.lit.includes(cut);
  }
}

export function provideWorkbench(workbench: Workbench): Workbench {
  return setContext(KEY, workbench);
}

export function useWorkbench(): Workbench {
  return getContext<Workbench>(KEY);
}

/** All sheets of a month in one archive: made one after another while the page is open, with progress, and stopped at any time. */
import { words } from './words';
import { hasSheet, type Month, type Programme } from '@aggrega/core/programme';

export interface SheetOfMonth {
  /** 'frost/m1-frost.pdf' */
  name: string;
  address: string;
}

/** Every sheet of a month that differs: each colourway and size in the kit that the programme hands out, and its templates. */
export function sheetsOf(programme: Programme, month: Month, { slug, page }: { slug: string; page: string }): SheetOfMonth[] {
  if (!hasSheet(programme, month)) return [];
  const base = `/programmes/${slug}/months/${month.id}`;
  const sizes = [undefined, ...programme.sizes];
  return programme.colourways.flatMap((colourway) => [
    ...sizes.flatMap((size) => {
      // Nobody takes it: no sheet is made for nobody, but the plain one is always there.
      if (size && (size.participants.get(colourway.id) ?? 0) === 0) return [];
      const asked = new URLSearchParams({ colourway: colourway.id, page, ...(size && { size: size.id }) });
      const name = [month.id, colourway.id, size?.id].filter(Boolean).join('-');
      return (['pdf', 'txt'] as const).map((ending) => ({
        name: `${colourway.id}/${name}.${ending}`,
        address: `${base}/sheet/files/sheet.${ending}?${asked}`,
      }));
    }),
    {
      name: `${colourway.id}/${month.id}-${colourway.id}-cut-list.csv`,
      address: `${base}/cut/files/cut-list.csv?${new URLSearchParams({ colourway: colourway.id, basis: 'kit' })}`,
    },
  ]);
}

export class MonthExport {
  /** Sheets that are made, of how many; undefined while nothing is going on. */
  done: number | undefined = $state();
  all = $state(0);
  trouble = $state('');
  #stop: AbortController | undefined;

  /** The archive, or undefined when it was stopped or something could not be made. */
  async make(sheets: readonly SheetOfMonth[]): Promise<Uint8Array<ArrayBuffer> | undefined> {
    this.#stop = new AbortController();
    const { signal } = this.#stop;
    this.trouble = '';
    this.all = sheets.length;
    this.done = 0;
    const files: Record<string, Uint8Array> = {};
    try {
      for (const { name, address } of sheets) {
        const answer = await fetch(address, { signal });
        if (!answer.ok) {
          const said = ((await answer.json().catch(() => ({}))) as { message?: string }).message;
          throw new Error(said ?? words.couldNotBeMade(name));
        }
        files[name] = new Uint8Array(await answer.arrayBuffer());
        this.done += 1;
      }
      const { zipSync } = await import('fflate');
      return zipSync(files) as Uint8Array<ArrayBuffer>;
    } catch (error) {
      if (!signal.aborted) this.trouble = words.nothingWasKept((error as Error).message);
      return undefined;
    } finally {
      this.done = undefined;
    }
  }

  stop(): void {
    this.#stop?.abort();
  }
}

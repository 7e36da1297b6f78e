/** A document as it may be shown: months that are not out have a number and a day, no name, no words, and their blocks no name either. */
import type { ProgrammeFile } from '../programme';
import { words } from './words';

/**
 * What their kits hold stays in it, since packets of several months are cut from one piece of cloth; whatever is set from it names nothing that is not
 * out. `out` are the ids of the months that are; the document itself where all are.
 */
export function embargoed(file: ProgrammeFile, out: ReadonlySet<string>): ProgrammeFile {
  const { months = [] } = file;
  if (months.every((m) => out.has(m.id))) return file;
  const shown = new Set(months.filter((m) => out.has(m.id)).flatMap((m) => (m.blocks ?? []).map((b) => b.block)));
  const numberOf = (block: string) => months.findIndex((m) => (m.blocks ?? []).some((b) => b.block === block)) + 1;
  return {
    ...file,
    months: months.map((month, i) => {
      if (out.has(month.id)) return month;
      const { id, release, blocks, unitsWith } = month;
      return {
        ...{ id, name: monthNumber(i), ...(release && { release }), ...(blocks && { blocks }) },
        ...(unitsWith !== undefined && { unitsWith }),
      };
    }),
    blocks: file.blocks.map((b) => (shown.has(b.id) ? b : { ...b, name: monthNumber(numberOf(b.id) - 1) })),
  };
}

/** What a month is called that is not out: 'Month 6' for the one at place 5. */
export const monthNumber = (place: number): string => words.month(place + 1);

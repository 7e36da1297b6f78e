/** A programme from nothing: its months with their days, its colourways with a fabric for every letter, all to be changed at will. */
import { fabricsOfCast, type ReadyCast } from '../fabric';
import { dayAfter, daysBetween, type ProgrammeFile } from '../programme';
import { releaseDays } from './calendar';

export interface NewProgramme {
  title: string;
  unit: 'in' | 'cm';
  months: number;
  kind: 'weekly' | 'fortnightly' | 'monthly';
  /** The first release. */
  start: string;
  timeZone: string;
  /** Names of the colourways; at least one. */
  colourways: readonly string[];
  /** Letters in each: 2 to 8. */
  letters: number;
  /** The fabrics that each colourway begins with; greys to be chosen later for one that has none. */
  casts?: readonly (ReadyCast | undefined)[];
  /** Writes a day as the name of its month: 'January 2027'. */
  nameOf: (day: string) => string;
}

/** From light to dark, so that letters can be told apart before their fabrics are known. */
const GROUNDS = ['#e8e6df', '#b9c4cf', '#8fa3b5', '#6f8fa8', '#53708c', '#3d5670', '#2d4056', '#1d2a3b'];

/** The document of it. Names are kept as they were written, ids follow from them. */
export function newProgramme(of: NewProgramme): ProgrammeFile {
  const cadence = { kind: of.kind, start: of.start };
  const days = releaseDays({ cadence: { ...cadence, last: false }, away: [] }, of.months);
  const letters = Array.from({ length: of.letters }, (_, i) => String.fromCharCode(65 + i));
  const ids = distinct(of.colourways.map(idOf));
  const names = distinct(days.map((d) => of.nameOf(d.day)));
  const castOf = (colourway: number) => {
    const cast = of.casts?.[colourway];
    return cast && fabricsOfCast(cast, of.letters);
  };
  const step = (GROUNDS.length - 1) / Math.max(1, of.letters - 1);
  return {
    format: 'aggrega-programme',
    version: 1,
    title: of.title,
    unit: of.unit,
    // What squares the end is bought: half an inch to an inch is the usual.
    house: { allowance: of.unit === 'in' ? '1' : '2.5' },
    fabrics: ids.flatMap((id, c) =>
      letters.map((letter, i) => {
        const [name, colour] = castOf(c)?.[i] ?? [`${of.colourways[c]} ${letter}`, GROUNDS[Math.round(i * step)]!];
        return { id: `${id}-${letter.toLowerCase()}`, name, colour };
      }),
    ),
    colourways: ids.map((id, c) => ({
      id,
      name: of.colourways[c]!,
      fabrics: Object.fromEntries(letters.map((letter) => [letter, `${id}-${letter.toLowerCase()}`])),
    })),
    blocks: [],
    months: days.map(({ day }, i) => ({ id: `m${i + 1}`, name: names[i]!, release: day })),
    participants: Object.fromEntries(ids.map((id) => [id, 0])),
    calendar: { timeZone: of.timeZone, cadence },
  };
}

/**
 * A year as another one: the same quilt, months, fabrics and house, with nobody in it, nothing ordered, and nothing on the shelf. Its first release is
 * on `start`, the others as long after it as they were, to the same day of the week.
 */
export function copiedProgramme(file: ProgrammeFile, { title, start }: { title: string; start: string }): ProgrammeFile {
  const first = file.months?.flatMap((m) => m.release ?? []).sort()[0];
  const moved = (day: string) => (first ? dayAfter(start, daysBetween(first, day)) : day);
  const copy = structuredClone(file);
  copy.title = title;
  for (const month of copy.months ?? []) if (month.release) month.release = moved(month.release);
  if (copy.calendar?.cadence) copy.calendar.cadence.start = moved(copy.calendar.cadence.start);
  // Days away were those of that year.
  if (copy.calendar) delete copy.calendar.away;
  delete copy.orders;
  delete copy.shelf;
  delete copy.kits?.otherKinds;
  for (const size of copy.sizes ?? []) delete size.participants;
  for (const id of Object.keys(copy.participants ?? {})) copy.participants![id] = 0;
  return copy;
}

const idOf = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40) || 'colourway';

/** What stands there twice gets a number: 'March', 'March 2'. */
function distinct(names: readonly string[]): string[] {
  const taken = new Set<string>();
  return names.map((name) => {
    let own = name;
    for (let n = 2; taken.has(own); n += 1) own = /^[a-z0-9-]+$/.test(name) ? `${name}-${n}` : `${name}, ${n}`;
    taken.add(own);
    return own;
  });
}

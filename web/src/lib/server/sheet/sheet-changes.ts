/** What one document's sheet of a month says otherwise than another's. */
import { LRUCache } from 'lru-cache';
import { spokenTag } from '@aggrega/core/words';
import { words as spoken } from './words';
import { hasSheet, madeAhead, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { monthSheet, sheetDifference } from '@aggrega/core/sheet';
import { readingOf } from '$lib/ask/reading';

export interface SheetChange {
  /** Its id; '' for all of them. */
  id: string;
  colourway: string;
  says: string[];
}

/** What one document's sheet of a month says otherwise than another's, by colourway; those that say the same are left out. */
export function changesBetween(before: ProgrammeFile, after: ProgrammeFile, month: string): SheetChange[] {
  const [was, is] = [before, after].map((document) => {
    const reading = readingOf(document);
    return reading.ok ? reading.programme : undefined;
  });
  if (!was || !is) return [];
  const own = sameWords(before, after, month)
    ? []
    : [{ id: '', colourway: spoken.all, says: [spoken.theOrganisersOwnWordsHave] }];
  const computed = is.colourways.flatMap(({ id, name }) => {
    const [old, now] = [sheetOf(was, month, id), sheetOf(is, month, id)];
    const says = old && now ? sheetDifference(old, now) : old || now ? [spoken.thisColourwayHasASheet] : [];
    return says.length > 0 ? [{ id, colourway: name, says }] : [];
  });
  return [...own, ...computed];
}

const kept = new LRUCache<string, SheetChange[]>({ max: 200 });

/** As changesBetween, kept under a name for the two documents and the month: both are revisions, which never change. */
export function changesKept(name: string, before: ProgrammeFile, after: ProgrammeFile, month: string): SheetChange[] {
  const key = `${spokenTag()} ${name}`;
  const known = kept.get(key) ?? changesBetween(before, after, month);
  kept.set(key, known);
  return known;
}

function sheetOf(programme: Programme, monthId: string, colourwayId: string) {
  const month = programme.months.find((m) => m.id === monthId);
  const colourway = programme.colourways.find((c) => c.id === colourwayId);
  if (!month || !colourway || !hasSheet(programme, month)) return undefined;
  // The sheet of units that are made ahead says what the later month's says.
  return monthSheet(programme, madeAhead(programme, month) ?? month, colourway);
}

/** Whether the organiser's own words on a month are the same. */
function sameWords(before: ProgrammeFile, after: ProgrammeFile, month: string): boolean {
  const words = (document: ProgrammeFile) => {
    const found = document.months?.find((m) => m.id === month);
    return JSON.stringify([found?.notes ?? {}, found?.words ?? {}, found?.homework ?? '', document.contact ?? '']);
  };
  return words(before) === words(after);
}

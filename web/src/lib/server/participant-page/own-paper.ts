/** A participant's own sheet of a month that is out, as data for her page. */
import { LRUCache } from 'lru-cache';
import { words } from './words';
import { spokenTag } from '@aggrega/core/words';
import { PlanError, hasSheet, monthTitle } from '@aggrega/core/programme';
import { firstPacketPaper, monthPaper, type Paper } from '@aggrega/core/sheet';
import { wishesOf } from '$lib/sheet/sheet-wishes';
import { sheetAsked } from '../mail/person-sheet';
import { asOrganisation } from '../db/pool';
import { newestRevision } from '../db/programmes';
import type { FoundFile } from '../web/file-answer';
import { frozenProgramme } from '../programme/frozen';
import { releasedFor, type OpenPage, type ReleasedMonth } from './participant-page';
import { paperFile } from '../sheet/sheet-files';
import { now } from '../clock';
import { versionWords } from '../sheet/version-words';
import type { StoredPerson } from '../db/participants';

export interface OwnPaper {
  paper: Paper;
  unit: 'in' | 'cm';
  name: string;
  version: number;
}

const kept = new LRUCache<string, OwnPaper | { message: string }>({ max: 100 });

/** Her sheet in her colourway, size and kit, set the way she reads it; or why there is none. Whoever makes the same gets the same. */
export function ownPaper(person: StoredPerson, month: ReleasedMonth): OwnPaper | { message: string } {
  const { colourway, size, kit, sheet } = person;
  const key = JSON.stringify([month.key, month.month, month.version, colourway, size, kit, sheet, spokenTag()]);
  const found = kept.get(key) ?? madePaper(person, month);
  kept.set(key, found);
  return found;
}

function madePaper(
  person: StoredPerson,
  { programme, month: id, version, published, released }: ReleasedMonth,
): OwnPaper | { message: string } {
  const month = programme.months.find((m) => m.id === id);
  const colourway = programme.colourways.find((c) => c.id === person.colourway);
  if (!month || !colourway || !hasSheet(programme, month)) return { message: words.thereIsNoSheetOf };
  const wishes = {
    ...wishesOf(sheetAsked(person, version), programme),
    version: versionWords(version, { published, released }),
  };
  try {
    return { paper: monthPaper(programme, month, colourway, wishes), unit: programme.unit, name: monthTitle(month), version };
  } catch (error) {
    if (error instanceof PlanError) return { message: error.problems.map((p) => p.message).join('; ') };
    throw error;
  }
}

/** Her first packet as 'first-packet.pdf', 'first-packet.html' or 'first-packet.txt', with what is out by now. */
export async function ownPacket(page: OpenPage, file: string, paper: 'A4' | 'letter'): Promise<FoundFile> {
  const [, ending] = /^first-packet\.(pdf|html|txt)$/.exec(file) ?? [];
  const found = await asOrganisation(page.organisation, async (db) => {
    const released = await releasedFor(db, page);
    // What was frozen last; before anything is out, what there is, with nothing of its months.
    const programme =
      released.at(-1)?.programme ??
      (await frozenProgramme(db, { slug: page.slug, revision: await newestRevision(db, page.slug), out: new Set() }));
    return programme && { programme, out: new Set(released.map((r) => r.month)) };
  });
  const colourway = found?.programme.colourways.find((c) => c.id === page.person.colourway);
  if (!ending || !found || !colourway) return { status: 404, message: words.weCantFindThatFile };
  const wishes = {
    ...wishesOf(sheetAsked(page.person, 0), found.programme),
    out: found.out,
  };
  const make = () => firstPacketPaper(found.programme, colourway, wishes);
  return paperFile(page.organisation, make, { ending, name: `first-packet-${colourway.id}`, page: paper, created: now() });
}

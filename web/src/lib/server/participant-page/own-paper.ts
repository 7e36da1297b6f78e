/** A participant's own sheet of a month that is out, as data for her page. */
import { LRUCache } from 'lru-cache';
import { words } from './words';
import { spokenTag } from '@aggrega/core/words';
import { PlanError, monthTitle } from '@aggrega/core/programme';
import { firstPacketPaper, type Paper } from '@aggrega/core/sheet';
import { wishesOf } from '$lib/sheet/sheet-wishes';
import { sheetAsked } from '../mail/person-sheet';
import { asOrganisation } from '../db/pool';
import { newestRevision } from '../db/programmes';
import type { FoundFile } from '../web/file-answer';
import { frozenProgramme } from '../programme/frozen';
import { releasedFor, type OpenPage, type ReleasedMonth } from './participant-page';
import { askedPaper, paperFile } from '../sheet/sheet-files';
import { now } from '../clock';

export interface OwnPaper {
  paper: Paper;
  unit: 'in' | 'cm';
  name: string;
  version: number;
}

const kept = new LRUCache<string, OwnPaper | { message: string }>({ max: 100 });

/**
 * Her sheet in her colourway, size and kit, sewn by the tools that she owns and set the way she reads it: the paper of her file. Or why there is none.
 * Whoever makes the same gets the same.
 */
export async function ownPaper(
  { organisation, slug, person }: OpenPage,
  month: ReleasedMonth,
): Promise<OwnPaper | { message: string }> {
  const asked = sheetAsked(person, month.version);
  const key = `${spokenTag()} ${month.key} ${month.month} ${asked}`;
  const found = kept.get(key) ?? (await madePaper(organisation, { slug, asked, month }));
  kept.set(key, found);
  return found;
}

async function madePaper(
  organisation: string,
  { slug, asked, month }: { slug: string; asked: URLSearchParams; month: ReleasedMonth },
): Promise<OwnPaper | { message: string }> {
  const { month: id, version, programme, out } = month;
  const known = programme.months.find((m) => m.id === id);
  const sheet = await askedPaper(organisation, { slug, month: id, file: 'sheet.html', asked, out });
  if (!known || 'status' in sheet) return { message: words.thereIsNoSheetOf };
  try {
    const paper = sheet.make();
    return paper ? { paper, unit: programme.unit, name: monthTitle(known), version } : { message: words.thereIsNoSheetOf };
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

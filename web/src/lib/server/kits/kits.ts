/** Kits from plan to hand: counted, cut, packed, handed over; those of late joiners and leavers among them. */
import { words } from './words';
import { handsOut, type Programme } from '@aggrega/core/programme';
import type pg from 'pg';
import { now } from '../clock';
import {
  addLoose,
  countKits,
  countLoose,
  giveLoose,
  listKits,
  listReady,
  removeLoose,
  setKits,
  type KitCount,
  type KitRow,
  type KitState,
} from '../db/kits';
import { somePeople } from '../db/participants';
import { asOrganisation } from '../db/pool';
import { findProgramme } from '../db/programmes';
import { programmeIn } from '$lib/ask/reading';

export interface KitBoard {
  /** The first months of the packets that hand something out, in order. */
  packets: string[];
  counts: KitCount[];
  /** Made, and nobody's. */
  loose: KitCount[];
}

async function packetsIn(db: pg.ClientBase, slug: string): Promise<{ programme: Programme; packets: string[] } | undefined> {
  const stored = await findProgramme(db, slug);
  const programme = stored && !stored.removed ? programmeIn(stored.document) : undefined;
  if (!programme) return undefined;
  const packets = programme.kits.packets.filter((p) => p.some((m) => handsOut(programme, m))).map((p) => p[0]!.id);
  return { programme, packets };
}

/** How far all kits are; undefined where there is no such programme. */
export async function kitBoard(organisation: string, slug: string): Promise<KitBoard | undefined> {
  return asOrganisation(organisation, async (db) => {
    const found = await packetsIn(db, slug);
    if (!found) return undefined;
    const { packets, programme } = found;
    const counts = await countKits(db, slug, packets, programme.kits.kind);
    return { packets, counts, loose: await countLoose(db, slug) };
  });
}

/** Hours for which a kit that was handed over is still shown at the pickup table. */
const JUST_HANDED = 12;

/** What waits at the pickup table, of all packets; undefined where there is no such programme. */
export async function readyKits(organisation: string, slug: string): Promise<KitRow[] | undefined> {
  return asOrganisation(organisation, async (db) => {
    const found = await packetsIn(db, slug);
    return found && listReady(db, slug, found.packets, new Date(now().getTime() - JUST_HANDED * 3_600_000));
  });
}

/** Kits of one packet, named by any of its months, person by person. Undefined where there is none. */
export async function kitList(organisation: string, slug: string, month: string): Promise<KitRow[] | undefined> {
  return asOrganisation(organisation, async (db) => {
    const found = await packetsIn(db, slug);
    const packet = found?.programme.kits.packets.find((p) => p.some((m) => m.id === month))?.[0]?.id;
    return found && packet ? listKits(db, slug, packet, found.programme.kits.kind) : undefined;
  });
}

/** Rows of a list that come with its page; a longer one comes after the page, which is there at once. */
const WITH_PAGE = 300;

/** Kits of one packet as its page begins with them, and those that are nobody's; undefined where there is no such packet. */
export async function kitPage(
  organisation: string,
  slug: string,
  month: string,
): Promise<{ rows: KitRow[]; later: boolean; loose: KitCount[] } | undefined> {
  return asOrganisation(organisation, async (db) => {
    const found = await packetsIn(db, slug);
    const packet = found?.programme.kits.packets.find((p) => p.some((m) => m.id === month))?.[0]?.id;
    if (!found || !packet) return undefined;
    const rows = await listKits(db, slug, packet, found.programme.kits.kind, WITH_PAGE + 1);
    const later = rows.length > WITH_PAGE;
    return { rows: later ? [] : rows, later, loose: await countLoose(db, slug) };
  });
}

export type KitDeed =
  | { deed: 'set'; month: string; people: string[]; state: KitState }
  | { deed: 'loose'; month: string; colourway: string; size: string; kits: number }
  | { deed: 'give'; months: string[] };

export type KitsDone = { kind: 'done'; kits: number } | { kind: 'missing' } | { kind: 'refused'; message: string };

/** Does something to kits; saying the same twice changes nothing, but for loose ones, which are counted. */
export async function doKits(organisation: string, slug: string, deed: KitDeed): Promise<KitsDone> {
  return asOrganisation(organisation, async (db): Promise<KitsDone> => {
    const found = await packetsIn(db, slug);
    if (!found) return { kind: 'missing' };
    const { packets, programme } = found;
    if (deed.deed === 'give')
      return {
        kind: 'done',
        kits: await giveLoose(
          db,
          slug,
          packets.filter((p) => deed.months.includes(p)),
          programme.kits.kind,
        ),
      };
    if (!packets.includes(deed.month)) return { kind: 'refused', message: words.nothingIsHandedOutWith };
    if (deed.deed === 'set') {
      const known = await somePeople(db, slug, deed.people);
      if (known.length < new Set(deed.people).size) return { kind: 'refused', message: words.oneOfThesePeopleIs };
      await setKits(db, slug, { ...deed, at: now() });
      return { kind: 'done', kits: known.length };
    }
    if (
      !programme.colourways.some((c) => c.id === deed.colourway) ||
      (deed.size && !programme.sizes.some((s) => s.id === deed.size))
    )
      return { kind: 'refused', message: words.weCantFindThatColourway };
    if (deed.kits < 0) return { kind: 'done', kits: await removeLoose(db, slug, { ...deed, kits: -deed.kits }) };
    await addLoose(db, slug, { ...deed, at: now() });
    return { kind: 'done', kits: deed.kits };
  });
}

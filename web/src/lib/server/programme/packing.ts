/** Packs the old revisions of a programme that is being worked on, after a save, behind everybody's back. */
import { LRUCache } from 'lru-cache';
import { asOrganisation } from '../db/pool';
import { PACK, packed, putPack, toPack } from '../db/revision-packs';
import { log, said } from '../web/log';

/** Packs that are made in one go: a house that comes with years of saves is packed little by little. */
const AT_ONCE = 4;

/** As many revisions as a programme had when nothing of it was left to pack. */
const looked = new LRUCache<string, number>({ max: 5_000 });

/** Packs what is due of a programme that has so many revisions; nobody waits for it. */
export function packLater(organisation: string, programme: string, revision: number): void {
  if (Math.floor((looked.get(programme) ?? 0) / PACK) === Math.floor(revision / PACK)) return;
  looked.set(programme, revision);
  packRevisions(organisation, programme).catch((error: unknown) => log('warn', 'old revisions were not packed', said(error)));
}

/** Packs what is old enough; resolves to the number of packs made. */
export async function packRevisions(organisation: string, programme: string): Promise<number> {
  for (let made = 0; made < AT_ONCE; made += 1) {
    const all = await asOrganisation(organisation, (db) => toPack(db, programme));
    if (all.length === 0) return made;
    const body = await packed(all);
    const numbers = all.map(([revision]) => revision);
    // Another process may have been quicker.
    if (!(await asOrganisation(organisation, (db) => putPack(db, programme, numbers, body)))) return made;
  }
  return AT_ONCE;
}

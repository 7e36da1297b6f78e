/** The demonstration organisation and its owner, who signs in at this machine without a password. */
import { readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { readRosterCsv } from '@aggrega/core/roster-csv';
import type pg from 'pg';
import { randomUUID } from 'node:crypto';
import allotmentYear from '$demo/allotment-year.aggrega.json';
import scrapBasket from '$demo/winter-scrap-basket.aggrega.json';
import lowWater from '$demo/low-water.aggrega.json';
import roster from '$demo/allotment-year.roster.csv?raw';
import { now, todayIn } from '../clock';
import { deleteOrganisation, insertOrganisation } from '../db/organisations';
import { putDemoAccount, putMember } from '../db/accounts';
import { acting, asOrganisation, atTheDoor } from '../db/pool';
import { demoAhead, demoAt, rosterAt } from './demo-year';
import { liveDemo, withSlip } from './demo-running';
import { workAheadOf } from '../planner/ahead';
import { programmesOf, storeNew } from '../programme/programmes';
import { changeRosterIn } from '../participants/roster';

export const DEMO_ORGANISATION = '00000000-0000-4000-8000-000000000001';
/** Nothing opens her account: there is no key to it. */
export const DEMO_OWNER = {
  id: '00000000-0000-4000-8000-000000000002',
  name: 'Cleo Ferris',
  email: 'cleo.ferris@quarry-road.example',
};

/** Further programmes, with the weeks until they begin: one is being planned, the other is about to be cut. */
const AHEAD = [
  [scrapBasket, 5],
  [lowWater, 2],
] as const;

/** Works with her; her account opens no more than the owner's. */
const DEMO_HAND = { id: '00000000-0000-4000-8000-000000000003', name: 'Dot Larch', email: 'dot.larch@quarry-road.example' };

/** Loads the demonstration data if it never was, or, with `fresh`, makes it anew; all of it or nothing. */
export async function loadDemo(fresh: boolean): Promise<void> {
  await atTheDoor(async (db) => {
    for (const account of [DEMO_OWNER, DEMO_HAND]) await putDemoAccount(db, account);
  });
  const owner = { account: DEMO_OWNER.id, looksOnly: false };
  await acting.run(owner, () => asOrganisation(DEMO_ORGANISATION, (db) => loadIn(db, fresh)));
  for (const { slug } of await programmesOf(DEMO_ORGANISATION)) workAheadOf(DEMO_ORGANISATION, slug);
}

async function loadIn(db: pg.ClientBase, fresh: boolean): Promise<void> {
  if (fresh) await deleteOrganisation(db, DEMO_ORGANISATION);
  const made = await insertOrganisation(db, DEMO_ORGANISATION, 'Quarry Road Quilters');
  await putMember(db, DEMO_ORGANISATION, DEMO_OWNER.id, 'owner');
  if (!made) return;
  await putMember(db, DEMO_ORGANISATION, DEMO_HAND.id, 'cutting-room');
  const file = allotmentYear as unknown as ProgrammeFile;
  const today = todayIn('UTC', now());
  const document = demoAt(file, today);
  const reading = readProgramme(withSlip(document));
  if (!reading.ok)
    throw new Error(`the demonstration programme is unsound: ${reading.errors[0]!.path} ${reading.errors[0]!.message}`);
  for (const [other, weeks] of AHEAD) {
    const ahead = readProgramme(demoAhead(other as unknown as ProgrammeFile, today, weeks));
    if (!ahead.ok) throw new Error(`${other.title} is unsound: ${ahead.errors[0]!.path} ${ahead.errors[0]!.message}`);
    await storeNew(db, ahead.file);
  }
  const slug = await storeNew(db, reading.file);
  const csv = { text: rosterAt(roster, file, today), newId: randomUUID, today };
  const { changes, problems, rows } = readRosterCsv(csv, [], reading.programme);
  const refused = [...problems, ...rows.filter((r) => r.state === 'refused').flatMap((r) => r.says)];
  if (refused.length > 0) throw new Error(`the demonstration roster is unsound: ${refused[0]}`);
  const saved = await changeRosterIn(db, { organisation: DEMO_ORGANISATION, slug }, changes);
  if (saved.kind !== 'saved') throw new Error(`the demonstration roster was ${saved.kind}`);
  await liveDemo(db, { slug, file: document, today });
}

import type { ProgrammeFile } from '@aggrega/core/programme';
import { afterAll, beforeAll, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { readRows } from '../db/archive';
import { listRevision } from '../db/documents';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { addRevision, insertProgramme, programmeId } from '../db/programmes';
import { LOOSE, PACK } from '../db/revision-packs';
import { packRevisions } from './packing';

const GUILD = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
const SAVES = 2 * PACK + LOOSE + 10;
let owner: string;

/** The year as it stands after so many saves: every save turns a number, and every ninth writes what no jsonb would take. */
const after = (save: number): ProgrammeFile => {
  const file = structuredClone(demo) as unknown as ProgrammeFile;
  file.participants = { ...file.participants, frost: save };
  if (save % 9 === 0) file.welcome = `Save ${save}: ½ — “\u0000” ✂`;
  return file;
};

async function saved(organisation: string): Promise<string> {
  await asOrganisation(organisation, async (db) => {
    await insertProgramme(db, 'the-year', 'The year', after(1));
    for (let save = 2; save <= SAVES; save += 1) await addRevision(db, 'the-year', 'The year', after(save));
  });
  return (await asOrganisation(organisation, (db) => programmeId(db, 'the-year')))!;
}
const bytes = async () => {
  const [found] = await asOwner<{ n: string }>(
    owner,
    `select (select coalesce(sum(pg_column_size(document)), 0) from programme_revision)
      + (select coalesce(sum(pg_column_size(body)), 0) from revision_pack) as n`,
  );
  return Number(found!.n);
};
const lines = (organisation: string) =>
  asOrganisation(organisation, async (db) => {
    const all: string[] = [];
    for await (const some of readRows(db, 'programme_revision', 50)) all.push(...some);
    return all.map((line) => JSON.parse(line) as { revision: number; saved_at: string; document: unknown });
  });

beforeAll(async () => {
  owner = await freshDatabase();
  for (const id of [GUILD, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, 'A guild'));
});
afterAll(closePool);

it('old revisions are packed: the newest stay loose, none is lost, and all take little room', async () => {
  const id = await saved(GUILD);
  const before = await bytes();
  const whole = await lines(GUILD);
  // Two processes at once: each pack is made once.
  const made = await Promise.all([packRevisions(GUILD, id), packRevisions(GUILD, id)]);
  await packRevisions(GUILD, id);
  expect(made.reduce((a, b) => a + b)).toBeLessThanOrEqual(2);
  const packs = await asOwner(owner, 'select first, last from revision_pack order by first');
  expect(packs).toEqual([
    { first: 1, last: PACK },
    { first: PACK + 1, last: 2 * PACK },
  ]);
  const [loose] = await asOwner(owner, 'select min(revision) as first from programme_revision where document is not null');
  expect(loose).toEqual({ first: 2 * PACK + 1 });

  for (const save of [1, 2, 9, PACK, PACK + 1, 2 * PACK, 2 * PACK + 1, SAVES]) {
    const found = await asOrganisation(GUILD, (db) => listRevision(db, id, save));
    expect(JSON.stringify(found)).toBe(JSON.stringify(after(save)));
  }
  // An archive holds every one of them as before.
  expect(await lines(GUILD)).toEqual(whole);
  expect(whole).toHaveLength(SAVES);
  const packed = before - (await bytes());
  expect(packed).toBeGreaterThan(before * 0.5);
  // Nothing is left to do.
  expect(await packRevisions(GUILD, id)).toBe(0);
});

it('a pack is its house’s own', async () => {
  const id = (await asOrganisation(GUILD, (db) => programmeId(db, 'the-year')))!;
  expect(await asOrganisation(MILL, (db) => listRevision(db, id, 1))).toBeUndefined();
  expect(await packRevisions(MILL, id)).toBe(0);
  const own = await saved(MILL);
  await packRevisions(MILL, own);
  expect(JSON.stringify(await asOrganisation(MILL, (db) => listRevision(db, own, 3)))).toBe(JSON.stringify(after(3)));
});

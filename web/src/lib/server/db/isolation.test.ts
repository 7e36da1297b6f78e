import { readProgramme } from '@aggrega/core/programme';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { prepareDatabase } from '../../../../../bin/lib/database.mjs';
import { insertOrganisation } from './organisations';
import { asOrganisation, checkRole, closePool } from './pool';
import { insertProgramme, listProgrammes } from './programmes';
import { insertPhoto } from './swatches';
import { putPack } from './revision-packs';
import { putWorkedOut } from './worked-out';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { cuttingState, setStep } from '../cut/cutting-room';
import { publishSheet } from '../sheet/sheet-versions';
import { importProgramme, programmeOf, programmesOf, putAside, saveChanges } from '../programme/programmes';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
const NOBODY = '00000000-0000-4000-8000-00000000000c';
let owner: string;
const tick = (done: boolean) => ({ list: 'one', step: 'a', done, kits: 4, base: [], estimated: 10, gives: [] });

/** A row in every table that has to do with people. */
const oneOfEach = (organisation: string) => `
  with p as (select id from programme), person as (
    insert into participant (organisation_id, programme_id, name, colourway) select '${organisation}', id, 'Ada', 'frost' from p returning id, programme_id
  ),
  kit as (insert into kit (organisation_id, programme_id, month, colourway, state) select '${organisation}', id, 'm1', 'frost', 'cut' from p),
  rel as (insert into release (organisation_id, programme_id, month, state, version, proofed_at) select '${organisation}', id, 'm1', 'proofed', 1, now() from p),
  held as (insert into sheet_held (organisation_id, programme_id, participant_id, month, version, held_at, way)
    select '${organisation}', programme_id, id, 'm1', 1, now(), 'hand' from person),
  mail as (insert into mail (organisation_id, programme_id, once, recipient, subject, body, next_at, written_at)
    select '${organisation}', id, 'x', 'a@example.org', 's', 'b', now(), now() from p),
  prog as (insert into progress (organisation_id, programme_id, participant_id, month, step, done_at)
    select '${organisation}', programme_id, id, 'm1', 'cut', now() from person),
  pic as (insert into picture (organisation_id, programme_id, participant_id, month, jpeg, taken_at)
    select '${organisation}', programme_id, id, 'm1', 'x'::bytea, now() from person),
  sizes as (insert into measurement (organisation_id, programme_id, participant_id, sizes, sent_at) select '${organisation}', programme_id, id, '[]', now() from person),
  laid as (insert into layout_check (organisation_id, programme_id, participant_id, month, block, found, checked_at)
    select '${organisation}', programme_id, id, 'm1', 'b', '[]', now() from person),
  sewn as (insert into sewing (organisation_id, programme_id, participant_id, month, version, marks)
    select '${organisation}', programme_id, id, 'm1', 1, '{}' from person),
  answered as (insert into first_answer (organisation_id, key, door, at) select '${organisation}', id, decode(repeat('00', 32), 'hex'), now() from person),
  coded as (insert into page_code (organisation_id, programme_id, participant_id, hash, ends_at)
    select '${organisation}', programme_id, id, decode(repeat('00', 16), 'hex') || decode(replace(id::text, '-', ''), 'hex'), now() from person),
  opened as (insert into page_device (organisation_id, programme_id, participant_id, hash, first_at, seen_at)
    select '${organisation}', programme_id, id, decode(repeat('00', 32), 'hex'), now(), now() from person),
  pinned as (insert into page_pin (organisation_id, programme_id, participant_id, pin) select '${organisation}', programme_id, id, 'x' from person),
  ask as (insert into question (organisation_id, programme_id, participant_id, asks, asked_at) select '${organisation}', programme_id, id, 'q', now() from person)
  insert into sample (organisation_id, programme_id, month, block, colourway, revision, sewn_on, noted_at)
  select '${organisation}', id, 'm1', 'cold-frame', 'frost', 1, now(), now() from p`;

beforeAll(async () => {
  owner = await freshDatabase();
  for (const [id, name] of [
    [QUARRY, 'Quarry Road Quilters'],
    [MILL, 'Mill Lane Guild'],
  ] as const) {
    await asOrganisation(id, (db) => insertOrganisation(db, id, name));
    await importProgramme(id, { ...demo, title: `The year of ${name}` });
  }
});
afterAll(closePool);

describe('every table', () => {
  it('names its organisation or stands at the door, and is bound by row-level security, whoever asks', async () => {
    const tables = await asOwner<{ table: string; forced: boolean; owned: boolean; policies: number }>(
      owner,
      `select c.relname as table, c.relrowsecurity and c.relforcerowsecurity as forced,
         exists (select 1 from pg_attribute a where a.attrelid = c.oid and a.attnotnull
           and a.attname = case c.relname when 'organisation' then 'id' else 'organisation_id' end) as owned,
         (select count(*)::int from pg_policy p where p.polrelid = c.oid) as policies
       from pg_class c where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace and c.relname <> 'migration'`,
    );
    expect(tables.map((t) => t.table).sort()).toEqual([
      ...[
        'account',
        'account_key',
        'backup_proof',
        'change_under_way',
        'cut_list',
        'cut_step',
        'deleted_row',
        'desk_letter',
        'first_answer',
        'invitation',
        'kit',
        'last_change',
        'layout_check',
        'mail',
        'measurement',
        'membership',
        'object_to_delete',
        'organisation',
        'page_code',
        'page_device',
        'page_pin',
      ],
      ...[
        'participant',
        'passkey',
        'passkey_challenge',
        'picture',
        'programme',
        'programme_revision',
        'progress',
        'question',
        'record',
        'recovery',
        'release',
        'revision_pack',
      ],
      ...['sample', 'session', 'sewing', 'sheet_held', 'sheet_version', 'swatch_photo', 'throttle', 'worked_out'],
    ]);
    // Accounts belong to no organisation: only the door sees them, and each other's names those who work together.
    const door = [
      ...['account', 'account_key', 'backup_proof', 'passkey', 'passkey_challenge'],
      ...['recovery', 'session', 'throttle'],
    ];
    // What runs by the clock may see which organisations there are, and so may the door, which sees members and invitations too.
    const policies: Record<string, number> = {
      organisation: 3,
      membership: 2,
      object_to_delete: 2,
      invitation: 2,
      account: 2,
      page_code: 2,
    };
    for (const table of tables)
      expect(table).toMatchObject({ forced: true, owned: !door.includes(table.table), policies: policies[table.table] ?? 1 });
  });

  it('shows an organisation its own rows only, and nobody anything without one', async () => {
    for (const id of [QUARRY, MILL]) {
      await setStep(id, (await programmesOf(id))[0]!.slug, 'm1~frost', tick(true));
      await publishSheet(id, (await programmesOf(id))[0]!.slug, 'm1');
      await asOrganisation(id, (db) => insertPhoto(db, id, 'ab'.repeat(16), Buffer.from([1])));
      const result = { name: Buffer.alloc(32), body: Buffer.from([1]), now: new Date(), most: 1000 };
      await asOrganisation(id, (db) => putWorkedOut(db, result));
      await asOrganisation(id, async (db) => putPack(db, (await listProgrammes(db))[0]!.id, [1000, 1063], Buffer.from([1])));
    }
    for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => db.query(oneOfEach(id)));
    for (const table of [
      ...['organisation', 'programme', 'programme_revision', 'cut_list', 'cut_step', 'sheet_version', 'swatch_photo'],
      ...['participant', 'kit', 'release', 'sheet_held', 'mail', 'progress', 'picture', 'question', 'measurement', 'sample'],
      ...['revision_pack', 'worked_out', 'layout_check', 'sewing', 'first_answer'],
      ...['page_code', 'page_device', 'page_pin'],
    ]) {
      const count = (organisation: string) =>
        asOrganisation(organisation, async (db) => Number((await db.query(`select count(*) from ${table}`)).rows[0].count));
      expect([table, await count(QUARRY), await count(MILL), await count(NOBODY)]).toEqual([table, 1, 1, 0]);
    }
  });

  it('takes no row for another organisation, and lets none be handed over', async () => {
    const theirs = asOrganisation(QUARRY, (db) =>
      db.query(`insert into programme (organisation_id, slug, title, revision) values ('${MILL}', 'smuggled', 'Smuggled', 1)`),
    );
    await expect(theirs).rejects.toThrow(/row-level security/);
    const handed = asOrganisation(QUARRY, (db) => db.query(`update programme set organisation_id = '${MILL}'`));
    await expect(handed).rejects.toThrow(/row-level security/);
    const deleted = await asOrganisation(QUARRY, (db) => db.query(`delete from programme where organisation_id = '${MILL}'`));
    expect(deleted.rowCount).toBe(0);
  });
});

describe('the application’s role', () => {
  it('is bound by row-level security; one that is not is refused', async () => {
    await checkRole();
    const url = process.env.DATABASE_URL;
    await closePool();
    process.env.DATABASE_URL = owner;
    await expect(checkRole()).rejects.toThrow(/free of row-level security/);
    await closePool();
    process.env.DATABASE_URL = url;
  });

  it('cannot read the list of migrations, make tables or become the owner', async () => {
    for (const sql of [
      'select * from migration',
      'create table t ()',
      'alter table programme disable row level security',
      'set role aggrega',
    ])
      await expect(asOrganisation(QUARRY, (db) => db.query(sql))).rejects.toThrow(/permission denied|must be owner/);
  });

  it('is forgotten after the transaction: the next user of the connection starts as nobody', async () => {
    await asOrganisation(QUARRY, listProgrammes);
    expect(await asOrganisation('', listProgrammes)).toEqual([]);
  });
});

describe('through the server’s functions', () => {
  const slug = 'the-year-of-mill-lane-guild';

  it('one organisation cannot see, change or put aside another’s programme', async () => {
    expect(await programmeOf(QUARRY, slug)).toBeUndefined();
    expect(await saveChanges(QUARRY, slug, [{ path: '/title', to: 'Ours' }])).toEqual({ kind: 'missing' });
    expect(await putAside(QUARRY, slug, true)).toBe(false);
    expect(await setStep(QUARRY, slug, 'm1~frost', tick(false))).toBeUndefined();
    expect((await cuttingState(MILL, slug, 'm1~frost'))!.steps.map((s) => s.step)).toEqual(['a']);
    expect((await programmesOf(MILL)).map((p) => p.slug)).toEqual([slug]);
  });

  it('two organisations may use the same address', async () => {
    const reading = readProgramme(demo);
    const added = await asOrganisation(QUARRY, (db) =>
      insertProgramme(db, slug, 'Same name', reading.ok ? reading.file : ({} as never)),
    );
    expect(added).toBe(true);
    expect((await programmeOf(MILL, slug))!.title).toBe('The year of Mill Lane Guild');
  });
});

it('migrating again changes nothing and keeps the data', async () => {
  const before = await asOwner(owner, 'select * from programme order by id');
  await prepareDatabase(owner);
  expect(await asOwner(owner, 'select * from programme order by id')).toEqual(before);
});

import { blankPerson, type Person, type RosterChange } from '@aggrega/core/running';
import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { noteHeld } from '../db/held';
import { setKits } from '../db/kits';
import { insertOrganisation } from '../db/organisations';
import { noteLayout, setTells } from '../db/layout-checks';
import { putCode, seeDevice, setPin } from '../db/page-locks';
import { addMarks } from '../db/sewing';
import { insertMeasurement, insertPicture, insertQuestion, setProgress } from '../db/participant-page';
import { asOrganisation, closePool } from '../db/pool';
import { personByLink, type RosterQuestion } from '../db/participants';
import { linkHash, organisationOfKey } from '../participant-page/private-link';
import { importProgramme, programmeOf, saveChanges } from '../programme/programmes';
import { changeRoster, erasePerson, everybody, linkOf, renewLink, rosterIds, rosterPage } from './roster';
import { personFile } from './roster-files';
import { publishIn } from '../sheet/sheet-versions';
import { rosterQuestion } from './roster-question';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
let owner: string;
let slug: string;
const all: RosterQuestion = rosterQuestion(new URLSearchParams()).question;
const adds = (more: Partial<Person> = {}): RosterChange => {
  const id = randomUUID();
  return { id, to: { ...blankPerson, name: `Person ${id.slice(0, 6)}`, colourway: 'frost', joined: '2027-01-01', ...more } };
};
const countsOf = async () => {
  const { document } = (await programmeOf(QUARRY, slug))!;
  return [document.participants, document.sizes?.[0]?.participants];
};

beforeAll(async () => {
  owner = await freshDatabase();
  await asOrganisation(QUARRY, (db) => insertOrganisation(db, QUARRY, 'Quarry Road Quilters'));
});
beforeEach(async () => {
  const imported = await importProgramme(QUARRY, demo);
  if (imported.kind !== 'imported') throw new Error('unsound');
  ({ slug } = imported);
});
afterAll(closePool);

describe('head counts', () => {
  it('follow the roster from the first person on, and go back with undo', async () => {
    const before = await countsOf();
    expect(before[0]).toEqual({ frost: 25, harvest: 18, dusk: 13 });
    const [a, b, c] = [adds(), adds({ size: 'double-bed' }), adds({ colourway: 'dusk', kit: 'list' })];
    await changeRoster(QUARRY, slug, [a, b, c]);
    expect(await countsOf()).toEqual([{ frost: 2, harvest: 0, dusk: 1 }, { frost: 1 }]);
    // Who brings their own is counted, and by their own kind of kit.
    expect((await programmeOf(QUARRY, slug))!.document.kits!.otherKinds).toEqual([
      { colourway: 'dusk', kind: 'list', people: 1 },
    ]);
    await changeRoster(QUARRY, slug, [{ id: a.id, from: { colourway: 'frost' }, to: { colourway: 'harvest' } }]);
    expect(await countsOf()).toEqual([{ frost: 1, harvest: 1, dusk: 1 }, { frost: 1 }]);
    await changeRoster(QUARRY, slug, [{ id: b.id, from: { state: 'in' }, to: { state: 'left' } }]);
    expect(await countsOf()).toEqual([{ frost: 0, harvest: 1, dusk: 1 }, {}]);
    await changeRoster(QUARRY, slug, [{ id: c.id, from: { kit: 'list' }, to: { kit: '' } }]);
    expect((await programmeOf(QUARRY, slug))!.document.kits).not.toHaveProperty('otherKinds');
  });

  it('cannot be set by hand any more, nor a colourway be taken out that somebody is in', async () => {
    await changeRoster(QUARRY, slug, [adds({ colourway: 'dusk' })]);
    const turned = await saveChanges(QUARRY, slug, [{ path: '/participants/frost', from: 0, to: 30 }]);
    expect(turned).toMatchObject({
      kind: 'refused',
      errors: [{ message: expect.stringContaining('counted under Participants') }],
    });
    const { document } = (await programmeOf(QUARRY, slug))!;
    const [, , dusk] = document.colourways!;
    const gone = await saveChanges(QUARRY, slug, [
      { path: '/colourways/dusk', from: dusk },
      { path: '/participants', from: document.participants, to: { frost: 0, harvest: 0 } },
    ]);
    expect(gone).toMatchObject({ kind: 'refused' });
    // Anything else saves as ever, and keeps the counts.
    expect(await saveChanges(QUARRY, slug, [{ path: '/title', from: document.title, to: 'Other' }])).toMatchObject({
      kind: 'saved',
    });
    expect((await countsOf())[0]).toEqual({ frost: 0, harvest: 0, dusk: 1 });
  });

  it('come out right when many change it at once', async () => {
    const people = Array.from({ length: 12 }, (_, i) => adds({ colourway: ['frost', 'harvest'][i % 2]! }));
    await Promise.all(people.map((p) => changeRoster(QUARRY, slug, [p])));
    expect((await countsOf())[0]).toEqual({ frost: 6, harvest: 6, dusk: 0 });
  });
});

describe('changing the roster', () => {
  it('makes all changes or none, and says what is wrong with whom', async () => {
    const result = await changeRoster(QUARRY, slug, [adds({ name: 'Ada' }), adds({ name: 'Bea', email: 'nonsense' })]);
    expect(result).toMatchObject({ kind: 'refused', errors: [{ name: 'Bea', field: 'email' }] });
    expect(await everybody(QUARRY, slug)).toEqual([]);
  });

  it('takes somebody of whom only some things are said, and says what is missing', async () => {
    const [bea, nobody] = [randomUUID(), randomUUID()];
    expect(await changeRoster(QUARRY, slug, [{ id: bea, to: { name: 'Bea', colourway: 'frost' } }])).toMatchObject({
      kind: 'saved',
    });
    expect(await changeRoster(QUARRY, slug, [{ id: nobody, to: { colourway: 'frost' } }])).toMatchObject({
      kind: 'refused',
      errors: [{ field: 'name' }],
    });
  });

  it('takes as many people as one programme may have, and not one more', async () => {
    const [{ id }] = (await asOwner<{ id: string }>(owner, `select id from programme where slug = '${slug}' limit 1`)) as [
      { id: string },
    ];
    await asOwner(
      owner,
      `insert into participant (organisation_id, programme_id, name, colourway) select '${QUARRY}', '${id}', 'Many', 'frost' from generate_series(1, 19999)`,
    );
    expect(await changeRoster(QUARRY, slug, [adds({})])).toMatchObject({ kind: 'saved' });
    expect(await changeRoster(QUARRY, slug, [adds({})])).toMatchObject({ kind: 'refused', errors: [{ field: 'name' }] });
    await asOwner(owner, `delete from participant where name = 'Many'`);
  });

  it('takes nobody off who has something already', async () => {
    const ada = adds();
    await changeRoster(QUARRY, slug, [ada]);
    await asOwner(
      owner,
      `insert into kit (organisation_id, programme_id, participant_id, month, colourway, state)
       select organisation_id, programme_id, id, 'm1', 'frost', 'cut' from participant where id = '${ada.id}'`,
    );
    expect(await changeRoster(QUARRY, slug, [{ id: ada.id, from: ada.to }])).toMatchObject({ kind: 'refused' });
    expect(await erasePerson(QUARRY, slug, ada.id)).toBe(true);
    const kits = await asOwner(owner, `select participant_id, state from kit where month = 'm1'`);
    expect(kits).toEqual([{ participant_id: null, state: 'cut' }]);
    expect(await everybody(QUARRY, slug)).toEqual([]);
  });

  it('takes nobody off with whom anything of her own would go', async () => {
    const at = new Date('2027-02-01T10:00:00Z');
    // Every table whose rows go with a person, by the database's own account.
    const own = await asOwner<{ table: string }>(
      owner,
      `select conrelid::regclass::text as table from pg_constraint where confrelid = 'participant'::regclass and contype = 'f' order by 1`,
    );
    const put: Record<string, (db: pg.ClientBase, id: string) => Promise<unknown>> = {
      kit: (db, id) => setKits(db, slug, { month: 'm1', people: [id], state: 'cut', at }),
      layout_check: async (db, id) => {
        await setTells(db, id, true);
        await noteLayout(db, id, { month: 'm1', block: 'b', found: [], at });
      },
      mail: (db, id) =>
        db.query(
          `insert into mail (organisation_id, programme_id, participant_id, once, recipient, subject, body, next_at, written_at)
           select organisation_id, programme_id, id, 'one', 'a@example.org', 's', 'b', $2, $2 from participant where id = $1`,
          [id, at],
        ),
      measurement: (db, id) => insertMeasurement(db, id, { month: 'm1', sizes: [], at }),
      page_code: (db, id) => putCode(db, id, Buffer.alloc(32), at),
      page_device: (db, id) => seeDevice(db, id, { hash: Buffer.alloc(32), device: '', at, unlocked: false }),
      page_pin: (db, id) => setPin(db, id, 'x', Buffer.alloc(32)),
      picture: (db, id) => insertPicture(db, id, 'm1', Buffer.from([1]), at),
      progress: (db, id) => setProgress(db, id, { month: 'm1', step: 'cut', done: true, at }),
      question: (db, id) => insertQuestion(db, id, 'm1', 'Which way?', at),
      sewing: (db, id) => addMarks(db, id, { month: 'm1', version: 1, marks: { at: { value: 'start', at: 1 } } }),
      sheet_held: async (db, id) => {
        await publishIn(db, slug, 'm1', at);
        await noteHeld(db, slug, { people: [id], month: 'm1', version: 1, way: 'hand', at });
      },
    };
    expect(own.map((o) => o.table)).toEqual(Object.keys(put));
    for (const { table } of own) {
      const ada = adds();
      await changeRoster(QUARRY, slug, [ada]);
      await asOrganisation(QUARRY, (db) => put[table]!(db, ada.id));
      const taken = await changeRoster(QUARRY, slug, [{ id: ada.id, from: ada.to }]);
      expect([table, taken]).toMatchObject([table, { kind: 'refused', errors: [{ field: 'state' }] }]);
    }
  });

  it('shows who was there first', async () => {
    const ada = adds({ notes: 'old' });
    await changeRoster(QUARRY, slug, [ada]);
    await changeRoster(QUARRY, slug, [{ id: ada.id, from: { notes: 'old' }, to: { notes: 'theirs' } }]);
    const mine = await changeRoster(QUARRY, slug, [{ id: ada.id, from: { notes: 'old' }, to: { notes: 'mine' } }]);
    expect(mine).toMatchObject({ kind: 'conflict', meetings: [{ field: 'notes', now: 'theirs', wanted: 'mine' }] });
  });
});

describe('finding people', () => {
  it('finds by what is asked, sorts, and pages', async () => {
    const people = Array.from({ length: 130 }, (_, i) =>
      adds({
        name: `P ${String(i).padStart(3, '0')}`,
        paidTo: i % 3 === 0 ? 'm2' : i % 3 === 1 ? 'm10' : '',
        notes: i === 7 ? '100% wool_' : '',
      }),
    );
    await changeRoster(QUARRY, slug, people);
    const page = (await rosterPage(QUARRY, slug, all, 1))!;
    expect([page.found, page.people.length, page.people[0]!.name]).toEqual([130, 30, 'P 100']);
    const ask = async (more: Partial<RosterQuestion>) => (await rosterPage(QUARRY, slug, { ...all, ...more }, 0))!.people;
    // What a pattern would mean is meant as it is written.
    expect((await ask({ find: '100% wool_' })).map((p) => p.name)).toEqual(['P 007']);
    expect(await ask({ find: '%' })).toHaveLength(1);
    // Paid to October comes after paid to February, by the order of the months.
    const paid = (await ask({ sort: 'paid', down: true })).map((p) => p.paidTo);
    expect([paid[0], paid.indexOf('m2') > paid.lastIndexOf('m10')]).toEqual(['m10', true]);
    expect(await rosterIds(QUARRY, slug, { ...all, find: 'p 12' })).toHaveLength(10);
    expect((await rosterPage(QUARRY, slug, { ...all, state: 'left' }, 0))!.found).toBe(0);
  });
});

describe('a private link', () => {
  const opens = (key: string) => asOrganisation(organisationOfKey(key) ?? '', (db) => personByLink(db, linkHash(key)));

  it('opens one person’s page, until it is ended; the key is kept nowhere', async () => {
    const [ada, bea] = [adds({ name: 'Ada' }), adds({ name: 'Bea' })];
    await changeRoster(QUARRY, slug, [ada, bea]);
    const key = (await linkOf(QUARRY, slug, ada.id))!;
    expect((await opens(key))!.name).toBe('Ada');
    expect(JSON.stringify(await asOwner(owner, 'select * from participant'))).not.toContain(key);
    const next = (await renewLink(QUARRY, slug, ada.id))!;
    expect([await opens(key), (await opens(next))!.name]).toEqual([undefined, 'Ada']);
    for (const wrong of ['', 'x'.repeat(43), key.slice(1), `${next.slice(0, 42)}${next.endsWith('A') ? 'B' : 'A'}`])
      expect(await opens(wrong)).toBeUndefined();
  });

  it('is not opened to somebody on the waiting list', async () => {
    const ada = adds({ state: 'waiting' });
    await changeRoster(QUARRY, slug, [ada]);
    expect(await opens((await linkOf(QUARRY, slug, ada.id))!)).toBeUndefined();
  });
});

it('hands out what is kept of a person, without anybody else’s', async () => {
  const [ada, bea] = [adds({ name: 'Ada', notes: 'hers' }), adds({ name: 'Bea', notes: 'not hers' })];
  await changeRoster(QUARRY, slug, [ada, bea]);
  const file = await personFile(QUARRY, slug, ada.id);
  if (!('body' in file)) throw new Error('no file');
  expect(JSON.parse(String(file.body))).toMatchObject({ person: { name: 'Ada', notes: 'hers' }, kits: [], questions: [] });
  expect(String(file.body)).not.toMatch(/Bea|not hers|link/);
  expect(await personFile(QUARRY, slug, 'nonsense')).toHaveProperty('message');
});

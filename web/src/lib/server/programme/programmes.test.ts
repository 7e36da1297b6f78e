import { applyChanges, dayAfter, type ProgrammeFile } from '@aggrega/core/programme';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import scraps from '../../../../../demo/winter-scrap-basket.aggrega.json';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { addRevision, findProgramme, findRevision } from '../db/programmes';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { DEMO_ORGANISATION, loadDemo } from '../demo/demo';
import { demoAhead, demoAt, rosterAt } from '../demo/demo-year';
import { importProgramme, programmeOf, programmesOf, putAside, saveChanges } from './programmes';

const GUILD = '00000000-0000-4000-8000-00000000000a';
const document = demo as unknown as ProgrammeFile;
let owner: string;
let slug: string;

beforeAll(async () => {
  owner = await freshDatabase();
  await asOrganisation(GUILD, (db) => insertOrganisation(db, GUILD, 'Quarry Road Quilters'));
});
afterAll(closePool);
beforeEach(async () => {
  const imported = await importProgramme(GUILD, document);
  slug = (imported as { slug: string }).slug;
});

it('a save that is taken back before its end leaves nothing behind, not even in memory', async () => {
  const { revision } = await now();
  const failed = asOrganisation(GUILD, async (db) => {
    await addRevision(db, slug, 'Another', { ...document, title: 'Another' });
    expect((await findProgramme(db, slug))!.document.title).toBe('Another');
    throw new Error('the connection broke');
  });
  await expect(failed).rejects.toThrow('the connection broke');
  expect((await now()).document.title).toBe(document.title);
  await saveChanges(GUILD, slug, [{ path: '/contact', from: document.contact, to: 'at the desk' }]);
  expect(await now()).toMatchObject({ revision: revision + 1, document: { title: document.title, contact: 'at the desk' } });
});

const now = async () => (await programmeOf(GUILD, slug))!;

describe('import', () => {
  it('gives back exactly what came in, fields in order', async () => {
    expect(JSON.stringify((await now()).document)).toBe(JSON.stringify(demo));
  });

  it('refuses an unsound document with its places and writes nothing', async () => {
    const before = (await programmesOf(GUILD)).length;
    const refused = await importProgramme(GUILD, { ...document, unit: 'ell', months: [{ id: 'm1', release: 'soon' }] });
    expect(refused).toMatchObject({ kind: 'refused', errors: [{ path: '/unit' }, { path: '/months/0/release' }] });
    expect(await programmesOf(GUILD)).toHaveLength(before);
  });

  it('never replaces a programme: the same title gets an address of its own', async () => {
    const again = (await importProgramme(GUILD, document)) as { slug: string };
    expect(again.slug).not.toBe(slug);
    const at_once = await Promise.all(
      Array.from({ length: 6 }, () => importProgramme(GUILD, { ...document, title: 'Ünï — ✂' })),
    );
    expect(new Set(at_once.map((i) => (i as { slug: string }).slug)).size).toBe(6);
  });
});

describe('saving', () => {
  it('adds a revision and keeps every older one', async () => {
    const saved = await saveChanges(GUILD, slug, [{ path: '/participants/frost', from: 25, to: 60 }]);
    expect(saved).toMatchObject({ kind: 'saved', revision: 2, document: { participants: { frost: 60 } } });
    const rows = await asOwner<{ document: ProgrammeFile }>(
      owner,
      `select document from programme_revision r join programme p on p.id = r.programme_id where slug = '${slug}' order by r.revision`,
    );
    expect(rows.map((r) => r.document.participants!.frost)).toEqual([25, 60]);
  });

  it('joins what many people change in different places at once', async () => {
    const names = document.months!.map((m) => [m.id, m.name!] as const);
    const answers = await Promise.all(
      names.map(([id, name]) => saveChanges(GUILD, slug, [{ path: `/months/${id}/name`, from: name, to: `${name}!` }])),
    );
    expect(answers.every((a) => a.kind === 'saved')).toBe(true);
    expect((await now()).document.months!.map((m) => m.name)).toEqual(names.map(([, name]) => `${name}!`));
    expect((await now()).revision).toBe(1 + names.length);
  });

  it('lets one of many win one place and shows the others what it became', async () => {
    const answers = await Promise.all(
      [30, 31, 32, 33, 34].map((to) => saveChanges(GUILD, slug, [{ path: '/participants/dusk', from: 13, to }])),
    );
    const won = answers.filter((a) => a.kind === 'saved');
    expect(won).toHaveLength(1);
    const value = (await now()).document.participants!.dusk;
    for (const a of answers) if (a.kind === 'conflict') expect(a.conflicts[0]!.now).toBe(value);
    expect((await now()).revision).toBe(2);
  });

  it('keeps what somebody left in a meeting as a state of the history, and the programme as it is', async () => {
    const before = await now();
    const left = await saveChanges(GUILD, slug, [{ path: '/title', from: document.title, to: 'The Plot' }], true);
    expect(left).toMatchObject({ kind: 'saved', document: before.document, revision: before.revision + 2 });
    expect(await now()).toMatchObject({ document: before.document, title: document.title });
    const states = await asOrganisation(GUILD, (db) => Promise.all([1, 2, 3].map((n) => findRevision(db, slug, n))));
    expect(states.map((s) => s!.title)).toEqual([document.title, 'The Plot', document.title]);
  });

  it('sent twice is saved once', async () => {
    const change = { path: '/title', from: document.title, to: 'The Plot' };
    await saveChanges(GUILD, slug, [change]);
    expect(await saveChanges(GUILD, slug, [change])).toMatchObject({ kind: 'saved', document: { title: 'The Plot' } });
    expect(await now()).toMatchObject({ title: 'The Plot', revision: 2 });
  });

  it('refuses what the checks refuse, whole: a good change beside a bad one is not made either', async () => {
    const refused = await saveChanges(GUILD, slug, [
      { path: '/title', from: document.title, to: 'Half' },
      { path: '/house/seam', from: '1/4', to: 'a bit' },
    ]);
    expect(refused).toMatchObject({ kind: 'refused', errors: [{ path: '/house/seam' }] });
    expect(await saveChanges(GUILD, slug, [{ path: '/nowhere/at/all' }])).toMatchObject({ kind: 'saved' });
    expect(await saveChanges(GUILD, slug, [{ path: '/months/m99/name', to: 'x' }])).toMatchObject({ kind: 'refused' });
    expect((await now()).title).toBe(document.title);
  });

  it('begin a month with a drawing, redraw it, and take it all back', async () => {
    const block = {
      id: 'sill',
      name: 'Sill',
      grid: [1, 1] as [number, number],
      patches: [
        {
          role: 'A',
          points: [
            [0, 0],
            [1, 0],
            [1, 1],
            [0, 1],
          ] as [number, number][],
        },
      ],
    };
    const add = [
      { path: '/blocks/sill', to: block },
      { path: '/months/m12/blocks/sill', to: { block: 'sill', finished: '12' } },
    ];
    expect(await saveChanges(GUILD, slug, add)).toMatchObject({ kind: 'saved' });
    // A drawing with a hole in it is refused, with its place; the one that stands is kept.
    const hole = [
      {
        role: 'A',
        points: [
          [0, 0],
          [1, 0],
          [0, 1],
        ],
      },
    ];
    const refused = await saveChanges(GUILD, slug, [{ path: '/blocks/sill/patches', from: block.patches, to: hole }]);
    expect(refused).toMatchObject({ kind: 'refused', errors: [{ message: expect.stringContaining('there’s a gap') }] });
    expect((await now()).document.blocks.at(-1)).toEqual(block);
    const back = add.map(({ path, to }) => ({ path, from: to })).reverse();
    expect(await saveChanges(GUILD, slug, back)).toMatchObject({ kind: 'saved' });
    expect((await now()).document).toEqual(document);
  });

  it('of text that tables cannot hold is refused, not failed', async () => {
    const refused = await saveChanges(GUILD, slug, [{ path: '/title', from: document.title, to: 'nul \u0000' }]);
    expect(refused.kind).toBe('refused');
    const noted = await saveChanges(GUILD, slug, [{ path: '/house/note', to: 'nul \u0000 and \ud800' }]);
    expect(noted.kind).toBe('saved');
  });
});

it('a programme put aside can be put back, unchanged', async () => {
  await putAside(GUILD, slug, true);
  expect(await programmeOf(GUILD, slug)).toBeUndefined();
  expect((await saveChanges(GUILD, slug, [{ path: '/title', to: 'x' }])).kind).toBe('missing');
  await putAside(GUILD, slug, false);
  expect((await now()).document).toEqual(document);
});

describe('the demonstration', () => {
  it('is loaded once, keeps what was changed, and is made anew only when asked', async () => {
    await loadDemo(false);
    const demo = async () => (await programmeOf(DEMO_ORGANISATION, 'the-allotment-year'))!;
    expect((await demo()).document.participants).toEqual({ frost: 25, harvest: 18, dusk: 13 });
    const { contact } = (await demo()).document;
    await saveChanges(DEMO_ORGANISATION, 'the-allotment-year', [{ path: '/contact', from: contact, to: 'the window' }]);
    await loadDemo(false);
    expect((await demo()).document.contact).toBe('the window');
    await loadDemo(true);
    const anew = await programmesOf(DEMO_ORGANISATION);
    // The two others lie ahead.
    expect(
      anew.map((p) => [p.slug, p.revision, Object.values(p.document.participants ?? {}).reduce((a, b) => a + b, 0)]).sort(),
    ).toEqual([
      ['low-water', 1, 18],
      ['the-allotment-year', 2, 56],
      ['winter-scrap-basket', 1, 12],
    ]);
    expect(await programmeOf(GUILD, slug)).toBeDefined();
  });

  it('has today in the middle of its year, whatever day it is: five instalments are out, seven are ahead', () => {
    const file = demo as unknown as ProgrammeFile;
    for (let day = Date.parse('2026-01-01'); day < Date.parse('2031-01-01'); day += 3 * 86_400_000) {
      const today = new Date(day).toISOString().slice(0, 10);
      const { months, calendar } = demoAt(file, today);
      const releases = months!.map((m) => m.release!);
      expect([today, releases[4]! < today, releases[5]! >= today]).toEqual([today, true, true]);
      expect(releases).toEqual([...releases].sort());
      expect(releases.every((r) => new Date(r).getUTCDay() === 6)).toBe(true);
      // Months are called as they are; the holidays stay in August.
      for (const { name, release } of months!)
        expect(name).toBe(new Date(release!).toLocaleString('en', { month: 'long', timeZone: 'UTC' }));
      const { from, to } = calendar!.away![0]!;
      expect([from.slice(4), to.slice(4), from >= releases[0]!, from < dayAfter(releases[0]!, 366)]).toEqual([
        '-08-02',
        '-08-13',
        true,
        true,
      ]);
    }
    for (const today of ['2027-05-20', '2027-06-12']) expect(demoAt(file, today).months).toEqual(file.months);
    for (const today of ['2026-03-02', '2027-01-16', '2029-12-31']) {
      const [first] = demoAhead(scraps as unknown as ProgrammeFile, today, 5).months!.map((m) => m.release!);
      const days = (Date.parse(first!) - Date.parse(today)) / 86_400_000;
      expect([days >= 35, days <= 42, new Date(first!).getUTCDay()]).toEqual([true, true, 6]);
    }
    expect(rosterAt('joined 2027-01-02, paid to May', file, '2027-06-15')).toBe('joined 2027-02-06, paid to June');
  });
});

it('a change made on the page gives the document that the server saves', async () => {
  const changes = [{ path: '/months/m2/blocks/seed-drill/make', from: 1, to: 3 }];
  const here = applyChanges(document, changes);
  const there = await saveChanges(GUILD, slug, changes);
  expect('file' in here && here.file).toEqual((there as { document: ProgrammeFile }).document);
});

import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { newProgramme } from '@aggrega/core/running';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { deskFeedAddress, organiserFeed } from '../calendar/feeds';
import { asOrganisation, closePool } from '../db/pool';
import { insertOrganisation } from '../db/organisations';
import { DEMO_ORGANISATION, loadDemo } from '../demo/demo';
import { closePost } from '../mail/post';
import { arrivedMails, closeStandIn } from '../mail/stand-in';
import { postOffice, remindBehind } from '../mail/post-office';
import { importProgramme, putAside } from '../programme/programmes';
import { checkedTasks, deskDays, deskOf, deskOfProgramme } from './desk';
import { deskLetter, deskLetterWish, nextLetter, sendDeskLetters, wishDeskLetter } from './desk-letter';

const DEMO = DEMO_ORGANISATION;
const EMPTY = '00000000-0000-4000-8000-0000000000ee';
let owner: string;
let account: string;

beforeAll(async () => {
  owner = await freshDatabase();
  vi.stubEnv('AGGREGA_OUTSIDE', await mkdtemp(join(tmpdir(), 'aggrega-desk-')));
  await loadDemo(true);
  await asOrganisation(EMPTY, (db) => insertOrganisation(db, EMPTY, 'Mill Lane Guild'));
  account = (await asOwner<{ id: string }>(owner, `select id from account limit 1`))[0]!.id;
  await asOwner(owner, `update account set email = 'cleo@example.org' where id = '${account}'`);
});
afterAll(async () => {
  await closePost();
  closeStandIn();
  await closePool();
});

describe('the desk of a house', () => {
  it('has every programme with its months and tasks, and those put aside by name', async () => {
    const desk = await deskOf(DEMO, 'owner');
    expect(desk.programmes.map((p) => p.slug).sort()).toEqual(['low-water', 'the-allotment-year', 'winter-scrap-basket']);
    const year = desk.programmes.find((p) => p.slug === 'the-allotment-year')!;
    expect(year.months).toHaveLength(12);
    expect(year.people).toBeGreaterThan(40);
    expect(year.tasks.map((t) => t.kind)).toContain('question');
    expect(year.tasks).toEqual((await deskOfProgramme(DEMO, year.slug, 'owner'))!.tasks);
    await putAside(DEMO, 'winter-scrap-basket', true);
    const fewer = await deskOf(DEMO, 'owner');
    expect(fewer.programmes).toHaveLength(2);
    expect(fewer.archived).toEqual([{ slug: 'winter-scrap-basket', title: 'Winter Scrap Basket' }]);
    expect(await deskOfProgramme(DEMO, 'winter-scrap-basket', 'owner')).toBeUndefined();
    await putAside(DEMO, 'winter-scrap-basket', false);
  });

  it('tells a role only of what it may do: no messages, people or releases for hands in the cutting room', async () => {
    const tasks = (await deskOf(DEMO, 'cutting-room')).programmes.flatMap((p) => p.tasks);
    expect(tasks.length).toBeGreaterThan(0);
    expect(tasks.filter((t) => ['post', 'roster', 'release', 'samples'].includes(t.station))).toEqual([]);
    expect((await checkedTasks(DEMO, 'the-allotment-year', undefined))!.filter((t) => t.station === 'post')).toEqual([]);
  });

  it('adds what has to be ordered once stock was looked through', async () => {
    const known = (await deskOfProgramme(DEMO, 'the-allotment-year', 'owner'))!.tasks;
    const checked = (await checkedTasks(DEMO, 'the-allotment-year', 'owner'))!;
    expect(known.some((t) => t.kind === 'order')).toBe(false);
    expect(checked.find((t) => t.kind === 'order')).toMatchObject({
      station: 'bolts',
      why: expect.stringMatching(/\d yd of \w/),
    });
    const rest = (tasks: typeof known) => tasks.filter((t) => !['order', 'stops', 'proof'].includes(t.kind));
    expect(rest(checked)).toEqual(rest(known));
    expect(await checkedTasks(DEMO, 'no-such-year', 'owner')).toBeUndefined();
  });

  it('is empty where there is nothing, and shows a programme with nothing in it', async () => {
    expect(await deskOf(EMPTY, 'owner')).toEqual({ programmes: [], archived: [] });
    const bare = { title: 'Bare', unit: 'in' as const, months: 2, kind: 'monthly' as const, start: '2090-01-07', letters: 2 };
    await importProgramme(
      EMPTY,
      newProgramme({ ...bare, colourways: ['Frost'], timeZone: 'Europe/London', nameOf: (day) => day }),
    );
    expect((await deskOf(EMPTY, 'owner')).programmes[0]).toMatchObject({ slug: 'bare', tasks: [], quilt: false, people: 0 });
  });

  it('is a calendar by its own key: titles, and nobody’s name who has not paid', async () => {
    const key = deskFeedAddress(DEMO).split('/').at(-1)!.replace('.ics', '');
    const feed = await organiserFeed(key);
    const text = String('body' in feed && feed.body).replace(/\r\n /g, '');
    const { tasks } = await deskDays(DEMO);
    for (const { title } of tasks) expect(text).toContain(title.replace(/[,;]/g, '\\$&'));
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(tasks.length);
    const [unpaid] = tasks.filter((t) => t.kind === 'unpaid');
    if (unpaid) expect(text).not.toContain(unpaid.why.split(',')[0]!.replace('.', ''));
    expect(await organiserFeed(key.replace(/.$/, (c) => (c === 'A' ? 'B' : 'A')))).toMatchObject({ status: 404 });
  });
});

describe('the desk by mail', () => {
  beforeEach(() => vi.useFakeTimers({ toFake: ['Date'] }));
  afterEach(() => vi.useRealTimers());
  const at = (iso: string) => vi.setSystemTime(new Date(iso));
  const come = async () => (await arrivedMails(50)).filter((m) => m.to.includes('cleo@example.org')).length;

  it('goes out in the morning where the shop is, through the change of the clocks, or on the next Monday', () => {
    const next = (kind: 'pressing' | 'weekly', iso: string) => nextLetter(kind, 'Europe/London', new Date(iso)).toISOString();
    expect(next('pressing', '2027-03-27T12:00:00Z')).toBe('2027-03-28T06:00:00.000Z');
    expect(next('pressing', '2027-01-10T06:59:00Z')).toBe('2027-01-10T07:00:00.000Z');
    expect(next('weekly', '2027-01-13T12:00:00Z')).toBe('2027-01-18T07:00:00.000Z');
    expect(next('weekly', '2027-01-11T06:00:00Z')).toBe('2027-01-11T07:00:00.000Z');
  });

  it('comes once when it is due, not before, and again the next morning; nobody gets it who wants none', async () => {
    at('2026-12-01T12:00:00Z');
    await wishDeskLetter(DEMO, account, 'pressing');
    expect(await deskLetterWish(DEMO, account)).toBe('pressing');
    const before = await come();
    await sendDeskLetters(DEMO);
    expect(await come()).toBe(before);
    at('2026-12-02T07:00:01Z');
    await Promise.all([sendDeskLetters(DEMO), sendDeskLetters(DEMO)]);
    expect(await come()).toBe(before + 1);
    at('2026-12-03T07:00:01Z');
    await sendDeskLetters(DEMO);
    expect(await come()).toBe(before + 2);
    await wishDeskLetter(DEMO, account, 'never');
    at('2026-12-09T09:00:00Z');
    await sendDeskLetters(DEMO);
    expect(await come()).toBe(before + 2);
    expect(await deskLetterWish(DEMO, account)).toBe('never');
  });

  it('is tried again where the mail server did not take it', async () => {
    at('2026-12-10T12:00:00Z');
    await wishDeskLetter(DEMO, account, 'pressing');
    await closePost();
    vi.stubEnv('AGGREGA_SMTP', 'smtp://127.0.0.1:1');
    const before = await come();
    at('2026-12-11T07:00:01Z');
    await sendDeskLetters(DEMO);
    await closePost();
    vi.stubEnv('AGGREGA_SMTP', '');
    await sendDeskLetters(DEMO);
    expect(await come()).toBe(before);
    at('2026-12-11T07:31:00Z');
    await sendDeskLetters(DEMO);
    expect(await come()).toBe(before + 1);
  });

  it('says late, today and this week, and is not written when nothing presses', () => {
    const of = (title: string, days: number, why = '') => ({ title, days, why, programme: 'The Allotment Year' });
    const where = { house: 'Quarry Road Quilters', address: 'http://127.0.0.1' };
    expect(deskLetter([of('Pack 3 kits', 2)], 'pressing', where)).toBeUndefined();
    const letter = deskLetter(
      [of('Proof the sheet', -1, 'Read it.'), of('Answer Ada', 0), of('Pack 3 kits', 2)],
      'pressing',
      where,
    )!;
    expect(letter.subject).toBe('Quarry Road Quilters: 1 late, 1 due today');
    expect(letter.text).toContain(
      'Late:\n- Proof the sheet (The Allotment Year, 1 day late). Read it.\n\nToday:\n- Answer Ada',
    );
    expect(deskLetter([], 'weekly', where)!.text).toContain('Nothing is pressing this week.');
  });
});

describe('a word to those who are behind', () => {
  // The demonstration made anew in August: some of its people are months behind.
  beforeAll(async () => {
    vi.useFakeTimers({ toFake: ['Date'], now: new Date('2027-08-20T10:00:00Z') });
    await loadDemo(true);
  });
  afterAll(() => void vi.useRealTimers());
  const box = () =>
    asOwner<{ recipient: string; subject: string; body: string }>(
      owner,
      `select recipient, subject, body from mail where once like 'reminder %' order by recipient`,
    );
  const behind = async () =>
    (await postOffice(DEMO, 'the-allotment-year', { state: '', month: '', find: '', page: 0 }))!.behind;

  it('goes once a week to each of them who has an address, in the organiser’s words, with their own page', async () => {
    const before = await behind();
    expect(before.length).toBeGreaterThan(3);
    const { tasks } = (await deskOfProgramme(DEMO, 'the-allotment-year', 'owner'))!;
    expect(tasks.find((t) => t.kind === 'behind')!.title).toContain(`${before.length} people`);
    const some = before.filter((p) => p.mail).length;
    expect(await remindBehind(DEMO, 'the-allotment-year', 'We’ve missed you.')).toBe(some);
    expect(await remindBehind(DEMO, 'the-allotment-year', 'Again.')).toBe(0);
    const letters = await box();
    expect(letters).toHaveLength(some);
    for (const { body } of letters) {
      expect(body).toMatch(/^Dear [A-Z]/);
      expect(body).toContain('We’ve missed you.');
      expect(body).toContain('[own page]');
    }
    expect((await behind()).filter((p) => p.written)).toHaveLength(some);
    expect(await remindBehind(DEMO, 'no-such-year', 'Hello')).toBeUndefined();
  });
});

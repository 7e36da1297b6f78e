import { languageFor, spokenIn } from '../web/languages';
import { sheetAsked } from '../mail/person-sheet';
import { paperText } from '@aggrega/paper/text';
import { blankPerson, type Person } from '@aggrega/core/running';
import { randomUUID } from 'node:crypto';
import { mkdtemp, readdir } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { turn } from '../clockwork';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { listHolders } from '../db/held';
import { allPeople } from '../db/participants';
import { closePost } from '../mail/post';
import { arrivedFile, arrivedMails, closeStandIn, mailFolder } from '../mail/stand-in';
import { importProgramme, saveChanges } from '../programme/programmes';
import {
  proofMonth,
  redraftMonth,
  releaseDue,
  releaseNow,
  releaseOf,
  scheduleMonth,
  sendLate,
  unscheduleMonth,
} from './releases';
import { changeRoster } from '../participants/roster';
import { ownPaper } from '../participant-page/own-paper';
import { releasedFor } from '../participant-page/participant-page';
import { sheetFile } from '../sheet/sheet-files';
import { publishSheet } from '../sheet/sheet-versions';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
let owner: string;
let slug: string;

const file = { ...demo, calendar: { timeZone: 'Europe/London', time: '09:00' } };
const person = (name: string, more: Partial<Person> = {}) => ({
  id: randomUUID(),
  to: { ...blankPerson, name, email: `${name.toLowerCase()}@example.org`, colourway: 'frost', ...more },
});
const minute = (iso: string) => vi.setSystemTime(new Date(iso));
const state = async (month = 'm3') => (await releaseOf(QUARRY, slug, month))?.release?.state ?? 'draft';
const proof = async (month = 'm3') => {
  const { points } = (await releaseOf(QUARRY, slug, month))!;
  return proofMonth(
    QUARRY,
    slug,
    month,
    points.map((p) => p.id),
  );
};
const mails = () =>
  asOwner<{ recipient: string; subject: string; body: string; state: string; tries: number; trouble: string }>(
    owner,
    `select recipient, subject, body, state, tries, trouble from mail m join programme p on p.id = programme_id where slug = '${slug}' order by written_at, recipient`,
  );
const held = async (month = 'm3') =>
  Object.fromEntries(
    (await asOrganisation(QUARRY, (db) => listHolders(db, slug, month))).map((h) => [h.name, [h.version, h.way]]),
  );

beforeAll(async () => {
  process.env.AGGREGA_OUTSIDE = await mkdtemp(join(tmpdir(), 'aggrega-mail-'));
  process.env.ORIGIN = 'http://127.0.0.1:4610';
  owner = await freshDatabase();
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, `House ${id}`));
});
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date('2027-03-01T10:00:00Z') });
  const imported = await importProgramme(QUARRY, file);
  if (imported.kind !== 'imported') throw new Error('unsound');
  ({ slug } = imported);
});
afterEach(() => void vi.useRealTimers());
afterAll(async () => {
  await closePost();
  closeStandIn();
  await closePool();
});

describe('a month’s way out', () => {
  it('who joins after it is out is written to when the organiser says so, once; nobody else is again', async () => {
    await changeRoster(QUARRY, slug, [person('Ada')]);
    expect(await sendLate(QUARRY, slug, 'm3')).toMatchObject({ kind: 'refused' });
    await proof();
    await releaseNow(QUARRY, slug, 'm3');
    await changeRoster(QUARRY, slug, [person('Bea'), person('Cleo', { email: '' }), person('Dora', { state: 'waiting' })]);
    expect(await sendLate(QUARRY, slug, 'm3')).toEqual({ kind: 'done' });
    expect((await mails()).map((m) => m.recipient).sort()).toEqual(['ada@example.org', 'bea@example.org']);
    expect(await sendLate(QUARRY, slug, 'm3')).toMatchObject({ kind: 'refused' });
    expect(await mails()).toHaveLength(2);
  });

  it('is proofed when everything was looked at, scheduled, and released at its minute, not before', async () => {
    expect(await proofMonth(QUARRY, slug, 'm3', ['date'])).toMatchObject({
      kind: 'refused',
      message: expect.stringContaining('isn’t ticked'),
    });
    expect(await scheduleMonth(QUARRY, slug, 'm3')).toMatchObject({ kind: 'refused' });
    expect(await releaseNow(QUARRY, slug, 'm3')).toMatchObject({ kind: 'refused' });
    expect(await proof()).toEqual({ kind: 'done' });
    expect(await scheduleMonth(QUARRY, slug, 'm3')).toEqual({ kind: 'done' });
    expect(await state()).toBe('scheduled');
    minute('2027-03-13T08:59:59.999Z');
    expect([await releaseDue(QUARRY), await state()]).toEqual([0, 'scheduled']);
    minute('2027-03-13T09:00:00Z');
    expect([await releaseDue(QUARRY), await state()]).toEqual([1, 'released']);
    expect([await releaseDue(QUARRY), await proof(), await redraftMonth(QUARRY, slug, 'm3')]).toEqual([
      0,
      expect.objectContaining({ kind: 'refused' }),
      expect.objectContaining({ kind: 'refused' }),
    ]);
  });

  it('can be taken back as long as it is not out', async () => {
    await proof();
    await scheduleMonth(QUARRY, slug, 'm3');
    expect([await unscheduleMonth(QUARRY, slug, 'm3'), await state()]).toEqual([{ kind: 'done' }, 'proofed']);
    minute('2027-04-01T00:00:00Z');
    expect(await releaseDue(QUARRY)).toBe(0);
    expect([await redraftMonth(QUARRY, slug, 'm3'), await state()]).toEqual([{ kind: 'done' }, 'draft']);
  });

  it('that cannot go out is set aside, said on the desk, tried again later and later, and holds up nobody', async () => {
    const other = await importProgramme(MILL, file);
    if (other.kind !== 'imported') throw new Error('unsound');
    for (const [house, of] of [
      [QUARRY, slug],
      [MILL, other.slug],
    ] as const) {
      const { points } = (await releaseOf(house, of, 'm3'))!;
      const checks = points.map((p) => p.id);
      expect(await proofMonth(house, of, 'm3', checks)).toEqual({ kind: 'done' });
      await scheduleMonth(house, of, 'm3');
    }
    const kept = await asOwner<{ id: string; document: string }>(
      owner,
      `select p.id, r.document::text as document from programme p join programme_revision r on r.programme_id = p.id
       where slug = '${slug}' and p.organisation_id = '${QUARRY}'`,
    );
    expect(kept).toHaveLength(1);
    // What no door lets in, and a hand in the database did.
    const write = (document: string) =>
      asOwner(
        owner,
        `update programme_revision set document = $json$${document}$json$, saved_at = saved_at + interval '1 second'
         where programme_id = '${kept[0]!.id}'`,
      );
    await write('{}');
    const row = async () =>
      (
        await asOwner<{ state: string; tries: number; wait: number }>(
          owner,
          `select r.state, tries, extract(epoch from retry_at - '${new Date().toISOString()}'::timestamptz)::int as wait
         from release r join programme p on p.id = programme_id where slug = '${slug}' and p.organisation_id = '${QUARRY}'`,
        )
      )[0]!;
    const theirs = () => releaseOf(MILL, other.slug, 'm3').then((found) => found!.release!.state);
    minute('2027-03-13T09:00:00Z');
    await turn();
    expect(await theirs()).toBe('released');
    expect(await row()).toEqual({ state: 'scheduled', tries: 1, wait: 60 });
    // Not before its time, and then twice as long.
    minute('2027-03-13T09:00:59Z');
    await turn();
    expect(await row()).toMatchObject({ tries: 1 });
    minute('2027-03-13T09:01:01Z');
    await turn();
    expect(await row()).toEqual({ state: 'scheduled', tries: 2, wait: 120 });
    for (let n = 3; n < 14; n += 1) {
      minute(new Date(Date.now() + 6 * 3_600_000).toISOString());
      await turn();
      expect((await row()).wait).toBe(Math.min(60 * 2 ** (n - 1), 6 * 3600));
    }
    expect(await releaseNow(QUARRY, slug, 'm3')).toMatchObject({
      kind: 'refused',
      message: expect.stringContaining('Proof it again'),
    });
    expect(await mails()).toEqual([]);
    // Mended, it goes out by itself.
    await write(kept[0]!.document);
    expect((await releaseOf(QUARRY, slug, 'm3'))!.release).toMatchObject({ state: 'scheduled', tries: 13 });
    minute(new Date(Date.now() + 6 * 3_600_000 + 1000).toISOString());
    await turn();
    expect((await row()).state).toBe('released');
  });

  it('shows what the draft says otherwise than what was proofed, and releases what was proofed', async () => {
    await proof();
    await saveChanges(QUARRY, slug, [{ path: '/months/m3/blocks/cloche/finished', from: '12', to: '14' }]);
    expect((await releaseOf(QUARRY, slug, 'm3'))!.since.length).toBeGreaterThan(0);
    await changeRoster(QUARRY, slug, [person('Ada')]);
    await releaseNow(QUARRY, slug, 'm3');
    await turn();
    const [mail] = await arrivedMails(1);
    const raw = (await arrivedFile(mail!.id))!.toString();
    expect(mail!.attached.map((a) => a.name)).toEqual(['m3-frost.pdf', 'm3-frost.txt']);
    // The block stands in the letter itself.
    expect(raw).toContain('cid:picture@aggrega');
    expect(mail!.picture).toMatch(/^data:image\/png;base64,iVBORw0KGgo/);
    const sheet = /filename=m3-frost\.txt[\s\S]*?\r\n\r\n([\s\S]*?)\r\n--/.exec(raw)![1]!;
    const words = /base64/.test(raw.slice(raw.indexOf('m3-frost.txt') - 200, raw.indexOf('m3-frost.txt') + 200))
      ? Buffer.from(sheet, 'base64').toString()
      : sheet;
    expect(words).toContain('12 1/2');
    expect(words).not.toContain('14 1/2');
  });

  it('is stopped by what would spoil kits, and by a month without a day', async () => {
    await saveChanges(QUARRY, slug, [{ path: '/months/m3/release', from: '2027-03-13' }]);
    expect(await proof()).toMatchObject({ kind: 'refused', message: expect.stringContaining('No date') });
    expect((await releaseOf(QUARRY, slug, 'm12'))?.points.length).toBeGreaterThan(0);
    expect(await releaseOf(QUARRY, slug, 'm99')).toBeUndefined();
  });

  it('goes out once, however many look at the clock', async () => {
    await changeRoster(QUARRY, slug, [
      person('Ada'),
      person('Bea'),
      person('Cy', { state: 'waiting' }),
      person('Dot', { email: '' }),
    ]);
    await proof();
    await scheduleMonth(QUARRY, slug, 'm3');
    minute('2027-03-13T09:00:01Z');
    const out = await Promise.all(Array.from({ length: 6 }, () => releaseDue(QUARRY)));
    expect(out.reduce((a, b) => a + b)).toBe(1);
    expect((await mails()).map((m) => m.recipient)).toEqual(['ada@example.org', 'bea@example.org']);
  });
});

describe('letters', () => {
  it('arrive once each, with her own sheet and her own link, and are noted as held', async () => {
    await changeRoster(QUARRY, slug, [
      person('Ada'),
      person('Bea', { colourway: 'harvest', size: 'double-bed', sheet: 'large=1' }),
      person('Cy', { email: 'cy@nowhere.example' }),
    ]);
    await proof();
    await releaseNow(QUARRY, slug, 'm3');
    const before = (await readdir(mailFolder()).catch(() => [])).length;
    await Promise.all([turn(), turn(), turn()]);
    expect((await readdir(mailFolder())).length - before).toBe(2);
    expect((await mails()).map((m) => [m.recipient, m.state])).toEqual([
      ['ada@example.org', 'sent'],
      ['bea@example.org', 'sent'],
      // Refused for good: not tried again, and said.
      ['cy@nowhere.example', 'failed'],
    ]);
    const arrived = await arrivedMails(2);
    const links = arrived.map((m) => /http:\/\/127\.0\.0\.1:4610\/p\/([\w-]{43})/.exec(m.text)![1]);
    expect(new Set(links).size).toBe(2);
    // The link is in the letter that went out, and nowhere in the database.
    expect(JSON.stringify(await mails())).not.toContain(links[0]);
    expect(arrived.flatMap((m) => m.attached.map((a) => a.name)).sort()).toEqual([
      ...['m3-frost.pdf', 'm3-frost.txt', 'm3-harvest-double-bed-large.pdf', 'm3-harvest-double-bed-large.txt'],
    ]);
    expect(await held()).toEqual({ Ada: [1, 'mail'], Bea: [1, 'mail'], Cy: [0, null] });
  });

  it('that were under way when their sender died are sent again, and kept once', async () => {
    await changeRoster(QUARRY, slug, [person('Ada')]);
    await proof();
    await releaseNow(QUARRY, slug, 'm3');
    await turn();
    const before = (await readdir(mailFolder())).length;
    const ours = `programme_id = (select id from programme where slug = '${slug}')`;
    // As if the process had died after handing it over, before noting it.
    await asOwner(
      owner,
      `update mail set state = 'sending', sent_at = null, next_at = now() + interval '100 years' where ${ours}`,
    );
    await turn();
    expect((await mails())[0]!.state).toBe('sending');
    await asOwner(owner, `update mail set next_at = '2020-01-01' where ${ours}`);
    await turn();
    expect([(await mails())[0]!.state, (await readdir(mailFolder())).length]).toEqual(['sent', before]);
  });
});

describe('a correction', () => {
  it('goes to exactly those who hold an older version, and says what is different for each', async () => {
    await changeRoster(QUARRY, slug, [person('Ada'), person('Bea', { colourway: 'harvest' })]);
    await proof();
    await releaseNow(QUARRY, slug, 'm3');
    await turn();
    // Who joins later has no version yet, and so nothing to correct.
    await changeRoster(QUARRY, slug, [person('Late')]);
    const harvest = demo.colourways.find((c) => c.id === 'harvest')!.fabrics;
    await saveChanges(QUARRY, slug, [{ path: '/colourways/harvest/fabrics/B', from: harvest.B, to: 'pumpkin' }]);
    expect(await publishSheet(QUARRY, slug, 'm3')).toEqual({ kind: 'published', version: 2 });
    const errata = (await mails()).filter((m) => /^Correction/.test(m.subject));
    // For Ada nothing changes: what she has is as good as the new version, and nothing is sent.
    expect(errata.map((m) => m.recipient)).toEqual(['bea@example.org']);
    expect(errata[0]!.body).toMatch(/- Fabric B is now .* \(was /);
    await turn();
    expect(await held()).toEqual({ Ada: [2, 'mail'], Bea: [2, 'mail'], Late: [0, null] });
    // The next one finds nobody who holds version 1 any more.
    await saveChanges(QUARRY, slug, [{ path: '/colourways/harvest/fabrics/B', from: 'pumpkin', to: harvest.B }]);
    await publishSheet(QUARRY, slug, 'm3');
    const bodies = (await mails()).filter((m) => m.body.includes('version 3'));
    expect(bodies).toHaveLength(1);
    expect(bodies[0]!.body).toContain('throw version 2 away');
  });

  it('bears the day from which people could have it: that of the release, a correction that of its own, page and file alike', async () => {
    await changeRoster(QUARRY, slug, [person('Ada')]);
    minute('2027-03-01T10:00:00Z');
    await proof();
    minute('2027-03-13T09:00:01Z');
    await releaseNow(QUARRY, slug, 'm3');
    const told = async () => {
      const asked = new URLSearchParams({
        version: String((await releaseOf(QUARRY, slug, 'm3'))!.release!.version),
        colourway: 'frost',
      });
      const file = await sheetFile(QUARRY, { slug, month: 'm3', file: 'sheet.html', asked });
      const ada = (await asOrganisation(QUARRY, (db) => allPeople(db, slug))).find((p) => p.name === 'Ada')!;
      const month = (await asOrganisation(QUARRY, (db) => releasedFor(db, { organisation: QUARRY, slug, person: ada }))).find(
        (r) => r.month === 'm3',
      )!;
      const page = await ownPaper({ organisation: QUARRY, slug, person: ada }, month);
      return [
        /Version \d, [^<·]+/.exec('body' in file ? String(file.body) : '')?.[0].trim(),
        'paper' in page && /Version \d, .+/.exec(page.paper.footer)?.[0],
      ];
    };
    expect(await told()).toEqual(Array(2).fill('Version 1, 13 March 2027'));
    minute('2027-03-20T18:00:00Z');
    await saveChanges(QUARRY, slug, [{ path: '/months/m3/blocks/cloche/make', from: 1, to: 2 }]);
    await publishSheet(QUARRY, slug, 'm3');
    expect(await told()).toEqual(Array(2).fill('Version 2, 20 March 2027'));
  });

  it('is on her page what it is in her file, sewn as she wishes', async () => {
    await changeRoster(QUARRY, slug, [person('Ada')]);
    minute('2027-03-01T10:00:00Z');
    await proof();
    minute('2027-03-13T09:00:01Z');
    await releaseNow(QUARRY, slug, 'm3');
    const ada = (await asOrganisation(QUARRY, (db) => allPeople(db, slug))).find((p) => p.name === 'Ada')!;
    const texts = [];
    for (const sheet of ['', 'sizing=exact', 'sizing=trim-down', 'english=american', 'level=new']) {
      const page = { organisation: QUARRY, slug, person: { ...ada, sheet } };
      const month = (await asOrganisation(QUARRY, (db) => releasedFor(db, page))).find((r) => r.month === 'm3')!;
      const asked = sheetAsked(page.person, month.version);
      const [own, file] = await spokenIn(languageFor(sheet, 'en-GB'), async () => [
        await ownPaper(page, month),
        await sheetFile(QUARRY, { slug, month: 'm3', file: 'sheet.txt', asked, out: month.out }),
      ]);
      const text = 'paper' in own ? paperText(own.paper) : own.message;
      expect('body' in file && String(file.body)).toBe(text);
      texts.push(text);
    }
    // Each wish is heard.
    expect(new Set(texts).size).toBeGreaterThanOrEqual(4);
  });

  it('of a month that is not out tells nobody', async () => {
    await changeRoster(QUARRY, slug, [person('Ada')]);
    await proof();
    await saveChanges(QUARRY, slug, [{ path: '/months/m3/blocks/cloche/finished', from: '12', to: '14' }]);
    await publishSheet(QUARRY, slug, 'm3');
    expect(await mails()).toEqual([]);
  });
});

/** A private page's door: codes for a lost link, devices that she is shown and told of, and a PIN that holds at every door behind it. */
import { readdirSync } from 'node:fs';
import { mkdtemp, readFile, readdir } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { randomUUID } from 'node:crypto';
import { blankPerson } from '@aggrega/core/running';
import { isHttpError, isRedirect, type Cookies, type RequestEvent } from '@sveltejs/kit';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { asOwner } from '../../../../tests/fresh-database';
import { MILL, QUARRY, twoHouses } from '../../../../tests/two-houses';
import { closePool } from '../db/pool';
import { closePost } from '../mail/post';
import { closeStandIn, mailFolder } from '../mail/stand-in';
import { changeRoster, linkOf, renewLink } from '../participants/roster';
import { codesSent, makeCode, openByCode, sendCodes } from './lost-link';
import { atPageDoor, choosePin, givePin, onlyHere, pageDoorOf } from './page-door';
import { openPage } from './participant-page';

const ROUTES = fileURLToPath(new URL('../../../routes', import.meta.url));
const HERE = 'http://127.0.0.1:4610';
const FIREFOX = 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0';
const PHONE = 'Mozilla/5.0 (Linux; Android 15; Mobile) Chrome/140.0 Mobile';
let owner: string;
let slug: string;
let count = 0;

beforeAll(async () => {
  process.env.AGGREGA_OUTSIDE = await mkdtemp(join(tmpdir(), 'aggrega-mail-'));
  process.env.ORIGIN = HERE;
  ({ owner, slug } = await twoHouses());
});
beforeEach(() => void vi.useFakeTimers({ toFake: ['Date'], now: new Date('2027-03-01T10:00:00Z') }));
afterEach(() => void vi.useRealTimers());
afterAll(async () => {
  await closePost();
  closeStandIn();
  await closePool();
});

/** Somebody new on the roster, with her key. */
async function somebody(email = `ada.${(count += 1)}@example.org`) {
  const id = randomUUID();
  const to = { ...blankPerson, name: 'Ada Fenn', email, colourway: 'frost', joined: '2027-01-01' };
  expect(await changeRoster(QUARRY, slug, [{ id, to }])).toMatchObject({ kind: 'saved' });
  return { id, email, key: (await linkOf(QUARRY, slug, id))! };
}
const pageAt = async (key: string) => (await openPage(key))!;

/** A browser with its cookies. */
class Device {
  readonly kept = new Map<string, string>();
  constructor(readonly agent = FIREFOX) {}

  event(key: string, route = '/p/[key]', { method = 'GET', accept = 'text/html' } = {}): RequestEvent {
    const url = new URL(`${HERE}/p/${key}`);
    const cookies = {
      get: (name: string) => this.kept.get(name),
      set: (name: string, value: string) => void this.kept.set(name, value),
    } as unknown as Cookies;
    const request = new Request(url, { method, headers: { accept, 'user-agent': this.agent } });
    return { request, url, cookies, route: { id: route }, params: { key }, locals: {}, isDataRequest: false } as never;
  }

  /** What the door says: 'in', where it is sent, or a status. */
  async opens(key: string, route?: string, how?: { method?: string; accept?: string }): Promise<string | number> {
    try {
      await atPageDoor(this.event(key, route, how));
      return 'in';
    } catch (thrown) {
      if (isRedirect(thrown)) return thrown.location;
      if (isHttpError(thrown)) return thrown.status;
      throw thrown;
    }
  }
  get key(): string {
    return this.kept.get('aggrega_device')!;
  }
}

/** Letters that were taken in; the folder is there after the first. */
const files = () => readdir(mailFolder()).catch(() => []);
const letters = async (to: string) => {
  const all = await Promise.all((await files()).map((f) => readFile(join(mailFolder(), f), 'utf8')));
  return all.map((l) => l.replaceAll('=\r\n', '')).filter((l) => l.includes(to));
};
const arrived = (to: string, said: string, many = 1) =>
  vi.waitFor(async () => expect((await letters(to)).filter((l) => l.includes(said))).toHaveLength(many), {
    timeout: 600_000,
    interval: 50,
  });
const codeIn = (letter: string) => /\b[B-Z2-9]{4}-[B-Z2-9]{4}\b/.exec(letter)![0];
const later = (minutes: number) => vi.setSystemTime(Date.now() + minutes * 60_000);

describe('a code for a lost link', () => {
  it('comes by letter, opens her page once and within half an hour, however it is typed', async () => {
    const ada = await somebody();
    expect(await sendCodes(` ${ada.email.toUpperCase()} `, 'a1')).toBeUndefined();
    await codesSent();
    const [letter] = await letters(ada.email);
    const code = codeIn(letter!);
    expect(letter).not.toContain(ada.key);
    const phone = new Device(PHONE);
    expect(await openByCode(phone.event(''), ` ${code.toLowerCase().replace('-', ' ')} `, 'a2')).toEqual({ key: ada.key });
    expect(await openByCode(phone.event(''), code, 'a2')).toContain('isn’t right');
    expect(await pageDoorOf(await pageAt(ada.key), phone.key)).toMatchObject({ devices: [{ device: PHONE, here: true }] });

    const late = (await makeCode(QUARRY, ada.id))!;
    later(31);
    expect(await openByCode(phone.event(''), late, 'a2')).toContain('isn’t right');
    // A new one ends the one before; a link made anew is the one that it opens.
    const [first, second] = [(await makeCode(QUARRY, ada.id))!, (await makeCode(QUARRY, ada.id))!];
    expect(await openByCode(phone.event(''), first, 'a2')).toContain('isn’t right');
    const renewed = await renewLink(QUARRY, slug, ada.id);
    expect(await openByCode(phone.event(''), second, 'a2')).toEqual({ key: renewed });
    expect(await makeCode(MILL, ada.id)).toBeUndefined();
  });

  it('tells nobody who has a page, and is not found by trying', async () => {
    const before = (await files()).length;
    expect(await sendCodes('stranger@example.org', 'b1')).toBeUndefined();
    expect(await sendCodes('no address', 'b1')).toContain('valid email');
    await codesSent();
    expect((await files()).length).toBe(before);
    const ada = await somebody();
    const code = (await makeCode(QUARRY, ada.id))!;
    const tries = new Device();
    for (let n = 0; n < 41; n += 1) expect(await openByCode(tries.event(''), `BBBB-BB${n}`, 'b2')).toContain('isn’t right');
    expect(await openByCode(tries.event(''), code, 'b2')).toContain('Too many tries');
    expect(await openByCode(tries.event(''), code, 'b3')).toEqual({ key: ada.key });
    // Codes are kept as hashes.
    const [row] = await asOwner<{ text: string }>(
      owner,
      `select coalesce(string_agg(c::text, ''), '') as text from page_code c`,
    );
    expect(row!.text).not.toContain(code.replace('-', ''));
  });
});

describe('a device', () => {
  it('is shown once it keeps its cookie, and a new one is told of by letter', async () => {
    const ada = await somebody();
    const [own, phone] = [new Device(), new Device(PHONE)];
    expect(await own.opens(ada.key)).toBe('in');
    expect((await pageDoorOf(await pageAt(ada.key), own.key)).devices).toEqual([]);
    await own.opens(ada.key);
    expect((await pageDoorOf(await pageAt(ada.key), own.key)).devices).toMatchObject([{ device: FIREFOX, here: true }]);
    // The first one is no news, and what looks through letters keeps no cookies.
    for (let n = 0; n < 3; n += 1) await new Device('a mail program').opens(ada.key);
    for (let n = 0; n < 3; n += 1) await phone.opens(ada.key);
    await arrived(ada.email, 'Chrome on a telephone');
    expect(await letters(ada.email)).toHaveLength(1);
    expect((await letters(ada.email))[0]).not.toContain(ada.key);
    const { devices } = await pageDoorOf(await pageAt(ada.key), own.key);
    expect(devices.map((d) => [d.device, d.here]).sort()).toEqual(
      [
        [PHONE, false],
        [FIREFOX, true],
      ].sort(),
    );
    await onlyHere(await pageAt(ada.key), own.key);
    expect((await pageDoorOf(await pageAt(ada.key), own.key)).devices).toMatchObject([{ device: FIREFOX }]);
  });
});

describe('a PIN', () => {
  it('is asked for on every other device, at every door but the calendar’s, until it is right', async () => {
    const ada = await somebody();
    const [own, phone] = [new Device(), new Device(PHONE)];
    for (let n = 0; n < 2; n += 1) for (const device of [own, phone]) await device.opens(ada.key);
    const page = await pageAt(ada.key);
    for (const bad of ['123', '123456789', 'abcd']) expect(await choosePin(page, own.key, bad)).toContain('4 to 8 digits');
    expect(await choosePin(page, own.key, '4207')).toBeUndefined();
    expect(await own.opens(ada.key)).toBe('in');
    expect(await phone.opens(ada.key)).toBe(`/p/${ada.key}/pin`);
    const behind = readdirSync(ROUTES, { recursive: true, encoding: 'utf8' })
      .filter((file) => /^p\/\[key\].*\+(page\.)?server\.ts$/.test(file))
      .map((file) => `/${dirname(file)}`);
    expect(behind.length).toBeGreaterThan(10);
    for (const route of behind) {
      const open = /pin$|calendar/.test(route);
      expect([route, await phone.opens(ada.key, route)]).toEqual([route, open ? 'in' : `/p/${ada.key}/pin`]);
      if (!open)
        for (const method of ['GET', 'POST'])
          expect([route, await phone.opens(ada.key, route, { method, accept: '*/*' })]).toEqual([route, 401]);
    }
    expect(await givePin(phone.event(ada.key), page, '4208')).toContain('isn’t the PIN');
    expect(await givePin(phone.event(ada.key), page, ' 4207 ')).toBeUndefined();
    expect(await phone.opens(ada.key)).toBe('in');
    // Another PIN is asked for anew everywhere else; none opens by the link alone.
    expect(await choosePin(page, phone.key, '123456')).toBeUndefined();
    expect(await own.opens(ada.key)).toBe(`/p/${ada.key}/pin`);
    expect(await choosePin(page, phone.key, '')).toBeUndefined();
    expect(await own.opens(ada.key)).toBe('in');
  });

  it('is not found by trying, and whoever reads her letters needs none', async () => {
    const ada = await somebody();
    const [own, thief, tablet] = [new Device(), new Device(), new Device()];
    for (let n = 0; n < 2; n += 1) await own.opens(ada.key);
    const page = await pageAt(ada.key);
    await choosePin(page, own.key, '4207');
    for (let n = 0; n < 9; n += 1) expect(await givePin(thief.event(ada.key), page, `${1000 + n}`)).toContain('isn’t');
    expect(await givePin(thief.event(ada.key), page, '4207')).toContain('Too many tries');
    expect(await own.opens(ada.key)).toBe('in');
    expect(await openByCode(tablet.event(''), (await makeCode(QUARRY, ada.id))!, 'c1')).toEqual({ key: ada.key });
    expect(await tablet.opens(ada.key)).toBe('in');
    later(16);
    expect(await givePin(thief.event(ada.key), page, '4207')).toBeUndefined();
    // Nothing of it is in the record, or in what is kept of rows that were deleted.
    const [row] = await asOwner<{ text: string }>(
      owner,
      `select coalesce((select string_agg(r::text, '') from record r), '') || coalesce((select string_agg(d::text, '') from deleted_row d), '') as text`,
    );
    expect(row!.text).not.toContain('argon2');
    expect(row!.text).not.toContain(ada.key);
  });
});

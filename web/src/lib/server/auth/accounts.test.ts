import { mkdtemp, readFile, readdir } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Cookies } from '@sveltejs/kit';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { codeNow, newCodeSecret } from './codes';
import { found, invitationOf, invite, setRole, takeUp, uninvite } from './house';
import { isNewDevice, tellOfDevice } from './notices';
import { askForCodes, changePassword, stopCodes } from './own-account';
import { closeSession, openSession, signedIn } from './sessions';
import { recover, sendRecovery, signIn } from './sign-in';
import { listMembers } from '../db/accounts';
import { acting, asOrganisation, closePool } from '../db/pool';
import { houseRecord } from '../history/record';
import { closePost } from '../mail/post';
import { closeStandIn, mailFolder } from '../mail/stand-in';

const PASSWORD = 'forty kits before Friday';
const HERE = 'http://127.0.0.1:4610';
let owner: string;
let count = 0;
/** A cookie jar as a browser has one. */
function jar(): Cookies {
  const kept = new Map<string, string>();
  return {
    get: (name: string) => kept.get(name),
    set: (name: string, value: string) => void kept.set(name, value),
    delete: (name: string) => void kept.delete(name),
  } as unknown as Cookies;
}
const somebody = () => ({ name: `Ann Vale ${(count += 1)}`, email: `ann.${count}@example.org`, password: PASSWORD });
async function house() {
  const who = somebody();
  const begun = await found('Mill Lane Guild', who);
  if (typeof begun === 'string') throw new Error(begun);
  return { ...who, ...begun };
}
async function open(account: string) {
  const cookies = jar();
  await openSession(account, { cookies, url: new URL(HERE), device: 'test' });
  return cookies;
}
/** The newest link of that kind in the letters to an address. */
async function linkIn(to: string, kind: string): Promise<string> {
  const letters = await Promise.all((await readdir(mailFolder())).map((f) => readFile(join(mailFolder(), f), 'utf8')));
  const keys = letters
    .filter((l) => l.includes(to))
    .flatMap((l) => [...l.replaceAll('=\r\n', '').matchAll(new RegExp(`/${kind}/([\\w-]{43})`, 'g'))].map((m) => m[1]!));
  if (keys.length === 0) throw new Error(`no letter to ${to}`);
  return keys.at(-1)!;
}

beforeAll(async () => {
  process.env.AGGREGA_OUTSIDE = await mkdtemp(join(tmpdir(), 'aggrega-mail-'));
  process.env.ORIGIN = HERE;
  owner = await freshDatabase();
});
beforeEach(() => void vi.useFakeTimers({ toFake: ['Date'], now: new Date('2027-03-01T10:00:00Z') }));
afterEach(() => void vi.useRealTimers());
afterAll(async () => {
  await closePost();
  closeStandIn();
  await closePool();
});
const later = (minutes: number) => vi.setSystemTime(new Date(Date.now() + minutes * 60_000));

describe('signing in', () => {
  it('takes the right password in any spelling of the address, and no other; nothing that opens is kept', async () => {
    const ann = await house();
    expect(await signIn({ email: ` ${ann.email.toUpperCase()} `, password: PASSWORD, code: '' }, 'a1')).toEqual({
      kind: 'in',
      account: ann.account,
    });
    for (const wrong of ['', PASSWORD.toUpperCase(), `${PASSWORD} `])
      expect((await signIn({ email: ann.email, password: wrong, code: '' }, 'a1')).kind).toBe('refused');
    expect(await signIn({ email: 'nobody@example.org', password: PASSWORD, code: '' }, 'a1')).toEqual(
      await signIn({ email: ann.email, password: 'wrong and wrong', code: '' }, 'a1'),
    );
    const cookies = await open(ann.account);
    const kept = JSON.stringify(await asOwner(owner, 'select * from account_key, session'));
    expect(kept).not.toContain(PASSWORD);
    expect(kept).not.toContain(cookies.get('aggrega_session'));
    expect(kept).toContain('$argon2id$');
  });

  /** Wrong passwords for that account, one from each address. */
  const guess = async (email: string, addresses: string[]) => {
    for (const [i, address] of addresses.entries()) await signIn({ email, password: `wrong one ${i}`, code: '' }, address);
  };
  const tooOften = { kind: 'refused', message: expect.stringMatching(/Wait 1\d minutes, or set a new password/) };

  it('is refused for a while after too many tries, there and for that account only; a new password, or time, opens it again', async () => {
    const [ann, bea] = [await house(), await house()];
    const from = (address: string, { email } = ann, password = PASSWORD) => signIn({ email, password, code: '' }, address);
    await guess(
      ann.email,
      Array.from({ length: 9 }, () => 'b1'),
    );
    expect(await from('b1')).toMatchObject(tooOften);
    expect((await from('b1', bea)).kind).toBe('in');
    // Whoever tried that does not keep her out where she is.
    expect((await from('b2')).kind).toBe('in');
    expect(await from('b1')).toMatchObject(tooOften);
    await sendRecovery(ann.email, 'b1');
    await recover(await linkIn(ann.email, 'recover'), 'another sentence of mine', 'b1');
    expect((await from('b1', ann, 'another sentence of mine')).kind).toBe('in');
    await guess(
      bea.email,
      Array.from({ length: 9 }, () => 'b3'),
    );
    later(16);
    expect((await from('b3', bea)).kind).toBe('in');
  });

  it('that is refused leaves a line in the log: whose account, from where, and nothing that was typed', async () => {
    const ann = await house();
    const written = vi.spyOn(process.stdout, 'write').mockReturnValue(true);
    try {
      await guess(ann.email, ['g1']);
      await guess('stranger@example.org', ['g2']);
      const lines = written.mock.calls.map(([line]) => String(line)).filter((line) => line.includes('"sign-in"'));
      expect(lines.map((line) => JSON.parse(line) as unknown)).toMatchObject([
        { outcome: 'refused', account: ann.account, from: 'g1' },
        { outcome: 'refused', from: 'g2' },
      ]);
      expect(lines.join('')).not.toMatch(/wrong one|example\.org/);
    } finally {
      written.mockRestore();
    }
  });

  it('is refused everywhere where one account is tried from everywhere', async () => {
    const ann = await house();
    await guess(
      ann.email,
      Array.from({ length: 41 }, (_, i) => `e${i}`),
    );
    expect(await signIn({ email: ann.email, password: PASSWORD, code: '' }, 'e99')).toMatchObject(tooOften);
    later(16);
    expect((await signIn({ email: ann.email, password: PASSWORD, code: '' }, 'e99')).kind).toBe('in');
  });

  it('with the right password allows few wrong codes, from wherever, and a new password no more of them', async () => {
    const ann = await house();
    const secret = newCodeSecret();
    await askForCodes((await signedIn(await open(ann.account)))!, secret, codeNow(secret));
    later(1);
    const code = (tried: string, address: string, password = PASSWORD) =>
      signIn({ email: ann.email, password, code: tried }, address);
    const wrong = codeNow(secret) === '123456' ? '654321' : '123456';
    for (let i = 0; i < 9; i += 1) expect((await code(wrong, `f${i}`)).kind).toBe('refused');
    expect(await code(codeNow(secret), 'f99')).toMatchObject({ message: expect.stringMatching(/Wait 1\d minutes\.$/) });
    await sendRecovery(ann.email, 'f99');
    await recover(await linkIn(ann.email, 'recover'), 'another sentence of mine', 'f99');
    expect((await code(codeNow(secret), 'f99', 'another sentence of mine')).kind).toBe('refused');
    later(16);
    expect((await code(codeNow(secret), 'f99', 'another sentence of mine')).kind).toBe('in');
  });

  it('asks for a code where one was set up; each code opens once', async () => {
    const ann = await house();
    const who = (await signedIn(await open(ann.account)))!;
    const secret = newCodeSecret();
    expect(await askForCodes(who, secret, '000000')).toContain('isn’t right');
    expect(await askForCodes(who, secret, codeNow(secret))).toBeUndefined();
    const with_ = (code: string) => signIn({ email: ann.email, password: PASSWORD, code }, 'c1');
    expect((await with_('')).kind).toBe('code');
    expect((await with_(codeNow(secret))).kind).toBe('refused');
    later(1);
    expect((await with_(codeNow(secret))).kind).toBe('in');
    expect((await with_(codeNow(secret))).kind).toBe('refused');
    expect(await stopCodes(who, 'not hers at all')).toBeTruthy();
    expect(await stopCodes(who, PASSWORD)).toBeUndefined();
    expect((await with_('')).kind).toBe('in');
  });
});

describe('a session', () => {
  it('ends when she signs out, after thirty days without a sign of life, and after half a year in any case', async () => {
    const { account } = await house();
    const one = await open(account);
    const other = await open(account);
    await closeSession(one, await signedIn(one));
    expect(await signedIn(one)).toBeUndefined();
    for (let day = 0; day < 175; day += 25) {
      expect((await signedIn(other))!.account).toBe(account);
      later(25 * 24 * 60);
    }
    later(10 * 24 * 60);
    expect(await signedIn(other)).toBeUndefined();
    const idle = await open(account);
    later(31 * 24 * 60);
    expect(await signedIn(idle)).toBeUndefined();
  });

  it('elsewhere ends with a new password; a part that is taken away ends at once', async () => {
    const ann = await house();
    const [here, there] = [await open(ann.account), await open(ann.account)];
    const who = (await signedIn(here))!;
    expect(await changePassword(who, 'not the old one', 'a much longer sentence')).toBe('That isn’t your password.');
    expect(await changePassword(who, PASSWORD, 'short')).toContain('at least 12');
    expect(await changePassword(who, PASSWORD, ann.email)).toContain('can’t be');
    expect(await changePassword(who, PASSWORD, 'a much longer sentence')).toBeUndefined();
    expect(await signedIn(there)).toBeUndefined();
    expect((await signedIn(here))!.organisation).toMatchObject({ role: 'owner' });
    await asOwner(owner, `delete from membership where account_id = '${ann.account}'`);
    expect((await signedIn(here))!.organisation).toBeUndefined();
  });
});

describe('a forgotten password', () => {
  it('is set anew by the letter, once, within two hours; all devices are signed out and codes stay asked for', async () => {
    const ann = await house();
    const cookies = await open(ann.account);
    await sendRecovery(ann.email, 'd1');
    const first = await linkIn(ann.email, 'recover');
    expect(await recover(first, 'short', 'd1')).toContain('at least 12');
    expect(await recover(first, 'another sentence of mine', 'd1')).toEqual({ account: ann.account });
    expect(await recover(first, 'a third sentence of mine', 'd1')).toContain('used already');
    expect(await signedIn(cookies)).toBeUndefined();
    expect((await signIn({ email: ann.email, password: PASSWORD, code: '' }, 'd1')).kind).toBe('refused');
    expect((await signIn({ email: ann.email, password: 'another sentence of mine', code: '' }, 'd1')).kind).toBe('in');
    await sendRecovery(ann.email, 'd1');
    const second = await linkIn(ann.email, 'recover');
    later(121);
    expect(await recover(second, 'a third sentence of mine', 'd1')).toContain('used already');
  });

  it('of an address without an account sends nothing', async () => {
    const before = (await readdir(mailFolder())).length;
    await sendRecovery('stranger@example.org', 'd2');
    expect((await readdir(mailFolder())).length).toBe(before);
  });
});

describe('who works here', () => {
  const invited = async (email: string, role: 'viewer' | 'organiser' = 'organiser') => {
    const ann = await house();
    const sent = await invite({ id: ann.organisation, name: 'Mill Lane Guild' }, { email, role, by: ann.name });
    if (typeof sent === 'string') throw new Error(sent);
    return { ann, key: sent.link.split('/').at(-1)! };
  };
  const members = (organisation: string) =>
    asOrganisation(organisation, async (db) => (await listMembers(db)).map((m) => [m.email, m.role]));

  it('an invitation is taken up once, with the part that it names', async () => {
    const { ann, key } = await invited('bea@example.org', 'viewer');
    expect(await linkIn('bea@example.org', 'invitation')).toBe(key);
    const both = await Promise.all([1, 2, 3].map(() => takeUp(key, { name: 'Bea', password: PASSWORD })));
    expect(both.filter((t) => typeof t === 'object')).toHaveLength(1);
    expect(await members(ann.organisation)).toEqual([
      [ann.email, 'owner'],
      ['bea@example.org', 'viewer'],
    ]);
    expect(await invitationOf(key)).toBeUndefined();
  });

  it('is not taken up by somebody else, nor after it was taken back or its fortnight is over', async () => {
    const other = await house();
    const { ann, key } = await invited('cy@example.org');
    expect(await takeUp(key, other)).toContain('is for cy@example.org');
    const { id } = (await invitationOf(key))!;
    await uninvite(other.organisation, id);
    expect(await invitationOf(key)).toBeDefined();
    await uninvite(ann.organisation, id);
    expect(await takeUp(key, { name: 'Cy', password: PASSWORD })).toContain('cancelled');
    const { key: late } = await invited('dot@example.org');
    later(15 * 24 * 60);
    expect(await invitationOf(late)).toBeUndefined();
  });

  it('one owner stays, whatever two owners do at once', async () => {
    const { ann, key } = await invited('eve@example.org');
    const eve = await takeUp(key, { name: 'Eve', password: PASSWORD });
    if (typeof eve === 'string') throw new Error(eve);
    expect(await setRole(ann.organisation, ann.account, 'viewer')).toContain('only owner');
    expect(await setRole(ann.organisation, eve.account, 'owner')).toBeUndefined();
    await Promise.all([setRole(ann.organisation, ann.account, undefined), setRole(ann.organisation, eve.account, 'organiser')]);
    expect((await members(ann.organisation)).filter(([, role]) => role === 'owner')).toHaveLength(1);
  });

  it('who has left is told of by her name', async () => {
    const { ann, key } = await invited('fay@example.org');
    const fay = await takeUp(key, { name: 'Fay Rook', password: PASSWORD });
    if (typeof fay === 'string') throw new Error(fay);
    await setRole(ann.organisation, fay.account, 'viewer');
    await setRole(ann.organisation, fay.account, undefined);
    const told = (await houseRecord(ann.organisation)).entries.flatMap((e) => e.says);
    expect(told.filter((line) => line.includes('Fay'))).toEqual([
      'Fay Rook removed from the team',
      'Fay Rook is now viewer',
      expect.stringMatching(/^Fay Rook joined as /),
    ]);
  });

  it('whoever only looks can change nothing, by the database’s own word; the record names who did what', async () => {
    const { organisation, account } = await house();
    const write = (looksOnly: boolean) =>
      acting.run({ account, looksOnly }, () =>
        asOrganisation(organisation, (db) =>
          db.query(`insert into invitation (organisation_id, email, role, hash, made_at, ends_at)
                    values ('${organisation}', 'x${looksOnly}@example.org', 'viewer', '\\x0${looksOnly ? 1 : 2}', now(), now())`),
        ),
      );
    await expect(write(true)).rejects.toThrow(/read-only transaction/);
    await write(false);
    expect(
      await asOwner(
        owner,
        `select account_id, subject, deed from record where organisation_id = '${organisation}' order by id desc limit 1`,
      ),
    ).toEqual([{ account_id: account, subject: 'invitation', deed: 'insert' }]);
  });
});

describe('letters about an account', () => {
  const FIREFOX = 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0';
  const PHONE = 'Mozilla/5.0 (Linux; Android 15; Mobile) Chrome/140.0 Mobile';
  /** Letters to an address that say it; waited for, since nobody waits for them. */
  const letters = async (to: string, said: string) => {
    const all = await Promise.all((await readdir(mailFolder())).map((f) => readFile(join(mailFolder(), f), 'utf8')));
    return all.map((l) => l.replaceAll('=\r\n', '')).filter((l) => l.includes(to) && l.includes(said)).length;
  };
  const arrive = (to: string, said: string, many = 1) =>
    vi.waitFor(async () => expect(await letters(to, said)).toBe(many), { timeout: 600_000, interval: 50 });

  it('say that somebody signed in on a device of another kind, and not at the first or at one that is known', async () => {
    const ann = await house();
    expect(await isNewDevice(ann.account, FIREFOX)).toBe(false);
    await openSession(ann.account, { cookies: jar(), url: new URL(HERE), device: FIREFOX });
    expect(await isNewDevice(ann.account, FIREFOX.replaceAll('140', '141'))).toBe(false);
    expect(await isNewDevice(ann.account, PHONE)).toBe(true);
    await tellOfDevice(ann.account, PHONE);
    await arrive(ann.email, 'Chrome on a telephone');
  });

  it('say that the password was changed, or that codes are off', async () => {
    const ann = await house();
    const who = (await signedIn(await open(ann.account)))!;
    await changePassword(who, PASSWORD, 'thirty kits before Monday');
    await arrive(ann.email, 'password of your account was changed');
    await stopCodes(who, 'thirty kits before Monday');
    await arrive(ann.email, 'no longer asks for a code');
    await sendRecovery(ann.email, 'a9');
    await recover(await linkIn(ann.email, 'recover'), 'twenty kits before Sunday', 'a9');
    await arrive(ann.email, 'password of your account was changed', 2);
  });

  it('tell the owners who has joined, and nobody else', async () => {
    const ann = await house();
    const bea = somebody();
    await invite({ id: ann.organisation, name: 'Mill Lane Guild' }, { email: bea.email, role: 'viewer', by: ann.name });
    await takeUp(await linkIn(bea.email, 'invitation'), { name: bea.name, password: PASSWORD });
    await arrive(ann.email, `${bea.name} (${bea.email})`);
    expect(await letters(bea.email, 'is now on the team')).toBe(await letters(ann.email, 'is now on the team'));
  });
});

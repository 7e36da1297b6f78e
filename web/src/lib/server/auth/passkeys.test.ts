/** Passkeys: a device's signature opens its own account, once for each asking, and nothing else does. */
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { freshDatabase } from '../../../../tests/fresh-database';
import { SoftDevice } from '../../../../tests/soft-device';
import { listPasskeys } from '../db/passkeys';
import { atTheDoor, closePool } from '../db/pool';
import { closePost } from '../mail/post';
import { closeStandIn } from '../mail/stand-in';
import { found } from './house';
import { addPasskey, allowsPasskeys, askPasskey, beginPasskey, removePasskey, signInByPasskey } from './passkeys';
import type { SignedIn } from './sessions';

const PASSWORD = 'forty kits before Friday';
const HERE = new URL('https://quilts.example.org/account');
let count = 0;

beforeAll(async () => {
  process.env.AGGREGA_OUTSIDE = await mkdtemp(join(tmpdir(), 'aggrega-mail-'));
  process.env.ORIGIN = HERE.origin;
  await freshDatabase();
});
beforeEach(() => void vi.useFakeTimers({ toFake: ['Date'], now: new Date('2027-03-01T10:00:00Z') }));
afterEach(() => void vi.useRealTimers());
afterAll(async () => {
  await closePost();
  closeStandIn();
  await closePool();
});

async function somebody(): Promise<SignedIn> {
  const email = `ann.${(count += 1)}@example.org`;
  const begun = await found('Mill Lane Guild', { name: 'Ann Vale', email, password: PASSWORD });
  if (typeof begun === 'string') throw new Error(begun);
  return { session: '', account: begun.account, email, name: 'Ann Vale' };
}
async function begun(who: SignedIn) {
  const options = await beginPasskey(who, PASSWORD, HERE);
  if (typeof options === 'string') throw new Error(options);
  return options;
}
async function withPasskey() {
  const who = await somebody();
  const device = new SoftDevice(HERE);
  const response = device.register(await begun(who));
  expect(await addPasskey(who, { response, name: 'Firefox on Linux' }, HERE)).toBeUndefined();
  return { who, device };
}
const passkeysOf = (who: SignedIn) => atTheDoor((db) => listPasskeys(db, who.account));

describe('a passkey', () => {
  it('is added by the password, and opens its account from then on until it is removed', async () => {
    const { who, device } = await withPasskey();
    expect(await beginPasskey(who, 'not her password', HERE)).toBe('That isn’t your password.');
    for (let time = 0; time < 3; time += 1)
      expect(await signInByPasskey(device.sign(await askPasskey(HERE)), HERE)).toBe(who.account);
    const [own, ...others] = await passkeysOf(who);
    expect(others).toEqual([]);
    expect(own).toMatchObject({ name: 'Firefox on Linux', transports: ['internal'], used: new Date() });
    // The browser is told of it, so that no device takes two.
    expect((await begun(who)).excludeCredentials).toMatchObject([{ id: own!.id }]);
    await removePasskey(await somebody(), own!.id);
    expect(await passkeysOf(who)).toHaveLength(1);
    await removePasskey(who, own!.id);
    expect(await signInByPasskey(device.sign(await askPasskey(HERE)), HERE)).toBeUndefined();
  });

  it('is not added by an answer to somebody else, to another page, too late, twice, or without her finger', async () => {
    const [who, other] = [await somebody(), await somebody()];
    const device = new SoftDevice(HERE);
    const add = (response: ReturnType<SoftDevice['register']>, as = who) => addPasskey(as, { response, name: '' }, HERE);
    expect(await add(device.register(await begun(other)))).toContain('wasn’t added');
    expect(await add(device.register(await begun(who), { origin: 'https://quilts.example.net' }))).toContain('wasn’t added');
    expect(await add(device.register(await begun(who), { verified: false }))).toContain('wasn’t added');
    expect(
      await add(new SoftDevice(new URL('https://example.net')).register(await begun(who), { origin: HERE.origin })),
    ).toContain('wasn’t added');
    const late = await begun(who);
    vi.setSystemTime(Date.now() + 11 * 60_000);
    expect(await add(device.register(late))).toContain('wasn’t added');
    // What a device is asked in order to sign in adds no key.
    expect(await add(device.register(await askPasskey(HERE)))).toContain('wasn’t added');
    expect(await passkeysOf(who)).toEqual([]);
    const once = await begun(who);
    expect(await add(device.register(once))).toBeUndefined();
    expect(await add(new SoftDevice(HERE).register(once))).toContain('wasn’t added');
    // A device's key stays with whom it was given to.
    expect(await add(device.register(await begun(other)), other)).toContain('wasn’t added');
    expect(await passkeysOf(other)).toEqual([]);
    expect(await passkeysOf(who)).toMatchObject([{ name: 'Passkey' }]);
  });

  it('opens nothing for what was signed twice, elsewhere, by another device, by a copy, or without her finger', async () => {
    const { who, device } = await withPasskey();
    const ask = () => askPasskey(HERE);
    const comesIn = (response: ReturnType<SoftDevice['sign']>) => signInByPasskey(response, HERE);
    const twice = device.sign(await ask());
    const both = await Promise.all([comesIn(twice), comesIn(twice), comesIn(twice)]);
    expect(both.filter(Boolean)).toEqual([who.account]);
    expect(await comesIn(device.sign(await ask(), { origin: 'https://quilts.example.net' }))).toBeUndefined();
    expect(await comesIn(device.sign(await ask(), { verified: false }))).toBeUndefined();
    expect(await comesIn(device.sign({ challenge: 'bm9ib2R5IGFza2VkIHRoYXQ' }))).toBeUndefined();
    // A device that counts and falls behind is a copy.
    expect(await comesIn(device.sign(await ask(), { counter: 1 }))).toBeUndefined();
    const stranger = new SoftDevice(HERE).sign(await ask());
    expect(await comesIn(stranger)).toBeUndefined();
    expect(await comesIn({ ...stranger, id: twice.id, rawId: twice.rawId })).toBeUndefined();
    // What she is asked for another passkey signs nobody in.
    expect(await comesIn(device.sign(await begun(who)))).toBeUndefined();
    const late = await ask();
    vi.setSystemTime(Date.now() + 11 * 60_000);
    expect(await comesIn(device.sign(late))).toBeUndefined();
    expect(await comesIn(device.sign(await ask()))).toBe(who.account);
  });

  it('is there where browsers allow one: at a name, over https or on this machine', () => {
    const at = (address: string) => allowsPasskeys(new URL(address));
    expect([at('https://quilts.example.org'), at('http://localhost:4610')]).toEqual([true, true]);
    expect([at('http://quilts.example.org'), at('http://127.0.0.1:4610'), at('https://[::1]'), at('https://10.0.0.3')]).toEqual(
      Array(4).fill(false),
    );
  });
});

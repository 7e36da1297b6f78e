import { createHmac } from 'node:crypto';
import { expect, it } from 'vitest';
import { fromOwnMachine, hasDemo, isFoundingKey, servesOthers } from './own-machine';

const LOCAL = { host: '127.0.0.1:4610', 'user-agent': 'a browser', cookie: 'a=b', 'sec-fetch-site': 'none' };
const ALONE = { AGGREGA_DEMO: 'on', ORIGIN: 'http://127.0.0.1:4610' };
const OTHERS = [
  { ORIGIN: 'https://quilts.example.org' },
  { HOST: '0.0.0.0' },
  { ADDRESS_HEADER: 'x-forwarded-for' },
  { NODE_ENV: 'production' },
  { ORIGIN: 'no address' },
];

it('at a machine that serves itself alone, who asks from there is its owner, and the demonstration is open', () => {
  expect(fromOwnMachine(LOCAL, '127.0.0.1', ALONE)).toBe(true);
  expect(fromOwnMachine({ host: '[::1]:4610' }, '::1', { ...ALONE, ADDRESS_HEADER: 'x-aggrega-address' })).toBe(true);
  expect(hasDemo(ALONE)).toBe(true);
  expect(hasDemo({ ...ALONE, AGGREGA_DEMO: 'off' })).toBe(false);
});

it('nobody is, and the demonstration is closed, as soon as one setting says that others are served, whatever else is set', () => {
  for (const setting of OTHERS) {
    const settings = { ...ALONE, ...setting };
    expect([setting, servesOthers(settings), hasDemo(settings)]).toEqual([setting, true, false]);
    expect(fromOwnMachine(LOCAL, '127.0.0.1', settings)).toBe(false);
  }
});

it('whatever a proxy adds gives it away', () => {
  for (const name of [
    'forwarded',
    'via',
    'x-forwarded-for',
    'x-forwarded-proto',
    'x-real-ip',
    'cf-connecting-ip',
    'true-client-ip',
  ])
    expect([name, fromOwnMachine({ ...LOCAL, [name]: 'x' }, '127.0.0.1', ALONE)]).toEqual([name, false]);
  expect(fromOwnMachine({ host: 'quilts.example.org' }, '127.0.0.1', ALONE)).toBe(false);
  expect(fromOwnMachine(LOCAL, '10.0.0.7', ALONE)).toBe(false);
});

it('the founding key follows from the installation’s secret, and from no other', () => {
  const secret = 'a secret that everybody may read, for tests';
  const key = (own: string) => createHmac('sha256', own).update('begin').digest('base64url');
  expect(isFoundingKey(key(secret), secret)).toBe(true);
  for (const wrong of ['', 'x', key(`${secret}!`), `${key(secret)}A`]) expect(isFoundingKey(wrong, secret)).toBe(false);
  expect(isFoundingKey(key(''), '')).toBe(false);
});

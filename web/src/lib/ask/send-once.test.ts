import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { sendOnce, trySendOnce } from './send-once';

/** What becomes of the next requests: a status, or no answer at all. */
let weather: (number | 'away')[];
let keys: string[];

beforeEach(() => {
  [weather, keys] = [[], []];
  vi.stubGlobal('fetch', (_: string, init: { headers: Record<string, string> }) => {
    keys.push(init.headers['idempotency-key']!);
    const next = weather.shift() ?? 200;
    return next === 'away'
      ? Promise.reject(new TypeError('Failed to fetch'))
      : Promise.resolve(new Response('', { status: next }));
  });
});
afterEach(() => void vi.unstubAllGlobals());

it('the same asked again after no answer, or one of a server in trouble, has the same key until it is answered', async () => {
  weather = ['away', 503, 200];
  for (let times = 0; times < 4; times += 1) await trySendOnce('/one', { body: { deed: 'more' } });
  expect(new Set(keys.slice(0, 3)).size).toBe(1);
  expect(keys[3]).not.toBe(keys[0]);
});

it('something else has another key, and so has the same while the first is under way', async () => {
  weather = ['away'];
  await trySendOnce('/one', { body: { deed: 'more' } });
  await sendOnce('/one', { body: { deed: 'less' } });
  await Promise.all([1, 2].map(() => sendOnce('/two', { body: { deed: 'more' } })));
  expect(new Set(keys).size).toBe(4);
});

it('a file is known by itself, and a key that was kept is the one that is sent', async () => {
  weather = ['away'];
  const [a, b] = [new Blob(['x']), new Blob(['x'])];
  for (const body of [a, a, b]) await trySendOnce('/photos', { body });
  expect(keys[1]).toBe(keys[0]);
  expect(keys[2]).not.toBe(keys[0]);
  await sendOnce('/one', { key: 'kept' });
  expect(keys.at(-1)).toBe('kept');
});

import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { MONTH, PLAN, RUN } from '$lib/frame/stations';
import { lookingAt, may, needOf } from './roles';

/** Every address that there is a route for, with made-up names in its places. */
const routes = readdirSync(new URL('../../../routes', import.meta.url), { recursive: true, encoding: 'utf8' })
  .filter((file) => /(^|\/)\+(page\.svelte|server\.ts)$/.test(file))
  .map((file) => `/${file.replace(/(^|\/)\+[^/]+$/, '')}`.replace(/\[[^\]]+\]/g, 'x'));

describe('what an address asks for', () => {
  it('is named for every route that there is, and for no address that there is none for', () => {
    expect(routes.length).toBeGreaterThan(80);
    expect(routes.filter((path) => lookingAt(path) === undefined)).toEqual([]);
    for (const path of [
      '/programmes/x/secrets',
      '/programmes/x/months/m1/secrets',
      '/api/programmes/x/secrets',
      '/api/secrets',
      '/x',
    ])
      expect([path, needOf('GET', path), needOf('GET', `${path}/__data.json`)]).toEqual([path, 'own', 'own']);
  });

  it('is a station’s own need, also under it, and people’s names and money are for organisers', () => {
    for (const [stations, at] of [
      [[...PLAN, ...RUN], '/programmes/x'],
      [MONTH, '/programmes/x/months/m1'],
    ] as const)
      for (const { path, needs } of stations) {
        expect([path, needOf('GET', `${at}${path}`)]).toEqual([path, needs]);
        if (path) expect([path, needOf('GET', `${at}${path}/files/y.pdf`)]).toEqual([path, needs]);
      }
    for (const path of [
      'roster',
      'roster/x',
      'roster/roster.csv',
      'post',
      'money',
      'forecast',
      'samples',
      'record',
      'months/m1/release',
    ])
      expect([path, may('cutting-room', needOf('GET', `/programmes/x/${path}`))]).toEqual([path, false]);
    for (const path of ['roster', 'post', 'record', 'samples', 'releases/m1'])
      expect([path, may('viewer', needOf('GET', `/api/programmes/x/${path}`))]).toEqual([path, false]);
  });

  it('lets nobody change anything who may only look, and the cutting room only what it ticks', () => {
    const open = routes.filter((path) => ['nobody', 'self'].includes(needOf('POST', path)));
    for (const path of routes.filter((r) => !open.includes(r))) {
      expect([path, may('viewer', needOf('POST', path))]).toEqual([path, false]);
      const hands = /\/(cutting\/x|kits|kits\/labels)$/.test(path) && path.startsWith('/api/');
      expect([path, may('cutting-room', needOf('POST', path))]).toEqual([path, hands]);
    }
  });
});

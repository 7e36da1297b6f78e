/** Every route, and the command line, given what nobody would send: no 500, nothing that hangs, and no memory that grows without end. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { blankPerson } from '@aggrega/core/running';
import fc from 'fast-check';
import { afterAll, beforeAll, expect, it } from 'vitest';
import demo from '../demo/allotment-year.aggrega.json';
import { allRoutes, type Route } from './lib/route-list';
import { placesIn } from './lib/shapes';
import { demoServer } from './lib/test-server.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
/**
 * What takes so many times as long as usual work on the same machine at the same time hangs. For a request that is a page of the demonstration; the
 * slowest is the order list as a file, which plans a whole year too. For a command it is the check of the demonstration; the slowest plans a year's cutting to the end.
 */
const TIMES = 150;
const COMMAND_TIMES = 60;

/** Whether something took far longer than usual work, which is timed again before it is blamed: the machine may have been busy. */
function hangs(usual: () => Promise<unknown>, times: number): (seconds: number) => Promise<boolean> {
  let known = 0;
  const time = async () => {
    const began = performance.now();
    await usual();
    known = Math.max(known, (performance.now() - began) / 1000);
  };
  return async (seconds) => {
    if (known === 0) await time();
    if (seconds > times * known) await time();
    return seconds > times * known;
  };
}
let server: Awaited<ReturnType<typeof demoServer>>;
let folder: string;
let key: string;
const get = async <T>(path: string) => (await (await fetch(server.address + path)).json()) as T;

beforeAll(async () => {
  server = await demoServer();
  folder = mkdtempSync(join(tmpdir(), 'aggrega-fuzz-'));
  const { people } = await get<{ people: { id: string }[] }>('/api/programmes/the-allotment-year/roster?find=Ada%20Fenn');
  const { link } = await get<{ link: string }>(`/api/programmes/the-allotment-year/roster/${people[0]!.id}/link`);
  key = new URL(link).pathname.split('/')[2]!;
});
afterAll(async () => {
  await server?.remove();
  if (folder) rmSync(folder, { recursive: true, force: true });
});

/** Texts that have broken programs before, and some that nobody thought of. */
const text = fc.oneof(
  {
    weight: 3,
    arbitrary: fc.constantFrom(
      '',
      ' ',
      '\0',
      '../..',
      '%00',
      '\u202e',
      '🧵'.repeat(50),
      "'; drop table programme; --",
      '<script>alert(1)</script>',
      '=1+1',
      '-1',
      '1e309',
      'NaN',
      'null',
      '__proto__',
      'constructor',
      '00000000-0000-4000-8000-000000000000',
      'm1',
      'frost',
      '2027-02-30',
      '9'.repeat(400),
      '\ud800',
    ),
  },
  { weight: 1, arbitrary: fc.string({ maxLength: 60, unit: 'binary' }) },
);
const value = fc.letrec((tie) => ({
  any: fc.oneof(
    { depthSize: 'small' },
    text,
    fc.double(),
    fc.integer(),
    fc.boolean(),
    fc.constant(null),
    fc.array(tie('any'), { maxLength: 4 }),
    fc.dictionary(text, tie('any'), { maxKeys: 4 }),
  ),
})).any;

/** A body that is nearly right: as the route takes it, with places in it that became something else. */
const NEARLY: Record<string, unknown> = {
  changes: { changes: [{ path: '/contact', from: 'x', to: 'y' }] },
  roster: {
    changes: [
      {
        id: '00000000-0000-4000-8000-00000000000a',
        to: { ...blankPerson, name: 'N', colourway: 'frost' },
      },
    ],
  },
  kits: { deed: 'set', month: 'm1', state: 'cut', people: ['00000000-0000-4000-8000-00000000000a'] },
  import: demo,
  samples: {
    month: 'm1',
    block: 'cold-frame',
    colourway: 'frost',
    sewnBy: '',
    sewnOn: '2027-01-01',
    minutes: {},
    measured: [{ what: 'a', seams: 1, expected: '4', measured: '4', before: '' }],
    remarks: '',
  },
  record: { way: 'take back', id: 1 },
  removal: { removed: false },
  '[month]': { step: 'hand', participant: '00000000-0000-4000-8000-00000000000a' },
};

function spoiled(whole: unknown, at: number, by: unknown): unknown {
  const copy = structuredClone(whole);
  const places = placesIn(copy);
  if (places.length > 0) {
    const [holder, name] = places[at % places.length]!;
    holder[name] = by;
  }
  return copy;
}

interface Shot {
  param: string;
  keep: boolean;
  query: [string, string][];
  body: { kind: 'json' | 'nearly' | 'form' | 'bytes' | 'deep' | 'long'; value: unknown; at: number; bytes: Uint8Array };
  header: string;
}
const shot: fc.Arbitrary<Shot> = fc.record({
  param: text,
  keep: fc.boolean(),
  query: fc.array<[string, string]>(
    fc.tuple(
      fc.constantFrom(
        'colourway',
        'people',
        'page',
        'find',
        'sort',
        'down',
        'basis',
        'reading',
        'version',
        'locale',
        'size',
        'before',
        'to',
        'month',
        'ready',
        'level',
      ),
      text,
    ),
    { maxLength: 4 },
  ),
  body: fc.record({
    kind: fc.constantFrom<Shot['body']['kind']>('json', 'nearly', 'nearly', 'form', 'bytes', 'deep', 'long'),
    value,
    at: fc.nat(),
    bytes: fc.uint8Array({ maxLength: 400 }),
  }),
  header: fc.string({ maxLength: 40, unit: 'grapheme-ascii' }),
});

const PNG = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];

function bodyOf({ body: { kind, value, at, bytes }, param }: Shot, route: Route): { body: BodyInit; type: string } {
  const nearly = NEARLY[route.name.split('/').at(-1)!] ?? {};
  switch (kind) {
    case 'json':
      return { body: JSON.stringify(value) ?? 'undefined', type: 'application/json' };
    case 'nearly':
      return { body: JSON.stringify(spoiled(nearly, at, value)), type: 'application/json' };
    case 'form':
      return {
        body: new URLSearchParams({
          email: param,
          password: 'x',
          id: param,
          role: 'owner',
          to: '//x',
        }).toString(),
        type: 'application/x-www-form-urlencoded',
      };
    case 'deep':
      return { body: '['.repeat(20_000) + ']'.repeat(20_000), type: 'application/json' };
    case 'long':
      return { body: JSON.stringify({ ...(nearly as object), more: 'x'.repeat(300_000) }), type: 'application/json' };
    default:
      return {
        body: new Uint8Array([...(at % 2 ? PNG : []), ...bytes]),
        type: at % 3 ? 'image/png' : 'application/octet-stream',
      };
  }
}

/** Without halves of letters, which no address can hold. */
const wellFormed = (text: string) => Buffer.from(text).toString();

function addressOf(route: Route, { param, keep, query }: Shot): string {
  const known: Record<string, string> = {
    programme: 'the-allotment-year',
    month: 'm1',
    key,
    file: 'sheet.pdf',
    place: 'm1~frost',
  };
  const path = `/${route.name}`.replace(
    /\[(\w+)\]/g,
    (_, name: string) => (keep && known[name]) || encodeURIComponent(wellFormed(param)) || 'x',
  );
  const asked = new URLSearchParams(query.map(([k, v]) => [k, wellFormed(v)]));
  return `${path}${query.length > 0 ? `?${asked}` : ''}`;
}

it('no route fails, hangs or swells', async () => {
  const faults: string[] = [];
  let shots = 0;
  let slowest = { took: 0, what: '' };
  const hung = hangs(
    // Asked otherwise each time, so that it is made anew.
    async () => (await fetch(`${server.address}/programmes/the-allotment-year/bolts?asked=${performance.now()}`)).text(),
    TIMES,
  );
  for (const route of allRoutes())
    for (const method of route.methods) {
      // Signing out the visitor would end the walk, and archives have a test of their own.
      const some = fc.sample(shot, { numRuns: method === 'GET' ? 5 : 14, seed: 20270115 + shots });
      for (const one of some) {
        const address = addressOf(route, one);
        const sent = method === 'GET' ? undefined : bodyOf(one, route);
        const began = performance.now();
        const answer = await fetch(server.address + address, {
          method,
          redirect: 'manual',
          headers: {
            'accept-language': one.header.replace(/[^\x20-\x7e]/g, ''),
            accept: '*/*',
            ...(sent && { 'content-type': sent.type, origin: server.address }),
          },
          ...(sent && { body: sent.body }),
          signal: AbortSignal.timeout(600_000),
        }).catch((error: unknown) => ({ status: 0, text: () => Promise.resolve(String(error)) }));
        const said = await answer.text();
        const took = (performance.now() - began) / 1000;
        if (took > slowest.took) slowest = { took, what: `${method} ${address}` };
        shots += 1;
        if (answer.status === 0 || answer.status >= 500 || (await hung(took)) || /node_modules|at .*\.js:\d/.test(said))
          faults.push(
            `${method} ${address.slice(0, 200)} ${one.body.kind}: ${answer.status} in ${took.toFixed(1)} s, ${said.slice(0, 120)}`,
          );
      }
    }
  expect(faults).toEqual([]);
  const metrics = await (await fetch(`${server.address}/metrics`)).text();
  const memory = Math.max(...[...metrics.matchAll(/^process_resident_memory_bytes\S* (\S+)/gm)].map((m) => Number(m[1])));
  expect(memory).toBeLessThan(900e6);
  expect(shots).toBeGreaterThan(500);
  console.log(
    `${shots} requests, the slowest ${slowest.took.toFixed(2)} s (${slowest.what.slice(0, 80)}), ${(memory / 1e6).toFixed(0)} MB`,
  );
});

it('the command line says what is wrong with a file, whatever is in it', async () => {
  const files = fc
    .sample(fc.tuple(fc.nat(), value), { numRuns: 14, seed: 20270115 })
    .map(([at, by]) => JSON.stringify(spoiled(demo, at, by)));
  files.push('', '{', '[]', 'null', '\0\0', '['.repeat(50_000), JSON.stringify({ ...demo, title: 'x'.repeat(1e6) }));
  let slowest = { took: 0, what: '' };
  const commands = ['check', 'construct', 'cut', 'packets', 'bolts', 'pools', 'quilt', 'sheet'];
  const hung = hangs(
    () => told([join(root, 'cli/bin/aggrega.mjs'), 'check', join(root, 'demo/allotment-year.aggrega.json')]),
    COMMAND_TIMES,
  );
  const ran = await Promise.all(
    [0, 1].map(async (half) => {
      const faults: string[] = [];
      for (const [i, content] of files.entries()) {
        if (i % 2 !== half) continue;
        const file = join(folder, `${i}.aggrega.json`);
        writeFileSync(file, content);
        const command = commands[i % commands.length]!;
        const began = performance.now();
        const { code, said } = await told([join(root, 'cli/bin/aggrega.mjs'), command, file]);
        const took = (performance.now() - began) / 1000;
        if (took > slowest.took) slowest = { took, what: `${command} ${i}` };
        if (![0, 1, 2].includes(code) || (await hung(took)) || /node_modules|at .*\.[tj]s:\d/.test(said))
          faults.push(`${command} ${i}: ${code} in ${took.toFixed(1)} s, ${said.slice(0, 300)}`);
      }
      return faults;
    }),
  );
  expect(ran.flat()).toEqual([]);
  console.log(`${files.length} files, the slowest ${slowest.took.toFixed(2)} s (${slowest.what})`);
});

function told(words: string[]): Promise<{ code: number; said: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, words, { stdio: ['ignore', 'ignore', 'pipe'] });
    let said = '';
    child.stderr.on('data', (part) => (said += part));
    child.on('close', (code) => resolve({ code: code ?? -1, said }));
  });
}

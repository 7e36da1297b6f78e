/**
 * Nothing is seen early: every address under which a participant or a stranger could ask for something is asked, before the minute of a release and
 * after it, and everything that comes back is searched for the names of what is not out.
 */
import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import demo from '../demo/allotment-year.aggrega.json';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { fileURLToPath } from 'node:url';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';

const root = fileURLToPath(new URL('..', import.meta.url));
let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let outside: string;
let url: string;
let app: Awaited<ReturnType<typeof serve>>;
let page: string;

/** June's minute is 09:00 in London, an hour earlier by the sun. */
const BEFORE = '2027-06-12T07:58:00Z';
const AFTER = '2027-06-12T08:00:01Z';

const start = async (clock: string) => {
  app = await serve(url, await freePort(), { outside, env: { AGGREGA_CLOCK: clock } });
};
const json = async <T>(path: string): Promise<T> => (await fetch(app.address + path)).json() as Promise<T>;

beforeAll(async () => {
  cluster = await temporaryCluster();
  outside = mkdtempSync(join(tmpdir(), 'aggrega-embargo-'));
  url = await prepareDatabase(cluster.url);
  await start(BEFORE);
  const { people } = await json<{ people: { id: string }[] }>('/api/programmes/the-allotment-year/roster?find=Ada%20Fenn');
  const { link } = await json<{ link: string }>(`/api/programmes/the-allotment-year/roster/${people[0]!.id}/link`);
  page = new URL(link).pathname;
});
afterAll(async () => {
  await app?.stop();
  await cluster?.remove();
  if (outside) rmSync(outside, { recursive: true, force: true });
});

/** Every route of the application, as its files name it: 'p/[key]/months/[month]'. */
function routes(folder = join(root, 'web/src/routes'), at = ''): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return routes(path, at ? `${at}/${name}` : name);
    return /^\+(page\.svelte|server\.ts)$/.test(name) ? [at] : [];
  });
}

const months = demo.months.map((m) => m.id);
const FILES = [
  'sheet.pdf',
  'sheet.txt',
  'sheet.html',
  'templates.pdf',
  'first-packet.pdf',
  'first-packet.txt',
  'first-packet.html',
  'demonstration.pdf',
  'labels.pdf',
];

/** Every address of a route, with everything that could stand in its places. */
function addresses(route: string, key: string, pictures: readonly string[]): string[] {
  let all = [`/${route}`];
  const fill = (name: string, values: readonly string[]) => {
    all = all.flatMap((a) => (a.includes(name) ? values.map((v) => a.replace(name, v)) : [a]));
  };
  fill('[key]', [key]);
  fill('[programme]', ['the-allotment-year']);
  fill('[month]', months);
  fill('[file]', FILES);
  fill('[picture]', pictures);
  fill('[person]', ['00000000-0000-4000-8000-000000000009']);
  fill('[place]', ['m6~frost~kit']);
  fill('[mail]', ['0'.repeat(32)]);
  fill('[photo]', ['0'.repeat(32)]);
  fill('[name]', ['aggrega-programme.schema.json']);
  const page = existsSync(join(root, 'web/src/routes', route, '+page.svelte'));
  return page ? all.flatMap((a) => [a, `${a}/__data.json`]) : all;
}

/** What an answer says, a PDF's words among it, with its headers. */
async function said(path: string): Promise<{ status: number; text: string }> {
  const answer = await fetch(app.address + path);
  const bytes = Buffer.from(await answer.arrayBuffer());
  let headers = '';
  answer.headers.forEach((value, name) => (headers += `${name}: ${value}\n`));
  const pdf = bytes.subarray(0, 4).toString() === '%PDF';
  return { status: answer.status, text: `${headers}\n${pdf ? wordsOf(bytes) : bytes.toString('utf8')}` };
}

function wordsOf(pdf: Buffer): string {
  const file = join(outside, 'paper.pdf');
  writeFileSync(file, pdf);
  return (
    execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }) +
    execFileSync('pdfinfo', [file], { encoding: 'utf8' })
  );
}

/** Names of months and blocks from a month on, as they are written and as addresses have them. */
function secrets(from: number): string[] {
  const out = new Set(
    demo.months.slice(0, from).flatMap((m) => ((m as { blocks?: { block: string }[] }).blocks ?? []).map((b) => b.block)),
  );
  return demo.months.slice(from).flatMap((m) => {
    const own = ((m as { blocks?: { block: string }[] }).blocks ?? []).filter((b) => !out.has(b.block));
    const names = own.flatMap(({ block }) => [block, demo.blocks.find((b) => b.id === block)!.name]);
    const [, called] = m.name.split(', ');
    return [...names, ...(called ? [called] : [])];
  });
}

async function walk(): Promise<{ path: string; status: number; text: string }[]> {
  const key = page.split('/').at(-1)!;
  const { text } = await said(`${page}/gallery/__data.json`);
  const pictures = [...new Set(text.match(/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g) ?? [])].slice(0, 4);
  const all = routes()
    .filter((r) => r.startsWith('p/') || r.startsWith('health') || r.startsWith('schemas'))
    .flatMap((route) => addresses(route, key, pictures));
  const found = [];
  for (const path of [...new Set(all)]) found.push({ path, ...(await said(path)) });
  return found;
}

const leaks = (found: { path: string; text: string }[], words: readonly string[]) =>
  found.flatMap(({ path, text }) => words.filter((word) => text.includes(word)).map((word) => `${path} says '${word}'`));

// Some hundred papers are set and read: a busy machine takes its time.
describe('before the minute', () => {
  it('a participant finds nothing of what is not out, wherever she asks', async () => {
    const found = await walk();
    expect(found.filter((f) => f.status === 200).length).toBeGreaterThan(30);
    expect(found.filter((f) => f.status >= 500)).toEqual([]);
    expect(leaks(found, secrets(5))).toEqual([]);
    expect(found.find((f) => f.path === `${page}/months/m5`)!.status).toBe(200);
    expect(found.find((f) => f.path === `${page}/months/m6`)!.status).toBe(404);
    // The walk would find it: what is out is found.
    expect(leaks(found, ['Rain Butt', 'rain-butt']).length).toBeGreaterThan(3);
  });

  it('nor can she do anything with it', async () => {
    const post = (path: string, body: unknown) =>
      fetch(app.address + path, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
    expect((await post(`${page}/own`, { deed: 'tick', month: 'm6', step: 'cut', done: true })).status).toBe(422);
    expect((await post(`${page}/own`, { deed: 'tick', month: 'm5', step: 'cut', done: true })).status).toBe(200);
  });

  it('letters that have arrived by then name nothing either', async () => {
    const { text } = await said('/outside/mail');
    expect(leaks([{ path: 'mail', text }], secrets(5))).toEqual([]);
  });

  it('a stranger is shown nothing at all: not by another key, and not from elsewhere', async () => {
    const wrong = `${page.slice(0, -1)}${page.endsWith('A') ? 'B' : 'A'}`;
    for (const route of routes().filter((r) => r.startsWith('p/') || r.startsWith('feeds/')))
      for (const path of addresses(route, wrong.split('/').at(-1)!, [])) {
        const { status, text } = await said(path);
        // A key's data route answers with what is wrong, which is not a page.
        expect([path, status === 404 || status === 405 || /"status":404|no longer works/.test(text)]).toEqual([path, true]);
        expect(leaks([{ path, text }], secrets(0))).toEqual([]);
      }
    for (const route of routes().filter((r) => !r.startsWith('p/')))
      for (const path of addresses(route, 'x', []).slice(0, 4))
        expect([path, await statusFrom('programme.example', path)]).toEqual([path, 403]);
  });
});

/** Asks as another machine would, by another name. */
function statusFrom(host: string, path: string): Promise<number> {
  const { port } = new URL(app.address);
  return new Promise((resolve, reject) => {
    const asked = request({ host: '127.0.0.1', port, path: encodeURI(path), headers: { host } }, (answer) => {
      answer.resume();
      resolve(answer.statusCode!);
    });
    asked.once('error', reject);
    asked.end();
  });
}

describe('after the minute', () => {
  it('the month is out by itself, and the next ones are as hidden as before', async () => {
    await app.kill();
    await start(AFTER);
    await expect.poll(async () => (await said(`${page}/months/m6`)).status, { timeout: 600_000, interval: 250 }).toBe(200);
    const found = await walk();
    expect(leaks(found, secrets(6))).toEqual([]);
    expect(leaks(found, ['Trellis']).length).toBeGreaterThan(3);
    expect(found.filter((f) => f.status >= 500)).toEqual([]);
  });
});

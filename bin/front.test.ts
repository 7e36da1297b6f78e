/** The application as it is started, behind its front: one house at work holds up no other, a process that dies is replaced, and everything passes as it is. */
import { execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import demo from '../demo/allotment-year.aggrega.json';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { largest } from './lib/largest';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';
import { Visitor, founded } from './lib/visitor';

let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let outside: string;
let app: Awaited<ReturnType<typeof serve>>;
let mine: Visitor;
let theirs: Visitor;

const childrenOf = (pid: number) => {
  try {
    return execFileSync('ps', ['-o', 'pid=', '--ppid', String(pid)], { encoding: 'utf8' })
      .split('\n')
      .filter(Boolean)
      .map(Number);
  } catch {
    // None: it says so by failing.
    return [];
  }
};
const children = () => childrenOf(app.pid);
const ALWAYS = { timeout: 600_000, interval: 50 };
/** It listens as soon as one of them is there. */
const twoThere = () =>
  vi.waitFor(async () => {
    const counts = await (await fetch(`${app.address}/metrics`)).text();
    for (const lane of [0, 1]) expect(counts).toContain(`process_start_time_seconds{lane="${lane}"}`);
  }, ALWAYS);
async function imported(visitor: Visitor, document: object): Promise<string> {
  const init = { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(document) };
  return ((await (await visitor.ask('/api/import', init)).json()) as { slug: string }).slug;
}

beforeAll(async () => {
  cluster = await temporaryCluster();
  outside = mkdtempSync(join(tmpdir(), 'aggrega-front-'));
  app = await serve(await prepareDatabase(cluster.url), await freePort(), {
    outside,
    env: { AGGREGA_DEMO: 'off', AGGREGA_OPEN: 'on' },
    front: true,
  });
  mine = (await founded(app.address, 'Mill Lane Guild')).owner;
  theirs = (await founded(app.address, 'Grange House Quilters')).owner;
});
afterAll(async () => {
  await app?.stop();
  await cluster?.remove();
  if (outside) rmSync(outside, { recursive: true, force: true });
});

it('there are two processes at least, each with its counts', async () => {
  await twoThere();
  expect(children().length).toBeGreaterThanOrEqual(2);
  // What is shown to this machine alone is not shown to what a proxy passes on.
  expect((await fetch(`${app.address}/metrics`, { headers: { 'x-forwarded-for': '10.0.0.1' } })).status).toBe(404);
  expect((await fetch(`${app.address}/metrics`, { headers: { 'x-aggrega-address': '10.0.0.1' } })).status).toBe(200);
});

it('a house that asks for the most that it may holds up no other: page after page is answered while one of its own is made', async () => {
  const [own, worst] = [await imported(mine, demo), await imported(theirs, largest())];
  let over = false;
  let asked = 0;
  const attack = ['/fabrics', '/months/m0/sheet', '', '/months/m0/cut', '/papers'].map(async (path) => {
    while (!over) {
      // Asked otherwise each time, or it would be answered as it was made before.
      await (await theirs.ask(`/programmes/${worst}${path}?n=${(asked += 1)}`)).arrayBuffer();
    }
  });
  // Until the front knows who it is.
  while (asked < 8) expect((await mine.ask(`/programmes/${own}`)).status).toBe(200);
  const before = asked;
  let answered = 0;
  for (; answered < 40; answered += 1) {
    const answer = await mine.ask(`/programmes/${own}/kits`);
    expect([answer.status, (await answer.text()).includes('Mill Lane')]).toEqual([200, true]);
  }
  const meanwhile = asked - before;
  over = true;
  await Promise.all(attack);
  // In one queue there would be five of theirs to each of hers.
  expect(answered).toBeGreaterThan(meanwhile);
});

it('a process that dies is replaced, and what had no body is asked of another one meanwhile', async () => {
  const before = children();
  process.kill(before[0]!, 'SIGKILL');
  for (let n = 0; n < 20; n += 1) expect((await mine.ask('/')).status).toBe(200);
  while (children().length < before.length || children().some((pid) => pid === before[0]))
    await new Promise((resolve) => setTimeout(resolve, 50));
  expect((await mine.ask('/')).status).toBe(200);
});

it('files of many bytes, forms, redirects and refusals pass as they are', async () => {
  const archive = Buffer.from(await (await mine.ask('/archive/archive.zip')).arrayBuffer());
  expect(archive.subarray(0, 2).toString()).toBe('PK');
  const taken = await theirs.ask('/api/archive', {
    ...{ method: 'POST', body: archive },
    headers: { 'content-type': 'application/zip' },
  });
  // Refused with a sentence, after all of it was sent.
  expect([taken.status, await taken.json()]).toEqual([422, { message: expect.stringContaining(' ') }]);
  const signIn = await fetch(`${app.address}/programmes/x`, { redirect: 'manual' });
  expect([signIn.status, signIn.headers.get('location')]).toEqual([303, '/sign-in?to=%2Fprogrammes%2Fx']);
  const asked = await mine.ask('/');
  expect(asked.headers.get('x-aggrega-house')).toBeNull();
  expect(asked.headers.get('content-security-policy')).toContain("default-src 'self'");
  expect((await mine.ask('/programmes/%00')).status).toBe(404);
});

it('whose front is killed while they start end too', async () => {
  const env = Object.fromEntries(
    readFileSync(`/proc/${app.pid}/environ`, 'utf8')
      .split('\0')
      .map((line) => [line.split('=', 1)[0], line.slice(line.indexOf('=') + 1)]),
  );
  const script = readFileSync(`/proc/${app.pid}/cmdline`, 'utf8')
    .split('\0')
    .find((word) => word.endsWith('front.mjs'))!;
  const front = spawn(process.execPath, [script], { env: { ...env, PORT: String(await freePort()) }, stdio: 'ignore' });
  const begun = await vi.waitFor(() => (expect(childrenOf(front.pid!)).not.toEqual([]), childrenOf(front.pid!)), ALWAYS);
  front.kill('SIGKILL');
  // The same number could be another process's by now: it is asked for its script.
  const there = (pid: number) => {
    try {
      return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('index.js');
    } catch {
      return false;
    }
  };
  await vi.waitFor(() => expect(begun.filter(there)).toEqual([]), ALWAYS);
});

it('when it is told to end it finishes and leaves no process and no folder behind', async () => {
  const pids = children();
  const folder = /SOCKET_PATH=([^\0]+)\/\d+\.sock/.exec(readFileSync(`/proc/${pids[0]}/environ`, 'utf8'))![1]!;
  await app.stop();
  for (const pid of pids) expect(() => process.kill(pid, 0)).toThrow();
  expect(() => readFileSync(folder)).toThrow('ENOENT');
});

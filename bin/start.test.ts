import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, chmodSync, existsSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort } from './lib/cluster.mjs';

// The command itself, on a data folder of its own: what it prints, how it stops, what it keeps.

const command = fileURLToPath(new URL('start', import.meta.url));
let data: string;
let port: number;
const started: ChildProcess[] = [];

beforeAll(async () => {
  data = mkdtempSync(join(tmpdir(), 'aggrega-start-'));
  chmodSync(data, 0o755);
  port = await freePort();
});
afterAll(() => {
  for (const child of started) child.kill('SIGTERM');
  rmSync(data, { recursive: true, force: true });
});

function start(words: string[], env: Record<string, string> = {}) {
  const child = spawn(command, words, {
    env: { ...process.env, DATABASE_URL: '', AGGREGA_DATA: data, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  started.push(child);
  let printed = '';
  const ended = new Promise<number>((resolve) => child.once('close', (code) => resolve(code ?? -1)));
  const said = (text: string) =>
    new Promise<void>((resolve, reject) => {
      const look = () => printed.includes(text) && resolve();
      child.stdout!.on('data', look);
      void ended.then(() => reject(new Error(`it ended without saying '${text}':\n${printed}`)));
      look();
    });
  const collect = (chunk: Buffer) => void (printed += String(chunk));
  child.stdout!.prependListener('data', collect);
  child.stderr!.on('data', collect);
  return { child, ended, said, printed: () => printed };
}

const stored = async () => {
  const response = await fetch(`http://127.0.0.1:${port}/programmes/the-allotment-year/document`);
  return (await response.json()) as { participants: Record<string, number>; kits: { demoSets: number } };
};
const participants = async () => (await stored()).participants;
const demoSets = async () => (await stored()).kits.demoSets;
/** Saves another number of demo sets. */
const save = (from: number, to: number) =>
  fetch(`http://127.0.0.1:${port}/api/programmes/the-allotment-year/changes`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ changes: [{ path: '/kits/demoSets', from, to }] }),
  });

/** The server's state as PostgreSQL itself left it on disk. */
const clusterState = () =>
  /Database cluster state:\s+(.*)/.exec(
    execFileSync('/bin/sh', [
      '-c',
      `$(ls -d /usr/lib/postgresql/*/bin | tail -1)/pg_controldata ${data}/postgres/cluster`,
    ]).toString(),
  )![1];

describe('bin/start', () => {
  it('starts from nothing, prints one address, and Ctrl-C stops the database cleanly', async () => {
    const first = start(['--port', String(port)]);
    await first.said('Press Ctrl-C to stop it.');
    expect(first.printed().match(/http:\/\//g)).toHaveLength(1);
    expect(await participants()).toEqual({ frost: 25, harvest: 18, dusk: 13 });
    expect((await save(1, 5)).status).toBe(200);

    const second = start([]);
    expect(await second.ended).toBe(0);
    expect(second.printed()).toContain(`running already: http://127.0.0.1:${port}`);

    first.child.kill('SIGINT');
    expect(await first.ended).toBe(0);
    expect(clusterState()).toBe('shut down');
    expect(existsSync(join(data, 'running.json'))).toBe(false);
  });

  it('keeps the data at the second start, also after being killed without a chance to stop', async () => {
    const killed = start(['--port', String(port)]);
    await killed.said('Press Ctrl-C to stop it.');
    expect(killed.printed()).not.toContain('Making');
    expect(await demoSets()).toBe(5);
    const { app } = JSON.parse(readFileSync(join(data, 'running.json'), 'utf8')) as { app: number };
    killed.child.kill('SIGKILL');
    process.kill(app, 'SIGKILL');
    await killed.ended;

    // There is no backup yet: the next start makes one beside its work, and tries it.
    const folder = join(data, 'backups');
    const next = start(['--port', String(port)], { AGGREGA_BACKUPS: folder });
    await next.said('Press Ctrl-C to stop it.');
    expect(await demoSets()).toBe(5);
    await next.said('Brought back and compared');
    expect(readdirSync(folder)).toEqual([expect.stringMatching(/^aggrega-.*\.backup$/)]);
    expect(await (await fetch(`http://127.0.0.1:${port}/`)).text()).toContain('entries were there');
    next.child.kill('SIGTERM');
    expect(await next.ended).toBe(0);
    expect(clusterState()).toBe('shut down');
  });

  it('--fresh makes the demonstration anew, but only when somebody agrees', async () => {
    const refused = start(['--fresh']);
    expect(await refused.ended).toBe(1);
    expect(refused.printed()).toContain('Add --yes');
    const fresh = start(['--port', String(port), '--fresh', '--yes']);
    await fresh.said('Press Ctrl-C to stop it.');
    expect(await demoSets()).toBe(1);
    fresh.child.kill('SIGINT');
    expect(await fresh.ended).toBe(0);
  });

  it('serves from a database that is there already', async () => {
    const { temporaryCluster } = await import('./lib/test-cluster.mjs');
    const cluster = await temporaryCluster();
    const own = start(['--port', String(port)], { DATABASE_URL: cluster.url });
    await own.said('Press Ctrl-C to stop it.');
    expect(Object.keys(await participants())).toHaveLength(3);
    own.child.kill('SIGINT');
    expect(await own.ended).toBe(0);
    await cluster.remove();
  });

  it('where others are served, nothing is open to whoever seems to sit at the machine, and a key founds a shop', async () => {
    const others = start(['--port', String(port)], { ORIGIN: 'https://quilts.example.org' });
    await others.said('/begin?key=');
    const founding = /\/begin\?key=[\w-]{43}/.exec(others.printed())![0];
    const status = async (path: string) =>
      (await fetch(`http://127.0.0.1:${port}${path}`, { redirect: 'manual', headers: { accept: 'text/html' } })).status;
    expect(await Promise.all(['/', '/begin', founding, '/outside/mail', '/metrics'].map(status))).toEqual([
      303, 403, 200, 404, 404,
    ]);
    others.child.kill('SIGINT');
    expect(await others.ended).toBe(0);
  });
});

describe('one plain sentence', () => {
  const sentence = async (words: string[], env: Record<string, string>, text: string | RegExp) => {
    const run = start(words, env);
    expect(await run.ended).toBe(1);
    expect(run.printed()).toMatch(text);
    expect(run.printed()).not.toMatch(/\n\s+at /);
  };
  let busy: Server;
  beforeAll(() => new Promise<void>((done) => void (busy = createServer().listen(0, '127.0.0.1', done))));
  afterAll(() => void busy.close());

  it('for a port in use or out of range', async () => {
    const taken = (busy.address() as { port: number }).port;
    await sentence(['--port', String(taken)], {}, /in use by another program/);
    await sentence(['--port', '99999'], {}, /from 1 to 65535/);
  });

  it('for a database that does not answer, or an address that is none', async () => {
    await sentence([], { DATABASE_URL: `postgres://a:b@127.0.0.1:${await freePort()}/none` }, /does not answer/);
    await sentence([], { DATABASE_URL: 'nonsense' }, /connection string|does not answer/);
  });

  it('for a data folder that cannot be made, and for words it does not know', async () => {
    await sentence([], { AGGREGA_DATA: '/dev/null/none' }, /cannot write to \/dev\/null\/none/);
    await sentence(['--loud'], {}, /bin\/start \[--port N\]/);
  });
});

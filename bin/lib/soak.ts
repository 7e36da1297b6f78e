/**
 * Mixed work for a long time, while processes are killed: organisers look and save, participants read and ask, each request with a key and sent again until it is
 * answered. In the end everything that was answered as done must be there, and once.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import demo from '../../demo/allotment-year.aggrega.json';
import { founded, Visitor } from './visitor';

export interface SoakOptions {
  seconds: number;
  houses: number;
  organisers: number;
  participants: number;
  /** Seconds between two kills, of a process behind the front and of all of them in turn. */
  killEvery: number;
  /** Milliseconds that an organiser thinks between two requests, in the mean; participants as a whole ask as often as the organisers. */
  thinks: number;
  /** The application, which can be killed with all its processes and started again. */
  app: { address: string; pid: number; kill(): Promise<unknown>; restart(): Promise<number> };
  /** The database, as its owner. */
  owner: string;
  say?: (line: string) => void;
}

export interface Soaked {
  asked: number;
  saves: number;
  questions: number;
  kills: number;
  /** Requests that were answered with neither what they asked for nor a busy server. */
  failed: string[];
  /** What was answered as done and is not there, or is there twice. */
  lost: string[];
  doubled: string[];
  /** By minute, or by kill where they come faster. */
  samples: { megabytes: number; connections: number; ms95: number }[];
}

const json = { 'content-type': 'application/json' };
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
/** Milliseconds in which a connection that says nothing is given up. */
const PATIENCE = 60_000;

/** Times that something is asked until it counts as never answered: some minutes, in which everything is started again many times over. */
const MOST_TRIES = 2000;
const causeOf = (error: unknown) => String((error as Error).cause ?? error);

const processes = (parent: number): number[] =>
  readdirSync('/proc').flatMap((pid) => {
    try {
      if (!/^\d+$/.test(pid)) return [];
      return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ')[1] === String(parent) ? [Number(pid)] : [];
    } catch {
      return [];
    }
  });
const megabytes = (pid: number): number => {
  try {
    return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1000;
  } catch {
    return 0;
  }
};

interface Seat {
  visitor: Visitor;
  slug: string;
  person: Record<string, string>;
  id: string;
  /** The number of the last note that was answered as saved. */
  noted: number;
}
interface Reader {
  visitor: Visitor;
  link: string;
  id: string;
  asks: string[];
}

export async function soak(options: SoakOptions): Promise<Soaked> {
  const { app, seconds, killEvery, thinks } = options;
  const found: Soaked = { asked: 0, saves: 0, questions: 0, kills: 0, failed: [], lost: [], doubled: [], samples: [] };
  const owner = new pg.Client({ connectionString: options.owner });
  await owner.connect();
  let pid = app.pid;
  let times: number[] = [];
  const { seats, readers } = await people(options);
  const end = Date.now() + seconds * 1000;
  const goesOn = () => Date.now() < end;

  /** Asks until there is an answer: none, or a server that is just being replaced, is asked again by the same key. */
  async function asked(visitor: Visitor, path: string, body?: object): Promise<Response | undefined> {
    const headers = { ...(body && json), 'idempotency-key': randomUUID(), accept: body ? 'application/json' : 'text/html' };
    let why = '';
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const began = performance.now();
      const answer = await visitor
        .ask(path, {
          ...(body && { method: 'POST', body: JSON.stringify(body) }),
          headers,
          signal: AbortSignal.timeout(PATIENCE),
        })
        .catch((error: unknown) => void (why = causeOf(error)));
      const text = await answer?.text().catch((error: unknown) => void (why = causeOf(error)));
      if (answer && text !== undefined && answer.status < 500) {
        times.push(performance.now() - began);
        found.asked += 1;
        // Done by a process that was killed before it could keep what it answered: the second answer says so.
        if (answer.status === 409 && body) return answer;
        if (answer.status !== 200)
          found.failed.push(`${path.replace(/[\w-]{43}/, 'KEY')}: ${answer.status} ${text.slice(0, 120)}`);
        return answer.status === 200 ? answer : undefined;
      }
      if (answer && answer.status !== 503) found.failed.push(`${path.replace(/[\w-]{43}/, 'KEY')}: ${answer.status}`);
      await pause(100 + Math.random() * 200);
    }
    found.failed.push(`${path.replace(/[\w-]{43}/, 'KEY')}: no answer, ${why}`);
    return undefined;
  }

  const LOOKS = [
    '',
    '/roster',
    '/kits',
    '/calendar',
    '/money',
    '/months/m6/cut',
    '/months/m6/sheet',
    '/months/m3/draft',
    '/progress',
  ];
  const some = <T>(all: readonly T[]): T => all[Math.floor(Math.random() * all.length)]!;

  async function organise(seat: Seat): Promise<void> {
    while (goesOn()) {
      await pause(thinks * (0.5 + Math.random()));
      // The first thing that everybody does is to save.
      if (seat.noted > 0 && Math.random() < 0.7) {
        await asked(seat.visitor, `/programmes/${seat.slug}${some(LOOKS)}`);
        continue;
      }
      const from = { ...seat.person };
      const to = { ...from, notes: `note ${seat.noted + 1}` };
      if (await asked(seat.visitor, `/api/programmes/${seat.slug}/roster`, { changes: [{ id: seat.id, from, to }] })) {
        seat.person = to;
        seat.noted += 1;
        found.saves += 1;
      }
    }
  }
  async function read(own: readonly Reader[]): Promise<void> {
    while (goesOn()) {
      await pause(thinks * (0.5 + Math.random()));
      const reader = some(own);
      if ((reader.asks.length > 0 && Math.random() < 0.8) || reader.asks.length >= 15) {
        await asked(reader.visitor, reader.link + some(['', '/months/m1', '/gallery']));
        continue;
      }
      const asks = `question ${randomUUID()}`;
      if (await asked(reader.visitor, `${reader.link}/own`, { deed: 'ask', month: 'm1', asks })) {
        reader.asks.push(asks);
        found.questions += 1;
      }
    }
  }
  async function kill(): Promise<void> {
    for (let n = 1; goesOn(); n += 1) {
      await pause(Math.min(killEvery * 1000, Math.max(0, end - Date.now())));
      if (!goesOn()) return;
      found.kills += 1;
      const lanes = processes(pid);
      if (n % 3 !== 0 && lanes.length > 0) process.kill(some(lanes), 'SIGKILL');
      else {
        await app.kill();
        for (const lane of lanes) if (readable(lane)) process.kill(lane, 'SIGKILL');
        pid = await app.restart();
      }
    }
  }
  async function watch(): Promise<void> {
    while (goesOn()) {
      await pause(Math.min(60, killEvery / 2) * 1000);
      const { rows } = await owner.query<{ n: number }>(
        `select count(*)::int as n from pg_stat_activity where usename = 'aggrega_app'`,
      );
      const sorted = times.sort((a, b) => a - b);
      times = [];
      const sample = {
        megabytes: processes(pid).reduce((sum, lane) => sum + megabytes(lane), 0),
        connections: rows[0]!.n,
        ms95: sorted[Math.floor(sorted.length * 0.95)] ?? 0,
      };
      found.samples.push(sample);
      options.say?.(
        `${Math.round((Date.now() - end) / 1000 + seconds)} s: ${sample.megabytes.toFixed(0)} MB, ${sample.connections} connections, 95 % ${sample.ms95.toFixed(0)} ms, ${found.asked} asked, ${found.kills} kills`,
      );
    }
  }
  const crowd = Array.from({ length: seats.length }, (_, i) => read(readers.filter((_, n) => n % seats.length === i)));
  await Promise.all([...seats.map(organise), ...crowd, kill(), watch()]);

  for (const { id, noted } of seats) {
    const { rows } = await owner.query<{ notes: string }>(`select notes from participant where id = $1`, [id]);
    if (rows[0]?.notes !== (noted ? `note ${noted}` : '')) found.lost.push(`${rows[0]?.notes} instead of note ${noted}`);
  }
  for (const { id, asks } of readers) {
    if (asks.length === 0) continue;
    const { rows } = await owner.query<{ asks: string }>(`select asks from question where participant_id = $1`, [id]);
    const there = rows.map((r) => r.asks);
    found.lost.push(...asks.filter((one) => !there.includes(one)));
    found.doubled.push(...there.filter((one, i) => there.indexOf(one) !== i));
  }
  await owner.end();
  return found;
}

function readable(pid: number): boolean {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('node');
  } catch {
    return false;
  }
}

/** Houses with the demonstration's year, its first month out, somebody of her own on the roster for every organiser, and the participants' links. */
async function people({ app, houses, organisers, participants }: SoakOptions): Promise<{ seats: Seat[]; readers: Reader[] }> {
  const [seats, readers]: [Seat[], Reader[]] = [[], []];
  const blank = {
    name: '',
    email: '',
    phone: '',
    address: '',
    colourway: 'frost',
    size: '',
    kit: '',
    handing: 'pickup',
    state: 'in',
  };
  const rest = { joined: '2027-01-01', left: '', paidTo: '', notes: '', sheet: '' };
  for (let house = 0; house < houses; house += 1) {
    const { owner: own, organiser } = await founded(app.address, `House ${house} of the soak`);
    const post = async (path: string, body: unknown): Promise<Record<string, unknown>> => {
      const answer = await own.ask(path, { method: 'POST', headers: json, body: JSON.stringify(body) });
      if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
      return (await answer.json()) as Record<string, unknown>;
    };
    const { slug } = (await post('/api/import', { ...demo, title: `Year of house ${house}` })) as { slug: string };
    const many = Math.ceil(participants / houses);
    const all = Array.from({ length: many }, (_, i) => ({
      id: randomUUID(),
      to: { ...blank, ...rest, name: `Person ${i}` } as Record<string, string>,
    }));
    for (let i = 0; i < all.length; i += 500) await post(`/api/programmes/${slug}/roster`, { changes: all.slice(i, i + 500) });
    for (let i = 0; i < Math.ceil(organisers / houses); i += 1) {
      const { id, to } = all[i]!;
      seats.push({ visitor: i % 2 ? organiser : own, slug, person: to, id, noted: 0 });
    }
    const sample = all.slice(0, Math.min(many, 60));
    for (const { id } of sample) {
      const { link } = (await (await own.ask(`/api/programmes/${slug}/roster/${id}/link`)).json()) as { link: string };
      readers.push({ visitor: new Visitor(app.address), link: new URL(link).pathname, id, asks: [] });
    }
    const release = await own.ask(`/api/programmes/${slug}/releases/m1`);
    const { points } = (await release.json()) as { points: { id: string }[] };
    await post(`/api/programmes/${slug}/releases/m1`, { step: 'proof', checks: points.map((p) => p.id) });
    await post(`/api/programmes/${slug}/releases/m1`, { step: 'now' });
  }
  return { seats, readers };
}

// One house asks for the worst that it may, without a pause; another one looks at her pages meanwhile. Her times against those on a quiet server of the same run,
// what health says, and what the processes take of memory.
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { fileURLToPath } from 'node:url';
import { join } from 'node:path';
import { build } from 'esbuild';
import { freePort } from '../bin/lib/cluster.mjs';
import { prepareDatabase } from '../bin/lib/database.mjs';
import { temporaryCluster } from '../bin/lib/test-cluster.mjs';
import { serve } from '../bin/lib/test-server.mjs';

const here = (name) => fileURLToPath(new URL(name, import.meta.url));
const folder = mkdtempSync(here('../node_modules/.aggrega-bench-'));
const outfile = join(folder, 'houses.mjs');
await build({
  entryPoints: [here('attack-houses.ts')],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  logLevel: 'error',
});
const { founded, largest } = await import(outfile);
rmSync(folder, { recursive: true });
const demo = JSON.parse(readFileSync(here('../demo/allotment-year.aggrega.json'), 'utf8'));

const SECONDS = Number(process.env.BENCH_SECONDS) || 60;
const json = { 'content-type': 'application/json' };
const at = (times, share) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))] ?? 0;

async function imported(visitor, document) {
  const answer = await visitor.ask('/api/import', { method: 'POST', headers: json, body: JSON.stringify(document) });
  const said = await answer.json();
  if (!said.slug) throw new Error(`the import was refused: ${JSON.stringify(said).slice(0, 300)}`);
  return said.slug;
}

async function enrol(visitor, slug, people) {
  const person = (name) => ({
    ...{ name, email: '', phone: '', address: '', colourway: 'frost', size: '', kit: '', handing: 'pickup', state: 'in' },
    ...{ joined: '2027-01-01', left: '', paidTo: '', notes: '', sheet: '' },
  });
  for (let done = 0; done < people; done += 5000) {
    const changes = Array.from({ length: Math.min(5000, people - done) }, (_, i) => ({
      id: crypto.randomUUID(),
      to: person(`Person ${done + i}`),
    }));
    const address = `/api/programmes/${slug}/roster`;
    const answer = await visitor.ask(address, { method: 'POST', headers: json, body: JSON.stringify({ changes }) });
    if (!answer.ok) throw new Error(await answer.text());
  }
}

/** Megabytes that the processes behind the front take, the largest first. */
function memory(front) {
  const children = readdirSync('/proc').filter((pid) => {
    try {
      return /^\d+$/.test(pid) && readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1].split(' ')[1] === String(front);
    } catch {
      return false;
    }
  });
  return children
    .map((pid) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1000)
    .sort((a, b) => b - a);
}

const cluster = await temporaryCluster();
const app = await serve(await prepareDatabase(cluster.url), await freePort(), {
  env: { AGGREGA_DEMO: 'off', AGGREGA_OPEN: 'on' },
  front: true,
});
try {
  const mine = (await founded(app.address, 'Mill Lane Guild')).owner;
  const theirs = (await founded(app.address, 'Grange House Quilters')).owner;
  const [own, worst] = [await imported(mine, demo), await imported(theirs, largest())];
  await enrol(theirs, worst, 10_000);
  const looks = ['', '/roster', '/kits', '/calendar', '/money', '/months/m6/cut', '/months/m6/sheet', '/record'];

  /** The other house's looks, one after another with a breath between, for so long. */
  async function look(seconds) {
    const [times, healths] = [[], []];
    let [failed, most, n] = [0, 0, 0];
    const end = performance.now() + seconds * 1000;
    while (performance.now() < end) {
      const begin = performance.now();
      const answer = await mine.ask(`/programmes/${own}${looks[(n += 1) % looks.length]}`);
      await answer.arrayBuffer();
      if (answer.status !== 200) failed += 1;
      times.push(performance.now() - begin);
      const asked = performance.now();
      if (!(await fetch(`${app.address}/health`)).ok) failed += 1;
      healths.push(performance.now() - asked);
      most = Math.max(most, ...memory(app.pid));
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    return { times, healths, failed, most };
  }
  const tell = (name, { times, healths, failed, most }) =>
    console.log(
      `${name}: ${times.length} pages, median ${at(times, 0.5).toFixed(0)} ms, 95 % ${at(times, 0.95).toFixed(0)} ms, most ${at(times, 1).toFixed(0)} ms; ` +
        `health 95 % ${at(healths, 0.95).toFixed(0)} ms, most ${at(healths, 1).toFixed(0)} ms; ${failed} failed; largest process ${most.toFixed(0)} MB`,
    );

  await look(5);
  const quiet = await look(15);
  tell('quiet', quiet);

  let over = false;
  let asked = 0;
  const again = async (work) => {
    while (!over) {
      await work().catch(() => undefined);
      asked += 1;
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
  };
  const page = (path) => theirs.ask(`/programmes/${worst}${path}`).then((r) => r.arrayBuffer());
  const slow = Array.from({ length: 200 }, () => {
    const socket = connect(Number(new URL(app.address).port), '127.0.0.1');
    socket.on('error', () => {});
    const host = new URL(app.address).host;
    socket.write(
      `POST /api/archive HTTP/1.1\r\nhost: ${host}\r\ncookie: ${theirs.cookie}\r\ncontent-type: application/zip\r\ncontent-length: 4000000000\r\n\r\nPK`,
    );
    return socket;
  });
  const drip = setInterval(() => slow.forEach((s) => s.writable && s.write('x')), 1000);
  const attack = [
    ...['/months/m0/cut', '/months/m0/sheet', '/fabrics', '', '/forecast', '/money', '/papers'].map((p) =>
      again(() => page(p)),
    ),
    again(() => imported(theirs, { ...largest(), title: 'Again' })),
    again(() => theirs.ask(`/programmes/${worst}/roster?find=Person`).then((r) => r.arrayBuffer())),
  ];
  const under = await look(SECONDS);
  over = true;
  clearInterval(drip);
  slow.forEach((s) => s.destroy());
  tell('under attack', under);
  console.log(
    `the attacker was answered ${asked} times; the other house’s median is ${(at(under.times, 0.5) / at(quiet.times, 0.5)).toFixed(2)} × that of the quiet server`,
  );
  await Promise.race([Promise.all(attack), new Promise((resolve) => setTimeout(resolve, 60_000))]);
} finally {
  await app.kill();
  await cluster.remove();
}
process.exit(0);

// Fifty organisers and two thousand participants for hours, with a kill every ten minutes: memory and connections by the minute, and whether anything that was
// answered as done is lost or there twice. BENCH_SECONDS says how long (8 hours), BENCH_KILL how many seconds lie between two kills (600).
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import { freePort } from '../bin/lib/cluster.mjs';
import { prepareDatabase } from '../bin/lib/database.mjs';
import { temporaryCluster } from '../bin/lib/test-cluster.mjs';
import { serve } from '../bin/lib/test-server.mjs';

const here = (name) => fileURLToPath(new URL(name, import.meta.url));
const folder = mkdtempSync(here('../node_modules/.aggrega-bench-'));
const outfile = join(folder, 'soak.mjs');
const what = { entryPoints: [here('soak-work.ts')], outfile, bundle: true, platform: 'node', format: 'esm', external: ['pg'] };
await build({ ...what, logLevel: 'error' });
const { soak } = await import(outfile);
rmSync(folder, { recursive: true });

const cluster = await temporaryCluster();
try {
  const [database, port] = [await prepareDatabase(cluster.url), await freePort()];
  const options = { env: { AGGREGA_DEMO: 'off', AGGREGA_OPEN: 'on' }, front: true, outside: join(cluster.folder, 'outside') };
  let app = await serve(database, port, options);
  const restart = async () => (app = await serve(database, port, options)).pid;
  const found = await soak({
    ...{ seconds: Number(process.env.BENCH_SECONDS) || 8 * 3600, killEvery: Number(process.env.BENCH_KILL) || 600 },
    ...{ houses: 10, organisers: 50, participants: 2000, thinks: Number(process.env.BENCH_THINKS) || 5000 },
    app: { address: app.address, pid: app.pid, kill: () => app.kill(), restart },
    owner: cluster.url,
    say: console.log,
  });
  const { samples, failed, lost, doubled } = found;
  // The first third warms up; while it is killed there is nothing to measure.
  const alive = samples.filter((s) => s.megabytes > 0);
  const third = Math.floor(alive.length / 3);
  const mean = (all, of) => all.reduce((sum, one) => sum + of(one), 0) / all.length;
  const ratio = (of) => (mean(alive.slice(-third), of) / mean(alive.slice(third, 2 * third), of)).toFixed(2);
  console.log(
    `${found.asked} requests, ${found.saves} saves, ${found.questions} questions, ${found.kills} kills; ${failed.length} failed, ${lost.length} lost, ${doubled.length} twice; ` +
      `last third to the one before: memory ${ratio((s) => s.megabytes)}, connections ${ratio((s) => s.connections)}, 95 % of answers ${ratio((s) => s.ms95)}`,
  );
  for (const line of [...failed, ...lost, ...doubled].slice(0, 20)) console.log(line);
  if (lost.length + doubled.length + failed.length > 0) process.exitCode = 1;
  await app.stop();
} finally {
  await cluster.remove();
}

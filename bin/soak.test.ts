/** The soak of bench/soak.mjs, shortened: mixed work while processes are killed loses nothing, does nothing twice, and keeps its connections in bounds. */
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { soak } from './lib/soak';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';

/** Connections of one process at most (db/pool.ts). */
const OF_ONE = 8;
const LANES = 2;

it('keeps what it answered, once, over kills of one process and of all', async () => {
  const cluster = await temporaryCluster();
  try {
    const [database, port] = [await prepareDatabase(cluster.url), await freePort()];
    const env = { AGGREGA_DEMO: 'off', AGGREGA_OPEN: 'on', AGGREGA_LANES: String(LANES) };
    const options = { env, front: true, outside: join(cluster.folder, 'outside') };
    let app = await serve(database, port, options);
    const found = await soak({
      ...{ seconds: 36, killEvery: 8, houses: 2, organisers: 6, participants: 100, thinks: 400 },
      app: {
        address: app.address,
        pid: app.pid!,
        kill: () => app.kill(),
        restart: async () => (app = await serve(database, port, options)).pid!,
      },
      owner: cluster.url,
    });
    expect(found).toMatchObject({ failed: [], lost: [], doubled: [] });
    expect(found.saves).toBeGreaterThan(0);
    expect(found.questions).toBeGreaterThan(0);
    expect(found.kills).toBeGreaterThanOrEqual(3);
    // What was killed may be on its way out still.
    for (const { connections } of found.samples) expect(connections).toBeLessThanOrEqual(2 * LANES * OF_ONE);
    await app.stop();
  } finally {
    await cluster.remove();
  }
});

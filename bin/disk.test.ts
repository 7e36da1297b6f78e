/** The disk of the database runs full while people save: they are told so, nothing that was saved is lost, and with room again it goes on. */
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { prepareDatabase } from './lib/database.mjs';
import { freePort } from './lib/cluster.mjs';
import { smallDisk } from './lib/small-disk';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';

const disk = smallDisk(320);
const SLUG = 'the-allotment-year';

// Where nothing may be mounted there is no disk to fill.
describe.skipIf(!disk)('a full disk', () => {
  let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
  let app: Awaited<ReturnType<typeof serve>>;
  let name = 'February';

  beforeAll(async () => {
    cluster = await temporaryCluster({ within: disk!.folder });
    app = await serve(await prepareDatabase(cluster.url), await freePort());
    name = (await stored()).months[1]!.name;
  });
  afterAll(async () => {
    disk!.clear();
    await app?.stop();
    await cluster?.remove();
    disk!.remove();
  });

  const stored = async () =>
    (await (await fetch(`${app.address}/programmes/${SLUG}/document`)).json()) as { months: { name: string }[] };
  const save = async (to: string) => {
    const answer = await fetch(`${app.address}/api/programmes/${SLUG}/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ changes: [{ path: '/months/m2/name', from: name, to }] }),
    });
    if (answer.ok) name = to;
    return { status: answer.status, text: await answer.text() };
  };

  it.each([1, 2])('is said in a sentence, and loses nothing, round %i', async (round) => {
    expect((await save(`Round ${round}`)).status).toBe(200);
    disk!.fillTo(1_500_000);
    let refused;
    let asked = 0;
    while (!refused) {
      asked += 1;
      const answer = await save(`Round ${round}, save ${asked}`);
      if (answer.status !== 200) refused = { ...answer, asked: `Round ${round}, save ${asked}` };
      if (asked > 2000) throw new Error('the disk does not fill');
    }
    expect([refused.status, refused.text]).toEqual([
      503,
      expect.stringMatching(/disk of the database is full|does not answer/),
    ]);
    expect(refused.text).not.toMatch(/\.js|stack|relation|pg_wal/);
    // Whoever only looks sees what is there, or the same sentence; never a fault.
    for (const path of [`/programmes/${SLUG}`, `/programmes/${SLUG}/roster`, '/'])
      expect([200, 503]).toContain((await fetch(app.address + path)).status);

    disk!.clear();
    // A database that ended over it is started again, as whoever runs it does.
    await cluster.restart();
    await vi.waitUntil(async () => (await fetch(`${app.address}/health`)).ok, { timeout: 600_000, interval: 100 });
    // The one that was refused may have come to be, if its answer is what was lost; none before it is gone.
    expect([name, refused.asked]).toContain((await stored()).months[1]!.name);
    name = (await stored()).months[1]!.name;
    expect((await save(`Round ${round}, room again`)).status).toBe(200);
  });
});

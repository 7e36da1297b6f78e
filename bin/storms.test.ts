import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { freePort } from './lib/cluster.mjs';
import { prepareDatabase } from './lib/database.mjs';
import { temporaryCluster } from './lib/test-cluster.mjs';
import { serve } from './lib/test-server.mjs';

// Really killed, in the middle of saves: what was answered as saved must be there afterwards.

let cluster: Awaited<ReturnType<typeof temporaryCluster>>;
let app: Awaited<ReturnType<typeof serve>>;
let url: string;

beforeAll(async () => {
  cluster = await temporaryCluster();
  url = await prepareDatabase(cluster.url);
  app = await serve(url, await freePort());
});
afterAll(async () => {
  await app?.stop();
  await cluster?.remove();
});

const SLUG = 'the-allotment-year';

async function sets(): Promise<number> {
  const response = await fetch(`${app.address}/programmes/${SLUG}/document`);
  return ((await response.json()) as { kits: { demoSets: number } }).kits.demoSets;
}

/** Counts the demo sets up, one save after another, until a save is not answered; returns the last number answered as saved. */
async function saveUntilBroken(from: number, onsaved: (count: number) => void): Promise<number> {
  for (let count = from; ; count += 1) {
    const response = await fetch(`${app.address}/api/programmes/${SLUG}/changes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ changes: [{ path: '/kits/demoSets', from: count, to: count + 1 }] }),
    }).catch(() => undefined);
    if (!response?.ok) {
      // A server that still answers says so in a sentence, and not with its insides.
      if (response) {
        expect(response.status).toBe(503);
        expect(await response.text()).not.toMatch(/at .*\.js|ECONN|stack/);
      }
      return count;
    }
    onsaved(count + 1);
  }
}

describe.each([1, 2, 3])('round %i', (round) => {
  it('the server killed in the middle of saves loses nothing that was saved', async () => {
    const start = await sets();
    const saved = await saveUntilBroken(start, (count) => {
      // At once after an answer, so that the next save is on its way when the blow falls.
      if (count === start + 4 * round) setTimeout(() => void app.kill(), round);
    });
    await app.kill();
    app = await serve(url, await freePort());
    // The save that got no answer may have been made or not; never half, and none before it is gone.
    expect([saved, saved + 1]).toContain(await sets());
    expect(saved).toBeGreaterThanOrEqual(start + 4 * round);
  });

  it('the database killed in the middle of saves loses nothing, and the server goes on by itself', async () => {
    const start = await sets();
    const saved = await saveUntilBroken(start, (count) => {
      if (count === start + 4 * round) setTimeout(() => cluster.kill(), round);
    });
    expect((await fetch(`${app.address}/health`)).status).toBe(503);
    const page = await fetch(`${app.address}/programmes/${SLUG}`, { headers: { accept: 'text/html' } });
    expect(page.status).toBe(503);
    expect(await page.text()).toContain('The database does not answer just now');

    await cluster.restart();
    await vi.waitUntil(async () => (await fetch(`${app.address}/health`)).ok, { timeout: 600_000 });
    expect([saved, saved + 1]).toContain(await sets());
  });
});

it('a plan that takes seconds is made beside everything else: others are answered meanwhile', async () => {
  let planned = false;
  const order = fetch(`${app.address}/programmes/${SLUG}/bolts/order.csv`).then(async (answer) => {
    expect(await answer.text()).toMatch(/^supplier,/);
    planned = true;
  });
  let others = 0;
  while (!planned && others < 40) {
    expect((await fetch(`${app.address}/health`)).status).toBe(200);
    others += 1;
  }
  expect(others).toBe(40);
  await order;
});

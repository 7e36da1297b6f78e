// A participant's page and her sheet by telephone: a processor four times slower, a line of 1.5 Mbit/s, nothing kept on the device. When there is
// something to read, when it answers to a finger, and how much came over the line.
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { demoServer } from '../bin/lib/test-server.mjs';

const ROUNDS = 5;
/** The line: bytes a second, and milliseconds there and back. */
const LINE = { offline: false, downloadThroughput: 187_500, uploadThroughput: 93_750, latency: 60 };
const SLOWER = 4;

const at = (all, q) => [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(q * all.length))];
const spread = (all) => `${at(all, 0.5).toFixed(0)} (${at(all, 0).toFixed(0)} to ${at(all, 1).toFixed(0)})`;

const server = await demoServer();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox'] });

/** Opens an address as a telephone that was never here. */
async function opened(address) {
  const context = await browser.newContext({ viewport: { width: 390, height: 800 }, deviceScaleFactor: 2 });
  const page = await context.newPage();
  const wire = await context.newCDPSession(page);
  let came = 0;
  let script = 0;
  await wire.send('Network.enable');
  await wire.send('Network.emulateNetworkConditions', LINE);
  await wire.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const scripts = new Set();
  wire.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId));
  wire.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    came += encodedDataLength;
    if (scripts.has(requestId)) script += encodedDataLength;
  });
  const start = Date.now();
  await page.goto(address, { waitUntil: 'commit' });
  await page.locator('html[data-ready]').waitFor();
  const ready = Date.now() - start;
  const read = await page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN);
  await page.waitForLoadState('load');
  const links = await page.locator('a[href*="/months/"]').evaluateAll((all) => all.map((a) => a.href));
  await context.close();
  return { read, ready, came, script, links };
}

try {
  const request = await browser.newContext();
  const people = `${server.address}/api/programmes/the-allotment-year/roster`;
  const found = await (await request.request.get(`${people}?find=Ada%20Fenn`)).json();
  const { link } = await (await request.request.get(`${people}/${found.people[0].id}/link`)).json();
  const own = server.address + new URL(link).pathname;
  const sheet = (await opened(own)).links[0];
  for (const [name, address] of [
    ['her page', own],
    ['her sheet', sheet],
  ]) {
    const all = [];
    for (let i = 0; i < ROUNDS; i += 1) all.push(await opened(address));
    const of = (key) => spread(all.map((one) => one[key]));
    console.log(`${name}: to read after ${of('read')} ms, answers after ${of('ready')} ms`);
    console.log(
      `${name}: ${at(
        all.map((o) => o.came / 1024),
        0.5,
      ).toFixed(0)} kB, of them ${at(
        all.map((o) => o.script / 1024),
        0.5,
      ).toFixed(1)} kB script`,
    );
  }
} finally {
  await browser.close();
  await server.remove();
}

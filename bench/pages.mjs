// The organiser's pages in a real browser: from the click to the page with its numbers, against a page of the same frame that has nothing to show.
// First where nobody has worked anything out; then with what was worked out kept by the server; then opened at a server that has just been started.
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { freePort } from '../bin/lib/cluster.mjs';
import { demoServer, serve } from '../bin/lib/test-server.mjs';

const ROUNDS = 7;
const YEAR = '/programmes/the-allotment-year';
/** Where, and what has to be there to be of use. */
const PAGES = [
  ['figures', 'main canvas'],
  ['money', 'main table'],
  ['bolts', 'main table, main [data-fabric]'],
  ['packets', 'main section[aria-label^="Packet"]'],
  ['forecast', '[data-advice]'],
  ['calendar', 'main canvas'],
  ['fabrics', 'main table'],
  ['months/m8/cut', '[data-final]'],
  ['months/m8/draft', 'main svg'],
  ['months/m8/sew', 'main svg'],
  ['months/m8/sheet', 'main article'],
  ['quilt', 'main svg'],
  ['roster', 'main table'],
];
const EMPTY = ['months/m99/sew', 'main h1, main h2'];

/** Milliseconds from the click on a link to the first frame in which the page is of use and nothing is being worked out. */
const clicked = (page, [path, selector]) =>
  page.evaluate(
    async ({ href, selector }) => {
      const frame = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)));
      const link = document.createElement('a');
      link.href = href;
      document.body.append(link);
      const start = performance.now();
      link.click();
      link.remove();
      let end = 0;
      for (let still = 0; still < 3;) {
        await frame();
        const there =
          location.pathname === href && document.querySelector(selector) && !document.querySelector('main progress');
        if (!there) still = 0;
        else if ((still += 1) === 1) end = performance.now();
      }
      return end - start;
    },
    { href: `${YEAR}/${path}`, selector },
  );

const at = (all, q) => [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(q * all.length))];
const spread = (all) => `${at(all, 0.5).toFixed(0)} ms (${at(all, 0).toFixed(0)} to ${at(all, 1).toFixed(0)})`;

const server = await demoServer();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-background-networking'] });
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const opened = async () => {
    await page.goto(`${server.address}${YEAR}`);
    await page.locator('html[data-ready]').waitFor();
  };
  await opened();
  // Once through: what nobody has worked out yet is worked out now.
  for (const one of PAGES) console.log(`${one[0]}, never worked out: ${(await clicked(page, one)).toFixed(0)} ms`);
  // Until the server has it too.
  const has = async (path, what) =>
    what.test(await (await page.request.get(`${server.address}${YEAR}/${path}/__data.json`)).text());
  const asked = async () => (await has('bolts', /"stock":\d/)) && has('months/m8/cut', /"readings":\d/);
  // Cutting asks for its readings while somebody looks at it.
  await clicked(
    page,
    PAGES.find(([path]) => path.endsWith('/cut')),
  );
  while (!(await asked())) await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 500)));
  const took = new Map([EMPTY, ...PAGES].map((one) => [one, []]));
  for (let i = 0; i < ROUNDS; i += 1) for (const [one, all] of took) all.push(await clicked(page, one));
  const empty = at(took.get(EMPTY), 0.5);
  for (const [[path], all] of took)
    console.log(`${path}: ${spread(all)}, ${(at(all, 0.5) / empty).toFixed(2)} × the empty page`);
  // A process of its own on the same database, with nothing in memory; the pages are opened as from a bookmark.
  for (const [path, selector] of PAGES) {
    const fresh = await serve(server.database, await freePort());
    const start = performance.now();
    await page.goto(`${fresh.address}${YEAR}/${path}`, { waitUntil: 'commit' });
    await page.waitForFunction(
      (selector) => document.querySelector(`html[data-ready] ${selector}`) && !document.querySelector('main progress'),
      selector,
    );
    console.log(`${path}, right after a start: ${(performance.now() - start).toFixed(0)} ms`);
    await fresh.stop();
  }
} finally {
  await browser.close();
  await server.remove();
}

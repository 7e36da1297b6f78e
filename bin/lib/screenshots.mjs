// Makes the pictures of docs/screenshots from the demonstration data: one of each main view.
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium as browserType } from '@playwright/test';
import { CHROMIUM, chromium } from './packages.mjs';
import { build, npmPackages, root } from './project.mjs';
import { run, say } from './say.mjs';
import { demoServer } from './test-server.mjs';

const folder = join(root, 'docs', 'screenshots');
const programme = '/programmes/the-allotment-year';

/** All readings of the plan are worked out to the end. */
const compared = (page) => page.locator('tr[data-reading=simplest] td:nth-child(5)').waitFor();

/** Sheets and stock are looked through. */
const lookedThrough = (page) => page.locator('section[aria-busy=false] [data-task]').first().waitFor();

const views = [
  { name: 'desk', path: '/', act: lookedThrough },
  { name: 'progress', path: `${programme}/progress`, act: (page) => page.waitForLoadState('networkidle') },
  { name: 'draft', path: `${programme}/months/m3/draft`, act: (page) => page.locator('tr[data-cut="cloche:A1"]').hover() },
  {
    name: 'sew-order',
    path: `${programme}/months/m8/sew`,
    act: (page) => page.getByRole('region', { name: 'Other units' }).waitFor(),
  },
  {
    name: 'cut',
    path: `${programme}/months/m8/cut`,
    act: async (page) => {
      await compared(page);
      await page.locator('g[data-cut="dovecote:A2"]').first().hover();
    },
  },
  { name: 'sheet', path: `${programme}/months/m1/sheet` },
  {
    name: 'layout',
    path: 'Ada Fenn',
    under: '/months/m3/layout',
    size: { width: 390, height: 1180 },
    act: async (page) => {
      await page.getByLabel('Choose a photo…').setInputFiles(join(root, 'demo/units-on-the-table.jpg'));
      await page.locator('[data-told]').waitFor({ timeout: 120_000 });
    },
  },
  { name: 'cutting-room', path: `${programme}/months/m2/cutting-room?colourway=harvest&basis=batch` },
  {
    name: 'quilt',
    path: `${programme}/quilt?colourway=harvest`,
    act: (page) => page.locator('[data-place="2,1"]').first().click(),
  },
  {
    name: 'fabrics',
    path: `${programme}/fabrics?colourway=dusk`,
    night: true,
    size: { width: 1280, height: 1000 },
    act: async (page) => {
      await page.locator('[data-scatter]').waitFor();
      await page.locator('[data-stock=moth] b').waitFor();
    },
  },
  {
    name: 'packets',
    path: `${programme}/packets?colourway=dusk`,
    act: (page) => page.locator('[data-packet="2"]').waitFor(),
  },
  {
    name: 'bolts',
    path: `${programme}/bolts`,
    act: async (page) => {
      await page.locator('[data-order]').first().waitFor();
      await page.locator('[data-bolts=water-butt]').scrollIntoViewIfNeeded();
      await page.evaluate(() => scrollTo(0, document.querySelector('[data-bolts]').offsetTop - 20));
    },
  },
  { name: 'roster', path: `${programme}/roster`, act: (page) => page.getByRole('button', { name: 'Cleo Ferris' }).click() },
  {
    name: 'calendar',
    path: `${programme}/calendar`,
    act: async (page) => {
      await page.locator('[data-chart]').waitFor();
      await page.getByText('Working out the hours').waitFor({ state: 'hidden' });
    },
  },
  {
    name: 'compose',
    path: '/programmes/compose?from=kiln-and-chimney',
    size: { width: 1280, height: 1000 },
    act: (page) => page.getByText('Checked: every packet').waitFor({ timeout: 120_000 }),
  },
  { name: 'pickup', path: `${programme}/pickup`, size: { width: 1024, height: 768 } },
  { name: 'release', path: `${programme}/months/m3/release` },
  { name: 'own-page', path: 'Edie Fenn', size: { width: 390, height: 844 } },
  { name: 'money', path: `${programme}/money`, act: (page) => page.locator('[data-chart]').waitFor() },
];

/** The address of a participant's own page. */
async function ownPage(address, name) {
  const { people } = await (await fetch(`${address}/api${programme}/roster?find=${encodeURIComponent(name)}`)).json();
  const { link } = await (await fetch(`${address}/api${programme}/roster/${people[0].id}/link`)).json();
  return new URL(link).pathname;
}

await run(async () => {
  await chromium();
  await npmPackages();
  await build();
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const server = await demoServer();
  const browser = await browserType.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-background-networking', '--no-first-run'],
  });
  try {
    for (const { name, path, under = '', act, night, size = { width: 1280, height: 800 } } of views) {
      const page = await browser.newPage({
        viewport: size,
        locale: 'en-GB',
        colorScheme: night ? 'dark' : 'light',
        reducedMotion: 'reduce',
      });
      await page.goto(server.address + (path.startsWith('/') ? path : await ownPage(server.address, path)) + under);
      await page.locator('html[data-ready]').waitFor();
      await page.evaluate(() => document.fonts.ready);
      await act?.(page);
      await page.screenshot({ path: join(folder, `${name}.png`) });
      await page.close();
      say(`docs/screenshots/${name}.png`);
    }
  } finally {
    await browser.close();
    await server.remove();
  }
});

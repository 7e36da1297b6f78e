// Makes the pictures of docs/screenshots from the demonstration data: one of each main view, and pages as they print.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium as browserType } from '@playwright/test';
import { CHROMIUM, chromium } from './packages.mjs';
import { build, npmPackages, root } from './project.mjs';
import { run, say } from './say.mjs';
import { demoServer } from './test-server.mjs';

const folder = join(root, 'docs', 'screenshots');
const programme = '/programmes/the-allotment-year';
const demo = JSON.parse(readFileSync(join(root, 'demo', 'allotment-year.aggrega.json'), 'utf8'));

/** All readings of the plan are worked out to the end. */
const compared = (page) => page.locator('tr[data-reading=simplest] td:nth-child(5)').waitFor();

const views = [
  { name: 'programmes', path: '/' },
  { name: 'the-year', path: programme },
  { name: 'draft', path: `${programme}/months/m3/draft`, act: (page) => page.locator('tr[data-cut="cloche:A1"]').hover() },
  {
    name: 'why-this-number',
    path: `${programme}/months/m4/draft?colourway=harvest`,
    act: async (page) => {
      await page
        .getByRole('button', { name: /why this number/ })
        .first()
        .click();
      await settled(page, 'dialog[open]');
    },
  },
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
  { name: 'papers', path: `${programme}/papers?colourway=harvest` },
  { name: 'cutting-room', path: `${programme}/months/m2/cutting-room?colourway=harvest` },
  {
    name: 'cutting-step',
    path: `${programme}/months/m8/cutting-room?colourway=dusk`,
    size: { width: 1024, height: 768 },
    act: (page) => page.getByRole('button', { name: 'One step at a time' }).click(),
  },
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
  {
    name: 'figures',
    path: `${programme}/figures`,
    act: async (page) => {
      await page.locator('[data-chart]').nth(3).waitFor();
      await page.evaluate(() => scrollTo(0, document.querySelector('[data-chart^="What"]').offsetTop - 20));
    },
  },
  {
    name: 'cutting-machine',
    path: `${programme}/months/m4/cutter?colourway=harvest`,
    act: (page) => page.locator('[data-machine=ready]').waitFor(),
  },
  {
    name: 'import-refused',
    path: '/programmes/import',
    act: async (page) => {
      const broken = structuredClone(demo);
      broken.blocks[0].patches.pop();
      broken.house.seam = 'a quarter';
      broken.months[1].blocks[0].block = 'seed-dril';
      await page.getByLabel(/Choose a file/).setInputFiles({
        name: 'spring.aggrega.json',
        mimeType: 'application/json',
        buffer: Buffer.from(JSON.stringify(broken)),
      });
      await page.getByRole('heading', { name: /refused/ }).waitFor();
    },
  },
  // Last, since it draws a month that the other pictures show as not drawn yet.
  {
    name: 'drafting',
    path: `${programme}/months/m9/draft`,
    act: async (page) => {
      await page.getByRole('button', { name: 'A plain 4 by 4 grid' }).click();
      await page.keyboard.press('u');
      await page.getByRole('button', { name: 'Flying goose' }).click();
      await page.keyboard.press('Shift+D');
      await page.getByLabel('Each step is made').selectOption('four-fold');
      const board = await page.getByRole('application').boundingBox();
      const at = (x, y) => page.mouse.move(board.x + board.width * x, board.y + board.height * y);
      await at(0.35, 0.1);
      await page.mouse.down();
      await page.mouse.up();
      await page.getByText('4 flying geese').first().waitFor();
      await page.getByRole('button', { name: 'Square in a square' }).click();
      await page.getByLabel('Cells to its short side').selectOption('2');
      await at(0.35, 0.35);
    },
  },
];

/** Waits until what appears has appeared whole, transitions done. */
const settled = (page, selector) =>
  page.locator(selector).evaluate((node) => Promise.all(node.getAnimations({ subtree: true }).map((a) => a.finished)));

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
    for (const { name, path, act, night, size = { width: 1280, height: 800 } } of views) {
      const page = await browser.newPage({
        viewport: size,
        locale: 'en-GB',
        colorScheme: night ? 'dark' : 'light',
        reducedMotion: 'reduce',
      });
      await page.goto(server.address + path);
      await page.locator('html[data-ready]').waitFor();
      await page.evaluate(() => document.fonts.ready);
      await act?.(page);
      await page.screenshot({ path: join(folder, `${name}.png`) });
      await page.close();
      say(`docs/screenshots/${name}.png`);
    }
    // Paper, as the print view lays it out.
    const page = await browser.newPage({ viewport: { width: 794, height: 1123 }, locale: 'en-GB' });
    await page.goto(`${server.address}${programme}/months/m1/sheet`);
    await page.locator('html[data-ready]').waitFor();
    await page.emulateMedia({ media: 'print' });
    await page.screenshot({ path: join(folder, 'sheet-on-paper.png'), clip: { x: 0, y: 0, width: 794, height: 1123 } });
    say('docs/screenshots/sheet-on-paper.png');
  } finally {
    await browser.close();
    await server.remove();
  }
});

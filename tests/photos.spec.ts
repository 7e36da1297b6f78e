/** Photographs that are looked at on the device: a block that becomes a drawing, and units that are checked before they are sewn. */
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { quiltLayout, readProgramme } from '@aggrega/core/programme';
import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { chances } from '../core/tests/made-pictures/chances';
import { clothOf } from '../core/tests/made-pictures/fabrics';
import { madeLayout, type Slip } from '../core/tests/made-pictures/laid-out';
import { conditions } from '../core/tests/made-pictures/picture';
import { demo, expect, open, test } from './bench-of-their-own';
import { enrol, letOut, pageOf } from './people';

/** The year in a straight quilt of four rows. */
const without = (parts: object) => Object.fromEntries(Object.entries(parts).filter(([part]) => part !== 'triangles'));
const rows = { ...without(demo.setting), kind: 'straight', across: 3, down: 4, leftOver: 1 };
const inRows = { ...demo, setting: { ...rows, months: without(demo.setting.months), places: {} }, sizes: [] };
/** The first two in each other's place. */
const EXCHANGED: readonly Slip[] = [
  { at: 0, unit: 1 },
  { at: 1, unit: 0 },
];

const photo = (name: string) => fileURLToPath(new URL(`../demo/${name}.jpg`, import.meta.url));
const section = (page: Page) => page.getByRole('region', { name: 'A block from a photo' });
const choose = (page: Page, file: Parameters<ReturnType<Page['locator']>['setInputFiles']>[0]) =>
  page.getByLabel('Choose a photo…').setInputFiles(file);

/** What the page sends, and how much of it. */
function sent(page: Page): { method: string; length: number }[] {
  const all: { method: string; length: number }[] = [];
  page.on('request', (r) => all.push({ method: r.method(), length: r.postDataBuffer()?.length ?? 0 }));
  return all;
}

test('a block becomes a drawing from its photo, mended on the way; the photo stays on the device', async ({ page, bench }) => {
  await bench.open('/months/m12/draft');
  await page.getByRole('button', { name: 'From a photo…' }).click();
  const requests = sent(page);
  await choose(page, photo('ladder-on-the-table'));
  await expect(section(page)).toContainText('As it comes in: 28 patches', { timeout: 60_000 });
  await expect(section(page)).toContainText('The grid seems to be 6 by 6');
  expect(requests.filter((r) => r.method !== 'GET')).toEqual([]);

  // A patch is given another of the photo's fabrics, and the third colour another of ours.
  await section(page).getByRole('button', { name: 'Colour 3' }).click();
  await section(page).locator('[data-patch]').first().click();
  await expect(section(page)).toContainText('5 patches');
  await section(page).getByLabel('Letter for Colour 3').selectOption('D');
  await section(page).getByRole('button', { name: 'Use this drawing' }).click();
  await expect(page.locator('p', { hasText: 'Complete' })).toContainText('28 patches');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Ladder on the table');
  for (const { method, length } of requests) if (method !== 'GET') expect(length).toBeLessThan(20_000);

  // It lies under the drawing until it is taken away.
  const board = page.getByRole('application');
  await expect(board.locator('image')).toHaveCount(1);
  await page.getByLabel('Photo underneath').fill('1');
  await expect(board.locator('polygon').first()).toHaveAttribute('fill-opacity', '0');
  await page.getByRole('button', { name: 'Remove the photo' }).click();
  await expect(board.locator('image')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('No block yet')).toBeVisible();
});

test('corners are moved by keys, and the grid is what was typed', async ({ page, bench }) => {
  await bench.open('/months/m12/draft');
  await page.getByRole('button', { name: 'From a photo…' }).click();
  await choose(page, photo('ladder-on-the-table'));
  await expect(section(page)).toContainText('28 patches', { timeout: 60_000 });
  const corner = section(page).getByRole('slider', { name: 'Top left corner' });
  const before = await corner.getAttribute('aria-valuetext');
  await corner.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowUp');
  expect(await corner.getAttribute('aria-valuetext')).not.toBe(before);
  await expect(section(page)).toHaveAttribute('data-picture', '', { timeout: 60_000 });
  await expect(section(page)).toContainText('28 patches');
  await section(page).getByLabel('Squares across').fill('3');
  await section(page).getByLabel('Squares across').press('Enter');
  await expect(section(page)).toContainText('The grid is 3 by 6, as you set it.', { timeout: 60_000 });
  await section(page).getByRole('button', { name: 'Find it again' }).click();
  await expect(section(page)).toContainText('The grid seems to be 6 by 6', { timeout: 60_000 });
});

test('what is no picture, damaged or vast is refused with what to do', async ({ page, bench }) => {
  await bench.open('/months/m12/draft');
  await page.getByRole('button', { name: 'From a photo…' }).click();
  const refused = (text: string) => expect(section(page).getByRole('alert')).toContainText(text);
  const file = (buffer: Buffer) => ({ name: 'photo.jpg', mimeType: 'image/jpeg', buffer });
  await choose(page, file(Buffer.from('<svg onload="alert(1)"/>')));
  await refused('isn’t a JPEG, PNG or WebP picture');
  const jpeg = readFileSync(photo('ladder-on-the-table'));
  await choose(page, file(jpeg.subarray(0, 40)));
  await refused('damaged');
  // A picture that says it is 60,000 by 60,000 pixels.
  const vast = Buffer.from('89504e470d0a1a0a0000000d49484452' + '0000ea600000ea60' + '0802000000', 'hex');
  await choose(page, file(Buffer.concat([vast, Buffer.alloc(64)])));
  await refused('more than 60 million pixels');
  await choose(page, photo('ladder-on-the-table'));
  await expect(section(page)).toContainText('28 patches', { timeout: 60_000 });
});

test('of several blocks on one photo one is picked, by keys as well', async ({ page, bench }) => {
  await bench.open('/months/m12/draft');
  await page.getByRole('button', { name: 'From a photo…' }).click();
  await choose(page, { name: 'row.jpg', mimeType: 'image/jpeg', buffer: await rowOfBlocks([]) });
  await page.getByRole('button', { name: 'Pick one of several blocks…' }).click();
  await expect(section(page).locator('[data-block]')).toHaveCount(9);
  await section(page).getByLabel('Blocks across').fill('3');
  await section(page).getByLabel('Blocks down').fill('1');
  await section(page).getByLabel('Blocks down').press('Tab');
  await expect(section(page).locator('[data-block]')).toHaveCount(3);
  const left = () => section(page).locator('[data-corner="0"]').getAttribute('aria-valuenow').then(Number);
  const before = await left();
  await section(page).getByRole('button', { name: 'Block 3' }).focus();
  await page.keyboard.press('Enter');
  await expect.poll(left).toBeGreaterThan(before + 200);
  await expect(section(page).locator('[data-block]')).toHaveCount(0);
  await expect(section(page)).toContainText('The grid seems to be 4 by 4', { timeout: 60_000 });
  // All of them come back for another pick.
  await page.getByRole('button', { name: 'Pick one of several blocks…' }).click();
  await expect.poll(left).toBe(before);
});

test('a participant is told which unit is turned before she sews, without a connection too', async ({
  page,
  request,
  context,
}) => {
  const slug = 'the-allotment-year';
  const { people } = await (await request.get(`/api/programmes/${slug}/roster?find=Ada%20Fenn`)).json();
  const own = await pageOf(request, slug, people[0]);
  await open(page, `${own}/months/m3`);
  await page.getByRole('link', { name: 'Check my layout' }).click();
  await page.waitForURL('**/layout');
  await expect
    .poll(() => page.evaluate(async () => Boolean(await caches.match(location.href))), { timeout: 30_000 })
    .toBe(true);
  await expect
    .poll(() =>
      page.evaluate(async () =>
        (await (await caches.open((await caches.keys())[0]!)).keys()).some((r) => r.url.includes('eye.worker')),
      ),
    )
    .toBe(true);
  await context.setOffline(true);
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  const requests = sent(page);
  await choose(page, photo('units-on-the-table'));
  const told = page.getByRole('status').filter({ hasText: 'is turned a quarter clockwise. Turn it a quarter back.' });
  await expect(told).toContainText('Number 1', { timeout: 60_000 });
  await expect(page.locator('[data-unit="1"]')).toHaveAttribute('data-lies', 'turned');
  await expect(page.locator('[data-lies="right"]')).toHaveCount(15);
  expect(requests.filter((r) => r.method !== 'GET')).toEqual([]);
  // A row by itself is another question, which is asked at once.
  await page.getByLabel('What you lay out').selectOption('Row 1');
  await expect(page.locator('[data-unit]')).toHaveCount(4);
  await expect(page.getByRole('status').first()).toContainText(/doesn’t look like the block|Number/, { timeout: 60_000 });
  await page.getByLabel('What you lay out').selectOption('The whole block');
  await page.getByRole('button', { name: 'Another photo' }).click();
  await choose(page, photo('ladder-on-the-table'));
  await expect(page.getByText('This doesn’t look like the block in the picture.')).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('[data-lies="right"]')).toHaveCount(0);
  await context.setOffline(false);
});

test('what a check found is told where she agrees; the sheet asks for it, and taking it back takes it back', async ({
  page,
  request,
  bench,
}) => {
  const [hazel] = await enrol(request, bench.slug, { 'Hazel Quill': {} });
  await bench.open('/months/m3/release');
  await letOut(page);
  const layout = `${await pageOf(request, bench.slug, hazel!)}/months/m3/layout`;
  await open(page, layout);
  await choose(page, photo('units-on-the-table'));
  await expect(page.locator('[data-unit="1"]')).toHaveAttribute('data-lies', 'turned', { timeout: 60_000 });
  await page.getByLabel('Tell the organiser what my checks and my practice find').check();
  const told = page.waitForResponse((r) => r.request().postData()?.includes('"laid"') ?? false);
  await page.getByRole('button', { name: 'Another photo' }).click();
  expect((await told).ok()).toBe(true);

  // The organiser reads it, and has the sheet ask for it: what is asked for first is the same at Piecing.
  await bench.open('/progress');
  const found = page.locator('[data-laid]');
  await expect(found).toContainText('1 participant told');
  await expect(found).toContainText('U2 turned: 1 person');
  await found.getByRole('button', { name: 'Ask for it on the sheet' }).click();
  await expect(found).toContainText('The sheet asks for it first.');
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(found.getByRole('button', { name: 'Ask for it on the sheet' })).toBeVisible();
  await found.getByRole('button', { name: 'Ask for it on the sheet' }).click();
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await bench.open('/months/m3/sew');
  const mistakes = page.getByRole('region', { name: 'Common mistakes' });
  await expect(mistakes.locator('figure').nth(1)).toContainText('U2');
  await expect(mistakes.locator('figure').nth(1)).toContainText('The sheet asks for this first.');
  await mistakes.getByRole('button', { name: 'Ask for the likeliest again' }).click();
  await expect(mistakes).not.toContainText('The sheet asks for this first.');

  await open(page, layout);
  const takenBack = page.waitForResponse((r) => r.request().postData()?.includes('"tells"') ?? false);
  await page.getByLabel('Tell the organiser what my checks and my practice find').uncheck();
  expect((await takenBack).ok()).toBe(true);
  await expect(page.getByLabel('Tell the organiser what my checks and my practice find')).not.toBeChecked();
  await bench.open('/progress');
  await expect(page.getByRole('region', { name: 'What they sent' })).toBeVisible();
  await expect(page.locator('[data-laid]')).toHaveCount(0);
});

test('the blocks of a quilt are checked before they are set, row by row as far as they are out', async ({ page, request }) => {
  const document = { ...inRows, title: 'A quilt in rows' };
  const { slug } = await (await request.post('/api/import', { data: document })).json();
  const [hazel] = await enrol(request, slug, { 'Hazel Quill': {} });
  for (const month of ['m1', 'm2', 'm3']) {
    await open(page, `/programmes/${slug}/months/${month}/release`);
    await letOut(page);
  }
  await open(page, `${await pageOf(request, slug, hazel!)}/months/m1/layout`);
  await page.getByRole('combobox', { name: 'Block' }).selectOption({ label: 'The quilt, rows finished so far: 1' });
  await expect(page.getByText('borders stay outside')).toBeVisible();
  await expect(page.locator('[data-unit]')).toHaveCount(3);
  await choose(page, { name: 'row.jpg', mimeType: 'image/jpeg', buffer: await rowOfBlocks(EXCHANGED) });
  const told = page.getByRole('status').filter({ hasText: 'have changed places' });
  await expect(told).toContainText('Number 1 (Cold Frame) and number 2 have changed places.', { timeout: 60_000 });
  await expect(page.locator('[data-lies="right"]')).toHaveCount(1);
});

/** The first three blocks of the year in Frost as somebody lays them out. */
async function rowOfBlocks(slips: readonly Slip[]): Promise<Buffer> {
  const reading = readProgramme(inRows);
  if (!reading.ok) throw new Error('unsound');
  const { programme } = reading;
  const layout = quiltLayout(programme, undefined, new Set(['m1', 'm2', 'm3']))!;
  const frost = programme.colourways.find((c) => c.id === 'frost')!;
  const fabrics = new Map([...frost.fabrics].map(([letter, { colour }]) => [letter, clothOf(colour)]));
  const by = chances(3);
  const of = { ...conditions(by, 'fair', { size: [1100, 620], fabrics: [...fabrics.values()] }), allowance: 0 };
  const { width, height, data } = madeLayout(layout, fabrics, { slips, astray: 0.01, aslant: 1 }, of, by);
  return sharp(Buffer.from(data), { raw: { width, height, channels: 4 } })
    .jpeg({ quality: 88 })
    .toBuffer();
}

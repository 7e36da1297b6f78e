import { readFile } from 'node:fs/promises';
import { demo, expect, plain, test } from './bench-of-their-own';

const finished = (text: string) => plain(text).replace(/ in\b.*/, '');

test('a quilt is set, turned, swapped and taken back', async ({ page, bench }) => {
  await bench.open('/quilt');
  const quilt = page.getByRole('application', { name: /The quilt in Frost/ });
  await expect(quilt.locator('[data-place]')).toHaveCount(13);
  const size = page.locator('[data-finished]');
  expect(finished(await size.innerText())).toBe('67 1/2 × 67 1/2');

  // Wider sashing, larger quilt; undone, as before.
  const sashing = page.getByRole('group', { name: 'Sashing', exact: true }).getByLabel('Finished width, in');
  await sashing.fill('2 1/2');
  await sashing.press('Enter');
  await expect.poll(async () => finished(await size.innerText())).not.toBe('67 1/2 × 67 1/2');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => finished(await size.innerText())).toBe('67 1/2 × 67 1/2');
  // What cannot be meant stays in its field, with the reason.
  await sashing.fill('2 1/');
  await sashing.press('Enter');
  await expect(page.getByRole('alert')).toContainText('is not a length');
  await sashing.press('Escape');

  // By keys alone: into the hand, to the right, swapped with the next, turned, given back.
  const keyAt = (at: string) => quilt.locator(`[data-place="${at}"]`).getAttribute('data-key');
  const [first, second] = [await keyAt('1,1'), await keyAt('2,1')];
  await quilt.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: 'Place 1,1' })).toBeVisible();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByRole('heading', { name: /Place 1½,1½|Place 2,1/ })).toBeVisible();
  await expect.poll(() => keyAt('1,1')).not.toBe(first);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => keyAt('1,1')).toBe(first);
  const matrix = () => quilt.locator('[data-place="2,1"] polygon').first().getAttribute('points');
  const before = await matrix();
  await quilt.locator('[data-place="2,1"]').click();
  await page.keyboard.press('t');
  await expect.poll(matrix).not.toBe(before);
  await page.keyboard.press('Delete');
  await expect.poll(matrix).toBe(before);

  // Dragged onto another place, the two change places.
  await quilt.locator('[data-place="1,1"]').dragTo(quilt.locator('[data-place="2,1"]'));
  await expect.poll(async () => [await keyAt('1,1'), await keyAt('2,1')]).toEqual([second, first]);

  // A way of turning is picked from the pictures side by side.
  await page.getByRole('button', { name: /pinwheel of four/ }).click();
  await expect(page.getByRole('button', { name: /pinwheel of four/ })).toHaveAttribute('aria-pressed', 'true');
});

test('what a month hands out is cut and told with it', async ({ page, bench }) => {
  await bench.open('/quilt');
  await page.getByLabel('Setting triangles (side and corner) handed out in').selectOption('m1');
  await bench.open('/months/m1/sheet');
  const row = page.locator('tr', { hasText: 'side triangle' });
  await expect(row).toContainText('cut twice on the diagonal');
  expect(plain(await row.innerText())).toContain('20 3/8');
  // A month without a block of its own still has its parts of the quilt to cut.
  await bench.open('/months/m11/cut');
  await expect(page.getByText(/This plan uses/)).toBeVisible();
  await expect(page.getByText(/× cornerstone/).first()).toBeVisible();
});

test('a mystery stays covered: on the page, and in the picture to keep', async ({ page, bench }) => {
  await bench.open('/quilt?seen=2027-03-20');
  const quilt = page.getByRole('application', { name: /The quilt in/ });
  await expect(page.getByText('Preview for participants on 20 March 2027')).toBeVisible();
  await expect(quilt.locator('[data-key="m3:cloche"] polygon').first()).not.toHaveAttribute('fill', /covered/);
  await expect(quilt.locator('[data-key="m4:bean-row"] polygon')).toHaveAttribute('fill', /covered/);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'SVG' }).click()]);
  const svg = await readFile(await download.path(), 'utf8');
  const kale = demo.fabrics.find((f: { id: string }) => f.id === 'terracotta-crock').colour;
  const whole = await page.request.get(`/programmes/${bench.slug}/quilt/files/quilt.svg?colourway=frost`);
  expect((await whole.text()).split(kale).length).toBeGreaterThan(svg.split(kale).length);
  const png = await page.request.get(`/programmes/${bench.slug}/quilt/files/quilt.png?colourway=frost&size=double-bed`);
  expect(png.headers()['content-type']).toBe('image/png');
  expect((await png.body()).subarray(1, 4).toString()).toBe('PNG');
  expect((await page.request.get(`/programmes/${bench.slug}/quilt/files/quilt.gif`)).status()).toBe(404);
});

test('a programme without a setting is helped to one, and what cannot be sewn is said with its place', async ({
  page,
  request,
}) => {
  const bare = { ...demo, setting: undefined, sizes: undefined };
  const response = await request.post('/api/import', { data: { ...bare, title: `Bare ${Math.floor(performance.now())}` } });
  const { slug } = await response.json();
  await page.goto(`/programmes/${slug}/quilt`);
  await page.locator('html[data-ready]').waitFor();
  await page.getByRole('button', { name: 'Set the blocks into a quilt' }).click();
  await expect(page.getByRole('application', { name: /The quilt in/ })).toBeVisible();
  await page.getByLabel('Layout').selectOption('rows');
  await page.getByRole('button', { name: 'Add a round' }).click();
  await page.getByRole('checkbox', { name: 'Round 1, plain' }).uncheck();
  await expect(page.getByText(/no block of the programme finishes at 2/)).toBeVisible();
  await expect(page.getByText('/setting/rounds/0/finished')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('application', { name: /The quilt in/ })).toBeVisible();
});

import { expect, plain, settled, test, toBuy } from './bench-of-their-own';

test('an organiser turns the head count from 13 to 60, sees the cloth follow, and prints', async ({ page, bench }) => {
  await bench.open();
  await page
    .getByRole('link', { name: /January: Cold Frame/ })
    .first()
    .click();
  // The overview has colourways too: this is the month's.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('January: Cold Frame');
  await page.getByRole('navigation', { name: 'Colourways' }).getByRole('link', { name: 'Dusk' }).click();
  await expect(page).toHaveURL(/colourway=dusk/);
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Cut/ }).click();

  const count = page.getByLabel('People in Dusk');
  await expect(count).toHaveValue('13');
  await settled(page);
  const before = await toBuy(page);

  // By the wheel, by keys and by typing: each turn shows at once, none is saved.
  const dial = page.getByRole('slider');
  await dial.hover();
  await page.mouse.wheel(0, -100);
  await expect(count).toHaveValue('14');
  await dial.focus();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('ArrowUp');
  await expect(count).toHaveValue('25');
  await count.fill('60');
  await expect(page.getByText(/trying \d+ in Dusk/)).toBeVisible();
  await expect(page.getByText('All 63 kits together')).toBeVisible();
  await settled(page);
  const after = await toBuy(page);
  expect(after).toHaveLength(before.length);
  // One brings their own, so 59 of 60 get a kit, with 3 spare and 1 demo: 63 squares of 7 3/4, five to a strip: 13 rows, 100 3/4 in; with 1 in to
  // square the end, in eighths of a yard.
  const inkCap = page.locator('tr[data-fabric="ink-cap"]');
  expect(plain(await inkCap.locator('[data-needs]').innerText())).toBe('100 3/4');
  expect(plain(await inkCap.locator('[data-buy]').innerText())).toBe('2 7/8');

  // What one more person would cost follows, once the plans are final.
  await expect(page.locator('[data-next]')).toHaveText(/£\d+\.\d\d/);

  // Trying is not saving: another visitor still sees thirteen.
  const other = await page.context().newPage();
  await other.goto(page.url());
  await expect(other.getByLabel('People in Dusk')).toHaveValue('13');
  await other.close();

  // The list for the cutting room is that of the number being tried, and says so.
  await page.getByRole('link', { name: 'Cutting-room list' }).click();
  await expect(page.getByText('for 60 people, tried (13 enrolled)')).toBeVisible();
  await expect(page.getByText('Total: 63 B1. Per kit: each kit 1 × B1.')).toBeVisible();

  await page.getByRole('link', { name: 'Back to Cutting' }).click();
  await page.getByRole('button', { name: 'Enrol 60' }).click();
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await expect(page.getByText('enrolled in Dusk')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('People in Dusk')).toHaveValue('60');
  await settled(page);
  expect(await toBuy(page)).toEqual(after);
});

test('final plans that were found once come with the page, for whoever opens it next, and needs no script', async ({
  page,
  bench,
  browser,
}) => {
  const kept = () =>
    page.evaluate((at) => fetch(at).then((r) => r.text()), `/programmes/${bench.slug}/months/m3/cut/__data.json`);
  await expect(async () => {
    await bench.open('/months/m3/cut');
    await settled(page);
    expect(await kept()).toMatch(/"month":\d+,"readings":\d/);
  }).toPass({ timeout: 90_000 });
  const totals = await page.locator('[data-totals]').innerText();
  const other = await browser.newContext({ javaScriptEnabled: false });
  const theirs = await other.newPage();
  await theirs.goto(page.url());
  await expect(theirs.locator('[data-final]')).toBeVisible();
  expect(totals).toContain(await theirs.locator('[data-totals] .numeral').innerText());
  // The two plans are the same to the last strip.
  const strips = (of: typeof page) => of.getByRole('button', { name: /^Strip / }).allInnerTexts();
  expect(await strips(theirs)).toEqual(await strips(page));
  await other.close();
  // A change asks anew: nothing kept is shown for another year than it was found for.
  await page.getByLabel('People in Frost').fill('40');
  await expect(page.locator('[data-planned-for="40"]')).toBeVisible();
});

test('undo and redo go back over what was saved, by keys too', async ({ page, bench }) => {
  await bench.open('/months/m1/cut?colourway=dusk');
  const count = page.getByLabel('People in Dusk');
  await page.getByRole('button', { name: 'One more' }).click();
  await page.getByRole('button', { name: 'Enrol 14' }).click();
  await expect(page.getByText('enrolled in Dusk')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(count).toHaveValue('13');
  await page.locator('h1').click();
  await page.keyboard.press('Control+Shift+Z');
  await expect(count).toHaveValue('14');
  await page.keyboard.press('Control+Z');
  await expect(count).toHaveValue('13');
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await page.reload();
  await expect(count).toHaveValue('13');
});

test('one kit and all kits stand side by side; nobody enrolled is said plainly', async ({ page, bench }) => {
  await bench.open('/months/m1/cut?colourway=frost');
  await settled(page);
  const together = await toBuy(page);
  await page.keyboard.press('b');
  await expect(page.getByRole('radio', { name: 'One kit' })).toBeChecked();
  expect(await toBuy(page)).not.toEqual(together);
  await page.keyboard.press('b');
  await page.getByLabel('People in Frost').fill('0');
  await expect(page.getByText('No one is enrolled yet.')).toBeVisible();
});

test('a piece under the hand is lit on the bolt, in the block and in the table', async ({ page, bench }) => {
  await bench.open('/months/m1/cut');
  await page.locator('g[data-cut="cold-frame:A2"]').first().hover();
  // Four patches are cut as A2, and all are outlined in the block beside the bolt.
  await expect(page.locator('aside svg polygon[pointer-events=none]')).toHaveCount(4);
  await page.locator('aside svg polygon[data-patch]').first().hover();
  await expect(page.locator('g[data-cut="cold-frame:A2"] rect').first()).toHaveAttribute('stroke-width', '3');
});

test('a size on the cutting table explains itself too', async ({ page, bench }) => {
  await bench.open('/months/m1/cut?colourway=frost');
  await page.locator('main').getByRole('button', { name: '7 3/4: why this number?' }).click();
  await expect(page.getByRole('dialog', { name: 'Why 7 3/4?' })).toContainText('Cut A1');
});

test('the planner goes on by itself when its worker cannot be had', async ({ page, bench }) => {
  await page.route(/plan\.worker/, (route) => route.abort());
  await bench.open('/months/m1/cut?colourway=dusk');
  await page.getByLabel('People in Dusk').fill('60');
  await expect(page.getByText('All 63 kits together')).toBeVisible();
});

test('what best means is chosen side by side, and the plan can be kept as files', async ({ page, bench, request }) => {
  await bench.open('/months/m8/cut?colourway=frost');
  await settled(page);
  const row = (reading: string) => page.locator(`tr[data-reading="${reading}"]`);
  const settings = async (reading: string) => Number(await row(reading).locator('td').nth(2).innerText());
  await expect(row('simplest').locator('td')).toHaveCount(5);
  expect(await settings('simplest')).toBeLessThan(await settings('thriftiest'));
  await row('simplest').getByRole('button').click();
  await expect(row('simplest').getByRole('button')).toHaveAttribute('aria-pressed', 'true');
  await expect(page.locator('[data-final=simplest]')).toBeVisible();
  // It stays chosen for this fabric: after a reload, and in the cutting room.
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await page.reload();
  await expect(page.locator('[data-final=simplest]')).toBeVisible();
  await expect(row('simplest').getByRole('button')).toHaveAttribute('aria-pressed', 'true');
  // Each size on strips of its own: every strip on the bolt holds one kind of piece.
  const strips = page.getByRole('button', { name: /^Strip / });
  await expect(strips).toHaveCount(2);

  const list = await page.getByRole('link', { name: 'cut list' }).getAttribute('href');
  const csv = await request.get(new URL(list!, page.url()).href);
  expect(csv.headers()['content-type']).toContain('text/csv');
  expect((await csv.text()).split('\r\n')[0]).toContain('fabric,number,letters,strip');
  const layout = await page.getByRole('link', { name: /^layout of/ }).getAttribute('href');
  expect(await (await request.get(new URL(layout!, page.url()).href)).text()).toContain('width="42in"');
  for (const wrong of ['cut/files/nothing.csv?colourway=frost', 'cut/files/order.csv?colourway=nobody'])
    expect((await request.get(new URL(wrong, page.url()).href)).status()).toBe(404);
  expect((await request.get(new URL('cut/files/order.csv?colourway=frost&reading=odd', page.url()).href)).status()).toBe(400);
});

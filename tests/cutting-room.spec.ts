import { expect, open, test } from './bench-of-their-own';

test('ticks survive a reload, and another screen at the table sees them', async ({ page, bench, context }) => {
  await bench.open('/months/m1/cutting-room?colourway=frost&basis=batch');
  const box = (screen: typeof page, i: number) => screen.getByRole('checkbox', { name: /is cut$/ }).nth(i);
  const progress = (screen: typeof page) => screen.locator('[data-progress]');
  await box(page, 0).check({ force: true });
  await expect(progress(page)).toContainText('1 of ');
  const other = await context.newPage();
  await open(other, page.url());
  await expect(box(other, 0)).toBeChecked();
  await box(other, 1).check({ force: true });
  await expect(progress(page)).toContainText('2 of ');
  await page.reload();
  await expect(progress(page)).toContainText('2 of ');
  // Another head count goes on around what is cut, and says what has changed.
  await open(page, page.url().replace(/\?.*/, '?colourway=frost&people=30&basis=batch'));
  await expect(progress(page)).toContainText('0 of ');
  await expect(page.getByRole('region', { name: 'What has changed' })).toContainText(
    /5 kits more than when cutting began: 32, not 27/,
  );
  await expect(page.getByRole('region', { name: 'What has changed' })).toContainText(/pieces already cut will be used/);
});

test('one step at a time, to the end and back; a lost connection loses no tick', async ({ page, bench }) => {
  await bench.open('/months/m1/cutting-room?colourway=dusk&basis=batch');
  await page.getByRole('button', { name: 'One step at a time' }).click();
  const first = await page.locator('[data-step]').getAttribute('data-step');
  await page.route('**/cutting/**', (route) => route.abort());
  await page.getByRole('button', { name: 'Done, next cut' }).click();
  await expect(page.locator('[data-step]')).not.toHaveAttribute('data-step', first!);
  await expect(page.getByText('We can’t reach the server')).toBeVisible();
  await page.unroute('**/cutting/**');
  await expect(page.getByText('We can’t reach the server')).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: 'One step at a time' }).click();
  await expect(page.locator('[data-progress]')).toContainText('1 of ');
  await page.getByRole('button', { name: 'Back one step' }).click();
  await expect(page.locator('[data-step]')).toHaveAttribute('data-step', first!);
  const next = page.getByRole('button', { name: 'Done, next cut' });
  const steps = Number(/of (\d+)/.exec(await page.locator('[data-progress]').innerText())![1]);
  for (let i = 0; i < steps; i += 1) await next.click();
  await expect(page.getByText('Everything on this list is cut.')).toBeVisible();
});

test('a changed head count never cuts what is cut, and ticks of an earlier list that come late are noticed', async ({
  page,
  bench,
  browser,
}) => {
  await bench.open('/months/m1/cutting-room?colourway=frost&people=12&basis=batch');
  const boxes = page.getByRole('checkbox', { name: /is cut$/ });
  const changed = page.getByRole('region', { name: 'What has changed' });
  const progress = page.locator('[data-progress]');
  const first = await boxes.count();
  for (let i = 0; i < first - 1; i += 1) await boxes.nth(i).check({ force: true });
  await expect(progress).toContainText(`${first - 1} of ${first}`);
  // A tablet that has lost the connection goes on.
  const tablet = await (await browser.newContext()).newPage();
  await open(tablet, page.url());
  await expect(tablet.locator('[data-progress]')).toContainText(`${first - 1} of ${first}`);
  await tablet.route('**/cutting/**', (route) => route.abort());
  await tablet
    .getByRole('checkbox', { name: /is cut$/ })
    .last()
    .check({ force: true });
  await expect(tablet.locator('[data-progress]')).toContainText(`${first} of ${first}`);
  // More people: only the rest, around what is known to be cut.
  await open(page, page.url().replace('people=12', 'people=20'));
  await expect(changed).toContainText('kits more than when cutting began');
  await boxes.first().check({ force: true });
  await expect(progress).toContainText('1 of ');
  await tablet.unroute('**/cutting/**');
  await expect(page.getByRole('alert')).toContainText('One step was cut from another list');
  await page.getByRole('button', { name: 'Update this list' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(progress).toContainText('0 of ');
  await tablet.context().close();
  // Fewer people: nothing more is cut, and what is over is named.
  await open(page, page.url().replace('people=20', 'people=3'));
  await expect(changed).toContainText('There is nothing more to cut. Spare: ');
});

test('several hands share a list, and what an evening took is noted', async ({ page, bench }) => {
  await bench.open('/months/m8/cutting-room?colourway=frost&basis=batch');
  const boxes = page.getByRole('checkbox', { name: /is cut$/ });
  const all = await boxes.count();
  await page.getByRole('combobox', { name: /^People cutting/ }).selectOption('2');
  await page.getByRole('combobox', { name: /^Show/ }).selectOption('1');
  const one = await boxes.count();
  await page.getByRole('combobox', { name: /^Show/ }).selectOption('2');
  expect(one + (await boxes.count())).toBe(all);
  await boxes.first().check({ force: true });
  const log = page.getByRole('form', { name: 'Time taken' });
  await log.getByLabel('Minutes in total, all people').fill('95');
  await log.getByRole('button', { name: 'Save' }).click();
  await expect(log).toContainText('Recorded: 95 min.');
  await page.reload();
  await expect(log).toContainText('at your own pace');
  await log.getByLabel('Minutes in total, all people').fill('');
  await log.getByRole('button', { name: 'Save' }).click();
  await expect(log).not.toContainText('Recorded');
});

test('lengths are those of the packet, size by size', async ({ page, bench }) => {
  await bench.open('/months/m3/cutting-room?colourway=frost&basis=kit');
  await expect(page.getByText(/handed out with February/)).toBeVisible();
  await expect(page.getByRole('row', { name: /Double bed/ }).first()).toBeVisible();
  await page
    .getByRole('checkbox', { name: /is cut$/ })
    .first()
    .check({ force: true });
  await expect(page.locator('[data-progress]')).toContainText('1 of ');
  await open(page, `${page.url()}&people=30`);
  await expect(page.getByText(/already cut/).first()).toBeVisible();
});

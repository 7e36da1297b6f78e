import { expect, open, test } from './bench-of-their-own';

test('ticks survive a reload, and another screen at the table sees them', async ({ page, bench, context }) => {
  await bench.open('/months/m1/cutting-room?colourway=frost');
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
  // Another head count is another list.
  await open(page, page.url().replace(/\?.*/, '?colourway=frost&people=30'));
  await expect(progress(page)).toContainText('0 of ');
});

test('one step at a time, to the end and back; a lost connection loses no tick', async ({ page, bench }) => {
  await bench.open('/months/m1/cutting-room?colourway=dusk');
  await page.getByRole('button', { name: 'One step at a time' }).click();
  const first = await page.locator('[data-step]').getAttribute('data-step');
  await page.route('**/cutting/**', (route) => route.abort());
  await page.getByRole('button', { name: 'Cut; next' }).click();
  await expect(page.locator('[data-step]')).not.toHaveAttribute('data-step', first!);
  await expect(page.getByText('The server does not answer')).toBeVisible();
  await page.unroute('**/cutting/**');
  await expect(page.getByText('The server does not answer')).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: 'One step at a time' }).click();
  await expect(page.locator('[data-progress]')).toContainText('1 of ');
  await page.getByRole('button', { name: 'One step back' }).click();
  await expect(page.locator('[data-step]')).toHaveAttribute('data-step', first!);
  const next = page.getByRole('button', { name: 'Cut; next' });
  const steps = Number(/of (\d+)/.exec(await page.locator('[data-progress]').innerText())![1]);
  for (let i = 0; i < steps; i += 1) await next.click();
  await expect(page.getByText('Everything on this list is cut.')).toBeVisible();
});

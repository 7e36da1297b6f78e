/** The first pages of a house and of a programme: what needs doing, most pressing first, each with the one place where it is done. */
import { demo, expect, open, test } from './bench-of-their-own';
import { enrol, pageOf } from './people';

test('the desk of the demonstration tells what is late first, each with where it is done', async ({ page }) => {
  await open(page, '/');
  const list = page.getByRole('region', { name: 'What needs doing' });
  await list.getByRole('listitem').first().waitFor();
  const heads = await list.getByRole('heading', { level: 3 }).allInnerTexts();
  const order = ['Late', 'Today', 'This week', 'Later'];
  expect(heads).toEqual(order.filter((name) => heads.includes(name)));
  // Other journeys' programmes stand here too, and only the first tasks are shown: the demonstration's own page has its own.
  await open(page, '/programmes/the-allotment-year');
  const late = page.locator('[data-task^=delivery]').filter({ hasText: 'late order' });
  await late.getByRole('link', { name: 'Open Stock & orders' }).click();
  await page.waitForURL('**/programmes/the-allotment-year/bolts*');
  await expect(page.getByText('Harbour Cloth').first()).toBeVisible();
});

test('a question that is asked stands on the desk until it is answered', async ({ page, bench, request }) => {
  const [ada] = await enrol(request, bench.slug, { 'Ada Fenn': {} });
  const own = await pageOf(request, bench.slug, ada!);
  const asked = await request.post(`${own}/own`, { data: { deed: 'ask', month: '', asks: 'May my neighbour fetch my kit?' } });
  expect(asked.ok()).toBe(true);
  await bench.open();
  const task = page.locator('[data-task=question]');
  await expect(task).toContainText('Answer Ada Fenn');
  await expect(task).toContainText('May my neighbour fetch my kit?');
  await task.getByRole('link', { name: 'Open Messages' }).click();
  await page.getByLabel('Answer to Ada Fenn').fill('Yes, of course.');
  await page.getByRole('button', { name: 'Answer' }).click();
  await expect(page.getByText('0 questions to answer')).toBeVisible();
  await bench.open();
  await expect(page.getByRole('region', { name: 'What needs doing' })).toHaveAttribute('aria-busy', 'false');
  await expect(task).toHaveCount(0);
});

test('a programme of which nothing is near says so, and what comes next', async ({ page, request }, info) => {
  const title = `Far ${info.retry}${Date.now()}`;
  const months = demo.months.map(({ release, ...month }: { release: string }) => ({
    ...month,
    release: release.replace(/^20../, '2091'),
  }));
  const answer = await request.post('/api/import', { data: { ...demo, title, months, orders: [], calendar: undefined } });
  const { slug } = await answer.json();
  await open(page, `/programmes/${slug}`);
  await expect(page.getByText(/Nothing is pressing. Next: January, 9 January 2091/)).toBeVisible();
  await open(page, `/programmes/${slug}/settings`);
  await page.getByLabel('Name', { exact: true }).fill(`${title}, again`);
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`${title}, again`);
});

test('the desk goes out by mail to whoever chooses so', async ({ page }) => {
  await open(page, '/');
  const choice = page.getByLabel('By email, in the morning');
  await choice.selectOption({ label: 'on Mondays' });
  await expect(async () => {
    await open(page, '/');
    await expect(choice).toHaveValue('weekly', { timeout: 1_000 });
  }).toPass();
  await choice.selectOption({ label: 'never' });
  await expect(page.getByText(/webcal:\/\//)).toBeVisible();
});

test('nothing of the desk is clipped on a phone, and everything is reached by keyboard', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  for (const path of ['/', '/programmes/the-allotment-year', '/programmes/the-allotment-year/settings']) {
    await open(page, path);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
  await open(page, '/');
  const first = page.locator('[data-task] a').first();
  await first.focus();
  await expect(first).toBeFocused();
});

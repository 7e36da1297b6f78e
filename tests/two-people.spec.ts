import { expect, open, test } from './bench-of-their-own';

test('two people change the same thing: the second is told, sees both, and decides', async ({ page, bench, browser }) => {
  await bench.open('/months/m2/draft');
  const second = await (await browser.newContext()).newPage();
  await open(second, page.url());

  const name = page.getByLabel('Name', { exact: true });
  await name.fill('Rows of Seed');
  await name.press('Enter');
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();

  for (const [mine, choice, stands] of [
    ['Second thoughts', 'Keep theirs', 'Rows of Seed'],
    ['Third thoughts', 'Use mine', 'Third thoughts'],
  ] as const) {
    // The second page has not heard of the first one's change when it makes its own.
    const field = second.getByLabel('Name', { exact: true });
    if (choice === 'Use mine') {
      await name.fill('First again');
      await name.press('Enter');
      await expect(page.locator('[data-save-state=saved]')).toBeVisible();
    }
    await field.fill(mine);
    await field.press('Enter');
    const meeting = second.getByRole('dialog', { name: 'Someone else has changed this too' });
    await expect(meeting).toContainText(mine);
    await expect(meeting).toContainText(choice === 'Use mine' ? 'First again' : stands);
    await meeting.getByRole('button', { name: choice }).click();
    await expect(meeting).toBeHidden();
    await expect(second.locator('[data-save-state=saved]')).toBeVisible();
    await expect(second.getByRole('heading', { level: 1 })).toHaveText(`${stands}: Seed Drill`);
  }
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Third thoughts: Seed Drill');
  await second.context().close();
});

test('two people change different things of one month: both are kept', async ({ page, bench, browser, request }) => {
  await bench.open('/months/m2/draft');
  const second = await (await browser.newContext()).newPage();
  await open(second, page.url());
  await page.getByLabel('Name', { exact: true }).fill('Drilled');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await second.getByLabel('Blocks in a kit').fill('2');
  await second.getByLabel('Blocks in a kit').press('Enter');
  for (const p of [page, second]) await expect(p.locator('[data-save-state=saved]')).toBeVisible();
  // Who comes back to a window sees what the other one did.
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(page.getByLabel('Blocks in a kit')).toHaveValue('2');
  const saved = async () => (await (await request.get(`/programmes/${bench.slug}/document`)).json()).months[1];
  await expect.poll(saved).toMatchObject({ name: 'Drilled', blocks: [{ make: 2 }] });
  await second.context().close();
});

test('a save that finds no server is kept on the device, said plainly, and sent again', async ({ page, bench, request }) => {
  await bench.open('/months/m1/draft');
  await page.route('**/changes', (route) => route.abort());
  await page.getByLabel('Blocks in a kit').fill('3');
  await page.getByLabel('Blocks in a kit').press('Enter');
  await expect(page.getByText('Not saved yet.')).toBeVisible();
  await expect(page.getByText('Your change is kept on this device')).toBeVisible();

  // Even a reload does not lose it.
  await page.reload();
  await expect(page.getByLabel('Blocks in a kit')).toHaveValue('3');
  await expect(page.getByText('Not saved yet.')).toBeVisible();
  await page.unroute('**/changes');
  await page.getByRole('button', { name: 'Try now' }).click();
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  const saved = await (await request.get(`/programmes/${bench.slug}/document`)).json();
  expect(saved.months[0].blocks[0].make).toBe(3);
});

test('house style: a change reaches every month; what the checks refuse is not taken', async ({ page, bench }) => {
  await bench.open('/settings');
  await page.getByLabel('Seam allowance, in').fill('5');
  await page.getByLabel('Seam allowance, in').press('Enter');
  await expect(page.getByRole('alert')).toContainText('beyond reason');
  await page.getByLabel('Seam allowance, in').fill('3/8');
  await page.getByLabel('Seam allowance, in').press('Enter');
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await page
    .getByRole('link', { name: /March: Cloche/ })
    .first()
    .click();
  // 3 + (2 + √2) × 3/8 = 4.28, up to 4 3/8.
  await expect(page.getByRole('button', { name: '4 3/8: why this number?' }).first()).toBeVisible();
});

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

test('two people on one drawing: what does not touch joins; what meets is shown as pictures, and neither is lost', async ({
  page,
  bench,
  browser,
}) => {
  await bench.open('/months/m12/draft');
  await page.getByRole('button', { name: 'A plain 4 by 4 grid' }).click();
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  const second = await (await browser.newContext()).newPage();
  await open(second, page.url());
  /** Gives the patch at a place of the 4 by 4 grid a letter. */
  async function give(who: typeof page, letter: string, x: number, y: number) {
    const board = who.getByRole('application');
    await board.scrollIntoViewIfNeeded();
    const { width } = (await board.boundingBox())!;
    const at = (n: number) => ((n / 4 + 4 / 300) / (1 + 8 / 300)) * width;
    await who.getByRole('button', { name: 'Change fabric' }).click();
    await who.getByRole('button', { name: `Letter ${letter}` }).click();
    await board.click({ position: { x: at(x + 0.5), y: at(y + 0.5) } });
  }
  const kinds = (who: typeof page) => who.locator('p', { hasText: 'Complete' });
  await give(page, 'B', 0, 0);
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await give(second, 'C', 3, 3);
  await expect(second.locator('[data-save-state=saved]')).toBeVisible();
  // Both stand there now, and nobody was asked.
  await expect(kinds(second)).toContainText('3 fabrics');

  await give(page, 'D', 0, 0);
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await give(second, 'C', 0, 0);
  const meeting = second.getByRole('dialog', { name: 'Someone else has changed this too' });
  await expect(meeting.locator('[data-drawing-met] svg')).toHaveCount(3);
  await expect(meeting.getByText('1 patch changed')).toHaveCount(2);
  await expect(meeting).not.toContainText('points');
  await meeting.getByRole('button', { name: 'Keep theirs' }).click();
  await expect(second.locator('[data-save-state=saved]')).toBeVisible();
  await expect(kinds(second)).toContainText('3 fabrics');
  await second.keyboard.press('Control+Shift+z');
  await expect(kinds(second)).toContainText('2 fabrics');
  await second.keyboard.press('Control+z');
  await expect(kinds(second)).toContainText('3 fabrics');
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

/** Everything of a year can be changed on screen, undone and done again: months, the blocks in them, the letters of the design. */
import { demo, expect, open, test } from './bench-of-their-own';

test('months are put in, moved by arrows, copied and taken out; days stay with their place, and undo brings all of it back', async ({
  page,
  bench,
}) => {
  const document = async () => (await (await page.request.get(`/programmes/${bench.slug}/document`)).json()) as typeof demo;
  const before = await document();
  await bench.open();
  await page.getByRole('button', { name: 'Change the months' }).click();
  const lines = page.getByRole('list', { name: 'Change the months' }).getByRole('listitem');
  await page.getByRole('button', { name: 'Insert a month after January' }).click();
  await expect(lines).toHaveCount(demo.months.length + 1);
  await expect(lines.nth(1).getByLabel('Name of month 2')).toHaveValue('New month');
  await lines.nth(1).getByLabel('Name of month 2').fill('Midwinter');
  await lines.nth(1).getByLabel('Name of month 2').press('Tab');
  await page.getByRole('button', { name: 'Move Midwinter down' }).click();
  await expect(lines.nth(2).getByLabel('Name of month 3')).toHaveValue('Midwinter');
  await expect(page.getByText('Midwinter is now number 3.')).toBeAttached();
  await page.getByRole('button', { name: 'Copy February' }).click();
  await expect(lines).toHaveCount(demo.months.length + 2);
  await page.getByRole('button', { name: 'Delete March' }).click();
  const dialog = page.getByRole('dialog', { name: 'Delete March?' });
  await expect(dialog).toContainText('Cloche: removed');
  await dialog.getByRole('button', { name: 'Delete it' }).click();
  await expect(lines).toHaveCount(demo.months.length + 1);
  await expect(page.getByText(/^saved/)).toBeVisible();
  await expect
    .poll(async () => (await document()).months.map((m: { name: string }) => m.name).slice(0, 5))
    .toEqual(['January', 'February', 'February (copy)', 'Midwinter', 'April']);
  const days = (of: typeof demo) => of.months.map((m: { release?: string }) => m.release);
  expect(days(await document()).slice(0, 2)).toEqual(days(before).slice(0, 2));
  // Insert, name, move, copy, delete.
  for (let i = 0; i < 5; i += 1) await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(document).toEqual(before);
});

test('a month gets a second block, which is copied, moved and given to another month', async ({ page, bench }) => {
  const blocksOf = async (id: string) => {
    const { months } = (await (await page.request.get(`/programmes/${bench.slug}/document`)).json()) as typeof demo;
    return (months.find((m: { id: string }) => m.id === id).blocks ?? []).map((b: { block: string }) => b.block);
  };
  const [first] = await blocksOf('m1');
  await bench.open('/months/m1/draft');
  await page.getByRole('button', { name: 'Add a block' }).click();
  await page
    .getByRole('region', { name: 'Add a block to this month' })
    .getByRole('button', { name: /Broken Dishes/ })
    .first()
    .click();
  await expect.poll(() => blocksOf('m1')).toHaveLength(2);
  await page.locator('[data-block-as-a-whole] summary').click();
  await page.getByLabel('Name of the block').fill('Butter Churn');
  await page.getByLabel('Name of the block').press('Enter');
  await expect(page.getByRole('button', { name: '2 · Butter Churn' })).toBeVisible();
  await page.getByRole('button', { name: 'Copy as a new drawing' }).click();
  await expect(page.getByRole('button', { name: '3 · Butter Churn (copy)' })).toBeVisible();
  await page.getByRole('button', { name: 'Earlier in the month' }).click();
  await page.getByRole('button', { name: 'Earlier in the month' }).click();
  await expect(page.getByRole('button', { name: '1 · Butter Churn (copy)' })).toBeVisible();
  await page.getByLabel('Move to another month').selectOption({ label: 'March' });
  await expect.poll(() => blocksOf('m1')).toHaveLength(2);
  await expect.poll(async () => (await blocksOf('m3')).at(-1)).not.toBe(first);
  expect((await blocksOf('m1'))[0]).toBe(first);
});

test('letters: one more, two exchanged, one taken out, each told before it happens', async ({ page, bench }) => {
  await bench.open('/fabrics');
  const form = page.getByRole('region', { name: 'Letters of the design' });
  await form.getByRole('button', { name: 'Add a letter' }).click();
  await expect(form).toContainText('Nothing uses it.');
  const added = (await form.innerText()).match(/([A-Z]) is selected/)![1]!;
  await form.getByLabel(`Call ${added} instead`).fill('A');
  await form.getByLabel(`Call ${added} instead`).press('Enter');
  const exchange = page.getByRole('dialog', { name: `Exchange ${added} and A?` });
  await expect(exchange).toContainText('every patch keeps its fabric');
  await exchange.getByRole('button', { name: 'Exchange them' }).click();
  await expect(form).toContainText('A is selected. Nothing uses it.');
  await form.getByRole('button', { name: 'Remove A' }).click();
  await page.getByRole('dialog', { name: 'Remove letter A?' }).getByRole('button', { name: 'Remove it' }).click();
  await expect(form).not.toContainText('A is selected');
  await expect(page.getByText(/^saved/)).toBeVisible();
  await open(page, `/programmes/${bench.slug}/record`);
  await expect(page.getByRole('main')).toContainText(/letters|fabrics|A: removed/);
});

test('a year begins as a copy of another one, with nobody in it, and from nothing with ready fabrics', async ({
  page,
  bench,
}) => {
  const mark = bench.slug.slice(-6);
  await open(page, '/programmes/new');
  await page.getByLabel('Name').fill(`Next year ${mark}`);
  await page.getByLabel('Start from').selectOption({ value: bench.slug });
  await page.getByLabel('First release').fill('2028-01-08');
  await expect(page.getByText('Nobody is enrolled')).toBeVisible();
  await expect(page.getByLabel('Number of releases')).toHaveCount(0);
  await page.getByRole('button', { name: 'Create the copy' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Next year ${mark}`);
  await expect(page.getByText('8 January 2028').first()).toBeVisible();
  await expect(page.getByText(`${demo.months.length} months`).first()).toBeVisible();
  await open(page, '/programmes/new');
  await page.getByLabel('Name').fill(`From nothing ${mark}`);
  await page.getByLabel('Number of releases').fill('2');
  await page.getByRole('radio', { name: 'Estuary' }).check({ force: true });
  await page.getByRole('button', { name: 'Create and draw the first block' }).click();
  await page.waitForURL('**/months/m1/draft');
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('link', { name: 'Fabrics' }).click();
  await expect(page.getByRole('option', { name: 'Sea Mist' }).first()).toBeAttached();
});

test('an earlier state is looked at and comes back, as a whole or in part, and can be undone', async ({ page, bench }) => {
  await bench.open('/settings');
  await page.getByLabel('Name', { exact: true }).first().fill('Gone Tomorrow');
  await page.getByLabel('Name', { exact: true }).first().press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gone Tomorrow');
  await bench.open('/quilt');
  await page.getByLabel('Across', { exact: true }).fill('2');
  await page.keyboard.press('Tab');
  await bench.open('/record');
  await page.getByRole('link', { name: 'Look at it' }).last().click();
  await expect(page.getByRole('img', { name: /^The quilt: Then/ })).toBeVisible();
  await page.getByRole('checkbox', { name: 'The quilt' }).uncheck();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(demo.title);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gone Tomorrow');
});

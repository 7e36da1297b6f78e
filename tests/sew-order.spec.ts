import { expect, plain, test } from './bench-of-their-own';

test('the block is put together step by step, by keys and by the slider', async ({ page, bench }) => {
  await bench.open('/months/m1/sew');
  await expect(page.getByRole('heading', { name: 'U1: make 8 half-square triangles, eight at a time' })).toBeVisible();
  const slider = page.getByRole('slider', { name: 'Step' });
  const last = Number(await slider.getAttribute('max'));
  for (let i = 0; i < last; i += 1) await page.keyboard.press('ArrowRight');
  await expect(slider).toHaveAttribute('aria-valuetext', new RegExp(`The block, step ${last + 1} of ${last + 1}`));
  await expect(page.getByRole('region', { name: 'Step' }).first()).toContainText('Sewn and pressed');
  expect(plain(await page.locator('main').innerText())).toContain('Measure: 12 1/2.');
  await page.getByRole('button', { name: 'The step before' }).click();
  await expect(slider).toHaveAttribute('aria-valuetext', new RegExp(`step ${last} of`));
});

test('a method chosen here changes the cuts at once, at every station', async ({ page, bench }) => {
  await bench.open('/months/m1/sew');
  await page.getByRole('radio', { name: /two at a time/ }).check();
  await expect(page.getByRole('heading', { name: /two at a time/ })).toBeVisible();
  await page.keyboard.press('1');
  await expect(page.locator('[data-cut="cold-frame:A1"]')).toContainText('4');
  expect(plain(await page.locator('[data-cut="cold-frame:A1"]').innerText())).toContain('3 7/8');
  await page.keyboard.press('Control+z');
  await expect.poll(async () => plain(await page.locator('[data-cut="cold-frame:A1"]').innerText())).toContain('7 3/4');
});

test('one key sews the same picture from other units, and tells what it costs', async ({ page, bench }) => {
  await bench.open('/months/m4/sew');
  const other = page.getByRole('region', { name: 'Other units' });
  await expect(other).toContainText('could be a flying goose');
  await expect(other).toContainText(/fewer seams/);
  await page.keyboard.press('x');
  await expect(page.getByRole('heading', { name: /flying geese/ }).first()).toBeVisible();
  await expect(page.getByText('saved', { exact: false }).first()).toBeVisible();
});

test('a die described in the house style can be chosen; taken out, it is gone', async ({ page, bench }) => {
  await bench.open('/settings');
  const dies = page.getByRole('region', { name: 'Dies' });
  await dies.getByLabel('Unit finishes at').fill('3');
  await dies.getByLabel('Strip width').fill('wide');
  await dies.getByLabel('Strip length').fill('12');
  await dies.getByLabel('Units per pass').fill('6');
  await dies.getByRole('button', { name: 'Add the die' }).click();
  await expect(dies.getByRole('alert')).toContainText('is not a length');
  await dies.getByLabel('Strip width').fill('4');
  await dies.getByRole('button', { name: 'Add the die' }).click();
  await expect(dies).toContainText('6 from a strip 4 by 12');
  await bench.open('/months/m1/sew');
  await page.getByRole('radio', { name: /with a die/ }).check();
  await expect(page.getByRole('heading', { name: /with a die/ })).toBeVisible();
});

test('a shape without a ruler formula comes with its template', async ({ page, bench }) => {
  await bench.open('/months/m12/draft');
  await page.getByRole('button', { name: 'Long Shadow' }).click();
  await page.keyboard.press('2');
  const templates = page.getByRole('region', { name: 'Templates' });
  await expect(templates.getByRole('img')).not.toHaveCount(0);
  const [download] = await Promise.all([page.waitForEvent('download'), templates.getByRole('button').first().click()]);
  expect(download.suggestedFilename()).toMatch(/^long-shadow-A1\.svg$/);
});

test('another way to put the block together is chosen with one key, and undone', async ({ page, bench }) => {
  await bench.open('/months/m3/sew');
  const ways = page.getByRole('region', { name: 'Ways to put it together' });
  await expect(ways.getByRole('radio').first()).toBeChecked();
  await expect(ways).toContainText('in quarters, as usual');
  await page.keyboard.press('j');
  await expect(ways.getByRole('radio').nth(1)).toBeChecked();
  // The sheet tells it so.
  await page.getByRole('link', { name: 'Instructions', exact: true }).click();
  const sheet = page.getByRole('article', { name: 'Sheet' });
  await expect(sheet).toContainText('Put the block together');
  await expect(sheet).not.toContainText('quarter-blocks');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(sheet).toContainText('quarter-blocks');
});

test('slips stand beside the right picture, and the back shows how seams are pressed', async ({ page, bench }) => {
  await bench.open('/months/m1/sew');
  const slips = page.getByRole('region', { name: 'Common mistakes' });
  await expect(slips.getByRole('img', { name: 'The correct block' })).toBeVisible();
  await expect(slips.getByRole('img', { name: /^Wrong: / })).toHaveCount(3);
  await expect(page.getByRole('img', { name: /from the back/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Pressing' })).toContainText('seam intersections nest');
});

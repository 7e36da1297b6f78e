/** What participants send, in one place for the organiser, as far as each of them lets it be seen. */
import { expect, open, test } from './bench-of-their-own';
import { enrol, letOut, pageOf } from './people';

const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

test('ticks, a question, a picture and measurements come together; consent is asked for, shown and taken back', async ({
  page,
  request,
  bench,
  browser,
}) => {
  const [ada] = await enrol(request, bench.slug, { 'Ada Fenn': {}, 'Bea Moor': {} });
  const address = await pageOf(request, bench.slug, ada!);
  await bench.open('/progress');
  await expect(page.getByText('No month is released yet.')).toBeVisible();
  const month = 'm1';
  await bench.open(`/months/${month}/release`);
  await letOut(page);

  const hers = await (await browser.newContext({ viewport: { width: 390, height: 800 } })).newPage();
  await open(hers, address);
  await hers
    .getByRole('group', { name: /^How far with/ })
    .getByRole('checkbox')
    .first()
    .check();
  await hers.getByLabel('A picture from your device').setInputFiles({ name: 'a.png', mimeType: 'image/png', buffer: PIXEL });
  await expect(hers.getByRole('button', { name: 'Delete' })).toBeVisible();
  await hers.getByLabel('Seams across, size 1').fill('3');
  await hers.getByLabel('Should be, size 1').fill('12 1/2');
  await hers.getByLabel('Is, size 1').fill('12 5/16');
  await hers.getByRole('button', { name: 'Send to the organiser' }).click();
  await expect(hers.getByRole('button', { name: 'Take back' })).toBeVisible();

  await bench.open('/progress');
  const sent = page.locator('[data-sent]');
  await expect(sent).toContainText('1 more picture is kept private by its owner.');
  await expect(sent.locator('[data-measured="Ada Fenn"]')).toContainText('the sheet says');
  await expect(page.locator('[data-person-done]').first()).toHaveAttribute('data-person-done', 'Bea Moor');
  await expect(page.locator(`[data-month-done=${month}]`)).toContainText('1 of 2');
  await expect(sent.locator('[data-picture]')).toHaveCount(0);
  // How likely a block comes out is reckoned with what was measured, as long as she lets it be known.
  await bench.open(`/months/${month}/sew`);
  await expect(page.locator('[data-group="1"]')).toContainText('Reckoned with 1 size that 1 of your people measured');

  await hers.getByLabel('The organiser and me').check();
  await expect(hers.getByLabel('The organiser and me')).toBeChecked();
  await hers.getByRole('button', { name: 'Take back' }).click();
  await expect(hers.getByRole('button', { name: 'Take back' })).toHaveCount(0);
  await bench.open('/progress');
  await expect(sent.locator('[data-picture="Ada Fenn"]')).toContainText('For you only');
  await expect(sent.locator('[data-picture] img')).toHaveJSProperty('complete', true);
  expect(await sent.locator('[data-picture] img').evaluate((img) => (img as HTMLImageElement).naturalWidth)).toBeGreaterThan(0);
  await expect(sent.locator('[data-measured]')).toHaveCount(0);
  await bench.open(`/months/${month}/sew`);
  await expect(page.getByText('A forecast from how people usually sew')).toBeVisible();
  await expect(page.locator('[data-group]')).toHaveCount(0);
  await bench.open('/progress');
  // One person alone, and back to all.
  await page.locator('[data-person-done="Bea Moor"]').getByRole('button').click();
  await expect(page.locator('[data-person-done]')).toHaveCount(1);
  await expect(sent).toContainText('Nothing sent yet.');
  await page.getByRole('button', { name: 'Show everything' }).click();
  await expect(sent.locator('[data-picture]')).toHaveCount(1);
  await hers.context().close();
});

/** Somebody else's cutting list held against the drawing: typed, from a PDF, and over one's own published sheet. */
import PDFDocument from 'pdfkit';
import type { Page } from '@playwright/test';
import { expect, open, test } from './bench-of-their-own';

const line = (page: Page, n: number) => page.locator(`[data-line="${n}"]`);
const checked = (page: Page, what: string) => expect(page.locator('[data-proof]')).toHaveAttribute('data-proof', what);
const LIST = [
  'Ladder, 12" finished',
  'Dark: four 3 1/2" x 6 1/2" rectangles',
  'Dark: one 4 5/8" square',
  'Red: 2 squares 3 7/8", cut once diagonally',
  'Green: 4 squares 3 7/8"',
  'Green: about 4 squares 3 1/2"',
  'Plum: 4 squares 2 1/2"',
  'Press towards the darker fabric throughout.',
].join('\n');

function pdfOf(lines: readonly string[]): Promise<Buffer> {
  const doc = new PDFDocument({ size: 'A4' });
  const parts: Buffer[] = [];
  doc.on('data', (part: Buffer) => parts.push(part));
  const done = new Promise<Buffer>((resolve) => doc.on('end', () => resolve(Buffer.concat(parts))));
  for (const text of lines) doc.text(text);
  doc.end();
  return done;
}

test('each line of a list is right, or told what should stand there; fabrics, methods and words are taken as she says', async ({
  page,
  bench,
}) => {
  await open(page, `/programmes/${bench.slug}/months/m8/cut`);
  await page.getByRole('link', { name: 'Check somebody else’s cutting list' }).click();
  await page.waitForURL('**/cut/list');
  await page.getByLabel('The cutting list').fill(LIST);
  await checked(page, '2 of 6');
  await expect(line(page, 1)).toHaveAttribute('data-is', 'aside');
  await expect(line(page, 2)).toHaveAttribute('data-is', 'right');
  await expect(line(page, 3)).toContainText('1/8 in too small: cut 1 square of 4 3/4 in.');
  await expect(line(page, 6)).toHaveAttribute('data-is', 'doubt');
  await expect(line(page, 7)).toContainText('This block uses no such fabric.');
  await expect(page.locator('[data-missing]')).toContainText('C (Kale): 12 squares of 3 1/2 in');

  // She says which fabric is which, and takes it back.
  await page.getByLabel('‘plum’ is').selectOption('B');
  await expect(page.getByText('set by you')).toBeVisible();
  await expect(line(page, 7)).not.toContainText('uses no such fabric');
  await page.getByRole('button', { name: 'find it again' }).click();
  await expect(line(page, 7)).toContainText('This block uses no such fabric.');

  // Only what is to be looked at; then the sentences go among her notes, and come off again.
  await page.getByLabel('Only what is to be looked at').check();
  await expect(line(page, 2)).toHaveCount(0);
  await page.getByLabel('Press towards the darker fabric throughout.').check();
  await page.getByRole('button', { name: 'Put 1 sentence on the sheet' }).click();
  await expect(page.getByText('They are among your notes')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Press towards the darker fabric throughout.')).toBeVisible();

  await page.getByLabel('Only what is to be looked at').uncheck();

  // A list that means another method is right, and Piecing follows it.
  await page
    .getByLabel('The cutting list')
    .fill(
      'A: 1 square 7 1/4"\nA: 1 square 4 3/4"\nB: 2 squares 3 7/8", cut once diagonally\nC: 4 squares 3 7/8"\nC: 4 squares 3 1/2"',
    );
  await checked(page, '5 of 5');
  await expect(page.getByText('All 5 lines about cutting are right.')).toBeVisible();
  await expect(line(page, 4)).toContainText('by another method than yours: flying geese, four at a time');
  await page.getByRole('button', { name: 'Sew by its methods' }).click();
  await expect(page.getByText('Your drawing is now sewn by these methods.')).toBeVisible();
  await expect(line(page, 4)).toContainText('Right.');
  await expect(line(page, 4)).not.toContainText('another method');
});

test('a PDF is read on the device, a picture of a page says so, and the year’s own published sheet is right in all lines', async ({
  page,
  bench,
}) => {
  const asked: string[] = [];
  page.on('request', (request) => void (request.method() !== 'GET' && asked.push(request.url())));
  await open(page, `/programmes/${bench.slug}/months/m3/cut/list`);
  const file = page.locator('input[type=file]');
  const lines = ['Fabric A: cut (4) 3 7/8" squares', 'Fabric A: cut (4) 3 1/2" squares', 'Trim each unit to 3 1/2" square.'];
  await file.setInputFiles({ name: 'list.pdf', mimeType: 'application/pdf', buffer: await pdfOf(lines) });
  await expect(page.getByLabel('The cutting list')).toHaveValue(/\(4\) 3 7\/8" squares\n.*3 1\/2" squares/);
  await expect(line(page, 1)).toHaveAttribute('data-is', /right|wrong|doubt/);
  expect(asked).toEqual([]);

  await file.setInputFiles({ name: 'scan.pdf', mimeType: 'application/pdf', buffer: await pdfOf([]) });
  await expect(page.getByRole('alert')).toContainText('There is no text in this file');
  await file.setInputFiles({ name: 'photo.txt', mimeType: 'text/plain', buffer: Buffer.from([0, 1, 2, 3]) });
  await expect(page.getByRole('alert')).toContainText('This file can’t be opened');

  await page.request.post(`/api/programmes/${bench.slug}/sheets/m4`);
  await open(page, `/programmes/${bench.slug}/months/m4/cut/list`);
  await page.getByRole('button', { name: /^version 1, / }).click();
  await expect(page.getByText(/^All \d+ lines about cutting are right\.$/)).toBeVisible();
});

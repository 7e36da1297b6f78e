import { expect, plain, test, type Bench } from './bench-of-their-own';
import type { Page } from '@playwright/test';

/** A place on the drafting board in cells of its grid. */
async function spot(page: Page, x: number, y: number, cells = 4) {
  const board = page.getByRole('application');
  const box = (await board.boundingBox())!;
  // The board has a margin of 4/300 of its side.
  const margin = 4 / 300;
  const at = (n: number) => ((n / cells + margin) / (1 + 2 * margin)) * box.width;
  return { position: { x: at(x), y: at(y) } };
}
const touch = async (page: Page, x: number, y: number) => page.getByRole('application').click(await spot(page, x, y));

/** An empty month with a plain grid of four by four. */
async function plainMonth(page: Page, bench: Bench) {
  await bench.open('/months/m12/draft');
  await page.getByRole('button', { name: 'A plain 4 by 4 grid' }).click();
  await expect(page.getByText('16 patches, 1 fabric')).toBeVisible();
}
const made = (page: Page) => page.locator('p', { hasText: 'Complete' });

test('an empty month begins with a drawing from the library, and undo takes it back', async ({ page, bench }) => {
  await bench.open('/months/m11/draft');
  await page.getByLabel('Search blocks').fill('ohio');
  await page.getByRole('button', { name: 'Ohio Star' }).click();
  await expect(made(page)).toContainText('4 quarter-square triangles and 5 plain patches');
  expect(plain(await page.locator('tbody').first().innerText())).toContain('A1');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('No block yet')).toBeVisible();
});

test('a star is drawn by seams, recasting and symmetry, and is understood while it grows', async ({ page, bench }) => {
  await plainMonth(page, bench);
  await page.keyboard.press('s');
  await page.getByLabel('Repeat each change').selectOption('four-fold');
  await touch(page, 1, 1);
  await touch(page, 2, 0);
  await expect(made(page)).toContainText('20 patches');
  await page.keyboard.press('f');
  await page.getByRole('button', { name: 'Letter B' }).click();
  await touch(page, 1.8, 0.8);
  await expect(made(page)).toContainText('4 half-square triangles and 12 plain patches');
  // The whole step is one: undo takes all four triangles back to A.
  await page.keyboard.press('Control+z');
  await expect(made(page)).toContainText('1 fabric,');
  await page.keyboard.press('Control+Shift+z');
  await expect(made(page)).toContainText('2 fabrics');
});

test('a unit is laid, turned and taken apart; what cannot be is said', async ({ page, bench }) => {
  await plainMonth(page, bench);
  await page.keyboard.press('u');
  await page.getByRole('button', { name: 'Flying goose' }).click();
  await touch(page, 1.2, 1.2);
  await expect(made(page)).toContainText('1 flying goose');
  await touch(page, 3.5, 3.5);
  await expect(page.getByRole('status').filter({ hasText: 'no room' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('j');
  await touch(page, 0.5, 0.5);
  await touch(page, 2, 1.8);
  await expect(page.getByText('These patches can’t be merged: they don’t share one whole straight edge.')).toBeVisible();
  await touch(page, 0.5, 0.5);
  await touch(page, 0.5, 1.5);
  await expect(made(page)).toContainText('16 patches');
});

test('everything is drawn with keys alone', async ({ page, bench }) => {
  await plainMonth(page, bench);
  await page.getByRole('application').focus();
  await page.keyboard.press('s');
  for (const key of ['ArrowDown', 'Enter', 'ArrowUp', 'ArrowRight', 'Enter']) await page.keyboard.press(key);
  await expect(made(page)).toContainText('17 patches');
  await page.keyboard.press('f');
  await page.keyboard.press('Shift+B');
  for (const key of ['ArrowLeft', 'Enter']) await page.keyboard.press(key);
  await expect(made(page)).toContainText('1 half-square triangle and 15 plain patches');
});

test('the grid grows, shrinks and is made finer; a grid that cuts the drawing badly is refused', async ({ page, bench }) => {
  await plainMonth(page, bench);
  await page.getByLabel('Squares across').fill('5');
  await page.getByLabel('Squares across').press('Enter');
  await expect(made(page)).toContainText('20 patches');
  await page.getByRole('button', { name: 'Finer grid (×2' }).click();
  await expect(page.getByLabel('Squares down')).toHaveValue('8');
  await page.getByLabel('Squares down').fill('65');
  await page.getByLabel('Squares down').press('Enter');
  await expect(page.getByText('Type a whole number of squares from 1 to 64.')).toBeVisible();
});

test('a block leaves as a file or as SVG, and comes back the same', async ({ page, bench }) => {
  for (const [button, file] of [
    ['Save as block file', 'cold-frame.block.json'],
    ['Save as SVG', 'cold-frame.svg'],
  ] as const) {
    await bench.open('/months/m1/draft');
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: button }).click()]);
    expect(download.suggestedFilename()).toBe(file);
    const units = await made(page).innerText();
    await bench.open(`/months/${file.endsWith('svg') ? 'm11' : 'm12'}/draft`);
    const path = test.info().outputPath(file);
    await download.saveAs(path);
    await page.getByLabel('From a file…').setInputFiles(path);
    await expect(made(page)).toHaveText(units);
  }
  await bench.open('/months/m10/draft');
  await page.getByLabel('From a file…').setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from(
      '{"format":"aggrega-block","version":1,"grid":[1,1],"patches":[{"role":"A","points":[[0,0],[1,0],[0,1]]}]}',
    ),
  });
  await expect(page.getByRole('alert')).toContainText('there’s a gap in the block');
});

test('a drawing from another program is laid on its grid, its colours get our letters, and what was changed is said', async ({
  page,
  bench,
}) => {
  await bench.open('/months/m12/draft');
  // A star on a ground that lies all around its middle, off a page's corner, one colour more than there are fabrics.
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 300 300"><title>Six Bells</title>
    <style>.sky{fill:#26547c}</style><g transform="translate(30 30)">
    <rect width="240" height="240" fill="#fdf6e3"/><path class="sky" d="M0 0h60v60zM240 0v60h-60zM240 240h-60v-60zM0 240v-60h60z"/>
    <rect x="90" y="90" width="60" height="60" fill="darkred"/><rect x="100" y="62" width="0.5" height="9" fill="#123"/>
    <polygon points="90,90 120,60 150,90" fill="#0a7"/><polygon points="90,150 120,180 150,150" fill="#cc8800"/>
    <circle cx="120" cy="120" r="9" fill="red"/></g></svg>`;
  await page
    .getByLabel('From a file…')
    .setInputFiles({ name: 'bells.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
  const panel = page.locator('[data-taking]');
  await expect(panel.getByLabel('Squares across')).toHaveValue('8');
  await expect(panel).toContainText('1 shape with curved edges is left out');
  await expect(panel).toContainText('cut into several along the dashed lines');
  await expect(panel.getByRole('status')).toContainText('2 of them become');
  await panel.getByLabel('Squares across').fill('3');
  await panel.getByLabel('Squares across').press('Enter');
  await expect(panel.getByText(/Corners moved onto the grid by up to|This grid won’t do/).first()).toBeVisible();
  await panel.getByRole('button', { name: '8 × 8' }).click();
  await panel.getByLabel('Letter for Colour 1').selectOption('D');
  await expect(panel.getByLabel('Letter for Colour 1')).toHaveValue('D');
  await panel.getByRole('button', { name: 'Use this drawing' }).click();
  await expect(panel).toHaveCount(0);
  await expect(made(page)).toContainText('no gaps or overlaps');
  await expect(page.getByRole('textbox', { name: 'Name of the block' }).or(page.getByText('Six Bells').first())).toBeVisible();

  await bench.open('/months/m10/draft');
  await page.getByLabel('From a file…').setInputFiles({
    name: 'x.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from('<svg xmlns="x"><text>Bells</text></svg>'),
  });
  await expect(page.getByRole('alert')).toContainText('nothing is drawn in it that has straight edges');
});

test.describe('on a tablet at the cutting table', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('a drawing is made with a finger, and what it is made of stands beside it', async ({ page, bench }) => {
    await plainMonth(page, bench);
    await page.getByRole('button', { name: /^Add unit/ }).tap();
    await page.getByRole('button', { name: 'Square in a square' }).tap();
    await page.getByLabel('Size: grid squares on the short side').selectOption('2');
    const { position } = await spot(page, 1.4, 1.4);
    await page.getByRole('application').tap({ position });
    await expect(made(page)).toContainText('1 square in a square');
    await page.getByRole('button', { name: /^Change fabric/ }).tap();
    await page.getByRole('button', { name: 'Letter C' }).tap();
    await page.getByRole('application').tap(await spot(page, 2, 2));
    await expect(made(page)).toContainText('3 fabrics');
    const buttons = await page.getByRole('toolbar').getByRole('button').all();
    for (const button of buttons.slice(0, 6)) expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(36);
  });
});

test('another drawing takes the place of one that is there, and undo brings it back', async ({ page, bench }) => {
  await bench.open('/months/m1/draft');
  const before = await made(page).innerText();
  await page.getByRole('button', { name: 'Replace drawing…' }).click();
  await page.getByLabel('Search blocks').fill('no such thing');
  await expect(page.getByText('No block matches.')).toBeVisible();
  await page.getByLabel('Search blocks').fill('partial');
  await page.getByRole('button', { name: 'Weather Wheel' }).click();
  await expect(made(page)).toContainText('sewn with a partial seam');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(made(page)).toHaveText(before);
});

test('a unit is turned and mirrored where it lies', async ({ page, bench }) => {
  await bench.open('/months/m1/draft');
  await page.keyboard.press('r');
  const corner = () =>
    page.locator('[data-patch]').evaluateAll((all) =>
      all
        .map((p) => p.getAttribute('points'))
        .sort()
        .join('|'),
    );
  const before = await corner();
  await touch(page, 1.5, 0.5);
  await expect.poll(corner).not.toBe(before);
  await page.getByRole('application').click({ ...(await spot(page, 1.5, 0.5)), modifiers: ['Shift'] });
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect.poll(corner).toBe(before);
});

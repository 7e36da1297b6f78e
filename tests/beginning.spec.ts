/** From an empty house to a right sheet and a cutting list: what a stranger does, counted, and the numbers worked out apart. */
import { expect, open, plain, test } from './bench-of-their-own';
import type { BlockFile } from '@aggrega/core/block';
import type { ProgrammeFile } from '@aggrega/core/programme';
import type { Browser, Page } from '@playwright/test';

/** Squares and half-square triangles of a block by letter: finished size in inches, and how many of each. Undefined where it holds other shapes. */
function shapesOf({ patches, grid }: BlockFile, finished: number) {
  const cell = finished / grid[0];
  const found = new Map<string, number>();
  for (const { role, points } of patches) {
    const xs = points.map(([x]) => Number(x));
    const ys = points.map(([, y]) => Number(y));
    const w = Math.max(...xs) - Math.min(...xs);
    const h = Math.max(...ys) - Math.min(...ys);
    const level = points.filter(([x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length]!;
      return x === nx || y === ny;
    }).length;
    const square = points.length === 4 && level === 4;
    const triangle = points.length === 3 && level === 2;
    if (w !== h || !(square || triangle)) return undefined;
    const key = `${role} ${square ? 'square' : 'triangle'} ${w * cell}`;
    found.set(key, (found.get(key) ?? 0) + 1);
  }
  return found;
}

/** Cut sizes as the chart has them: a square finishes half an inch smaller, two triangles come from a square seven eighths larger. */
function cutsOf(shapes: ReadonlyMap<string, number>): Map<string, number> {
  const cuts = new Map<string, number>();
  for (const [key, n] of shapes) {
    const [letter, shape, size] = key.split(' ') as [string, string, string];
    const cut = `${letter} ${Number(size) + (shape === 'square' ? 1 / 2 : 7 / 8)}`;
    cuts.set(cut, (cuts.get(cut) ?? 0) + (shape === 'square' ? n : n / 2));
  }
  return cuts;
}

/** '3 7/8' */
const inches = (typed: string) =>
  plain(typed)
    .split(' ')
    .reduce((sum, part) => {
      const [n, d = '1'] = part.split('/');
      return sum + Number(n) / Number(d);
    }, 0);

async function documentOf(page: Page, home: string): Promise<ProgrammeFile> {
  return (await (await page.request.get(`${home}/document`)).json()) as ProgrammeFile;
}

/** A house of its own, with nothing in it. */
async function emptyHouse(browser: Browser, mark: string): Promise<Page> {
  const own = await (await browser.newContext()).newPage();
  await open(own, '/begin');
  await own.getByLabel('Name of the shop or guild').fill(`Gatepost Quilters ${mark}`);
  await own.getByLabel('Your name').fill('Nell Ashby');
  await own.getByLabel('Your email').fill(`nell.${mark}@example.org`);
  await own.getByLabel('Password', { exact: true }).fill('forty kits before Friday');
  await own.getByRole('button', { name: 'Create' }).click();
  await expect(own.getByText('There is no programme here yet')).toBeVisible();
  return own;
}

test('from nothing to a sheet and a cutting list for forty in a dozen clicks, and every number is right', async ({
  page,
  browser,
}, info) => {
  test.setTimeout(240_000);
  const mark = `${info.retry}${Date.now().toString(36)}`;
  const own = await emptyHouse(browser, mark);

  let clicks = 0;
  const click = async (name: string | RegExp, role: 'button' | 'link' = 'button') => {
    clicks += 1;
    await own
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .click();
  };
  await click('Compose a year', 'link');
  await own.getByLabel('Name').fill(`Gatepost Year ${mark}`);
  await own.getByLabel('Participants').fill('40');
  await click('Compose');
  await expect(own.getByText('Checked: every packet, bundle and lesson fits.')).toBeVisible({ timeout: 120_000 });
  await click('Create this programme');
  await own.waitForURL('**/programmes/gatepost-year-*');
  const home = new URL(own.url()).pathname;
  const file = await documentOf(own, home);
  // The first month of squares and half-square triangles alone: its chart is known by heart.
  const index = file.months!.findIndex(
    ({ blocks = [] }) =>
      blocks.length === 1 &&
      shapesOf(
        file.blocks.find((b) => b.id === blocks[0]!.block)!,
        12,
      ),
  );
  const month = file.months![index]!;
  const { block: id, make = 1 } = month.blocks![0]!;
  const wanted = cutsOf(
    shapesOf(
      file.blocks.find((b) => b.id === id)!,
      12,
    )!,
  );
  await click(new RegExp(`^${month.name}`), 'link');
  await click('Instructions', 'link');

  // The sheet: pieces by letter and size, against the chart.
  const sheet = own.getByRole('main');
  await expect(sheet.getByRole('heading', { name: 'Cut', exact: true })).toBeVisible();
  const rows = await sheet.locator('table').filter({ hasText: 'Then subcut' }).locator('tbody tr').allInnerTexts();
  const told = new Map<string, number>();
  for (const row of rows.map((r) => r.split('\t').map(plain))) {
    const label = /^([A-Z])\d+$/.exec(row.at(-2) ?? '');
    const many = /(\d+) squares?$/.exec(row[2] ?? row[1] ?? '');
    if (!label || !many) continue;
    const key = `${label[1]} ${inches(row.at(-3)!)}`;
    told.set(key, (told.get(key) ?? 0) + Number(many[1]));
  }
  expect(told).toEqual(new Map([...wanted].map(([key, n]) => [key, n * make])));

  // The cutting list: as many for forty.
  await click('Cutting', 'link');
  await expect(own.getByText('All 40 kits together')).toBeVisible();
  expect(clicks).toBeLessThanOrEqual(12);
  console.log(`${clicks} clicks`);
  await page.close();
});

test('a first programme is led step by step where she is, says what is missing, and lets itself be hidden', async ({
  browser,
}, info) => {
  test.setTimeout(180_000);
  const own = await emptyHouse(browser, `g${info.retry}${Date.now().toString(36)}`);
  await open(own, '/programmes/new');
  await own.getByLabel('Name').fill('Gatepost Hedge');
  await own.getByLabel('Number of releases').fill('3');
  await own.getByRole('button', { name: 'Create and draw the first block' }).click();
  const steps = own.locator('[data-first-steps]');
  await expect(steps).toHaveAttribute('data-first-steps', 'block');
  await expect(steps).toContainText('has no block. Take one from the library');
  // Where the step is done there is nowhere to go.
  await expect(steps.getByRole('link', { name: 'Go there' })).toHaveCount(0);
  await own.getByLabel('Search blocks').fill('shoo fly');
  await own
    .getByRole('button', { name: /Shoo Fly/ })
    .first()
    .click();
  await expect(steps).toHaveAttribute('data-first-steps', 'people');
  await steps.getByRole('link', { name: 'Go there' }).click();
  await own.waitForURL('**/roster**');
  await own.keyboard.press('n');
  const dialog = own.getByRole('dialog', { name: 'Add a participant' });
  await dialog.getByLabel('Name').fill('Ada Fenn');
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(steps).toHaveAttribute('data-first-steps', 'proof');
  await steps.getByText('All steps').click();
  await expect(steps.getByText('(can wait)')).toHaveCount(3);
  await steps.getByRole('button', { name: 'Hide these steps' }).click();
  await expect(steps).toHaveCount(0);
  await own.reload();
  await expect(own.getByRole('button', { name: 'Show the first steps' })).toBeVisible();
  await expect(steps).toHaveCount(0);
  await own.getByRole('button', { name: 'Show the first steps' }).click();
  await steps.getByRole('link', { name: 'Go there' }).click();
  await own.waitForURL('**/release**');
  await own.context().close();
});

test('months that are liked stay, others are found, and a year that cannot be says why', async ({ page }) => {
  test.setTimeout(180_000);
  await open(page, '/programmes/compose?from=low-water');
  const years = page.getByRole('radiogroup', { name: 'Years found' }).getByRole('radio');
  await expect(years).toHaveCount(4, { timeout: 60_000 });
  const table = page.locator('table').last().locator('tbody tr');
  const before = await table.locator('td:nth-child(3)').allInnerTexts();
  await table.nth(1).getByRole('checkbox').check();
  await page.getByRole('button', { name: 'Keep 1 month, change the others' }).click();
  await expect(async () => {
    const after = await table.locator('td:nth-child(3)').allInnerTexts();
    expect(after[1]).toBe(before[1]);
    expect(after).not.toEqual(before);
  }).toPass({ timeout: 60_000 });

  await page.getByLabel('Leads to').selectOption('beginner');
  await page.getByLabel('Blocks finish at').fill('7 1/3');
  await page.getByRole('button', { name: 'Compose', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('None of our blocks can be cut at');
});

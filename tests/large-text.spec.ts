/** Nothing is cut off, and no page moves sideways: on a telephone, a tablet and a screen, also with text twice as large. */
import { chromium, type Browser } from '@playwright/test';
import { CHROMIUM } from '../bin/lib/packages.mjs';
import { demo, expect, open, test } from './bench-of-their-own';

const P = '/programmes/the-allotment-year';
const PAGES = [
  ...[
    '/',
    '/account',
    '/house',
    '/archive',
    '/begin',
    '/sign-in',
    '/p',
    '/programmes/new',
    '/programmes/compose',
    '/programmes/import',
    P,
  ],
  ...['settings', 'quilt', 'fabrics', 'packets', 'papers', 'bolts', 'figures', 'record', 'roster', 'progress', 'calendar'].map(
    (s) => `${P}/${s}`,
  ),
  ...['kits', 'pickup', 'post', 'samples', 'forecast', 'money'].map((s) => `${P}/${s}`),
  ...['draft', 'sew', 'cut', 'cut/list', 'cutting-room', 'cutter', 'sheet', 'kits', 'release'].map(
    (s) => `${P}/months/${demo.months[5].id}/${s}`,
  ),
];

/** A browser that sets text in so many pixels where a page does not say: what somebody chose in its settings. */
const reading = (pixels: number): Promise<Browser> =>
  chromium.launch({
    ...{
      executablePath: CHROMIUM,
      args: ['--no-sandbox', `--blink-settings=defaultFontSize=${pixels}`],
    },
  });

for (const pixels of [16, 32])
  test(`no page is wider than its window where text is set in ${pixels} pixels`, async ({ baseURL }) => {
    test.setTimeout(300_000);
    const browser = await reading(pixels);
    const found: Record<string, number> = {};
    for (const width of [390, 820, 1280]) {
      const page = await browser.newPage({ baseURL, viewport: { width, height: 900 } });
      for (const path of PAGES) {
        await open(page, path);
        const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        if (over > 1) found[`${width} ${path}`] = over;
      }
      await page.close();
    }
    await browser.close();
    expect(found).toEqual({});
  });

test('by keys alone: past the strip of months to the page, and on from there', async ({ page }) => {
  await open(page, P);
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'Skip to the page' });
  await expect(skip).toBeFocused();
  await expect(skip).toBeInViewport();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
  await page.keyboard.press('Tab');
  expect(await page.evaluate(() => document.activeElement?.closest('main') !== null)).toBe(true);
});

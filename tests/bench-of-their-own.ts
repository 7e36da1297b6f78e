/** What the journeys share: a copy of the demonstration for each, and ways to read the screen. */
import { readFileSync } from 'node:fs';
import { expect, test as base, type Page } from '@playwright/test';

export const demo = JSON.parse(readFileSync(new URL('../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'));

export interface Bench {
  slug: string;
  open(path?: string): Promise<void>;
}

/** Every journey works on a programme of its own, and fails when the page reports an error that nobody expected. */
export const test = base.extend<{ bench: Bench; quiet: void }>({
  bench: async ({ page, request }, use, info) => {
    const document = { ...demo, title: `${demo.title} ${info.testId.slice(-6)}${info.retry}` };
    const response = await request.post('/api/import', { data: document });
    const { slug } = await response.json();
    await use({ slug, open: (path = '') => open(page, `/programmes/${slug}${path}`) });
  },
  quiet: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('pageerror', (error) => errors.push(error.message));
      await use();
      expect(errors).toEqual([]);
    },
    { auto: true },
  ],
});

/** Goes there and waits until the page answers to keys and clicks. */
export async function open(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.locator('html[data-ready]').waitFor();
}

/** The lengths to buy, fabric by fabric, as written: '2 1/8'. */
export async function toBuy(page: Page): Promise<string[]> {
  // Right after a link was followed the table may not be there yet.
  await page.locator('[data-buy]').first().waitFor();
  return (await page.locator('[data-buy]').allInnerTexts()).map(plain);
}

/** Waits until the plan on the table is final. */
export async function settled(page: Page): Promise<void> {
  await page.locator('[data-final]').waitFor();
}

/** Typeset text as it would be typed: '2 7⁄8' with its fraction slash as '2 7/8'. */
export function plain(text: string): string {
  return text.replaceAll('⁄', '/').replace(/\s+/g, ' ').trim();
}

export { expect };

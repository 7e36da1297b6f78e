/** Every view against WCAG 2.2 AA, by day and by night. What no machine can tell is in docs/interface.md. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { demo, expect, open, test } from './bench-of-their-own';

const P = '/programmes/the-allotment-year';
const PARTS = {
  'the doors and the year': [
    '/',
    ...['/account', '/house', '/archive', '/begin', '/sign-in', '/sign-in/forgotten', '/p', '/outside/mail', '/nowhere'],
    ...['/programmes/new', '/programmes/compose', '/programmes/import'],
    P,
    ...['quilt', 'fabrics', 'packets', 'papers', 'bolts', 'figures', 'record'].map((s) => `${P}/${s}`),
  ],
  'the people and the months': [
    ...['roster', 'progress', 'calendar', 'kits', 'pickup', 'post', 'samples', 'forecast', 'money'].map((s) => `${P}/${s}`),
    ...['draft', 'sew', 'sew/practise', 'cut', 'cut/list', 'cutting-room', 'cutter', 'sheet', 'kits', 'release'].map(
      (s) => `${P}/months/m6/${s}`,
    ),
    `${P}/months/m12/draft`,
    ...['', '/months/m1', '/months/m1/layout', '/months/m1/steps', '/months/m1/practise', '/gallery'].map((s) => `own${s}`),
  ],
};
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

for (const [part, views] of Object.entries(PARTS))
  test(`${part}: every view can be used by everybody, by day and by night`, async ({ page, request }) => {
    test.setTimeout(300_000);
    const { people } = (await (await request.get(`/api${P}/roster?find=Ada%20Fenn`)).json()) as { people: { id: string }[] };
    const { link } = (await (await request.get(`/api${P}/roster/${people[0]!.id}/link`)).json()) as { link: string };
    const found: Record<string, string[]> = {};
    for (const path of views) {
      await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
      await open(page, path.replace(/^own/, new URL(link).pathname));
      // Charts and plans come after the page; what is looked at is the page with them.
      await expect(page.locator('progress:not(.reader progress), [role="progressbar"]')).toHaveCount(0);
      // Our pages are of one piece, so nothing has to be gathered from frames.
      const axe = () => new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
      const byDay = await axe().withTags(RULES).analyze();
      // By night only colours are others.
      await page.emulateMedia({ colorScheme: 'dark' });
      const byNight = await axe().withRules(['color-contrast']).analyze();
      for (const { violations } of [byDay, byNight])
        for (const v of violations)
          (found[`${v.id}: ${v.help}`] ??= []).push(...v.nodes.slice(0, 2).map((n) => `${path} ${n.html.slice(0, 160)}`));
    }
    expect(found).toEqual({});
  });

/** Goes on by Tab until what has the focus bears that name, as somebody without a pointer does. */
async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  for (let i = 0; i < 80; i += 1) {
    await page.keyboard.press('Tab');
    const focused = page.locator(':focus');
    const said = await focused.evaluate(
      (e) => e.getAttribute('aria-label') || e.closest('label')?.textContent || e.textContent || '',
    );
    if (typeof name === 'string' ? said.includes(name) : name.test(said)) {
      // Whoever sees, sees where she is.
      await expect(focused).toBeInViewport();
      return;
    }
  }
  throw new Error(`Tab never comes to ${String(name)}`);
}

test('the main job without a pointer: from the list to a month, its head count, the sheet, and printing', async ({
  page,
  bench,
}) => {
  const title = `${demo.title} ${bench.slug.split('-').at(-1)}`;
  await open(page, '/');
  await tabTo(page, new RegExp(title, 'i'));
  await page.keyboard.press('Enter');
  await page.waitForURL(`**/programmes/${bench.slug}`);
  await tabTo(page, /^\s*(1|January)/);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/months/m1/**');
  await page.keyboard.press('3');
  await page.waitForURL('**/months/m1/cut**');
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await expect(page.getByText(/trying \d+ in Frost/)).toBeVisible();
  const count = page.getByRole('slider');
  await tabTo(page, (await count.getAttribute('aria-label')) ?? 'head count');
  await page.keyboard.press('Enter');
  await expect(page.getByText('enrolled in Frost')).toBeVisible();
  await expect(page.getByText(/^saved/)).toBeVisible();
  await page.evaluate(() => {
    window.print = () => (document.documentElement.dataset.printed = '');
  });
  await page.keyboard.press('4');
  await expect(page.getByRole('article', { name: 'Sheet' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.locator('html[data-printed]')).toHaveCount(1);
});

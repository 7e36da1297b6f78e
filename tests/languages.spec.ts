/** American English from one list; and a made-up language, which is a folder of words and no code, finds every text left outside. */
import type { Page } from '@playwright/test';
import { demo, expect, open, test } from './bench-of-their-own';
import { enrol, pageOf } from './people';

/** A house of one's own with the demonstration in it, whose owner is signed in. */
async function house(page: Page, name: string): Promise<string> {
  await open(page, '/begin');
  await page.getByLabel('Name of the shop or guild').fill(name);
  await page.getByLabel('Your name').fill('Wren Oddie');
  await page.getByLabel('Your email').fill(`wren.${name.replace(/\W/g, '').toLowerCase()}@example.org`);
  await page.getByLabel('Password').fill('a long enough sentence');
  await page.getByRole('button', { name: 'Create' }).click();
  await page.waitForURL((url) => url.pathname !== '/begin');
  const answer = await page.request.post('/api/import', { data: demo });
  return ((await answer.json()) as { slug: string }).slug;
}

/** Chooses the language of the house. */
async function choose(page: Page, tag: string): Promise<void> {
  await open(page, '/house');
  await page.locator('select[name=language]').selectOption(tag);
  await expect(page.locator(`html[lang="${tag}"][data-ready]`)).toBeAttached();
}

test('a house in America reads its own English everywhere, and a participant chooses another', async ({ page }, info) => {
  const slug = await house(page, `Mill Street ${info.retry}`);
  await choose(page, 'en-US');
  await open(page, `/programmes/${slug}`);
  await expect(page.getByText('February 13, 2027').first()).toBeVisible();
  await open(page, `/programmes/${slug}/fabrics`);
  await expect(page.getByText(/value, not color, makes a block stand out/)).toBeVisible();
  await open(page, `/programmes/${slug}/months/m12/sheet`);
  const sheet = page.locator('main');
  await expect(sheet).toContainText('batting');
  await expect(sheet).not.toContainText('wadding');
  const [ada] = await enrol(page.request, slug, { 'Grey Fenn': {} });
  const own = await pageOf(page.request, slug, ada!);
  await open(page, own);
  await expect(page.locator('html')).toHaveAttribute('lang', 'en-US');
  await page.getByLabel('English').selectOption('british');
  await expect(page.locator('html[lang="en-GB"][data-ready]')).toBeAttached();
  await expect(page.locator('body')).toContainText('pictures to colour in');
  // The house itself goes on as it was, and names stay names.
  await open(page, `/programmes/${slug}/roster`);
  await expect(page.locator('html')).toHaveAttribute('lang', 'en-US');
  await expect(page.getByText('Grey Fenn')).toBeVisible();
});

/** Texts of a page, and names that are read out, outside of the made-up language's brackets. */
const outside = (page: Page) =>
  page.evaluate(() => {
    const found: string[] = [];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      const within = node.parentElement!;
      if (!within.closest('script, style, kbd, code, option, [data-typed]') && within.checkVisibility())
        found.push(node.nodeValue!);
    }
    for (const element of Array.from(document.querySelectorAll('[aria-label], [title], [placeholder]')))
      for (const name of ['aria-label', 'title', 'placeholder']) found.push(element.getAttribute(name) ?? '');
    return [
      ...new Set(
        found.map((text) => {
          // What is said may be put into what is said: from the inside outwards.
          let left = text;
          while (/⟦[^⟦⟧]*⟧/.test(left)) left = left.replace(/⟦[^⟦⟧]*⟧/g, ' ');
          return left.replace(/\s+/g, ' ').trim();
        }),
      ),
    ].filter((text) => /\p{L}{2}/u.test(text));
  });

/** Everything that somebody typed: the document, the house, its people. */
const typed = (value: unknown): string[] =>
  typeof value === 'string' ? [value] : value !== null && typeof value === 'object' ? Object.values(value).flatMap(typed) : [];

test('a language that is only a folder of words reaches every text of the pages', async ({ page }, info) => {
  const name = `Made Up ${info.retry}`;
  const slug = await house(page, name);
  await enrol(page.request, slug, { 'Ada Fenn': {}, 'Bo Tarn': { state: 'waiting' } });
  await choose(page, 'pl-QQ');
  // What was typed; languages by their own names; keys.
  const known = [
    ...typed(demo),
    ...[name, 'Wren Oddie', `wren.madeup${info.retry}@example.org`, 'Ada Fenn', 'Bo Tarn', 'Chrome Windows'],
    ...['Aggrega', 'Made-up', 'British English', 'American English', 'Home', 'Enter', 't m Del'],
    ...['and', 'summer holidays', 'yd', 'SVG', 'PNG'],
    // A formula's symbol.
    'spare',
  ];
  // Days, money and lengths, and parts of a block by their labels.
  const days = /(\p{L}+\.?, )?\d{1,2} \p{L}{3,}( \d{4})?/gu;
  const measured = /^[-−]?[\d\s,.]+ (GBP|yd)$|^(cost|income)?, GBP$|^webcal:|^, (in|cm)$/;
  const units = /\b(in|yd|kg)\b/g;
  const left: Record<string, string[]> = {};
  const pages = [
    '/',
    '/account',
    '/house',
    '/archive',
    '/programmes/new',
    '/programmes/compose?from=low-water',
    '/programmes/import',
    `/programmes/${slug}`,
  ];
  const stations = [
    'roster',
    'progress',
    'post',
    'pickup',
    'kits',
    'samples',
    'record',
    'calendar',
    'fabrics',
    'money',
    'forecast',
  ];
  const more = ['quilt', 'figures'];
  const rooms = ['draft', 'sew', 'cut', 'cutting-room', 'cutter', 'kits'];
  const inMonth = rooms.map((room) => `/programmes/${slug}/months/m3/${room}`);
  for (const path of [...pages, ...[...stations, ...more].map((s) => `/programmes/${slug}/${s}`), ...inMonth]) {
    await open(page, path);
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    const without = (text: string, names: string[]) =>
      names.reduce((left, own) => (own.length > 2 ? left.replaceAll(own, ' ') : left), text);
    // Names of several words first: a number before one would pass for a day.
    const several = known.filter((name) => name.includes(' '));
    const rest = (text: string) => without(without(text, several).replace(days, ' ').replace(units, ' '), known);
    const excused = (text: string) => measured.test(text) || known.includes(text) || !/\p{L}{2}/u.test(rest(text));
    const texts = (await outside(page)).filter((text) => !excused(text));
    if (texts.length > 0) left[path.replace(slug, 'x')] = texts;
  }
  expect(left).toEqual({});
});

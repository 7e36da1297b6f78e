/** A block laid out on screen before it is sewn: by keys alone, by pointer, as a minute's round, and before a class. */
import type { Page } from '@playwright/test';
import { expect, open, test } from './bench-of-their-own';
import { enrol, letOut, pageOf } from './people';

const place = (page: Page, n: number) => page.locator(`[data-place="${n}"]`);
const liesIn = (page: Page, n: number) => place(page, n).getAttribute('data-lies');

/** Lays a place by keys: a stack by its number, Enter to lay and to turn, Delete where it was the wrong one. */
async function layByKeys(page: Page, n: number): Promise<void> {
  const stacks = await page.locator('[data-stack]').count();
  for (let stack = 1; stack <= stacks; stack += 1) {
    await place(page, n).focus();
    await page.keyboard.press(String(stack));
    for (let turns = 0; turns < 4; turns += 1) {
      await page.keyboard.press('Enter');
      const lies = await liesIn(page, n);
      if (lies === 'right') return;
      // It is not of that size.
      if (lies === 'missing') break;
    }
    await page.keyboard.press('Delete');
  }
  throw new Error(`nothing in the tray is right for place ${n}`);
}

test('a block is laid by keys alone, without a connection too, and what lies wrong is shown when asked', async ({
  page,
  request,
  context,
}) => {
  const slug = 'the-allotment-year';
  const { people } = await (await request.get(`/api/programmes/${slug}/roster?find=Ada%20Fenn`)).json();
  await open(page, `${await pageOf(request, slug, people[0])}/months/m3`);
  await page.getByRole('link', { name: 'Practise laying it out' }).click();
  await page.waitForURL('**/practise');
  await expect
    .poll(() => page.evaluate(async () => Boolean(await caches.match(location.href))), { timeout: 30_000 })
    .toBe(true);
  await context.setOffline(true);
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  const status = page.locator('[data-heard]');

  // Nothing in hand yet.
  await place(page, 1).focus();
  await page.keyboard.press('Enter');
  await expect(status).toContainText('Choose a piece from the tray first.');
  const places = await page.locator('[data-place]').count();
  expect(places).toBeGreaterThan(4);
  await layByKeys(page, 1);
  await expect(place(page, 1)).toHaveAttribute('aria-label', /^Place 1, (all .|.+ top left, .+ top right)/);
  await page.getByRole('button', { name: 'Is it right so far?' }).click();
  await expect(status).toContainText('So far all is right: 1 piece lies as in the picture.');

  // Turned, it is shown as that when she asks, with what to look for; undone, it is right again.
  await place(page, 1).focus();
  await page.keyboard.press('Enter');
  if ((await liesIn(page, 1)) !== 'right') {
    await page.getByRole('button', { name: 'Is it right so far?' }).click();
    await expect(status).toContainText('Number 1');
    await expect(status).toContainText('belongs there.');
  }
  await page.keyboard.press('Control+z');
  await expect(place(page, 1)).toHaveAttribute('data-lies', 'right');

  // Arrows go from place to place.
  await place(page, 1).focus();
  await page.keyboard.press('ArrowRight');
  await expect(place(page, 2)).toBeFocused();
  for (let n = 2; n <= places; n += 1) await layByKeys(page, n);
  await expect(status).toContainText('Everything lies as in the picture. You can sew.');
  await context.setOffline(false);
});

test('a minute of finding the slip counts what was found; what she could not find is shown', async ({ page, request }) => {
  const slug = 'the-allotment-year';
  const { people } = await (await request.get(`/api/programmes/${slug}/roster?find=Ada%20Fenn`)).json();
  await page.clock.install();
  await open(page, `${await pageOf(request, slug, people[0])}/months/m3/practise`);
  await page.getByRole('button', { name: 'Find the slip' }).click();
  const right = page.locator('[data-place][data-lies="right"]').first();
  const wrong = page.locator('[data-place]:not([data-lies="right"])').first();
  await expect(wrong).toBeVisible();
  await right.click();
  await expect(page.locator('[data-heard]')).toContainText('lies right. Look again.');
  await wrong.click();
  await expect(page.getByText('1 found')).toBeVisible();
  await expect(page.locator('[data-lies="right"]')).toHaveCount(await page.locator('[data-place]').count());
  await page.getByRole('button', { name: 'Next one' }).click();
  await page.getByRole('button', { name: 'Show me' }).click();
  await expect(page.locator('[data-heard]')).toContainText('This was it.');
  await expect(page.getByText('1 found')).toBeVisible();

  await page.getByRole('button', { name: 'See how many you find in a minute' }).click();
  await expect(page.getByText('0 found')).toBeVisible();
  await wrong.click();
  // On with Enter.
  await expect(page.getByRole('button', { name: 'Next one' })).toBeFocused();
  await page.keyboard.press('Enter');
  await wrong.click();
  await page.clock.runFor(61_000);
  await expect(page.locator('[data-heard]')).toContainText('The minute is over. You found 2 slips.');
});

test('the organiser lays it out before a class by dragging, and reads what was mistaken where it is told', async ({
  page,
  request,
  bench,
}) => {
  const [hazel] = await enrol(request, bench.slug, { 'Hazel Quill': {} });
  await bench.open('/months/m3/release');
  await letOut(page);
  const practise = `${await pageOf(request, bench.slug, hazel!)}/months/m3/practise`;
  await open(page, practise);
  const agreed = page.waitForResponse((r) => r.request().postData()?.includes('"tells"') ?? false);
  await page.getByLabel('Tell the organiser what my checks and my practice find').check();
  await agreed;
  await page.getByRole('button', { name: 'Find the slip' }).click();
  // Slips of plain patches have no name to be told by: on to one that has.
  const told = page.waitForResponse((r) => /"found":\[\{/.test(r.request().postData() ?? ''));
  const all = await page.locator('[data-place]').count();
  await expect(async () => {
    await page.getByRole('button', { name: 'Show me' }).click();
    await expect(page.locator('[data-lies="right"]')).toHaveCount(all);
    const text = await page.locator('[data-heard]').textContent();
    await page.getByRole('button', { name: 'Next one' }).click();
    expect(text).toMatch(/U\d/);
  }).toPass();
  expect((await told).ok()).toBe(true);
  await bench.open('/progress');
  await expect(page.locator('[data-laid]')).toContainText('1 participant told');
  await expect(page.locator('[data-laid]')).toContainText(/U\d.*: 1 person/);

  await bench.open('/months/m3/sew');
  await page.getByRole('link', { name: 'Lay it out in class' }).click();
  await page.waitForURL('**/sew/practise');
  await page.locator('html[data-ready]').waitFor();
  await page.locator('[data-stack]').first().dragTo(place(page, 1));
  await expect(place(page, 1)).not.toHaveAttribute('data-lies', 'missing');
  await place(page, 1).dragTo(place(page, 6));
  await expect(place(page, 1)).toHaveAttribute('data-lies', 'missing');
  await expect(place(page, 6)).not.toHaveAttribute('data-lies', 'missing');
  await page.getByLabel('What you lay out').selectOption('Row 1');
  await expect(page.locator('[data-place]')).toHaveCount(4);
  await page.getByRole('link', { name: 'Back to Piecing' }).click();
  await page.waitForURL('**/sew');
});

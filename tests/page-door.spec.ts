/** Who can open a participant's page: a lost link, a code that is read out, a PIN, a new link, on several devices. */
import type { Browser, Page } from '@playwright/test';
import { expect, open, test } from './bench-of-their-own';
import { enrol, pageOf } from './people';

const another = async (browser: Browser): Promise<Page> => (await browser.newContext({ locale: 'en-GB' })).newPage();
const door = (page: Page) => page.getByRole('region', { name: 'Who can open this page' });

test('a page asks a new device for the PIN; a code read out or sent by letter opens it all the same; a new link ends the old one', async ({
  page,
  bench,
  request,
  browser,
}) => {
  const [ada] = await enrol(request, bench.slug, { 'Ada Fenn': {} });
  const link = await pageOf(request, bench.slug, ada!);
  const own = await another(browser);
  await open(own, link);
  await expect(door(own)).toContainText('Anyone who has its link');
  await own.reload();
  await expect(door(own).getByRole('listitem')).toContainText('this one');
  await door(own).getByRole('button', { name: 'Set a PIN' }).click();
  await door(own).getByLabel('PIN, 4 to 8 digits').fill('4207');
  await door(own).getByRole('button', { name: 'Set it' }).click();
  await expect(door(own).getByRole('status')).toContainText('asked for it from now on');

  const phone = await another(browser);
  await phone.goto(link);
  await expect(phone).toHaveURL(new RegExp(`${link}/pin$`));
  await phone.getByLabel('Your PIN').fill('1111');
  await phone.getByRole('button', { name: 'Open my page' }).click();
  await expect(phone.getByRole('alert')).toHaveText('That isn’t the PIN.');
  await phone.getByLabel('Your PIN').fill('4207');
  await phone.getByRole('button', { name: 'Open my page' }).click();
  await expect(door(phone).getByRole('listitem')).toHaveCount(2);

  // She has lost both: the organiser reads out a code.
  await bench.open('/roster');
  await page.getByRole('button', { name: 'Ada Fenn' }).click();
  await page.getByRole('button', { name: 'Read out a code' }).click();
  const code = await page.locator('[data-code]').innerText();
  const tablet = await another(browser);
  await open(tablet, '/p');
  await tablet.getByLabel('Code').fill('BBBB-2222');
  await tablet.getByRole('button', { name: 'Open my page' }).click();
  await expect(tablet.getByRole('alert')).toContainText('That code isn’t right');
  await tablet.getByLabel('Code').fill(code.toLowerCase());
  await tablet.getByRole('button', { name: 'Open my page' }).click();
  await expect(door(tablet)).toContainText('Whoever has its link and knows your PIN');
  await page.getByRole('button', { name: 'Show private link' }).click();
  await page.getByRole('button', { name: 'Remove the PIN' }).click();
  await expect(page.getByText('The link alone opens the page again.')).toBeVisible();

  // The letter with a code, and the one with the link that she makes anew.
  const email = `ada.fenn.${bench.slug.slice(-6)}@example.org`;
  await open(tablet, '/p');
  await tablet.getByLabel('Your email').fill(email);
  await tablet.getByRole('button', { name: 'Send me a code' }).click();
  await expect(tablet.getByRole('status')).toContainText('If we know that address');
  await open(phone, link);
  await door(phone).getByRole('button', { name: 'Make a new link' }).click();
  await door(phone).getByRole('button', { name: 'Make it: the old link stops working' }).click();
  await phone.waitForURL((url) => url.pathname !== link);
  await expect(door(phone).getByRole('listitem')).toHaveCount(1);
  await own.goto(link);
  await expect(own.getByText('This link no longer works.')).toBeVisible();
  const renewed = new URL(phone.url()).pathname;
  await expect(async () => {
    await page.goto('/outside/mail');
    await expect(page.getByText(email).nth(1)).toBeVisible({ timeout: 2_000 });
    const shown = await page.getByText('The new link to your page').first().isVisible();
    expect(shown).toBe(true);
  }).toPass();
  await open(own, renewed);
  await expect(door(own)).toBeVisible();
});

/** Founding a shop, inviting, signing in and out, codes, a forgotten password: as people do it, in browsers of their own. */
import type { Browser, Page } from '@playwright/test';
import { expect, open, test } from './bench-of-their-own';

const PASSWORD = 'forty kits before Friday';
const somebody = async (browser: Browser): Promise<Page> => (await browser.newContext()).newPage();
/** The newest letter to that address, as the stand-in shows it. */
async function letterTo(page: Page, email: string, kind: string): Promise<string> {
  await open(page, '/outside/mail');
  await page.getByText(email).first().click();
  const link = page.getByRole('link', { name: new RegExp(`/${kind}/`) }).first();
  return new URL((await link.getAttribute('href'))!, page.url()).pathname;
}

test('a shop begins, invites a viewer who looks and changes nothing, and sets a forgotten password anew', async ({
  page,
  browser,
}, info) => {
  const mark = `${info.retry}${Date.now().toString(36)}`;
  const [email, guest] = [`ann.${mark}@example.org`, `vera.${mark}@example.org`];
  await open(page, '/');
  await expect(page.getByText('It can only be opened on this computer')).toBeVisible();
  await page.getByRole('link', { name: 'set up your own shop or guild' }).click();
  await page.getByLabel('Name of the shop or guild').fill('Mill Lane Guild');
  await page.getByLabel('Your name').fill('Ann Vale');
  await page.getByLabel('Your email').fill(email);
  await page.getByLabel('Password', { exact: true }).fill('aaaaaaaaaaaa');
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByRole('alert')).toContainText('too repetitive');
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByText('There is no programme here yet')).toBeVisible();
  await expect(page.getByText('Mill Lane Guild')).toBeVisible();
  await page.goto('/programmes/the-allotment-year');
  await expect(page.getByText('We can’t find that programme')).toBeVisible();

  // A programme of their own, and somebody who may look at it.
  await open(page, '/programmes/new');
  await page.getByLabel('Name').fill(`Year ${mark}`);
  await page.getByRole('button', { name: /^Create and draw/ }).click();
  await page.waitForURL(/\/programmes\/year-/);
  const made = new URL(page.url()).pathname.split('/').slice(0, 3).join('/');
  await open(page, '/house');
  await page.getByLabel('Email').fill(guest);
  await page.locator('select[name=role]').last().selectOption('viewer');
  await page.getByRole('button', { name: 'Invite' }).click();
  await expect(page.getByText('We’ve emailed')).toBeVisible();

  const other = await somebody(browser);
  await open(other, await letterTo(other, guest, 'invitation'));
  await expect(other.getByText(`Mill Lane Guild has invited ${guest} to join as viewer.`)).toBeVisible();
  await other.getByLabel('Your name').fill('Vera Moss');
  await other.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await other.getByRole('button', { name: 'Accept' }).click();
  await expect(other.getByRole('link', { name: `Year ${mark}` }).first()).toBeVisible();
  await open(other, made);
  await expect(other.getByText('View only: nothing you change here is saved.')).toBeVisible();
  await other.goto(`${made}/roster`);
  await expect(other.getByText('Only an organiser or an owner can see or change this.')).toBeVisible();
  // A part that is taken away ends at once.
  await page.reload();
  await page.locator('[data-member="Vera Moss"]').getByText('Remove').click();
  await page.getByRole('button', { name: 'Remove Vera Moss' }).click();
  await expect(page.locator('[data-member="Vera Moss"]')).toHaveCount(0);
  await other.goto(made);
  await expect(other.getByText('None yet.')).toBeVisible();

  // Signed out, she comes back by a letter.
  await open(page, '/account');
  await page.getByRole('button', { name: 'Sign out here' }).click();
  await page.getByRole('link', { name: 'Forgotten your password?' }).click();
  await page.getByLabel('Your email').fill(email);
  await page.getByRole('button', { name: 'Email me a link' }).click();
  await expect(page.getByText('we’ve emailed a link')).toBeVisible();
  await open(page, await letterTo(page, email, 'recover'));
  await page.getByLabel('New password').fill('sixty kits before Sunday');
  await page.getByRole('button', { name: 'Save and sign out on all devices' }).click();
  await page.getByLabel('Email').fill(email);
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('Wrong email or password')).toBeVisible();
  await page.getByLabel('Password', { exact: true }).fill('sixty kits before Sunday');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText(`Year ${mark}`)).toBeVisible();
});

/** Signing in with a passkey, on a server that has a name, with a device that the browser makes up. */
import { freePort } from '../bin/lib/cluster.mjs';
import { prepareDatabase } from '../bin/lib/database.mjs';
import { temporaryCluster } from '../bin/lib/test-cluster.mjs';
import { serve } from '../bin/lib/test-server.mjs';
import { expect, open, test } from './bench-of-their-own';

const PASSWORD = 'forty kits before Friday';
const DEVICE = {
  protocol: 'ctap2' as const,
  transport: 'internal' as const,
  hasResidentKey: true,
  hasUserVerification: true,
  isUserVerified: true,
  automaticPresenceSimulation: true,
};

test('a passkey is added by the password, signs her in without it, and is removed again', async ({ page }) => {
  const cluster = await temporaryCluster();
  const port = await freePort();
  const address = `http://localhost:${port}`;
  const app = await serve(await prepareDatabase(cluster.url), port, { env: { ORIGIN: address } });
  try {
    const cdp = await page.context().newCDPSession(page);
    await cdp.send('WebAuthn.enable');
    const { authenticatorId } = await cdp.send('WebAuthn.addVirtualAuthenticator', { options: DEVICE });
    await open(page, `${address}/begin`);
    await page.getByLabel('Name of the shop or guild').fill('Mill Lane Guild');
    await page.getByLabel('Your name').fill('Ann Vale');
    await page.getByLabel('Your email').fill('ann@example.org');
    await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await page.getByRole('button', { name: 'Create' }).click();
    await expect(page.getByText('There is no programme here yet')).toBeVisible();

    await open(page, `${address}/account`);
    const own = page.getByRole('region', { name: 'Passkeys' });
    await own.getByRole('button', { name: 'Add a passkey' }).click();
    await own.getByLabel('Your password').fill('somebody else’s');
    await own.getByRole('button', { name: 'Go on' }).click();
    await expect(own.getByRole('alert')).toHaveText('That isn’t your password.');
    await own.getByLabel('Your password').fill(PASSWORD);
    await own.getByRole('button', { name: 'Go on' }).click();
    await expect(own.getByRole('listitem')).toContainText('not used yet');

    await page.getByRole('button', { name: 'Sign out here' }).click();
    await page.waitForURL(`${address}/sign-in`);
    await open(page, `${address}/sign-in?to=/account`);
    // She takes her finger away: nothing happens, and it says so.
    await cdp.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: false });
    await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
    await expect(page.getByRole('alert')).toContainText('The device didn’t answer');
    await cdp.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: true });
    await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
    await page.waitForURL(`${address}/account`);
    await page.locator('html[data-ready]').waitFor();
    await expect(own.getByRole('listitem')).toContainText('last used');

    await own.getByRole('button', { name: /^Remove the passkey/ }).click();
    await expect(own.getByRole('status')).toContainText('doesn’t open your account');
    await page.getByRole('button', { name: 'Sign out here' }).click();
    await page.waitForURL(`${address}/sign-in`);
    await page.getByRole('button', { name: 'Sign in with a passkey' }).click();
    await expect(page.getByRole('alert')).toContainText('Sign in with your password');
  } finally {
    await app.stop();
    await cluster.remove();
  }
});

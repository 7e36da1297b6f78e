/** What is told of forty people before anybody has sewn: a block, its checkpoints, the whole quilt. */
import { expect, test } from './bench-of-their-own';

test('how likely the block comes out is told after the page, beside each method too', async ({ page, bench }) => {
  await bench.open('/months/m1/sew');
  const foreseen = page.locator('[data-foreseen]');
  await expect(foreseen).toBeVisible({ timeout: 60_000 });
  await expect(foreseen.getByRole('heading')).toContainText('How likely is');
  await expect(foreseen.locator('circle')).toHaveCount(40);
  await expect(foreseen).toContainText('Of forty people');
  await expect(foreseen.getByRole('img')).toHaveAccessibleName(/by forty people: \d+ within a sixteenth/);
  const told = await foreseen.getAttribute('data-foreseen');
  const methods = page.getByRole('region', { name: /^Method for/ });
  await expect(methods).toContainText(`About ${told} of 40 come out right.`);
  // Each checkpoint on demand: units, parts, and the block itself, which says the same number.
  await foreseen.getByText('How it comes out at each checkpoint').click();
  const rows = foreseen.locator('[data-checkpoint]');
  await expect(rows.first().locator('circle')).toHaveCount(40);
  await expect(rows.last()).toHaveAttribute('data-checkpoint', told!);
});

test('how well the quilt goes together comes with the quilt, and anew when it is set otherwise', async ({ page, bench }) => {
  await bench.open('/quilt');
  const foreseen = page.locator('[data-quilt-foreseen]');
  await expect(foreseen).toBeVisible({ timeout: 60_000 });
  await expect(foreseen.locator('circle')).toHaveCount(40);
  const told = await foreseen.getAttribute('data-quilt-foreseen');
  await expect(foreseen).toContainText(`Of forty people, ${told} can ease every seam of this quilt`);
  await expect(foreseen.getByRole('img')).toHaveAccessibleName(`The quilts of 40 people: all seams of ${told} fit`);
  const places = () => foreseen.getByText(/places where two parts meet/).textContent();
  const before = await places();
  await page.getByRole('link', { name: 'Double bed' }).click();
  await expect.poll(places, { timeout: 60_000 }).not.toBe(before);
});

test('a test block stands among forty people’s as soon as it is measured', async ({ page, bench }) => {
  await bench.open('/samples');
  const expected = page.getByRole('region', { name: 'What to expect' });
  await expect(expected.locator('[data-checkpoint]').last()).toContainText('Cold Frame', { timeout: 60_000 });
  await expect(expected.locator('[data-placed]')).toHaveCount(0);
  await page.getByRole('button', { name: /^Cold Frame, 12/ }).click();
  await page.getByLabel('Is, size 1').fill('12 1/8');
  await expect(expected.locator('[data-placed]')).toHaveText(/^12 1\/8 was measured: smaller than \d\d of forty\.$/);
  // A size that is no size says nothing, and nothing is lost.
  await page.getByLabel('Is, size 1').fill('wide');
  await expect(expected.locator('[data-placed]')).toHaveCount(0);
});

import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import { expect, plain, test } from './bench-of-their-own';

test('a letter is cast by search, by keys, by dragging and by its list, and everything recolours at once', async ({
  page,
  bench,
}) => {
  await bench.open('/fabrics?colourway=frost');
  const quilt = page.getByRole('img', { name: /The quilt in Frost/ });
  const ground = (role: string) => quilt.evaluate((svg, r) => (svg as SVGElement).style.getPropertyValue(`--cloth-${r}`), role);
  const select = (role: string) => page.getByLabel(`Fabric of ${role}`, { exact: true });
  expect(await ground('B')).toBe('#2f4f6f');

  await page.getByRole('button', { name: 'Select B' }).click();
  await page.getByRole('searchbox').fill('qr-140');
  await page.getByRole('button', { name: 'Use Compost for B' }).last().click();
  await expect.poll(() => ground('B')).toBe('#4a3b32');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => ground('B')).toBe('#2f4f6f');

  // Along the value strip by keys: the next lighter fabric; a locked letter stays.
  await page.getByRole('heading', { name: 'The Allotment Year' }).click();
  await page.keyboard.press('Shift+D');
  await page.keyboard.press('ArrowRight');
  await expect(select('D')).not.toHaveValue('terracotta-crock');
  await page.keyboard.press('ArrowLeft');
  await expect(select('D')).toHaveValue('terracotta-crock');
  await page.getByRole('button', { name: 'Lock D' }).click();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Unlock D' })).toBeVisible();
  await expect(select('D')).toBeDisabled();

  await page.getByRole('searchbox').fill('gooseberry');
  await page.locator('li', { hasText: 'Gooseberry' }).dragTo(page.locator('[data-cast=A]'));
  await expect(select('A')).toHaveValue('gooseberry');
  await select('A').selectOption({ label: 'swap with C' });
  await expect(select('A')).toHaveValue('kale');
  await expect(select('C')).toHaveValue('gooseberry');
  await select('C').selectOption({ label: 'your choice, dark' });
  await expect(page.locator('[data-cast=C]')).toContainText('Participants bring their own');
  // As another colourway has it, but for what is locked.
  await page.getByRole('button', { name: 'Harvest', exact: true }).click();
  await expect(select('A')).toHaveValue('straw');
  await expect(select('C')).toHaveValue('marrow');
  await expect(select('D')).toHaveValue('terracotta-crock');
});

test('the picture is looked at in grey and by other eyes; a lost seam is mended from the shelf or meant to melt', async ({
  page,
  bench,
}) => {
  await bench.open('/fabrics?colourway=frost');
  const quilt = page.getByRole('img', { name: /The quilt in Frost/ });
  const ground = () => quilt.evaluate((svg) => (svg as SVGElement).style.getPropertyValue('--cloth-D'));
  const inColour = await ground();
  await page.keyboard.press('g');
  await expect(page.getByRole('radio', { name: 'Greyscale' })).toBeChecked();
  const grey = await ground();
  expect(grey).not.toBe(inColour);
  expect(new Set([grey.slice(1, 3), grey.slice(3, 5), grey.slice(5, 7)]).size).toBeLessThanOrEqual(2);
  await page.getByText('Colour-blind view: green').click();
  await expect.poll(ground).not.toBe(grey);
  await page.getByText('Colour', { exact: true }).click();

  const weak = page.locator('[data-seam=BD]');
  await expect(weak).toHaveAttribute('data-verdict', 'weak');
  await weak
    .getByRole('button', { name: / for B$| for D$/ })
    .first()
    .click();
  await expect(weak).toHaveAttribute('data-verdict', 'clear');
  await page.locator('[data-seam=CD]').getByRole('button', { name: 'Low contrast is intended' }).click();
  await expect(page.locator('[data-seam=CD]')).toHaveAttribute('data-verdict', 'melts');
  await page.locator('[data-seam=CD]').getByRole('button', { name: 'Warn me again' }).click();
  await expect(page.locator('[data-seam=CD]')).toHaveAttribute('data-verdict', 'lost');
});

test('a fabric is added, printed, measured and taken out again', async ({ page, bench }) => {
  await bench.open('/fabrics?colourway=dusk');
  await page.getByRole('searchbox').fill('Damson');
  await page.getByRole('button', { name: 'Add “Damson”' }).click();
  const form = page.getByRole('region', { name: 'Fabric Damson' });
  await form.getByRole('combobox', { name: /^Print/ }).selectOption('dots');
  await expect(form.getByLabel('Repeats every, in')).toHaveValue('1');
  await form.getByLabel('Repeats every, in').fill('two');
  await form.getByLabel('Repeats every, in').press('Enter');
  await expect(form.getByRole('alert')).toContainText('is not a length');
  await form.getByLabel('Repeats every, in').fill('1 1/2');
  await form.getByLabel('Repeats every, in').press('Enter');
  await form.getByLabel('Value, L*').fill('12');
  await form.getByLabel('Value, L*').press('Enter');
  await expect(form).toContainText('A dark. As measured');
  await expect(page.getByRole('button', { name: /Use Damson for ., value 12/ })).toBeVisible();
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  await page.getByRole('button', { name: 'Damson', exact: true }).click();
  await expect(form.getByLabel('Repeats every, in')).toHaveValue('1 1/2');
  await form.getByRole('button', { name: 'Delete Damson' }).click();
  await expect(page.getByRole('button', { name: 'Damson', exact: true })).toHaveCount(0);
  // What everybody needs of a fabric stands beside its letter.
  expect(plain(await page.locator('[data-cast=A]').innerText())).toMatch(/Everyone together needs .* yd|Working out/);
});

test('a photo is read, taken for its fabric and undone; what is no picture is refused with a sentence', async ({
  page,
  bench,
}) => {
  await bench.open('/fabrics?colourway=frost');
  const form = page.getByRole('region', { name: 'Fabric Frosted Pane' });
  const photo = form.getByLabel('Choose a photo…');
  await photo.setInputFiles({ name: 'cloth.png', mimeType: 'image/png', buffer: Buffer.from('<svg onload="alert(1)"/>') });
  await expect(form.getByRole('alert')).toContainText('This isn’t a JPEG, PNG or WebP picture');
  // A picture of the page itself will do for a photo of cloth.
  await photo.setInputFiles({ name: 'cloth.png', mimeType: 'image/png', buffer: await page.screenshot() });
  await expect(
    form
      .getByRole('slider')
      .or(form.getByLabel(/corner\./))
      .first(),
  ).toBeVisible();
  await form.getByRole('button', { name: 'Look at this cloth' }).click();
  const told = form.getByRole('region', { name: 'What the photo tells' });
  await expect(told).toContainText('value');
  await expect(told.getByRole('img')).toBeVisible();
  await told.getByRole('button', { name: 'Use this photo' }).click();
  await expect(form.getByLabel('Width of fabric in the photo, in')).toHaveValue('4');
  await expect(page.locator('pattern image').first()).toHaveAttribute('href', /^\/swatches\/[0-9a-f]{32}$/);
  const address = (await page.locator('pattern image').first().getAttribute('href'))!;
  expect((await page.request.get(address)).headers()['content-type']).toBe('image/jpeg');
  // In grey its average stands for it, which is true to its value.
  await page.getByText('Greyscale', { exact: true }).click();
  await expect(page.getByRole('img', { name: /The quilt in Frost/ }).locator('pattern image')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(form.getByLabel('Width of fabric in the photo, in')).toHaveCount(0);
  expect((await page.request.get(`/swatches/${'0'.repeat(32)}`)).status()).toBe(404);
});

test('the shelf goes out as CSV and comes in after a look; what is wrong is named by its line', async ({ page, bench }) => {
  await bench.open('/fabrics');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'CSV' }).click()]);
  const csv = (await readFile(await download.path(), 'utf8')).replace('QR-114,Mill Lane Cottons', 'QR-114,Harbour Cloth');
  const input = page.getByLabel('Import CSV (preview first');
  const send = (text: string) => input.setInputFiles({ name: 'shelf.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await send('not a shelf');
  const dialog = page.getByRole('dialog', { name: 'What shelf.csv would change' });
  await expect(dialog.getByRole('alert')).toContainText('the first line has to name its columns');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await send(`${csv}Damson,QR-400,,brown\r\nTeasel,QR-401,,#8a7a5a\r\n`);
  await expect(dialog).toContainText('1 new, 1 changed');
  await expect(dialog).toContainText('supplier: Mill Lane Cottons becomes Harbour Cloth');
  await expect(dialog.locator('tr', { hasText: 'Damson' })).toContainText('refused');
  await dialog.getByRole('button', { name: 'Import 2 fabrics' }).click();
  await expect(page.getByRole('button', { name: /^Teasel/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Teasel/ })).toHaveCount(0);
});

test('a letter becomes scrappy: its pool is filled, scattered, shuffled, pinned and kept', async ({ page, bench }) => {
  await bench.open('/fabrics?colourway=frost');
  const quilt = page.getByRole('application', { name: /The quilt in Frost/ });
  await page.getByLabel('Fabric of B', { exact: true }).selectOption('scrappy');
  await page.getByRole('button', { name: 'Select B' }).click();
  await page.getByRole('searchbox').fill('e');
  for (const name of ['Beetroot', 'Compost'])
    await page
      .getByRole('button', { name: `Add ${name} to B` })
      .last()
      .click();
  await expect(page.getByRole('list', { name: 'The pool of B' }).getByRole('listitem')).toHaveCount(3);
  // Three fabrics are scattered so that equal ones never touch, or it is said why not.
  await expect(page.locator('[data-scatter]')).toBeVisible();
  const fills = () =>
    quilt.locator('[data-place] [data-patch]').evaluateAll((all) => all.map((p) => p.getAttribute('fill')).join());
  await expect.poll(fills).toMatch(/paint-Ba.*paint-Bb|paint-Bb.*paint-Ba/);
  const first = await fills();
  await page.getByRole('heading', { name: 'The Allotment Year' }).click();
  await page.keyboard.press('s');
  await expect.poll(fills).not.toBe(first);
  await page.getByLabel('Number of the shuffle').fill('1');
  await page.getByLabel('Number of the shuffle').press('Enter');
  await expect.poll(fills).toBe(first);

  // By keys a block is taken in hand, and one of its patches pinned; another shuffle leaves it there.
  await quilt.focus();
  await page.keyboard.press('ArrowRight');
  const pins = page.getByRole('region', { name: 'The selected block' });
  await expect(pins.getByRole('heading')).toContainText('no. 1');
  const row = pins.locator('[data-pin]').first();
  await row.getByRole('combobox').selectOption({ label: 'always Compost' });
  const patch = Number(await row.getAttribute('data-pin')) - 1;
  const pinned = quilt.locator('[data-place="1,1"] [data-patch]').nth(patch);
  await expect(pinned).toHaveAttribute('fill', /paint-Bc/);
  await page.getByRole('button', { name: 'Shuffle' }).click();
  await expect.poll(fills).not.toBe(first);
  await expect(pinned).toHaveAttribute('fill', /paint-Bc/);

  // A school is picked, and everything is on the sheet by the fabrics' own letters.
  await page.getByText('one fabric from each pool per block').click();
  await expect(page.getByLabel('What of B has a fabric of its own')).toHaveValue('block');
  await bench.open('/months/m1/sheet');
  await expect(page.locator('main')).toContainText(/B[abc]1/);
  await bench.open('/fabrics?colourway=frost');
  await page.getByLabel('Fabric of B', { exact: true }).selectOption('one');
  await expect(page.getByRole('list', { name: 'The pool of B' })).toHaveCount(0);
  await expect(page.getByLabel('Fabric of B', { exact: true })).toHaveValue('water-butt');
});

test('units of a scrappy letter are made as a pool: it is told once, and the sheet says how many to take', async ({
  page,
  bench,
}) => {
  await bench.open('/fabrics?colourway=dusk');
  const made = page.getByLabel('How the units of C are made');
  // The demonstration's is a pool for each packet.
  await expect(made).toHaveValue('packet');
  await made.selectOption('named');
  await expect(page.locator('[data-pools] li')).toHaveCount(0);
  await made.selectOption({ label: 'as a pool of units for each block' });
  const pools = page.locator('[data-pools] li');
  await expect(pools.filter({ hasText: '24 half-square triangles of' })).toHaveCount(1);
  // One fabric for a block leaves nothing to deal; the choice comes back with a fabric for each patch.
  const per = page.getByLabel('What of C has a fabric of its own');
  await per.selectOption({ label: 'each block' });
  await expect(made).toBeDisabled();
  await expect(made).toHaveValue('named');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(made).toHaveValue('block');
  await page.getByLabel('Units of C that are alike, at most').fill('4');
  await page.getByLabel('Units of C that are alike, at most').press('Tab');
  await expect(page.locator('[data-scatter]')).toContainText('at most 4 may be alike, but there are only 4 ways');
  await page.getByLabel('Units of C that are alike, at most').fill('');
  await page.getByLabel('Units of C that are alike, at most').press('Tab');
  await expect(page.locator('[data-scatter=sound]')).toBeVisible();

  await bench.open('/months/m4/sheet?colourway=dusk');
  await expect(page.getByRole('heading', { name: /P\d+: make 24 half-square triangles/ })).toBeVisible();
  await expect(page.getByText('Take any 24.')).toBeVisible();
  await bench.open('/months/m4/sew?colourway=dusk');
  await expect(page.getByText('From your pools')).toContainText('any 24 of P');
  await expect(page.getByRole('heading', { name: /P\d+: make 24 half-square triangles/ })).toBeVisible();
});

test('a month’s block is looked at closely, in the same cast', async ({ page, bench }) => {
  await bench.open('/fabrics?colourway=dusk');
  await page.getByLabel('Look at').selectOption({ label: 'February' });
  const block = page.getByRole('img', { name: /Seed Drill in Dusk/ });
  await expect(block).toBeVisible();
  // Prints are drawn at the block's own scale.
  await expect(block.locator('pattern').first()).toBeAttached();
  const ground = () => block.evaluate((svg) => (svg as SVGElement).style.getPropertyValue('--cloth-B'));
  const before = await ground();
  await page.getByLabel('Fabric of B', { exact: true }).selectOption({ label: 'Compost' });
  await expect.poll(ground).not.toBe(before);
});

test('one photo of the shelf: a square on each piece makes fabrics of it, in their own colours; a second photo comes beside, undo takes all back', async ({
  page,
  bench,
}) => {
  const cloth = ['#8a2b2b', '#2b4d8a', '#e8e0c8', '#3f6b3a'];
  const photo = (colours: string[]) =>
    sharp(
      Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="400">${colours
          .map((c, i) => `<rect x="${(i * 800) / colours.length}" width="${800 / colours.length}" height="400" fill="${c}"/>`)
          .join('')}</svg>`,
      ),
    )
      .jpeg({ quality: 95 })
      .toBuffer();
  // Asked by the page itself, which does not mind a connection that was idle for long.
  const fabrics = () =>
    page.evaluate(
      async (address) => ((await (await fetch(address)).json()) as { fabrics: Record<string, string>[] }).fabrics,
      `/programmes/${bench.slug}/document`,
    );
  await bench.open('/fabrics');
  const before = await fabrics();
  await page
    .getByLabel(/^Photos of fabrics/)
    .setInputFiles({ name: 'shelf.jpg', mimeType: 'image/jpeg', buffer: await photo(cloth) });
  const dialog = page.getByRole('dialog', { name: 'Fabrics by photo' });
  // The first square lies in the middle, over two pieces: it goes, and each piece gets one.
  await dialog.getByRole('button', { name: 'Leave out' }).click();
  const shot = dialog.locator('[data-shot="0"]');
  const box = (await shot.boundingBox())!;
  for (const i of [0, 1, 2, 3]) {
    await shot.click({ position: { x: (box.width * (i + 0.5)) / 4, y: box.height * 0.5 } });
    if (i > 0) continue;
    await dialog.getByRole('button', { name: 'Smaller' }).click();
    await dialog.getByRole('button', { name: 'Smaller' }).click();
  }
  await expect(dialog.locator('[data-spot]')).toHaveCount(4);
  await dialog.getByLabel('Fabric 1').fill('Brick Dust');
  // By keys: to the right and back, nothing is lost at the edge.
  await dialog.getByRole('button', { name: /^Square 4/ }).focus();
  for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight', '-']) await page.keyboard.press(key);
  await page
    .getByLabel(/^Photos of fabrics/)
    .setInputFiles({ name: 'plum.jpg', mimeType: 'image/jpeg', buffer: await photo(['#5b2a5e']) });
  await expect(dialog.locator('[data-spot]')).toHaveCount(5);
  await page
    .getByLabel(/^Photos of fabrics/)
    .setInputFiles({ name: 'list.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(dialog.getByRole('alert')).toContainText('list.png: This isn’t a JPEG, PNG or WebP picture.');
  await dialog.getByRole('button', { name: 'Add 5 fabrics' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  const known = new Set(before.map((f) => f.id));
  const added = (await fabrics()).filter((f) => !known.has(f.id));
  expect(added.map((f) => f.name)[0]).toBe('Brick Dust');
  const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
  for (const [i, wanted] of [...cloth, '#5b2a5e'].entries()) {
    const far = Math.max(...channels(added[i]!.colour!).map((c, k) => Math.abs(c - channels(wanted)[k]!)));
    expect([wanted, far]).toEqual([wanted, expect.any(Number)]);
    expect(far).toBeLessThan(12);
    expect(added[i]!.photo).toMatch(/^[0-9a-f]{32}$/);
  }
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await fabrics()).length).toBe(before.length);
});

import { expect, plain, test } from './bench-of-their-own';

test('every cut size explains itself: formula, rounding, ruler', async ({ page, bench }) => {
  await bench.open('/months/m1/draft');
  await page.getByRole('button', { name: '7 3/4: why this number?' }).first().click();
  const why = page.getByRole('dialog', { name: 'Why 7 3/4?' });
  const text = plain(await why.innerText());
  expect(text).toContain('2 × f + 2 × (2 + √2) × s');
  expect(text).toContain('f is 3, the finished side');
  expect(text).toContain('or 7.7071');
  expect(text).toContain('a quarter short of 8');
  await page.keyboard.press('Escape');
  await expect(why).toBeHidden();
});

test('a size changed at one station is changed at all, and can be taken back', async ({ page, bench }) => {
  await bench.open('/months/m1/draft');
  const size = page.getByLabel('Finished size, in');
  await size.fill('9');
  await size.press('Enter');
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  // 9 in over four cells: f = 2 1/4, eight at a time 2f + 1.707 = 6.207, up to 6 1/4.
  await expect(page.getByRole('button', { name: '6 1/4: why this number?' }).first()).toBeVisible();
  await expect(page.getByText('most blocks of this programme finish at 12 by 12')).toBeVisible();

  await page.keyboard.press('Escape');
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /Instructions/ })
    .click();
  const sheet = page.getByRole('article', { name: 'Sheet' });
  await expect(sheet.getByRole('button', { name: '6 1/4: why this number?' }).first()).toBeVisible();
  expect(plain(await sheet.innerText())).toContain('Finished size 9 in square (unfinished 9 1/2 in)');

  await page.keyboard.press('Control+z');
  await expect(sheet.getByRole('button', { name: '7 3/4: why this number?' }).first()).toBeVisible();
});

test('what cannot be meant stays in its field with the reason, and is not saved', async ({ page, bench, request }) => {
  await bench.open('/months/m1/draft');
  const size = page.getByLabel('Finished size, in');
  for (const [written, reason] of [
    ['twelve', 'is not a length'],
    ['-3', 'cannot be negative'],
    ['0', 'needs a size'],
  ] as const) {
    await size.fill(written);
    await size.blur();
    await expect(page.getByRole('alert')).toContainText(reason);
  }
  await size.fill('12 1/2');
  await size.blur();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  const saved = await (await request.get(`/programmes/${bench.slug}/document`)).json();
  expect(saved.months[0].blocks[0].finished).toBe('12 1/2');
});

test('the sheet’s numbers are those of the cutting table', async ({ page, bench }) => {
  await bench.open('/months/m4/cut?colourway=harvest');
  await page.getByText('One kit', { exact: true }).click();
  await expect(page.getByRole('radio', { name: 'One kit' })).toBeChecked();
  const bought = (await page.locator('[data-buy]').allInnerTexts()).map(plain);
  await page.keyboard.press('4');
  const lengths = page.getByRole('article', { name: 'Sheet' }).locator('table').first().locator('tbody td:last-child');
  await expect(lengths).toHaveCount(bought.length);
  expect((await lengths.allInnerTexts()).map(plain)).toEqual(bought.map((yards) => `${yards} yd`));
});

test('a step in the organiser’s own words stands on the sheet, and steps aside when the computed one changes', async ({
  page,
  bench,
  request,
}) => {
  await bench.open('/months/m4/sheet');
  const sheet = page.getByRole('article', { name: 'Sheet' });
  await page.getByRole('button', { name: 'Change the words of a step' }).click();
  const place = page.locator('[data-place="bean-row:U1:sew"]');
  const computed = plain((await place.innerText()).replace(/^\d+/, ''));
  await place.click();
  await page.getByLabel('Your own words', { exact: true }).fill('Sew slowly round all four sides.');
  await page.keyboard.press('Control+Enter');
  await expect(place).toContainText('Sew slowly');
  await expect(page.getByText(`Yours, instead of: ${computed}`)).toBeVisible();
  // A sentence that is no step can be left out, and put back.
  await sheet.getByText('Safety: close the blade').click();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByText('Left out:')).toBeVisible();
  await page.getByRole('button', { name: 'Done with the words' }).click();
  await expect(sheet).toContainText('Sew slowly round all four sides.');
  await expect(sheet).not.toContainText('Safety');
  const file = `/programmes/${bench.slug}/months/m4/sheet/files/sheet.txt?colourway=frost`;
  await expect(async () => {
    expect(await (await request.get(file)).text()).toContain('Sew slowly round all four sides.');
  }).toPass();
  // At the sewing order they are said too.
  await bench.open('/months/m4/sew');
  await expect(page.getByRole('region', { name: 'Step' })).toContainText('Sew slowly round all four sides.');
  // Another method says it otherwise: hers steps aside, and she is told.
  await bench.open('/months/m4/sheet?hst=two-at-a-time');
  await expect(sheet).not.toContainText('Sew slowly');
  await expect(page.getByText('Your words ‘Sew slowly round all four sides.’ are not on the sheet')).toBeVisible();
});

test('a note with a photo stands on the sheet, is moved and hidden', async ({ page, bench }) => {
  await bench.open('/months/m4/sheet');
  const notes = page.getByRole('region', { name: 'Your own notes' });
  const sheet = page.getByRole('article', { name: 'Sheet' });
  for (const text of ['Bring a lamp.', 'Bring a cake.']) {
    await notes.getByLabel('Add a note at the top').fill(text);
    await notes.getByLabel('Add a note at the top').press('Tab');
    await expect(sheet).toContainText(text);
  }
  await notes.getByRole('button', { name: 'Move it up' }).click();
  await expect(sheet).toContainText(/cake.*lamp/s);
  await notes.getByRole('button', { name: 'hide' }).last().click();
  await expect(sheet).not.toContainText('Bring a lamp.');
  const png = await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } });
  await notes.getByLabel(/Add a photo/).setInputFiles({ name: 'lamp.png', mimeType: 'image/png', buffer: png });
  await expect(sheet.locator('img')).toHaveCount(1);
  await expect.poll(() => sheet.locator('img').evaluate((i: HTMLImageElement) => i.naturalWidth)).toBe(300);
  await notes.getByRole('button', { name: 'remove the photo' }).click();
  await expect(sheet.locator('img')).toHaveCount(0);
});

test('the sheet prints on A4 and on Letter, and only the sheet', async ({ page, bench }) => {
  await bench.open('/months/m4/sheet');
  for (const [name, width, height] of [
    ['A4', 595, 842],
    ['Letter', 612, 792],
  ] as const) {
    await page.getByRole('group', { name: 'Paper size' }).getByText(name, { exact: true }).click();
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    const boxes = [...pdf.matchAll(/\/MediaBox ?\[0 0 ([\d.]+) ([\d.]+)\]/g)].map((m) => [
      Math.round(Number(m[1])),
      Math.round(Number(m[2])),
    ]);
    expect(boxes.length).toBeGreaterThan(0);
    for (const box of boxes) expect(box).toEqual([width, height]);
  }
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Months' })).toBeHidden();
  await expect(page.getByLabel('Head count and tools')).toBeHidden();
  await expect(page.getByRole('article', { name: 'Sheet' })).toBeVisible();
});

test('an undrawn month says what to do next at every station', async ({ page, bench }) => {
  // Nor does it hand out anything of the quilt.
  await bench.open('/quilt');
  await page.getByLabel('Sashing and cornerstones handed out in').selectOption('');
  await page.getByLabel('Setting triangles (side and corner) handed out in').selectOption('');
  await expect(page.getByText(/^saved/)).toBeVisible();
  for (const station of ['draft', 'sew', 'cut', 'sheet', 'cutting-room']) {
    await bench.open(`/months/m11/${station}`);
    await expect(page.locator('main')).toContainText(/No block yet|nothing to (sew|cut)|Draw a block first/);
  }
  await bench.open('/months/m99/draft');
  await expect(page.getByRole('heading', { name: 'This month doesn’t exist any more' })).toBeVisible();
});

test('the keys that are listed work', async ({ page, bench }) => {
  await bench.open('/months/m1/draft');
  await page.keyboard.press(']');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('February: Seed Drill');
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/m2\/sew/);
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/m2\/cut/);
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/colourway=harvest/);
  await page.keyboard.press('[');
  await expect(page).toHaveURL(/m1\/cut\?colourway=harvest/);
  await page.keyboard.press('+');
  await expect(page.getByLabel('People in Harvest')).toHaveValue('19');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
});

test('night and day are chosen once and kept', async ({ page, bench }) => {
  await bench.open('/months/m1/draft');
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const day = await ground();
  await page.getByRole('button', { name: 'Dark mode' }).click();
  const night = await ground();
  expect(night).not.toBe(day);
  await page.reload();
  expect(await ground()).toBe(night);
});

test('a reason opened on the sheet is readable by night: indigo on white, like the paper', async ({ page, bench }) => {
  await bench.open('/months/m1/sheet');
  await page.getByRole('button', { name: 'Dark mode' }).click();
  await page.getByRole('button', { name: '7 3/4: why this number?' }).first().click();
  const box = page.getByRole('dialog').locator('> div');
  await expect(box).toHaveCSS('color', 'rgb(28, 42, 74)');
  await expect(box).toHaveCSS('background-color', 'rgb(255, 255, 255)');
});

test('a sheet is made for a larger quilt, a cut kit and left hands; published, it stays, and what changed is told', async ({
  page,
  bench,
}) => {
  await bench.open('/months/m1/sheet');
  const sheet = page.getByRole('article', { name: 'Sheet' });
  const wishes = page.getByRole('group', { name: 'This sheet is for' });
  await wishes.getByLabel('Quilt').selectOption({ label: 'Double bed' });
  await expect(sheet).toContainText('2 blocks.');
  await wishes.getByRole('combobox', { name: /^Kit/ }).selectOption({ label: 'the pieces, cut by the shop' });
  await expect(sheet.getByRole('heading', { name: 'In your bag' })).toBeVisible();
  await expect(sheet.getByRole('heading', { name: 'Cut', exact: true })).toHaveCount(0);
  await wishes.getByRole('combobox', { name: /^Kit/ }).selectOption({ label: 'a length of each fabric' });
  await wishes.getByLabel('left-handed cutting').check();
  await expect(sheet.getByRole('img', { name: /^Cutting diagram for .*, left-handed$/ }).first()).toBeVisible();
  // The address carries it, so the file is the sheet that is looked at.
  const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'PDF (A4)' }).click()]);
  expect(pdf.suggestedFilename()).toBe('m1-frost-double-bed-left.pdf');

  await bench.open('/months/m1/sheet');
  await page.getByRole('combobox', { name: 'Place' }).selectOption('cut');
  const words = page.getByLabel('Add a note after “Cut”');
  await words.fill('Mind the stripes.');
  await words.blur();
  await expect(sheet.getByText('Mind the stripes.')).toBeVisible();
  const versions = page.getByRole('region', { name: 'Versions' });
  await versions.getByRole('button', { name: 'Publish this sheet' }).click();
  await expect(versions).toContainText('Version 1 is published.');
  await bench.open('/months/m1/draft');
  await page.getByLabel('Finished size, in').fill('16');
  await page.getByLabel('Finished size, in').press('Enter');
  await expect(page.getByText(/^saved/)).toBeVisible();
  await bench.open('/months/m1/sheet');
  await expect(versions.locator('[data-since="1"]')).toContainText('Cold Frame now finishes at 16 in');
  const published = await page.request.get(
    (await versions.getByRole('link', { name: 'PDF' }).getAttribute('href'))!
      .replace('sheet/', `${page.url().replace(/sheet.*/, '')}sheet/`)
      .replace('.pdf', '.txt'),
  );
  expect(await published.text()).toContain('unfinished 12 1/2 in');
  await versions.getByRole('button', { name: 'Publish version 2' }).click();
  await expect(versions.locator('[data-version="2"]')).toBeVisible();
  await versions.getByRole('button', { name: 'Publish version 3' }).click();
  await expect(versions).toContainText('Nothing has changed since version 2.');
});

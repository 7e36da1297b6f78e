import { readFile } from 'node:fs/promises';
import { expect, plain, test } from './bench-of-their-own';

test('bolts: the shelf is used first, and what is lacking is ordered in time', async ({ page, bench }) => {
  await bench.open('/bolts');
  const butt = page.locator('[data-order=water-butt] td').nth(2);
  const before = plain(await butt.innerText());
  const shelf = page.getByRole('region', { name: 'Stock' });
  const form = shelf.getByRole('form', { name: 'Add to stock' });
  await form.getByLabel('Fabric').selectOption('water-butt');
  await form.getByLabel('Length, in').fill('9 3/');
  await form.getByRole('button', { name: 'Add to stock' }).click();
  await expect(form.getByRole('alert')).toBeVisible();
  await form.getByLabel('Length, in').fill('540');
  await form.getByLabel('Dye lot').fill('9');
  await form.getByRole('button', { name: 'Add to stock' }).click();
  await expect(page.locator('[data-bolts=water-butt]').getByText('540')).toBeVisible();
  await expect.poll(async () => plain(await butt.innerText())).not.toBe(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => plain(await butt.innerText())).toBe(before);
  // Fewer packets need less; none needs nothing.
  const boxes = page.getByRole('group', { name: 'Packets still to be cut' }).getByRole('checkbox');
  for (const box of await boxes.all()) if (await box.isChecked()) await box.uncheck();
  await expect(page.getByText('Choose the packets still to be cut.')).toBeVisible();
  await boxes.first().check();
  await expect(page.locator('[data-order]').first()).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'order list' }).click()]);
  const csv = await readFile(await download.path(), 'utf8');
  expect(csv.split('\r\n')[0]).toBe('supplier,fabric,number,amount,unit,length in,order by,cost GBP');
  expect(csv.trim().split('\r\n')).toHaveLength(1 + (await page.locator('[data-order]').count()));
});

test('what was worked out once comes with the page, for whoever opens it next, and needs no script', async ({
  page,
  bench,
  browser,
}) => {
  await bench.open('/bolts');
  await expect(page.locator('main progress')).toHaveCount(0, { timeout: 60_000 });
  const orders = plain(await page.locator('main table').first().innerText());
  expect(orders).toContain('yd');
  // Kept by the server once it had its hands free: a page that asks while it has not works it out itself.
  const data = () => page.evaluate((at) => fetch(at).then((r) => r.text()), `/programmes/${bench.slug}/bolts/__data.json`);
  await expect(async () => {
    await bench.open('/bolts');
    await expect(page.locator('main table').first()).toBeVisible();
    expect(await data()).toMatch(/"stock":\d/);
  }).toPass({ timeout: 90_000 });
  const other = await browser.newContext({ javaScriptEnabled: false });
  const theirs = await other.newPage();
  await theirs.goto(page.url());
  expect(plain(await theirs.locator('main table').first().innerText())).toBe(orders);
  await other.close();
});

test('packets: months are put together and apart; cloth is saved and kept whole; the bundle tells what stays', async ({
  page,
  bench,
}) => {
  await bench.open('/packets?colourway=dusk');
  const second = page.getByRole('region', { name: 'Packet 2' });
  await expect(second).toContainText('Keep whole: at least');
  await page.getByRole('button', { name: 'March: Cloche: separate packet' }).click();
  await expect(second).not.toContainText('March');
  await page.getByRole('button', { name: 'March: Cloche: combine with the previous packet' }).click();
  await expect(second).toContainText('· March');
  const bundle = page.locator('[data-bundle=elderberry]');
  await expect(bundle).toContainText('Largest piece still whole: ');
  const slider = bundle.getByRole('slider');
  await slider.focus();
  await page.keyboard.press('End');
  await expect(bundle).toContainText('After September');
  // A kit that is only a list names what to bring.
  await page.getByLabel('A kit is').selectOption('list');
  await expect(page.getByRole('table', { name: 'What to bring' }).first()).toContainText('Or fat quarters');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('table', { name: 'What to bring' })).toHaveCount(0);
  await page.getByRole('group', { name: 'Whose packet' }).getByText('Double bed').click();
  await expect(page.getByRole('region', { name: 'Packet 1', exact: true })).toBeVisible();
});

test('figures: four charts with their numbers, following the head count', async ({ page, bench }) => {
  await bench.open('/figures');
  await expect(page.locator('[data-chart]')).toHaveCount(4);
  const cloth = page.locator('[data-chart="Fabric by packet"]');
  await cloth.getByRole('button', { name: 'Show table' }).click();
  const total = async () =>
    (await cloth.locator('tbody td:not(:first-child)').allInnerTexts()).reduce((sum, text) => sum + Number(text), 0);
  const before = await total();
  expect(before).toBeGreaterThan(0);
  await page.keyboard.press('+');
  await expect.poll(total).not.toBe(before);
  // The curve falls as more people share the spares and the strips.
  const curve = page.locator('[data-chart^="Fabric for one participant"]');
  const rows = await curve.locator('tbody tr').allInnerTexts();
  const [first, last] = [rows[0]!, rows.at(-1)!].map((row) => Number(row.split(/\s+/)[1]));
  expect(last).toBeLessThan(first!);
});

test('cutting machine: files are read back and checked; a bad one stops it', async ({ page, bench }) => {
  await bench.open('/months/m2/cut?colourway=frost');
  await page.getByRole('link', { name: 'Files for the cutting machine' }).click();
  await expect(page.locator('[data-machine=ready]')).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Download this mat' }).click(),
  ]);
  const svg = await readFile(await download.path(), 'utf8');
  expect(svg.match(/<path /g)!.length).toBeGreaterThan(1);
  const choose = (text: string) =>
    page
      .getByLabel('Try a file of your own')
      .setInputFiles({ name: 'mine.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(text) });
  await choose(svg.replace('Z"', '"'));
  await expect(page.getByRole('alert')).toContainText('is not closed');
  await choose('no drawing at all');
  await expect(page.getByRole('alert')).toContainText('The file is no SVG');
  await choose(svg);
  await expect(page.locator('[data-machine=ready]')).toBeVisible();
  await page.getByRole('button', { name: 'Back to this month' }).click();
  // A mat that is too small is refused in a sentence, and put right.
  const width = page.getByLabel('Mat width, in');
  await width.fill('1');
  await width.press('Enter');
  await expect(page.getByText(/won’t fit the 1 by 24 in mat/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-machine=ready]')).toBeVisible();
});

test('a fabric’s form is chosen at the table, and undone as a whole', async ({ page, bench }) => {
  await bench.open('/months/m5/cut?colourway=dusk');
  await page.getByRole('button', { name: 'Elderberry' }).click();
  const comes = page.locator('details[data-comes]');
  await expect(comes).toHaveAttribute('data-comes', 'fat-quarter');
  await comes.locator('summary').click();
  await comes.getByLabel('Sold').selectOption('yardage');
  await expect(comes).toHaveAttribute('data-comes', 'yardage');
  await expect(comes.getByLabel('Usable width, in')).toHaveValue('42');
  await expect(page.locator('[data-fabric=elderberry] [data-buy]')).not.toContainText('fat quarters');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(comes).toHaveAttribute('data-comes', 'fat-quarter');
  await expect(comes.getByLabel(/Pieces in the start-up bundle/)).toHaveValue('3');
});

test('sizes and step-outs are told to the programme, and reach the cutting table', async ({ page, bench }) => {
  await bench.open('/packets?colourway=harvest');
  await page.getByRole('button', { name: 'Add a size' }).click();
  const sizes = page.getByRole('region', { name: 'Sizes' });
  const added = sizes.getByRole('group', { name: 'Larger quilt' });
  const field = added.getByLabel('People in Harvest making it');
  await field.fill('99');
  await field.press('Enter');
  await expect(sizes.getByRole('alert')).toContainText('A whole number from 0 to 18.');
  await field.fill('3');
  await field.press('Enter');
  await expect(sizes.getByRole('alert')).toHaveCount(0);
  const outs = page.getByRole('region', { name: 'Step-outs' });
  const before = await outs.getByRole('listitem').count();
  await outs.getByRole('button', { name: 'Add step-outs' }).click();
  await expect(outs.getByRole('listitem')).toHaveCount(before + 1);
  await bench.open('/months/m1/cutting-room?colourway=harvest&basis=batch');
  await expect(page.getByText(/each Larger quilt kit 2 ×/).first()).toBeVisible();
  await expect(page.getByText(/the step-outs \d+ ×/).first()).toBeVisible();
});

test('what nobody can mean is answered with a sentence, never with a fault of the server', async ({ bench, request }) => {
  const year = `/programmes/${bench.slug}`;
  const place = `/api${year}/cutting/m1~frost~batch`;
  const tick = { list: 'l', step: 's', done: true, kits: 3, base: [], estimated: 5, gives: [] };
  const put = (data: object | string, to = place) =>
    request.put(to, { data, headers: { 'content-type': 'application/json' } }).then((r) => r.status());
  expect(await put(tick)).toBe(200);
  expect(await put('{"list":')).toBe(400);
  for (const wrong of [
    { kits: -1 },
    { base: ['\u0000'] },
    { gives: [{ fabric: 'kale' }] },
    { estimated: 'long' },
    { step: '' },
  ])
    expect(await put({ ...tick, ...wrong })).toBe(400);
  expect(await put(tick, `/api/programmes/no-such-year/cutting/m1~frost~batch`)).toBe(404);
  expect(await put(tick, `/api${year}/cutting/${'x'.repeat(400)}`)).toBe(404);
  expect((await request.patch(place, { data: { list: 'l', minutes: -3 } })).status()).toBe(400);
  const get = (path: string) => request.get(`${year}${path}`).then((r) => r.status());
  expect(await get('/bolts/order.csv?packets=1,2')).toBe(200);
  expect(await get('/bolts/order.csv?packets=0')).toBe(400);
  expect(await get('/bolts/order.csv?packets=1&people.frost=many')).toBe(400);
  expect(await get('/months/m1/cutter/files/water-butt-1.svg?colourway=frost')).toBe(200);
  expect(await get('/months/m1/cutter/files/water-butt-99.svg?colourway=frost')).toBe(404);
  expect(await get('/months/m99/cutter?colourway=frost')).toBe(200);
  expect(await get('/months/m1/cutting-room?colourway=mud&people=-1&reading=best')).toBe(200);
});

test('an order is handed in, comes late or short, and is put on the shelf; the price list is looked at first', async ({
  page,
  bench,
}) => {
  await bench.open('/bolts');
  await page.locator('[data-order]').first().waitFor();
  const kale = page.locator('[data-order=kale]');
  await expect(kale).toBeVisible();
  await page.getByRole('button', { name: 'Order from Mill Lane Cottons' }).click();
  const ordered = page.locator('[data-ordered=order-2]');
  await expect(ordered).toContainText('due');
  // What is on its way is not asked for again.
  await expect(kale).toHaveCount(0);
  await expect(page.locator('[data-bolts=kale]')).toContainText('on order');
  // The demonstration's other order is late; looked at a year on, all papers have come.
  await expect(page.locator('[data-ordered=order-1]')).toContainText('days late');
  const ahead = new Date();
  ahead.setUTCFullYear(ahead.getUTCFullYear() + 1);
  await page.getByLabel('Show for').fill(ahead.toISOString().slice(0, 10));
  const papers = ordered.locator('[data-paper]');
  await expect(papers.first()).toBeVisible();
  await papers.first().getByRole('button', { name: 'Add to stock' }).click();
  await expect(
    page
      .getByRole('region', { name: 'Stock', exact: true })
      .getByText(/lot \d/)
      .first(),
  ).toBeVisible();
  for (let left = await papers.count(); left > 0; left -= 1) {
    await papers.first().getByRole('button', { name: 'Add to stock' }).click();
    await expect(papers).toHaveCount(left - 1);
  }
  await expect(ordered).toContainText('received');
  // Undone, the last paper lies there again.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(papers).toHaveCount(1);

  await bench.open('/fabrics');
  await page.getByRole('button', { name: 'Mill Lane Cottons', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'What the price list of Mill Lane Cottons would change' });
  await expect(dialog).toContainText(/\d+ changed/);
  await expect(dialog).toContainText(/price per yd: 1[\d.]+ becomes 1[\d.]+/);
  await dialog.getByRole('button', { name: /^Import \d+ fabrics?$/ }).click();
  await page.getByRole('button', { name: 'Mill Lane Cottons', exact: true }).click();
  await expect(dialog).toContainText('Everything is in the programme already.');
});

test('the first packet is written, made a mystery and kept; a month for everybody comes as one archive, or is stopped', async ({
  page,
  bench,
}) => {
  await bench.open('/papers?colourway=harvest');
  const packet = page.getByRole('article', { name: 'Welcome pack' });
  await expect(packet.getByRole('heading', { level: 1 })).toContainText('Welcome to');
  await expect(packet.getByRole('row', { name: /January.*Cold Frame.*packet 1/ })).toBeVisible();
  await expect(packet.getByRole('img', { name: 'The quilt in Harvest' })).toBeVisible();
  await page.getByLabel('Welcome letter').fill('Dear all,\nbring tea.');
  await page.getByLabel('Welcome letter').blur();
  await expect(packet).toContainText('bring tea.');
  // A mystery shows neither the quilt nor any block before its month.
  await page.getByRole('checkbox', { name: /Mystery quilt/ }).check();
  await expect(packet.getByRole('img', { name: 'The quilt in Harvest' })).toHaveCount(0);
  await expect(packet.getByRole('table').first()).not.toContainText('Seed Drill', { useInnerText: true });
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(packet.getByRole('img', { name: 'The quilt in Harvest' })).toBeVisible();
  const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'PDF (A4)' }).click()]);
  expect((await readFile(await pdf.path())).subarray(0, 5).toString()).toBe('%PDF-');

  const everybody = page.getByRole('region', { name: 'One month, all versions' });
  await everybody.getByRole('button', { name: /All sheets/ }).click();
  await everybody.getByRole('button', { name: 'Stop' }).click();
  await expect(everybody.getByRole('button', { name: /All sheets/ })).toBeVisible();
  const [zip] = await Promise.all([
    page.waitForEvent('download'),
    everybody.getByRole('button', { name: /All sheets/ }).click(),
  ]);
  expect(zip.suggestedFilename()).toBe(`${bench.slug}-m1.zip`);
  const names = (await readFile(await zip.path())).toString('latin1');
  for (const name of [
    'frost/m1-frost.pdf',
    'frost/m1-frost-double-bed.pdf',
    'dusk/m1-dusk.txt',
    'harvest/m1-harvest-cut-list.csv',
  ])
    expect(names).toContain(name);
});

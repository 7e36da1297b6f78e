import { expect, open, plain, test } from './bench-of-their-own';
import { enrol, letOut, pageOf, setKits } from './people';

test('a programme from nothing: made, a block drawn, a fabric named, people enrolled, and the first kits are planned', async ({
  page,
}) => {
  await open(page, '/');
  await page.getByRole('link', { name: 'New programme' }).click();
  const title = `Hedge ${crypto.randomUUID().slice(0, 6)}`;
  await page.getByLabel('Name').fill(title);
  await page.getByLabel('Number of releases').fill('3');
  await page.getByLabel('First release').fill('2027-06-05');
  await page.getByLabel('Colourways (separate with commas)').fill('Dawn, Noon');
  await page.getByRole('button', { name: 'Create and draw the first block' }).click();
  await expect(page.getByRole('heading', { name: 'June 2027' })).toBeVisible();
  await page.getByLabel('Search blocks').fill('shoo fly');
  await page
    .getByRole('button', { name: /Shoo Fly/ })
    .first()
    .click();
  await expect(page.getByRole('region', { name: 'This month' }).getByLabel('Blocks in a kit')).toBeVisible();
  // Another colourway, and a month more, by the way.
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('button', { name: 'Add a month' }).click();
  await expect(page.getByRole('link', { name: /Month 4/ }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Fabrics' }).click();
  const form = page.getByRole('region', { name: 'The colourway' });
  await form.getByRole('button', { name: 'Duplicate colourway' }).click();
  await expect(form.getByLabel('Name')).toHaveValue('Colourway 3');
  await form.getByLabel('Name').fill('Night');
  await form.getByLabel('Name').press('Enter');
  await page.getByRole('link', { name: 'Run', exact: true }).click();
  await expect(page.getByText('No participants yet.')).toBeVisible();
  await page.keyboard.press('n');
  const dialog = page.getByRole('dialog', { name: 'Add a participant' });
  await dialog.getByLabel('Name').fill('Ada Fenn');
  await dialog.getByLabel('Colourway').selectOption({ label: 'Night' });
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.locator('[data-person="Ada Fenn"]')).toContainText('Night');
  await page.getByRole('link', { name: 'Kits', exact: true }).click();
  await expect(page.getByRole('region', { name: 'To be cut next' })).toContainText('Night');
  await page.getByRole('button', { name: 'Share out the work' }).click();
  await expect(page.locator('[data-hand="1"] li').first()).toContainText('1 kit of Night');
});

test('the roster: a list from a spreadsheet is looked at, taken in and undone; many are changed at once; numbers follow', async ({
  page,
  bench,
}) => {
  await bench.open('/roster');
  const csv =
    'Member;Mail;Colours;Quilt\nAda Fenn;ada@example.org;Frost;Double bed\nBea Vetch;bea@example.org;Harvest;\nCy Quill;nonsense;Dusk;\nDot Rusk;dot@example.org;Dusk;\n';
  await page
    .getByLabel('Import CSV (preview first')
    .setInputFiles({ name: 'members.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  const dialog = page.getByRole('dialog', { name: 'What members.csv would change' });
  await expect(dialog).toContainText('3 new, 0 changed, 0 unchanged, 1 with errors');
  await expect(dialog).toContainText('isn’t a valid email address');
  await dialog.getByRole('button', { name: 'Import 3 people' }).click();
  await expect(page.locator('[data-person]')).toHaveCount(3);
  await expect(page.locator('[data-counted=frost]')).toContainText('1');
  await page.locator('h1').click();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('No participants yet.')).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.locator('[data-person]')).toHaveCount(3);
  await page.getByLabel('Select everyone on this page').check();
  await page.getByLabel('Move to colourway').selectOption('dusk');
  await expect(page.locator('[data-counted=dusk]')).toContainText('3');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.locator('[data-counted=dusk]')).toContainText('1');
  await page.getByRole('button', { name: 'none' }).click();
  // One of them, by her own form; a wrong address is said where it is.
  await page.getByRole('button', { name: 'Bea Vetch' }).click();
  const form = page.getByRole('region', { name: 'Bea Vetch' });
  await form.getByLabel('Email').fill('bea@');
  await form.getByLabel('Email').press('Enter');
  await expect(form.getByRole('alert')).toContainText('isn’t a valid email address');
  await form.getByLabel('State').selectOption('left');
  await expect(page.locator('[data-person="Bea Vetch"]')).toContainText('left');
  // The dial tries numbers; it is the roster that counts.
  await bench.open('/months/m1/cut?colourway=frost');
  await page.getByRole('button', { name: 'One more' }).click();
  await expect(page.getByRole('button', { name: /^Enrol/ })).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'change it under Participants' })).toBeVisible();
});

test('a month from drawing to release: proofed, let out, in her mail and on her page, ticked and asked about', async ({
  page,
  bench,
  request,
}) => {
  const [ada] = await enrol(request, bench.slug, { 'Ada Fenn': {}, 'Bea Vetch': { colourway: 'harvest' } });
  const hers = await pageOf(request, bench.slug, ada!);
  await open(page, hers);
  await expect(page.getByText('Nothing has been released yet.')).toBeVisible();
  await expect(page.getByText('Cold Frame')).toHaveCount(0);
  await bench.open('/months/m1/draft');
  await page.getByRole('link', { name: 'Release', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Mark as proofed and lock' })).toBeDisabled();
  await letOut(page);
  const holder = page.locator('[data-holder="Ada Fenn"]');
  await expect(holder).toContainText('by email');
  await page.getByRole('link', { name: 'See the emails' }).click();
  await expect(page.locator('[data-letter]')).toHaveCount(2);
  await page.getByRole('link', { name: 'Open the demo mailbox' }).click();
  await page.getByLabel('Search by name or subject').fill(bench.slug.slice(-6));
  await page
    .locator(`[data-mail^="ada.fenn.${bench.slug.slice(-6)}"]`)
    .getByRole('button')
    .click();
  await page.getByRole('link', { name: /\/p\// }).click();
  await expect(page).toHaveURL(new RegExp(hers));
  await page.getByRole('checkbox', { name: 'units sewn' }).check();
  await page.getByLabel('Your question').fill('May I press open?');
  await page.getByRole('button', { name: 'Ask', exact: true }).click();
  await expect(page.getByText('not answered yet')).toBeVisible();
  await page.getByRole('link', { name: 'Open the sheet' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'January: Cold Frame' })).toBeVisible();
  expect(plain(await page.getByRole('main').innerText())).toContain('12 1/2');
  await bench.open('/post');
  await page.getByLabel('Answer to Ada Fenn').fill('Yes, at the middle crossing.');
  await page.getByRole('button', { name: 'Answer' }).click();
  await expect(page.getByText('0 questions to answer')).toBeVisible();
  await open(page, hers);
  await expect(page.getByText('Yes, at the middle crossing.')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'units sewn' })).toBeChecked();
});

test('a sheet is read step by step on a telephone, also without a connection, and goes on where it was left', async ({
  page,
  bench,
  request,
  context,
}) => {
  const [ada] = await enrol(request, bench.slug, { 'Ada Fenn': {} });
  const hers = await pageOf(request, bench.slug, ada!);
  await bench.open('/months/m1/release');
  await letOut(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, hers);
  await page.getByRole('link', { name: 'Open the sheet' }).click();
  await page.getByRole('heading', { level: 1, name: 'January: Cold Frame' }).waitFor();
  // Nothing of the sheet reaches beyond the screen.
  const clipped = await page
    .locator('article.paper')
    .evaluate(
      (sheet) => Array.from(sheet.querySelectorAll('*')).filter((e) => e.getBoundingClientRect().right > innerWidth + 1).length,
    );
  expect(clipped).toBe(0);
  await page.getByRole('link', { name: 'Sew it step by step' }).click();
  const card = page.locator('[data-card]');
  await expect(card).toContainText('January');
  await expect.poll(() => page.evaluate(async () => Boolean(await caches.match(location.href)))).toBe(true);
  await context.setOffline(true);
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  await page.getByLabel('Go to').selectOption({ label: 'Cut' });
  await page.getByRole('checkbox').first().check();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.keyboard.press('ArrowRight');
  const at = await card.getAttribute('data-card');
  await expect(page.getByText(/^2 of \d+$/)).toBeVisible();
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  await expect(card).toHaveAttribute('data-card', at!);
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('checkbox').first()).toBeChecked();
  await context.setOffline(false);
});

test('what is sewn and measured is kept when the network goes in the middle, and goes on on another device', async ({
  page,
  bench,
  request,
  context,
  browser,
}) => {
  const [ada] = await enrol(request, bench.slug, { 'Ada Fenn': {} });
  const hers = await pageOf(request, bench.slug, ada!);
  await bench.open('/months/m3/release');
  await letOut(page);
  const steps = `${hers}/months/m3/steps`;
  await open(page, steps);
  await expect.poll(() => page.evaluate(async () => Boolean(await caches.match(location.href)))).toBe(true);
  const card = page.locator('[data-card]');
  const size = page.getByRole('region', { name: 'What you measure' });
  // A pedal's key goes on; the first thing to measure.
  const first = await card.getAttribute('data-card');
  await page.locator('body').press('Enter');
  await expect(card).not.toHaveAttribute('data-card', first!);
  for (let n = 0; n < 30 && (await size.count()) === 0; n += 1) await page.keyboard.press('PageDown');
  const here = (await card.getAttribute('data-card'))!;
  const input = size.getByRole('textbox').first();
  const label = (await size.locator('label').first().textContent())!;
  const [, expected] = /should be (.*) in/.exec(label.replace(/\s+/g, ' ')) ?? [];
  expect(expected).toBeTruthy();
  await input.fill('1');
  await expect(size.locator('[data-verdict="small"]')).toContainText('press it again');
  await expect(page.locator('[data-kept="true"]')).toBeAttached();

  // The network goes: what is done and measured now is on the device alone, also after the page is opened anew.
  await context.setOffline(true);
  await size.getByRole('textbox').first().fill('3 1/2');
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.locator('[data-kept="false"]')).toBeAttached();
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  const there = (await card.getAttribute('data-card'))!;
  expect(there).not.toBe(here);
  await expect(page.locator('[data-kept="false"]')).toBeAttached();
  await context.setOffline(false);
  await expect(page.locator('[data-kept="true"]')).toBeAttached();

  // Another device with her link goes on there.
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const other = await phone.newPage();
  await open(other, new URL(steps, page.url()).href);
  await expect(other.locator('[data-card]')).toHaveAttribute('data-card', there);
  await other.getByLabel('Go to').selectOption({
    index: await other
      .locator('select option')
      .count()
      .then((n) => n - 1),
  });
  await phone.close();
  await open(page, steps);
  await page.getByRole('button', { name: 'Back' }).click();
  for (let n = 0; n < 30 && (await card.getAttribute('data-card')) !== here; n += 1) await page.keyboard.press('ArrowLeft');
  await expect(size.getByRole('textbox').first()).toHaveValue('3 1/2');

  // What she measures is hers until she sends it.
  await bench.open('/progress');
  await expect(page.getByText('3 1/2')).toHaveCount(0);
  await open(page, steps);
  for (let n = 0; n < 30 && (await card.getAttribute('data-card')) !== here; n += 1) await page.keyboard.press('ArrowLeft');
  await size.getByRole('button', { name: /^Send the organiser/ }).click();
  await expect(size).toContainText('Sent to the organiser.');
});

test('the cards are turned by voice where the browser understands speech by itself, and only there', async ({
  page,
  request,
}) => {
  const slug = 'the-allotment-year';
  const { people } = await (await request.get(`/api/programmes/${slug}/roster?find=Ada%20Fenn`)).json();
  // A browser that hears: its answers have their parts on the prototype, as a browser's own have.
  await page.addInitScript(() => {
    class Understood {
      get confidence() {
        return 0.9;
      }
      get said() {
        return ' Next';
      }
    }
    Object.defineProperty(Understood.prototype, 'said', { enumerable: true });
    Object.assign(window, {
      SpeechRecognition: class {
        static available(): Promise<string> {
          return Promise.resolve('available');
        }
        start() {
          Object.assign(window, {
            say: () =>
              (this as unknown as { onresult: (event: object) => void }).onresult({
                resultIndex: 0,
                results: [[new Understood()]],
              }),
          });
        }
        stop() {}
      },
    });
  });
  await open(page, `${await pageOf(request, slug, people[0])}/months/m3/steps`);
  const card = page.locator('[data-card]');
  const first = (await card.getAttribute('data-card'))!;
  await page.getByRole('button', { name: 'Turn the cards by voice' }).click();
  await expect(page.getByText('What you say stays on this device.')).toBeVisible();
  await page.evaluate(() => (window as unknown as { say: () => void }).say());
  await expect(card).not.toHaveAttribute('data-card', first);
});

test('a late joiner in month five, and a leaver: what is made stays made, what is lacking is cut next', async ({
  page,
  bench,
  request,
}) => {
  const [ada, bea] = await enrol(request, bench.slug, { 'Ada Fenn': {}, 'Bea Vetch': {} });
  for (const month of ['m1', 'm2', 'm4']) await setKits(request, bench.slug, month, [ada!, bea!], 'packed');
  await bench.open(`/roster?person=${bea!.id}`);
  await page.getByRole('region', { name: 'Bea Vetch' }).getByLabel('State').selectOption('left');
  await expect(page.locator('[data-person="Bea Vetch"]')).toContainText('left');
  await page.getByRole('link', { name: 'Kits', exact: true }).click();
  await expect(page.getByText('3 made and not claimed')).toBeVisible();
  await page.getByRole('link', { name: 'Participants' }).click();
  await page.getByRole('button', { name: 'Add a participant' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add a participant' });
  await dialog.getByLabel('Name').fill('Late Lark');
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.locator('[data-person="Late Lark"]')).toBeVisible();
  await page.getByRole('link', { name: 'Kits', exact: true }).click();
  const next = page.getByRole('region', { name: 'To be cut next' });
  await expect(next).toContainText('for late joiners');
  await page.getByRole('button', { name: 'Assign 3 to people still without a kit' }).click();
  await expect(page.locator('[data-row="m1 frost "] td').nth(4)).toHaveText('2');
  // May is out as well: of that she gets a kit cut, with everybody's.
  await expect(next.locator('[data-next="m5 frost"]')).toContainText('2');
  await page.getByRole('button', { name: 'Share out the work' }).click();
  await expect(page.locator('[data-hand]')).toHaveCount(2);
  await page.getByRole('button', { name: 'Mark all as cut' }).click();
  await expect(page.locator('[data-next="m5 frost"]')).toHaveCount(0);
});

test('an erratum after release reaches exactly those who hold the old version', async ({ page, bench, request }) => {
  await enrol(request, bench.slug, { 'Ada Fenn': {}, 'Bea Vetch': { colourway: 'harvest' } });
  await bench.open('/months/m1/release');
  await letOut(page);
  await expect(page.locator('[data-holder="Bea Vetch"]')).toContainText('by email');
  await enrol(request, bench.slug, { 'Late Lark': {} });
  await page.getByRole('link', { name: 'Block', exact: true }).click();
  await page.getByRole('region', { name: 'This month' }).getByLabel('Finished size, in').fill('13');
  await page.getByRole('region', { name: 'This month' }).getByLabel('Finished size, in').press('Enter');
  await page.getByRole('link', { name: 'Release', exact: true }).click();
  await expect(page.getByText('The draft has changed since release.')).toBeVisible();
  await page.getByRole('button', { name: 'Publish version 2' }).click();
  await expect(page.locator('[data-version="2"]')).toBeVisible();
  await expect(page.locator('[data-holder="Ada Fenn"]')).toContainText('2', { timeout: 60_000 });
  await expect(page.locator('[data-holder="Late Lark"]')).toContainText('–');
  await bench.open('/post?find=correction');
  await expect(page.locator('[data-letter]')).toHaveCount(2);
});

test('a pickup evening goes on when the connection is lost in the middle', async ({ page, bench, request, context }) => {
  const people = await enrol(request, bench.slug, {
    'Ada Fenn': {},
    'Bea Vetch': { colourway: 'dusk' },
    'Cy Quill': {},
    'Dot Rusk': { handing: 'post', address: '1 Mill Lane' },
  });
  await setKits(request, bench.slug, 'm1', people, 'packed');
  // Only a page that is to open without a connection puts the application onto the device.
  const workers = () => page.evaluate(async () => (await navigator.serviceWorker.getRegistrations()).length);
  await bench.open('/kits');
  expect(await workers()).toBe(0);
  await bench.open('/pickup');
  await expect(page.locator('[data-visitor]')).toHaveCount(3);
  await expect.poll(workers).toBe(1);
  await page.getByRole('button', { name: 'January: Cold Frame handed out to Ada Fenn' }).click();
  await expect(page.locator('[data-waiting]')).toContainText('everything is saved');
  await expect.poll(() => page.evaluate(async () => Boolean(await caches.match(location.href)))).toBe(true);
  await context.setOffline(true);
  // The tablet is put down, and its page opened anew, while there is no connection.
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  await expect(page.locator('[data-visitor]')).toHaveCount(2);
  // By scanner: the label's code and Enter.
  await page.locator('[data-scan]').fill(`m1/${people[1]!.id.slice(0, 8)}`);
  await page.locator('[data-scan]').press('Enter');
  await expect(page.getByText('January: Cold Frame handed to Bea Vetch.')).toBeVisible();
  await expect(page.locator('[data-waiting]')).toContainText('1 kit is saved on this device');
  await page.locator('[data-scan]').fill('cy');
  await page.locator('[data-scan]').press('Enter');
  await expect(page.locator('[data-waiting]')).toContainText('2 kits are saved on this device');
  await expect(page.locator('[data-visitor]')).toHaveCount(0);
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-visitor="Cy Quill"]')).toBeVisible();
  await context.setOffline(false);
  await expect(page.locator('[data-waiting]')).toContainText('everything is saved');
  const kits = (await (await request.get(`/api/programmes/${bench.slug}/kits?month=m1`)).json()) as {
    name: string;
    state: string;
  }[];
  expect(kits.map((k) => [k.name, k.state])).toEqual([
    ['Ada Fenn', 'handed'],
    ['Bea Vetch', 'handed'],
    ['Cy Quill', 'packed'],
    ['Dot Rusk', 'packed'],
  ]);
  await page.reload();
  await page.locator('html[data-ready]').waitFor();
  await page.getByText('by post').click();
  await expect(page.locator('[data-visitor="Dot Rusk"]')).toContainText('1 Mill Lane');
});

test('a short delivery: what has come is used, what still comes is waited for, and what never comes is ordered again', async ({
  page,
  bench,
}) => {
  const save = async (changes: object[]) => {
    const answer = await page.request.post(`/api/programmes/${bench.slug}/changes`, { data: { changes } });
    expect(answer.status()).toBe(200);
    await bench.open('/bolts');
  };
  await bench.open('/bolts');
  const cell = page.locator('[data-order=water-butt] td').nth(2);
  /** '90 1/24 yd' as a number. */
  const asked = async () => {
    const [, whole = '0', over = '0', under = '1'] = /^(\d+)?\s*(?:(\d+)\/(\d+))?/.exec(plain(await cell.innerText()))!;
    return Number(whole) + Number(over) / Number(under);
  };
  const before = await asked();
  const line = { fabric: 'water-butt', length: '360' };
  const order = { id: 'o-1', supplier: 'Harbour Cloth', placed: '2027-05-01', due: '2027-05-15', lines: [line] };
  await save([{ path: '/orders/o-1', to: order }]);
  await expect.poll(asked).toBeLessThan(before - 5);
  const waiting = await asked();
  // Two thirds come, and are put on the shelf; the rest is still on its way: what lies in lengths serves a little less well.
  const first = { id: 'd-1', date: '2027-05-15', lines: [{ ...line, length: '240', dyeLot: '9' }] };
  await save([
    { path: '/orders/o-1/deliveries', to: [first] },
    { path: '/shelf/o-1-d-1', to: { id: 'o-1-d-1', fabric: 'water-butt', length: '240', dyeLot: '9' } },
  ]);
  await expect.poll(asked).toBeLessThan(waiting + 4);
  const left = await asked();
  await save([{ path: '/orders/o-1/closed', to: true }]);
  await expect.poll(asked).toBeGreaterThan(left + 2);
  expect(await asked()).toBeLessThan(before);
});

test('the last month: borders, binding and backing go out like any other, and the year is done', async ({
  page,
  bench,
  request,
}) => {
  const [ada] = await enrol(request, bench.slug, { 'Ada Fenn': {} });
  await bench.open('/months/m12/release');
  await letOut(page);
  const hers = await pageOf(request, bench.slug, ada!);
  await open(page, `${hers}/months/m12`);
  await expect(page.getByRole('heading', { name: /^December/ }).first()).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Bind', exact: true })).toBeVisible();
  await expect(page.getByText(/backing/i).first()).toBeVisible();
  await open(page, hers);
  for (const step of ['cut', 'units sewn', 'block finished']) await page.getByRole('checkbox', { name: step }).check();
  await expect(page.getByRole('region', { name: 'Catching up' })).toHaveCount(0);
});

test('the calendar: days by a cadence round the holidays, hours that move and why; samples say what the seam takes; money adds up', async ({
  page,
  bench,
}) => {
  await bench.open('/calendar');
  await page.getByLabel('From').fill('2027-07-05');
  await page.getByLabel('To', { exact: true }).fill('2027-07-12');
  await page.getByLabel('Reason').fill('county show');
  await page.getByRole('button', { name: 'Add days off' }).click();
  await page.getByRole('button', { name: 'Apply schedule to all months' }).click();
  await expect(page.getByText(/July moved from .* county show/)).toBeVisible();
  await expect(page.locator('[data-step="release m7"]')).toContainText('Sat');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/county show\./)).toHaveCount(0);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Download' }).click()]);
  expect(download.suggestedFilename()).toMatch(/\.ics$/);
  await page.getByRole('link', { name: 'Test blocks' }).click();
  await page.getByRole('button', { name: 'Add a measurement' }).click();
  await page.getByLabel('Seams across, size 1').fill('7');
  await page.getByLabel('Should be, size 1').fill('16 1/2');
  await page.getByLabel('Is, size 1', { exact: true }).fill('16 1/4');
  await expect(page.locator('[data-diagnosis]')).toContainText('a little wide');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.locator('[data-sample=m1]')).toBeVisible();
  await page.getByRole('link', { name: 'Money' }).click();
  await expect(page.locator('[data-money=m1]')).toBeVisible();
  await expect(page.locator('[data-sum="Breaks even at"]')).toContainText('people');
  await page.getByRole('link', { name: 'Forecast' }).click();
  await expect(page.locator('[data-advice]').first()).toBeVisible();
});

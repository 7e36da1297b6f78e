import { readFileSync } from 'node:fs';
import { demo, expect, open, test } from './bench-of-their-own';

const asFile = (document: unknown, name = 'spring.aggrega.json') => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(typeof document === 'string' ? document : JSON.stringify(document)),
});

test('a file is previewed before anything is written, then added as a new programme', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('link', { name: 'Import' }).click();
  const title = `Spring at Quarry Road ${Date.now()}`;
  await page.getByLabel(/Choose a file/).setInputFiles(asFile({ ...demo, title, colorways: [] }));
  const preview = page.getByRole('region', { name: 'Preview' });
  await expect(preview).toContainText(
    `${demo.months.length} months, ${demo.blocks.length} blocks, ${demo.fabrics.length} fabrics`,
  );
  await expect(preview).toContainText('does not know the field');
  await page.getByRole('button', { name: 'Import as a new programme' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
});

test('a refused file names each place and reason, and nothing is written', async ({ page, request }) => {
  const title = `Broken ${Date.now()}`;
  await open(page, '/programmes/import');
  const broken = { ...structuredClone(demo), title };
  broken.blocks[0].patches.pop();
  broken.house.seam = 'a quarter';
  broken.months[1].blocks[0].block = 'nowhere';
  const file = page.getByLabel(/Choose a file/);
  await file.setInputFiles(asFile(broken));
  await expect(page.getByRole('heading', { name: 'spring.aggrega.json can’t be imported: 3 things to fix' })).toBeVisible();
  await expect(page.getByText('/house/seam')).toBeVisible();
  await expect(page.getByText('block Cold Frame, drawing')).toBeVisible();
  await expect(page.getByText('there’s a gap in the block between (1, 1) and (3, 3)')).toBeVisible();
  await expect(page.getByText("there is no block 'nowhere'")).toBeVisible();
  await expect(page.getByRole('button', { name: 'Import as a new programme' })).toHaveCount(0);

  await file.setInputFiles(asFile('{"format": ', 'half.json'));
  await expect(page.getByRole('alert')).toContainText('half.json isn’t a programme file');
  expect(await (await request.get('/')).text()).not.toContain(title);
  const forced = await request.post('/api/import', { data: broken });
  expect(forced.status()).toBe(422);
  expect((await forced.json()).errors).toHaveLength(3);
  expect(await (await request.get('/')).text()).not.toContain(title);
});

test('what is exported is what was imported', async ({ page, bench }) => {
  await bench.open('/settings');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export as a file' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe(`${bench.slug}.aggrega.json`);
  const { title, ...rest } = JSON.parse(readFileSync(await file.path(), 'utf8'));
  expect({ ...rest, title: demo.title }).toEqual(demo);
  expect(title).toContain(demo.title);
});

test('a programme put aside can be put back', async ({ page, bench }) => {
  await open(page, '/');
  const row = page.getByRole('listitem').filter({ has: page.locator(`a[href="/programmes/${bench.slug}"]`) });
  await row.getByRole('button', { name: 'Archive' }).click();
  await expect(row).toHaveCount(0);
  const response = await page.goto(`/programmes/${bench.slug}`);
  expect(response!.status()).toBe(404);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('We can’t find that programme');
  await open(page, '/');
  const title = (id: string) => new RegExp(id.split('-').at(-1)!, 'i');
  await page
    .getByRole('listitem')
    .filter({ hasText: title(bench.slug) })
    .getByRole('button', { name: 'Restore' })
    .click();
  await expect(row).toHaveCount(1);
});

test('the doors answer bad requests with a sentence', async ({ request, bench }) => {
  const changes = `/api/programmes/${bench.slug}/changes`;
  const post = (url: string, data: string, headers = {}) =>
    request.post(url, { data, headers: { 'content-type': 'application/json', ...headers } });
  const expectations: [Promise<{ status(): number; text(): Promise<string> }>, number][] = [
    [post(changes, '{"changes":'), 400],
    [post(changes, '{"changes":[]}'), 400],
    [post(changes, '{"changes":[{"path":7}]}'), 400],
    [post(changes, '{"changes":[{"path":"/__proto__/x","to":1}]}'), 422],
    [post(changes, '{"changes":[{"path":"/house","from":1,"to":2}]}'), 409],
    [post('/api/programmes/none/changes', '{"changes":[{"path":"/title","to":"x"}]}'), 404],
    [post('/api/import', 'null'), 422],
    [post('/api/import', JSON.stringify({ ...demo, note: 'x'.repeat(9e6) })), 413],
    [post('/api/import', '{}', { origin: 'https://elsewhere.example' }), 403],
    [request.get('/health', { headers: { host: 'aggrega.example' } }), 403],
    [request.get('/schemas/none'), 404],
    [request.get('/programmes/none/document'), 404],
  ];
  for (const [response, status] of expectations) {
    const answer = await response;
    expect(answer.status()).toBe(status);
    expect(await answer.text()).not.toMatch(/\.js:\d+|node_modules/);
  }
  const schema = await request.get('/schemas/aggrega-programme.schema.json');
  expect((await schema.json()).title).toBe('Aggrega programme');
});

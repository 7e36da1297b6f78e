import { afterAll, beforeAll, beforeEach, expect, it, vi } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import { acting, asOrganisation, closePool } from '../db/pool';
import { importProgramme, saveChanges } from '../programme/programmes';
import type { FoundFile } from '../web/file-answer';
import { publishSheet } from './sheet-versions';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
const NAMED = { name: 'm1.txt', body: Buffer.from('Cut\n2 squares') };
let owner: string;

beforeAll(async () => {
  owner = await freshDatabase();
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, 'Quilters'));
});
beforeEach(() => asOwner(owner, 'truncate worked_out'));
const closes: (() => Promise<void>)[] = [closePool];
afterAll(async () => void (await Promise.all(closes.map((close) => close()))));

/** A process of its own, with nothing in its memory, of the code by that name. */
async function process(code?: string) {
  vi.resetModules();
  closes.push((await import('../db/pool')).closePool);
  const { keepFilesMadeBy, keptFile } = await import('./kept-files');
  if (code) keepFilesMadeBy(code);
  const make = vi.fn(() => Promise.resolve(NAMED));
  const { sheetFile } = await import('./sheet-files');
  return { keptFile, make, sheetFile };
}
const bytesOf = (file: FoundFile) => {
  if (!('body' in file)) throw new Error(file.message);
  return Buffer.from(file.body as Uint8Array);
};

it('a file is made once for every process of the house, and for nobody else, nor by other code, nor of anything else', async () => {
  const one = await process('a');
  const both = await Promise.all([1, 2].map(() => one.keptFile(QUARRY, { month: 'm1' }, one.make)));
  expect([both, one.make.mock.calls.length]).toEqual([[NAMED, NAMED], 1]);

  const other = await process('a');
  expect(await other.keptFile(QUARRY, { month: 'm1' }, other.make)).toEqual(NAMED);
  expect(other.make).not.toHaveBeenCalled();
  await other.keptFile(QUARRY, { month: 'm2' }, other.make);
  await other.keptFile(MILL, { month: 'm1' }, other.make);
  const later = await process('b');
  await later.keptFile(QUARRY, { month: 'm1' }, later.make);
  expect([other.make.mock.calls.length, later.make.mock.calls.length]).toEqual([2, 1]);
  // Code that has no name keeps nothing.
  const nameless = await process();
  for (let n = 0; n < 2; n += 1) await nameless.keptFile(QUARRY, { month: 'm1' }, nameless.make);
  expect(nameless.make).toHaveBeenCalledTimes(2);
});

it('keeps also what somebody sets off who may only look, and nothing that was refused', async () => {
  const { keptFile, make } = await process('a');
  const refused = { status: 404, message: 'no such sheet' } as const;
  for (let n = 0; n < 2; n += 1) expect(await keptFile(QUARRY, 'no', () => Promise.resolve(refused))).toBe(refused);
  expect(await asOwner(owner, 'select from worked_out')).toEqual([]);
  await acting.run({ account: '', looksOnly: true }, () => keptFile(QUARRY, 'yes', make));
  expect(await asOwner(owner, 'select from worked_out')).toHaveLength(1);
  const other = await process('a');
  const { acting: there } = await import('../db/pool');
  expect(await there.run({ account: '', looksOnly: true }, () => other.keptFile(QUARRY, 'yes', other.make))).toEqual(NAMED);
  expect(other.make).not.toHaveBeenCalled();
});

it('a sheet from the store is the one that would be made, and every wish, version and month that is out has its own', async () => {
  const imported = await importProgramme(QUARRY, demo);
  if (imported.kind !== 'imported') throw new Error('unsound');
  const { slug } = imported;
  await publishSheet(QUARRY, slug, 'm1');
  const asked = (more: Record<string, string> = {}) => new URLSearchParams({ colourway: 'frost', ...more });
  const files = [
    { file: 'sheet.pdf', asked: asked({ version: '1' }) },
    { file: 'sheet.pdf', asked: asked({ version: '1', page: 'letter' }) },
    { file: 'sheet.pdf', asked: asked({ version: '1', level: 'new' }) },
    { file: 'sheet.pdf', asked: asked() },
    { file: 'sheet.txt', asked: asked({ version: '1' }) },
    { file: 'sheet.txt', asked: asked({ version: '1', colourway: 'dusk' }) },
    { file: 'sheet.pdf', asked: asked({ version: '1' }), out: new Set(['m1']) },
  ].map((of) => ({ slug, month: 'm1', ...of }));
  const fresh = await process();
  const made = [];
  for (const of of files) made.push(await fresh.sheetFile(QUARRY, of));
  for (const warm of [await process('a'), await process('a')])
    for (const [i, of] of files.entries()) {
      const file = await warm.sheetFile(QUARRY, of);
      expect([i, { ...file, body: undefined }]).toEqual([i, { ...made[i], body: undefined }]);
      expect(bytesOf(file).equals(bytesOf(made[i]!))).toBe(true);
    }
  expect(await asOwner(owner, 'select from worked_out')).toHaveLength(files.length);

  // The draft changes, what was published does not.
  await saveChanges(QUARRY, slug, [{ path: '/months/m1/blocks/cold-frame/finished', from: '12', to: '14' }]);
  const warm = await process('a');
  const texts = { slug, month: 'm1', file: 'sheet.txt' };
  expect(bytesOf(await warm.sheetFile(QUARRY, { ...texts, asked: asked() })).toString()).toContain('14 1/2');
  expect(bytesOf(await warm.sheetFile(QUARRY, { ...texts, asked: asked({ version: '1' }) })).toString()).toContain('12 1/2');
  expect(await warm.sheetFile(MILL, { ...texts, asked: asked() })).toMatchObject({ status: 404 });
  expect(await warm.sheetFile(QUARRY, { ...texts, asked: asked({ version: '7' }) })).toMatchObject({ status: 404 });
});

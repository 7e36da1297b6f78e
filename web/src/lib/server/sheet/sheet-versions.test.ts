import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { importProgramme, saveChanges } from '../programme/programmes';
import { sheetFile } from './sheet-files';
import { publishSheet, versionsOf } from './sheet-versions';

const GUILD = '00000000-0000-4000-8000-00000000000a';
let slug: string;
beforeAll(async () => {
  await freshDatabase();
  await asOrganisation(GUILD, (db) => insertOrganisation(db, GUILD, 'Quarry Road Quilters'));
  const imported = await importProgramme(GUILD, demo);
  if (imported.kind !== 'imported') throw new Error('not imported');
  slug = imported.slug;
});
afterAll(closePool);

const text = async (version?: number) => {
  const asked = new URLSearchParams({ colourway: 'frost', ...(version && { version: String(version) }) });
  const file = await sheetFile(GUILD, { slug, month: 'm1', file: 'sheet.txt', asked });
  return 'body' in file ? String(file.body) : file.message;
};

describe('a published sheet', () => {
  it('stays as it was, whatever the document becomes; what changed is told, and published only when it did', async () => {
    expect(await versionsOf(GUILD, slug, 'm1')).toEqual({ versions: [], since: [] });
    expect(await publishSheet(GUILD, slug, 'm1')).toEqual({ kind: 'published', version: 1 });
    const first = await text(1);
    expect(first).toContain('12 1/2 in');
    expect(first).toContain('Version 1');
    expect(await publishSheet(GUILD, slug, 'm1')).toEqual({ kind: 'same', version: 1 });

    const path = '/months/m1/blocks/cold-frame/finished';
    await saveChanges(GUILD, slug, [{ path, from: '12', to: '16' }]);
    expect(await text(1)).toBe(first);
    expect(await text()).toContain('16 1/2 in');
    const { since } = (await versionsOf(GUILD, slug, 'm1'))!;
    expect(since.map((s) => s.colourway)).toEqual(['Frost', 'Harvest', 'Dusk']);
    expect(since[0]!.says).toContain('Cold Frame now finishes at 16 in (unfinished 16 1/2 in), not 12 in.');
    // A change of another month is no change of this sheet.
    await saveChanges(GUILD, slug, [{ path, from: '16', to: '12' }]);
    await saveChanges(GUILD, slug, [{ path: '/months/m2/homework', to: 'Sew on.' }]);
    expect((await versionsOf(GUILD, slug, 'm1'))!.since).toEqual([]);
    expect(await publishSheet(GUILD, slug, 'm1')).toEqual({ kind: 'same', version: 1 });

    await saveChanges(GUILD, slug, [{ path: '/months/m1/notes/start', to: 'Bring a pencil.' }]);
    expect(await publishSheet(GUILD, slug, 'm1')).toEqual({ kind: 'published', version: 2 });
    expect(await text(2)).toContain('Bring a pencil.');
    expect(await text(1)).toBe(first);
  });

  it('is not there for what is not drawn, not there, or no number', async () => {
    expect(await publishSheet(GUILD, slug, 'm99')).toEqual({ kind: 'missing' });
    expect(await publishSheet(GUILD, 'no-such-year', 'm1')).toEqual({ kind: 'missing' });
    expect(await text(9)).toContain('We can’t find that sheet');
    for (const version of ['0', '-1', 'one', '1e3']) {
      const asked = new URLSearchParams({ version });
      expect(await sheetFile(GUILD, { slug, month: 'm1', file: 'sheet.pdf', asked })).toMatchObject({ status: 404 });
    }
  });
});

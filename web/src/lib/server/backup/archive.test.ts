import { existsSync } from 'node:fs';
import { chmod, mkdtemp, readFile, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, zipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { takeArchive, writeArchive } from './archive';
import { ArchiveBusy, ArchiveError, sweepSent } from './upload';
import { invite } from '../auth/house';
import { putDemoAccount, putMember } from '../db/accounts';
import { tables } from '../db/archive';
import { listInvitations } from '../db/invitations';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, atTheDoor, closePool, connectionCounts } from '../db/pool';
import { DEMO_ORGANISATION, loadDemo } from '../demo/demo';
import { importProgramme, programmeOf, saveChanges } from '../programme/programmes';
import { houseRecord } from '../history/record';
import { changeRoster, everybody } from '../participants/roster';

const NEW = '00000000-0000-4000-8000-00000000000f';
let owner: string;
let archive: Buffer;

async function* inPieces(bytes: Uint8Array, size = 5000) {
  for (let i = 0; i < bytes.length; i += size) yield bytes.slice(i, i + size);
}
const byEmail = (a: { email: string }, b: { email: string }) => a.email.localeCompare(b.email);
/** Every row of an organisation, without what belongs to the installation; the record's numbers by their order. */
async function everything(organisation: string) {
  const found: Record<string, unknown> = {};
  for (const table of tables) {
    const rows = await asOwner<{ row: Record<string, unknown> }>(
      owner,
      table === 'programme_revision'
        ? `select json_build_object('p', programme_id, 'r', revision, 'd', document::text, 's', saved_at) as row from ${table} where organisation_id = '${organisation}' order by programme_id, revision`
        : `select to_jsonb(t) - 'organisation_id' - 'link_hash' - 'id' - 'record_id' || ${table === 'record' || table === 'deleted_row' ? `'{}'` : `jsonb_build_object('id', to_jsonb(t) -> 'id')`} as row
           from ${table} t where organisation_id = '${organisation}' order by ${table === 'record' || table === 'deleted_row' ? 'id' : '1'}`,
    );
    found[table] = rows.map((r) => r.row);
  }
  return found;
}

beforeAll(async () => {
  // A folder of its own: other tests write archives at the same time.
  process.env.TMPDIR = await mkdtemp(join(tmpdir(), 'aggrega-archives-'));
  owner = await freshDatabase();
  await loadDemo(false);
  await saveChanges(DEMO_ORGANISATION, 'the-allotment-year', [{ path: '/house/note', to: 'nul \u0000 and more' }]);
  // Somebody who was taken off, and can be brought back.
  const id = '00000000-0000-4000-8000-0000000000ee';
  const person = { ...(await everybody(DEMO_ORGANISATION, 'the-allotment-year'))[0]! };
  const plain = Object.fromEntries(
    [
      'name',
      'phone',
      'address',
      'colourway',
      'size',
      'kit',
      'handing',
      'state',
      'joined',
      'left',
      'paidTo',
      'notes',
      'sheet',
      'email',
    ].map((k) => [k, person[k as never]]),
  );
  const guest = { ...plain, name: 'Guest', email: '' } as never;
  await changeRoster(DEMO_ORGANISATION, 'the-allotment-year', [{ id, to: guest }]);
  await changeRoster(DEMO_ORGANISATION, 'the-allotment-year', [{ id, from: guest }]);
  const { path, remove } = await writeArchive(DEMO_ORGANISATION, 'Quarry Road Quilters');
  archive = await readFile(path);
  await remove();
});
afterAll(closePool);

/** The archive with a file in it that says something else. */
const otherwise = (name: string, text: string) =>
  Buffer.from(zipSync({ ...unzipSync(archive), [name]: Buffer.from(text) }, { level: 1 }));
const membersIn = (zip: Uint8Array) => Buffer.from(unzipSync(zip)['members.jsonl']!).toString();

describe('an archive', () => {
  it('holds every table that an organisation owns, and documents that are read on their own', async () => {
    const owned = await asOwner<{ table: string }>(
      owner,
      `select table_name as table from information_schema.columns where table_schema = 'public' and column_name = 'organisation_id' order by 1`,
    );
    const others = [
      'desk_letter',
      'membership',
      'invitation',
      'session',
      'last_change',
      'change_under_way',
      'object_to_delete',
      'first_answer',
      // They belong to the links of an installation.
      'page_code',
      'page_device',
      'page_pin',
      // They can be made again.
      'revision_pack',
      'worked_out',
    ];
    expect([...tables].sort()).toEqual(owned.map((o) => o.table).filter((t) => !others.includes(t)));
    const files = unzipSync(archive);
    for (const table of tables)
      expect([table, files[`tables/${table}.jsonl`]!.length > 0]).toEqual([
        table,
        table !== 'swatch_photo' && table !== 'cut_list' && table !== 'cut_step' ? true : expect.any(Boolean),
      ]);
    const document: unknown = JSON.parse(Buffer.from(files['programmes/the-allotment-year.aggrega.json']!).toString());
    expect((await importProgramme(DEMO_ORGANISATION, { ...(document as object), title: 'Once more' })).kind).toBe('imported');
    expect(Buffer.from(files['tables/participant.jsonl']!).toString()).not.toContain('link_hash');
  });

  it('is taken in by an empty shop on an empty server, and everything is as it was; links are its own', async () => {
    const before = await everything(DEMO_ORGANISATION);
    const other = await freshDatabase();
    await closePool();
    const first = owner;
    owner = other;
    await asOrganisation(NEW, (db) => insertOrganisation(db, NEW, 'Quarry Road Quilters'));
    // She who takes it in has a part already, and is not invited again.
    const [own, ...others] = membersIn(archive)
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as { email: string; role: string });
    const account = { id: '00000000-0000-4000-8000-0000000000ab', name: 'Own', email: own!.email };
    await atTheDoor((db) => putDemoAccount(db, account));
    await asOrganisation(NEW, (db) => putMember(db, NEW, account.id, 'owner'));
    expect(await takeArchive(NEW, inPieces(archive))).toEqual({ programmes: 3 });
    const invited = (await asOrganisation(NEW, listInvitations)).map(({ email, role, ends }) => ({ email, role, ends }));
    const asked = others.map(({ email, role }) => ({ email, role, ends: null }));
    expect(invited.sort(byEmail)).toEqual(asked.sort(byEmail));
    expect(asked.length).toBeGreaterThan(0);
    // What is prepared opens no door; a letter does, and the record tells of it.
    const { email } = asked[0]!;
    await invite({ id: NEW, name: 'Quarry Road' }, { email, role: 'viewer', by: 'Own' });
    expect((await asOrganisation(NEW, listInvitations)).find((i) => i.email === email)!.ends).not.toBeNull();
    const told = (await houseRecord(NEW)).entries.flatMap((e) => e.says);
    expect(told[0]).toBe(`${email} invited, as viewer`);
    // Whose accounts are on another server are told of by name.
    expect(told).toContain('Dot Larch joined as cutting room');
    const after = await everything(NEW);
    for (const table of tables) {
      const known = (before[table] as object[]).filter((r) => !JSON.stringify(r).includes('Once more'));
      if (!['programme', 'programme_revision', 'record'].includes(table)) expect([table, after[table]]).toEqual([table, known]);
    }
    const programme = (await programmeOf(NEW, 'the-allotment-year'))!;
    expect(programme.document).toMatchObject({ house: { note: 'nul \u0000 and more' } });
    expect((after.record as object[]).length).toBeGreaterThan(100);
    // What came in goes on as ever: a save, and an entry of the record that follows on.
    expect(
      (
        await saveChanges(NEW, 'the-allotment-year', [
          { path: '/contact', from: programme.document.contact, to: 'the new till' },
        ])
      ).kind,
    ).toBe('saved');
    expect(await asOwner(owner, `select count(*)::int as links from participant where link_hash is not null`)).toEqual([
      { links: expect.any(Number) },
    ]);
    await expect(takeArchive(NEW, inPieces(archive))).rejects.toThrow(/already/);
    owner = first;
  });

  it('that is broken, cut short or something else is refused with a sentence, and leaves nothing', async () => {
    const empty = '00000000-0000-4000-8000-00000000000e';
    await asOrganisation(empty, (db) => insertOrganisation(db, empty, 'Empty'));
    const broken = Buffer.from(archive);
    broken.fill(7, 3000, 3400);
    const strange = [
      otherwise('members.jsonl', '{"email":"x@example.org","role":"queen"}\n'),
      otherwise('members.jsonl', 'null\n'),
      otherwise('tables/programme_revision.jsonl', '{"programme_id":\n'),
      otherwise('tables/deleted_row.jsonl', '7\n'),
    ];
    for (const bytes of strange) await expect(takeArchive(empty, inPieces(bytes))).rejects.toThrow(ArchiveError);
    for (const bytes of [archive.subarray(0, archive.length / 2), broken, Buffer.from('not a zip at all'), Buffer.alloc(0)])
      await expect(takeArchive(empty, inPieces(bytes))).rejects.toThrow(ArchiveError);
    expect(await asOwner(owner, `select count(*)::int as n from programme where organisation_id = '${empty}'`)).toEqual([
      { n: 0 },
    ]);
    expect((await readdir(tmpdir())).filter((f) => f.startsWith('aggrega-archive-'))).toEqual([]);
  });

  it('that unpacks without end, or holds what nobody can read, is refused before it is in memory, and leaves nothing', async () => {
    const head = unzipSync(archive)['archive.json']!;
    const bombs: Record<string, Uint8Array>[] = [
      // More than fifty megabytes of lines, of spaces, and of one line.
      { 'tables/participant.jsonl': Buffer.from('{"id":1}\n'.repeat(6_000_000)) },
      { 'unknown.txt': Buffer.alloc(55_000_000, 32) },
      { 'tables/programme_revision.jsonl': Buffer.alloc(55_000_000, 91) },
      { 'archive.json': Buffer.alloc(55_000_000, 32) },
      // Small, and far too much when it is read.
      { 'tables/participant.jsonl': Buffer.from(`{"id":[${'[],'.repeat(1_200_000)}[]]}\n`) },
      { 'tables/participant.jsonl': Buffer.from('{"__proto__":{"id":1}}\n') },
    ];
    const house = '00000000-0000-4000-8000-0000000000e1';
    await asOrganisation(house, (db) => insertOrganisation(db, house, 'Bombed'));
    for (const files of bombs) {
      const zip = Buffer.from(zipSync({ 'archive.json': head, ...files }, { level: 6 }));
      await expect(takeArchive(house, inPieces(zip, 100_000))).rejects.toThrow(ArchiveError);
    }
    expect(await asOwner(owner, `select count(*)::int as n from participant where organisation_id = '${house}'`)).toEqual([
      { n: 0 },
    ]);
    expect((await readdir(tmpdir())).filter((f) => f.startsWith('aggrega-archive-'))).toEqual([]);
  });

  it('that is sent slowly, or never to its end, holds no connection; and no house sends two at a time', async () => {
    const houses = Array.from({ length: 12 }, (_, i) => `00000000-0000-4000-8000-0000000000d${i.toString(16)}`);
    for (const house of houses) await asOrganisation(house, (db) => insertOrganisation(db, house, 'Slow'));
    const gone: (() => void)[] = [];
    async function* slow() {
      yield archive.subarray(0, 3000);
      await new Promise<void>((resolve) => gone.push(resolve));
      throw new Error('the sender has gone');
    }
    const sent = houses.map((house) => takeArchive(house, slow()).catch((error: Error) => error.message));
    while (gone.length < houses.length) await new Promise((resolve) => setImmediate(resolve));
    // More of them than there are connections, and everybody else is served.
    expect((await programmeOf(NEW, 'the-allotment-year'))?.document).toBeDefined();
    expect(connectionCounts()).toMatchObject({ waiting: 0 });
    await expect(takeArchive(houses[0]!, inPieces(archive))).rejects.toThrow(ArchiveBusy);
    for (const end of gone) end();
    expect(new Set(await Promise.all(sent))).toEqual(new Set(['the sender has gone']));
    // Whose sender has gone may begin again.
    await expect(takeArchive(houses[0]!, inPieces(Buffer.from('no zip')))).rejects.toThrow(ArchiveError);
    // What a process left that was ended in the middle goes after a day.
    const left = await mkdtemp(join(tmpdir(), 'aggrega-archive-'));
    await sweepSent(new Date());
    expect(existsSync(left)).toBe(true);
    await sweepSent(new Date(Date.now() + 86_400_000 + 1000));
    expect(existsSync(left)).toBe(false);
    // Where another user's lies there, closed to this one, the rest of the turn goes on.
    const closed = await mkdtemp(join(tmpdir(), 'aggrega-archive-'));
    await writeFile(join(closed, 'sent.zip'), '');
    await chmod(closed, 0);
    await expect(sweepSent(new Date(Date.now() + 86_400_000 + 1000))).resolves.toBeUndefined();
    if (existsSync(closed)) await chmod(closed, 0o700);
    await rm(closed, { recursive: true, force: true });
  });
});

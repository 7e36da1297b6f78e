import { blankPerson } from '@aggrega/core/running';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner, freshDatabase } from '../../../../tests/fresh-database';
import { logEvening, setStep } from '../cut/cutting-room';
import { insertOrganisation } from '../db/organisations';
import { acting, asOrganisation, atTheDoor, closePool } from '../db/pool';
import { putDemoAccount, putMember } from '../db/accounts';
import { sweepDeleted } from '../db/records';
import { importProgramme, programmeOf, putAside, saveChanges } from '../programme/programmes';
import { bringBack, recordOf, takeBack } from './record';
import { changeRoster, erasePerson, everybody } from '../participants/roster';
import { noteSample, sampleLog, takeSampleOut } from '../test-blocks/samples';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
const ANN = { id: '00000000-0000-4000-8000-0000000000aa', name: 'Ann Vale', email: 'ann@example.org' };
let owner: string;
let slug: string;
const asAnn = <T>(work: () => Promise<T>) => acting.run({ account: ANN.id, looksOnly: false }, work);
const entries = async () => (await recordOf(QUARRY, slug, null))!.entries;
const said = async () => (await entries()).map((e) => `${e.by}: ${e.says.join('; ')}`);
const document = async () => (await programmeOf(QUARRY, slug))!.document;

beforeAll(async () => {
  owner = await freshDatabase();
  await atTheDoor((db) => putDemoAccount(db, ANN));
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, 'Somebody'));
  await asOrganisation(QUARRY, (db) => putMember(db, QUARRY, ANN.id, 'owner'));
});
beforeEach(async () => {
  const imported = await importProgramme(QUARRY, demo);
  if (imported.kind !== 'imported') throw new Error('unsound');
  ({ slug } = imported);
});
afterAll(closePool);

describe('the record', () => {
  it('says who saved what, newest first; what runs by itself has no name', async () => {
    await asAnn(() => saveChanges(QUARRY, slug, [{ path: '/contact', from: demo.contact, to: 'at the till' }]));
    await saveChanges(QUARRY, slug, [{ path: '/months/m1/name', from: demo.months[0]!.name, to: 'January: Cold Frames' }]);
    expect((await said()).slice(0, 2)).toEqual([
      `by itself: January: Cold Frames, name: January: Cold Frames, was ${demo.months[0]!.name}`,
      expect.stringMatching(/^Ann Vale: where to ask: (at the till, was|changed)/),
    ]);
    expect(await recordOf(MILL, slug, null)).toBeUndefined();
  });

  it('takes a save back as a save of its own, and refuses where the same was changed since', async () => {
    await saveChanges(QUARRY, slug, [{ path: '/contact', from: demo.contact, to: 'at the till' }]);
    const [first] = await entries();
    expect(await takeBack(QUARRY, slug, first!.id)).toBeUndefined();
    expect((await document()).contact).toBe(demo.contact);
    await saveChanges(QUARRY, slug, [{ path: '/contact', from: demo.contact, to: 'by the door' }]);
    expect(await takeBack(QUARRY, slug, first!.id)).toContain('touched the same fields');
    expect((await document()).contact).toBe('by the door');
    expect(await takeBack(MILL, slug, first!.id)).toContain('can’t find');
  });

  it('says of many people who came in one go how many they are, in one line', async () => {
    const people = Array.from({ length: 40 }, (_, i) => ({
      id: randomUUID(),
      to: { ...blankPerson, name: `Nan ${String.fromCharCode(65 + i)}`, colourway: 'frost' },
    }));
    await asAnn(() => changeRoster(QUARRY, slug, people));
    const told = (await entries()).filter((e) => e.says.some((s) => /added|Nan/.test(s)));
    expect(told.map((e) => [e.by, e.says])).toEqual([['Ann Vale', ['40 participants added']]]);
    const gone = people.slice(0, 2).map(({ id, to }) => ({ id, from: to }));
    await asAnn(() => changeRoster(QUARRY, slug, gone));
    // Each of them can be brought back.
    expect((await entries()).filter((e) => e.way === 'restore')).toHaveLength(2);
  });

  it('keeps what was deleted for thirty days: a person with her place in the count, a sample', async () => {
    const id = randomUUID();
    const person = { ...blankPerson, name: 'Bea Vetch', colourway: 'frost' };
    await changeRoster(QUARRY, slug, [{ id, to: person }]);
    await asAnn(() => changeRoster(QUARRY, slug, [{ id, from: person }]));
    expect(await everybody(QUARRY, slug)).toEqual([]);
    const gone = (await entries()).find((e) => e.says[0] === 'Bea Vetch deleted')!;
    expect(gone).toMatchObject({ by: 'Ann Vale', way: 'restore' });
    expect(await bringBack(MILL, slug, gone.id)).toBeTruthy();
    expect(await bringBack(QUARRY, slug, gone.id)).toBeUndefined();
    expect(await bringBack(QUARRY, slug, gone.id)).toContain('no longer');
    expect((await everybody(QUARRY, slug)).map((p) => p.name)).toEqual(['Bea Vetch']);
    expect((await document()).participants!.frost).toBe(1);

    const sample = {
      month: 'm1',
      block: 'cold-frame',
      colourway: 'frost',
      sewnBy: 'Ann',
      sewnOn: '2027-01-02',
      minutes: {},
      measured: [],
      remarks: 'flat',
    };
    expect(await noteSample(QUARRY, slug, sample)).toBeUndefined();
    const log = async () => (await sampleLog(QUARRY, slug))!.samples;
    const [noted] = await log();
    await takeSampleOut(QUARRY, slug, noted!.id);
    const [taken] = await entries();
    await asOrganisation(QUARRY, (db) => sweepDeleted(db, new Date(Date.now() + 29 * 86_400_000)));
    expect(await bringBack(QUARRY, slug, taken!.id)).toBeUndefined();
    expect(await log()).toEqual([noted]);
    await takeSampleOut(QUARRY, slug, noted!.id);
    await asOrganisation(QUARRY, (db) => sweepDeleted(db, new Date(Date.now() + 31 * 86_400_000)));
    expect(await bringBack(QUARRY, slug, (await entries())[0]!.id)).toContain('no longer');
  });

  it('of someone whose data was erased says only that: nothing of her is left, nor can be brought back', async () => {
    const id = randomUUID();
    const person = { ...blankPerson, name: 'Hester Quince', email: 'hester@example.org', colourway: 'frost' };
    await changeRoster(QUARRY, slug, [{ id, to: person }]);
    await changeRoster(QUARRY, slug, [{ id, from: person }]);
    await bringBack(QUARRY, slug, (await entries()).find((e) => e.way === 'restore')!.id);
    await changeRoster(QUARRY, slug, [{ id, from: { ...person }, to: { ...person, notes: 'Hester likes blue' } }]);
    expect(await erasePerson(QUARRY, slug, id)).toBe(true);
    expect((await said()).some((s) => s.includes('erased'))).toBe(true);
    for (const table of ['record', 'deleted_row', 'participant'])
      expect(JSON.stringify(await asOwner(owner, `select * from ${table} where organisation_id = '${QUARRY}'`))).not.toMatch(
        /hester/i,
      );
  });

  it('somebody’s cuts of an evening are one line; what they took is another', async () => {
    const place = 'm1~frost~batch';
    const cut = (step: string, done = true) =>
      setStep(QUARRY, slug, place, { list: 'one', step, done, kits: 27, base: [], estimated: 40, gives: [] });
    for (const step of ['a', 'b', 'c']) await asAnn(() => cut(step));
    await asAnn(() => cut('c'));
    await cut('d');
    await asAnn(() => cut('b', false));
    await asAnn(() => logEvening(QUARRY, slug, place, { list: 'one', minutes: 75 }));
    const where = `${demo.months[0]!.name}, ${demo.colourways.find((c) => c.id === 'frost')!.name}`;
    expect((await said()).slice(0, 4)).toEqual([
      `Ann Vale: ${where}: 75 minutes recorded`,
      `Ann Vale: cut of ${where} unticked`,
      `by itself: cut of ${where} ticked`,
      `Ann Vale: 3 × cut of ${where} ticked`,
    ]);
  });

  it('a programme put aside and back again is said', async () => {
    await putAside(QUARRY, slug, true);
    await putAside(QUARRY, slug, false);
    expect((await said()).slice(0, 2)).toEqual(['by itself: restored the programme', 'by itself: archived the programme']);
  });
});

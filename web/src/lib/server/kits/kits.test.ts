import { blankPerson, type Person } from '@aggrega/core/running';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { doKits, kitBoard, kitList } from './kits';
import { importProgramme } from '../programme/programmes';
import { changeRoster } from '../participants/roster';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
let slug: string;
const adds = (name: string, more: Partial<Person> = {}) => ({
  id: randomUUID(),
  to: { ...blankPerson, name, colourway: 'frost', joined: '2027-01-01', ...more },
});
const set = (month: string, people: { id: string }[], state: 'planned' | 'cut' | 'packed' | 'handed') =>
  doKits(QUARRY, slug, { deed: 'set', month, people: people.map((p) => p.id), state });
/** 'm1 frost planned 2', as many lines as there are sorts. */
const board = async (month: string) => {
  const { counts, loose } = (await kitBoard(QUARRY, slug))!;
  const say = (mark: string) => (c: { month: string; colourway: string; size: string; state: string; kits: number }) =>
    c.month === month ? [`${c.colourway}${c.size && ` ${c.size}`} ${c.state} ${c.kits}${mark}`] : [];
  return [...counts.flatMap(say('')), ...loose.flatMap(say(' loose'))].sort();
};

beforeAll(async () => {
  await freshDatabase();
  await asOrganisation(QUARRY, (db) => insertOrganisation(db, QUARRY, 'Quarry Road Quilters'));
});
beforeEach(async () => {
  const imported = await importProgramme(QUARRY, demo);
  if (imported.kind !== 'imported') throw new Error('unsound');
  ({ slug } = imported);
});
afterAll(closePool);

describe('kits', () => {
  it('are planned for whoever takes part and brings no cloth of her own, packet by packet', async () => {
    const people = [
      adds('Ada'),
      adds('Bea', { size: 'double-bed' }),
      adds('Cy', { state: 'waiting' }),
      adds('Dot', { kit: 'list' }),
    ];
    await changeRoster(QUARRY, slug, people);
    expect(await board('m1')).toEqual(['frost double-bed planned 1', 'frost planned 1']);
    // March lies in February's packet, and has no kit of its own.
    const { packets } = (await kitBoard(QUARRY, slug))!;
    expect(packets.slice(0, 3)).toEqual(['m1', 'm2', 'm4']);
    expect((await kitList(QUARRY, slug, 'm3'))!.map((k) => [k.name, k.month, k.state])).toEqual([
      ['Ada', 'm2', 'planned'],
      ['Bea', 'm2', 'planned'],
    ]);
    expect(await kitList(QUARRY, slug, 'm99')).toBeUndefined();
  });

  it('go forward and back; what is said twice is done once', async () => {
    const [ada, bea] = [adds('Ada'), adds('Bea')];
    await changeRoster(QUARRY, slug, [ada, bea]);
    await set('m1', [ada, bea], 'cut');
    await set('m1', [ada], 'packed');
    const first = (await kitList(QUARRY, slug, 'm1'))!;
    await set('m1', [ada], 'packed');
    expect(await kitList(QUARRY, slug, 'm1')).toEqual(first);
    await set('m1', [ada], 'handed');
    expect(await board('m1')).toEqual(['frost cut 1', 'frost handed 1']);
    await set('m1', [ada], 'packed');
    const back = (await kitList(QUARRY, slug, 'm1'))!.find((k) => k.name === 'Ada')!;
    expect([back.state, back.handed, back.packed]).toEqual(['packed', null, first.find((k) => k.name === 'Ada')!.packed]);
    await set('m1', [ada, bea], 'planned');
    expect(await board('m1')).toEqual(['frost planned 2']);
    expect(await set('m3', [ada], 'cut')).toMatchObject({ kind: 'refused' });
    expect(await set('m1', [{ id: randomUUID() }], 'cut')).toMatchObject({ kind: 'refused' });
  });

  it('of a leaver: what was not made is planned no more, what was made is loose, what was handed over is hers', async () => {
    const [ada, bea] = [adds('Ada'), adds('Bea')];
    await changeRoster(QUARRY, slug, [ada, bea]);
    await set('m1', [ada, bea], 'handed');
    await set('m2', [ada, bea], 'cut');
    await changeRoster(QUARRY, slug, [{ id: ada.id, from: { state: 'in' }, to: { state: 'left', left: '2027-03-01' } }]);
    expect([await board('m1'), await board('m2'), await board('m4')]).toEqual([
      ['frost handed 1'],
      ['frost cut 1', 'frost cut 1 loose'],
      ['frost planned 1'],
    ]);
  });

  it('of a late joiner: back kits are planned with the rest, and loose ones of her sort are given to her first', async () => {
    const [ada, bea] = [adds('Ada'), adds('Bea')];
    await changeRoster(QUARRY, slug, [ada, bea]);
    for (const month of ['m1', 'm2']) await set(month, [ada, bea], 'packed');
    await changeRoster(QUARRY, slug, [{ id: bea.id, from: { state: 'in' }, to: { state: 'left', left: '2027-03-01' } }]);
    const [late, dusk] = [adds('Late', { joined: '2027-05-01' }), adds('Other', { colourway: 'dusk', joined: '2027-05-01' })];
    await changeRoster(QUARRY, slug, [late, dusk]);
    expect(await board('m1')).toEqual(['dusk planned 1', 'frost packed 1', 'frost packed 1 loose', 'frost planned 1']);
    expect(await doKits(QUARRY, slug, { deed: 'give', months: ['m1', 'm2', 'm4'] })).toEqual({ kind: 'done', kits: 2 });
    expect(await board('m1')).toEqual(['dusk planned 1', 'frost packed 2']);
    expect((await kitList(QUARRY, slug, 'm2'))!.map((k) => [k.name, k.state])).toEqual([
      ['Ada', 'packed'],
      ['Late', 'packed'],
      ['Other', 'planned'],
    ]);
  });

  it('keep the colourway they were cut in when somebody moves to another', async () => {
    const ada = adds('Ada');
    await changeRoster(QUARRY, slug, [ada]);
    await set('m1', [ada], 'cut');
    await changeRoster(QUARRY, slug, [{ id: ada.id, from: { colourway: 'frost' }, to: { colourway: 'dusk' } }]);
    // What is cut does not change its cloth: it is free for others, and hers is planned anew.
    expect(await board('m1')).toEqual(['dusk planned 1', 'frost cut 1 loose']);
    await changeRoster(QUARRY, slug, [{ id: ada.id, from: { colourway: 'dusk' }, to: { colourway: 'frost' } }]);
    await doKits(QUARRY, slug, { deed: 'give', months: ['m1'] });
    expect(await board('m1')).toEqual(['frost cut 1']);
  });

  it('for nobody are spares and demo sets, added and taken away by number', async () => {
    await changeRoster(QUARRY, slug, [adds('Ada')]);
    const loose = (kits: number) => doKits(QUARRY, slug, { deed: 'loose', month: 'm1', colourway: 'frost', size: '', kits });
    await loose(3);
    expect(await loose(-2)).toEqual({ kind: 'done', kits: 2 });
    expect(await board('m1')).toEqual(['frost cut 1 loose', 'frost planned 1']);
    expect(await loose(-5)).toEqual({ kind: 'done', kits: 1 });
    expect(await doKits(QUARRY, slug, { deed: 'loose', month: 'm1', colourway: 'mauve', size: '', kits: 1 })).toMatchObject({
      kind: 'refused',
    });
  });

  it('many hands at once give each kit once', async () => {
    await changeRoster(QUARRY, slug, [adds('Ada'), adds('Bea'), adds('Cy')]);
    await doKits(QUARRY, slug, { deed: 'loose', month: 'm1', colourway: 'frost', size: '', kits: 2 });
    await Promise.all(Array.from({ length: 5 }, () => doKits(QUARRY, slug, { deed: 'give', months: ['m1'] })));
    expect(await board('m1')).toEqual(['frost cut 2', 'frost planned 1']);
  });
});

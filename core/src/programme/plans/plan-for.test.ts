import { describe, expect, it } from 'vitest';
import { planCutting, planRest, readProgramme, type Programme } from '../index';
import demo from '../../../../demo/allotment-year.aggrega.json';

const read = (document: unknown): Programme => {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(reading.errors[0]!.message);
  return reading.programme;
};
/** One fabric of August is planned for easy cutting. */
const chosen = read({
  ...demo,
  fabrics: demo.fabrics.map((f) => (f.id === 'water-butt' ? { ...f, planFor: 'simplest' } : f)),
});
const plain = read(demo);

const lengths = (programme: Programme, reading?: 'simplest') => {
  const months = programme.months.filter((m) => m.id === 'm8');
  const colourway = programme.colourways.find((c) => c.id === 'frost')!;
  const request = { colourway, months, basis: 'batch' as const, participants: 25, reading };
  const of = ({ fabrics, reading: said }: ReturnType<typeof planCutting>) => ({
    said,
    by: new Map(fabrics.map(({ fabric, plan }) => [fabric.id, 'sheets' in plan ? '' : `${plan.reading} ${plan.lengthNeeded}`])),
  });
  return { all: of(planCutting(programme, request)), rest: of(planRest(programme, request, [])) };
};

describe('a fabric that is planned for something of its own', () => {
  it('is planned so wherever nobody asks for another plan, and no other fabric is', () => {
    const [usual, easy, own] = [lengths(plain), lengths(plain, 'simplest'), lengths(chosen)];
    for (const part of ['all', 'rest'] as const) {
      expect([usual[part].said, own[part].said]).toEqual(['thriftiest', 'chosen']);
      for (const [id, length] of own[part].by)
        expect([id, length]).toEqual([id, (id === 'water-butt' ? easy : usual)[part].by.get(id)]);
    }
    expect(own.all.by.get('water-butt')).not.toBe(usual.all.by.get('water-butt'));
    // Who asks for one plan for all gets it.
    expect(lengths(chosen, 'simplest')).toEqual(easy);
  });

  it('refuses a plan that there is none of', () => {
    const reading = readProgramme({ ...demo, fabrics: demo.fabrics.map((f) => ({ ...f, planFor: 'fastest' })) });
    expect(reading).toMatchObject({
      ok: false,
      errors: [{ path: '/fabrics/0/planFor' }, ...demo.fabrics.slice(1).map(() => ({}))],
    });
  });
});

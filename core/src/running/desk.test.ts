import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import allotment from '../../../demo/allotment-year.aggrega.json';
import { dayAfter, frozen, readProgramme, type ProgrammeFile } from '../programme';
import { calendarSteps, releaseSteps } from './calendar';
import { deskTasks, type DeskFacts, type DeskKind } from './desk';

const file = frozen(structuredClone(allotment) as unknown as ProgrammeFile);
function programmeWith(more: Partial<ProgrammeFile> = {}) {
  const reading = readProgramme({ ...file, ...more });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
const programme = programmeWith();
const ids = programme.months.map((m) => m.id);
const first = programme.months[0]!.release!;

const quiet = (today: string): DeskFacts => ({
  ...{ today, releases: new Map(), kits: [], sewn: new Set(ids), questions: [], mailBack: 0, unpaid: [], behind: [] },
});
const kindsOf = (facts: DeskFacts, of = programme) => deskTasks(of, facts).map((t) => t.kind);
const only = (facts: DeskFacts, kind: DeskKind) => deskTasks(programme, facts).filter((t) => t.kind === kind);

const state = fc.constantFrom('draft' as const, 'proofed' as const, 'scheduled' as const, 'released' as const);
const facts = fc
  .record({
    day: fc.integer({ min: -60, max: 420 }),
    states: fc.array(state, { minLength: ids.length, maxLength: ids.length }),
    kits: fc.array(
      fc.record({
        month: fc.constantFrom(...ids),
        state: fc.constantFrom('planned' as const, 'cut' as const, 'packed' as const, 'handed' as const),
        kits: fc.integer({ min: 1, max: 60 }),
      }),
      { maxLength: 12 },
    ),
    sewn: fc.subarray(ids),
    asked: fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 3 }),
    mailBack: fc.integer({ min: 0, max: 9 }),
    unpaid: fc.subarray(['Ada Fenn', 'Bo Tarn']),
  })
  .map(({ day, states, kits, sewn, asked, mailBack, unpaid }): DeskFacts => {
    const today = dayAfter(first, day);
    return {
      ...quiet(today),
      releases: new Map(ids.flatMap((id, i) => (states[i] === 'draft' ? [] : [[id, states[i]!] as never]))),
      ...{ kits, sewn: new Set(sewn), mailBack, unpaid },
      questions: asked
        .sort((a, b) => b - a)
        .map((ago) => ({ name: 'Ada Fenn', asks: 'Is it right?', asked: dayAfter(today, -ago) })),
    };
  });

describe('the desk', () => {
  it('comes most pressing first, says each thing once, looks no further than three weeks, and leaves what is out alone', () => {
    fc.assert(
      fc.property(facts, (known) => {
        const tasks = deskTasks(programme, known);
        expect(tasks.map((t) => t.days)).toEqual(tasks.map((t) => t.days).sort((a, b) => a - b));
        expect(new Set(tasks.map((t) => t.id)).size).toBe(tasks.length);
        for (const { days, month, kind, title } of tasks) {
          expect(days).toBeLessThanOrEqual(21);
          expect(title).not.toMatch(/undefined|NaN/);
          const how = month && known.releases.get(month);
          if (['proof', 'draw', 'stops'].includes(kind)) expect(how).toBeUndefined();
          if (['cut', 'pack', 'release', 'schedule'].includes(kind)) expect(how).not.toBe('released');
        }
      }),
      { numRuns: 120 },
    );
  });

  it('asks for a sheet on its way step by step: proofed, scheduled, out', () => {
    const month = programme.months[1]!;
    const at = quiet(dayAfter(month.release!, -4));
    const of = (how?: 'proofed' | 'scheduled' | 'released') =>
      deskTasks(programme, { ...at, releases: new Map(how ? [[month.id, how]] : []) })
        .filter((t) => t.month === month.id)
        .map((t) => t.kind);
    expect(of()).toEqual(['proof']);
    expect(of('proofed')).toEqual(['schedule']);
    expect(of('scheduled')).toEqual([]);
    expect(of('released')).toEqual([]);
    const after = { ...at, today: dayAfter(month.release!, 1) };
    const late = (out: string[]) =>
      only({ ...after, releases: new Map([[month.id, 'proofed'], ...out.map((id) => [id, 'released'] as const)]) }, 'release');
    expect(late([ids[0]!])).toMatchObject([{ title: `Release ${month.name}`, month: month.id, days: -1, station: 'release' }]);
    // What was due out is asked for together, and nothing any more that came before it.
    expect(late([])).toMatchObject([{ title: `Release ${programme.months[0]!.name} and 1 other`, month: ids[0] }]);
    // One that the clock could not release is told of by itself, once.
    const stuck = only({ ...after, releases: new Map([[month.id, 'scheduled']]), stuck: new Set([month.id]) }, 'release');
    expect(stuck.map((t) => t.title)).toEqual([`Release ${programme.months[0]!.name}`, `${month.name} couldn’t go out`]);
    const asked = deskTasks(programme, { ...after, sewn: new Set() }).filter((t) => [ids[0], ids[1]].includes(t.month));
    expect(asked.map((t) => t.kind)).toEqual(['release']);
  });

  it('says what would spoil kits instead of asking for the proof, and asks for a drawing where there is none', () => {
    const month = programme.months[1]!;
    const at = quiet(dayAfter(month.release!, -6));
    const stops = [{ month: month.id, count: 2, first: 'A seam is lost.' }];
    const tasks = deskTasks(programme, { ...at, checked: { stops, order: [] } }).filter((t) => t.month === month.id);
    expect(tasks.map((t) => [t.kind, t.station])).toEqual([['stops', 'sheet']]);
    expect(tasks[0]!.why).toBe('2 problems would spoil kits. A seam is lost.');
    const bare = programmeWith({
      months: file.months!.map(({ id, name, release }) => ({ id, name, release })),
      setting: undefined,
    });
    expect(kindsOf(quiet(dayAfter(month.release!, -6)), bare)).toContain('draw');
  });

  it('counts kits by what is still to be done: cut, packed, fetched, and cut for late joiners', () => {
    const [past, next] = [programme.months[0]!, programme.months[1]!];
    const known: DeskFacts = {
      ...quiet(dayAfter(next.release!, -10)),
      releases: new Map([[past.id, 'released']]),
      kits: [
        { month: next.id, state: 'planned', kits: 30 },
        { month: next.id, state: 'planned', kits: 4 },
        { month: next.id, state: 'cut', kits: 6 },
        { month: past.id, state: 'packed', kits: 7 },
        { month: past.id, state: 'planned', kits: 1 },
      ],
    };
    const titles = deskTasks(programme, known).map((t) => t.title);
    expect(titles).toContain(`Cut 34 kits for ${next.name}`);
    expect(titles).toContain(`Pack 6 kits for ${next.name}`);
    expect(titles).toContain('7 kits wait to be collected or posted');
    expect(titles).toContain('Cut 1 kit for people who joined late');
  });

  it('asks for all that has to be ordered soon at once, by the first day, and not for what can wait', () => {
    const today = dayAfter(first, 5);
    const order = [
      { text: '3 yd of Kale', by: dayAfter(today, 9) },
      { text: '12 yd of Water Butt', by: dayAfter(today, -2) },
      { text: '1 yd of Straw', by: dayAfter(today, 60) },
      { text: '1 yd of Ink Cap', by: '' },
    ];
    const [task] = only({ ...quiet(today), checked: { stops: [], order } }, 'order');
    expect(task).toMatchObject({ days: -2, why: '12 yd of Water Butt, and 1 other.' });
  });

  it('tells of people: whose question has waited longest, who has not paid, who is behind', () => {
    const known: DeskFacts = {
      ...quiet(dayAfter(first, 40)),
      releases: new Map([[ids[0]!, 'released']]),
      questions: [
        { name: 'Ada Fenn', asks: 'Right?', asked: dayAfter(first, 36) },
        { name: 'Bo Tarn', asks: 'Left?', asked: dayAfter(first, 40) },
      ],
      ...{ mailBack: 1, unpaid: ['Ada Fenn'], behind: ['Ada Fenn', 'Bo Tarn', 'Cy Holm'] },
    };
    const tasks = deskTasks(programme, known);
    const told = new Map(tasks.map((t) => [t.kind, [t.title, t.why]]));
    expect(told.get('question')).toEqual(['Answer 2 questions', 'Ada Fenn has waited longest: 4 days.']);
    expect(told.get('mail-back')![0]).toBe('1 message came back');
    expect(told.get('unpaid')).toEqual([`1 person hasn’t paid up to ${programme.months[0]!.name}`, 'Ada Fenn.']);
    expect(told.get('behind')![1]).toBe('Ada Fenn, and 2 others.');
  });

  it('has steps of a release at the days of the calendar, all but when to order', () => {
    const said = (steps: ReturnType<typeof calendarSteps>) => steps.map((s) => [s.kind, s.month.id, s.day]);
    expect(said(releaseSteps(programme))).toEqual(said(calendarSteps(programme)).filter(([kind]) => kind !== 'order'));
  });
});

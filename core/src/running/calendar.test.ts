import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calendarSteps, releaseDays } from './calendar';
import { awayOn, dayAfter, daysBetween, mondayOf, nthWeekday, placeOfDay, releaseInstant } from '../programme';
import { tableLoad, type TableJob } from './load';
import { readProgramme, type Month, type ProgrammeFile } from '../programme';
import { frozen } from '../programme/document/frozen';
import allotment from '../../../demo/allotment-year.aggrega.json';

/** Frozen, so that its drawings are read and constructed once. */
const demo = frozen(structuredClone(allotment) as unknown as ProgrammeFile);

const day = fc.integer({ min: 0, max: 12_000 }).map((n) => dayAfter('2020-01-01', n));
const away = fc.array(
  fc.record({ id: fc.constant('a'), from: day, days: fc.integer({ min: 0, max: 30 }), name: fc.constantFrom('', 'holidays') }),
  { maxLength: 4 },
);
const spans = (list: { id: string; from: string; days: number; name: string }[]) =>
  list.map(({ from, days, name }, i) => ({ id: `away-${i}`, name, from, to: dayAfter(from, days) }));
const programmeWith = (more: Partial<ProgrammeFile>) => {
  const reading = readProgramme({ ...demo, ...more });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};

describe('a cadence', () => {
  it('keeps its weekday and its order, and never falls on a day away', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('weekly' as const, 'fortnightly' as const, 'monthly' as const),
        day,
        away,
        fc.boolean(),
        (kind, start, list, last) => {
          const free = spans(list);
          const days = releaseDays({ cadence: { kind, start, last }, away: free }, 14);
          expect(days).toHaveLength(14);
          days.forEach(({ day: d, instead }, i) => {
            expect(placeOfDay(d).weekday).toBe(placeOfDay(start).weekday);
            expect(awayOn(d, free)).toBeUndefined();
            if (instead) expect(awayOn(instead.day, free)).toBeDefined();
            if (kind !== 'monthly' && i > 0)
              expect(daysBetween(days[i - 1]!.day, d)).toBeGreaterThanOrEqual(kind === 'weekly' ? 7 : 14);
          });
        },
      ),
    );
  });

  it('of months keeps its place in the month', () => {
    const days = releaseDays({ cadence: { kind: 'monthly', start: '2027-01-09', last: false }, away: [] }, 12).map(
      (d) => d.day,
    );
    expect(days).toEqual((demo as unknown as ProgrammeFile).months!.map((m) => m.release));
    const last = releaseDays({ cadence: { kind: 'monthly', start: '2027-01-30', last: true }, away: [] }, 3).map((d) => d.day);
    expect(last).toEqual(['2027-01-30', '2027-02-27', '2027-03-27']);
    // A fifth Saturday that a month does not have is its last one.
    const fifth = releaseDays({ cadence: { kind: 'monthly', start: '2027-01-30', last: false }, away: [] }, 3).map(
      (d) => d.day,
    );
    expect(fifth).toEqual(last);
  });

  it('says which day it would have been, and why it is not', () => {
    const list = [{ id: 'h', from: '2027-02-10', to: '2027-02-14', name: 'half term' }];
    const [, february] = releaseDays({ cadence: { kind: 'monthly', start: '2027-01-09', last: false }, away: list }, 2);
    expect(february).toEqual({ day: '2027-02-20', instead: { day: '2027-02-13', because: 'half term' } });
  });
});

describe('days', () => {
  it('are told alike by two ways of counting', () => {
    fc.assert(
      fc.property(day, (d) => {
        const { year, month, weekday, nth } = placeOfDay(d);
        expect(nthWeekday(year, month, weekday, nth)).toBe(d);
        expect(new Date(`${d}T00:00:00Z`).getUTCDay() || 7).toBe(weekday);
        expect(daysBetween(mondayOf(d), d)).toBe(weekday - 1);
      }),
    );
  });
});

describe('the minute of a release', () => {
  it('is the time on the wall where the shop is, summer and winter', () => {
    const at = (d: string, time: string, timeZone: string) => releaseInstant(d, { time, timeZone });
    expect(at('2027-01-09', '09:00', 'Europe/London')).toBe('2027-01-09T09:00:00Z');
    expect(at('2027-07-10', '09:00', 'Europe/London')).toBe('2027-07-10T08:00:00Z');
    expect(at('2027-07-10', '09:00', 'Pacific/Auckland')).toBe('2027-07-09T21:00:00Z');
    expect(at('2027-07-10', '00:00', 'Asia/Kathmandu')).toBe('2027-07-09T18:15:00Z');
  });

  it('is never early where clocks change', () => {
    // 01:30 does not exist on 28 March 2027 in London, and comes twice on 31 October.
    expect(releaseInstant('2027-03-28', { time: '01:30', timeZone: 'Europe/London' })).toBe('2027-03-28T01:30:00Z');
    expect(releaseInstant('2027-10-31', { time: '01:30', timeZone: 'Europe/London' })).toBe('2027-10-31T01:30:00Z');
    const wall = (instant: string, timeZone: string) =>
      new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short', timeStyle: 'short' }).format(new Date(instant));
    fc.assert(
      fc.property(
        day,
        fc.integer({ min: 0, max: 1439 }),
        fc.constantFrom('Europe/London', 'America/New_York', 'Australia/Lord_Howe'),
        (d, m, timeZone) => {
          const time = `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`;
          expect(wall(releaseInstant(d, { time, timeZone }), timeZone) >= `${d} ${time}`).toBe(true);
        },
      ),
    );
  });
});

describe('backwards from a release', () => {
  it('everything comes in the order of the work, before its release, and on no day away', () => {
    fc.assert(
      fc.property(away, (list) => {
        const free = spans(list);
        const programme = programmeWith({ calendar: { away: free } });
        const steps = calendarSteps(programme);
        expect(steps.map((s) => s.day)).toEqual(steps.map((s) => s.day).sort());
        for (const month of programme.months) {
          const own = new Map(steps.filter((s) => s.month === month).map((s) => [s.kind, s.day]));
          for (const [a, b] of [
            ['order', 'house'],
            ['house', 'cut'],
            ['cut', 'pack'],
            ['pack', 'release'],
            ['proof', 'release'],
            ['sample', 'proof'],
          ] as const)
            if (own.has(a) && own.has(b)) expect(own.get(a)! <= own.get(b)!).toBe(true);
        }
        for (const s of steps) if (s.kind !== 'release') expect(awayOn(s.day, free)).toBeUndefined();
      }),
      { numRuns: 12 },
    );
  });

  it('cloth is ordered with the packet’s first month, as long before as it takes to come', () => {
    const fabrics = (demo as unknown as ProgrammeFile).fabrics!.map((f) => ({
      ...f,
      leadDays: f.id === 'water-butt' ? 21 : 0,
    }));
    const steps = calendarSteps(programmeWith({ fabrics, calendar: { days: { house: 10 } } }));
    const of = (month: string, kind: string) => steps.find((s) => s.month.id === month && s.kind === kind)?.day;
    expect(of('m1', 'house')).toBe('2026-12-30');
    expect(of('m1', 'order')).toBe('2026-12-09');
    // March comes in February's packet.
    expect([of('m3', 'cut'), of('m3', 'proof')]).toEqual([undefined, '2027-03-06']);
  });
});

describe('hours at the table', () => {
  const month = (id: string) => ({ id, name: id }) as Month;
  const jobs = fc.array(
    fc.record({
      month: fc.constantFrom('a', 'b', 'c').map(month),
      kind: fc.constantFrom('cut' as const, 'pack' as const),
      hours: fc.double({ min: 0, max: 20, noNaN: true }),
      due: fc.integer({ min: 0, max: 200 }).map((n) => dayAfter('2027-01-01', n)),
    }),
    { maxLength: 12 },
  );
  const total = (parts: { hours: number }[]) => parts.reduce((sum, p) => sum + p.hours, 0);

  it('are all given out, none late, none before today, and no week has more than it holds', () => {
    fc.assert(
      fc.property(jobs, fc.double({ min: 0, max: 15, noNaN: true }), away, (list, hours, off) => {
        const today = '2027-01-20';
        const { weeks, over } = tableLoad(list, { hours, away: spans(off) }, today);
        for (const week of weeks) {
          expect(total(week.parts)).toBeLessThanOrEqual(week.has + 1e-6);
          for (const p of week.parts)
            expect([p.hours > 0, week.monday <= p.job.due, week.monday >= mondayOf(today)]).toEqual([true, true, true]);
        }
        for (const job of list) {
          const given = total(weeks.flatMap((w) => w.parts.filter((p) => p.job === job)));
          expect(given + total(over.filter((o) => o.job === job))).toBeCloseTo(job.hours, 4);
        }
        // What is left over is left over for want of room alone: every week until its day is full.
        for (const { job } of over)
          for (const w of weeks.filter((w) => w.monday >= mondayOf(today) && w.monday <= job.due))
            expect(w.has - total(w.parts)).toBeLessThan(1e-4);
      }),
    );
  });

  it('what does not fit moves to the week before, and it is said why', () => {
    const list: TableJob[] = [
      { month: month('March'), kind: 'cut', hours: 9, due: '2027-03-05' },
      { month: month('April'), kind: 'cut', hours: 2, due: '2027-03-03' },
    ];
    const { says, over } = tableLoad(list, { hours: 6, away: [] }, '2027-01-01');
    expect(over).toEqual([]);
    expect(says).toEqual([
      'April: 2 h of cutting moved forward to the week of 2027-02-22, because the week of 2027-03-01 has 6 h and is full.',
      'March: 3 h of cutting moved forward to the week of 2027-02-22, because the week of 2027-03-01 has 6 h and is full.',
    ]);
    expect(tableLoad(list, { hours: 6, away: [] }, '2027-03-01').says.join()).toContain('won’t fit before');
  });
});

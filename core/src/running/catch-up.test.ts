import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catchUp } from './catch-up';
import { monthMinutes } from './month-minutes';
import { progressSteps, type ProgressStep } from './progress';
import { dayAfter } from '../programme';
import { sewingPace } from './sewing-pace';
import { effortOf } from '../construction';
import { constructMonthBlock, poolMaking, readProgramme } from '../programme';
import demo from '../../../demo/allotment-year.aggrega.json';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('unsound');
const { programme } = reading;

describe('catching up', () => {
  const minutes = fc.double({ min: 0, max: 300, noNaN: true });
  const month = fc.record({
    id: fc.string(),
    name: fc.string(),
    minutes: fc.record({ cut: minutes, units: minutes, block: minutes }),
    done: fc.subarray([...progressSteps]).map((steps) => new Set<ProgressStep>(steps)),
  });

  it('gives out all that is left, oldest first, no week more than she has, and no week but the last less', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(month, { maxLength: 6, selector: (m) => m.name }),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        (months, hours) => {
          const weeks = catchUp(months, { hours, today: '2027-05-20' });
          const total = weeks.flatMap((w) => w.parts).reduce((n, p) => n + p.minutes, 0);
          const left = months.reduce(
            (n, m) => n + progressSteps.reduce((k, s) => k + (m.done.has(s) || m.minutes[s] <= 0.01 ? 0 : m.minutes[s]), 0),
            0,
          );
          expect(Math.abs(total - left)).toBeLessThan(1);
          weeks.forEach((week, i) => {
            const own = week.parts.reduce((n, p) => n + p.minutes, 0);
            expect(own).toBeLessThanOrEqual(hours * 60 + 0.1);
            if (i < weeks.length - 1) expect(own).toBeGreaterThan(hours * 60 - 0.1);
            expect(week.from).toBe(dayAfter('2027-05-20', i * 7));
          });
          const order = weeks.flatMap((w) => w.parts.map((p) => months.findIndex((m) => m.name === p.month)));
          expect(order).toEqual([...order].sort((a, b) => a - b));
        },
      ),
    );
    expect(catchUp([], { hours: 0, today: '2027-05-20' })).toEqual([]);
  });

  it('a month’s minutes are those of its blocks and of what it makes for a pool, in parts', () => {
    for (const m of programme.months)
      for (const colourway of programme.colourways) {
        const { cut, units, block } = monthMinutes(programme, m, colourway);
        const pools = poolMaking(programme, colourway, m);
        const blocks = m.blocks.reduce((n, e) => n + effortOf(constructMonthBlock(programme, e, colourway)).minutes, 0);
        const whole = blocks + (pools ? effortOf(pools).minutes : 0);
        expect(cut + units + block).toBeCloseTo(whole, 6);
        expect(Math.min(cut, units, block)).toBeGreaterThanOrEqual(0);
        const double = monthMinutes(programme, m, colourway, programme.sizes[0]);
        if (m.blocks.length > 0) expect(double.cut + double.units + double.block).toBeGreaterThan(whole * 1.5);
      }
    expect(poolMaking(programme, programme.colourways[2]!, programme.months[3]!)!.pools).toHaveLength(1);
  });
});

describe('the pace of the house', () => {
  it('is the rule of thumb until something is logged, and nears what is logged', () => {
    const estimated = { cut: 20, units: 60, block: 20 };
    expect(sewingPace([])).toBe(1);
    expect(sewingPace([{ estimated, took: {} }])).toBe(1);
    const slow = Array.from({ length: 50 }, () => ({ estimated, took: { cut: 30, units: 90, block: 30 } }));
    expect(sewingPace(slow.slice(0, 1))).toBeGreaterThan(1);
    expect(sewingPace(slow.slice(0, 1))).toBeLessThan(sewingPace(slow));
    expect(sewingPace(slow)).toBeCloseTo(1.5, 1);
  });
});

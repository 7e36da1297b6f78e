import { describe, expect, it } from 'vitest';
import { library, readBlock } from '../block';
import { construct, inchStyle } from '../construction';
import { Exact, seeded } from '../measure';
import { calibrated, groupOf, intervalOf, showsOf, someHabits, type Measured } from './calibrate';
import { EASED, measuredBy } from './foresee';
import { sewnOf } from './lines';
import { exactMoments, normals, tried, worked } from './outcome';
import { THREAD, usualPeople } from './people';

const prior = usualPeople('in');
const thread = THREAD.in;

/** People whose habits are known, each measuring some lines. */
function measuredOf(random: () => number, { taken, habit }: { taken: number; habit: number }, persons: number): Measured[] {
  const normal = normals(random);
  return Array.from({ length: persons }, (_, i) => {
    const own = taken + habit * normal();
    return Array.from({ length: 1 + Math.floor(random() * 3) }, (): Measured => {
      const [shows, variance] = [2 + Math.floor(random() * 6), (0.5 + 2 * random()) * thread ** 2];
      return { person: String(i), shows, surplus: 0, variance, error: -shows * own + Math.sqrt(variance) * normal() };
    });
  }).flat();
}

/** The share of lines that can be eased in, of which the habit shows six times: by the error function (Abramowitz and Stegun 7.1.26). */
function easedBy({ taken, habit }: { taken: number; habit: number }): number {
  const [mean, sd] = [-6 * taken, Math.hypot(6 * habit, 2 * thread)];
  const below = (x: number) => {
    const z = (x - mean) / (sd * Math.SQRT2);
    const t = 1 / (1 + 0.3275911 * Math.abs(z));
    const tail = ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
    const erf = Math.sign(z) * (1 - tail * Math.exp(-z * z));
    return (1 + erf) / 2;
  };
  return below(EASED.in) - below(-EASED.in);
}

describe('what a group is held to sew like', () => {
  it('holds what is so nineteen times of twenty, between ninety-three and ninety-seven in a hundred, whatever is measured', () => {
    const random = seeded(41);
    const normal = normals(random);
    const groups = 1500;
    const held = { taken: 0, habit: 0, eased: 0 };
    for (let n = 0; n < groups; n += 1) {
      const truth = { taken: prior.taken + 1.5 * thread * normal(), habit: prior.habit * Math.exp(Math.log(2) * normal()) };
      const { habits } = calibrated(measuredOf(random, truth, 2 + Math.floor(random() * 12)), prior, 'in');
      const of = { taken: (one: typeof truth) => one.taken, habit: (one: typeof truth) => one.habit, eased: easedBy };
      for (const key of ['taken', 'habit', 'eased'] as const) {
        const { low, high } = intervalOf(habits, of[key]);
        held[key] += Number(of[key](truth) >= low && of[key](truth) <= high);
      }
    }
    for (const share of Object.values(held).map((count) => count / groups)) {
      expect(share).toBeGreaterThan(0.93);
      expect(share).toBeLessThan(0.97);
    }
  });

  it('is what is taken for granted while nobody has measured, and narrower with everybody who does', () => {
    const none = calibrated([], prior, 'in');
    expect([none.persons, none.measures]).toEqual([0, 0]);
    expect(none.people.taken).toBeCloseTo(prior.taken, 6);
    const truth = { taken: 2.5 * thread, habit: thread / 2 };
    const widths = [0, 3, 12, 48].map((persons) => {
      const { low, high } = intervalOf(
        calibrated(measuredOf(seeded(5), truth, persons), prior, 'in').habits,
        (one) => one.taken,
      );
      return high - low;
    });
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect(widths.at(-1)!).toBeLessThan(widths[0]! / 4);
    const many = calibrated(measuredOf(seeded(5), truth, 48), prior, 'in');
    expect(Math.abs(many.people.taken - truth.taken)).toBeLessThan(thread / 3);
  });

  it('learns nothing from lines in which no habit shows', () => {
    const blind = [{ person: 'a', error: -1, shows: 0, surplus: 0, variance: 1 }];
    expect(calibrated(blind, prior, 'in')).toEqual(calibrated([], prior, 'in'));
  });

  it('finds the habit of people who sew a real block, from what they measure of it', () => {
    const { block } = readBlock(
      library.find((b) => b.name === 'Picnic Cloth')!,
      '',
    );
    const side = Exact.of(12);
    const c = construct(block, { finished: [side, side], make: 1, style: inchStyle });
    const sewn = sewnOf(c);
    const work = worked(c, sewn);
    const lines = sewn.linesOf(new Set(c.cloth.patches.flatMap((p) => p.of)));
    const people = { ...prior, taken: 3 * thread };
    for (const line of lines) {
      const { shows, surplus, variance } = showsOf(line, work, prior);
      const exact = exactMoments(line, work, prior)!;
      expect(surplus - shows * prior.taken).toBeCloseTo(exact.mean, 12);
      expect(Math.sqrt(variance - prior.reading ** 2 + (shows * prior.habit) ** 2)).toBeCloseTo(exact.sd, 12);
    }
    const { errors } = tried(work, { lines, people, times: 30, seed: 3 });
    const sizes = Array.from({ length: 30 }, (_, i) => ({
      person: `p${i}`,
      sides: lines.map((line, at) => line.expected + errors[at]![i]!),
    }));
    const found = measuredBy(c, sizes);
    expect(found.persons).toBe(30);
    const { low, high } = intervalOf(found.habits, (one) => one.taken);
    expect(low).toBeLessThan(people.taken);
    expect(high).toBeGreaterThan(people.taken);
    expect(low).toBeGreaterThan(prior.taken);
  });

  it('is stood for by a few as well as by all', () => {
    const group = calibrated(measuredOf(seeded(9), { taken: 2 * thread, habit: thread }, 8), prior, 'in');
    const few = someHabits(group, 60);
    expect(few).toHaveLength(60);
    const [all, some] = [intervalOf(group.habits, easedBy), intervalOf(few, easedBy)];
    expect(some.mean).toBeCloseTo(all.mean, 1);
    expect(Math.abs(some.low - all.low)).toBeLessThan(0.12);
    expect(Math.abs(some.high - all.high)).toBeLessThan(0.12);
  });
});

describe('a group that sends its sizes', () => {
  it('is found by the seams that they cross; slips of the pen and cut pieces say nothing', () => {
    const sent = Array.from({ length: 20 }, (_, i) => ({
      person: String(i % 10),
      seams: 6,
      expected: 12.5,
      measured: 12.5 - 6 * 3 * thread,
    }));
    const { people, persons, measures } = groupOf(sent, 'in');
    expect([persons, measures]).toEqual([10, 20]);
    expect(people.taken).toBeGreaterThan(2.4 * thread);
    const slips = [
      { person: 'x', seams: 6, expected: 12.5, measured: 8 },
      { person: 'y', seams: 0, expected: 4.5, measured: 4.25 },
    ];
    expect(groupOf([...sent, ...slips], 'in')).toEqual(groupOf(sent, 'in'));
  });
});

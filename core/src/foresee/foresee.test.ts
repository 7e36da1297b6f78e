import { describe, expect, it } from 'vitest';
import { library, readBlock } from '../block';
import { construct, inchStyle, seamsAcross, type SewingStyle } from '../construction';
import { Exact, ratio, seeded } from '../measure';
import { cutLarge, easedOf, FORTY, foresee } from './foresee';
import { sewnOf } from './lines';
import { exactMoments, momentsOf, normals, tried, worked } from './outcome';
import { usualPeople, type People } from './people';

const made = (name: string, style: Partial<SewingStyle> = {}) => {
  const { block } = readBlock(
    library.find((b) => b.name === name)!,
    '',
  );
  const finished = [Exact.of(12), Exact.of(12).over(block.grid[0]).times(block.grid[1])] as const;
  return construct(block, { finished, make: 1, style: { ...inchStyle, ...style } });
};
const all = library.map(({ name }) => ({ name: name! }));
const whole = (c: ReturnType<typeof made>) => new Set(c.cloth.patches.flatMap((p) => p.of));
const people = usualPeople('in');
const perfect = Object.fromEntries(Object.keys(people).map((key) => [key, 0])) as unknown as People;

describe('a line through the middle', () => {
  it.each(all)('goes through every seam that a ruler there lies on, edge to edge: $name', ({ name }) => {
    const c = made(name);
    const [across, down] = sewnOf(c).linesOf(whole(c));
    const count = (line: typeof across) => line!.spans.reduce((n, span) => n + span.crossings.length, 0);
    expect([count(across), count(down)]).toEqual([seamsAcross(c.cloth.patches), seamsAcross(c.cloth.patches, 'upright')]);
    expect(across!.expected).toBeCloseTo(c.unfinished[0].toNumber(), 9);
    for (const line of [across!, down!])
      for (const { patches, crossings } of line.spans) {
        for (const { share } of patches) expect(share).toBeGreaterThan(0);
        for (const { share } of crossings) expect(share <= 1 && share > 0).toBe(true);
      }
  });

  it('crosses one long seam by one name wherever it is crossed, and others by others', () => {
    const c = made('Ohio Star');
    const sewn = sewnOf(c);
    const [, down] = sewn.linesOf(whole(c));
    const names = down!.spans.flatMap((span) => span.crossings.map(({ seam }) => seam));
    expect(new Set(names).size).toBe(names.length);
    // The seams between rows are the same ones wherever a line comes down.
    const left = new Set(c.cloth.patches.flatMap((p) => (p.points.some(([x]) => x < 12) ? p.of : [])));
    const [, beside] = sewn.linesOf(left);
    const rows = (list: typeof names) => list.filter((seam) => /^block \d/.test(seam));
    expect(rows(beside!.spans.flatMap((s) => s.crossings.map(({ seam }) => seam)))).toEqual(rows(names));
  });

  it('shows 1/√2 of what a seam at 45° takes', () => {
    const c = made('Ohio Star');
    const hourglass = sewnOf(c).units.find(({ plan }) => plan.kind.kind === 'qst')!;
    const [across] = sewnOf(c).linesOf(hourglass.patches);
    for (const { share } of across!.spans.flatMap((s) => s.crossings)) expect(share).toBeCloseTo(Math.SQRT1_2, 9);
  });
});

describe('an outcome', () => {
  it.each(all)('that is a sum is found by trying as it is reckoned: $name', ({ name }) => {
    const c = made(name);
    const work = worked(c, sewnOf(c));
    const lines = work.sewn.linesOf(whole(c));
    const { errors } = tried(work, { lines, people, times: 6000, seed: 5 });
    lines.forEach((line, i) => {
      const [exact, found] = [exactMoments(line, work, people)!, momentsOf(errors[i]!)];
      // Five times what chance leaves of a mean, and of a spread.
      expect(Math.abs(found.mean - exact.mean)).toBeLessThan((5 * exact.sd) / Math.sqrt(6000));
      expect(Math.abs(found.sd / exact.sd - 1)).toBeLessThan(5 / Math.sqrt(12000));
    });
  });

  it('of a row of n like squares is what a hand reckons: each of n − 1 seams takes its share, each square its cut', () => {
    const c = made('Rail Fence');
    const work = worked(c, sewnOf(c));
    const unit = work.sewn.units.find(({ patches }) => patches.size === 3)!;
    const line = work.sewn.linesOf(unit.patches).find((l) => l.spans.some((s) => s.crossings.length === 2))!;
    const { mean, sd } = exactMoments(line, work, people)!;
    expect(mean).toBeCloseTo(-2 * people.taken, 9);
    expect(sd).toBeCloseTo(
      Math.hypot(2 * people.habit, Math.SQRT2 * people.seam, Math.SQRT2 * people.press, Math.sqrt(3) * people.cut),
      9,
    );
  });

  it('has over what its cuts have over: a triangle square its square’s rounding, an hourglass too', () => {
    for (const [name, kind, method, part] of [
      ['Shoo Fly', 'hst', 'two-at-a-time', 1],
      // Four quarters of a square have half of its rounding each.
      ['Shoo Fly', 'hst', 'eight-at-a-time', 1 / 2],
      ['Ohio Star', 'qst', 'two-at-a-time', 1],
    ] as const) {
      const c = made(name, { methods: { [kind]: method } });
      const work = worked(c, sewnOf(c));
      const unit = work.sewn.units.find(({ plan }) => plan.kind.kind === kind)!;
      const cut = c.cuts.find(({ serves }) => serves.includes(unit.plan))!;
      const over = cut.w.valueOf() - cut.exact[0].toNumber();
      expect(over).toBeGreaterThan(0.01);
      for (const line of work.sewn.linesOf(unit.patches))
        expect(exactMoments(line, work, perfect)!.mean).toBeCloseTo(over * part, 2);
    }
  });

  it('of perfect people is perfect, and causes are whole', () => {
    const c = made('Rail Fence');
    expect(foresee(c, perfect).block).toMatchObject({ eased: 1, usable: 1 });
    for (const { name } of all) {
      const { causes, block } = foresee(made(name));
      const forty = block.people;
      expect(Object.values(causes).reduce((n, x) => n + x, 0)).toBeCloseTo(1, 9);
      expect(forty).toHaveLength(FORTY);
      expect([...forty].sort((a, b) => a - b)).toEqual(forty);
      expect(block.usable).toBeGreaterThanOrEqual(block.eased);
    }
  });

  it('gets worse with worse habits, and a single bad cause is the one that is blamed', () => {
    const c = made('Ohio Star');
    expect(easedOf(c, { ...people, habit: 3 * people.habit })).toBeLessThan(easedOf(c, people));
    for (const cause of ['habit', 'seam', 'press', 'cut'] as const) {
      const only: People = { ...perfect, [cause]: 0.01 };
      expect(foresee(c, only).causes[cause]).toBeCloseTo(1, 6);
    }
  });

  it('is better where units are trimmed: what happens inside them no longer counts', () => {
    const [exact, large] = [
      made('Ohio Star'),
      made('Ohio Star', { sizing: 'trim-down', oversize: { hst: ratio(1, 4), qst: ratio(1, 4), geese: ratio(1, 4) } }),
    ];
    const [before, after] = [foresee(exact), foresee(large)];
    expect(after.block.eased).toBeGreaterThan(before.block.eased);
    expect(after.causes.trim).toBeGreaterThan(0);
    // What is too small stays too small.
    const wide = { ...people, taken: 0.3 };
    const hourglass = foresee(large, wide).parts.find(
      ({ unit }) => unit === large.units.find((u) => u.kind.kind === 'qst')!.label,
    )!;
    expect(hourglass.eased).toBeLessThan(0.5);
  });

  it('weighs cutting large: costs more cloth, and is the smallest that does it', () => {
    const found = cutLarge(made('Three Beds'))!;
    expect(found.exact).toMatchObject({ cloth: 1, minutes: 1 });
    expect(found.large.eased).toBeGreaterThan(found.exact.eased);
    expect(found.large.cloth).toBeGreaterThan(1);
    expect(found.home).toBe(found.large.eased >= 0.95);
    // Nothing to trim: nothing to weigh.
    expect(cutLarge(made('Rail Fence'))).toBeUndefined();
  });

  it('says where a measure pays, and it does', () => {
    const { measure, block } = foresee(made('Rail Fence'));
    expect(measure!.eased).toBeGreaterThan(block.eased);
    // Who has no habit needs none.
    expect(foresee(made('Rail Fence'), { ...people, habit: 0, taken: 0 }).measure).toBeUndefined();
  });

  it('knows centimetres: the same habits, the same shares', () => {
    const { block } = readBlock(
      library.find((b) => b.name === 'Rail Fence')!,
      '',
    );
    const style: SewingStyle = { ...inchStyle, unit: 'cm', seam: ratio(3, 4), rounding: ratio(1, 10), wof: ratio(106) };
    const cm = construct(block, { finished: [Exact.of(30), Exact.of(30)], make: 1, style });
    expect(Math.abs(easedOf(cm) - easedOf(made('Rail Fence')))).toBeLessThan(0.1);
  });
});

it('draws normal numbers', () => {
  const normal = normals(seeded(3));
  const list = Float64Array.from({ length: 20_000 }, normal);
  const { mean, sd } = momentsOf(list);
  expect(Math.abs(mean)).toBeLessThan(0.03);
  expect(Math.abs(sd - 1)).toBeLessThan(0.02);
  expect(list.filter((x) => Math.abs(x) < 1.96).length / list.length).toBeCloseTo(0.95, 1);
});

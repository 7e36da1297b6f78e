import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { construct, skillOf, techniques, techniquesOf, type Skill, type Technique } from '../construction';
import { readyCasts } from '../fabric';
import { castSeams, planPacket, quiltOf, readProgramme, type Programme, type ProgrammeFile } from '../programme';
import { monthMinutes, newProgramme } from '../running';
import { composeYears, NoYear } from './compose';
import { proveYear, type Proof } from './proof';
import { readyYears } from './ready-years';
import { quiltSizes, type ComposedYear, type Wish } from './wish';

const WISH: Wish = {
  ...{ block: '12', quilt: { width: 50, height: 64 }, skill: { from: 1, to: 3 }, teach: [], finishing: true },
  ...{ giving: 'yardage', fatQuarters: 12, hours: 4, mystery: false, seed: 1 },
};

function base({ months = 12, letters = 4, cast = 0, unit = 'in' as 'in' | 'cm' } = {}): ProgrammeFile {
  const file = newProgramme({
    ...{ title: 'A Year', unit, months, kind: 'monthly', start: '2027-01-09', timeZone: 'Europe/London', letters },
    ...{ colourways: ['Frost', 'Dusk'], casts: [readyCasts[cast]!, readyCasts[(cast + 1) % 6]!], nameOf: (day) => day },
  });
  return { ...file, participants: { frost: 20, dusk: 20 } };
}

function read(file: ProgrammeFile): Programme {
  const result = readProgramme(file);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.programme;
}

function proofOf(year: ComposedYear, wish: Wish): Proof {
  const steps = proveYear(year, wish);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** Years of a wish; none where there are none. */
function yearsOf(file: ProgrammeFile, wish: Wish, most = 4): ComposedYear[] {
  const found: ComposedYear[] = [];
  try {
    for (const year of composeYears(file, wish)) if (found.push(year) === most) break;
  } catch (error) {
    if (!(error instanceof NoYear)) throw error;
    expect(error.message).toMatch(/[.]$/);
  }
  return found;
}

/** What each month's blocks teach, from the blocks alone. */
const taughtIn = ({ months, house }: Programme) =>
  months.map(({ blocks }) => blocks.map(({ block, finished, make }) => construct(block, { finished, make, style: house })));

describe('a composed year', () => {
  const wishes = fc.record({
    months: fc.integer({ min: 4, max: 13 }),
    letters: fc.integer({ min: 2, max: 7 }),
    cast: fc.integer({ min: 0, max: 5 }),
    wish: fc.record({
      block: fc.constantFrom('6', '8', '9', '12'),
      quilt: fc.constantFrom(...quiltSizes.map((s) => ({ width: s.in[0], height: s.in[1] }))),
      skill: fc
        .constantFrom(
          ...([
            [1, 1],
            [1, 2],
            [1, 3],
            [2, 3],
            [1, 4],
            [3, 4],
          ] as [Skill, Skill][]),
        )
        .map(([from, to]) => ({ from, to })),
      teach: fc.subarray(
        techniques.map((t) => t.id).filter((t) => t !== 'squares'),
        { maxLength: 3 },
      ),
      finishing: fc.boolean(),
      giving: fc.constantFrom('yardage' as const, 'list' as const),
      fatQuarters: fc.constant(12),
      hours: fc.integer({ min: 2, max: 8 }),
      mystery: fc.boolean(),
      seed: fc.nat(999),
    }),
  });

  it('keeps its months, hours, skill, size and lessons, and is cast so that its patches are told apart', () => {
    fc.assert(
      fc.property(wishes, ({ wish, ...of }) => {
        const file = base(of);
        for (const year of yearsOf(file, wish, 2)) {
          const programme = read(year.file);
          expect(programme.months.map((m) => m.id)).toEqual(file.months!.map((m) => m.id));
          const withBlocks = wish.finishing ? programme.months.slice(0, -1) : programme.months;
          expect(withBlocks.every((m) => m.blocks.length > 0)).toBe(true);
          expect(programme.mystery).toBe(wish.mystery);

          // The quilt comes near what was asked, and takes exactly the blocks that are made.
          const { top } = quiltOf(programme)!;
          expect(Math.abs(top.w.toNumber() / wish.quilt.width - 1)).toBeLessThan(0.3);
          expect(Math.abs(top.h.toNumber() / wish.quilt.height - 1)).toBeLessThan(0.3);
          const made = new Map(programme.months.flatMap((m) => m.blocks.map((b) => [`${m.id}:${b.key}`, b.make] as const)));
          const set = new Map<string, number>();
          for (const { block } of top.places) set.set(block!.key, (set.get(block!.key) ?? 0) + 1);
          expect(set).toEqual(made);

          for (const month of programme.months) {
            const minutes = Object.values(monthMinutes(programme, month, programme.colourways[0]!));
            expect(minutes.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(wish.hours * 60 + 0.5);
          }
          const blocks = taughtIn(programme);
          expect(Math.max(...blocks.flat().map(skillOf))).toBeLessThanOrEqual(wish.skill.to);
          const taught = blocks.map((cs) => new Set(cs.flatMap(techniquesOf)));
          const asked: readonly string[] = wish.teach;
          const before = techniques.filter((t) => t.skill <= wish.skill.from && !asked.includes(t.id));
          const known = new Set<Technique>(before.map((t) => t.id));
          taught.forEach((own, i) => {
            const fresh = [...own].filter((t) => !known.has(t));
            expect(fresh.length).toBeLessThanOrEqual(1);
            expect(year.lessons[i]!.introduces).toBe(fresh[0]);
            if (fresh[0]) expect(taught.slice(i + 1).some((later) => later.has(fresh[0]!))).toBe(true);
            for (const t of own) known.add(t);
          });
          for (const t of wish.teach) expect(known.has(t)).toBe(true);

          for (const colourway of programme.colourways)
            expect(castSeams(programme, colourway).filter((s) => s.verdict === 'lost' && !s.melts)).toEqual([]);
          // No two blocks of one name or id.
          expect(new Set(year.file.blocks.map((b) => b.id)).size).toBe(year.file.blocks.length);
          expect(new Set(year.file.blocks.map((b) => b.name)).size).toBe(year.file.blocks.length);
        }
      }),
      { numRuns: 25 },
    );
  });

  it('is the same for the same seed, and another for another', () => {
    const [first, again, other] = [3, 3, 4].map((seed) => yearsOf(base(), { ...WISH, seed }));
    expect(again).toEqual(first);
    expect(first).toHaveLength(4);
    expect(JSON.stringify(other)).not.toBe(JSON.stringify(first));
  });

  it('fits the bundle: every fat quarter is laid out, and no month lacks a piece', () => {
    const wish: Wish = { ...WISH, giving: 'bundle', fatQuarters: 14, skill: { from: 2, to: 3 } };
    const [year] = yearsOf(base({ letters: 6, months: 9 }), wish, 1);
    const { kits, fabrics } = year!.file;
    const quarters = fabrics!.filter((f) => f.form === 'fat-quarter');
    // Of each colourway its own fourteen.
    for (const colourway of ['frost', 'dusk'])
      expect(quarters.filter((f) => f.id.startsWith(colourway)).reduce((n, f) => n + kits!.bundle![f.id]!, 0)).toBe(14);
    const proof = proofOf(year!, wish);
    expect(proof.broken).toEqual([]);
    for (const { takes, holds } of proof.bundle) expect(takes).toBeLessThanOrEqual(holds);
    // Ground and setting come by the yard.
    expect(proof.all.map((a) => a.letter)).toEqual(['A', 'F']);
  });

  it('says how many fat quarters the smallest year takes where a bundle holds fewer', () => {
    const wish: Wish = { ...WISH, giving: 'bundle', fatQuarters: 4, quilt: { width: 84, height: 96 } };
    expect(() => [...composeYears(base({ letters: 6 }), wish)]).toThrow(/needs \d+ fat quarters; the bundle holds 4\./);
  });

  it('keeps chosen months and the setting, and finds other blocks for the rest', () => {
    const [year] = yearsOf(base(), WISH, 1);
    const kept = { file: year!.file, months: ['m2', 'm7'] };
    const [other] = [...composeYears(base(), { ...WISH, seed: 8 }, kept)];
    const drawn = ({ file }: ComposedYear, id: string) =>
      file.months!.find((m) => m.id === id)!.blocks!.map((b) => ({ ...b, drawing: file.blocks.find((k) => k.id === b.block) }));
    for (const id of kept.months) expect(drawn(other!, id)).toEqual(drawn(year!, id));
    expect({ ...other!.file.setting, places: {} }).toEqual({ ...year!.file.setting, places: {} });
    const rest = year!.file.months!.filter((m) => !kept.months.includes(m.id) && m.blocks!.length > 0).map((m) => m.id);
    expect(rest.some((id) => JSON.stringify(drawn(other!, id)) !== JSON.stringify(drawn(year!, id)))).toBe(true);
    expect(proofOf(other!, WISH).broken).toEqual([]);
  });

  it('says what stands in the way', () => {
    const no =
      (wish: Partial<Wish>, of = {}) =>
      () => [...composeYears(base(of), { ...WISH, ...wish })];
    expect(no({ teach: ['templates'] })).toThrow('Learning templates takes advanced skill.');
    expect(no({ teach: ['partial-seams'], skill: { from: 1, to: 4 }, block: '8' })).toThrow(
      'No block of ours teaches partial seams at 8 in.',
    );
    expect(no({ teach: ['hst', 'geese', 'qst'] }, { months: 4 })).toThrow(
      '3 techniques to teach, and 3 instalments with blocks',
    );
    expect(no({ quilt: { width: 20, height: 20 } })).toThrow('make no quilt near 20 in by 20 in. Choose a larger quilt');
    expect(no({ quilt: { width: 120, height: 120 }, block: '6' }, { months: 4 })).toThrow('Choose a smaller quilt');
    expect(no({ block: '7 1/3' })).toThrow('None of our blocks can be cut at');
  });

  it('a proof breaks where a month, a bundle or a lesson does', () => {
    const [year] = yearsOf(base(), WISH, 1);
    const shorter = proofOf(year!, { ...WISH, hours: 0.25 });
    expect(shorter.broken.length).toBeGreaterThan(0);
    const swapped = structuredClone(year!);
    // Lessons turned round: what was practised comes before what it practises.
    const blocks = swapped.file
      .months!.map((m) => m.blocks!)
      .slice(0, -1)
      .reverse();
    blocks.forEach((b, i) => (swapped.file.months![i]!.blocks = b));
    delete swapped.file.setting!.places;
    expect(proofOf(swapped, WISH).broken.length).toBeGreaterThan(0);
  });

  it('its fabric for everyone is what its packets hand out, so many times', () => {
    const [year] = yearsOf(base(), { ...WISH, pricePerYard: 12 }, 1);
    const proof = proofOf(year!, { ...WISH, pricePerYard: 12 });
    const programme = read(year!.file);
    const colourway = programme.colourways[0]!;
    let yards = 0;
    for (const months of programme.kits.packets) {
      const { fabrics, finishing } = planPacket(programme, { colourway, months });
      for (const { plan } of fabrics) yards += 'lengthToBuy' in plan ? plan.lengthToBuy.valueOf() / 36 : 0;
      yards += (finishing.backing?.toBuy.valueOf() ?? 0) / 36;
    }
    expect(proof.people).toBe(40);
    expect(proof.cost!.each).toBeCloseTo(yards * 12, 6);
    expect(proof.cost!.all).toBeCloseTo(yards * 12 * 40, 4);
  });
});

describe.each(readyYears)('the ready year $id', (ready) => {
  it.each(['in', 'cm'] as const)('is composed in %s, and keeps what it promises', (unit) => {
    const { months, ...of } = {
      months: ready.instalments,
      letters: ready.letters,
      cast: readyCasts.findIndex((c) => c.id === ready.cast),
    };
    const [width, height] = quiltSizes.find((s) => s.id === ready.size)![unit];
    const wish: Wish = { ...ready.wish, block: ready.block[unit], quilt: { width, height } };
    const years = yearsOf(base({ months, ...of, unit }), wish);
    expect(years.length).toBeGreaterThanOrEqual(3);
    expect(proofOf(years[0]!, wish).broken).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import { library, readBlock } from '../block';
import { construct, inchStyle } from '../construction';
import { Exact } from '../measure';
import { readProgramme, type ProgrammeFile, type SettingFile } from '../programme';
import { quiltTop, settingKinds, type Setting } from '../setting';
import { FORTY } from './foresee';
import { foreseeQuilt } from './index';
import { sewnOf } from './lines';
import { exactMoments, worked } from './outcome';
import { usualPeople, type People } from './people';
import { foreseeTop } from './quilt';

const people = usualPeople('in');
const perfect = Object.fromEntries(Object.keys(people).map((key) => [key, 0])) as unknown as People;
const house = { ...inchStyle, unit: 'in' as const };
const plain: Setting = {
  ...{ kind: 'straight', across: 4, down: 5, turning: 'one-way', rounds: [], borders: [], leftOver: 0 },
  ...{ places: new Map(), months: new Map() },
};
const made = (name: string) => {
  const { block } = readBlock(
    library.find((b) => b.name === name)!,
    '',
  );
  return construct(block, { finished: [Exact.of(12), Exact.of(12)], make: 1, style: inchStyle });
};
/** A quilt of those blocks, in turn. */
const quilt = (names: readonly string[], setting: Setting = plain, of: People = people) => {
  const blocks = Array.from({ length: setting.across * setting.down }, (_, i) => names[i % names.length]!);
  const top = quiltTop(
    setting,
    blocks.map((key) => ({ key, w: Exact.of(12), h: Exact.of(12) })),
  );
  const known = new Map([...new Set(names)].map((name) => [name, made(name)]));
  return foreseeTop({ top, kind: setting.kind, house, people: of, constructionOf: (key) => known.get(key) });
};

describe('a quilt sewn by one person', () => {
  it('is in the mean of its rows what a hand reckons: blocks alike by her habit, each with its own chance, and the seams between', () => {
    const name = 'Rail Fence';
    const c = made(name);
    const work = worked(c, sewnOf(c));
    const [line] = work.sewn.linesOf(new Set(c.cloth.patches.flatMap((p) => p.of)));
    const all = exactMoments(line!, work, people)!;
    const own = exactMoments(line!, work, { ...people, habit: 0 })!;
    const shown = Math.sqrt(all.sd ** 2 - own.sd ** 2) / people.habit;
    const [across] = quilt([name])!.sides!;
    const habit = (4 * shown + 3) * people.habit;
    const chance = (4 * own.sd ** 2 + 3 * (people.seam ** 2 + people.press ** 2)) / 5;
    const sd = Math.sqrt(habit ** 2 + chance);
    expect(across!.expected).toBe(48.5);
    // A thousand people: five times what chance leaves of a mean, and of a spread.
    expect(Math.abs(across!.mean - (4 * all.mean - 3 * people.taken))).toBeLessThan((5 * sd) / Math.sqrt(1000));
    expect(Math.abs(across!.sd / sd - 1)).toBeLessThan(5 / Math.sqrt(2000));
  });

  it('of perfect people fits everywhere, whatever the blocks', () => {
    const found = quilt(['Rail Fence', 'Picnic Cloth'], plain, perfect)!;
    expect(found).toMatchObject({ eased: 1, usable: 1, own: 1, toEase: 0 });
    expect(Math.max(...found.people)).toBeCloseTo(0, 9);
    for (const { mean } of found.sides!) expect(mean).toBeCloseTo(0, 9);
  });

  it('fits worse where blocks with many seams lie beside blocks with few, and those are to blame', () => {
    const [alike, mixed] = [quilt(['Rail Fence'])!, quilt(['Puss in the Corner', 'Picnic Cloth'])!];
    expect(mixed.usable).toBeLessThan(alike.usable);
    expect(mixed.blocks[0]!.key).toBe('Picnic Cloth');
    expect(mixed.blocks.reduce((n, { worst }) => n + worst, 0)).toBeCloseTo(1, 9);
  });

  it('in the same order of rows has a seam for every two neighbours', () => {
    // Each row has three seams, and each two rows meet block by block.
    expect(quilt(['Rail Fence'])!.seams).toBe(5 * 3 + 4 * 4);
  });

  it.each(settingKinds)('is known of a setting, with its progress: %s', (kind) => {
    const { setting, ...file } = demo as unknown as ProgrammeFile & { setting: SettingFile };
    const { triangles, cornerstone, ...bare } = setting;
    const aslant = kind === 'on-point';
    const reading = readProgramme({
      ...file,
      sizes: [],
      setting: {
        ...{ ...bare, kind, places: {}, months: {} },
        ...(aslant ? { triangles, cornerstone } : { across: 4, down: 4 }),
        ...(kind === 'alternate' && { alternate: { role: 'A' } }),
      },
    });
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    const { programme } = reading;
    const shares: number[] = [];
    const found = foreseeQuilt(programme, { colourway: programme.colourways[0]!, report: (share) => shares.push(share) })!;
    expect(found.people).toHaveLength(FORTY);
    expect([...found.people].sort((a, b) => a - b)).toEqual(found.people);
    for (const share of [found.eased, found.usable, found.own, found.scant]) expect(share >= 0 && share <= 1).toBe(true);
    expect(found.usable).toBeGreaterThanOrEqual(found.eased);
    expect(found.sides === undefined).toBe(aslant);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBeLessThanOrEqual(1);
  });

  it('goes together better when strips are cut as long as her own blocks and rows', () => {
    const reading = readProgramme(demo);
    if (!reading.ok) throw new Error('the demonstration');
    const { programme } = reading;
    const found = foreseeQuilt(programme, { colourway: programme.colourways[0]! })!;
    expect(found.own).toBeGreaterThan(found.usable + 0.1);
    expect(found.blocks.map(({ month }) => month).every((id) => programme.months.some((m) => m.id === id))).toBe(true);
  });

  it('needs no drawing of a block that comes later: it is taken to fit', () => {
    const top = quiltTop(plain, [{ key: 'later', w: Exact.of(12), h: Exact.of(12) }]);
    const found = foreseeTop({ top, kind: 'straight', house, people, constructionOf: () => undefined })!;
    expect(found.blocks).toEqual([]);
    expect(found.usable).toBe(1);
  });
});

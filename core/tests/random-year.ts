/** Random years for the property tests of the account: kinds of kits, sizes, settings, packets, scrappy letters, directional prints. */
import fc from 'fast-check';
import type { ProgrammeFile } from '../src/programme';
import { randomProgramme } from './random-programme';

const kinds = ['yardage', 'pre-cut', 'die-cut', 'bundle', 'list'] as const;

export const randomYear = fc
  .record({
    base: randomProgramme(3),
    kind: fc.constantFrom(...kinds),
    others: fc.array(
      fc.record({
        kind: fc.constantFrom(...kinds),
        people: fc.integer({ min: 0, max: 4 }),
        size: fc.boolean(),
        colourway: fc.constantFrom('one', 'two'),
      }),
      { maxLength: 3 },
    ),
    /** Which months are handed out with the one before. */
    joined: fc.array(fc.boolean(), { minLength: 4, maxLength: 4 }),
    people: fc.tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 0, max: 6 })),
    larger: fc.integer({ min: 0, max: 4 }),
    demoSets: fc.integer({ min: 0, max: 1 }),
    stepOuts: fc.boolean(),
    directional: fc.boolean(),
    /** Every patch named, or units of a pool: of one letter or two, for a block, a packet or the programme. */
    scrappy: fc.constantFrom('no', 'named', 'units', 'both'),
    scope: fc.constantFrom('programme' as const, 'packet' as const, 'block' as const),
    alike: fc.constantFrom(undefined, 2, 6),
    quarters: fc.boolean(),
    keepWhole: fc.boolean(),
    setting: fc.constantFrom('none', 'straight', 'on-point'),
    wadding: fc.boolean(),
    allowance: fc.constantFrom('0', '1'),
    shrinkage: fc.constantFrom(0, 0.04),
  })
  .map((y): ProgrammeFile => {
    const base = y.base as unknown as ProgrammeFile;
    const months = base.months!.map((m, i) => ({ ...m, release: `2027-0${i + 1}-10` }));
    const packets: string[][] = [];
    for (const [i, { id }] of months.entries())
      if (i > 0 && y.joined[i]) packets.at(-1)!.push(id);
      else packets.push([id]);
    const last = months.at(-1)!.id;
    const made = months.reduce((n, m) => n + (m.blocks![0]!.make ?? 1), 0);
    const parts =
      y.setting === 'straight'
        ? { sashing: { finished: '2', role: 'B' }, cornerstone: { role: 'A' } }
        : { triangles: { role: 'A' } };
    const fabric = (id: string, leadDays?: number) => ({
      id,
      pricePerYard: 9.5,
      usableWidth: base.unit === 'cm' ? '108' : '42',
      leadDays,
    });
    // Every block finishes alike where the quilt is set.
    const square = base.unit === 'cm' ? '30' : '12';
    const set = y.setting !== 'none';
    return {
      ...base,
      house: { ...base.house, allowance: y.allowance, shrinkage: y.shrinkage },
      fabrics: [
        fabric('light', 10),
        { ...fabric('dark', 21), directional: y.directional },
        fabric('mid'),
        {
          id: 'quarter',
          form: 'fat-quarter',
          pricePerYard: 9.5,
          ...(base.unit === 'cm' && { usableWidth: '90', usableLength: '90' }),
        },
        { ...fabric('wadding', 3), usableWidth: base.unit === 'cm' ? '230' : '90' },
      ],
      colourways: [
        {
          id: 'one',
          fabrics: { ...(y.scrappy !== 'both' && { A: 'light' }), B: 'dark', ...(y.scrappy === 'no' && { C: 'light' }) },
          ...(y.scrappy !== 'no' && {
            pools: {
              C: { fabrics: ['light', 'mid'], ...(y.scrappy !== 'named' && { units: { for: y.scope, alike: y.alike } }) },
              ...(y.scrappy === 'both' && { A: { fabrics: ['mid', 'light', 'dark'], units: { for: 'block' } } }),
            },
          }),
        },
        { id: 'two', fabrics: { A: 'mid', B: 'light', C: y.quarters && !set && base.unit === 'in' ? 'quarter' : 'dark' } },
      ],
      blocks: base.blocks,
      months: months.map((m) => ({
        ...m,
        blocks: m.blocks!.map((b) => ({
          ...b,
          // No piece larger than a fat quarter holds.
          finished: set ? [square, square] : b.finished,
        })),
      })),
      participants: { one: y.people[0], two: y.people[1] },
      sizes: [{ id: 'large', make: 2, participants: { one: Math.min(y.larger, y.people[0]) } }],
      kits: {
        ...{ kind: y.kind, packets, spares: base.kits!.spares, demoSets: y.demoSets },
        ...(y.stepOuts && { stepOuts: [{ month: 'm0' }] }),
        ...(y.keepWhole && { keepWhole: packets.map((p) => p[0]!) }),
        otherKinds: y.others.map((o) => ({
          ...{ colourway: o.colourway, kind: o.kind, people: o.people },
          ...(o.size && { size: 'large' }),
        })),
      },
      ...(set && {
        setting: {
          ...{ kind: y.setting as 'straight', across: y.setting === 'straight' ? made : 1, down: 1 },
          ...parts,
          borders: [{ finished: '3', role: 'A', strips: 'joined' }],
          binding: { cut: '2 1/4', role: 'B' },
          backing: { role: 'A' },
          ...(y.wadding && { wadding: { fabric: 'wadding' } }),
          months: { sashing: last, triangles: last, borders: months[0]!.id, binding: last, backing: last },
        },
      }),
    };
  });

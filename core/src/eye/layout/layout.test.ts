import { describe, expect, it } from 'vitest';
import { chances } from '../../../tests/made-pictures/chances';
import { averageOf, madeFabrics, type MadeFabric } from '../../../tests/made-pictures/fabrics';
import { madeLayout, type Slip } from '../../../tests/made-pictures/laid-out';
import { conditions } from '../../../tests/made-pictures/picture';
import { library, readBlock } from '../../block';
import { construct, inchStyle } from '../../construction';
import { Exact } from '../../measure';
import { checkLayout } from './check';
import { layoutOf } from './expected';
import { candidatesFor, isLike, lookOf, rolesIn, turned } from './templates';

const layouts = library.map((file) => {
  const { block } = readBlock(file, '');
  const finished = [Exact.of(12), Exact.of(12).over(block.grid[0]).times(block.grid[1])] as const;
  return { name: file.name, layout: layoutOf(construct(block, { finished, make: 1, style: inchStyle })) };
});
const layout = (name: string) => layouts.find((l) => l.name === name)!.layout;

/** A photograph of a layout, and what the eye says of it. */
function looked(
  name: string,
  seed: number,
  slips: readonly Slip[],
  { fabrics: given, sewn = false, dark = 1 }: { fabrics?: MadeFabric[]; sewn?: boolean; dark?: number } = {},
) {
  const by = chances(seed);
  const laid = layout(name);
  const roles = rolesIn(laid);
  const list = given ?? madeFabrics(by, { many: roles.length, apart: 18, printed: 0 });
  const fabrics = new Map(roles.map((role, i) => [role, list[i]!]));
  const of = { ...conditions(by, 'fair', { size: [700, 620], fabrics: list }), allowance: 0 };
  const lamp = { ...of, cast: of.cast.map((n) => n * dark) as [number, number] };
  const made = madeLayout(laid, fabrics, { slips, astray: sewn ? 0 : 0.03, aslant: sewn ? 0 : 2.5, sewn }, lamp, by);
  const colours = new Map(roles.map((role, i) => [role, averageOf(list[i]!)]));
  return { laid, made, answer: checkLayout(made, laid, colours, { corners: made.corners })!, colours };
}
const kinds = (answer: { units: readonly { kind: string }[] }) => answer.units.map((u) => u.kind);

describe('what should lie on the table', () => {
  it('is the whole block, in rectangles that overlap nowhere, for every block of the library', () => {
    for (const { name, layout: laid } of layouts) {
      const boxes = laid.units.map(({ sewn: [x, y], w, h }) => [x - w / 2, y - h / 2, w, h] as const);
      const area = boxes.reduce((sum, [, , w, h]) => sum + w * h, 0);
      const [wide, high] = laid.sewn.map((n) => n - 2 * laid.allowance) as [number, number];
      expect(area, name).toBeCloseTo(wide * high, 6);
      for (const [i, [x, y, w, h]] of boxes.entries())
        for (const [u, v, a, b] of boxes.slice(i + 1))
          expect(x >= u + a - 1e-6 || u >= x + w - 1e-6 || y >= v + b - 1e-6 || v >= y + h - 1e-6, name).toBe(true);
      for (const row of laid.rows)
        expect(
          row.reduce((sum, i) => sum + laid.units[i]!.w, 0),
          name,
        ).toBeCloseTo(wide, 6);
      // Laid out loose each unit has its allowances: never less room than sewn.
      expect(laid.loose[0]).toBeGreaterThanOrEqual(laid.sewn[0] - 1e-9);
    }
  });

  it('looks right first, and no two of its ways to lie look the same', () => {
    for (const { name, layout: laid } of layouts) {
      const roles = rolesIn(laid);
      const looks = laid.units.map((unit) => lookOf(unit, roles));
      const all = candidatesFor(laid, 0, looks, roles);
      expect(all[0]!.lie, name).toEqual({ kind: 'right' });
      for (const [i, a] of all.entries()) for (const b of all.slice(i + 1)) expect(isLike(a.look, b.look), name).toBe(false);
      expect([...turned(turned(looks[0]!, 1), 3)]).toEqual([...looks[0]!]);
    }
  });
});

describe('units in a photograph', () => {
  it.each([
    ['Shoo Fly', 1, false],
    ['Jacob’s Ladder', 2, false],
    ['Dutchman’s Puzzle', 3, false],
    ['Ohio Star', 4, true],
  ] as const)('of %s are told to lie right, loose or sewn', (name, seed, sewn) => {
    const { answer } = looked(name, seed, [], { sewn });
    expect(new Set(kinds(answer))).toEqual(new Set(['right']));
    expect(answer.turned).toBe(0);
  });

  it.each([1, 2, 3])('one that is turned by %i quarters is told, and no other', (quarters) => {
    const { answer } = looked('Shoo Fly', 10 + quarters, [{ at: 2, quarters }]);
    expect(answer.units[2]).toEqual({ kind: 'turned', quarters });
    expect(kinds(answer).filter((kind) => kind !== 'right')).toHaveLength(1);
  });

  it('in another fabric, or missing, are told', () => {
    const { units } = layout('Jacob’s Ladder');
    const [own] = units[1]!.patches.map((p) => p.role);
    const other = rolesIn(layout('Jacob’s Ladder')).find((role) => units[1]!.patches.every((p) => p.role !== role))!;
    const { answer } = looked('Jacob’s Ladder', 20, [
      { at: 1, recast: new Map([[own!, other]]) },
      { at: 4, missing: true },
    ]);
    expect(answer.units[1]).toEqual({ kind: 'fabric', instead: other, of: own, both: false });
    expect(kinds(answer)).toEqual(['right', 'fabric', 'right', 'right', 'missing', 'right', 'right', 'right', 'right']);
  });

  it('that have changed places are told together', () => {
    const { answer } = looked('Jacob’s Ladder', 21, [
      { at: 0, unit: 1 },
      { at: 1, unit: 0 },
    ]);
    expect(answer.units.slice(0, 2)).toEqual([
      { kind: 'exchanged', with: 1 },
      { kind: 'exchanged', with: 0 },
    ]);
  });

  it('in a row that lies upside down are told as that', () => {
    const [first] = layout('Shoo Fly').rows;
    const over = first!.map((at, k) => ({ at, unit: first![first!.length - 1 - k]!, quarters: 2 }));
    expect(looked('Shoo Fly', 22, over).answer.upsideDown).toEqual([0]);
    expect(looked('Shoo Fly', 22, []).answer.upsideDown).toEqual([]);
  });

  it('are told from whichever side the photograph was taken', () => {
    const { made, laid, colours } = looked('Gable', 23, [{ at: 1, missing: true }]);
    const [a, b, c, d] = made.corners;
    const sides = [
      [a, b, c, d],
      [b, c, d, a],
      [c, d, a, b],
      [d, a, b, c],
    ] as const;
    for (const corners of sides) {
      const answer = checkLayout(made, laid, colours, { corners })!;
      expect(answer.turned).toBe([0, 3, 2, 1][sides.indexOf(corners)]);
      expect(kinds(answer)).toEqual(['right', 'missing', 'right', 'right']);
    }
  });

  it('of fabrics that look alike are never said to be right', () => {
    const plain = (ground: readonly [number, number, number]): MadeFabric => ({
      ...{ ground, ink: ground, pattern: 'plain', repeat: 0.03, turn: 0 },
    });
    const alike = [plain([120, 90, 70]), plain([122, 92, 71])];
    const { answer } = looked('Shoo Fly', 30, [], { fabrics: alike });
    // The corners are of both; the plain patches between them are of one.
    for (const i of [0, 2, 6, 8]) expect(answer.units[i]).toMatchObject({ kind: 'unclear', why: 'alike', fabrics: ['A', 'B'] });
  });

  it('of a picture that shows something else are not told', () => {
    const by = chances(31);
    const data = new Uint8ClampedArray(300 * 300 * 4).map(() => by.whole(0, 255));
    const noise = { width: 300, height: 300, data };
    const corners = [
      [0, 0],
      [300, 0],
      [300, 300],
      [0, 300],
    ] as const;
    const answer = checkLayout(
      noise,
      layout('Shoo Fly'),
      new Map([
        ['A', '#f0e8d8'],
        ['B', '#203060'],
      ]),
      { corners },
    )!;
    expect(kinds(answer)).not.toContain('right');
    expect(
      checkLayout(noise, layout('Shoo Fly'), new Map(), {
        corners: [
          [0, 0],
          [1, 1],
          [2, 2],
          [3, 3],
        ],
      }),
    ).toBeUndefined();
  });
});

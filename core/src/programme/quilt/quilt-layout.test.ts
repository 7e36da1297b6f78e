import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { chances } from '../../../tests/made-pictures/chances';
import { averageOf, madeFabrics } from '../../../tests/made-pictures/fabrics';
import { madeLayout, type Slip } from '../../../tests/made-pictures/laid-out';
import { conditions } from '../../../tests/made-pictures/picture';
import { checkLayout, type Layout } from '../../eye';
import { quiltLayout, readProgramme, type ProgrammeFile, type SettingFile } from '../index';

const { setting, ...file } = demo as unknown as ProgrammeFile & { setting: SettingFile };
const programmeWith = (more: Partial<SettingFile>) => {
  const reading = readProgramme({ ...file, setting: { ...setting, ...more } });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};
const onPoint = programmeWith({});
const bare = Object.fromEntries(Object.entries(setting).filter(([part]) => part !== 'triangles')) as unknown as SettingFile;
const straight = (() => {
  const months = Object.fromEntries(Object.entries(setting.months ?? {}).filter(([part]) => part !== 'triangles'));
  const reading = readProgramme({ ...file, setting: { ...bare, kind: 'straight', across: 3, down: 4, months, places: {} } });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
})();

/** What is told of a photograph of it. */
function looked(layout: Layout, seed: number, slips: readonly Slip[], sewn = false) {
  const by = chances(seed);
  const roles = [...new Set(layout.units.flatMap((u) => u.patches.map((p) => p.role)))].sort();
  const list = madeFabrics(by, { many: roles.length, apart: 18, printed: 0 });
  const fabrics = new Map(roles.map((role, i) => [role, list[i]!]));
  const of = { ...conditions(by, 'fair', { size: [900, 800], fabrics: list }), allowance: 0 };
  const made = madeLayout(layout, fabrics, { slips, astray: 0.02, aslant: 2, sewn }, of, by);
  const colours = new Map(roles.map((role, i) => [role, averageOf(list[i]!)]));
  return checkLayout(made, layout, colours, { corners: made.corners })!;
}

describe('the blocks of a quilt', () => {
  it('are all of them, each a square with room for its allowances, on point or straight', () => {
    for (const [programme, slant, many] of [
      [onPoint, 45, 13],
      [straight, undefined, 12],
    ] as const) {
      const layout = quiltLayout(programme)!;
      expect(layout.whole).toBe(true);
      expect(layout.units).toHaveLength(many);
      for (const unit of layout.units) {
        expect(unit.slant).toBe(slant);
        const area = unit.patches.reduce((sum, { points }) => sum + Math.abs(areaOf(points)), 0);
        expect(area).toBeCloseTo(unit.w * unit.h, 6);
      }
      // No two lie over each other, and none over the edge.
      const apart = (side: 'loose' | 'sewn', least: number) =>
        layout.units.forEach(({ [side]: [x, y] }, i) =>
          layout.units
            .slice(i + 1)
            .forEach(({ [side]: [u, v] }) => expect(Math.hypot(x - u, y - v)).toBeGreaterThan(least - 1e-6)),
        );
      apart('loose', layout.units[0]!.w + 2 * layout.allowance);
      apart('sewn', layout.units[0]!.w);
    }
  });

  it('are those rows from the top that are out, and none of a quilt on point before all of it is', () => {
    const out = new Set(['m1', 'm2', 'm3', 'm4', 'm5']);
    expect(quiltLayout(onPoint, undefined, out)).toBeUndefined();
    const layout = quiltLayout(straight, undefined, out)!;
    expect(layout.whole).toBe(false);
    expect(layout.rows).toEqual([[0, 1, 2]]);
    expect(layout.units).toHaveLength(3);
    expect(quiltLayout(straight, undefined, new Set(['m2']))).toBeUndefined();
  });

  it.each([
    ['straight, block to block', straight, false],
    ['straight, with room for sashing', straight, true],
    ['on point', onPoint, false],
  ] as const)('are told to lie right, or which is turned and which have changed places: %s', (_name, programme, sewn) => {
    const layout = quiltLayout(programme)!;
    expect(new Set(looked(layout, 1, [], sewn).units.map((u) => u.kind))).toEqual(new Set(['right']));
    const { units } = looked(
      layout,
      3,
      [
        { at: 1, unit: 5 },
        { at: 5, unit: 1 },
      ],
      sewn,
    );
    for (const at of [1, 5]) expect(['exchanged', 'other']).toContain(units[at]!.kind);
    expect(units.filter((u) => u.kind === 'right')).toHaveLength(layout.units.length - 2);
    // A block that is turned is told, unless it looks the same after the turn.
    const turns = looked(layout, 1, [{ at: 3, quarters: 1 }], sewn).units;
    expect(turns[3]).toEqual({ kind: 'turned', quarters: 1 });
  });
});

function areaOf(points: readonly (readonly [number, number])[]): number {
  return points.reduce((sum, [x, y], i) => {
    const [u, v] = points[(i + 1) % points.length]!;
    return sum + (x * v - u * y) / 2;
  }, 0);
}

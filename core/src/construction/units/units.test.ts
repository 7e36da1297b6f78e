import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Block } from '../../block';
import { Exact } from '../../measure';
import { draw } from '../../../tests/draw';
import { PICTURES, half, lay } from '../../../tests/unit-pictures';
import { construct, inchStyle, stepsInOrder, unitKinds, type Act, type SewingStyle } from '../index';

const names = Object.keys(PICTURES);
const make = (b: Block, cell: Exact) =>
  construct(b, { finished: [cell.times(b.grid[0]), cell.times(b.grid[1])], make: 1, style: inchStyle });

const lies = fc.record({
  kind: fc.constantFrom(...names),
  roles: fc.array(fc.constantFrom('A', 'B', 'C', 'D'), { minLength: 9, maxLength: 9 }),
  quarters: fc.integer({ min: 0, max: 3 }),
  mirrored: fc.boolean(),
  factor: fc.constantFrom(1, 2, 3),
  size: fc.integer({ min: 4, max: 60 }),
});

describe('recognition', () => {
  it('sees every kind in any turn and mirror, at any size, with any casting of roles', () => {
    fc.assert(
      fc.property(lies, ({ kind, roles, quarters, mirrored, factor, size }) => {
        // A grid of one fabric is no unit; a rail or grid needs two to tell.
        const count = PICTURES[kind]!.shapes.length;
        fc.pre(!['four-patch', 'rails'].includes(kind) || new Set(roles.slice(0, count)).size > 1);
        const c = make(lay(kind, roles, quarters, mirrored, factor), Exact.of(size).over(8));
        expect(c.units.map((u) => u.kind.kind)).toEqual([kind]);
        expect([...c.units[0]!.roles].sort()).toEqual(roles.slice(0, count).sort());
      }),
      { numRuns: 600 },
    );
  });

  it('gives a unit the same name however it lies, and tells mirror images apart only where they differ', () => {
    fc.assert(
      fc.property(lies, ({ kind, roles, quarters, mirrored, factor }) => {
        const unit = (q: number, m: boolean) => make(lay(kind, roles, q, m, factor), Exact.of(2)).units[0]!;
        const [plain, lying] = [unit(0, false), unit(quarters, mirrored)];
        expect(lying.name).toBe(plain.name);
        const own = [0, 1, 2, 3].some((q) => unit(q, true).seen.mirrored === plain.seen.mirrored);
        if (own) expect(unit(0, true).mirrored).toBe(plain.mirrored);
        else expect(unit(0, true).mirrored).toBe(!plain.mirrored);
      }),
      { numRuns: 120 },
    );
  });

  it('sees units on point, their sizes in √2', () => {
    const inner = ['A 2,0 3,1 2,2 1,1', 'B 3,1 4,2 3,3 2,2', 'A 2,2 3,3 2,4 1,3', 'B 1,1 2,2 1,3 0,2'];
    const unit = make(draw([4, 4], [...inner, ...half(2).map((s) => `C ${s}`)]), Exact.of(1)).units[0]!;
    expect(unit.kind.kind).toBe('four-patch');
    expect(unit.seen.eighths % 2).toBe(1);
    expect(unit.w.equals(Exact.root2.times(2))).toBe(true);
  });

  it('takes nothing for a unit whose parts are a little off', () => {
    const almost = draw([4, 2], ['A 1,0 4,2 0,2', 'B 0,0 1,0 0,2', 'B 1,0 4,0 4,2']);
    expect(make(almost, Exact.of(2)).units.map((u) => u.kind.kind)).not.toContain('geese');
    const wide = draw([2, 1], ['A 0,0 2,0 0,1', 'B 2,0 2,1 0,1']);
    expect(make(wide, Exact.of(2)).units.map((u) => u.kind.kind)).toEqual(['template', 'template']);
  });
});

describe('the order of the hands', () => {
  const kinds = unitKinds.filter((kind) => PICTURES[kind.kind]);
  const wanted = (kind: string, sizing: SewingStyle['sizing']) => {
    const b = lay(kind, ['A', 'B', 'C', 'D'], 0, false, 1);
    const cell = Exact.of(3);
    const style: SewingStyle = { ...inchStyle, sizing };
    const c = construct(b, { finished: [cell.times(b.grid[0]), cell.times(b.grid[1])], make: 1, style });
    return { unit: c.units[0]!, style };
  };

  it.each(kinds.flatMap((kind) => kind.methods.map((method) => [kind.kind, method.name, method] as const)))(
    '%s, %s: opened and pressed before it is trimmed, and a bonus sewn before its corner is cut off',
    (kind, _, method) => {
      for (const sizing of ['exact', 'trim-down'] as const) {
        const { unit, style } = wanted(kind, sizing);
        if (method.unable?.(unit.seen, style)) continue;
        const recipe = method.recipe({ unit: unit.seen, style, make: 4, mirrored: 0 });
        const told = stepsInOrder(recipe.steps, () => 'Press as planned.');
        const first = (act: Act) => told.findIndex((step) => step.act === act);
        // What is trimmed was pressed before, at its last and at every earlier trim.
        told.forEach((step, i) => {
          if (step.act === 'trim') expect(told.slice(0, i).some((before) => before.act === 'press')).toBe(true);
        });
        if (recipe.bonus) {
          expect(told[first('bonus')]!.text).toBe(recipe.bonus);
          expect(first('bonus')).toBeLessThan(first('apart'));
        }
        // Where the unit is pressed by the plan it is said once; where its steps say it themselves, not again.
        const seams = told.flatMap((step) => (step.text === 'Press as planned.' ? (step.seams ?? [-1]) : []));
        expect(new Set(seams).size).toBe(seams.length);
        if (unit.kind.outward) expect(seams).toEqual([]);
      }
    },
  );
});

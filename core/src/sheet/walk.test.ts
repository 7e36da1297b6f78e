import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { library, readBlock, rolesOf } from '../block';
import { construct, inchStyle, outermost } from '../construction';
import { toldSize } from '../../tests/told-size';
import { Exact } from '../measure';
import { constructMonthBlock, readProgramme, type Colourway } from '../programme';
import { backView, sewingWalk, toleranceText } from './index';

const blocks = library.map((file) => readBlock(file, '').block);
const make = (b: (typeof blocks)[number]) =>
  construct(b, { finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])], make: 1, style: inchStyle });
/** A colourway that casts each letter with a fabric of its own name. */
const plainColours = (c: ReturnType<typeof make>): Colourway =>
  ({
    ...{ id: 'plain', name: 'Plain', pools: new Map() },
    fabrics: new Map(rolesOf(c.block).map((role, i) => [role, { name: role, value: 90 - i * 10, colour: '#888888' }])),
  }) as unknown as Colourway;
const named = blocks.map((b) => [b.name, make(b)] as const);

describe.each(named)('the walk through %s', (_, c) => {
  const steps = sewingWalk(c, plainColours(c));

  it('makes every sewn unit before it is joined, and ends with the block', () => {
    const labels = steps.map((s) => s.name);
    for (const unit of c.units.filter((u) => u.seen.picture.patches.length > 1)) {
      const at = labels.findIndex((name) => name === unit.label);
      expect(at).toBeGreaterThanOrEqual(0);
      steps.forEach((step, i) => {
        if (step.apart.parts.some((part) => part.label === unit.label)) expect(i).toBeGreaterThan(at);
      });
    }
    const last = steps.at(-1)!;
    expect(new Set(last.patches).size).toBe(c.block.patches.length);
    if (outermost(c.tree).length > 1) expect(last.name).toBe('The block');
  });

  it('lays parts apart without one on another, each inside its seam allowance', () => {
    for (const { apart, joined, arrows } of steps) {
      for (const part of apart.parts) {
        const xs = part.allowance.map((p) => p[0]);
        const ys = part.allowance.map((p) => p[1]);
        expect(Math.min(...xs)).toBeLessThan(0);
        expect(Math.max(...ys)).toBeGreaterThan(part.drawing.height);
        expect(part.x + Math.min(...xs)).toBeGreaterThanOrEqual(-1e-9);
        expect(part.y + Math.max(...ys)).toBeLessThanOrEqual(apart.height + 1e-9);
      }
      // Nothing is lost between apart and joined.
      expect(apart.parts.reduce((n, p) => n + p.drawing.shapes.length, 0)).toBe(joined.shapes.length);
      for (const { from, to } of arrows) {
        expect(Math.hypot(to[0] - from[0], to[1] - from[1])).toBeGreaterThan(0);
        for (const [x, y] of [from, to]) {
          expect(x).toBeGreaterThanOrEqual(-joined.width / 10);
          expect(y).toBeLessThanOrEqual(joined.height * 1.1);
        }
      }
    }
  });

  it('shows the back as the front in a mirror, an allowance beside every seam', () => {
    const { drawing, bands } = backView(c);
    expect(bands).toHaveLength(c.pressing.seams.length);
    const area = (shapes: typeof drawing.shapes, role: string) =>
      shapes
        .filter((s) => s.role === role)
        .reduce((sum, { points }) => {
          const twice = points.reduce((n, p, i) => {
            const q = points[(i + 1) % points.length]!;
            return n + p[0] * q[1] - q[0] * p[1];
          }, 0);
          // In a mirror outlines run the other way round.
          expect(twice).toBeLessThan(0);
          return sum - twice / 2;
        }, 0);
    const all = [...new Set(drawing.shapes.map((s) => s.role))].reduce((n, role) => n + area(drawing.shapes, role), 0);
    expect(all).toBeCloseTo(drawing.width * drawing.height, 6);
  });
});

describe('on the demonstration year', () => {
  const reading = readProgramme(
    JSON.parse(readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8')),
  );
  if (!reading.ok) throw new Error('the demonstration programme is unsound');
  const { programme } = reading;

  it('every step has a size that a ruler shows, and pressing in words', () => {
    for (const colourway of programme.colourways)
      for (const entry of programme.months.flatMap((m) => m.blocks)) {
        const c = constructMonthBlock(programme, entry, colourway);
        const steps = sewingWalk(c, colourway);
        for (const step of steps) {
          expect(step.press).toMatch(/^(Press|In) .*\.$/);
          for (const side of step.size.replace(/ along both short edges.*$/, '').split(' by '))
            expect(toldSize(side, 'in').value).toBeGreaterThan(0);
          expect(step.lines.join(' ')).not.toMatch(/undefined|NaN/);
        }
      }
  });

  it('tells how far off is too far, in the house’s unit', () => {
    expect(toleranceText('in')).toContain('1/16 in');
    expect(toleranceText('cm')).toContain('mm');
  });
});

import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { tryOnMachine } from '../../cutting';
import { PER_SQUARE } from '../../construction';
import { PlanError, cutterMats, demandOf, readProgramme, type Programme } from '../index';

function read(document: object): Programme {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
const programme = read({ ...demo, house: { ...demo.house, mat: { width: '18', length: '24' } } });
const drawn = programme.months.filter((m) => m.blocks.length > 0);

const area = (points: readonly (readonly [number, number])[]) =>
  Math.abs(
    points.reduce(
      (sum, [x, y], i) => sum + x * points[(i + 1) % points.length]![1] - points[(i + 1) % points.length]![0] * y,
      0,
    ),
  ) / 2;

describe('cutter files', () => {
  it.each(drawn.map((m) => [m.name, m] as const))(
    'of %s are read back by the machine without a fault, every piece once',
    (_, month) => {
      for (const colourway of programme.colourways) {
        const request = {
          ...{ colourway, months: [month], basis: 'kit' as const, participants: 1 },
          // Binding and borders are cut with a ruler.
          setting: 'none' as const,
        };
        const mats = cutterMats(programme, request);
        const cut = new Map<string, { count: number; area: number }>();
        for (const { svg, repeat, fabric, pieces } of mats) {
          const { faults, file } = tryOnMachine(svg);
          expect(faults).toEqual([]);
          expect(file).toMatchObject({ unit: 'in', width: 18, height: 24 });
          expect(file.paths).toHaveLength(pieces);
          for (const { name, points } of file.paths) {
            const key = `${fabric.id} ${name}`;
            const known = cut.get(key) ?? { count: 0, area: 0 };
            cut.set(key, { count: known.count + repeat, area: known.area + repeat * area(points) });
          }
        }
        for (const { fabric, pieces } of demandOf(programme, request))
          for (const piece of pieces) {
            const found = cut.get(`${fabric.id} ${piece.label}`)!;
            expect(found.count).toBe(piece.qty * PER_SQUARE[piece.cut.sub]);
            // Triangles make up their square; only a template is smaller than the rectangle around it.
            const whole = piece.qty * piece.w.valueOf() * piece.h.valueOf();
            if (piece.cut.template) expect(found.area).toBeLessThan(whole);
            else expect(found.area).toBeCloseTo(whole, 2);
          }
      }
    },
  );

  it('keep the gap between pieces, and refuse a piece that is larger than the mat with its place', () => {
    const [month] = drawn;
    const gap = programme.house.mat.gap.valueOf();
    const boxes = (svg: string) =>
      tryOnMachine(svg).file.paths.map(({ points }) => {
        const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
        return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), below: Math.max(...ys) };
      });
    const near = 1e-4;
    for (const { svg } of cutterMats(programme, {
      colourway: programme.colourways[1]!,
      months: [programme.months[1]!],
      basis: 'kit',
      participants: 1,
    }))
      boxes(svg).forEach((a, i, all) =>
        all.slice(i + 1).forEach((b) => {
          const across = Math.max(a.left, b.left) - Math.min(a.right, b.right);
          const down = Math.max(a.top, b.top) - Math.min(a.below, b.below);
          expect(Math.max(across, down)).toBeGreaterThanOrEqual(gap - near);
        }),
      );
    const request = { colourway: programme.colourways[0]!, months: [month!], basis: 'kit' as const, participants: 1 };
    const small = {
      ...programme,
      house: { ...programme.house, mat: { ...programme.house.mat, width: programme.house.seam, length: programme.house.seam } },
    };
    expect(() => cutterMats(small, request)).toThrow(PlanError);
    try {
      cutterMats(small, request);
    } catch (error) {
      expect((error as PlanError).problems[0]).toMatchObject({
        path: '/house/mat',
        message: expect.stringContaining('won’t fit the 1/4 by 1/4 in mat'),
      });
    }
  });
});

describe('the simulated cutting machine', () => {
  const svg = (paths: string[], size = 'width="10in" height="10in" viewBox="0 0 10 10"') =>
    `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${paths.map((d) => `<path d="${d}"/>`).join('')}</svg>`;

  it('follows straight lines, absolute and relative, and measures its way', () => {
    const run = tryOnMachine(svg(['M1 1h2v2h-2z', 'M 5,5 l 2 0 0,2 -2 0 Z', 'M1 6L3 6L1 8Z']));
    expect(run.faults).toEqual([]);
    expect(run.file.paths.map((p) => area(p.points))).toEqual([4, 4, 2]);
    expect(run.cut).toBeCloseTo(8 + 8 + 4 + Math.SQRT2 * 2);
    expect(run.carried).toBeCloseTo(Math.SQRT2 + Math.hypot(4, 4) + Math.hypot(4, 1));
  });

  it('works at true size whatever the drawing counts in', () => {
    const run = tryOnMachine(svg(['M0 0H254V254H0Z'], 'width="25.4cm" height="25.4cm" viewBox="0 0 254 254"'));
    expect(run.faults).toEqual([]);
    expect(run.cut).toBeCloseTo(4 * 25.4);
  });

  it('lets pieces touch, and no more', () => {
    expect(tryOnMachine(svg(['M0 0H4V4Z', 'M0 0L4 4H0Z', 'M4 0H8V8H4Z'])).faults).toEqual([]);
    expect(tryOnMachine(svg(['M0 0H4V4H0Z', 'M3 0H6V4H3Z'])).faults).toEqual(['path 1 overlaps path 2.']);
    expect(tryOnMachine(svg(['M0 0H4V4H0Z', 'M0 0H4V4H0Z'])).faults).toEqual(['path 1 overlaps path 2.']);
    expect(tryOnMachine(svg(['M0 0H8V8H0Z', 'M2 2H4V4H2Z'])).faults).toEqual(['path 1 overlaps path 2.']);
    // A hook round a square that lies in its arms.
    expect(tryOnMachine(svg(['M0 0H6V6H4V2H0Z', 'M0 2H4V6H0Z'])).faults).toEqual([]);
  });

  it.each([
    ['leaves the mat', ['M8 8H11V9H8Z']],
    ['is not closed', ['M1 1H3V3']],
    ['crosses itself', ['M0 0L4 4H0L4 0Z']],
    ['encloses nothing', ['M0 0H4H2Z']],
    ['only straight lines', ['M0 0C1 1 2 2 3 3Z']],
    ['more than one outline', ['M0 0H1V1Z M2 2H3V3Z']],
    ['breaks off', ['M0 0L3']],
    ['fewer than three corners', ['M0 0L3 3Z']],
    ['no path', []],
  ])('says what is wrong: %s', (words, paths) => {
    expect(tryOnMachine(svg(paths)).faults.join(' ')).toContain(words);
  });

  it('takes anything else for what it is', () => {
    for (const text of [
      '',
      'hello',
      '<svg>',
      svg(['M0 0H1V1Z'], 'width="10in" height="10in" viewBox="0 0 10 20"'),
      svg(['M0 0H1V1Z']).replace('<path', '<path transform="scale(2)"'),
    ])
      expect(tryOnMachine(text).faults).toHaveLength(1);
  });
});

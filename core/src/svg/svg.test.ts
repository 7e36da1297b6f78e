import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blockSvg, library, readBlock, rolesOf, tilingFaults, type Block, type Polygon } from '../block';
import { blockOfTracing, likelyGrids, likelyLetters, readSvg, trace, Unreadable, type Tracing } from './index';

const svg = (inside: string, attributes = 'viewBox="0 0 120 120"') =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inside}</svg>`;

function traced(text: string, grid: readonly [number, number]): Tracing {
  const found = trace(readSvg(text), grid);
  if ('trouble' in found) throw new Error(found.trouble);
  return found.tracing;
}

const lettered = (t: Tracing) =>
  blockOfTracing(t, new Map(t.paints.map((p, i) => [p.id, p.letter ?? 'ABCDEFGH'[i]!])), 'block');
const set = (patches: Block['patches']) => patches.map((p) => `${p.role} ${p.points.map(String).join(' ')}`).sort();
const area = (t: Tracing) => t.paints.reduce((sum, p) => sum + p.share, 0);

const blocks = library.map((file) => readBlock(file, '').block);

describe('a drawing from another program', () => {
  it('brings every block of the library back, patch by patch, whatever it is painted over and however the program writes it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...blocks),
        fc.integer({ min: 0, max: 2 }),
        fc.integer({ min: 1, max: 900 }),
        (block, way, seed) => {
          const colours = new Map(
            rolesOf(block).map((role, i) => [role, `#${(i * 37 + 16).toString(16).padStart(2, '0')}8040`]),
          );
          const text = [
            () => blockSvg(block, { width: 12, height: 12, unit: 'in' }, colours),
            () => painted(block, colours, seed),
            () => turnedAndGrouped(block, colours),
          ][way]!();
          const t = traced(text, block.grid);
          expect(t.moved).toBeLessThan(0.02);
          const back = blockOfTracing(
            t,
            new Map(t.paints.map((p) => [p.id, letterOf(p.letter ?? p.colour!, colours)])),
            'block',
          );
          expect(set(back.patches)).toEqual(set(block.patches));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('always tiles, whatever shapes and lines lie over each other', () => {
    const at = fc.integer({ min: 0, max: 8 }).map((n) => n * 15);
    const shape = fc.record({
      points: fc.array(fc.tuple(at, at), { minLength: 2, maxLength: 5 }),
      paint: fc.constantFrom('none', '#aa3311', '#115599'),
    });
    fc.assert(
      fc.property(fc.array(shape, { minLength: 1, maxLength: 7 }), (shapes) => {
        const text = svg(
          `<rect width="120" height="120" fill="#eeeeee"/>${shapes
            .map((s) => `<polygon points="${s.points.map(String).join(' ')}" fill="${s.paint}" stroke="#000"/>`)
            .join('')}`,
        );
        const found = trace(readSvg(text), [8, 8]);
        if ('trouble' in found) {
          expect(found.trouble).toMatch(/off this grid|more seams/);
          return;
        }
        expect(tilingFaults(lettered(found.tracing))).toEqual([]);
        expect(area(found.tracing)).toBeCloseTo(1, 9);
      }),
      { numRuns: 150 },
    );
  });

  it('keeps the seams of one path with many parts, and of lines on a plain ground', () => {
    const parts = svg(
      '<rect width="120" height="120" fill="#fff"/><path fill="#123456" d="M0 0H60V60ZM60 60V120H0ZM0 0 60 60H0Z"/>',
    );
    expect(
      traced(parts, [2, 2])
        .paints.map((p) => p.patches)
        .sort(),
    ).toEqual([2, 3]);
    const lines = svg(
      '<rect width="120" height="120" fill="none" stroke="#000"/><path d="M0 0L120 120M120 0L0 120" stroke="red" fill="none"/>',
    );
    expect(traced(lines, [1, 1])).toMatchObject({ paints: [{ id: 'none', patches: 4 }], loose: 0 });
  });

  it('opens a ground that lies around a patch with seams that it names', () => {
    const t = traced(
      svg('<rect width="120" height="120" fill="#fff"/><rect x="40" y="40" width="40" height="40" fill="#a00"/>'),
      [3, 3],
    );
    expect(t.patches).toHaveLength(5);
    expect(t.added).toHaveLength(4);
    const diamond = svg('<rect width="120" height="120" fill="#fff"/><path d="M60 30 90 60 60 90 30 60Z" fill="#a00"/>');
    expect(traced(diamond, [4, 4]).patches).toHaveLength(5);
    const touching = svg('<rect width="120" height="120" fill="#fff"/><path d="M60 0 90 60 60 90 30 60Z" fill="#a00"/>');
    expect(tilingFaults(lettered(traced(touching, [4, 4])))).toEqual([]);
  });

  it('takes styles, classes, what is used again and percentages as a browser does, and tells what it leaves out', () => {
    const drawing = readSvg(
      svg(
        `<title>Pond</title><style>.a, .b { fill: #0000ff } .b { fill: red }</style>
         <defs><rect id="p" width="60" height="60"/></defs>
         <rect width="100%" height="100%" fill="#fff"/>
         <g fill="lime"><use href="#p" x="60"/><rect class="b" width="60" height="60"/></g>
         <rect class="a" style="fill:#00f0ff" y="60" width="60" height="60"/>
         <g display="none"><rect width="9" height="9"/></g>
         <circle r="5"/><path d="M0 0C40 0 0 40 60 60Z"/><text>12</text>`,
      ),
    );
    expect(drawing).toMatchObject({ title: 'Pond', curved: 2, other: 1 });
    expect(drawing.shapes.map((s) => s.fill)).toEqual(['#ffffff', '#00ff00', '#ff0000', '#00f0ff']);
    const [, green] = drawing.shapes;
    expect(green!.outlines[0]![0]).toEqual([60, 0]);
  });

  it('offers the grid that it was drawn on first, through a hand that trembles', () => {
    for (const block of blocks.filter((b) => b.grid[0] > 2 && b.grid[0] <= 12)) {
      const shaken = painted(block, new Map(), 7, 0.02);
      const lines = block.patches.flatMap((p) => p.points.flat()).every((n) => n % 12 === 0);
      const [first] = likelyGrids(readSvg(shaken).shapes);
      if (lines) expect(first!.grid[0] % leastGrid(block)).toBe(0);
    }
  });

  it('gives its colours the letters of the nearest fabrics, two never the same while one is left', () => {
    const colour = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
    const paint = (id: string) => ({ id, colour: id, patches: 1, share: 0.1 });
    fc.assert(
      fc.property(
        fc.uniqueArray(colour, { minLength: 1, maxLength: 6 }),
        fc.array(colour, { minLength: 1, maxLength: 6 }),
        (ids, cast) => {
          const letters = new Map(cast.map((c, i) => ['ABCDEF'[i]!, c]));
          const found = likelyLetters(ids.map(paint), letters);
          expect([...found.keys()].sort()).toEqual([...ids].sort());
          expect(new Set(found.values()).size).toBe(Math.min(ids.length, cast.length));
        },
      ),
    );
    const letters = new Map([
      ['A', '#f6f1e2'],
      ['B', '#8f2b2b'],
    ]);
    expect(likelyLetters([paint('#a01010'), paint('#ffffff')], letters).get('#a01010')).toBe('B');
    expect(likelyLetters([{ ...paint('x'), letter: 'B' }, paint('#8f2b2b')], letters).get('x')).toBe('B');
  });

  it('refuses what is none, with a sentence', () => {
    for (const text of ['', 'hello', '<html></html>', '<svg><g></svg>', '<!DOCTYPE x [<!ENTITY a "b">]><svg>&a;</svg>'])
      expect(() => readSvg(text), text).toThrow(Unreadable);
    expect(() => readSvg(svg('<g>'.repeat(100) + '</g>'.repeat(100)))).toThrow(/larger/);
    const tens = (id: string, of: string) => `<g id="${id}">${`<use href="#${of}"/>`.repeat(10)}</g>`;
    const uses = ['a', 'b', 'c', 'd', 'e', 'f', 'g'].map((id, i, all) => tens(id, all[i + 1] ?? 'none')).join('');
    expect(() => readSvg(svg(uses))).toThrow(/larger/);
    expect(() => readSvg(svg('<path d="M0 0 hello"/>'))).toThrow(/begins with/);
    expect(trace(readSvg(svg('<circle r="4"/>')), [2, 2])).toMatchObject({
      trouble: expect.stringMatching(/nothing is drawn/),
    });
    const mesh = Array.from({ length: 1200 }, (_, i) =>
      i % 2 ? `M0 ${i / 10}L120 ${(i * 7) % 120}` : `M${i / 10} 0L${(i * 11) % 120} 120`,
    );
    const dense = svg(`<rect width="120" height="120" fill="#fff"/><path d="${mesh.join('')}" stroke="#000" fill="none"/>`);
    expect(trace(readSvg(dense), [24, 24])).toMatchObject({ trouble: expect.stringMatching(/more seams/) });
    const off = svg(
      '<rect width="120" height="120" fill="#fff"/><path d="M0 0 120 60M0 60 120 0M0 0 60 120" stroke="#000" fill="none"/>',
    );
    expect(trace(readSvg(off), [2, 2])).toMatchObject({ trouble: expect.stringMatching(/off this grid/) });
  });
});

function letterOf(id: string, colours: ReadonlyMap<string, string>): string {
  return [...colours].find(([letter, colour]) => letter === id || colour === id)![0];
}

/** The block as a painter would lay it: each patch over a larger one that is covered again, numbers with a tremble. */
function painted(block: Block, colours: ReadonlyMap<string, string>, seed: number, tremble = 0): string {
  let n = seed;
  const shake = () => {
    n = (n * 1103515245 + 12345) % 2147483648;
    return (n / 2147483648 - 0.5) * 2 * tremble;
  };
  const [w, h] = [block.grid[0] * 12, block.grid[1] * 12];
  const text = (points: Polygon) =>
    points.map(([x, y]) => `${(x * 3.7 + 11 + shake()).toFixed(3)},${(y * 3.7 - 5 + shake()).toFixed(3)}`).join(' ');
  const under = `<rect x="11" y="-5" width="${w * 3.7}" height="${h * 3.7}" fill="#c0ffee"/><polygon points="${text(block.patches[seed % block.patches.length]!.points)}" fill="black"/>`;
  return svg(
    under +
      block.patches
        .map((p) => `<polygon points="${text(p.points)}" style="fill:${colours.get(p.role) ?? '#abcdef'}"/>`)
        .join(''),
    'width="400" height="400"',
  );
}

function turnedAndGrouped(block: Block, colours: ReadonlyMap<string, string>): string {
  const d = (points: Polygon) => `M${points.map((p) => p.join(' ')).join('L')}Z`;
  // Drawn a quarter turn on, and turned back by the group.
  const shapes = block.patches.map(({ role, points }) =>
    `<path transform="rotate(-90) scale(2)" d="${d(points.map(([x, y]) => [-y / 2, x / 2]))}"/>`.replace(
      '<path',
      `<path fill="${colours.get(role)}"`,
    ),
  );
  return svg(`<g transform="translate(5 5) scale(.5)">${shapes.join('')}</g>`);
}

/** The fewest squares whose lines hold all corners. */
function leastGrid(block: Block): number {
  const corners = block.patches.flatMap((p) => p.points.flat());
  const side = block.grid[0] * 12;
  for (let n = 1; ; n += 1) if (corners.every((c) => (c * n) % side === 0)) return n;
}

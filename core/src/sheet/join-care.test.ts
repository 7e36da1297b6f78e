import { describe, expect, it } from 'vitest';
import { library, readBlock, rolesOf, type BlockFile } from '../block';
import { cells } from '../block/library/drawing-aids';
import { construct, inchStyle, isLeaf, outermost, type Construction } from '../construction';
import { Exact } from '../measure';
import type { Colourway } from '../programme';
import { joinSteps } from './joining';
import { layoutInWords, lieWords, rowsInWords, roundTheMiddle } from './lay-words';

const make = (file: BlockFile): Construction => {
  const b = readBlock(file, '').block;
  return construct(b, { finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])], make: 1, style: inchStyle });
};
const colours = (c: Construction): Colourway =>
  ({
    pools: new Map(),
    fabrics: new Map(rolesOf(c.block).map((role, i) => [role, { name: `Cloth ${role}`, value: 90 - i * 10 }])),
  }) as unknown as Colourway;
const named = library.map((file) => [file.name, make(file)] as const);

/** 'four' and the like as a number. */
const NUMBERS = ['none', 'the', 'both', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const pinned = (pins: string) => {
  if (!pins) return 0;
  const [, which] = /pin (?:the )?(\w+)/.exec(pins)!;
  return which === 'crossing' ? 1 : NUMBERS.includes(which!) ? NUMBERS.indexOf(which!) : Number(which);
};

describe.each(named)('the seams of %s', (_, c) => {
  const joins = joinSteps(c);

  it('pin no more crossings than the block has, and all of those on its last seams', () => {
    const own = joins.filter((j) => j.unit === undefined);
    const told = own.reduce((n, j) => n + pinned(j.pins) * j.alike.length, 0);
    expect(told).toBeLessThanOrEqual(c.pressing.crossings);
    // A last seam that crosses others says so.
    const last = c.pressing.seams.filter((s) => !isLeaf(c.tree) && s.branch === c.tree);
    const on = c.pressing.at.filter(({ at: [x, y] }) =>
      last.some(
        ({ from, to }) =>
          (x - from[0]) * (to[1] - from[1]) === (y - from[1]) * (to[0] - from[0]) &&
          (x - from[0]) * (x - to[0]) + (y - from[1]) * (y - to[1]) < 0,
      ),
    );
    if (own.length > 0) expect(pinned(own.at(-1)!.pins)).toBe(on.length);
  });

  it('explain an X once, and name on top what is sewn then', () => {
    const points = joins.map((j) => j.points).filter(Boolean);
    expect(points.filter((text) => text.includes('where two seams cross')).length).toBe(points.length > 0 ? 1 : 0);
    for (const join of joins) {
      const [, top] = /^With (.+) on top/.exec(join.points) ?? [];
      if (top) for (const name of top.split(/, | and /)) expect(join.text).toContain(name);
    }
  });

  it('lie in rows that name every unit once', () => {
    const rows = rowsInWords(c.tree, c, colours(c));
    if (!rows) return;
    for (const leaf of outermost(c.tree)) {
      const { label } = c.unitOf.get(leaf)!;
      const many = outermost(c.tree).filter((other) => c.unitOf.get(other)!.label === label).length;
      if (leaf.laid.length > 1) expect(rows.match(new RegExp(`\\b${label}\\b`, 'g'))?.length).toBe(many);
    }
  });

  it('are said to whoever hears them, in rows or each that has a top by its place', () => {
    const said = layoutInWords(c, colours(c));
    const turned = outermost(c.tree).filter((leaf) => lieWords(leaf, colours(c)));
    for (const leaf of turned) expect(said).toContain(lieWords(leaf, colours(c)));
    if (rowsInWords(c.tree, c, colours(c)) || turned.length === 0) return;
    expect(said.match(/ (at the|on the|in the middle)[a-z ]* \(/g)?.length).toBe(turned.length);
  });
});

describe('how units lie, in words', () => {
  const row = make({ id: 'two', name: 'Two', grid: [2, 1], patches: cells(['A/B B/A']) });

  it('names the corner that the darker fabric lies in', () => {
    expect(rowsInWords(row.tree, row, colours(row))).toBe(
      'From the left: U1 (Cloth B in the bottom right corner) and U1 (Cloth B in the top left corner).',
    );
  });

  it('tells by their places those that do not lie in rows', () => {
    const tall = {
      role: 'C',
      points: [
        [1, 0],
        [2, 0],
        [2, 2],
        [1, 2],
      ] as [number, number][],
    };
    const left = cells(['A/B', 'A']);
    const shed = make({ id: 'shed', name: 'Shed', grid: [2, 2], patches: [...left, tall] });
    expect(layoutInWords(shed, colours(shed))).toBe(
      'How units lie in it: U1 at the top left (Cloth B in the bottom right corner).',
    );
  });

  it('says nothing of going round where there are no four', () => expect(roundTheMiddle(row)).toBe(''));
});

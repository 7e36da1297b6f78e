/** What the command line prints of every library block, held against the contract's own words. */
import { describe, expect, it } from 'vitest';
import { library, readBlock } from '../block';
import { Exact, parseLength, ratio } from '../measure';
import { construct, constructionContract, inchStyle, type SewingStyle } from './index';

const KINDS = [
  'patch',
  'hst',
  'qst',
  'geese',
  'square-in-square',
  'economy',
  'folded-corner',
  'four-patch',
  'nine-patch',
  'pieced-triangle',
  'pieced',
  'template',
  'checkerboard',
  'rails',
];
const metric: SewingStyle = { ...inchStyle, unit: 'cm', seam: ratio('0.75'), rounding: ratio('0.1'), wof: ratio(106) };

interface Node {
  seam?: string;
  unit?: string;
  cut?: string;
  size: [string, string];
  exact?: string;
  turn?: number;
  parts?: Node[];
  sewn?: Node;
}

const nodesOf = (node: Node): Node[] => [
  node,
  ...(node.parts ?? []).flatMap(nodesOf),
  ...(node.sewn ? nodesOf(node.sewn) : []),
];

describe.each([
  ['inches', inchStyle],
  ['centimetres', metric],
])('in %s', (_, style) => {
  it.each(library.map((file) => [file.name, readBlock(file, '').block] as const))('%s', (__, block) => {
    for (const make of [1, 3]) {
      const c = construct(block, { finished: [Exact.of(3 * block.grid[0]), Exact.of(3 * block.grid[1])], make, style });
      const printed = JSON.parse(JSON.stringify(constructionContract(c))) as ReturnType<typeof constructionContract> & {
        assembly: Node;
      };
      const nodes = nodesOf(printed.assembly);
      const labels = printed.units.map((u) => u.label);
      expect(new Set(labels).size).toBe(labels.length);

      for (const unit of printed.units) {
        expect(KINDS).toContain(unit.kind);
        expect(unit.make % make).toBe(0);
        expect(unit.extra).toBeLessThan(Math.max(unit.yields, 1) + (unit.extraMirrored ?? 0));
        // As many leaves as one block needs of it; those in a unit that is sewn from others count for each of it.
        const leaves = countLeaves(printed.assembly, unit.label, 1);
        expect(leaves * make).toBe(unit.make);
        for (const side of [...unit.finished, ...unit.unfinished])
          expect(parseLength(side, style.unit).valueOf()).toBeGreaterThan(0);
      }
      const cuts = printed.cuts.map((cut) => cut.label);
      expect(new Set(cuts).size).toBe(cuts.length);
      for (const cut of printed.cuts) {
        expect(['none', 'once', 'twice']).toContain(cut.sub);
        expect(Number.isInteger(cut.qty) && cut.qty > 0).toBe(true);
        for (const label of cut.for) expect(labels).toContain(label);
        // A cut is on the ruler.
        for (const side of [cut.w, cut.h]) expect(parseLength(side, style.unit).div(style.rounding).d).toBe(1n);
        if (cut.sub !== 'none') expect(cut.w).toBe(cut.h);
      }
      for (const node of nodes) {
        expect(node.size).toHaveLength(2);
        expect([node.seam, node.unit, node.cut].filter(Boolean)).toHaveLength(1);
        if (node.seam) expect(['h', 'v', 'd', 'a', 'partial', 'set-in']).toContain(node.seam);
        if (node.unit) expect(labels).toContain(node.unit);
        if (node.cut) expect(cuts).toContain(node.cut);
        if (node.turn !== undefined) expect(node.turn % 45).toBe(0);
      }
      expect(printed.assembly.size).toEqual(printed.unfinished);
      expect(printed.pressing.nested).toBeLessThanOrEqual(printed.pressing.crossings);
      const made = printed.sections.reduce((n, s) => n + s.make, 0);
      const inBlock = nodesOfBlock(printed.assembly).filter((n) => n.seam).length - (printed.assembly.seam ? 1 : 0);
      expect(made).toBe(inBlock * make);
    }
  });
});

/** Leaves of that unit, those inside other units multiplied by these. */
function countLeaves(node: Node, label: string, times: number): number {
  const own = node.unit === label ? times : 0;
  const inside = node.sewn ? countLeaves(node.sewn, label, times) : 0;
  return own + inside + (node.parts ?? []).reduce((n, part) => n + countLeaves(part, label, times), 0);
}

function nodesOfBlock(node: Node): Node[] {
  return [node, ...(node.parts ?? []).flatMap(nodesOfBlock)];
}

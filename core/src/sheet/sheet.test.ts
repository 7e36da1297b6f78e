import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toldSize } from '../../tests/told-size';
import { randomProgramme } from '../../tests/random-programme';
import { isLeaf, outermost, type Tree } from '../construction';
import { formatLength, parseLength, ratio } from '../measure';
import { constructMonthBlock, planCutting, readProgramme, type Programme, type ProgrammeFile } from '../programme';
import { monthDoubts, monthPaper, monthSheet, whyCut } from './index';
import { joinSteps } from './joining';

const demo = (): ProgrammeFile =>
  JSON.parse(readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'));

function read(document: unknown): Programme {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}

describe('a month’s sheet', () => {
  it('says the plan’s and the construction’s numbers, whatever the programme', () => {
    fc.assert(
      fc.property(randomProgramme(), (document) => {
        const programme = read(document);
        const [colourway] = programme.colourways;
        for (const month of programme.months) {
          const sheet = monthSheet(programme, month, colourway!);
          const kit = planCutting(programme, { colourway: colourway!, months: [month], basis: 'kit', participants: 1 });

          // What to buy is the kit's plan, fabric by fabric.
          expect(sheet.fabrics.map((f) => [f.name, f.length])).toEqual(
            kit.fabrics.map((f) => [f.fabric.name, 'sheets' in f.plan ? '' : formatLength(f.plan.lengthToBuy, programme.unit)]),
          );
          // Every cut of the construction stands on the sheet once, with its number; nothing else does.
          const cuts = month.blocks.flatMap((entry) =>
            constructMonthBlock(programme, entry).cuts.map(
              (c) => `${entry.key} ${c.label} ${c.qty} ${formatLength(c.w, programme.unit)}`,
            ),
          );
          const said = sheet.fabrics.flatMap((f) =>
            f.cuts.map((c) => `${c.block} ${c.label} ${c.qty} ${c.size.split(' by ')[0]}`),
          );
          expect(said.sort()).toEqual(cuts.sort());
          // The demand that the plan cuts is what the sheet asks to cut.
          const demanded = kit.fabrics.flatMap((f) => f.plan.demand.map((p) => p.qty)).reduce((a, b) => a + b, 0);
          expect(sheet.fabrics.flatMap((f) => f.cuts.map((c) => c.qty)).reduce((a, b) => a + b, 0)).toBe(demanded);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('changes wherever it depends on a patch, and nowhere else', () => {
    const before = read(demo());
    const file = demo();
    // One plain corner of Cold Frame becomes the fabric of its middle.
    file.blocks[0]!.patches[0]!.role = 'D';
    const after = read(file);
    const sheet = (p: Programme, month: number) => monthSheet(p, p.months[month]!, p.colourways[0]!);
    expect(sheet(after, 1)).toEqual(sheet(before, 1));
    const [was, is] = [sheet(before, 0), sheet(after, 0)];
    const counts = (s: typeof was) =>
      Object.fromEntries(s.fabrics.flatMap((f) => f.cuts.map((c) => [`${c.label} ${c.size}`, c.qty])));
    expect(counts(was)).toEqual({ 'A1 7 3/4': 1, 'A2 3 1/2': 4, 'B1 7 3/4': 1, 'D1 6 1/2': 1 });
    expect(counts(is)).toEqual({ 'A1 7 3/4': 1, 'A2 3 1/2': 3, 'B1 7 3/4': 1, 'D1 6 1/2': 1, 'D2 3 1/2': 1 });
    expect(is.blocks[0]!.plain.map((p) => p.make)).toEqual([1, 3, 1]);
  });

  it('names a cut and a unit for every patch, and a mark for every unit in the layout', () => {
    const programme = read(demo());
    for (const month of programme.months.filter((m) => m.blocks.length > 0)) {
      const sheet = monthSheet(programme, month, programme.colourways[1]!);
      for (const block of sheet.blocks) {
        const cuts = new Set(sheet.fabrics.flatMap((f) => f.cuts.map((c) => c.label)));
        const units = new Set([...block.units, ...block.plain].map((u) => u.label));
        expect(block.patches.length).toBe(block.drawing.shapes.length);
        for (const patch of block.patches) expect([cuts.has(patch.cut), units.has(patch.unit)]).toEqual([true, true]);
        // What is laid out is whole units, of each patch the one that it ends up in; a plain patch is called by its cut.
        const cutOf = new Map(block.plain.map((p) => [p.label, p.cut]));
        const laidOut = new Set(block.patches.map((p) => cutOf.get(p.unit) ?? p.unit));
        const made = [...block.units, ...block.plain].filter((u) => laidOut.has(u.label));
        expect(new Set(block.marks.map((m) => m.label))).toEqual(laidOut);
        for (const unit of made)
          expect(block.marks.filter((m) => m.label === unit.label).length * block.make).toBeLessThanOrEqual(unit.make);
      }
    }
  });

  it('presses towards the darker fabric of the colourway in hand', () => {
    const programme = read(demo());
    const presses = programme.colourways.map((c) => monthSheet(programme, programme.months[0]!, c).blocks[0]!.units[0]!.press);
    expect(presses).toEqual(
      ['Water Butt', 'Beetroot', 'Ink Cap'].map((name) => `Press the seam towards ${name}, the darker fabric.`),
    );
  });

  it('follows the schools of the house: triangles trimmed folded, corners pressed out first', () => {
    const acts = (change: (house: NonNullable<ProgrammeFile['house']>) => void, month: string) => {
      const file = demo();
      change((file.house ??= {}));
      const p = read(file);
      const sheet = monthSheet(
        p,
        p.months.find((m) => m.id === month)!,
        p.colourways[0]!,
      );
      return sheet.blocks[0]!.units[0]!.steps.map((s) => s.act).join(' ');
    };
    const large = (house: NonNullable<ProgrammeFile['house']>) => (house.sizing = 'trim-down');
    expect(acts(large, 'm3')).toBe('mark place sew apart press trim');
    expect(acts((h) => (large(h), (h.trimming = 'folded')), 'm3')).toBe('mark place sew apart trim press');
    // The bonus seam is sewn before the corner is cut off, in both.
    expect(acts(() => {}, 'm8')).toBe('mark place sew bonus check apart press sew press');
    expect(acts((h) => (h.corners = 'pressed-first'), 'm8')).toBe('mark place sew bonus press apart sew press');
  });

  it('tells of trimming only where units are cut large', () => {
    const file = demo();
    const steps = (p: Programme) =>
      monthSheet(p, p.months[2]!, p.colourways[0]!)
        .blocks[0]!.units[0]!.steps.map((s) => s.text)
        .join(' ');
    expect(steps(read(file))).not.toContain('Trim to');
    file.house!.sizing = 'trim-down';
    const trimmed = read(file);
    expect(steps(trimmed)).toContain('Trim to 3 1/2 in square');
    // Plain patches are never oversized.
    expect(monthSheet(trimmed, trimmed.months[1]!, trimmed.colourways[0]!).fabrics[0]!.cuts[0]!.size).toBe('2 1/2');
  });
});

/** 'row 1' and 'row 3' of 'Rows 1 and 3'. */
const namesOf = ({ name }: { name: string }) => {
  const [kind, ...numbers] = name.toLowerCase().split(/[\s,]+/);
  return numbers.filter((n) => n !== 'and').map((n) => `${kind!.replace(/s$/, '')} ${n}`);
};

describe('joining', () => {
  it('sews every unit exactly once, sections before what they are part of, and ends with the block', () => {
    fc.assert(
      fc.property(randomProgramme(), (document) => {
        const programme = read(document);
        for (const entry of programme.months.flatMap((m) => m.blocks)) {
          const c = constructMonthBlock(programme, entry);
          const steps = joinSteps(c);
          const branches = (tree: Tree): number => ('seen' in tree ? 0 : 1 + tree.parts.reduce((n, p) => n + branches(p), 0));
          // Units that are sewn from others are told once, however many there are.
          const insides = c.units.flatMap((u) => u.places[0]!.inside ?? []);
          const all = [c.tree, ...insides];
          // Like parts are told together, each of them named once.
          expect(steps.reduce((n, s) => n + s.alike.length, 0)).toBe(all.reduce((n, tree) => n + branches(tree), 0));
          if (isLeaf(c.tree)) continue;
          // Units by their label, plain patches and triangles by their cut.
          const named = (text: string) => text.match(/\bU\d+|(a triangle of )?\b[ABC]\d+/g)?.length ?? 0;
          expect(steps.reduce((n, s) => n + s.alike.length * named(s.text), 0)).toBe(
            all.reduce((n, tree) => n + outermost(tree).length, 0),
          );
          steps.forEach((step, i) => {
            for (const part of step.text.match(/(row|column|section) \d+/g) ?? [])
              expect(steps.slice(0, i).flatMap(namesOf)).toContain(part);
          });
          expect(steps.at(-1)!.name).toBe('The block');
          const half = programme.unit === 'cm' ? 0.05 : 1 / 16;
          steps.at(-1)!.size.forEach((side, i) => {
            const off = toldSize(side, programme.unit).value - c.unfinished[i]!.toNumber();
            expect(Math.abs(off)).toBeLessThanOrEqual(half + 1e-9);
          });
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('why a number', () => {
  it('the formula’s value, rounded up by less than a step, is the size', () => {
    fc.assert(
      fc.property(randomProgramme(), (document) => {
        const programme = read(document);
        for (const entry of programme.months.flatMap((m) => m.blocks)) {
          const c = constructMonthBlock(programme, entry);
          for (const cut of c.cuts) {
            const why = whyCut(cut, c.style);
            const [decimal] = why.decimal.split(' by ');
            const size = cut.w.valueOf();
            expect(size - Number(decimal)).toBeGreaterThan(-1e-4);
            expect(size - Number(decimal)).toBeLessThan(c.style.rounding.valueOf() + 1e-4);
            expect(why.rounded).toBe(!(cut.exact[0].equals(cut.w) && cut.exact[1].equals(cut.h)));
            expect(why.where.some((w) => w.symbol === 's' && parseLength(w.value, programme.unit).equals(c.style.seam))).toBe(
              true,
            );
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('doubts', () => {
  const ranks = (change: (file: ProgrammeFile) => void, month = 0) => {
    const file = demo();
    change(file);
    const programme = read(file);
    return monthDoubts(programme, programme.months[month]!, programme.colourways[0]!).map((d) => `${d.rank}: ${d.text}`);
  };

  it('are none for a sound month', () => {
    expect(ranks(() => {})).toEqual([]);
  });

  it('name fabrics that are lost in each other, the worst first', () => {
    const found = ranks((f) => {
      f.fabrics![1]!.colour = f.fabrics![0]!.colour;
      f.months![0]!.blocks![0]!.make = 2;
      f.months![0]!.blocks![0]!.methods = { hst: 'eight-at-a-time' };
      f.months![0]!.blocks![0]!.finished = '9';
    });
    expect(found).toEqual([
      'ruin: Frosted Pane and Water Butt are too close in value, and they meet in every U1.',
      'ruin: Cold Frame finishes at 9 by 9; most blocks of this programme finish at 12 by 12.',
    ]);
  });

  it('count what comes over, and say which cells no ruler shows', () => {
    expect(ranks((f) => void (f.months![2]!.blocks![0]!.methods = { hst: 'eight-at-a-time' }), 2)).toEqual([
      'waste: Every kit will have 4 U1 half-square triangles left over.',
      'waste: Every kit will have 4 U2 half-square triangles left over.',
    ]);
    const awkward = ranks((f) => f.months!.forEach((m) => m.blocks!.forEach((b) => (b.finished = '11'))), 1);
    expect(awkward).toEqual([expect.stringContaining('know: Grid squares finish at 1 5/6')]);
  });

  it('say that a top cannot be sewn in straight rows; its sheet says so too, and the borders and layers are told as ever', () => {
    const interlock = (f: ProgrammeFile) => {
      f.setting!.cornerstone = undefined;
      f.setting!.sashing!.outer = true;
      f.setting!.down = 1;
    };
    const doubt = 'know: The long sashes and the side triangles interlock: the quilt cannot be sewn in straight rows.';
    expect(ranks(interlock)).toContain(doubt);
    expect(ranks((f) => (interlock(f), void (f.setting!.down = 3)))).not.toContain(doubt);
    const file = demo();
    interlock(file);
    const programme = read(file);
    const told = (p: typeof programme) =>
      p.months
        .flatMap((month) => monthPaper(p, month, p.colourways[0]!).pieces)
        .flatMap((q) => (q.kind === 'heading' && /quilt|border|layer|bind/i.test(q.text) ? [q.text] : []));
    const rows = told(read(demo())).filter((h) => h !== 'Begin the quilt top');
    expect(rows.length).toBe(4);
    expect(told(programme)).toEqual(rows);
  });

  it('tell of a method that cannot be had, and what is planned instead', () => {
    expect(ranks((f) => void (f.house!.methods!.hst = 'die'), 2)[0]).toBe(
      "know: U1, half-square triangles, cannot be made as 'with a die': no die is set up for a 3 in finished unit (add one under House style); it is planned two at a time.",
    );
  });
});

it('a checkpoint that no ruler shows is told at the nearest mark', () => {
  const file = demo();
  file.months!.forEach((m) => m.blocks!.forEach((b) => (b.finished = '11')));
  const programme = read(file);
  const sheet = monthSheet(programme, programme.months[1]!, programme.colourways[0]!);
  // Six cells in 11 in: rows of 1 5/6, which measure 2 1/3 before they are joined.
  expect(sheet.blocks[0]!.joins[0]!.size).toEqual(['11 1/2', '2 3/8 (a thread under)']);
});

it('metric sheets speak centimetres and metres', () => {
  const file = demo();
  file.unit = 'cm';
  file.house = { ...file.house, seam: '0.75', rounding: '0.1', wof: '106', sellingStep: '10', allowance: '2' };
  file.fabrics!.forEach((f) => (f.usableWidth = '106'));
  file.months!.forEach((m) => m.blocks!.forEach((b) => (b.finished = '30')));
  const programme = read(file);
  const sheet = monthSheet(programme, programme.months[2]!, programme.colourways[0]!);
  expect(sheet.blocks[0]!.unfinished).toBe('31.5');
  // 7.5 + (2 + √2) × 0.75 = 10.06, up to 10.1.
  expect(sheet.fabrics[0]!.cuts[0]).toMatchObject({ size: '10.1', ruler: '1 mm past 10' });
  // What comes with a packet stands on the sheet of its first month.
  expect(sheet.fabrics[0]!.amount).toBe('');
  const [first] = monthSheet(programme, programme.months[1]!, programme.colourways[0]!).fabrics;
  expect(parseLength(first!.length, 'cm').div(10).d).toBe(1n);
  expect(first!.amount).toBe(`${ratio(first!.length).div(100).valueOf()} m`);
});

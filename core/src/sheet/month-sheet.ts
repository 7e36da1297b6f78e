/**
 * What a participant's sheet for a month says, as data. Every number in it is computed from the drawing, the house and the
 * head count's one kit; nothing is typed. Rendered as a page and on paper.
 */
import { PER_CELL, blockDrawing, type Drawing } from '../block';
import type { Construction, Cut, Sub, UnitPlan } from '../construction';
import { value } from '../fabric';
import { Exact, checkpoint, formatLength, formatYardage, rulerWords } from '../measure';
import { constructMonthBlock, planCutting, type Colourway, type Fabric, type Month, type Programme } from '../programme';
import { cautions } from './cautions';
import { joinSteps, type JoinStep } from './joining';
import { whyCut, type Why } from './why';

export interface SheetFabric {
  roles: string[];
  name: string;
  sku: string;
  colour: string;
  /** Length that the plan for one kit asks to buy, and the same in yards or metres. */
  length: string;
  yardage: string;
  cuts: SheetCut[];
}

export interface SheetCut {
  label: string;
  qty: number;
  /** '7 3/4' for a square, '12 1/2 by 2 1/2' for a rectangle. */
  size: string;
  square: boolean;
  /** 'cut once, corner to corner' or '' */
  then: string;
  ruler: string;
  /** Which block and units it is for; `number` where the month has several blocks. */
  block: string;
  number?: number;
  for: string[];
  why: Why;
}

export interface SheetUnit {
  label: string;
  title: string;
  method: string;
  roles: { role: string; name: string; colour: string }[];
  make: number;
  /** What one batch is made of: '1 A1 and 1 B1'. */
  from: string;
  batches: number;
  yields: number;
  steps: string[];
  press: string;
  /** Unfinished size and what else to see. */
  size: string;
  look: string[];
  over: string;
  caution: string;
  drawing: Drawing;
}

export interface SheetBlock {
  key: string;
  /** Its number among the month's blocks, where there are several: cuts are told apart by it. */
  number?: number;
  /** With the size where the same block stands in the month at another one. */
  name: string;
  make: number;
  finished: string;
  unfinished: string;
  drawing: Drawing;
  /** Where each unit lies in the drawing, to write its label there. */
  marks: { label: string; x: number; y: number }[];
  units: SheetUnit[];
  /** Plain patches, which are cut and not sewn: 'U2: cut A2, 4 of them'. */
  plain: { label: string; cut: string; make: number }[];
  joins: JoinStep[];
  /** How many crossings nest, in a sentence; '' where none cross. */
  nesting: string;
  /** Where each patch's cut and unit are named: patch index to labels. */
  patches: { cut: string; unit: string }[];
}

export interface MonthSheet {
  programme: string;
  month: string;
  release?: string;
  colourway: string;
  unit: 'in' | 'cm';
  seam: string;
  sizing: string;
  fabrics: SheetFabric[];
  blocks: SheetBlock[];
  tools: string[];
  cautions: string[];
}

/** The sheet of a month in one colourway. Throws PlanError when a block or a fabric cannot be planned. */
export function monthSheet(programme: Programme, month: Month, colourway: Colourway): MonthSheet {
  const { unit, house } = programme;
  const several = month.blocks.length > 1;
  const constructions = month.blocks.map((entry, i) => ({
    entry,
    number: several ? i + 1 : undefined,
    c: constructMonthBlock(programme, entry),
  }));
  const plan = planCutting(programme, { colourway, months: [month], basis: 'kit', participants: 1 });
  const seam = formatLength(house.seam, unit);
  const tools = ['a rotary cutter, a mat and a ruler', `a foot or guide for a ${seam} ${unit} seam`];
  for (const { c } of constructions) for (const u of c.units) tools.push(...u.recipe.tools);

  return {
    programme: programme.title,
    month: month.name,
    release: month.release,
    colourway: colourway.name,
    unit,
    seam,
    sizing:
      house.sizing === 'exact'
        ? `Sizes are exact: sew a scant ${seam} seam and measure at every checkpoint.`
        : `Units are cut a little large: trim each one to the size of its checkpoint.`,
    fabrics: plan.fabrics.map(({ fabric, roles, plan: cloth }) => ({
      roles,
      name: fabric.name,
      sku: fabric.sku,
      colour: fabric.colour,
      length: formatLength(cloth.lengthToBuy, unit),
      yardage: formatYardage(cloth.lengthToBuy, unit),
      cuts: constructions
        .flatMap(({ entry, number, c }) =>
          c.cuts.filter((cut) => colourway.fabrics.get(cut.role) === fabric).map((cut) => ({ cut, c, key: entry.key, number })),
        )
        .sort((a, b) => b.cut.w.mul(b.cut.h).compare(a.cut.w.mul(a.cut.h)))
        .map(({ cut, c, key, number }) => ({ ...sheetCut(cut, c, key), number })),
    })),
    blocks: constructions.map(({ entry, number, c }) => ({ ...sheetBlock(entry.key, c, colourway), number })),
    tools: [...new Set(tools)],
    cautions,
  };
}

function sheetCut(cut: Cut, c: Construction, key: string): SheetCut {
  const { unit } = c.style;
  const square = cut.w.equals(cut.h);
  return {
    label: cut.label,
    qty: cut.qty,
    size: square ? formatLength(cut.w, unit) : `${formatLength(cut.w, unit)} by ${formatLength(cut.h, unit)}`,
    square,
    then: thenCut(cut.sub),
    ruler: rulerWords(cut.w, unit),
    block: key,
    for: cut.for,
    why: whyCut(cut, c.style),
  };
}

function thenCut(sub: Sub): string {
  return { none: '', once: 'then once, corner to corner', twice: 'then twice, corner to corner' }[sub];
}

function sheetBlock(key: string, c: Construction, colourway: Colourway): SheetBlock {
  const size = ([w, h]: readonly [Exact, Exact]) => {
    const [across, down] = [measured(w, c), measured(h, c)];
    return w.equals(h) ? across : `${across} by ${down}`;
  };
  const { crossings, nested } = c.pressing;
  return {
    key,
    name: key === c.block.id ? c.block.name : `${c.block.name}, ${size(c.finished)}`,
    make: c.make,
    finished: size(c.finished),
    unfinished: size(c.unfinished),
    drawing: blockDrawing(c.block, c.finished),
    marks: layoutMarks(c),
    units: c.units.filter((u) => u.recipe.steps.length > 0).map((u) => sheetUnit(u, c, colourway)),
    plain: c.units
      .filter((u) => u.recipe.steps.length === 0)
      .map((u) => ({ label: u.label, cut: cutsOf(u, c).join(' and '), make: u.make })),
    joins: joinSteps(c),
    nesting:
      crossings === 0
        ? ''
        : nested === crossings
          ? `All ${crossings} crossings nest.`
          : `${nested} of ${crossings} crossings nest; match the others with a pin.`,
    patches: patchLabels(c),
  };
}

function measured(size: Exact, { style }: Construction): string {
  return checkpoint(size, style.rounding, style.unit);
}

function layoutMarks(c: Construction): SheetBlock['marks'] {
  const scale = (axis: 0 | 1) => c.finished[axis].toNumber() / (c.block.grid[axis] * PER_CELL);
  return [...c.unitOf].map(([{ box }, { label }]) => ({
    label,
    x: (box.x + box.w / 2) * scale(0),
    y: (box.y + box.h / 2) * scale(1),
  }));
}

/** The cut labels that a unit is made from, in the order of its roles. */
function cutsOf(unit: UnitPlan, c: Construction): string[] {
  return [...new Set(unit.roles)].map((role) => c.cuts.find((cut) => cut.role === role && cut.for.includes(unit.label))!.label);
}

function patchLabels(c: Construction): SheetBlock['patches'] {
  const labels = c.block.patches.map(() => ({ cut: '', unit: '' }));
  for (const [leaf, unit] of c.unitOf) {
    for (const index of leaf.patches) {
      const { role } = c.block.patches[index]!;
      labels[index] = { unit: unit.label, cut: c.cuts.find((cut) => cut.role === role && cut.for.includes(unit.label))!.label };
    }
  }
  return labels;
}

function sheetUnit(unit: UnitPlan, c: Construction, colourway: Colourway): SheetUnit {
  const { recipe, kind, label } = unit;
  const fabrics = unit.roles.map((role) => ({ role, fabric: colourway.fabrics.get(role)! }));
  const [leaf] = [...c.unitOf].find(([, u]) => u === unit)!;
  const unfinished = unit.w.plus(Exact.of(c.style.seam).times(2));
  const twice = unit.roles.length > 1 && new Set(unit.roles).size === 1;
  return {
    label,
    title: kind.plural,
    method: unit.method.title,
    roles: fabrics.map(({ role, fabric }) => ({ role, name: fabric.name, colour: fabric.colour })),
    make: unit.make,
    from: cutsOf(unit, c)
      .map((cut) => `${twice ? 2 : 1} ${cut}`)
      .join(' and '),
    batches: unit.batches,
    yields: recipe.yields,
    steps: recipe.steps,
    press: pressUnit(fabrics.map((f) => f.fabric)),
    size: measured(unfinished, c),
    look: recipe.look,
    over:
      unit.extra === 0
        ? ''
        : `${unit.extra} ${unit.extra === 1 ? kind.title : kind.plural} will be left over. Keep them: a second, colour-swapped block or a scrappy border uses them.`,
    caution: recipe.caution ?? '',
    drawing: blockDrawing(c.block, c.finished, leaf.box),
  };
}

/** To the darker fabric, where nothing else decides (handbook 4). */
function pressUnit(fabrics: Fabric[]): string {
  const [a, b] = fabrics;
  if (!a || !b || a === b) return 'Press the seam to one side.';
  return `Press the seam towards ${value(a.colour) < value(b.colour) ? a.name : b.name}, the darker fabric.`;
}

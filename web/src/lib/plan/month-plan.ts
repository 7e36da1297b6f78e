/** A month's cutting plan as plain data: what a worker can hand to a page, and a page can draw. */
import { spokenTag } from '@aggrega/core/words';
import {
  gramsOf,
  lengthToBuy,
  longestRuler,
  subCuts,
  wasteOf,
  type CutDown,
  type FabricPlan,
  type PlanAim,
  type SheetPlan,
  type Strip,
} from '@aggrega/core/cutting';
import { formatLength, ratio, type LengthUnit, soldText, soldAmount, type Counter } from '@aggrega/core/measure';
import {
  PlanError,
  blocksAsCast,
  QUILT,
  isPoolKey,
  pieceTitle,
  readLaidKey,
  readPieceLabel,
  costOf,
  formName,
  labourOf,
  planCutting,
  type Basis,
  type Colourway,
  type CuttingPlan,
  type Month,
  type PlannedFabric,
  type Programme,
} from '@aggrega/core/programme';
import { shortName } from './short-name';

export interface RectView {
  x: number;
  y: number;
  w: number;
  h: number;
  /** 'cold-frame:A1' */
  cut: string;
  /** 'A1'; '2·A1' for the second of a month's several blocks, so that no two cuts share a name. */
  name: string;
}

/** What a sub-cut is cut down to. */
export interface RowView {
  length: string;
  times: number;
  /** Beside each other; `width` where the piece is narrower than the sub-cut. */
  pieces: { name: string; cut: string; count: number; width?: string }[];
}

export interface StripView {
  /** Known by what is cut in it: the same in every plan that has this strip as often. */
  id: string;
  length: string;
  /** Whether it is longer than any ruler. */
  beyondRuler: boolean;
  /** The same as a number, for drawing. */
  tall: number;
  repeat: number;
  rects: RectView[];
  subCuts: {
    width: string;
    times: number;
    cutDown: boolean;
    rows: RowView[];
  }[];
}

export interface FabricView {
  id: string;
  name: string;
  sku: string;
  colour: string;
  roles: string[];
  width: string;
  /** Usable width as a number, for drawing. */
  wide: number;
  /** 'yardage', or a form that comes in cut pieces. */
  form: string;
  /** A length; or a number of pieces, of cut forms. */
  needed: string;
  toBuy: string;
  /** In yards or metres; '' for cut forms. */
  yardsToBuy: string;
  /** What to ask for: '1 3/8 yd', '3 fat quarters'. */
  ask: string;
  /** A length, or a number of pieces, that no plan can undercut, at a mark of the ruler. */
  bound: string;
  /** Usable length of a cut form, and whether it is cut lying on its side. */
  sheet?: { length: string; tall: number; turned: boolean };
  proof: 'area' | 'lp';
  yield: number;
  strips: StripView[];
  settings: number;
  /** Kinds of strips, and strokes of the blade. */
  kinds: number;
  passes: number;
  minutes: number;
  /** What the length to buy costs; undefined without a price. */
  cost?: number;
  /** What comes over and is worth keeping, largest first; the rest as scraps. */
  keep: { w: string; h: string; qty: number }[];
  scrapGrams: number;
}

export interface PlanView {
  basis: Basis;
  reading: PlanAim | 'chosen';
  participants: number;
  kits: number;
  fabrics: FabricView[];
  strips: number;
  settings: number;
  passes: number;
  minutes: number;
  /** Cloth of all fabrics on the bolt, as a number and to buy; cut forms are not in it. */
  length: number;
  /** Cloth for one kit at the shop's price; undefined while a fabric has none. */
  costPerKit?: number;
}

export type MonthPlan =
  { ok: true; kit: PlanView; batch: PlanView } | { ok: false; problems: { path: string; message: string }[] };

/** Which plan is meant by best, and whether the one that is found at once will do for all kits; one kit's is always final. */
export interface PlanWanted {
  /** As each fabric is planned for when left out. */
  reading?: PlanAim;
  first: boolean;
}

/** What the page shows while the head count turns. */
export const FIRST: PlanWanted = { first: true };

const kitPlans = new WeakMap<Programme, Map<string, PlanView>>();

/** Plans a month for one kit and for all kits of so many people. */
export function planMonth(
  programme: Programme,
  month: Month,
  colourway: Colourway,
  participants: number,
  { reading, first }: PlanWanted = { first: false },
): MonthPlan {
  const view = (basis: Basis): PlanView => {
    const request = { colourway, months: [month], basis, participants, reading, first: first && basis === 'batch' };
    return planView(planCutting(programme, request), programme, [month]);
  };
  try {
    // One kit is the same however many people there are, so a turn of the head count plans only the batch.
    const kits = kitPlans.get(programme) ?? new Map<string, PlanView>();
    kitPlans.set(programme, kits);
    const key = `${month.id} ${colourway.id} ${reading ?? 'chosen'} ${spokenTag()}`;
    const kit = kits.get(key) ?? view('kit');
    kits.set(key, kit);
    return { ok: true, kit, batch: view('batch') };
  } catch (error) {
    if (error instanceof PlanError) return { ok: false, problems: error.problems };
    throw error;
  }
}

/** A month's plan as a page draws it. */
export function planView(plan: CuttingPlan, programme: Programme, months: readonly Month[]): PlanView {
  const named = cutNamesOf(programme, plan.colourway, months);
  const fabrics = plan.fabrics.map((f) => fabricView(f, programme, named));
  const backs = plan.backings.map(({ cloth: { fabric, length }, quilts }) =>
    costOf({ fabric, length: lengthToBuy(length, programme.house).mul(quilts), pieces: 0 }, programme),
  );
  const costs = [...fabrics.map((f) => f.cost), ...backs];
  const lengths = plan.fabrics.map(({ plan: cloth }) => ('sheets' in cloth ? 0 : cloth.lengthNeeded.valueOf()));
  return {
    basis: plan.basis,
    reading: plan.reading,
    participants: plan.participants,
    kits: plan.kits,
    fabrics,
    strips: sum(fabrics.flatMap((f) => f.strips.map((s) => s.repeat))),
    settings: sum(fabrics.map((f) => f.settings)),
    passes: sum(fabrics.map((f) => f.passes)),
    minutes: sum(fabrics.map((f) => f.minutes)),
    length: sum(lengths),
    costPerKit: plan.kits > 0 && costs.every((c) => c !== undefined) ? sum(costs) / plan.kits : undefined,
  };
}

export const sum = (numbers: number[]) => numbers.reduce((a, b) => a + b, 0);

/** Rounded down once more, to an eighth or a millimetre: never more than was proven. */
function boundMark(lowerBound: number, unit: LengthUnit): string {
  const marks = unit === 'in' ? 8 : 10;
  return formatLength(ratio(String(lowerBound)).mul(marks).floor().div(marks), unit);
}

function fabricView(planned: PlannedFabric, programme: Programme, named: (label: string) => CutName): FabricView {
  const { fabric, roles, plan } = planned;
  const { unit } = programme;
  const { id, name, sku, colour, form } = fabric;
  const { passes, minutes } = labourOf(programme, plan);
  const waste = wasteOf(plan, unit);
  return {
    ...{ id, name, sku, colour, roles, form, passes, minutes },
    width: formatLength(plan.usableWidth, unit),
    wide: plan.usableWidth.valueOf(),
    ...('sheets' in plan ? sheetNumbers(plan, form, unit) : lengthNumbers(plan, programme.house)),
    proof: plan.proof,
    yield: plan.yield,
    settings: plan.settings,
    kinds: plan.kinds,
    cost: costOf(
      {
        fabric,
        ...('sheets' in plan ? { length: ratio(0), pieces: plan.sheetsNeeded } : { length: plan.lengthToBuy, pieces: 0 }),
      },
      programme,
    ),
    keep: waste.keep.map(({ w, h, qty }) => ({ w: formatLength(w, unit), h: formatLength(h, unit), qty })),
    scrapGrams: Math.round(gramsOf(waste.scrap, unit)),
    strips: ('sheets' in plan ? plan.sheets : plan.strips).map((strip) => stripView(strip, unit, named)),
  };
}

function lengthNumbers(plan: FabricPlan, counter: Counter) {
  const { unit } = counter;
  return {
    needed: formatLength(plan.lengthNeeded, unit),
    toBuy: formatLength(plan.lengthToBuy, unit),
    yardsToBuy: soldAmount(plan.lengthToBuy, counter),
    ask: soldText(plan.lengthToBuy, counter),
    bound: boundMark(plan.lowerBound, unit),
  };
}

function sheetNumbers(plan: SheetPlan, form: string, unit: LengthUnit) {
  return {
    needed: String(plan.sheetsNeeded),
    toBuy: String(plan.sheetsNeeded),
    yardsToBuy: '',
    ask: `${plan.sheetsNeeded} ${formName(form, plan.sheetsNeeded)}`,
    bound: String(plan.lowerBound),
    sheet: { length: formatLength(plan.usableLength, unit), tall: plan.usableLength.valueOf(), turned: plan.turned },
  };
}

function stripView(strip: Strip, unit: LengthUnit, named: (label: string) => CutName): StripView {
  const rowView = ({ length, times, pieces }: CutDown): RowView => ({
    length: formatLength(length, unit),
    times,
    pieces: pieces.map((p) => ({
      ...named(p.label),
      count: p.count,
      ...(p.width && { width: formatLength(p.width, unit) }),
    })),
  });
  return {
    id: stripId(strip),
    length: formatLength(strip.length, unit),
    beyondRuler: strip.length.compare(longestRuler[unit]) > 0,
    tall: strip.length.valueOf(),
    repeat: strip.repeat,
    rects: strip.rects.map((r) => ({
      ...named(r.label),
      x: r.x.valueOf(),
      y: r.y.valueOf(),
      w: r.w.valueOf(),
      h: r.h.valueOf(),
    })),
    subCuts: subCuts(strip).map((s) => ({
      width: formatLength(s.width, unit),
      times: s.times,
      cutDown: s.cutDown,
      rows: s.rows.map(rowView),
    })),
  };
}

/** A short name made of all that is cut. */
export function stripId({ length, repeat, rects }: Strip): string {
  const places = rects.map((r) => [r.x, r.y, r.w, r.h].map((n) => n.toFraction()).join(' ') + r.label);
  return shortName(`${length.toFraction()} ${repeat} ${places.join(';')}`);
}

interface CutName {
  cut: string;
  name: string;
}

/** What labels of several months are called: with the month's name, where there are several. */
export function cutNamesOf(programme: Programme, colourway: Colourway, months: readonly Month[]): (label: string) => CutName {
  const names = new Map(months.map((m) => [m.id, cutNames(programme, colourway, m)]));
  const called = new Map(months.map((m) => [m.id, m.name]));
  return (label) => {
    const id = readPieceLabel(label).month!;
    const { cut, name } = names.get(id)!(label);
    return months.length > 1 ? { cut: `${id}:${cut}`, name: `${name} ${called.get(id)}` } : { cut, name };
  };
}

/** What a label, 'm1:cold-frame:A1', is called on the table: without its month, and by itself. */
export function cutNames(programme: Programme, colourway: Colourway, month: Month): (label: string) => CutName {
  const numbers = new Map(blocksAsCast(programme, colourway, month).map((entry, i) => [entry.key, i + 1]));
  return (label) => {
    const { of: named, cut } = readPieceLabel(label);
    // Parts of the quilt are named by what they are, with their size where there are several.
    if (named === QUILT) return { cut: label.slice(label.indexOf(QUILT)), name: pieceTitle(label) };
    // What is cut for pools of units, apart from any block.
    if (isPoolKey(named)) return { cut: `${named}:${cut}`, name: `P·${cut}` };
    // Pieces that only another number of blocks asks for: 'cold-framex4'.
    const [, plain, times] = /^(.*)x(\d+)$/.exec(named) ?? [];
    const other = !numbers.has(named) && plain !== undefined && numbers.has(plain);
    const key = other ? plain : named;
    // A scrappy block of a larger size is laid in ways of its own: 'cold-frame#double-bed.2'.
    const number = numbers.get(key) ?? readLaidKey(key).way;
    const name = `${number && numbers.size > 1 ? `${number}·` : ''}${cut}${other ? `/${times}` : ''}`;
    return { cut: `${key}:${cut}`, name };
  };
}

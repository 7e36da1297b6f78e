/** A month's cutting plan as plain data: what a worker can hand to a page, and a page can draw. */
import { rulerSettings, subCuts } from '@aggrega/core/cutting';
import { formatLength, formatYardage, ratio, type Unit } from '@aggrega/core/measure';
import {
  PlanError,
  planCutting,
  type Basis,
  type Colourway,
  type Month,
  type PlannedFabric,
  type Programme,
} from '@aggrega/core/programme';

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

export interface StripView {
  length: string;
  /** The same as a number, for drawing. */
  tall: number;
  repeat: number;
  rects: RectView[];
  subCuts: {
    width: string;
    times: number;
    cutDown: boolean;
    pieces: { name: string; cut: string; length: string; count: number }[];
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
  needed: string;
  toBuy: string;
  /** What to buy, in yards or metres. */
  yardsToBuy: string;
  /** A length that no plan can undercut, at a mark of the ruler. */
  bound: string;
  proof: 'area' | 'lp';
  yield: number;
  strips: StripView[];
  settings: number;
  /** What the length to buy costs; undefined without a price. */
  cost?: number;
}

export interface PlanView {
  basis: Basis;
  participants: number;
  kits: number;
  fabrics: FabricView[];
  strips: number;
  settings: number;
  /** Cloth for one kit at the shop's price; undefined while a fabric has none. */
  costPerKit?: number;
}

export type MonthPlan =
  { ok: true; kit: PlanView; batch: PlanView } | { ok: false; problems: { path: string; message: string }[] };

const kitPlans = new WeakMap<Programme, Map<string, PlanView>>();

/** Plans a month for one kit and for all kits of so many people. */
export function planMonth(programme: Programme, month: Month, colourway: Colourway, participants: number): MonthPlan {
  const named = cutNames(month);
  const view = (basis: Basis): PlanView => {
    const plan = planCutting(programme, { colourway, months: [month], basis, participants });
    const fabrics = plan.fabrics.map((f) => fabricView(f, programme, named));
    const costs = fabrics.map((f) => f.cost);
    return {
      basis,
      participants: plan.participants,
      kits: plan.kits,
      fabrics,
      strips: sum(fabrics.flatMap((f) => f.strips.map((s) => s.repeat))),
      settings: sum(fabrics.map((f) => f.settings)),
      costPerKit: plan.kits > 0 && costs.every((c) => c !== undefined) ? sum(costs) / plan.kits : undefined,
    };
  };
  try {
    // One kit is the same however many people there are, so a turn of the head count plans only the batch.
    const kits = kitPlans.get(programme) ?? new Map<string, PlanView>();
    kitPlans.set(programme, kits);
    const key = `${month.id} ${colourway.id}`;
    const kit = kits.get(key) ?? view('kit');
    kits.set(key, kit);
    return { ok: true, kit, batch: view('batch') };
  } catch (error) {
    if (error instanceof PlanError) return { ok: false, problems: error.problems };
    throw error;
  }
}

const sum = (numbers: number[]) => numbers.reduce((a, b) => a + b, 0);

/** Rounded down once more, to an eighth or a millimetre: never more than was proven. */
function boundMark(lowerBound: number, unit: Unit): string {
  const marks = unit === 'in' ? 8 : 10;
  return formatLength(ratio(String(lowerBound)).mul(marks).floor().div(marks), unit);
}

function fabricView(
  { fabric, roles, plan }: PlannedFabric,
  { unit }: Programme,
  named: (label: string) => CutName,
): FabricView {
  const { id, name, sku, colour } = fabric;
  return {
    ...{ id, name, sku, colour, roles },
    width: formatLength(plan.usableWidth, unit),
    wide: plan.usableWidth.valueOf(),
    needed: formatLength(plan.lengthNeeded, unit),
    toBuy: formatLength(plan.lengthToBuy, unit),
    yardsToBuy: formatYardage(plan.lengthToBuy, unit),
    bound: boundMark(plan.lowerBound, unit),
    proof: plan.proof,
    yield: plan.yield,
    settings: rulerSettings(plan.strips),
    // The price is per yard, in a metric house as well: a yard is 91.44 cm.
    cost:
      fabric.pricePerYard === undefined
        ? undefined
        : (plan.lengthToBuy.valueOf() / (unit === 'in' ? 36 : 91.44)) * fabric.pricePerYard,
    strips: plan.strips.map((strip): StripView => ({
      length: formatLength(strip.length, unit),
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
        pieces: s.pieces.map((p) => ({ ...named(p.label), length: formatLength(p.length, unit), count: p.count })),
      })),
    })),
  };
}

interface CutName {
  cut: string;
  name: string;
}

/** What a label, 'm1:cold-frame:A1', is called on the table: without its month, and by itself. */
function cutNames(month: Month): (label: string) => CutName {
  const numbers = new Map(month.blocks.map((entry, i) => [entry.key, i + 1]));
  return (label) => {
    const [, key = '', cut = ''] = label.split(':');
    return { cut: `${key}:${cut}`, name: numbers.size > 1 ? `${numbers.get(key)}·${cut}` : cut };
  };
}

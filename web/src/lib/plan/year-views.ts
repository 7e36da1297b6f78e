/** What the pages of the whole year draw: bolts, packets, bundles and figures as plain data. */
import { words } from './words';
import { formatLength, listed, ratio, type Rational, soldText, usualStep, oneSold, parseLength } from '@aggrega/core/measure';
import {
  costCurve,
  formName,
  handsOut,
  loadByWeek,
  packetFigures,
  planStock,
  type CostPoint,
  type FabricStock,
  type Programme,
} from '@aggrega/core/programme';

export interface BoltView {
  id: string;
  lot: string;
  length: string;
  long: number;
  cuts: { label: string; each: string; qty: number; long: number }[];
  rest: string;
  restLong: number;
  /** What the remainder is good for. */
  state: 'untouched' | 'used up' | 'saleable' | 'too short';
  fatQuarters: number;
}

export interface StockView {
  id: string;
  name: string;
  sku: string;
  colour: string;
  supplier: string;
  wanted: string;
  shelf: string;
  /** Ordered and not come yet; '' for nothing. */
  coming: string;
  /** What no kit is cut from, of the cloth on the shelf; '' for cut forms. */
  free: string;
  bolts: BoltView[];
  proven: boolean;
  waste: string;
  order?: {
    ask: string;
    amount: { length: string } | { pieces: number };
    kits: string[];
    by?: string;
    cost?: number;
    leadDays?: number;
  };
}

/** All fabrics that are wanted or on the shelf, for the packets chosen. Throws PlanError. */
export function stockViews(
  programme: Programme,
  packets: readonly number[],
  people: Record<string, number>,
  progress?: (share: number) => void,
): StockView[] {
  return planStock(programme, { packets, people, progress }).map((stock) => stockView(stock, programme));
}

function stockView(
  { fabric, wanted, shelf, held = 0, coming, pieces, bolts, order }: FabricStock,
  { unit, house }: Programme,
): StockView {
  const write = (x: Rational) => formatLength(x, unit);
  const yards = (x: Rational) => soldText(x, house);
  /** A fat quarter is half of a half yard (docs/craft.md, Fabric as it comes). */
  const step = parseLength(usualStep(house), unit);
  const half = oneSold(house).div(2).valueOf();
  const down = (x: Rational) => x.div(step).floor().mul(step);
  const lacking = order.pieces ?? order.length.valueOf();
  const { id, name, sku, colour, supplier } = fabric;
  return {
    ...{ id, name, sku, colour, supplier },
    wanted: pieces === undefined ? yards(wanted) : `${pieces} ${formName(fabric.form, pieces)}`,
    // No more than lies there: down to an eighth of a yard, or a tenth of a metre.
    shelf: fabric.form === 'yardage' ? yards(down(shelf)) : `${held} ${formName(fabric.form, held)}`,
    coming:
      coming.pieces > 0
        ? `${coming.pieces} ${formName(fabric.form, coming.pieces)}`
        : coming.length.equals(0)
          ? ''
          : yards(coming.length),
    free: bolts ? yards(down(bolts.bolts.reduce((sum, b) => sum.add(b.rest), ratio(0)))) : '',
    bolts: (bolts?.bolts ?? []).map(({ bolt, cuts, rest }) => ({
      id: bolt.id,
      lot: bolt.dyeLot,
      length: write(bolt.length),
      long: bolt.length.valueOf(),
      cuts: cuts.map((c) => ({ label: c.label, each: write(c.length), qty: c.qty, long: c.length.valueOf() })),
      rest: write(rest),
      restLong: rest.valueOf(),
      state:
        cuts.length === 0
          ? 'untouched'
          : rest.equals(0)
            ? 'used up'
            : rest.compare(house.saleable) < 0
              ? 'too short'
              : 'saleable',
      fatQuarters: 2 * Math.floor(rest.valueOf() / half),
    })),
    proven: bolts?.proven ?? true,
    waste: bolts ? write(bolts.waste) : '0',
    ...(lacking > 0 && {
      order: {
        ask:
          order.pieces !== undefined
            ? `${order.pieces} ${formName(fabric.form, order.pieces)}`
            : order.bolts
              ? words.boltsOf(order.bolts, yards(fabric.boltLength!))
              : yards(order.length),
        amount: order.pieces === undefined ? { length: write(order.length) } : { pieces: order.pieces },
        kits: (bolts?.order ?? []).map((o) => `${o.qty} × ${o.label}`),
        ...{ by: order.by, cost: order.cost, leadDays: fabric.leadDays },
      },
    }),
  };
}

export interface FiguresView {
  packets: {
    /** The first month, with which it is handed out. */
    id: string;
    /** 'February, Seed Drill and March, Cloche'. */
    name: string;
    months: string[];
    /** Yards or metres by colourway and fabric id. */
    cloth: Record<string, Record<string, number>>;
    /** What its fabric costs; left out while one has no price. */
    cost?: number;
    sewn: number;
    kept: number;
    scrap: number;
    scrapGrams: number;
    minutes: number;
  }[];
  fabrics: { id: string; name: string; colour: string; priced: boolean }[];
  weeks: { monday: string; minutes: number; months: string[] }[];
}

/** Packet by packet and week by week. Throws PlanError. */
export function figuresView(
  programme: Programme,
  people: Record<string, number>,
  progress?: (share: number) => void,
): FiguresView {
  const yard = oneSold(programme.house).valueOf();
  const drawn = programme.kits.packets.filter((p) => p.some((m) => handsOut(programme, m))).length;
  const figures = [];
  for (const packet of packetFigures(programme, people)) {
    figures.push(packet);
    progress?.(figures.length / drawn);
  }
  const used = new Set(figures.flatMap((f) => f.cloth.map((c) => c.fabric)));
  return {
    packets: figures.map(({ months, cloth, cost, sewn, kept, scrap, scrapGrams, minutes }) => {
      const byColourway: Record<string, Record<string, number>> = {};
      for (const { colourway, fabric, length } of cloth) (byColourway[colourway.id] ??= {})[fabric.id] = length / yard;
      const names = months.map((m) => m.name);
      return {
        ...{ id: months[0]!.id, name: listed(names), months: months.map((m) => m.id), cloth: byColourway },
        ...(cost !== undefined && { cost }),
        ...{ sewn, kept, scrap, scrapGrams, minutes },
      };
    }),
    fabrics: [...used].map(({ id, name, colour, pricePerYard }) => ({ id, name, colour, priced: pricePerYard !== undefined })),
    weeks: loadByWeek(figures).map((w) => ({ ...w, months: w.months.map((m) => m.name) })),
  };
}

/** Head counts of the curve: fine where the cost still falls steeply. */
export const HEADS = [1, 2, 3, 4, 6, 8, 10, 12, 16, 20, 24, 30, 40, 50, 60];

/** What a participant's cloth costs as the head count grows. Throws PlanError. */
export function costView(programme: Programme, colourwayId: string, progress?: (share: number) => void): CostPoint[] {
  const colourway = programme.colourways.find((c) => c.id === colourwayId) ?? programme.colourways[0]!;
  const points: CostPoint[] = [];
  for (const point of costCurve(programme, colourway, HEADS)) {
    points.push(point);
    progress?.(points.length / HEADS.length);
  }
  return points;
}

/** What the pages of the whole year draw: bolts, packets, bundles and figures as plain data. */
import { words } from './words';
import { subCuts } from '@aggrega/core/cutting';
import { bagText, finishingAmounts, wholeText } from '@aggrega/core/sheet';
import { formatLength, listed, ratio, type Rational, soldText, usualStep, oneSold, parseLength } from '@aggrega/core/measure';
import {
  costCurve,
  formName,
  pieceTitle,
  readPieceLabel,
  handedOf,
  handsOut,
  loadByWeek,
  monthShares,
  packetFigures,
  planBundles,
  planStock,
  type CostPoint,
  type FabricStock,
  type Handed,
  type KitKind,
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

export interface PacketStrip {
  month: number;
  repeat: number;
  length: string;
  tall: number;
  /** `later`: the month, from 0 in the packet, that it is saved for. */
  rects: { x: number; y: number; w: number; h: number; name: string; later?: number }[];
  how: string[];
}

export interface PacketFabricView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  ask: string;
  wide: number;
  /** In the order in which they are cut off. */
  strips: PacketStrip[];
  /** What each month cuts and bags for later ones, finds cut, and leaves whole. */
  months: { save: string[]; saved: string[]; whole: string[] }[];
  /** What the rounding of the shop leaves beyond the plan. */
  reserve: string;
  reserveTall: number;
}

/** What a participant brings who brings her own. */
export interface OwnClothView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  yardage: string;
  fatQuarters: string;
  /** '4 × 3 1/2' */
  scraps: string[];
}

/** Pieces of one fabric that the shop cuts for a kit. */
export interface BagView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  count: number;
  /** '4 × 3 1/2 (A1)' */
  pieces: string[];
}

export interface PacketView {
  number: number;
  months: string[];
  way: Handed['way'];
  /** Lengths, drawn as they are cut month by month; none where the shop cuts the pieces, or nothing is handed out. */
  fabrics: PacketFabricView[];
  bundled: string[];
  bag: BagView[];
  own: OwnClothView[];
  /** 'Backing: 4 1/4 yd of Frosted Pane'. */
  finishing: string[];
}

/** Every packet with a drawn month, of one kit of that kind. Throws PlanError. */
export function packetViews(
  programme: Programme,
  colourwayId: string,
  sizeId: string | undefined,
  kind: KitKind = programme.kits.kind,
): PacketView[] {
  const { unit } = programme;
  const colourway = programme.colourways.find((c) => c.id === colourwayId) ?? programme.colourways[0]!;
  const size = programme.sizes.find((s) => s.id === sizeId);
  const write = (x: Rational) => formatLength(x, unit);
  return programme.kits.packets.flatMap((months, i): PacketView[] => {
    if (!months.some((m) => handsOut(programme, m))) return [];
    const gets = handedOf(programme, { colourway, months, size, kind });
    const { fabrics, bundled } = gets.way === 'lengths' ? gets.packet : { fabrics: [], bundled: [] };
    const monthOf = new Map(months.map((m, n) => [m.id, n]));
    const stageOf = (label: string) => monthOf.get(readPieceLabel(label).month ?? '') ?? 0;
    const keep = programme.kits.keepWhole.has(months[0]!.id) ? ('whole' as const) : ('cut' as const);
    const shares = gets.way === 'lengths' ? months.map((m) => monthShares(programme, m, { colourway, size, keep })) : [];
    const named = (label: string) => `${readPieceLabel(label).of} ${pieceTitle(label)}`;
    const sized = (p: { w: Rational; h: Rational }) => (p.w.equals(p.h) ? write(p.w) : `${write(p.w)} × ${write(p.h)}`);
    return [
      {
        number: i + 1,
        months: months.map((m) => m.name),
        way: gets.way,
        bundled: bundled.map((f) => f.name),
        finishing: finishingAmounts(programme, gets.finishing).map(({ use, name, amount, length }) =>
          amount ? `${use[0]!.toUpperCase()}${use.slice(1)}: ${amount} of ${name}` : `${name}: ${length} ${unit}`,
        ),
        bag: (gets.way === 'pieces' ? gets.pieces : []).map(({ fabric, roles, pieces }) => ({
          ...{ id: fabric.id, name: fabric.name, colour: fabric.colour, roles },
          count: pieces.reduce((n, p) => n + p.qty, 0),
          pieces: pieces.map((p) => `${p.qty} × ${sized(p)} (${named(p.label)})`),
        })),
        own: (gets.way === 'list' ? gets.own : []).map(({ fabric, roles, yardage, fatQuarters, scraps }) => ({
          ...{ id: fabric.id, name: fabric.name, colour: fabric.colour, roles },
          yardage: yardage ? soldText(yardage, programme.house) : words.aPieceIsWiderThan,
          fatQuarters: fatQuarters === undefined ? words.aPieceIsLargerThan : String(fatQuarters),
          scraps: scraps.map((s) => `${s.qty} × ${s.w.equals(s.h) ? write(s.w) : words.by(write(s.w), write(s.h))}`),
        })),
        fabrics: fabrics.map(({ fabric, roles, plan, stages }): PacketFabricView => {
          const common = { id: fabric.id, name: fabric.name, colour: fabric.colour, roles, wide: plan.usableWidth.valueOf() };
          const view = (strips: NonNullable<typeof stages>[number]['strips'], month: number) =>
            strips.map((s): PacketStrip => ({
              ...{ month, repeat: s.repeat, length: write(s.length), tall: s.length.valueOf() },
              rects: s.rects.map((r) => ({
                ...{ x: r.x.valueOf(), y: r.y.valueOf(), w: r.w.valueOf(), h: r.h.valueOf() },
                name: pieceTitle(r.label),
                ...(stageOf(r.label) > month && { later: stageOf(r.label) }),
              })),
              how: subCuts(s).map((c) => `${c.times} × ${write(c.width)}`),
            }));
          if ('sheets' in plan || !stages) {
            const sheets = 'sheets' in plan ? plan.sheetsNeeded : 0;
            const strips =
              'sheets' in plan ? view(plan.sheets, 0).map((s) => ({ ...s, tall: plan.usableLength.valueOf() })) : [];
            return {
              ...common,
              ask: `${sheets} ${formName(fabric.form, sheets)}`,
              strips,
              months: [],
              reserve: '',
              reserveTall: 0,
            };
          }
          const reserve = plan.lengthToBuy.sub(plan.lengthNeeded);
          return {
            ...common,
            ask: soldText(plan.lengthToBuy, programme.house),
            strips: stages.flatMap((s, n) => view(s.strips, n)),
            months: shares.map((own) => {
              const share = own.find((s) => s.fabric === fabric && s.from === 'packet');
              return {
                save: share?.bag.map((b) => words.for(bagText(b, unit), b.usedIn.name)) ?? [],
                saved: share?.bagged.map((b) => bagText(b, unit)) ?? [],
                whole: share?.keep.map((k) => wholeText(k, share, unit)) ?? [],
              };
            }),
            reserve: write(reserve),
            reserveTall: reserve.valueOf(),
          };
        }),
      },
    ];
  });
}

export interface BundleView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  /** '2 fat quarters' */
  ask: string;
  one: string;
  wide: number;
  tall: number;
  sheets: number;
  needed: number;
  lacking: string[];
  remedies: string[];
  months: {
    name: string;
    cuts: { sheet: number; x: number; y: number; w: number; h: number; name: string; later?: string }[];
    /** The largest piece that is still whole. */
    largest?: { sheet: number; x: number; y: number; w: number; h: number; size: string };
  }[];
}

/** The bundle of one participant; empty where the programme has none. Throws PlanError. */
export function bundleViews(programme: Programme, colourwayId: string, sizeId: string | undefined): BundleView[] {
  const colourway = programme.colourways.find((c) => c.id === colourwayId) ?? programme.colourways[0]!;
  const size = programme.sizes.find((s) => s.id === sizeId);
  const write = (x: Rational) => formatLength(x, programme.unit);
  const box = (r: { sheet: number; x: Rational; y: Rational; w: Rational; h: Rational }) => ({
    sheet: r.sheet,
    x: r.x.valueOf(),
    y: r.y.valueOf(),
    w: r.w.valueOf(),
    h: r.h.valueOf(),
  });
  return planBundles(programme, { colourway, size }).map(({ fabric, roles, plan, lacking, remedies }) => ({
    ...{ id: fabric.id, name: fabric.name, colour: fabric.colour, roles, lacking, remedies, needed: plan.needed },
    ask: `${plan.sheets} ${formName(fabric.form, plan.sheets)}`,
    one: formName(fabric.form, 1),
    wide: plan.usableWidth.valueOf(),
    tall: plan.usableLength.valueOf(),
    sheets: plan.sheets,
    months: plan.months.map(({ cuts, remainders }, i) => ({
      name: programme.months[i]!.name,
      cuts: cuts.map((c) => ({
        ...box(c),
        name: pieceTitle(c.label),
        ...(c.saveFor !== undefined && { later: programme.months[c.saveFor]!.name }),
      })),
      ...(remainders[0] && {
        largest: { ...box(remainders[0]), size: words.by(write(remainders[0].w), write(remainders[0].h)) },
      }),
    })),
  }));
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

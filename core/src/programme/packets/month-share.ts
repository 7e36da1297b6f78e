/**
 * One month's share of fabric that serves several months (docs/craft.md, Kits and packets): what was kept for it, what is cut now, what is cut and bagged for a later
 * month, and what stays whole. Nothing is cut twice, and nothing is cut from fabric that is gone: the shares of all months are one plan.
 */
import { tailOf, type Piece, type Rect, type Strip, type StripColumn } from '../../cutting';
import type { Rational } from '../../measure';
import type { Colourway, Fabric, Month, Programme, SizeOption } from '../document/document';
import { planBundles, planPacket, type PacketFabric } from './packets';
import { readPieceLabel } from '../document/labels';

/** Pieces that one month cuts and another uses. */
export interface Bagged {
  /** 'm6:trellis:A1': they carry the label of the month that uses them. */
  label: string;
  qty: number;
  w: Rational;
  h: Rational;
  cutIn: Month;
  usedIn: Month;
}

/** A piece of fabric that stays in one piece. */
export interface KeptWhole {
  /** Across and along; no smaller than that. */
  w: Rational;
  h: Rational;
  qty: number;
  /** Where it lies: the rest of the length, the end of a strip, or on that piece of a cut form, from 1. */
  of: 'length' | 'strip' | { sheet: number };
  keptIn: Month;
  /** The next month that cuts from it. */
  usedIn: Month;
}

export interface MonthShare {
  fabric: Fabric;
  roles: string[];
  from: 'packet' | 'bundle';
  /** In hand when the month begins, from earlier months. */
  bagged: Bagged[];
  kept: KeptWhole[];
  /** Cut off the length now; for a cut form, what is cut of each piece. */
  strips: Strip[];
  sheets: { sheet: number; rects: Rect[] }[];
  /** Ends of strips that were kept whole and are cut now. */
  opened: { w: Rational; h: Rational; qty: number; rects: Rect[] }[];
  /** Put by when the month is done, the pieces and the fabric. */
  bag: Bagged[];
  keep: KeptWhole[];
}

export interface WhoseShare {
  colourway: Colourway;
  size?: SizeOption;
  /** Whether the end of a strip that a later month needs is cut now and bagged (when left out), or kept whole. */
  keep?: 'cut' | 'whole';
}

/** The packet that a month is in, and its place there. */
export function packetOfMonth(
  { kits }: Pick<Programme, 'kits'>,
  month: Month,
): { months: readonly Month[]; at: number; number: number } {
  const index = kits.packets.findIndex((months) => months.includes(month));
  const months = kits.packets[index] ?? [month];
  return { months, at: months.indexOf(month), number: index + 1 };
}

/**
 * What a month has to do with each fabric that serves more months than it: of a packet of several, and of the bundle. Fabrics that it neither cuts
 * nor keeps are left out. Throws PlanError.
 */
export function monthShares(programme: Programme, month: Month, whose: WhoseShare): MonthShare[] {
  const { months, at } = packetOfMonth(programme, month);
  const packet = months.length > 1 ? planPacket(programme, { ...whose, months }) : undefined;
  const shares = [
    ...(packet?.fabrics ?? []).map((f) => (f.stages ? ofLength(f, months, at, whose) : ofSheets(f, months, at))),
    ...bundleShares(programme, month, whose),
  ];
  return shares.filter(
    (s) => s.bagged.length + s.kept.length + s.strips.length + s.sheets.length + s.opened.length + s.keep.length > 0,
  );
}

function ofLength(
  { fabric, roles, plan, stages }: PacketFabric,
  months: readonly Month[],
  at: number,
  { keep = 'cut' }: WhoseShare,
): MonthShare {
  const stageOf = stageIn(months);
  const sizeOf = new Map(plan.demand.map((p) => [p.label, p]));
  let bags: Bagged[] = [];
  let tails: { w: Rational; h: Rational; columns: StripColumn[]; keptIn: number; usedIn: number }[] = [];
  const share: MonthShare = {
    fabric,
    roles,
    from: 'packet',
    bagged: [],
    kept: [],
    strips: [],
    sheets: [],
    opened: [],
    bag: [],
    keep: [],
  };
  const lengthAfter = (stage: number): KeptWhole[] => {
    const { whole } = stages![stage]!;
    const next = stages!.findIndex((s, i) => i > stage && s.strips.length > 0);
    if (next < 0 || whole.equals(0)) return [];
    const begun = stages!.findLastIndex((s, i) => i <= stage && s.strips.length > 0);
    const keptIn = months[Math.max(0, begun)]!;
    return [{ w: plan.usableWidth, h: whole, qty: 1, of: 'length', keptIn, usedIn: months[next]! }];
  };
  const tailsKept = () =>
    together(
      tails.map((t) => ({
        w: t.w,
        h: t.h,
        qty: 1,
        of: 'strip' as const,
        keptIn: months[t.keptIn]!,
        usedIn: months[t.usedIn]!,
      })),
    );
  for (let stage = 0; stage <= at; stage += 1) {
    if (stage === at) {
      share.bagged = bags.filter((b) => b.usedIn === months[at]);
      share.kept = [...(at > 0 ? lengthAfter(at - 1) : []), ...tailsKept()];
    }
    bags = bags.filter((b) => b.usedIn !== months[stage]);
    const fresh: Bagged[] = [];
    const bag = (rect: Rect, times: number) => {
      const { w, h } = sizeOf.get(rect.label)!;
      const usedIn = months[stageOf(rect.label)]!;
      const same = fresh.find((b) => b.label === rect.label);
      if (same) same.qty += times;
      else fresh.push({ label: rect.label, qty: times, w, h, cutIn: months[stage]!, usedIn });
    };
    const rectsOf = (columns: readonly StripColumn[]) => columns.flatMap((c) => c.rows.flatMap((r) => r.rects));
    for (const tail of tails.filter((t) => t.usedIn === stage)) {
      const rects = rectsOf(tail.columns);
      for (const rect of rects) if (stageOf(rect.label) > stage) bag(rect, 1);
      if (stage === at) share.opened.push({ w: tail.w, h: tail.h, qty: 1, rects });
    }
    tails = tails.filter((t) => t.usedIn !== stage);
    for (const strip of stages![stage]!.strips) {
      const tail = keep === 'whole' ? tailOf(strip, stage, stageOf) : undefined;
      const kept = new Set(tail?.columns);
      for (const rect of rectsOf(strip.columns.filter((c) => !kept.has(c))))
        if (stageOf(rect.label) > stage) bag(rect, strip.repeat);
      if (tail)
        for (let i = 0; i < strip.repeat; i += 1)
          tails.push({ w: tail.w, h: tail.h, columns: tail.columns, keptIn: stage, usedIn: tail.stage });
    }
    bags = [...bags, ...fresh];
    if (stage === at)
      Object.assign(share, { strips: stages![at]!.strips, bag: fresh, keep: [...lengthAfter(at), ...tailsKept()] });
  }
  return share;
}

/** Equal pieces of fabric that are kept are counted together. */
function together(pieces: readonly KeptWhole[]): KeptWhole[] {
  const found: KeptWhole[] = [];
  for (const piece of pieces) {
    const same = found.find(
      (k) => k.w.equals(piece.w) && k.h.equals(piece.h) && k.keptIn === piece.keptIn && k.usedIn === piece.usedIn,
    );
    if (same) same.qty += piece.qty;
    else found.push({ ...piece });
  }
  return found;
}

/** The place of a label's month among some months. */
function stageIn(months: readonly Month[]): (label: string) => number {
  const places = new Map(months.map((m, i) => [m.id, i]));
  return (label) => places.get(readPieceLabel(label).month!)!;
}

interface SheetMonths {
  cuts: readonly (Rect & { sheet: number; saveFor?: number })[];
  remainders: readonly { sheet: number; w: Rational; h: Rational }[];
}

function ofSheets({ fabric, roles, plan, bundle }: PacketFabric, months: readonly Month[], at: number): MonthShare {
  return sheetShare({ fabric, roles, from: 'packet' }, bundle?.months ?? [], plan.demand, months, at);
}

function bundleShares(programme: Programme, month: Month, whose: WhoseShare): MonthShare[] {
  if (programme.kits.bundle.size === 0) return [];
  const { months } = programme;
  return planBundles(programme, whose).map(({ fabric, roles, plan }) =>
    sheetShare({ fabric, roles, from: 'bundle' }, plan.months, plan.demand, months, months.indexOf(month)),
  );
}

function sheetShare(
  whose: Pick<MonthShare, 'fabric' | 'roles' | 'from'>,
  plan: readonly SheetMonths[],
  demand: readonly Piece[],
  months: readonly Month[],
  at: number,
): MonthShare {
  const sizeOf = new Map(demand.map((p) => [p.label, p]));
  const bagsOf = (month: number): Bagged[] => {
    const found = new Map<string, Bagged>();
    for (const { label, saveFor } of plan[month]?.cuts ?? []) {
      if (saveFor === undefined) continue;
      const { w, h } = sizeOf.get(label)!;
      const same = found.get(label);
      if (same) same.qty += 1;
      else found.set(label, { label, qty: 1, w, h, cutIn: months[month]!, usedIn: months[saveFor]! });
    }
    return [...found.values()];
  };
  const cutsFrom = (month: number, sheet: number) =>
    plan.findIndex((m, i) => i > month && m.cuts.some((c) => c.sheet === sheet));
  // Of each piece of the cut form the largest rest is kept, while a later month cuts from it.
  const keptAfter = (month: number): KeptWhole[] => {
    const largest = new Map<number, KeptWhole>();
    for (const { sheet, w, h } of plan[month]?.remainders ?? []) {
      const next = cutsFrom(month, sheet);
      if (next < 0 || largest.has(sheet)) continue;
      largest.set(sheet, { w, h, qty: 1, of: { sheet: sheet + 1 }, keptIn: months[month]!, usedIn: months[next]! });
    }
    return [...largest.values()];
  };
  const cuts = plan[at]?.cuts ?? [];
  const sheets = [...new Set(cuts.map((c) => c.sheet))].map((sheet) => ({
    sheet: sheet + 1,
    rects: cuts.filter((c) => c.sheet === sheet),
  }));
  const needed = (month: number) => plan.some((m, i) => i > month && m.cuts.length > 0);
  return {
    ...whose,
    bagged: plan.slice(0, at).flatMap((_, i) => bagsOf(i).filter((b) => b.usedIn === months[at])),
    kept: at > 0 && (cuts.length > 0 || needed(at)) ? keptAfter(at - 1) : [],
    ...{ strips: [], sheets, opened: [] },
    bag: bagsOf(at),
    keep: needed(at) ? keptAfter(at) : [],
  };
}

/** How many of a label's pieces earlier months have cut for this one. */
export const baggedOf = (shares: readonly MonthShare[], label: string): number =>
  shares.reduce((n, s) => n + s.bagged.filter((b) => b.label === label).reduce((k, b) => k + b.qty, 0), 0);

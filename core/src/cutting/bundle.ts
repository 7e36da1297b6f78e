/**
 * A bundle for the whole programme (docs/craft.md, Kits and packets): cut forms that each participant gets at the start and cuts from month by month. The months
 * are planned together, then every sheet is laid so that what an earlier month needs comes off first and the rest stays whole.
 */
import { ratio, type Rational } from '../measure';
import type { Piece } from './pieces';
import { planSheets, type SheetPlan } from './sheets';
import type { Rect, Strip } from './strips';

export interface BundleMonth {
  /** What the month cuts, with the sheet, from 0, that it is cut from; `saveFor` names a later month whose piece comes off with it. */
  cuts: (Rect & { sheet: number; saveFor?: number })[];
  /** Rectangles that are still in one piece after the month, largest first; sheets not begun are among them. */
  remainders: { sheet: number; x: Rational; y: Rational; w: Rational; h: Rational }[];
}

export interface BundlePlan {
  /** All pieces of all months. */
  demand: readonly Piece[];
  usableWidth: Rational;
  usableLength: Rational;
  sheets: number;
  /** A number of sheets that no plan can undercut. */
  lowerBound: number;
  months: BundleMonth[];
  /** What a bundle of a given size has no room for: the month, from 0, and its pieces. */
  lacks: { month: number; label: string; qty: number }[];
  /** Sheets that all months would take; more than `sheets` when something is lacking. */
  needed: number;
}

/**
 * Plans `months` (the pieces of each, in the order of release) from sheets of one size; from `given` sheets if that is said, and then
 * tells what is lacking. Throws DoesNotFit for a piece larger than a sheet.
 */
export function planBundle(
  months: readonly (readonly Piece[])[],
  usableWidth: Rational,
  usableLength: Rational,
  given?: number,
): BundlePlan {
  const plan = (some: readonly (readonly Piece[])[]) => planSheets(some.flat(), usableWidth, usableLength);
  const whole = plan(months);
  const common = { demand: months.flat(), usableWidth, usableLength, lowerBound: whole.lowerBound, needed: whole.sheetsNeeded };
  const place = (from: SheetPlan) => staged(from, months, given ?? whole.sheetsNeeded);
  if (given === undefined || whole.sheetsNeeded <= given)
    return { ...common, sheets: given ?? whole.sheetsNeeded, months: place(whole), lacks: [] };

  // Months come out one by one, so an earlier one is served before a later one; within a month, large pieces before small ones.
  const room: Piece[][] = [];
  const lacks: BundlePlan['lacks'] = [];
  months.forEach((pieces, month) => {
    if (plan([...room, [...pieces]]).sheetsNeeded <= given) return void room.push([...pieces]);
    const served: Piece[] = [];
    const area = (p: Piece) => p.w.valueOf() * p.h.valueOf();
    for (const piece of [...pieces].sort((a, b) => area(b) - area(a))) {
      let [low, high] = [0, piece.qty];
      while (low < high) {
        const middle = Math.ceil((low + high) / 2);
        if (plan([...room, [...served, { ...piece, qty: middle }]]).sheetsNeeded <= given) low = middle;
        else high = middle - 1;
      }
      if (low > 0) served.push({ ...piece, qty: low });
      if (low < piece.qty) lacks.push({ month, label: piece.label, qty: piece.qty - low });
    }
    room.push(served);
  });
  return { ...common, sheets: given, months: place(plan(room)), lacks };
}

interface Row {
  month: number;
  h: Rational;
  rects: Rect[];
}

/** Lays every sheet anew, its columns and their rows in the order of the months that need them. */
function staged(plan: SheetPlan, months: readonly (readonly Piece[])[], sheets: number): BundleMonth[] {
  const monthOf = new Map(months.flatMap((pieces, month) => pieces.map((p): [string, number] => [p.label, month])));
  const found: BundleMonth[] = months.map(() => ({ cuts: [], remainders: [] }));
  const [across, along] = plan.turned ? [plan.usableLength, plan.usableWidth] : [plan.usableWidth, plan.usableLength];
  const turn = <T extends { x: Rational; y: Rational; w: Rational; h: Rational }>(r: T): T =>
    plan.turned ? { ...r, x: r.y, y: r.x, w: r.h, h: r.w } : r;
  let sheet = 0;
  for (const kind of plan.sheets)
    for (let copy = 0; copy < kind.repeat; copy += 1, sheet += 1) {
      const columns = ordered(kind, monthOf);
      let x = ratio(0);
      const laid = columns.map(({ w, rows }) => {
        let y = ratio(0);
        const column = {
          x,
          w,
          rows: rows.map((row) => {
            const at = { ...row, y };
            y = y.add(row.h);
            return at;
          }),
        };
        x = x.add(w);
        return column;
      });
      found.forEach((month, now) => {
        const rest: { x: Rational; y: Rational; w: Rational; h: Rational }[] = [];
        let begun = ratio(0);
        for (const { x: left, w, rows } of laid) {
          const open = rows.filter((r) => r.month <= now);
          if (open.length === 0) break;
          begun = left.add(w);
          const last = open.at(-1)!;
          const down = last.y.add(last.h);
          rest.push({ x: left, y: down, w, h: along.sub(down) });
          for (const row of open.filter((r) => r.month === now)) {
            let at = left;
            for (const rect of row.rects) {
              const for_ = monthOf.get(rect.label)!;
              const placed = turn({ ...rect, x: at, y: row.y });
              month.cuts.push({ ...placed, sheet, ...(for_ > now && { saveFor: for_ }) });
              at = at.add(rect.w);
            }
          }
        }
        rest.push({ x: begun, y: ratio(0), w: across.sub(begun), h: along });
        for (const r of rest) if (r.w.compare(0) > 0 && r.h.compare(0) > 0) month.remainders.push({ sheet, ...turn(r) });
      });
    }
  for (; sheet < sheets; sheet += 1)
    for (const { remainders } of found)
      remainders.push({ sheet, x: ratio(0), y: ratio(0), w: plan.usableWidth, h: plan.usableLength });
  const area = (r: { w: Rational; h: Rational }) => r.w.valueOf() * r.h.valueOf();
  for (const { remainders } of found) remainders.sort((a, b) => area(b) - area(a));
  return found;
}

/** Columns and rows in the order of the first month that each of them serves. */
function ordered(kind: Strip, monthOf: ReadonlyMap<string, number>): { month: number; w: Rational; rows: Row[] }[] {
  const first = (rects: readonly Rect[]) => Math.min(...rects.map((r) => monthOf.get(r.label)!));
  const columns = kind.columns.map((c) => {
    const rows = c.rows.map((r) => ({ month: first(r.rects), h: r.h, rects: [...r.rects] }));
    for (const row of rows) row.rects.sort((a, b) => monthOf.get(a.label)! - monthOf.get(b.label)!);
    rows.sort((a, b) => a.month - b.month);
    return { month: rows[0]!.month, w: c.w, rows };
  });
  return columns.sort((a, b) => a.month - b.month);
}

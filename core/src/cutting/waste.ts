/** What comes over (docs/craft.md, How fabric is cut): remainders that are large enough to keep, by size; the rest as scraps, by weight. */
import { ratio, type Rational, type LengthUnit } from '../measure';
import type { SheetPlan } from './sheets';
import type { FabricPlan, Strip } from './strips';

export interface Remainder {
  w: Rational;
  h: Rational;
  qty: number;
}

export interface Waste {
  /** Largest first. */
  keep: Remainder[];
  /** Area of everything smaller, in square units. */
  scrap: number;
}

/** A remainder is kept when both its sides reach this: the strip that scraps are commonly sorted into. Our own rule. */
export const worthKeeping: Record<LengthUnit, Rational> = { in: ratio('5/2'), cm: ratio('13/2') };

/** Grams of a square unit of quilting cotton, 145 g a square metre: the middle of what mills state. */
const GRAMS: Record<LengthUnit, number> = { in: 145 * 0.0254 ** 2, cm: 145 / 1e4 };

export const gramsOf = (area: number, unit: LengthUnit): number => area * GRAMS[unit];

/** Every part of the cloth that is cut up and is no piece: behind the last column, under the last row, beside and under pieces. */
export function wasteOf(plan: FabricPlan | SheetPlan, unit: LengthUnit): Waste {
  const found = new Map<string, Remainder>();
  const least = worthKeeping[unit];
  let scrap = 0;
  const sheets = 'sheets' in plan;
  // A sheet that is cut lying on its side is measured as it lies.
  const across = sheets && plan.turned ? plan.usableLength : plan.usableWidth;
  for (const strip of sheets ? plan.sheets : plan.strips) {
    const along = !sheets ? strip.length : plan.turned ? plan.usableWidth : plan.usableLength;
    for (const { w, h } of gapsOf(strip, across, along)) {
      if (w.compare(0) <= 0 || h.compare(0) <= 0) continue;
      if (w.compare(least) < 0 || h.compare(least) < 0) {
        scrap += strip.repeat * w.valueOf() * h.valueOf();
        continue;
      }
      const [long, short] = w.compare(h) < 0 ? [h, w] : [w, h];
      const key = `${long.toFraction()} ${short.toFraction()}`;
      const same = found.get(key) ?? { w: long, h: short, qty: 0 };
      same.qty += strip.repeat;
      found.set(key, same);
    }
  }
  const keep = [...found.values()].sort((a, b) => b.w.mul(b.h).compare(a.w.mul(a.h)) || b.w.compare(a.w));
  return { keep, scrap };
}

function gapsOf({ columns, rects }: Strip, across: Rational, along: Rational): { w: Rational; h: Rational }[] {
  const gaps: { w: Rational; h: Rational }[] = [];
  if (rects.length === 0) return gaps;
  const last = columns.at(-1)!;
  gaps.push({ w: across.sub(last.x.add(last.w)), h: along });
  for (const column of columns) {
    const lowest = column.rows.at(-1)!;
    gaps.push({ w: column.w, h: along.sub(lowest.y.add(lowest.h)) });
    for (const row of column.rows) {
      const used = row.rects.reduce((sum, r) => sum.add(r.w), ratio(0));
      gaps.push({ w: column.w.sub(used), h: row.h });
      for (const rect of row.rects) gaps.push({ w: rect.w, h: row.h.sub(rect.h) });
    }
  }
  return gaps;
}

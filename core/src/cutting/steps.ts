/** A strip as the cutting room reads it: one ruler setting, then sub-cuts from the left, each with what it gives. */
import type { Rational } from '../measure';
import type { Strip } from './strips';

export interface SubCut {
  /** Ruler setting of the sub-cut, across the strip. */
  width: Rational;
  times: number;
  /** What each sub-cut is cut down to, from the top: nothing to cut when a single piece is as long as the strip. */
  pieces: { label: string; length: Rational; count: number }[];
  /** Whether a cut along the strip's length remains to be made. */
  cutDown: boolean;
}

/** The sub-cuts of a strip in order, equal neighbours counted together. */
export function subCuts(strip: Strip): SubCut[] {
  const columns = new Map<string, Strip['rects']>();
  for (const rect of strip.rects) {
    const key = rect.x.toFraction();
    columns.set(key, [...(columns.get(key) ?? []), rect]);
  }
  const found: (SubCut & { key: string })[] = [];
  for (const rects of columns.values()) {
    const pieces: SubCut['pieces'] = [];
    for (const rect of rects) {
      const last = pieces.at(-1);
      if (last && last.label === rect.label && last.length.equals(rect.h)) last.count += 1;
      else pieces.push({ label: rect.label, length: rect.h, count: 1 });
    }
    const { w, h } = rects[0]!;
    const key = `${w} ${pieces.map((p) => `${p.label} ${p.length} ${p.count}`).join(',')}`;
    const before = found.at(-1);
    if (before?.key === key) before.times += 1;
    else found.push({ key, width: w, times: 1, pieces, cutDown: rects.length > 1 || !h.equals(strip.length) });
  }
  return found.map(({ width, times, pieces, cutDown }) => ({ width, times, pieces, cutDown }));
}

/** Different ruler settings that a list of strips asks for: strip lengths, sub-cut widths and cuts down. */
export function rulerSettings(strips: readonly Strip[]): number {
  const settings = new Set<string>();
  for (const strip of strips) {
    settings.add(strip.length.toFraction());
    for (const sub of subCuts(strip)) {
      settings.add(sub.width.toFraction());
      if (sub.cutDown) for (const piece of sub.pieces) settings.add(piece.length.toFraction());
    }
  }
  return settings.size;
}

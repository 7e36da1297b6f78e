/** Sizes to measure on the way as data, for whoever writes down what hers came to. */
import { seamsAcross, unfinishedSize, unitMeasure, type Construction, type LaidPatch, type UnitPlan } from '../construction';
import { Exact, formatLength, type LengthUnit } from '../measure';
import type { Checkpoint } from './paper';

/** Of a unit; undefined where a ruler is laid otherwise than across its sides, or no seam is across it. */
export function unitCheckpoint(unit: UnitPlan, c: Construction): Checkpoint | undefined {
  const { w, h, what } = unitMeasure(unit, c.style);
  return what ? undefined : checkpointOf(unit.label, [w, h], unit.seen.picture.patches, c.style.unit);
}

/** Of a part of the block, or of the whole; undefined for what lies on point. */
export function partCheckpoint(what: string, laid: readonly LaidPatch[], c: Construction): Checkpoint | undefined {
  const { w, h, onPoint } = unfinishedSize(laid, c.cloth.tick, Exact.of(c.style.seam));
  return onPoint ? undefined : checkpointOf(what, [w, h], laid, c.style.unit);
}

function checkpointOf(
  what: string,
  [w, h]: [Exact, Exact],
  laid: readonly LaidPatch[],
  unit: LengthUnit,
): Checkpoint | undefined {
  const [across, down] = [
    { expected: sizeText(w, unit), seams: seamsAcross(laid) },
    { expected: sizeText(h, unit), seams: seamsAcross(laid, 'upright') },
  ];
  const same = across.expected === down.expected && across.seams === down.seams;
  const sides = (same ? [across] : [across, down]).filter(({ seams }) => seams > 0);
  return sides.length > 0 ? { what, sides } : undefined;
}

/** A size that can be read back: as a ruler shows it, or with four decimals. */
const sizeText = (size: Exact, unit: LengthUnit): string =>
  size.isRational && size.rational.mul(unit === 'in' ? 32 : 20).d === 1n
    ? formatLength(size, unit)
    : String(Math.round(size.toNumber() * 1e4) / 1e4);

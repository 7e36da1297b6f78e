/** A photograph of units laid out, against how they should lie. */
import { cornersAround, likelyCorners } from '../corners';
import { fromUnitSquare, taken, type Corners } from '../homography';
import type { Pixels } from '../pixels';
import type { Place } from '../seam-evidence';
import { straightPixels } from '../straighten';
import type { Layout } from './expected';
import { BEYOND, isAmiss, sideFor, Table, type TableAnswer } from './table';

export interface LayoutAnswer extends Omit<TableAnswer, 'score'> {
  corners: Corners;
}

/**
 * What lies where, unit by unit. `colours`: '#rrggbb' by role, as the fabrics are said to be. `corners`: of the whole, allowances and all; found where nobody has
 * set them. Undefined where they make no four-sided shape.
 */
export function checkLayout(
  picture: Pixels,
  layout: Layout,
  colours: ReadonlyMap<string, string>,
  known: { corners?: Corners } = {},
): LayoutAnswer | undefined {
  const side = sideFor(layout);
  const look = (corners: Corners) => {
    const straight = around(picture, corners, side);
    return straight && { corners, ...new Table(straight, layout, colours).answer() };
  };
  // Blocks on point fill no corner.
  const onPoint = layout.units.some((unit) => unit.slant);
  const first = look(known.corners ?? (onPoint ? cornersAround : likelyCorners)(picture));
  if (!first || known.corners || onPoint || first.units.filter(isAmiss).length < SEVERAL) return first && answered(first);
  // Where a unit at a corner is missing, its corner is where the other three say.
  const others = [0, 1, 2, 3].flatMap((k) => look(completed(first.corners, k)) ?? []);
  return answered([first, ...others].reduce((best, other) => (other.score > best.score ? other : best)));
}

/** So many units that do not lie right, or cannot be told, are more likely corners that are not. */
const SEVERAL = 2;

/**
 * Nothing is told of a picture of which most units are wrong: it shows something else, in other fabrics, or its corners are not where they should be. Rows that
 * lie upside down and units that have changed places are known for what they are.
 */
function answered({ score, ...answer }: LayoutAnswer & { score: number }): LayoutAnswer {
  const { units, upsideDown } = answer;
  const poor = score / units.length < -POOR && units.filter(isAmiss).length >= SEVERAL;
  const wrong = units.filter(({ kind }) => kind !== 'right' && kind !== 'exchanged' && kind !== 'unclear').length;
  const most = units.length >= FEW && upsideDown.length === 0 && wrong > units.length / 2;
  return poor || most ? { ...answer, units: units.map(() => ({ kind: 'unclear', why: 'strange' })) } : answer;
}
/** What speaks against a unit at its best, where all of them are strange. */
const POOR = 60;
/** Of fewer units most may well lie wrong. */
const FEW = 4;

/** What lies within the corners and a little around them, as if it lay straight. */
function around(picture: Pixels, corners: Corners, side: number): Pixels | undefined {
  const there = fromUnitSquare(corners);
  if (!there) return undefined;
  const [from, to] = [-BEYOND, 1 + BEYOND];
  const wider = [taken(there, from, from), taken(there, to, from), taken(there, to, to), taken(there, from, to)];
  return straightPixels(picture, wider as unknown as Corners, side, side);
}

/** With one corner where it makes a parallelogram with the others. */
const completed = (corners: Corners, corner: number): Corners => {
  const [before, across, after] = [3, 2, 1].map((n) => corners[(corner + n) % 4]!) as [Place, Place, Place];
  const place: Place = [before[0] + after[0] - across[0], before[1] + after[1] - across[1]];
  return corners.map((c, k) => (k === corner ? place : c)) as unknown as Corners;
};

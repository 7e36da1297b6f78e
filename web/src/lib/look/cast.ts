/** How letters are painted: the ground of their fabrics as variables of a picture, prints and photos as its patterns. */
import { asSeen, averageColour, type Print, type View } from '@aggrega/core/fabric';

export interface FabricLook {
  colour: string;
  print?: Print;
  photo?: { id: string; side: number };
}

/** By letter. */
export type Cast = ReadonlyMap<string, FabricLook>;

/** Prints that repeat within so few points run together to the eye, and to the screen. */
const RUNS_TOGETHER = 4;

/** The cast as it is seen at that scale (points to an inch or centimetre): what is too small to be told apart is its average. */
export function castAt(cast: Cast, scale: number): Cast {
  return new Map(
    [...cast].map(([role, cloth]) => {
      const { colour, print, photo } = cloth;
      if (!print || photo || print.repeat * scale >= RUNS_TOGETHER) return [role, cloth];
      return [role, { colour: averageColour(colour, print) }];
    }),
  );
}

/** Whether a fabric shows more than one colour; a photo only in its own: in other views its average stands for it. */
export const patterned = ({ print, photo }: FabricLook, view: View = 'colour') =>
  photo ? view === 'colour' : print !== undefined;

/**
 * What each letter is painted with, as variables of a picture named `uid`: its ground, and at each angle its ground or its pattern. Another cast
 * changes these and touches no shape.
 */
export function paintsOf(
  cast: Cast,
  uid: string,
  { view, angles = [0] }: { view?: View; angles?: readonly number[] } = {},
): string {
  return [...cast]
    .flatMap(([role, cloth]) => {
      const ground = asSeen(cloth.colour, view ?? 'colour');
      const paint = (angle: number) => (patterned(cloth, view) ? `url(#${uid}-${role}-${angle})` : ground);
      return [`--cloth-${role}:${ground}`, ...angles.map((angle) => `--paint-${role}-${angle}:${paint(angle)}`)];
    })
    .join(';');
}

/** What a shape of that letter is filled with; a letter that nobody cast stays uncoloured. */
export const fillOf = (role: string, angle = 0): string => `var(--paint-${role}-${angle}, var(--color-edge))`;

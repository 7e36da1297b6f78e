/** The ground on which fabrics are scattered: spots, which of them have to differ, and what is cast so far. */

/** Two spots that are to differ: what the first shows on one of its faces must not be what the second shows on one of its. Face 0 where left out. */
export type Apart = readonly [a: number, b: number, faceA?: number, faceB?: number];

export interface ScatterTask {
  /**
   * For each spot, a patch or all the patches that get one fabric together, which fabrics may lie there, by number; a pinned spot has one. What lies
   * on a spot may also be a unit of several fabrics: then its number has several faces.
   */
  spots: readonly (readonly number[])[];
  /** Pairs of spots that are to differ. */
  apart: readonly Apart[];
  /** How often each fabric, or each kind of unit, may be used at most; Infinity where nobody says. */
  limits: readonly number[];
  /** The fabrics of each number, by face; a number without an entry is a fabric, and shows itself. */
  faces?: readonly (readonly number[] | undefined)[];
  seed: number;
}

/** A neighbour of a spot, and the faces that meet. */
export interface Neighbour {
  spot: number;
  own: number;
  theirs: number;
}

export interface Ground extends ScatterTask {
  /** Neighbours by spot, and the faces of each spot that have any. */
  beside: readonly (readonly Neighbour[])[];
  facing: readonly (readonly number[])[];
  /** Fabric by spot, -1 before it is cast; and how often each fabric is used. */
  cast: number[];
  used: number[];
}

/** The fabric that a number shows on a face. */
export const shown = ({ faces }: Pick<ScatterTask, 'faces'>, number: number, face: number): number =>
  faces?.[number]?.[face] ?? number;

/** How many of a spot's neighbours, as they are cast, show what it would show. */
export function clashesAt(ground: Ground, spot: number, fabric: number): number {
  let n = 0;
  for (const { spot: other, own, theirs } of ground.beside[spot]!) {
    const there = ground.cast[other]!;
    if (there >= 0 && shown(ground, there, theirs) === shown(ground, fabric, own)) n += 1;
  }
  return n;
}

/** A face and what it shows, as one number. */
export const faceOf = (face: number, fabric: number): number => face * 1e6 + fabric;

/** What the cast neighbours of a spot show to each of its faces; see `faceOf`. */
export function shownTo(ground: Ground, spot: number): Set<number> {
  const near = new Set<number>();
  for (const { spot: other, own, theirs } of ground.beside[spot]!) {
    const there = ground.cast[other]!;
    if (there >= 0) near.add(faceOf(own, shown(ground, there, theirs)));
  }
  return near;
}

/** Lays a fabric on a spot, taking up what lay there. */
export function put({ cast, used }: Ground, spot: number, fabric: number): void {
  if (cast[spot]! >= 0) used[cast[spot]!]! -= 1;
  cast[spot] = fabric;
  used[fabric]! += 1;
}

export function clashesOf(ground: Ground): Apart[] {
  return ground.apart.filter(
    ([a, b, faceA = 0, faceB = 0]) => shown(ground, ground.cast[a]!, faceA) === shown(ground, ground.cast[b]!, faceB),
  );
}

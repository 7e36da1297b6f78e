/** The ground on which fabrics are scattered: spots, which of them have to differ, and what is cast so far. */
export interface ScatterTask {
  /**
   * For each spot, a patch or all the patches that get one fabric together, which fabrics may lie there, by number; a pinned spot has one.
   */
  spots: readonly (readonly number[])[];
  /** Pairs of spots that are to differ. */
  apart: readonly (readonly [number, number])[];
  /** How often each fabric may be used at most; Infinity where nobody says. */
  limits: readonly number[];
  seed: number;
}

export interface Ground extends ScatterTask {
  /** Neighbours by spot. */
  beside: readonly (readonly number[])[];
  /** Fabric by spot, -1 before it is cast; and how often each fabric is used. */
  cast: number[];
  used: number[];
}

/** Lays a fabric on a spot, taking up what lay there. */
export function put({ cast, used }: Ground, spot: number, fabric: number): void {
  if (cast[spot]! >= 0) used[cast[spot]!]! -= 1;
  cast[spot] = fabric;
  used[fabric]! += 1;
}

export function clashesOf({ apart, cast }: Ground): (readonly [number, number])[] {
  return apart.filter(([a, b]) => cast[a] === cast[b]);
}

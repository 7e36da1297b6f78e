/** What every unit kind tells the rest of construction: how to see it in a drawing, and how to make it. */
import type { Box, Patch } from '../../block';
import type { Exact } from '../../measure';
import type { SewingStyle } from '../style';

/** A rectangle of the drawing with the patches that fill it, and its finished size. */
export interface Region {
  box: Box;
  patches: readonly { index: number; patch: Patch }[];
  w: Exact;
  h: Exact;
}

/** A unit as it lies in the drawing: turned clockwise from the way its kind is described, then mirrored. */
export interface Seen {
  kind: string;
  /** Letters in the order that the kind describes. */
  roles: string[];
  /** Finished size before turning. */
  w: Exact;
  h: Exact;
  turn: 0 | 90 | 180 | 270;
  mirrored: boolean;
}

/** Where a cut size comes from, in words that a quilter can check. */
export interface Reason {
  /** 'f + (2 + √2) × s' */
  formula: string;
  /** The letters of the formula and what they stand for here. */
  where: { symbol: string; meaning: string; value: Exact }[];
  /** The value before rounding. */
  exact: Exact;
}

export type Sub = 'none' | 'once' | 'twice';

/** One piece of one batch, before rounding. */
export interface Piece {
  role: string;
  w: Exact;
  h: Exact;
  qty: number;
  sub: Sub;
  why: Reason;
}

export interface Recipe {
  /** Finished units that one batch makes. */
  yields: number;
  pieces: Piece[];
  /** What to do at the machine, in order. */
  steps: string[];
  /** What to see when it is done, beside its unfinished size. */
  look: string[];
  /** Tools beyond cutter, ruler, machine and iron. */
  tools: string[];
  /** What the maker must be warned of. */
  caution?: string;
}

export interface Method {
  name: string;
  title: string;
  recipe(unit: Seen, style: SewingStyle): Recipe;
}

export interface UnitKind {
  kind: string;
  title: string;
  plural: string;
  methods: Method[];
  /** The unit that fills the region, or undefined. `directional` names the roles that must not be turned. */
  see(region: Region, directional: ReadonlySet<string>): Seen | undefined;
}

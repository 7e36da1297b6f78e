/** What every unit kind tells the rest of construction: how to see it in a drawing, and how to make it. */
import type { Exact } from '../../measure';
import { pictureText, straightened, type Turning, type Picture } from '../picture';
import type { SewingStyle } from '../style';
import type { Technique } from '../techniques';
import type { Step } from './step';
import { words } from './words/unit-kind';

/** A unit as it lies in the drawing, or in the straightened picture of the unit that it is a part of. */
export interface UnitInBlock extends Turning {
  /** How that outer unit lies in the block. */
  outer?: Turning;
  kind: string;
  /** The fabric of each of the kind's places, in the order that the kind describes. */
  roles: readonly string[];
  /** Finished size before turning. */
  w: Exact;
  h: Exact;
  /** Real length of a tick of its picture. */
  tick: Exact;
  /** The unit laid straight: mirrored back and turned back. */
  picture: Picture;
}

/** How a unit lies in the block, whatever it is a part of. */
export function lieInBlock({ eighths, mirrored, outer }: UnitInBlock): Turning {
  if (!outer) return { eighths, mirrored };
  // Seen in a mirror, a turn goes the other way round.
  return { eighths: (outer.eighths + (outer.mirrored ? 8 - eighths : eighths)) % 8, mirrored: outer.mirrored !== mirrored };
}

/** How a unit lies, its mirror image told apart only where that is another thing: a square of two triangles is its own, turned. */
export function lieToMake(seen: UnitInBlock): Turning {
  const lie = lieInBlock(seen);
  return lie.mirrored && !isHanded(seen.picture) ? { ...lie, mirrored: false } : lie;
}

/** Whether a picture and its mirror image are two different things, however they are turned. */
export function isHanded(picture: Picture): boolean {
  const text = pictureText(picture);
  return [0, 1, 2, 3].every((quarters) => pictureText(straightened(picture, quarters, true)) !== text);
}

/** Whether the unit's own axes lie at 45° to the block's. */
export const liesOnPoint = (seen: UnitInBlock) => lieInBlock(seen).eighths % 2 === 1;

/** Where a cut size comes from, in words that a quilter can check. */
export interface Reason {
  /** 'f + (2 + √2) × s' */
  formula: string;
  /** The letters of the formula and what they stand for here. */
  where: { symbol: string; meaning: string; value: Exact }[];
  /** The value before rounding. */
  exact: Exact;
}

/** What becomes of a cut square: left whole, or cut once or twice corner to corner. */
export type Sub = 'none' | 'once' | 'twice';

/** Triangles out of a square. */
export const PER_SQUARE: Record<Sub, number> = { none: 1, once: 2, twice: 4 };

/** A full-size paper shape for a patch without a ruler formula. */
export interface Template {
  /** Corners of the finished shape, and of the shape to cut, blunted, in the document's unit from the cut shape's corner. */
  sew: (readonly [number, number])[];
  cut: (readonly [number, number])[];
  /** Direction of the grain arrow: along the edge that lies outermost, else along the grid. */
  grain: readonly [number, number];
}

/** A cut size that one batch takes, before rounding. */
export interface BatchCut {
  role: string;
  w: Exact;
  h: Exact;
  sub: Sub;
  /** Pieces that a batch takes: whole cuts, or the triangles of a square that is cut up. */
  needs: number;
  why: Reason;
  template?: Template;
  /** The template is laid on the cloth face down. */
  reversed?: boolean;
}

export interface Recipe {
  /** Finished units that one batch makes. */
  yields: number;
  /** Mirrored units that every batch makes besides, wanted or not. */
  mirrored?: number;
  pieces: BatchCut[];
  /** What to do, in the order of the hands; one that is `planned` stands where the plan's pressing comes. */
  steps: Step[];
  /** What to see when it is done, beside its unfinished size. */
  look: string[];
  /** Tools beyond cutter, ruler, machine and iron. */
  tools: string[];
  /** What makes it easier, and is not needed. */
  helps?: string[];
  /** What the maker must be warned of. */
  caution?: string;
  /** Seams sewn for one unit; without it, one less than its patches. */
  seams?: number;
  /** Trims, and edges sewn or left on the bias, for one unit. */
  trims?: number;
  bias?: number;
  /** A ruler, a die or a printed line gives the pieces their size: what the cloth has over by rounding up does not show. */
  toSize?: true;
  /** Its seams are sewn along a drawn or printed line, not beside one: nobody's own allowance comes in. */
  onLine?: true;
  /** Something that the waste makes besides; it is among the steps, where the hands come to it. */
  bonus?: string;
}

/** What bias edges are stiffened with before they are cut. */
export const starch = (): string => words.starch;

/** The tool that lines are drawn with. */
export const marker = (): string => words.marker;

/** What a method is asked for. */
export interface RecipeRequest {
  unit: UnitInBlock;
  style: SewingStyle;
  /** Units to make in all, and mirrored ones besides. */
  make: number;
  mirrored: number;
}

export interface Method {
  name: string;
  title: string;
  /** Why the method cannot make this unit in this house, or undefined when it can. */
  unable?(unit: UnitInBlock, style: SewingStyle): string | undefined;
  recipe(wanted: RecipeRequest): Recipe;
}

export interface UnitKind {
  kind: string;
  /** What somebody learns who makes it; left out where that is what its parts are made by. */
  technique?: Technique;
  title: string;
  plural: string;
  methods: readonly Method[];
  /** The fabric of each place when the straightened picture is one of this kind, else undefined. */
  read(picture: Picture): string[] | undefined;
  /** Whether units of the kind are of so many triangles and so many other patches: a quick no for most parts of a block. */
  madeOf?(triangles: number, others: number): boolean;
  /** Cut larger by so much where a house cuts large; a kind without it is right as it is sewn, or spoilt. */
  oversize?: { in: string; cm: string };
  /** A house, and a reader, may choose how all units of the kind are made. */
  choosable?: true;
  /** Smaller units can make its picture as well. */
  twoWays?: true;
  /** Its picture follows from its fabrics and its proportions. */
  plain?: true;
  /** Its point is that its fabrics can be told apart. */
  toldApart?: true;
  /** Its seams are pressed away from its middle, as its steps say. */
  outward?: boolean;
  /** Where its sides with a seam allowance all round are not what a ruler meets: the sides to measure, and what they are. */
  measure?(unit: UnitInBlock, style: SewingStyle): { w: Exact; h: Exact; what: string };
  /** What spare units are good for: 'put them by for …'. */
  surplus?: string;
}

/**
 * Takes a block apart: straight seams that cross a whole part without cutting a patch, down to known units; partial and set-in seams
 * where no straight one exists. docs/craft.md, Sewing order: a regular grid of like units first, then rows of equal height, then equal parts.
 */
import type { Block } from '../block';
import type { Exact } from '../measure';
import { asTemplate, asUnit, fillsItsBox, recognise } from './recognise';
import { oddSplit } from './odd-seams';
import {
  clothOf,
  extent,
  isConvex,
  pictureOf,
  pictureText,
  straightened,
  type TruePatches,
  type Turning,
  type LaidPatch,
} from './picture';
import { asParts, asWhole } from './readings';
import type { SewingStyle } from './style';
import { blockPartKind, isBlockPart } from './units/block-part';
import { likeCells, ranking, splitName, splitsOf, type Split } from './splits';
import { lieInBlock, type UnitInBlock } from './units/unit-kind';
import { KeptWords } from '../words';

/** 'h' level, 'v' upright, 'd' falling from top left to bottom right, 'a' rising; and the two that are not straight. */
export type SeamWay = 'h' | 'v' | 'd' | 'a' | 'partial' | 'set-in';

export type Tree = Branch | Leaf;

export interface Branch {
  seam: SeamWay;
  laid: readonly LaidPatch[];
  /** From the left or from the top; for partial and set-in seams, in the order of sewing. */
  parts: Tree[];
}

export interface Leaf {
  laid: readonly LaidPatch[];
  seen: UnitInBlock;
  /** How a unit without a recipe of its own is sewn from smaller ones. */
  inside?: Tree;
}

export const isLeaf = (tree: Tree): tree is Leaf => 'seen' in tree;

export interface Plan {
  cloth: TruePatches;
  tree: Tree;
}

/**
 * The seam tree of a block that tiles. `cell` is the finished width and height of a grid cell. Every block comes apart: what has no
 * name and no straight seam ends in templates. `joining`: which seams are sewn last; what the block does not have is left to the best.
 */
export function seamTree(
  block: Block,
  cell: readonly [Exact, Exact],
  { readings = {}, joining }: Pick<SewingStyle, 'readings' | 'joining'> = {},
): Plan {
  const plans = known.get(block) ?? new Map<string, Plan>();
  known.set(block, plans);
  const key = `${cell[0]} ${cell[1]} ${joining ?? ''} ${JSON.stringify(readings)}`;
  let plan = plans.get(key);
  if (!plan) {
    const cloth = clothOf(block, cell);
    const [, , w, h] = extent(cloth.patches);
    const way: Way = { readings, known: true, whole: true, block: [w, h] };
    const tree = takeApart(cloth.patches, cloth.tick, { ...way, ...(joining && { joining }) });
    plan = { cloth, tree: sharedParts(tree, cloth.tick, { ...way, whole: false }) };
    // Somebody who drags a size comes by very many.
    if (plans.size >= MOST_KNOWN) plans.clear();
    plans.set(key, plan);
  }
  return plan;
}

/** Neither blocks nor trees ever change: colourways, methods and seams are ways to make the same tree. */
const known = new KeptWords<Block, Map<string, Plan>>();
const MOST_KNOWN = 12;

/** The seams inside a unit, down to single patches, whatever its name. */
export function insideOf(laid: readonly LaidPatch[], tick: Exact): Tree {
  return takeApart(laid, tick, { readings: {}, known: false });
}

interface Way {
  readings: NonNullable<SewingStyle['readings']>;
  /** Whether to stop at units known by name. */
  known: boolean;
  /** This is the block itself, or a unit that must be taken apart. */
  whole?: boolean;
  convex?: boolean;
  /** The coordinates are those of a unit that lies so in the block. */
  outer?: Turning;
  /** The seams of the whole that are asked for. */
  joining?: string;
  /** Width and height of the block, in ticks; undefined where parts that come again are not looked for. */
  block?: readonly [number, number];
}

function takeApart(laid: readonly LaidPatch[], tick: Exact, way: Way): Tree {
  const below: Way = { ...way, whole: false };
  const found = way.known || laid.length === 1 ? recognise(laid, tick) : undefined;
  if (found) {
    const seen = within(found, way);
    const parts = asParts(laid, tick, seen, way.readings);
    if (parts) return takeApart(parts, tick, { ...below, readings: {} });
    // A pieced triangle has a name, and is still sewn from its parts.
    if (seen.kind === 'pieced-triangle' && way.known) {
      const made = asItLies(seen);
      return { laid, seen: made, inside: insideUnit(made, below) };
    }
    return { laid, seen };
  }
  if (laid.length === 1) return { laid, seen: within(asTemplate(laid[0]!, tick), way) };
  const merged = way.known && !way.whole ? asWhole(laid, tick, way.readings) : undefined;
  if (merged) return takeApart(merged, tick, below);

  const branch = split(laid, tick, below, way.whole ? way.joining : undefined);
  const offTheGrid = branch.seam !== 'h' && branch.seam !== 'v';
  // A rectangle with seams that leave the grid is a unit to make, and then a cell among others.
  if (!offTheGrid || !way.known || way.whole || !fillsItsBox(pictureOf(laid))) return branch;
  const unit = within(asItLies(asUnit('pieced', laid, tick)), way);
  return { laid, seen: unit, inside: insideUnit(unit, below) };
}

/**
 * The tree with every rectangle that comes again, but for a turn or in a mirror, as a unit of its own: the largest first, and in what is left of
 * the smaller ones. What is made of several blocks' worth of patches is one thing to make, to press and to measure (docs/craft.md, Sewing order).
 */
function sharedParts<T extends Tree>(tree: T, tick: Exact, way: Way): T {
  if (isLeaf(tree) || !way.block) return tree;
  const count = new Map<string, number>();
  const keys = new Map<Branch, string>();
  gather(tree);
  return { ...tree, parts: tree.parts.map((part, i) => share(part, i)) };

  function gather(branch: Branch): void {
    for (const part of branch.parts) {
      if (isLeaf(part)) continue;
      if (fillsItsBox(pictureOf(part.laid))) {
        const key = sameness(part.laid);
        keys.set(part, key);
        count.set(key, (count.get(key) ?? 0) + 1);
      }
      gather(part);
    }
  }

  /** `at`: its place among the parts beside it. */
  function share(part: Tree, at: number): Tree {
    if (isLeaf(part)) return part;
    const key = keys.get(part);
    const times = key === undefined ? 1 : count.get(key)!;
    // A half or a row of squares that are all alike is told by its squares.
    if (times < 2 || ofLikeSquares(part, times)) return { ...part, parts: part.parts.map((p, i) => share(p, at + i)) };
    const [, , w, h] = extent(part.laid);
    const kind = blockPartKind([w, h], way.block!, part.parts.length === 2 && part.parts.every(isLeaf));
    // Its patches as they are sewn, which another reading may have merged or cut.
    const laid = sewnLaid(part);
    const made = level(asItLies(asUnit(kind, laid, tick)));
    const seen = within(turnedEvenly(made, at, times === 4 ? cornerOf(part) : undefined), way);
    return { laid, seen, inside: sharedParts(insideUnit(seen, way), seen.tick, { ...way, outer: lieInBlock(seen) }) };
  }

  /** Which quarter of the whole it is, clockwise from the top left; undefined for what is none. */
  function cornerOf({ laid }: Branch): number | undefined {
    const [bx, by, bw, bh] = extent(tree.laid);
    const [x, y, w, h] = extent(laid);
    if (w * 2 !== bw || h * 2 !== bh) return undefined;
    return [0, 1, 3, 2][(y > by ? 2 : 0) + (x > bx ? 1 : 0)];
  }

  /** Whether it is a strip of squares that are all alike, and come as often as that asks. */
  function ofLikeSquares({ laid, parts }: Branch, times: number): boolean {
    const [first] = parts;
    const [, , w, h] = extent(laid);
    if (Math.max(w, h) !== Math.min(w, h) * parts.length) return false;
    const key = first && !isLeaf(first) ? keys.get(first) : undefined;
    return (
      key !== undefined && count.get(key)! >= times * parts.length && parts.every((p) => !isLeaf(p) && keys.get(p) === key)
    );
  }
}

/** The patches of a part as its units show them. */
const sewnLaid = (part: Tree): LaidPatch[] => outermost(part).flatMap((leaf) => [...leaf.laid]);

/** With its long side across, as a row is looked at. */
function level(seen: UnitInBlock): UnitInBlock {
  if (seen.picture.w >= seen.picture.h) return seen;
  // What was turned on by a quarter before is turned by one less, or seen in a mirror by one more.
  const eighths = (seen.eighths + (seen.mirrored ? 2 : 6)) % 8;
  return { ...seen, eighths, picture: straightened(seen.picture, 3, false), w: seen.h, h: seen.w };
}

/**
 * A mirrored unit as one that is not, of the mirrored picture: what is sewn from others is drawn and told as it is made, and in a mirror its seams
 * are others.
 */
const asItLies = (seen: UnitInBlock): UnitInBlock =>
  seen.mirrored ? { ...seen, mirrored: false, picture: straightened(seen.picture, 0, true) } : seen;

/**
 * A part that looks the same upside down may lie either way; pressed alike, neighbours nest when every second one is upside down, and four quarters
 * when each is turned on from the one before, going round. `at` is its place among the parts beside it, `corner` that among four, clockwise.
 */
function turnedEvenly(seen: UnitInBlock, at: number, corner: number | undefined): UnitInBlock {
  const same = pictureText(straightened(seen.picture, 2, false)) === pictureText(seen.picture);
  if (!same) return seen;
  const over = corner === undefined ? at % 2 === 1 : ((seen.eighths >> 1) - corner + 4) % 4 > 1;
  return over ? { ...seen, eighths: (seen.eighths + 4) % 8 } : seen;
}

/** The seams of a unit that is sewn from others, in the unit's own straightened picture: the same for all of its places. */
function insideUnit(unit: UnitInBlock, way: Way): Branch {
  // In one order for all places: which of two splits that are as good is taken hangs on it.
  const key = ({ points }: LaidPatch) =>
    points
      .map(([x, y]) => `${x},${y}`)
      .sort()
      .join(' ');
  const patches = [...unit.picture.patches].sort((a, b) => (key(a) < key(b) ? -1 : 1));
  return split(patches, unit.tick, { ...way, outer: lieInBlock(unit), convex: true });
}

/** A unit as a part of the one that it lies in. */
function within(seen: UnitInBlock, { outer }: Way): UnitInBlock {
  return outer ? { ...seen, outer } : seen;
}

function split(laid: readonly LaidPatch[], tick: Exact, way: Way, joining?: string): Branch {
  if (way.convex ?? true) {
    const found = (joining && namedSplit(laid, joining)) || bestSplit(laid, tick, way.known);
    if (found) return branchOf(found, tick, way);
  }
  const odd = oddSplit(laid, signature);
  const parts = odd.parts.map((part) => takeApart(part, tick, { ...way, convex: isConvex(part) }));
  const seam = odd.seam === 'straight' ? letter(odd.direction!) : odd.seam;
  if (odd.seam === 'straight') parts.sort((p, q) => order(p.laid, odd.direction!) - order(q.laid, odd.direction!));
  return { seam, laid, parts };
}

/** Where a part lies across a direction: left before right, upper before lower. */
function order(laid: readonly LaidPatch[], [dx, dy]: readonly [number, number]): number {
  const sign = dx === 0 ? 1 : -1;
  const across = laid.flatMap((p) => p.points.map(([x, y]) => sign * (x * dy - y * dx)));
  return across.reduce((sum, n) => sum + n, 0) / across.length;
}

function branchOf({ direction, parts, cells }: Split, tick: Exact, way: Way): Branch {
  if (cells) {
    const across = letter([direction[1], direction[0]]);
    const row = (laid: LaidPatch[][]): Branch => ({
      seam: across,
      laid: laid.flat(),
      parts: laid.map((cell) => takeApart(cell, tick, { ...way, convex: true })),
    });
    return { seam: letter(direction), laid: parts.flat(), parts: cells.map(row) };
  }
  const grown = way.known ? joinKnown(parts, tick, way.readings) : parts;
  return {
    seam: letter(direction),
    laid: grown.flat(),
    parts: grown.map((part) => takeApart(part, tick, { ...way, convex: true })),
  };
}

/** Neighbours in a row that are one unit by name, or are to be sewn as one. */
function joinKnown(parts: readonly LaidPatch[][], tick: Exact, readings: Way['readings']): LaidPatch[][] {
  const joined: LaidPatch[][] = [];
  for (let i = 0; i < parts.length; i += 1) {
    const taken = [3, 2].find((n) => {
      if (i + n > parts.length || n === parts.length) return false;
      const together = parts.slice(i, i + n).flat();
      return together.length <= 9 && (recognise(together, tick) || asWhole(together, tick, readings));
    });
    joined.push(parts.slice(i, i + (taken ?? 1)).flat());
    i += (taken ?? 1) - 1;
  }
  return joined;
}

export function letter([dx, dy]: readonly [number, number]): SeamWay {
  if (dy === 0) return 'h';
  if (dx === 0) return 'v';
  return dx * dy > 0 ? 'd' : 'a';
}

/** The split of that name, where there is one. */
function namedSplit(laid: readonly LaidPatch[], name: string): Split | undefined {
  const found = splitsOf(laid).find((s) => splitName(s) === name);
  if (found && found.parts.length <= 4 && laid.length <= 100) likeCells(found);
  return found;
}

function bestSplit(laid: readonly LaidPatch[], tick: Exact, known: boolean): Split | undefined {
  const splits = splitsOf(laid);
  if (splits.length === 0) return undefined;
  let best = splits;
  for (const rank of ranking(laid, known ? (part) => !!recognise(part, tick) : undefined, signature)) {
    const ranked = best.map((split) => ({ split, n: rank(split) }));
    const least = ranked.reduce((n, r) => (r.n < n ? r.n : n), ranked[0]!.n);
    best = ranked.filter((r) => r.n === least).map((r) => r.split);
    if (best.length === 1) break;
  }
  const [chosen] = best;
  if (chosen && !chosen.cells && chosen.parts.length <= 4 && laid.length <= 100) likeCells(chosen);
  return chosen;
}

/** A text for a list of parts that does not depend on how they lie, or in which order. */
function signature(parts: readonly (readonly LaidPatch[])[]): string {
  return parts
    .map((part) => sameness(part))
    .sort()
    .join(' / ');
}

/** The same for a picture in all of its eight lies. */
export function sameness(laid: readonly LaidPatch[]): string {
  const picture = pictureOf(laid);
  return [false, true]
    .flatMap((mirrored) => [0, 1, 2, 3].map((quarters) => pictureText(straightened(picture, quarters, mirrored))))
    .sort()[0]!;
}

/** Every leaf of a tree, in the order of its parts; of units that are sewn from smaller ones, those after them. */
export function leaves(tree: Tree): Leaf[] {
  return isLeaf(tree) ? [tree, ...(tree.inside ? leaves(tree.inside) : [])] : tree.parts.flatMap(leaves);
}

/** The units that lie in a part itself, not those that they are sewn from. */
export function outermost(tree: Tree): Leaf[] {
  return isLeaf(tree) ? [tree] : tree.parts.flatMap(outermost);
}

/** The units of a tree, those of the parts that it has several times one by one: what the whole is made of. */
export function unitsOf(tree: Tree): Leaf[] {
  return outermost(tree).flatMap((leaf) => (leaf.inside && isBlockPart(leaf.seen.kind) ? unitsOf(leaf.inside) : [leaf]));
}

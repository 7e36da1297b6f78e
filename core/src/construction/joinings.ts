/** The ways to put a block together: which seams are sewn last, with what each way costs in parts to make and seams that nest. */
import { construct, type Construction } from './construct';
import { effortOf, type Effort } from './effort';
import { isLeaf, outermost, sameness, type Tree } from './seam-tree';
import { splitName, splitsOf, type Split } from './splits';
import { words } from './words';

export interface Joining {
  /** The name that the style asks for it by. */
  name: string;
  /** 'in rows', 'in quarters' */
  title: string;
  chosen: boolean;
  /** The one that is taken where none is asked for. */
  usual: boolean;
  /** Different parts to make: units, and what is sewn from them before the last seams. */
  parts: number;
  crossings: number;
  nested: number;
  effort: Effort;
}

/** So many more different parts than usual make a way no good one. */
const MORE = 2;

/** Blocks of more patches than this come apart in one way. */
const MOST = 300;

/**
 * The good ways, each another order, the usual one first: seams along the block's edges unless its usual ones slant, and not many more parts to
 * make than usual. What is chosen is among them, good or not. None for a block that is a single unit, or has no straight seam.
 */
export function joiningsOf(c: Construction): Joining[] {
  if (isLeaf(c.tree) || c.block.patches.length > MOST) return [];
  const { joining: asked, ...style } = c.style;
  const made = (name: string | undefined) =>
    name === asked ? c : construct(c.block, { ...c.order, style: { ...style, ...(name && { joining: name }) } });
  const usual = made(undefined);
  const now = treeText(c.tree);
  const told = new Set<string>();
  const ways: Joining[] = [];
  const slants = !isLeaf(usual.tree) && usual.tree.seam !== 'h' && usual.tree.seam !== 'v';
  const most = partsOf(usual) + MORE;
  for (const split of splitsOf(c.cloth.patches)) {
    const name = splitName(split);
    const straight = split.direction.includes(0);
    if (!straight && !slants && name !== asked) continue;
    const plan = made(name);
    const text = treeText(plan.tree);
    if (told.has(text) || (partsOf(plan) > most && text !== now)) continue;
    told.add(text);
    ways.push({
      ...{ name, title: titleOf(split, plan.tree), parts: partsOf(plan), effort: effortOf(plan) },
      ...{ chosen: text === now, usual: text === treeText(usual.tree) },
      ...{ crossings: plan.pressing.crossings, nested: plan.pressing.nested },
    });
  }
  const unnested = (way: Joining) => way.crossings - way.nested;
  return ways.sort(
    (a, b) => Number(b.usual) - Number(a.usual) || unnested(a) - unnested(b) || a.parts - b.parts || (a.name < b.name ? -1 : 1),
  );
}

/** Whether a block has the seams of that name to be sewn last. */
export const canJoin = (c: Construction, name: string): boolean =>
  splitsOf(c.cloth.patches).some((split) => splitName(split) === name);

/** A text that two trees share when they are sewn in the same order. */
function treeText(tree: Tree): string {
  if (isLeaf(tree))
    return `[${tree.laid.flatMap((p) => p.of).sort((a, b) => a - b)}${tree.inside ? treeText(tree.inside) : ''}]`;
  return `${tree.seam}(${tree.parts.map(treeText).join('')})`;
}

/** Units that are sewn, and different parts of several units. */
function partsOf({ tree, units }: Construction): number {
  const sewn = units.filter((u) => u.seen.picture.patches.length > 1).length;
  const parts = new Set<string>();
  visit(tree);
  return sewn + parts.size;

  function visit(node: Tree): void {
    if (isLeaf(node)) return;
    if (node !== tree) parts.add(sameness(node.laid));
    node.parts.forEach(visit);
  }
}

const inParts = (n: number) => ({ 2: words.halves, 3: words.thirds, 4: words.quarters })[n];

function titleOf({ direction: [dx, dy], parts, coarse, framed }: Split, tree: Tree): string {
  const level = dy === 0;
  if (framed) return words.outFromTheCentreLast(level ? words.topAndBottom : words.theSides);
  if (dx !== 0 && dy !== 0) return words.alongADiagonal;
  if (!coarse) return level ? words.inRows : words.inColumns;
  // Halves whose own halves are all alike are quarters.
  const cells = isLeaf(tree) ? [] : tree.parts.flatMap((part) => (isLeaf(part) ? [] : part.parts));
  const squares = new Set(cells.flatMap(outermost).map((leaf) => leaf.seen.kind));
  if (parts.length === 2 && cells.length === 4 && squares.size === 1) return words.inQuarters;
  return words.inWords(inParts(parts.length), level ? words.oneAboveTheOther : words.sideBySide);
}

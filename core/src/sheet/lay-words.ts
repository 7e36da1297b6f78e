/** How units lie in a part or a block, in words, row by row: what a picture shows, for whoever does not see it, and to lay them out by. */
import { balance, extent, isLeaf, outermost, type Construction, type Leaf, type Tree } from '../construction';
import { listed } from '../measure';
import type { Colourway } from '../programme';
import { pieceName } from './piece-name';
import { fabricWord } from './sheet-unit';
import { words } from './words/lay-words';

/** Names that lie side by side, and how each lies. */
interface Lying {
  name: string;
  lie: string;
  x: number;
  y: number;
}

const sides = () => [words.up, words.right, words.down, words.left] as const;
const turned = (quarters: number) => ['', words.quarterClockwise, words.upsideDown, words.quarterAnticlockwise][quarters]!;

/** How a unit lies, by what is seen of it: 'Kale in the top left corner', 'pointing up', 'upside down'; '' where there is nothing to say. */
export function lieWords(leaf: Leaf, colourway: Colourway): string {
  const { kind } = leaf.seen;
  const roles = [...new Set(leaf.laid.map((p) => p.role))];
  if (kind === 'hst' && leaf.laid.length === 2 && roles.length === 2) {
    const darkest = [...leaf.laid].sort((a, b) => valueOf(colourway, a.role) - valueOf(colourway, b.role))[0]!;
    const [dx, dy] = offset(leaf, [darkest]);
    const corner = corners()[dy < 0 ? (dx < 0 ? 0 : 1) : dx < 0 ? 3 : 2];
    return words.inTheCorner(fabricWord(colourway, darkest.role), corner);
  }
  if (kind === 'geese' && leaf.laid.length === 3) {
    const large = leaf.laid.reduce((best, p) => (areaOf(p) > areaOf(best) ? p : best));
    const [dx, dy] = offset(leaf, [large]);
    // The middle of a triangle lies nearer its base than its point.
    const at = Math.abs(dx) > Math.abs(dy) ? (dx > 0 ? 3 : 1) : dy > 0 ? 0 : 2;
    return words.pointing(sides()[at]);
  }
  if (leaf.laid.length === 1 || leaf.seen.eighths % 2 === 1) return '';
  return turned((leaf.seen.eighths / 2) % 4);
}

const valueOf = ({ fabrics }: Colourway, role: string) => fabrics.get(role)?.value ?? 50;

/** From the middle of a unit to the middle of some of its patches. */
function offset(leaf: Leaf, patches: Leaf['laid']): readonly [number, number] {
  const [x, y, w, h] = extent(leaf.laid);
  const [bx, by] = balance(patches);
  return [bx - x - w / 2, by - y - h / 2];
}

function areaOf(patch: Leaf['laid'][number]): number {
  const [, , w, h] = extent([patch]);
  return w * h;
}

const ninths = () => [
  ...[words.atTheTopLeft, words.atTheTop, words.atTheTopRight],
  ...[words.onTheLeft, words.inTheMiddle, words.onTheRight],
  ...[words.atTheBottomLeft, words.atTheBottom, words.atTheBottomRight],
];

/** How a block is laid, for whoever hears it: row by row; or, where it does not lie in rows, each unit that has a top by its place. */
export function layoutInWords(c: Construction, colourway: Colourway): string {
  const rows = rowsInWords(c.tree, c, colourway);
  if (rows || isLeaf(c.tree)) return rows;
  const [left, top, width, height] = extent(c.tree.laid);
  const third = (at: number, size: number) => Math.min(2, Math.floor((3 * at) / size));
  const lying = outermost(c.tree).flatMap((leaf) => {
    const lie = lieWords(leaf, colourway);
    const [x, y, w, h] = extent(leaf.laid);
    const where = ninths()[3 * third(y + h / 2 - top, height) + third(x + w / 2 - left, width)]!;
    return lie ? [words.lyingAt(pieceName(c.unitOf.get(leaf)!, c), where, lie)] : [];
  });
  return lying.length > 0 ? words.theseLie(listed(lying)) : '';
}

/** The units of a part in rows from the top, left to right; undefined where they do not lie in straight rows. */
function rowsOf(tree: Tree, c: Construction, colourway: Colourway): Lying[][] | undefined {
  const leaves = isLeaf(tree) ? [tree] : outermost(tree);
  const rows = new Map<number, { lying: Lying[]; tall: Set<number> }>();
  for (const leaf of leaves) {
    const unit = c.unitOf.get(leaf)!;
    const [x, y, , h] = extent(leaf.laid);
    const row = rows.get(y) ?? { lying: [], tall: new Set() };
    rows.set(y, row);
    row.tall.add(h);
    const lie = [lieWords(leaf, colourway), pressedWords(leaf, c)].filter(Boolean).join(', ');
    row.lying.push({ name: pieceName(unit, c), lie, x, y });
  }
  const sorted = [...rows].sort(([a], [b]) => a - b);
  let below = -Infinity;
  for (const [y, { tall }] of sorted) {
    const [h] = tall;
    if (tall.size > 1 || y < below) return undefined;
    below = y + h!;
  }
  return sorted.map(([, { lying }]) => lying.sort((a, b) => a.x - b.x));
}

/** Which way a part is pressed as it lies, where its likes are pressed otherwise; '' elsewhere. */
function pressedWords(leaf: Leaf, c: Construction): string {
  const { inside } = leaf;
  const variants = c.pressing.variants.get(c.unitOf.get(leaf)!)?.get('') ?? [];
  if (variants.length < 2) return '';
  const ways = c.pressing.seams.filter((s) => s.branch === inside).map(({ towards }) => towards);
  const [x, y] = ways[0] ?? [0, 0];
  const alike = ways.every((way) => way && Math.sign(way[0]) === Math.sign(x) && Math.sign(way[1]) === Math.sign(y));
  if (alike && (x === 0) !== (y === 0))
    return words.pressed(x > 0 ? words.toTheRight : x < 0 ? words.toTheLeft : y > 0 ? words.down : words.up);
  return words.pressedLikeTheOnes(ORDINALS[variants.findIndex(({ places }) => places.includes(leaf))] ?? 'last');
}

const ORDINALS = ['first', 'second', 'third'] as const;

/** Where like parts are pressed in turn: how they are laid, so that they nest; '' where all are pressed alike. */
export function laidInTurn(c: Construction, colourway: Colourway): string {
  const leaves = isLeaf(c.tree) ? [] : outermost(c.tree);
  if (leaves.every((leaf) => pressedWords(leaf, c) === '')) return '';
  const rows = rowsInWords(c.tree, c, colourway);
  return rows ? words.soThatTheSeamsNestLay(rows) : '';
}

const nameOf = ({ name, lie }: Lying) => (lie ? `${name} (${lie})` : name);

/** 'Top row: U2 (Frosted Pane in the top left corner) and A2. Bottom row: B2 and U1.'; '' where units do not lie in rows. */
export function rowsInWords(tree: Tree, c: Construction, colourway: Colourway): string {
  const rows = rowsOf(tree, c, colourway);
  if (!rows || rows.flat().length < 2) return '';
  const place = (i: number) => {
    if (rows.length === 1) return words.fromTheLeft;
    if (rows.length < 4) return words.row(i === 0 ? words.top : i === rows.length - 1 ? words.bottom : words.middle);
    return words.row2(i + 1);
  };
  return rows.map((row, i) => `${place(i)}: ${listed(row.map(nameOf))}.`).join(' ');
}

/** The same for what is then sewn seam by seam; '' also for one row of parts that lie as they were made: its seam names them in their order. */
export function rowsToLay(tree: Tree, c: Construction, colourway: Colourway): string {
  const rows = rowsOf(tree, c, colourway);
  return rows?.length === 1 && rows[0]!.every(({ lie }) => !lie) ? '' : rowsInWords(tree, c, colourway);
}

const corners = () => [words.topLeft, words.topRight, words.bottomRight, words.bottomLeft] as const;

/** Where four of a part lie round the middle, each a quarter turn on from the one before: how they are laid; '' elsewhere. */
export function roundTheMiddle(c: Construction): string {
  const leaves = isLeaf(c.tree) ? [] : outermost(c.tree);
  const [unit, ...others] = [...new Set(leaves.map((leaf) => c.unitOf.get(leaf)!))];
  if (leaves.length !== 4 || !unit || others.length > 0 || leaves[0]!.laid.length === 1) return '';
  const [left, top, w, h] = extent(c.tree.laid);
  const at = (right: boolean, low: boolean) =>
    leaves.find((leaf) => {
      const [x, y, lw, lh] = extent(leaf.laid);
      return x + lw / 2 > left + w / 2 === right && y + lh / 2 > top + h / 2 === low;
    });
  const round = [at(false, false), at(true, false), at(true, true), at(false, true)];
  if (round.some((leaf) => !leaf)) return '';
  const turns = round.map((leaf) => leaf!.seen.eighths);
  const step = (turns[1]! - turns[0]! + 8) % 8;
  if ((step !== 2 && step !== 6) || turns.some((t, i) => t !== (turns[0]! + i * step) % 8)) return '';
  const first = turns.indexOf(0);
  if (first < 0) return '';
  return words.layOneAtTheAsYou(unit.label, corners()[first], step === 2 ? words.clockwise : words.anticlockwise);
}

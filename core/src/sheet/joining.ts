/** The order of sewing a block together: sections from the smallest up, then rows, then the block. */
import type { Drawing } from '../block';
import {
  branchesOf,
  extent,
  isLeaf,
  partDrawing,
  unfinishedSize,
  type Branch,
  type Construction,
  type Press,
  type PressVariant,
  type Tree,
} from '../construction';
import { Exact, checkpoint, formatLength, listed } from '../measure';
import { careWords } from './join-care';
import { capital } from './unit-paper';
import { inWords } from './in-words';
import { pieceName } from './piece-name';
import { pressWays, words } from './words/joining';

export interface JoinStep {
  /** 'Row 1', 'Section 2', 'U5', 'The block' */
  name: string;
  text: string;
  /** Crossings to nest or match and pin; '' for none. */
  pins: string;
  /** Points that the seam must not cut off; '' for none. */
  points: string;
  /** How the seams are pressed, as a sentence. */
  press: string;
  /** Unfinished size to measure before going on. */
  size: [string, string];
  drawing: Drawing;
  /** The part of the seam tree that it finishes; the first of them where several are alike. */
  branch: Branch;
  /** The unit that it is a step of, 'U3'; undefined for what joins the block. */
  unit?: string;
  /** All parts that are sewn and pressed like this one, as they lie in the block: chain-sewn together. */
  alike: Branch[];
}

/** All joins of a block in the order of sewing, like ones told together; empty for a block that is a single unit with steps of its own. */
export function joinSteps(c: Construction): JoinStep[] {
  /** What a part is called once it is sewn. */
  const names = new Map<Tree, string>();
  const steps: JoinStep[] = [];
  /** The step that told a part like this one, and the numbers that it stands for. */
  const told = new Map<string, { step: JoinStep; numbers: number[] }>();
  const count = { row: 0, column: 0, section: 0 };
  let crossesTold = false;
  const seam = `${formatLength(c.style.seam, c.style.unit)} ${c.style.unit}`;
  for (const unit of c.units) {
    const { inside } = unit.places[0]!;
    if (inside && !isLeaf(inside)) insideUnit(inside, { unit: unit.label, name: unit.label, said: unit.label });
  }
  if (!isLeaf(c.tree)) visit(c.tree, 0, c.tree.seam);
  return steps;

  /** `name`: of the step; `said`: what the next step calls what it makes. */
  function insideUnit(branch: Branch, { unit, name, said }: { unit: string; name: string; said: string }): void {
    branch.parts.forEach((part, i) => {
      const word = partWord(branch, i);
      if (!isLeaf(part)) insideUnit(part, { unit, name: `${name}, ${word}`, said: words.the(word) });
    });
    step(branch, name, said).unit = unit;
  }

  function visit(branch: Branch, depth: number, parent: Branch['seam']): void {
    for (const part of branch.parts) if (!isLeaf(part)) visit(part, depth + 1, branch.seam);
    const kind = depth > 1 || (parent !== 'h' && parent !== 'v') ? 'section' : parent === 'h' ? 'row' : 'column';
    const key = `${kind} ${keyOf(branch, c)}`;
    const like = told.get(key);
    const half = depth === 1 ? halfOf(branch, c.tree as Branch) : undefined;
    const name = depth === 0 ? words.theBlock : (half ?? words[kind]((count[kind] += 1)));
    const said = half ? words.the(half.toLowerCase()) : name.toLowerCase();
    if (!like || depth === 0) return void told.set(key, { step: step(branch, name, said), numbers: [count[kind]] });
    names.set(branch, said);
    like.step.alike.push(branch);
    like.numbers.push(count[kind]);
    like.step.name = half ? words.bothHalves : words[`${kind}s`](listed(like.numbers.map(String)));
  }

  function step(branch: Branch, name: string, said: string): JoinStep {
    names.set(branch, said);
    const { w, h } = unfinishedSize(branch.laid, c.cloth.tick, Exact.of(c.style.seam));
    const size = (x: Exact) => checkpoint(x, c.style.rounding, c.style.unit);
    const parts = branch.parts.map(partName);
    const ways = c.pressing.ways.get(branch) ?? [];
    const care = careWords(branch, c, { nameOf: partName, told: crossesTold });
    crossesTold ||= care.points !== '';
    const made: JoinStep = {
      name,
      text: howToSew(branch, parts, seam),
      ...care,
      press: pressText(branch, ways, parts),
      size: [size(w), size(h)],
      drawing: partDrawing(branch.laid, c.cloth.tick),
      branch,
      alike: [branch],
    };
    steps.push(made);
    return made;
  }

  /** Like parts that are pressed in turn, so that they nest, are told so. */
  function pressText(branch: Branch, ways: Press[], parts: string[]): string {
    const variants = variantsIn(branch);
    const [first, ...others] = variants;
    if (!first || others.length === 0) return pressTowards(ways, branch.seam, parts) ?? pressSentence(ways, branch.seam);
    const scale = c.make;
    const said = variants.map(({ ways: own, places }, i) => {
      const n = inWords(places.length * scale);
      const which = i === 0 ? n : i < variants.length - 1 ? words.more(n) : words.theOther(n);
      const sentence = pressSentence(own, branch.seam).replace(/\.$/, '');
      return words.inWords(which, sentence[0]!.toLowerCase(), sentence.slice(1));
    });
    return words.soThatTheyNest(capital(said.join('; ')));
  }

  function variantsIn(branch: Branch): readonly PressVariant[] {
    const unit = c.units.find((u) => branchesOf(u.places[0]!.inside ?? u.places[0]!).some(([, own]) => own === branch));
    const [path] = unit ? branchesOf(unit.places[0]!.inside!).find(([, own]) => own === branch)! : [''];
    return (unit && c.pressing.variants.get(unit)?.get(path)) ?? [];
  }

  function partName(part: Tree): string {
    return isLeaf(part) ? pieceName(c.unitOf.get(part)!, c) : names.get(part)!;
  }
}

/** 'Left half' where a block is sewn from two equal parts; undefined elsewhere. */
function halfOf(branch: Branch, { seam, parts }: Branch): string | undefined {
  const [, , w, h] = extent(parts[0]!.laid);
  const [, , w2, h2] = extent(parts[1]!.laid);
  if (parts.length !== 2 || (seam !== 'h' && seam !== 'v') || w !== w2 || h !== h2) return undefined;
  const first = parts[0] === branch;
  return seam === 'h' ? (first ? words.topHalf : words.bottomHalf) : first ? words.leftHalf : words.rightHalf;
}

/** The same up to the iron. */
export const sewWords = ({ text, pins, points }: Pick<JoinStep, 'text' | 'pins' | 'points'>): string =>
  [text, pins, points].filter(Boolean).join(' ');

/** A seam in the order of the hands: pinned, sewn, pressed. */
export const joinWords = ({ text, pins, points, press }: Pick<JoinStep, 'text' | 'pins' | 'points' | 'press'>): string =>
  [sewWords({ text, pins, points }), press].filter(Boolean).join(' ');

/** What a part of a unit is called beside the others: 'left half', 'middle row', 'second part'. */
function partWord({ seam, parts }: Branch, at: number): string {
  const straight = seam === 'h' || seam === 'v';
  const ends = seam === 'h' ? [words.top, words.bottom] : [words.left, words.right];
  if (!straight || parts.length > 3) return words.part(at + 1);
  const where = at === 0 ? ends[0] : at === parts.length - 1 ? ends[1] : words.middle;
  return parts.length === 2 ? words.placeHalf(where) : seam === 'h' ? words.placeRow(where) : words.placeColumn(where);
}

/** The same for parts that look alike as they lie, and are pressed alike throughout. */
function keyOf(tree: Tree, c: Construction): string {
  const pressed = (node: Tree): string =>
    isLeaf(node) ? '' : `(${(c.pressing.ways.get(node) ?? []).join()} ${node.parts.map(pressed).join('')})`;
  const [x, y] = extent(tree.laid);
  const shapes = tree.laid.map(({ role, points }) => `${role} ${points.map(([px, py]) => `${px - x},${py - y}`).join(' ')}`);
  return `${shapes.sort().join('|')} ${pressed(tree)}`;
}

function howToSew({ seam }: Branch, parts: string[], allowance: string): string {
  const [first, second, ...others] = parts;
  switch (seam) {
    case 'partial':
      return words.sewToWithAPartialSeam(second, first, list(others));
    case 'set-in':
      if (others.length > 0) return words.sewOnOneAfterTheOther(list(parts), allowance);
      return words.sewIntoTheCornerOfWith(second, first, allowance);
    case 'v':
      return words.sewFromLeftToRight(list(parts));
    case 'h':
      return words.sewFromTopToBottom(list(parts));
    default:
      return words.sewAlongTheDiagonalOffsetThem(list(parts), parts.length > 2 ? words.edges : words.edge, allowance);
  }
}

function list(parts: string[]): string {
  // 'U2, U1, U1, U2' reads better than a sentence with four ands.
  return parts.length === 2 ? words.toWords(parts[0], parts[1]) : parts.join(', ');
}

/** Pressing by the part that the seams go to, where that can be said in a word. */
function pressTowards(ways: readonly Press[], seam: Branch['seam'], parts: readonly string[]): string | undefined {
  if (seam !== 'h' && seam !== 'v') return undefined;
  const back = (way: Press | undefined) => way === 'up' || way === 'left';
  const on = (way: Press | undefined) => way === 'down' || way === 'right';
  const [first, second] = ways;
  if (parts.length === 2 && parts[0] !== parts[1] && (back(first) || on(first)))
    return words.pressTowards(back(first) ? parts[0] : parts[1]);
  if (parts.length !== 3 || parts[1] === parts[0] || parts[1] === parts[2]) return undefined;
  if (on(first) && back(second)) return words.pressBothSeamsTowards(parts[1]);
  if (back(first) && on(second)) return words.pressBothSeamsAwayFrom(parts[1]);
  return undefined;
}

/** How the seams of one join are pressed, in their order. */
export function pressSentence(ways: Press[], seam: Branch['seam']): string {
  if (new Set(ways).size === 1) return words.press(ways.length, pressWays[ways[0]!]);
  const from = seam === 'v' ? words.fromTheLeft : seam === 'h' ? words.fromTheTop : '';
  return words.pressTheSeams(from, ways.map((way) => pressWays[way]).join(', '));
}

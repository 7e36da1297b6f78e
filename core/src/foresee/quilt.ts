/**
 * How well a top goes together when one person sews all of it: her blocks come out alike as far as it is her habit, and differ with their seams; strips are cut as drawn.
 * What lies side by side is eased to its mean, and a seam fits as well as its two sides agree, block by block (docs/craft.md, Error foreseen).
 */
import type { Construction } from '../construction';
import { Exact, seeded, toRuler, type LengthUnit, type Rational } from '../measure';
import {
  assembly,
  isJoin,
  piecesOf,
  reachOf,
  sidesOf,
  type SetNode,
  type SetPiece,
  type SettingKind,
  type Top,
} from '../setting';
import { EASED, fortyOf, SPOILT } from './foresee';
import { sewnOf, type Line } from './lines';
import { momentsOf, normals, sewer, worked } from './outcome';
import { THREAD, usualPeople, type People } from './people';

export interface TopAsked {
  /** Without its borders, or with them: they are cut when the rest has been measured. */
  top: Top;
  kind: SettingKind;
  house: { unit: LengthUnit; seam: Rational; rounding: Rational };
  /** How the block of that name ('m1:cold-frame') is made; one that is not drawn yet is taken to fit. */
  constructionOf: (key: string) => Construction | undefined;
  people?: People;
  /** Told how much of the work is done, from 0 to 1. */
  report?: (share: number) => void;
}

export interface TopBlock {
  key: string;
  /** What it comes to beyond what it should, in the mean of its sides and of all people. */
  mean: number;
  /** The share of people in whose quilt the worst seam is worst because of it. */
  worst: number;
}

export interface ForeseenTop {
  /** Of forty people what is to be eased for each block at the seam of the quilt that fits worst, smallest first. */
  people: number[];
  /** The share of people all of whose seams fit within what can be eased in without a thought, and within what can be eased at all. */
  eased: number;
  usable: number;
  /** Seams between blocks, strips and rows, and how many of them have more than that to be eased, in the mean. */
  seams: number;
  toEase: number;
  /** The share all of whose seams fit if strips are cut as long as her own blocks and rows are, and if every seam takes a thread less. */
  own: number;
  scant: number;
  /** What the middle of the top comes to beyond what it should before its borders; undefined on point, where the edge is trimmed last. */
  sides?: { way: Line['way']; expected: number; mean: number; sd: number; people: number[] }[];
  /** Those that fit worst first. */
  blocks: TopBlock[];
}

/** So many blocks are sewn in all, as far as there are people enough and not too many. */
const BLOCKS = 20_000;
const TRIALS = { least: 200, most: 2000 };
const SEED = 15;

/** The forecast of a top; undefined where its parts interlock, so that no line from edge to edge parts them. Throws what `constructionOf` throws. */
export function foreseeTop(asked: TopAsked): ForeseenTop | undefined {
  const { top, kind, house, people = usualPeople(house.unit), report } = asked;
  const { rows, onPoint } = assembly(top, kind);
  if (!rows) return undefined;
  const tree: SetNode = rows.length === 1 ? rows[0]! : { along: 'v', parts: rows };
  const works = workedBlocks(asked, piecesOf(tree));
  const count = piecesOf(tree).filter((p) => p.place?.block).length;
  const trials = Math.round(Math.max(TRIALS.least, Math.min(TRIALS.most, BLOCKS / Math.max(1, count))));
  let done = 0;
  const each = () => {
    done += 1;
    if (done % 50 === 0) report?.((1 + done / (2 * trials)) / 2);
  };
  const run = (own: boolean, of: People, trials: number) =>
    manyTops({ tree, onPoint, house, works, own, people: of, trials, each });
  const now = run(false, people, trials);
  // What would help is told as one number: half as many will do.
  const half = Math.ceil(trials / 2);
  const [least, most] = [EASED[house.unit], SPOILT[house.unit]];
  const share = (all: Float64Array, within: number) => all.filter((x) => x <= within + DUST).length / all.length;
  const { w, h } = sidesOf(tree, onPoint);
  const seams = 2 * house.seam.valueOf();
  return {
    people: fortyOf(now.worst),
    eased: share(now.worst, least),
    usable: share(now.worst, most),
    ...{ seams: now.seams, toEase: now.toEase },
    own: share(run(true, people, half).worst, most),
    scant: share(run(false, { ...people, taken: people.taken - THREAD[house.unit] }, half).worst, most),
    ...(!onPoint && {
      sides: ([w, h] as const).map((side, i) => ({
        way: i === 0 ? 'across' : 'down',
        expected: side.toNumber() + seams,
        ...momentsOf(now.sides[i]!),
        people: fortyOf(now.sides[i]!),
      })),
    }),
    blocks: now.blocks.sort((a, b) => b.worst - a.worst || a.mean - b.mean),
  };
}

const DUST = 1e-9;

interface BlockWork {
  work: ReturnType<typeof worked>;
  lines: readonly Line[];
}

/** Every block of the top once, however often it is set. */
function workedBlocks({ constructionOf, report }: TopAsked, pieces: readonly SetPiece[]): Map<string, BlockWork> {
  const keys = [...new Set(pieces.flatMap((p) => p.place?.block?.key ?? []))];
  const works = new Map<string, BlockWork>();
  keys.forEach((key, i) => {
    const c = constructionOf(key);
    const sewn = c && sewnOf(c);
    if (sewn) works.set(key, { work: worked(c, sewn), lines: sewn.linesOf(new Set(c.cloth.patches.flatMap((p) => p.of))) });
    report?.((i + 1) / keys.length / 2);
  });
  return works;
}

/** What sewing many tops hangs on. */
interface Tops {
  tree: SetNode;
  onPoint: boolean;
  house: TopAsked['house'];
  works: ReadonlyMap<string, BlockWork>;
  /** Strips are cut as long as her own blocks and rows. */
  own: boolean;
  people: People;
  trials: number;
  each: () => void;
}

type Sides = [u: number, v: number];
const axes = ['u', 'v'] as const;

/** A piece of the top as it is sewn: what it comes to beyond what it should, this time. */
interface Piece {
  key?: string;
  /** Strips round its block that the two ways go through. */
  round: Sides;
  /** What its cut has over; of blocks nothing. */
  over: Sides;
  /** As long as a block, or longer than any: a strip that can be cut to her own. */
  strip: readonly ('block' | 'row' | undefined)[];
  sew?: () => Sides;
  came: Sides;
}

/** Parts side by side, with what is asked of each of their seams. */
interface Join {
  /** 0 where they lie along u. */
  axis: 0 | 1;
  parts: Node[];
  /** By seam: over how many blocks its difference is spread, and whether the parts on both sides of it meet one by one. */
  seams: { blocks: number; meet: boolean }[];
  came: Sides;
}
type Node = Piece | Join;

const joined = (node: Node): node is Join => 'parts' in node;

function manyTops({ tree, onPoint, house, works, own, people, trials, each }: Tops) {
  const normal = normals(seeded(SEED));
  let habit = 0;
  const blocks: Piece[] = [];
  const sewers = new Map([...works].map(([key, { work, lines }]) => [key, sewer(work, { lines, people }, normal)] as const));
  const sides = new Set(
    piecesOf(tree).flatMap((p) => (p.place ? axes.map((axis) => `${axis} ${p[axis][1].minus(p[axis][0])}`) : [])),
  );
  const most = axes.map((axis) =>
    Math.max(0, ...piecesOf(tree).flatMap((p) => (p.place ? p[axis][1].minus(p[axis][0]).toNumber() : []))),
  );
  const node = laidOut(tree);
  const worst = new Float64Array(trials);
  const whole = [new Float64Array(trials), new Float64Array(trials)];
  const keys = [...works.keys()];
  const [blamed, sums, times] = [new Map<string, number>(), new Map<string, number>(), new Map<string, number>()];
  let [toEase, seams] = [0, 0];
  const mean: Sides = [0, 0];
  const least = EASED[house.unit];
  for (let trial = 0; trial < trials; trial += 1) {
    habit = people.habit * normal();
    for (const block of blocks) block.came = block.sew!();
    for (const axis of [0, 1] as const) mean[axis] = average(blocks.map((block) => block.came[axis]));
    let [most, at]: [number, [Node, Node, number] | undefined] = [0, undefined];
    seams = 0;
    sewTogether(node, (off, a, b, axis) => {
      seams += 1;
      if (off > least + DUST) toEase += 1;
      if (off >= most) [most, at] = [off, [a, b, axis]];
    });
    worst[trial] = most;
    for (const axis of [0, 1] as const) whole[axis]![trial] = node.came[axis];
    for (const { key, came } of blocks) {
      sums.set(key!, (sums.get(key!) ?? 0) + (came[0] + came[1]) / 2);
      times.set(key!, (times.get(key!) ?? 0) + 1);
    }
    const found = at && toBlame(at[0], at[1], at[2]);
    if (found !== undefined) blamed.set(found, (blamed.get(found) ?? 0) + 1);
    each();
  }
  return {
    ...{ worst, sides: whole, seams, toEase: toEase / trials },
    blocks: keys.map((key): TopBlock => ({
      key,
      mean: (sums.get(key) ?? 0) / (times.get(key) ?? 1),
      worst: (blamed.get(key) ?? 0) / trials,
    })),
  };

  function laidOut(set: SetNode): Node {
    if (!isJoin(set)) return pieceOf(set);
    const parts = set.parts.map(laidOut);
    const axis = set.along === 'u' ? 0 : 1;
    const other = axes[1 - axis]!;
    const seams = set.parts.slice(1).map((after, i) => {
      const before = set.parts[i]!;
      return {
        blocks: Math.max(1, blocksAlong(before, other), blocksAlong(after, other)),
        meet: cutsOf(before, other) !== '' && cutsOf(before, other) === cutsOf(after, other),
      };
    });
    return { axis, parts, seams, came: [0, 0] };
  }

  function pieceOf(set: SetPiece): Piece {
    const key = set.place?.block?.key;
    const round = axes.map((axis) => {
      const inner = set.place && reachOf(set.place.outline, axis, onPoint);
      return set.around.filter((part) => {
        const [from, to] = reachOf(part.outline, axis, onPoint);
        return inner && (to.compare(inner[0]) <= 0 || from.compare(inner[1]) >= 0);
      }).length;
    }) as Sides;
    const plain = set.part?.sub === 'none';
    const long = axes.map((axis) => set[axis][1].minus(set[axis][0]));
    const piece: Piece = {
      ...{ round, over: plain ? overOf(long) : [0, 0], came: [0, 0] },
      strip: axes.map((axis, i) =>
        !plain ? undefined : sides.has(`${axis} ${long[i]}`) ? 'block' : long[i]!.toNumber() > most[i]! ? 'row' : undefined,
      ),
    };
    const sew = key === undefined ? undefined : sewers.get(key);
    if (!sew) return piece;
    const turned = set.place!.turn % 2 === 1;
    piece.key = key;
    piece.sew = () => {
      const [across, down] = sew(habit);
      const came: Sides = turned ? [down!, across!] : [across!, down!];
      // What goes round it is cut as drawn, and each strip has its seam.
      for (const axis of [0, 1] as const)
        for (let n = 0; n < round[axis]; n += 1) came[axis] += people.cut * normal() - seamTakes();
      return came;
    };
    blocks.push(piece);
    return piece;
  }

  /** What rounding up leaves over of a plain part, on both ways. */
  function overOf(long: readonly Exact[]): Sides {
    return long.map((side) => {
      const exact = (onPoint ? side.over(Exact.root2) : side).plus(Exact.of(house.seam).times(2));
      return toRuler(exact, house.rounding).valueOf() - exact.toNumber();
    }) as Sides;
  }

  function seamTakes(): number {
    return people.taken + habit + Math.hypot(people.seam, people.press) * normal();
  }

  /** Sews a node; `tell` hears of each seam what is to be eased for each block, between what, along which way. */
  function sewTogether(node: Node, tell: (off: number, a: Node, b: Node, axis: 0 | 1) => void): void {
    if (!joined(node)) {
      if (!node.sew)
        node.came = [0, 1].map((i) =>
          own && node.strip[i] === 'block' ? mean[i]! : node.over[i]! + people.cut * normal(),
        ) as Sides;
      return;
    }
    const { axis, parts, seams } = node;
    const other = (1 - axis) as 0 | 1;
    for (const part of parts) sewTogether(part, tell);
    const isStrip = (part: Node) => !joined(part) && part.strip[other] === 'row';
    const sewn = own ? parts.filter((part) => !isStrip(part)) : [];
    const theirs = average(sewn.map((part) => part.came[other]));
    if (sewn.length > 0) for (const part of parts) if (isStrip(part)) part.came[other] = theirs;
    let along = 0;
    parts.forEach((part, i) => {
      along += part.came[axis];
      if (i === 0) return;
      along -= seamTakes();
      const before = parts[i - 1]!;
      const { blocks, meet } = seams[i - 1]!;
      if (meet && joined(before) && joined(part))
        before.parts.forEach((one, n) =>
          tell(Math.abs(one.came[other] - part.parts[n]!.came[other]), one, part.parts[n]!, other),
        );
      else tell(Math.abs(before.came[other] - part.came[other]) / blocks, before, part, other);
    });
    node.came[axis] = along;
    node.came[other] = average(parts.map((part) => part.came[other]));
  }

  /** The block on either side of a seam that is off by most along it. */
  function toBlame(a: Node, b: Node, axis: number): string | undefined {
    const of = [...blocksOf(a), ...blocksOf(b)];
    return of.sort((one, two) => Math.abs(two.came[axis]!) - Math.abs(one.came[axis]!))[0]?.key;
  }
}

const average = (list: readonly number[]) => (list.length === 0 ? 0 : list.reduce((n, x) => n + x, 0) / list.length);

const blocksOf = (node: Node): Piece[] => (joined(node) ? node.parts.flatMap(blocksOf) : node.key === undefined ? [] : [node]);

/** How many blocks a seam along a node passes. */
function blocksAlong(node: SetNode, along: 'u' | 'v'): number {
  if (!isJoin(node)) return node.place?.block ? 1 : 0;
  const counts = node.parts.map((part) => blocksAlong(part, along));
  return node.along === along ? counts.reduce((n, x) => n + x, 0) : Math.max(...counts);
}

/** Where a node's parts end along a seam; '' for one that has none. */
function cutsOf(node: SetNode, along: 'u' | 'v'): string {
  if (!isJoin(node) || node.along !== along) return '';
  return node.parts
    .map((part) =>
      piecesOf(part).reduce((to, p) => (p[along][1].compare(to) > 0 ? p[along][1] : to), piecesOf(part)[0]![along][1]),
    )
    .join();
}

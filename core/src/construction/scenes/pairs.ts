/** Two squares face to face: half-square triangles in every way of making them. Lengths in the document's unit. */
import {
  across,
  beneath,
  beside,
  boxOf,
  clipped,
  doubleArea,
  facedown,
  marks,
  movedBy,
  opened,
  parted,
  piece,
  pressArrow,
  scene,
  turned,
  type DirectedLine,
  type Mark,
  type Ply,
  type Scene,
  type Side,
  type Spot,
  type Stack,
  type Towards,
} from '../../hands';
import type { Hand } from '../units/step';

/** Two fabrics, the square that both are cut to, and the seam allowance. */
export interface Pair {
  roles: readonly [string, string];
  side: number;
  seam: number;
}

export const rising = (side: number): DirectedLine => ({ from: [0, side], to: [side, 0] });
export const falling = (side: number): DirectedLine => ({ from: [0, 0], to: [side, side] });

/** The fabrics of a pair as they lie: the lighter one on top, its back up, where a line shows on it. */
export function layered({ roles: [a, b] }: Pair, hand: Hand): { lower: string; upper: string } {
  return hand.lighter(b, a) ? { lower: a, upper: b } : { lower: b, upper: a };
}

/** The seams to both sides of a line, as far as they run over a square. */
const bothSides = (line: DirectedLine, { side, seam }: Pair): (DirectedLine | undefined)[] =>
  [seam, -seam].map((by) => across(piece('', side, side).outline, beside(line, by)));

const lies = (pair: Pair, hand: Hand): Ply[] => {
  const { lower, upper } = layered(pair, hand);
  return [...beneath([piece(lower, pair.side, pair.side)]), facedown(piece(upper, pair.side, pair.side))];
};

/** The upper square alone, its back up, with lines on it. */
export const marked = (pair: Pair, hand: Hand, lines: readonly DirectedLine[]): Scene =>
  scene([lies(pair, hand)[1]!], { marks: marks('drawn', ...lines) });

/** Both squares, right sides together, with what is drawn, sewn and cut on them. */
export const faced = (
  pair: Pair,
  hand: Hand,
  {
    drawn = [],
    sewn = [],
    cuts = [],
  }: { drawn?: readonly DirectedLine[]; sewn?: readonly DirectedLine[]; cuts?: readonly DirectedLine[] },
): Scene =>
  scene(lies(pair, hand), {
    marks: [
      ...marks('drawn', ...drawn),
      ...marks('sewn', ...sewn.flatMap((line) => bothSides(line, pair))),
      ...marks('cut', ...cuts),
    ],
  });

/** Where the allowance goes: under the lower fabric, the upper one, or apart. */
export function wayOf(towards: string, lower: string): Towards {
  if (towards === 'open') return 'open';
  return towards === '' || towards === lower ? 'lower' : 'upper';
}

/**
 * A half of the pair, opened: its middle at the origin, its seam rising to the right, the first fabric at the top left. Its sides
 * are side − √2 × seam before it is trimmed.
 */
export function openedHalf(pair: Pair, hand: Hand, towards: string): Ply[] {
  const { roles, side, seam } = pair;
  const { lower, upper } = layered(pair, hand);
  const line = rising(side);
  const half: Side = lower === roles[1] ? 1 : -1;
  const keep = (stack: Stack) => parted(stack, line, half);
  const stack = opened(
    keep([piece(lower, side, side)]),
    keep([facedown(piece(upper, side, side))]),
    beside(line, seam * half),
    half,
    wayOf(towards, lower),
  );
  const u = side - Math.SQRT2 * seam;
  const middle = half === 1 ? side - u / 2 : u / 2;
  return movedBy(stack, -middle, -middle);
}

/** An arrow of the iron over the seam of an opened half, towards a fabric; `u`: the side of the unit. */
export function pressOver(roles: readonly [string, string], towards: string, u: number): DirectedLine[] {
  if (towards === 'open' || towards === '') return [];
  // To the right hand of the rising seam lies the second fabric.
  return [pressArrow({ from: [-u / 2, u / 2], to: [u / 2, -u / 2] }, towards === roles[0] ? -1 : 1, u / 7)];
}

/** Cuts along the sides of a rectangle where layers stick out of it: dog-ears. */
export function earCuts(stack: Stack, [x, y, w, h]: readonly [number, number, number, number]): Mark[] {
  const corners: Spot[] = [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ];
  const reach = Math.max(w, h) / 12;
  return corners.flatMap((from, i): Mark[] => {
    const side: DirectedLine = { from, to: corners[(i + 1) % 4]! };
    const [dx, dy] = [(side.to[0] - from[0]) / (i % 2 ? h : w), (side.to[1] - from[1]) / (i % 2 ? h : w)];
    return stack.flatMap(({ outline }): Mark[] => {
      const out = clipped(outline, side, -1);
      if (out.length < 3 || doubleArea(out) < 1e-6) return [];
      const along = out.map((p) => (p[0] - from[0]) * dx + (p[1] - from[1]) * dy);
      const at = (d: number): Spot => [from[0] + dx * d, from[1] + dy * d];
      return [{ kind: 'cut', from: at(Math.min(...along) - reach), to: at(Math.max(...along) + reach) }];
    });
  });
}

/** Dog-ears that stick out of a unit w by h about the origin. */
export const ears = (stack: Stack, w: number, h = w): Scene => scene(stack, { marks: earCuts(stack, [-w / 2, -h / 2, w, h]) });

/**
 * A unit about the origin under the ruler that trims its first two sides, the upper and the right one; for a left hand, the upper and
 * the left one. `diagonal`: the ruler's 45° line lies on the seam that rises to the right.
 */
export function underRuler(
  stack: Stack,
  [w, h]: readonly [number, number],
  hand: Hand,
  { diagonal = true }: { diagonal?: boolean } = {},
): Scene {
  // For a left hand a unit with its seam on the ruler's line lies a quarter turn to the left.
  const lying = hand.left && diagonal ? turned(stack, 6) : stack;
  const flip = hand.left ? -1 : 1;
  const [x, y] = [w / 2, -h / 2];
  const beyond = Math.max(w, h) / 8;
  const [far, low] = [-x - beyond, -y + beyond];
  const [left, top, wide] = boxOf(lying);
  const out = hand.left ? Math.max(-left, x) : Math.max(left + wide, x);
  const long = Math.min(x - far, low - y);
  const at = (px: number, py: number): Spot => [px * flip, py];
  return scene(lying, {
    marks: [
      { kind: 'cut', from: at(far, y), to: at(out + beyond / 2, y) },
      { kind: 'cut', from: at(x, low), to: at(x, Math.min(top, y) - beyond / 2) },
      ...(diagonal ? [{ kind: 'over', from: at(x, y), to: at(x - long, y + long) } as const] : []),
    ],
    rulers: [[at(far, y), at(x, y), at(x, low), at(far, low)]],
  });
}

/** A folded half under a triangle ruler whose line lies on the stitching; `u`: the size to trim to. */
export function trimmedFolded(pair: Pair, hand: Hand, u: number): Scene {
  const { side, seam } = pair;
  const line = rising(side);
  const stack = parted(lies(pair, hand), line, 1);
  const seamLine = beside(line, seam);
  const middle = side - (side - Math.SQRT2 * seam) / 2;
  const [low, high] = [middle - u / 2, middle + u / 2];
  return scene(stack, {
    marks: [
      ...marks('sewn', across(stack[0]!.outline, seamLine)),
      { kind: 'cut', from: [high, low - seam * 2], to: [high, high + seam * 2] },
      { kind: 'cut', from: [low - seam * 2, high], to: [high + seam * 2, high] },
    ],
    rulers: [
      [
        [high, low],
        [high, high],
        [low, high],
      ],
    ],
  });
}

/** Two triangles face to face, their long edges together; sewn or not yet. */
export function facedTriangles(pair: Pair, hand: Hand, sewn = true): Scene {
  const { side, seam } = pair;
  const stack = parted(lies(pair, hand), rising(side), 1);
  return scene(stack, { marks: sewn ? marks('sewn', across(stack[0]!.outline, beside(rising(side), seam))) : [] });
}

/** Four at a time: sewn round the edges, the seams off the edge of the fabric; cut on both diagonals. */
export function edgesSewn(pair: Pair, hand: Hand, cuts: boolean): Scene {
  const { side, seam } = pair;
  const [near, far] = [seam, side - seam];
  const lines: DirectedLine[] = [
    { from: [0, near], to: [side, near] },
    { from: [0, far], to: [side, far] },
    { from: [near, 0], to: [near, side] },
    { from: [far, 0], to: [far, side] },
  ];
  return scene(lies(pair, hand), {
    marks: [...marks('sewn', ...lines), ...(cuts ? marks('cut', rising(side), falling(side)) : [])],
  });
}

/** A quarter of the same, opened, laid as the unit lies: its middle at the origin. */
export function openedQuarter(pair: Pair, hand: Hand, towards: string): Ply[] {
  const { roles, side, seam } = pair;
  const { lower, upper } = layered(pair, hand);
  const keep = (stack: Stack) => parted(parted(stack, falling(side), -1), rising(side), -1);
  const line: DirectedLine = { from: [0, seam], to: [side, seam] };
  const stack = opened(
    keep([piece(lower, side, side)]),
    keep([facedown(piece(upper, side, side))]),
    line,
    1,
    wayOf(towards, lower),
  );
  // The lower fabric lies below the level seam; a turn brings it to its corner.
  return turned(movedBy(stack, -side / 2, -seam), lower === roles[1] ? 7 : 3);
}

/** Eight at a time: sewn along both diagonals, and the cross cut first. */
export function crossCut(pair: Pair, hand: Hand): Scene {
  const { side } = pair;
  const lines = [rising(side), falling(side)];
  const cross: DirectedLine[] = [
    { from: [side / 2, 0], to: [side / 2, side] },
    { from: [0, side / 2], to: [side, side / 2] },
  ];
  return faced(pair, hand, { drawn: lines, sewn: lines, cuts: cross });
}

/** The square that gives two of the units that eight at a time give. */
export const quarterOf = (pair: Pair): Pair => ({ ...pair, side: pair.side / 2 });

/** Quarter-square triangles: two half-square triangles sewn across each other, or four loose triangles. */
import {
  across,
  beneath,
  beside,
  facedown,
  marks,
  movedBy,
  opened,
  parted,
  piece,
  pressArrow,
  scene,
  sideBySide,
  turned,
  turnedOver,
  type DirectedLine,
  type Mark,
  type Ply,
  type Scene,
  type Stack,
} from '../../hands';
import type { Hand } from '../units/step';
import { openedHalf } from './pairs';

/** Fabrics clockwise from the top, the squares' side, and the seam. */
export interface Quarters {
  roles: readonly [string, string, string, string];
  side: number;
  seam: number;
}

/** How long a line through the origin is drawn on a square of a side. */
const through = (half: number, way: 1 | -1): DirectedLine => ({ from: [-half, half * way], to: [half, -half * way] });
const RISING = (half: number) => through(half, 1);
const FALLING = (half: number) => through(half, -1);

/** A half-square triangle about the origin whose seam falls to the right: one fabric at the top right, the other at the bottom left. */
function falls({ side, seam }: Quarters, above: string, below: string, hand: Hand, towards: string): Ply[] {
  // Opened, its seam rises with the first fabric at the top left; a quarter turn brings that to the top right.
  return turned(openedHalf({ roles: [above, below], side, seam }, hand, towards), 2);
}

/** Both half-square triangles as they are paired: the first right side up, the second face down on it, their seams together. */
export function paired(q: Quarters, hand: Hand): { lower: Ply[]; upper: Ply[] } {
  const [top, right, bottom, left] = q.roles;
  const seam = FALLING(q.side);
  const lower = falls(q, top, left, hand, hand.towards(0));
  const upper = turnedOver(falls(q, bottom, right, hand, hand.towards(1)), seam);
  return { lower, upper };
}

/** Half the side of a half-square triangle before it is trimmed. */
const halfOf = ({ side, seam }: Quarters) => (side - Math.SQRT2 * seam) / 2;

/** The pair face to face, with what is drawn, sewn and cut square to its seam. */
export function pairedScene(q: Quarters, hand: Hand, stage: 'place' | 'mark' | 'sew' | 'apart'): Scene {
  const { lower, upper } = paired(q, hand);
  const half = halfOf(q);
  const line = RISING(half);
  const square = piece('', half * 2, half * 2, -half, -half).outline;
  const seams = [q.seam, -q.seam].map((by) => across(square, beside(line, by)));
  const found: Mark[] =
    stage === 'place'
      ? []
      : [
          ...(stage === 'apart' ? marks('cut', line) : marks('drawn', line)),
          ...(stage === 'mark' ? [] : marks('sewn', ...seams)),
        ];
  return scene([...beneath(lower), ...upper], { marks: found });
}

/** The two half-square triangles side by side, as they are pressed, before they are paired. */
export function pairApart(q: Quarters, hand: Hand): Scene {
  const [top, right, bottom, left] = q.roles;
  const one = (a: string, b: string, seam: number) => {
    const towards = hand.towards(seam);
    const half = halfOf(q);
    const press = towards === 'open' || towards === '' ? [] : [pressArrow(FALLING(half), towards === a ? -1 : 1, half / 3.5)];
    return scene(falls(q, a, b, hand, towards), { press });
  };
  return sideBySide([one(top, left, 0), one(bottom, right, 1)], q.side / 6);
}

/** The unit opened: its middle at the origin. */
export function quarterUnit(q: Quarters, hand: Hand): Ply[] {
  const { lower, upper } = paired(q, hand);
  const line = RISING(q.side);
  const seam = beside(line, -q.seam);
  const stack = opened(parted(lower, line, -1), parted(upper, line, -1), seam, -1, lastWay(q, hand));
  // The seam runs s beside the middle of the pair.
  const by = q.seam / Math.SQRT2;
  return movedBy(stack, by, by);
}

/** The long seam lies on the lower half where its fabrics are named, on the upper one else. */
function lastWay({ roles: [top, right, bottom, left] }: Quarters, hand: Hand) {
  const towards = hand.towards(2);
  if (towards === 'open') return 'open' as const;
  const upper = (towards === right || towards === bottom) && towards !== top && towards !== left;
  return upper ? ('upper' as const) : ('lower' as const);
}

/** An arrow over the long seam. */
export const quarterPress = (q: Quarters, hand: Hand): DirectedLine[] => {
  const way = lastWay(q, hand);
  return way === 'open' ? [] : [pressArrow(RISING(halfOf(q)), way === 'upper' ? 1 : -1, halfOf(q) / 3.5)];
};

/** The quarter of a square below its middle, its point at the origin. */
const quarterPiece = (role: string, side: number): Ply[] => {
  const square: Stack = [piece(role, side, side, -side / 2, -side / 2)];
  return parted(parted(square, FALLING(side), 1), RISING(side), 1);
};

/** Four loose triangles laid as the unit lies, a little apart. */
export function quartersLaid({ roles, side }: Quarters): Scene {
  const away = side / 14;
  const at = [
    [0, -away],
    [away, 0],
    [0, away],
    [-away, 0],
  ] as const;
  // The lower quarter turned: to the top, to the right, as it is, to the left.
  return scene(roles.flatMap((role, i) => movedBy(turned(quarterPiece(role, side), [4, 6, 0, 2][i]!), at[i]![0], at[i]![1])));
}

/** Two quarters face to face, sewn along a short edge. */
export function quartersSewn({ roles: [top, , , left], side, seam }: Quarters, hand: Hand): Scene {
  const [lower, upper] = hand.lighter(top, left) ? [left, top] : [top, left];
  const stack = [...beneath(quarterPiece(lower, side)), ...quarterPiece(upper, side).map(facedown)];
  const edge = beside(RISING(side), seam);
  return scene(stack, { marks: marks('sewn', across(stack[0]!.outline, edge)) });
}

/** Two pairs face to face, sewn along their long edge. */
export function longSeam(q: Quarters, hand: Hand): Scene {
  const { lower, upper } = paired(q, hand);
  const line = RISING(q.side);
  const half = [...beneath(parted(lower, line, -1)), ...parted(upper, line, -1)];
  return scene(half, { marks: marks('sewn', across(half.at(-1)!.outline, beside(line, -q.seam))) });
}

/** Both pairs of loose triangles opened and pressed, side by side. */
export function pairsPressed(q: Quarters, hand: Hand): Scene {
  const [top, right, bottom, left] = q.roles;
  const half = halfOf(q);
  const one = (a: string, b: string, seam: number, side: 1 | -1) => {
    const towards = hand.towards(seam);
    const stack = parted(falls(q, a, b, hand, towards), RISING(q.side), side);
    const line: DirectedLine = { from: [0, 0], to: [-half * side, -half * side] };
    const across = pressArrow(line, (towards === a) === (side === -1) ? 1 : -1, half / 5);
    return scene(stack, { press: towards === 'open' || towards === '' ? [] : [across] });
  };
  return sideBySide([one(top, left, 0, -1), one(right, bottom, 1, 1)], q.side / 8);
}

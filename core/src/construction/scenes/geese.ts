/** Flying geese from large squares or loose triangles. A finished goose lies with its point up, its box's upper middle at the origin. */
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
  turned,
  turnedOver,
  type DirectedLine,
  type Ply,
  type Scene,
} from '../../hands';
import { falling, rising } from './pairs';

/** Fabrics of the goose and of the sky left and right; the squares that they are cut from; the unit's finished sides as sewn; the seam. */
export interface Goose {
  roles: readonly [string, string, string];
  big: number;
  small: number;
  w: number;
  h: number;
  seam: number;
}

/** Four at a time: two small squares on opposite corners of the large one, their backs up. */
function twoLaid({ roles: [goose, left], big, small }: Goose): Ply[] {
  const at = big - small;
  return [piece(goose, big, big), facedown(piece(left, small, small)), facedown(piece(left, small, small, at, at))];
}

export function heartsScene(g: Goose, stage: 'place' | 'sew' | 'apart'): Scene {
  const line = falling(g.big);
  const stack = twoLaid(g);
  const square = stack[0]!.outline;
  // Stitches run over the small squares, from corner to corner.
  const seams = [g.seam, -g.seam].map((by) => across(square, beside(line, by)));
  return scene(stack, {
    marks: [
      ...(stage === 'apart' ? marks('cut', line) : marks('drawn', line)),
      ...(stage === 'place' ? [] : marks('sewn', ...seams)),
    ],
  });
}

/** Half of it, opened: the goose's square corner at the bottom left, the two small triangles flipped out. */
function heart(g: Goose): Ply[] {
  const line = falling(g.big);
  // Below and left of the falling line is its right hand.
  const [goose, ...sky] = twoLaid(g).flatMap((ply) => parted([ply], line, 1));
  return opened([goose!], sky, beside(line, g.seam), 1, 'upper');
}

export function heartPressed(g: Goose): Scene {
  const { big } = g;
  const ends: DirectedLine[] = [
    { from: [0, 0], to: [big / 2, big / 2] },
    { from: [big / 2, big / 2], to: [big, big] },
  ];
  return scene(heart(g), { press: ends.map((line) => pressArrow(beside(line, g.seam), -1, g.small / 5)) });
}

/** The third square on the corner that is left. */
function thirdLaid(g: Goose): Ply[] {
  const [, , right] = g.roles;
  return [...heart(g), facedown(piece(right, g.small, g.small, 0, g.big - g.small))];
}

export function thirdScene(g: Goose, stage: 'place' | 'sew' | 'apart'): Scene {
  const stack = thirdLaid(g);
  const top = stack.at(-1)!.outline;
  const line = rising(g.big);
  return scene(stack, {
    marks: [
      ...(stage === 'apart' ? marks('cut', across(piece('', g.big, g.big).outline, line)) : marks('drawn', across(top, line))),
      ...(stage === 'place' ? [] : marks('sewn', ...[g.seam, -g.seam].map((by) => across(top, beside(line, by))))),
    ],
  });
}

/** A goose of four at a time, opened. */
export function fourth(g: Goose): Ply[] {
  const line = rising(g.big);
  const all = thirdLaid(g);
  const stack = parted(all.slice(0, -1), line, -1);
  const third = parted(all.slice(-1), line, -1);
  const sewn = opened(stack, third, beside(line, -g.seam), -1, 'upper');
  // The goose's long edge lies at the left; its point is where both seams meet.
  const half = g.big / 2;
  const point: [number, number] = [half - Math.SQRT2 * g.seam, half];
  return turned(movedBy(sewn, -point[0], -point[1]), 6);
}

/** Loose triangles: the goose, its point up; its sky flipped out or face down on it. Positions as in the finished unit. */
function loose({ roles: [goose, left, right], w, h, seam }: Goose): { goose: Ply; left: Ply; right: Ply } {
  const long = w / 2 + seam + Math.SQRT2 * seam;
  const leg = h + 2 * seam + Math.SQRT2 * seam;
  const x = -w / 2 - seam;
  return {
    goose: {
      role: goose,
      right: true,
      outline: [
        [0, -Math.SQRT2 * seam],
        [long, h + seam],
        [-long, h + seam],
      ],
    },
    left: {
      role: left,
      right: true,
      outline: [
        [x, -seam],
        [x + leg, -seam],
        [x, -seam + leg],
      ],
    },
    right: {
      role: right,
      right: true,
      outline: [
        [-x, -seam],
        [-x, -seam + leg],
        [-x - leg, -seam],
      ],
    },
  };
}

/** Seams of the goose: from its left lower corner up to the point, from the point down to the right; the goose lies to the right hand. */
const leftSeam = ({ w, h }: Goose): DirectedLine => ({ from: [-w / 2, h], to: [0, 0] });
const rightSeam = ({ w, h }: Goose): DirectedLine => ({ from: [0, 0], to: [w / 2, h] });

/** One after the other: the sky laid on face down, or pressed out. */
export function wing(g: Goose, side: 'left' | 'right', stage: 'sew' | 'press'): Scene {
  const parts = loose(g);
  const seam = side === 'left' ? leftSeam(g) : rightSeam(g);
  const before = side === 'left' ? [parts.goose] : looseSewn(g, 'left');
  const upper = turnedOver([parts[side]], seam);
  if (stage === 'sew') return scene([...before, ...upper], { marks: marks('sewn', across(upper[0]!.outline, seam)) });
  const arrow = pressArrow(seam, -1, g.h / 6);
  return scene(opened(before, upper, seam, 1, 'upper'), { press: [arrow] });
}

/** The goose with its left sky, or both, sewn from loose triangles. */
export function looseSewn(g: Goose, upTo: 'left' | 'right'): Ply[] {
  const parts = loose(g);
  const first = opened([parts.goose], turnedOver([parts.left], leftSeam(g)), leftSeam(g), 1, 'upper');
  return upTo === 'left' ? first : opened(first, turnedOver([parts.right], rightSeam(g)), rightSeam(g), 1, 'upper');
}

/** Two large squares: the smaller, of the goose, centred on the larger, of the sky. `big`: the sky's side, `small`: the goose's. */
export function centred(g: Goose, stage: 'place' | 'sew' | 'apart'): Scene {
  const { lower, upper } = centredPlies(g);
  const line = rising(g.big);
  const on = (l: DirectedLine) => across(upper.outline, l);
  return scene([lower, upper], {
    marks: [
      ...(stage === 'apart' ? marks('cut', line) : marks('drawn', on(line))),
      ...(stage === 'place' ? [] : marks('sewn', ...[g.seam, -g.seam].map((by) => on(beside(line, by))))),
    ],
  });
}

function centredPlies({ roles: [goose, sky], big, small }: Goose): { lower: Ply; upper: Ply } {
  const at = (big - small) / 2;
  return { lower: piece(sky, big, big), upper: facedown(piece(goose, small, small, at, at)) };
}

/** A half opened, its seam rising through the origin: the sky at the bottom right, the goose at the top left. */
export function centredHalf(g: Goose): Ply[] {
  const { lower, upper } = centredPlies(g);
  const line = rising(g.big);
  const seam = beside(line, g.seam);
  const stack = opened(parted([lower], line, 1), parted([upper], line, 1), seam, 1, 'lower');
  const middle = g.big / 2 + g.seam / Math.SQRT2;
  return movedBy(stack, -middle, -middle);
}

/** How far the seam of a half lies from its middle: the sky's triangle is the larger one. */
const offMiddle = ({ big, small }: Goose) => (big - small) / (2 * Math.SQRT2);

/** Both halves face to face, opposite fabrics facing, their corners even: the seams lie side by side and do not meet. */
function halves(g: Goose): { lower: Ply[]; upper: Ply[] } {
  const by = offMiddle(g) / Math.SQRT2;
  const lower = movedBy(centredHalf(g), -by, -by);
  return { lower, upper: turnedOver(lower, rising0(g.big)) };
}

const rising0 = (half: number): DirectedLine => ({ from: [-half, half], to: [half, -half] });
const falling0 = (half: number): DirectedLine => ({ from: [-half, -half], to: [half, half] });

export function halvesScene(g: Goose, stage: 'place' | 'sew' | 'apart'): Scene {
  const { lower, upper } = halves(g);
  const half = g.small / 2;
  const line = falling0(half);
  const square = piece('', g.small, g.small, -half, -half).outline;
  return scene([...beneath(lower), ...upper], {
    marks: [
      ...(stage === 'apart' ? marks('cut', line) : marks('drawn', line)),
      ...(stage === 'place' ? [] : marks('sewn', ...[g.seam, -g.seam].map((by) => across(square, beside(line, by))))),
    ],
  });
}

/** One of two pieces that it gives, opened; two geese lie in it, back to back. */
export function twoGeese(g: Goose): Ply[] {
  const { lower, upper } = halves(g);
  const line = falling0(g.big);
  return opened(parted(lower, line, 1), parted(upper, line, 1), beside(line, g.seam), 1, 'open');
}

/** A half as it is pressed. */
export const centredPressed = (g: Goose): Scene =>
  scene(centredHalf(g), { press: [pressArrow(rising0(g.small / 2), 1, g.small / 7)] });

/** The piece with both of its geese under the blade, back to back. `w`, `h`: the unit's sides as they are trimmed. */
export function gooseOutOf(g: Goose, [w, h]: readonly [number, number]): Scene {
  const m = offMiddle(g);
  const { seam } = g;
  // Where the two seams of each goose meet; one points to the right, the other to the left.
  const point = [-(m + seam) / Math.SQRT2, (seam - m) / Math.SQRT2] as const;
  const other = [(m - seam) / Math.SQRT2, (m + seam) / Math.SQRT2] as const;
  const box = ([px, py]: readonly [number, number], way: 1 | -1) => {
    const [near, far] = [px + way * seam, px + way * (seam - h)];
    const [top, bottom] = [py - w / 2, py + w / 2];
    const corners = [
      [far, top],
      [near, top],
      [near, bottom],
      [far, bottom],
    ] as const;
    return corners.map((from, i): DirectedLine => ({ from, to: corners[(i + 1) % 4]! }));
  };
  return scene(twoGeese(g), { marks: marks('cut', ...box(point, 1), ...box(other, -1)) });
}

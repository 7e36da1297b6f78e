/** Triangles sewn round a square, two opposite ones and then the other two; once, or round after round. */
import {
  across,
  facedown,
  marks,
  opened,
  parted,
  piece,
  scene,
  turned,
  turnedScene,
  type DirectedLine,
  type Ply,
  type Scene,
} from '../../hands';

/** One round: its triangles clockwise from the upper edge of what it goes round, and the leg that they are cut to. */
export interface RoundPieces {
  roles: readonly [string, string, string, string];
  leg: number;
}

/** The centre, as cut; its rounds, from the inside; and the seam. */
export interface Rounded {
  centre: { role: string; side: number };
  rounds: readonly RoundPieces[];
  seam: number;
}

/** A triangle on the upper edge of a square about the origin, its back up, its long edge even with the square's. */
function triangleOn(role: string, leg: number, half: number): Ply {
  const long = leg * Math.SQRT2;
  const ply: Ply = {
    role,
    right: true,
    outline: [
      [-long / 2, -half],
      [long / 2, -half],
      [0, -half + long / 2],
    ],
  };
  return facedown(ply);
}

const EDGES = [0, 2, 1, 3] as const;

/** The stack with some of a round's triangles laid on, face down, and their seams. */
function laidOn(
  stack: readonly Ply[],
  { roles, leg }: RoundPieces,
  edges: readonly number[],
  half: number,
  seam: number,
): Scene {
  const found = edges.map((edge) => {
    const ply = triangleOn(roles[edge]!, leg, half);
    const line: DirectedLine = { from: [-half, -half + seam], to: [half, -half + seam] };
    return turnedScene(scene([ply], { marks: marks('sewn', across(ply.outline, line)) }), edge * 2);
  });
  return scene([...stack, ...found.flatMap((f) => f.plies)], { marks: found.flatMap((f) => f.marks) });
}

/** The stack with some of a round's triangles sewn, flipped out and pressed; ears cut even with the sides of what it goes round. */
function flippedOut(
  stack: readonly Ply[],
  { roles, leg }: RoundPieces,
  edges: readonly number[],
  half: number,
  seam: number,
): Ply[] {
  const line: DirectedLine = { from: [-half, -half + seam], to: [half, -half + seam] };
  return edges.reduce<Ply[]>(
    (under, edge) => {
      const back = turned(under, -edge * 2);
      const sewn = opened(back, [triangleOn(roles[edge]!, leg, half)], line, 1, 'upper');
      return turned(sewn, edge * 2);
    },
    [...stack],
  );
}

/** Ears off: even with both sides of the square that the round goes round. */
function earsOff(stack: readonly Ply[], half: number): Ply[] {
  const right: DirectedLine = { from: [half, -1], to: [half, 1] };
  const left: DirectedLine = { from: [-half, 1], to: [-half, -1] };
  return parted(parted(stack, right, 1), left, 1);
}

/** Half the side of the square inside a round: the centre, or the round before, turned so that its sides are level. */
function inside(rounded: Rounded, round: number): { stack: Ply[]; half: number } {
  const { centre, seam } = rounded;
  if (round === 0) {
    const half = centre.side / 2;
    return { stack: [piece(centre.role, centre.side, centre.side, -half, -half)], half };
  }
  const before = inside(rounded, round - 1);
  const whole = roundDone(rounded, round - 1);
  // Its sides lie s beyond the points of what it goes round.
  const half = (before.half - seam) * Math.SQRT2 + seam;
  return { stack: squared(turned(whole, 1), half), half };
}

/** Cut to a square about the origin. */
function squared(stack: readonly Ply[], half: number): Ply[] {
  return [0, 2, 4, 6].reduce<Ply[]>(
    (left, eighths) => {
      const line = { from: [-half, -half] as const, to: [half, -half] as const };
      return turned(parted(turned(left, -eighths), line, 1), eighths);
    },
    [...stack],
  );
}

/** A whole round sewn, its ears off. */
export function roundDone(rounded: Rounded, round: number): Ply[] {
  const { stack, half } = inside(rounded, round);
  const { seam, rounds } = rounded;
  const first = earsOff(flippedOut(stack, rounds[round]!, [EDGES[0], EDGES[1]], half, seam), half);
  return flippedOut(first, rounds[round]!, [EDGES[2], EDGES[3]], half, seam);
}

/** A step of a round: its first two triangles laid on and sewn, or pressed out; then the other two. */
export function roundStep(rounded: Rounded, round: number, pair: 0 | 1, stage: 'sew' | 'press'): Scene {
  const { stack, half } = inside(rounded, round);
  const { seam, rounds } = rounded;
  const own = rounds[round]!;
  const edges = pair === 0 ? [EDGES[0], EDGES[1]] : [EDGES[2], EDGES[3]];
  const before = pair === 0 ? stack : earsOff(flippedOut(stack, own, [EDGES[0], EDGES[1]], half, seam), half);
  if (stage === 'sew') return laidOn(before, own, edges, half, seam);
  const press = edges.map((edge) => {
    const line: DirectedLine = { from: [0, -half + seam - half / 12], to: [0, -half + seam - half / 3] };
    return turnedScene(scene([], { press: [line] }), edge * 2).press[0]!;
  });
  return scene(flippedOut(before, own, edges, half, seam), { press });
}

/** The middles creased, by which square and triangles are matched. */
export function creased({ centre, rounds }: Rounded): Scene {
  const half = centre.side / 2;
  const line: DirectedLine = { from: [0, -half], to: [0, half] };
  const square = scene([piece(centre.role, centre.side, centre.side, -half, -half)], {
    marks: marks('crease', line, { from: [-half, 0], to: [half, 0] }),
  });
  const { roles, leg } = rounds[0]!;
  const long = leg * Math.SQRT2;
  const top = -half - long / 2 - centre.side / 8;
  const triangle: Ply = {
    role: roles[0],
    right: true,
    outline: [
      [-long / 2, top + long / 2],
      [0, top],
      [long / 2, top + long / 2],
    ],
  };
  return {
    ...square,
    plies: [...square.plies, triangle],
    marks: [...square.marks, ...marks('crease', { from: [0, top + long / 2], to: [0, top + long / 4] })],
  };
}

/** A finished round laid straight, its middle at the origin: what was the upper edge is the top left corner. */
export const roundStraight = (rounded: Rounded, round: number): Ply[] => turned(roundDone(rounded, round), 7);

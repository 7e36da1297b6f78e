/** Stitch-and-flip corners: squares laid on the corners of a base, sewn on their diagonal and flipped out. */
import {
  across,
  beside,
  facedown,
  marks,
  opened,
  parted,
  piece,
  scene,
  sideBySide,
  type DirectedLine,
  type Ply,
  type Scene,
} from '../../hands';

export interface CornerSquare {
  /** Counted clockwise from the top left. */
  at: number;
  role: string;
  /** Side of its square, as cut. */
  side: number;
}

/** A base as cut, its corner at the origin, and what is sewn to its corners, in the order of sewing. */
export interface Cornered {
  base: { role: string; w: number; h: number };
  corners: readonly CornerSquare[];
  seam: number;
}

/** The diagonal that cuts a corner off; the base lies to its right hand. */
function diagonal({ w, h }: Cornered['base'], { at, side }: CornerSquare): DirectedLine {
  const lines: readonly DirectedLine[] = [
    { from: [0, side], to: [side, 0] },
    { from: [w - side, 0], to: [w, side] },
    { from: [w, h - side], to: [w - side, h] },
    { from: [side, h], to: [0, h - side] },
  ];
  return lines[at]!;
}

/** The square on its corner, its back up. */
function laidOn({ w, h }: Cornered['base'], { at, role, side }: CornerSquare): Ply {
  const x = at === 1 || at === 2 ? w - side : 0;
  const y = at > 1 ? h - side : 0;
  return facedown(piece(role, side, side, x, y));
}

/** The base with its first corners sewn, cut off and pressed out. */
export function withCorners({ base, corners, seam }: Cornered, done: number): Ply[] {
  return corners.slice(0, done).reduce<Ply[]>(
    (stack, corner) => {
      const line = diagonal(base, corner);
      const edge = beside(line, -seam);
      const upper = parted([laidOn(base, corner)], edge, 1);
      return opened(parted(stack, edge, 1), upper, line, 1, 'upper');
    },
    [piece(base.role, base.w, base.h)],
  );
}

/** The small squares with their lines, one of each kind, their backs up. */
export function squaresMarked({ base, corners }: Cornered): Scene {
  const kinds = corners.filter((c, i) => corners.findIndex((o) => o.role === c.role && o.side === c.side) === i);
  const all = kinds.map((corner) => scene([laidOn(base, corner)], { marks: marks('drawn', diagonal(base, corner)) }));
  return sideBySide(all, corners[0]!.side / 6);
}

/** What is done to some corners at once, those before them finished. `now`: their numbers in the order of sewing. */
export function cornersAt(cornered: Cornered, now: readonly number[], stage: 'place' | 'sew' | 'bonus' | 'cut'): Scene {
  const { base, corners, seam } = cornered;
  const before = withCorners(cornered, Math.min(...now));
  const laid = now.map((n) => ({ ply: laidOn(base, corners[n]!), line: diagonal(base, corners[n]!) }));
  const over = (by: number) => laid.map(({ ply, line }) => across(ply.outline, beside(line, by)));
  return scene([...before, ...laid.map(({ ply }) => ply)], {
    marks: [
      ...(stage === 'place' ? marks('drawn', ...over(0)) : marks('sewn', ...over(0))),
      ...(stage === 'bonus' ? marks('sewn', ...over(-2 * seam)) : []),
      ...(stage === 'cut' ? marks('cut', ...over(-seam)) : []),
    ],
  });
}

/** Corners flipped out before they are cut off: each must reach the corner of the base. */
export function flipped(cornered: Cornered, now: readonly number[]): Scene {
  const { base, corners } = cornered;
  const stack = now.reduce<Ply[]>(
    (under, n) => opened(under, [laidOn(base, corners[n]!)], diagonal(base, corners[n]!), 1, 'upper'),
    withCorners(cornered, Math.min(...now)),
  );
  return scene(stack);
}

/** The base with so many corners finished, and arrows of the iron over the last ones. */
export function cornersPressed(cornered: Cornered, done: number, now: readonly number[]): Scene {
  const { base, corners } = cornered;
  return scene(withCorners(cornered, done), {
    press: now.map((n) => {
      const { from, to } = diagonal(base, corners[n]!);
      const [mx, my] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
      // Out to the left hand of the line, towards the corner.
      const [dx, dy] = [(to[1] - from[1]) / 4, -(to[0] - from[0]) / 4];
      return { from: [mx - dx * 0.4, my - dy * 0.4], to: [mx + dx, my + dy] };
    }),
  });
}

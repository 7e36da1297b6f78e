/** Pictures of finishing a quilt: layers, basting, quilting, squaring up, and binding from strips to the mitred corner. Not to scale. */
import { across, facedown, marks, piece, scene, type DirectedLine, type Ply, type Scene, type Spot } from '../hands';

/** What is seen of a quilt here: its outer fabric, its backing and its binding, by their letters. */
export interface Finished {
  top: string;
  backing: string;
  binding: string;
}

const WADDING = '';

/** Backing wrong side up, wadding, top right side up: each shows beyond the next. */
export const layersScene = ({ top, backing }: Finished): Scene =>
  scene([facedown(piece(backing, 100, 84)), piece(WADDING, 92, 76, 4, 4), piece(top, 80, 64, 10, 10)]);

const [LEFT, UPPER, WIDE, TALL] = [10, 10, 80, 64] as const;

/** The same with lines of pins or thread from the middle outwards. */
export function bastedScene(finished: Finished): Scene {
  const { plies } = layersScene(finished);
  const across = [0.15, 0.38, 0.62, 0.85].map((t): DirectedLine => {
    const y = UPPER + TALL * t;
    return { from: [LEFT, y], to: [LEFT + WIDE, y] };
  });
  const down = [0.15, 0.38, 0.62, 0.85].map((t): DirectedLine => {
    const x = LEFT + WIDE * t;
    return { from: [x, UPPER], to: [x, UPPER + TALL] };
  });
  const middle: Spot = [LEFT + WIDE / 2, UPPER + TALL / 2];
  const ways: DirectedLine[] = [
    { from: middle, to: [middle[0] + 22, middle[1]] },
    { from: middle, to: [middle[0] - 22, middle[1]] },
    { from: middle, to: [middle[0], middle[1] + 18] },
    { from: middle, to: [middle[0], middle[1] - 18] },
  ];
  return scene(plies, { marks: marks('crease', ...across, ...down), press: ways });
}

/** Lines of quilting. */
export function quiltedScene(finished: Finished): Scene {
  const { plies } = layersScene(finished);
  const top = plies.at(-1)!.outline;
  const lines = [-3, -2, -1, 0, 1, 2, 3].map((n): DirectedLine => {
    const x = LEFT + WIDE / 2 + n * 20;
    return { from: [x - 50, UPPER + TALL / 2 + 50], to: [x + 50, UPPER + TALL / 2 - 50] };
  });
  return scene(plies, { marks: marks('sewn', ...lines.map((line) => across(top, line))) });
}

/** The ruler in a corner of the quilt, backing and wadding cut even with the top. */
export function squaredScene(finished: Finished): Scene {
  const { plies } = layersScene(finished);
  const [x, y] = [LEFT + WIDE, UPPER];
  return scene(plies, {
    marks: marks('cut', { from: [LEFT + 20, y], to: [100, y] }, { from: [x, UPPER + 50], to: [x, 0] }),
    rulers: [
      [
        [x - 46, y],
        [x, y],
        [x, y + 30],
        [x - 46, y + 30],
      ],
    ],
  });
}

/** Two strips crossing at their ends, right sides together: sewn from corner to corner, cut off. */
export function stripsJoined({ binding }: Finished): Scene {
  const lower = piece(binding, 60, 16, 0, 40);
  const upper = facedown(piece(binding, 16, 60, 44, 0));
  const diagonal: DirectedLine = { from: [44, 40], to: [60, 56] };
  return scene([lower, upper], {
    marks: [...marks('sewn', diagonal), ...marks('cut', { from: [48, 40], to: [60, 52] })],
  });
}

/** The strip folded lengthways, wrong sides together: open at its left end still. */
export function stripFolded({ binding }: Finished): Scene {
  return scene([facedown(piece(binding, 62, 22)), piece(binding, 40, 11, 62, 11)], {
    marks: marks('crease', { from: [0, 11], to: [62, 11] }),
    press: [{ from: [54, 2], to: [54, 17] }],
  });
}

/** The folded strip on the edge of the quilt, sewn up to a seam allowance from the corner. */
export function bindingSewn({ top, binding }: Finished): Scene {
  const quilt = piece(top, 90, 60);
  const strip: Ply = piece(binding, 70, 9, 20, 0);
  return scene([quilt, strip], { marks: marks('sewn', { from: [24, 6], to: [84, 6] }) });
}

/** The same with its ends joined, sewn all along. */
export const bindingClosed = ({ top, binding }: Finished): Scene =>
  scene([piece(top, 90, 60), piece(binding, 90, 9)], {
    marks: [...marks('sewn', { from: [2, 6], to: [88, 6] }), ...marks('crease', { from: [40, 9], to: [49, 0] })],
  });

/** At the corner the strip is turned up at 45 degrees, and down again over the fold. */
export function cornerTurned({ top, binding }: Finished): Scene {
  const quilt = piece(top, 60, 60, 0, 20);
  const along = piece(binding, 51, 9, 0, 20);
  const fold: Ply = {
    role: binding,
    right: false,
    outline: [
      [51, 29],
      [51, 20],
      [60, 20],
    ],
  };
  const down = piece(binding, 9, 51, 51, 29);
  return scene([quilt, along, fold, down], {
    marks: [
      ...marks('sewn', { from: [2, 26], to: [54, 26] }, { from: [54, 30], to: [54, 76] }),
      ...marks('crease', { from: [51, 29], to: [60, 20] }),
    ],
  });
}

/** From the back: the fold brought over the edge and sewn down by hand, its corner mitred. */
export function bindingTurned({ backing, binding }: Finished): Scene {
  const quilt = piece(backing, 70, 60);
  const level: Ply = {
    role: binding,
    right: true,
    outline: [
      [0, 0],
      [70, 0],
      [61, 9],
      [0, 9],
    ],
  };
  const plumb: Ply = {
    role: binding,
    right: true,
    outline: [
      [70, 0],
      [70, 60],
      [61, 60],
      [61, 9],
    ],
  };
  return scene([quilt, level, plumb], {
    marks: marks('sewn', { from: [2, 9], to: [61, 9] }, { from: [61, 9], to: [61, 58] }),
  });
}

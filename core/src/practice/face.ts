/** A unit's right side as it lies on the table, and what it is when it is turned or mirrored. Lengths are finished ones, plain numbers, y down. */
import { locate } from '../block';
import type { ExpectedPatch, ExpectedUnit } from '../eye';

type Place = readonly [number, number];

/** Patches in a box from (0, 0). */
export interface Face {
  w: number;
  h: number;
  patches: readonly ExpectedPatch[];
}

/** Which fabric a letter is: letters that one fabric is cast for look the same. */
export type FabricOf = (role: string) => string;

/** The face turned clockwise by quarters. */
export function turnedFace(face: Face, quarters: number): Face {
  const { w, h } = face;
  switch (((quarters % 4) + 4) % 4) {
    case 0:
      return face;
    case 1:
      return moved(face, [h, w], ([x, y]) => [h - y, x]);
    case 2:
      return moved(face, [w, h], ([x, y]) => [w - x, h - y]);
    default:
      return moved(face, [h, w], ([x, y]) => [y, w - x]);
  }
}

/** The face as in a mirror, left and right exchanged. */
export const mirroredFace = (face: Face): Face => moved(face, [face.w, face.h], ([x, y]) => [face.w - x, y]);

/** The face with two of its fabrics in each other's place. */
export function swappedFace({ w, h, patches }: Face, [a, b]: readonly [string, string]): Face {
  const other = (role: string) => (role === a ? b : role === b ? a : role);
  return { w, h, patches: patches.map(({ role, points }) => ({ role: other(role), points })) };
}

const moved = ({ patches }: Face, [w, h]: Place, to: (place: Place) => Place): Face => ({
  ...{ w, h },
  patches: patches.map(({ role, points }) => ({ role, points: points.map(to) })),
});

/** Steps to one length within which two corners are the same corner. Not on a half of any step that patchwork knows. */
const FINE = 1e4;
const BESIDE = 0.27;
const near = (n: number) => Math.round(n * FINE + BESIDE);

/** A text that two faces share exactly when one can lie in the other's place: size, seams and fabrics. */
export function faceText({ w, h, patches }: Face, fabricOf: FabricOf): string {
  const shapes = patches.map(({ role, points }) => {
    const corners = points.map(([x, y]) => `${near(x)},${near(y)}`).sort();
    return `${fabricOf(role)}: ${corners.join(' ')}`;
  });
  return `${near(w)}x${near(h)} ${shapes.sort().join('|')}`;
}

/** The same for all four ways in which a face can be turned. */
export const turnless = (face: Face, fabricOf: FabricOf): string =>
  [0, 1, 2, 3].map((quarters) => faceText(turnedFace(face, quarters), fabricOf)).sort()[0]!;

export const faceOf = ({ w, h, patches }: ExpectedUnit): Face => ({ w, h, patches });

/** Where one looks at a unit, in the order in which one looks. */
export const spots = ['topLeft', 'topRight', 'bottomRight', 'bottomLeft', 'top', 'right', 'bottom', 'left', 'middle'] as const;
export type Spot = (typeof spots)[number];

/** How far within its edges one looks, of its width and height. */
const IN = 0.07;
const AT: Readonly<Record<Spot, Place>> = {
  topLeft: [IN, IN],
  topRight: [1 - IN, IN],
  bottomRight: [1 - IN, 1 - IN],
  bottomLeft: [IN, 1 - IN],
  top: [0.5, IN],
  right: [1 - IN, 0.5],
  bottom: [0.5, 1 - IN],
  left: [IN, 0.5],
  middle: [0.5, 0.5],
};

/** The letter that lies at a spot; undefined on a seam. */
export function roleAt({ w, h, patches }: Face, spot: Spot): string | undefined {
  const at: Place = [AT[spot][0] * w, AT[spot][1] * h];
  const near = (side: Place) => [at[0] + side[0] * BLUR * w, at[1] + side[1] * BLUR * h] as const;
  const roles = ROUND.map((side) => patches.find(({ points }) => locate(near(side), points) !== 'outside')?.role);
  return roles.every((role) => role === roles[0]) ? roles[0] : undefined;
}

/** A spot is not a point: what lies so near a seam is on it. */
const BLUR = 0.02;
const ROUND: readonly Place[] = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
];

export interface SpotToLookAt {
  spot: Spot;
  /** The letter that belongs there. */
  role: string;
}

/** The first spot that tells what lies there from what should; undefined where only seams do. */
export function spotToLookAt(right: Face, laid: Face, fabricOf: FabricOf): SpotToLookAt | undefined {
  for (const spot of spots) {
    const [role, other] = [roleAt(right, spot), roleAt(laid, spot)];
    if (role !== undefined && other !== undefined && fabricOf(role) !== fabricOf(other)) return { spot, role };
  }
  return undefined;
}

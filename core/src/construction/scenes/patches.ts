/** Patches cut to their own shapes and sewn on one after another along straight seams: each laid face down on what is there, and flipped out. */
import {
  across,
  grown,
  marks,
  opened,
  pressArrow,
  scene,
  turnedOver,
  type DirectedLine,
  type Ply,
  type Scene,
  type Spot,
} from '../../hands';

/** A patch by its finished outline, clockwise. */
export interface FinishedPatch {
  role: string;
  outline: readonly Spot[];
}

/** What is begun with, and what is sewn to it: each with its seam, what is there to the right hand of it. */
export interface Added {
  first: FinishedPatch;
  added: readonly { patch: FinishedPatch; seam: DirectedLine }[];
  seam: number;
}

const cutOut = ({ role, outline }: FinishedPatch, by: number): Ply => ({ role, right: true, outline: grown(outline, by) });

/** The first patch with so many others sewn to it and pressed out. */
export const sewnOn = ({ first, added, seam }: Added, count: number): Ply[] =>
  added
    .slice(0, count)
    .reduce<Ply[]>(
      (there, { patch, seam: line }) => opened(there, turnedOver([cutOut(patch, seam)], line), line, 1, 'upper'),
      [cutOut(first, seam)],
    );

/** Some of them laid on, face down, and sewn; those before them finished. */
export function sewingOn(all: Added, now: readonly number[]): Scene {
  const laid = now.map((n) => {
    const { patch, seam } = all.added[n]!;
    const [ply] = turnedOver([cutOut(patch, all.seam)], seam) as [Ply];
    return { ply, stitches: across(ply.outline, seam) };
  });
  return scene([...sewnOn(all, Math.min(...now)), ...laid.map((l) => l.ply)], {
    marks: marks('sewn', ...laid.map((l) => l.stitches)),
  });
}

/** So many sewn, with arrows of the iron over the last ones. */
export const pressedOut = (all: Added, count: number, now: readonly number[]): Scene =>
  scene(sewnOn(all, count), {
    press: now.map((n) => {
      const { from, to } = all.added[n]!.seam;
      return pressArrow({ from, to }, -1, Math.hypot(to[0] - from[0], to[1] - from[1]) / 6);
    }),
  });

/** All patches as cut, a little apart: each moved out from the first. */
export function patchesLaid({ first, added, seam }: Added): Scene {
  const plies = added.map(({ patch, seam: { from, to } }): Ply => {
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const [dx, dy] = [((to[1] - from[1]) / long) * seam * 3, (-(to[0] - from[0]) / long) * seam * 3];
    const ply = cutOut(patch, seam);
    return { ...ply, outline: ply.outline.map(([x, y]): Spot => [x + dx, y + dy]) };
  });
  return scene([cutOut(first, seam), ...plies]);
}

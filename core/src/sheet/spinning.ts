/** Crossings whose seam allowances are spun round the middle: which they are, what to do, and how the back looks (docs/craft.md, Pressing). */
import { extent, leaves, type Construction, type Leaf } from '../construction';
import { clipped, doubleArea, type DirectedLine, type Spot } from '../hands';
import type { PaperPicture } from './paper';
import { backView } from './walk';
import { words } from './words/spinning';
import { PALE } from '../ink';

/** What hands do at a spun crossing; `which`: 'the crossing'. */
export const spinText = (which: string): string => words.spinUndoTwoOrThreeStitches(which);

/** The same where the sheet has told it before. */
export const spinAgain = (which: string): string => words.spinInTheSameWay(which);

/** The one of a unit. */
export const theCrossing = (): string => words.theCrossing;

/** Those where the block is joined: in its middle, or the ones that the picture of the back shows. */
export function crossingsOf(c: Construction): string {
  const [, , w, h] = extent(c.cloth.patches);
  const own = ownCrossings(c);
  if (own.length > 1) return words.theCrossingsThatThePictureOf;
  return own[0]?.at[0] === w / 2 && own[0].at[1] === h / 2 ? words.theCrossingInTheMiddle : words.theCrossingThatThePictureOf;
}

/** Spun crossings of the seams that join the block: those that lie inside no unit. */
function ownCrossings(c: Construction): Construction['pressing']['at'] {
  const units = leaves(c.tree).map((leaf) => boxInBlock(leaf, c));
  return c.pressing.at.filter(
    ({ at, spun }) => spun && !units.some(([x, y, uw, uh]) => at[0] > x && at[0] < x + uw && at[1] > y && at[1] < y + uh),
  );
}

/** Whether the seams that join the block spin anywhere, and the labels of units that spin inside. */
export function spunIn(c: Construction): { block: boolean; units: ReadonlySet<string> } {
  // Units within others too, each by its patches as they lie in the block; the smallest around a crossing is where it is spun.
  const places = leaves(c.tree)
    .map((leaf) => ({ leaf, box: boxInBlock(leaf, c) }))
    .sort((a, b) => a.box[2] * a.box[3] - b.box[2] * b.box[3]);
  const units = new Set<string>();
  let block = false;
  for (const { at, spun } of c.pressing.at) {
    if (!spun) continue;
    const around = places.find(({ box: [x, y, w, h] }) => at[0] > x && at[0] < x + w && at[1] > y && at[1] < y + h);
    if (around) units.add(c.unitOf.get(around.leaf)!.label);
    else block = true;
  }
  return { block, units };
}

/** Where a unit lies in the block: [x, y, width, height] in ticks. */
export function boxInBlock(leaf: Leaf, c: Construction): readonly [number, number, number, number] {
  const own = new Set(leaf.laid.flatMap((p) => p.of));
  return extent(c.cloth.patches.filter((p) => p.of.some((i) => own.has(i))));
}

/**
 * The block from the back, or the part of it in a box: the allowances where they lie, a ring of arrows round each crossing that is spun now.
 * Left and right are changed, as they are when it is turned over.
 */
export function backPicture(
  c: Construction,
  { wide, label, box }: { wide: number; label: string; box?: readonly [number, number, number, number] },
): PaperPicture {
  const { drawing, bands, spun: all } = backView(c);
  const one = c.cloth.tick.toNumber();
  const spun = box ? all : ownCrossings(c).map(({ at: [x, y] }) => [drawing.width - x * one, y * one] as const);
  const [bx, by, width, height] = box
    ? [drawing.width - (box[0] + box[2]) * one, box[1] * one, box[2] * one, box[3] * one]
    : [0, 0, drawing.width, drawing.height];
  const r = width / 14;
  const frame: readonly DirectedLine[] = [
    { from: [0, 0], to: [width, 0] },
    { from: [width, 0], to: [width, height] },
    { from: [width, height], to: [0, height] },
    { from: [0, height], to: [0, 0] },
  ];
  // Allowances at the edge, and of neighbours, reach beyond what is drawn.
  const within = (points: readonly Spot[]): Spot[] =>
    frame.reduce<Spot[]>(
      (left, line) => (left.length > 2 ? clipped(left, line, 1) : []),
      points.map(([x, y]): Spot => [x - bx, y - by]),
    );
  const shown = (shapes: readonly { points: readonly Spot[] }[], fill: string) =>
    shapes.flatMap(({ points }) => {
      const inside = within(clockwise(points));
      return inside.length > 2 && doubleArea(inside) > 1e-6 ? [{ points: inside, fill }] : [];
    });
  return {
    ...{ width, height, wide, label, texts: [] },
    shapes: [...shown(drawing.shapes, PALE), ...shown(bands, '#c3cad4')],
    lines: spun
      .map(([x, y]): Spot => [x - bx, y - by])
      .filter(([x, y]) => x > 0 && y > 0 && x < width && y < height)
      .flatMap(([x, y]) =>
        [0, 1, 2, 3].map((quarter) => {
          const [cos, sin] = [Math.cos((quarter * Math.PI) / 2), Math.sin((quarter * Math.PI) / 2)];
          const turned = (px: number, py: number) => [x + px * cos - py * sin, y + px * sin + py * cos] as const;
          return { from: turned(-r * 0.7, -r), to: turned(r * 0.7, -r), kind: 'arrow' as const };
        }),
      ),
  };
}

/** An outline in the sense that cutting it needs: seen from the back it runs the other way round. */
const clockwise = (points: readonly Spot[]): readonly Spot[] => {
  const area = points.reduce((sum, [x, y], i) => {
    const [nx, ny] = points[(i + 1) % points.length]!;
    return sum + x * ny - y * nx;
  }, 0);
  return area < 0 ? [...points].reverse() : points;
};

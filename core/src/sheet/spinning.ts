/** Crossings whose seam allowances are spun round the middle: which they are, what to do, and how the back looks (handbook 8). */
import { extent, leaves, type Construction } from '../construction';
import type { PaperPicture } from './paper';
import { backView } from './walk';

/** What hands do at a spun crossing. */
export const SPIN =
  'Spin the crossing in the middle: undo the two or three stitches of the earlier seam inside the seam allowance, on both sides. Turn all the allowances one way round and press: a tiny copy of the crossing shows on the back.';

/** Whether the seams that join the block spin anywhere, and the labels of units that spin inside. */
export function spunIn(c: Construction): { block: boolean; units: ReadonlySet<string> } {
  // Units within others too, each by its patches as they lie in the block; the smallest around a crossing is where it is spun.
  const places = leaves(c.tree)
    .map((leaf) => {
      const own = new Set(leaf.laid.flatMap((p) => p.of));
      const box = extent(c.cloth.patches.filter((p) => p.of.some((i) => own.has(i))));
      return { leaf, box };
    })
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

/** The block from the back: the allowances where they lie, a ring of arrows round each spun crossing. */
export function backPicture(c: Construction, wide: number): PaperPicture {
  const { drawing, bands, spun } = backView(c);
  const { width, height } = drawing;
  const r = width / 14;
  // Allowances at the edge reach beyond what is drawn.
  const within = ([x, y]: readonly [number, number]) =>
    [Math.min(width, Math.max(0, x)), Math.min(height, Math.max(0, y))] as const;
  return {
    ...{ width, height, wide, label: `${c.block.name} from the back, its crossing spun`, texts: [] },
    shapes: [
      ...drawing.shapes.map(({ points }) => ({ points, fill: '#eef0f3' })),
      ...bands.map(({ points }) => ({ points: points.map(within), fill: '#c3cad4' })),
    ],
    lines: spun.flatMap(([x, y]) =>
      [0, 1, 2, 3].map((quarter) => {
        const [cos, sin] = [Math.cos((quarter * Math.PI) / 2), Math.sin((quarter * Math.PI) / 2)];
        const turned = (px: number, py: number) => [x + px * cos - py * sin, y + px * sin + py * cos] as const;
        return { from: turned(-r * 0.7, -r), to: turned(r * 0.7, -r), kind: 'arrow' as const };
      }),
    ),
  };
}

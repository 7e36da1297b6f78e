/** A block made of a drawing from another program: on a grid, its patches by colour. */
import { PER_CELL, doubleArea, tilingFaults, type Block, type Point, type Polygon } from '../block';
import { facesOf } from './faces';
import { extentOf, onto, type Grid } from './grids';
import type { SvgDrawing } from './shapes';
import { words } from './words';

/** A colour of the drawing, or what nothing was painted on. */
export interface Paint {
  /** The letter or the colour that the drawing names; 'none' for what is not painted. */
  id: string;
  /** '#rrggbb', or nothing for a pattern and for what is not painted. */
  colour?: string;
  /** The letter that the drawing names for it. */
  letter?: string;
  patches: number;
  /** Of the block's face, from 0 to 1. */
  share: number;
}

export interface Tracing {
  grid: Grid;
  patches: readonly { paint: string; points: Polygon }[];
  /** Largest share first. */
  paints: readonly Paint[];
  /** Seams that were added to open a patch that lay around another, in twelfths. */
  added: readonly (readonly [Point, Point])[];
  /** Lines that end in the middle of a patch, left out. */
  loose: number;
  /** The farthest that a corner was moved, in cells. */
  moved: number;
}

/** The drawing on a grid of `grid` cells, or why it cannot be laid on it. */
export function trace({ shapes }: SvgDrawing, grid: Grid): { tracing: Tracing } | { trouble: string; at?: Point } {
  const { x, y, w, h } = extentOf(shapes);
  if (!(w > 0 && h > 0)) return { trouble: words.nothingIsDrawn };
  let moved = 0;
  const laid = shapes.map((shape) => ({
    ...shape,
    outlines: shape.outlines.map((outline) =>
      outline.map((place): Point => {
        const cells = [((place[0] - x) / w) * grid[0], ((place[1] - y) / h) * grid[1]] as const;
        const point = [onto(cells[0]), onto(cells[1])] as const;
        moved = Math.max(moved, Math.hypot(point[0] / PER_CELL - cells[0], point[1] / PER_CELL - cells[1]));
        return point;
      }),
    ),
  }));
  const [width, height] = [grid[0] * PER_CELL, grid[1] * PER_CELL];
  const found = facesOf(laid, width, height);
  if (!found || found.faces.length > 4096) return { trouble: words.theDrawingIsTooIntricate };
  if (found.off) {
    const [cx, cy] = found.off.map((n) => Math.round((n / PER_CELL) * 100) / 100);
    return { trouble: words.seamsCrossOffTheGrid(cx!, cy!), at: found.off };
  }
  const paintOf = (shape: number) => shapes[shape]?.letter ?? shapes[shape]?.fill ?? 'none';
  const patches = found.faces.map(({ shape, points }) => ({ paint: paintOf(shape), points }));
  const [fault] = tilingFaults({ id: '', name: '', grid, patches: patches.map(({ points }) => ({ role: 'A', points })) });
  if (fault) return { trouble: fault.message, at: fault.place[0] };
  const paints = new Map<string, Paint>();
  for (const [i, { shape, points }] of found.faces.entries()) {
    const { letter, fill } = shapes[shape] ?? {};
    const id = patches[i]!.paint;
    const colour = fill?.startsWith('#') ? fill : undefined;
    const known = paints.get(id) ?? { id, colour, letter, patches: 0, share: 0 };
    const share = known.share + doubleArea(points) / (2 * width * height);
    paints.set(id, { ...known, patches: known.patches + 1, share });
  }
  const byShare = [...paints.values()].sort((a, b) => b.share - a.share);
  return { tracing: { grid, patches, paints: byShare, added: found.added, loose: found.loose, moved } };
}

/** The block of a tracing, its paints given letters. */
export function blockOfTracing(tracing: Tracing, letters: ReadonlyMap<string, string>, name: string): Block {
  const patches = tracing.patches.map(({ paint, points }) => ({ role: letters.get(paint)!, points }));
  return { id: 'block', name, grid: tracing.grid, patches };
}

/** Strips of fabric: layered for triangles, under printed paper, on a die; and sewn side by side into strip sets. */
import {
  PAPER,
  across,
  beneath,
  beside,
  facedown,
  marks,
  parted,
  piece,
  pressArrow,
  scene,
  type DirectedLine,
  type Ply,
  type Scene,
  type Spot,
} from '../../hands';
import type { Hand } from '../units/step';
import { layered, type Pair } from './pairs';

/** Two strips face to face, as much of them as shows the first cuts. `w`: their length, `h`: their width. */
function layeredStrips(roles: Pair['roles'], [w, h]: readonly [number, number], hand: Hand): Ply[] {
  const { lower, upper } = layered({ roles, side: h, seam: 0 }, hand);
  return [...beneath([piece(lower, w, h)]), facedown(piece(upper, w, h))];
}

/** Layered strips with an angle ruler in its first two positions: upright, then turned round. `pair`: what two triangles take. */
export function angleCuts(
  roles: Pair['roles'],
  { length, u, pair }: { length: number; u: number; pair: number },
  hand: Hand,
  cuts: boolean,
): Scene {
  const shown = Math.min(length, pair * 2.1);
  const strips = layeredStrips(roles, [shown, u], hand);
  if (!cuts) return scene(strips);
  // Along the edge a triangle takes u + √2·s; its tip is blunt, so that it fits the strip's width.
  const leg = (pair + u) / 2;
  const slope: DirectedLine = { from: [leg, u], to: [leg - u, 0] };
  const plumb: DirectedLine = { from: [pair, u], to: [pair, 0] };
  const first: Spot[] = [
    [0, 0],
    [leg - u, 0],
    [leg, u],
    [0, u],
  ];
  const second: Spot[] = [
    [leg - u, 0],
    [pair, 0],
    [pair, u],
    [leg, u],
  ];
  return scene(strips, { marks: marks('cut', slope, plumb), rulers: [first, second] });
}

/** Two triangles off the strip, face to face, with the seam along their long edge. */
export function angleSewn(
  roles: Pair['roles'],
  { u, pair, seam }: { u: number; pair: number; seam: number },
  hand: Hand,
): Scene {
  const leg = (pair + u) / 2;
  const slope: DirectedLine = { from: [leg, u], to: [leg - u, 0] };
  const stack = parted(layeredStrips(roles, [pair, u], hand), slope, -1);
  return scene(stack, { marks: marks('sewn', across(stack[0]!.outline, beside(slope, -seam))) });
}

/** A grid of squares on paper over two layers of fabric. `cell`: a square's side, `margin`: fabric around the grid. */
export function printedGrid(
  roles: Pair['roles'],
  { cell, margin, across: columns, down, seam }: { cell: number; margin: number; across: number; down: number; seam: number },
  hand: Hand,
  { sewn, cuts }: { sewn: boolean; cuts: boolean },
): Scene {
  const [w, h] = [columns * cell, down * cell];
  const { lower, upper } = layered({ roles, side: w, seam }, hand);
  const [wide, tall] = [w + 2 * margin, h + 2 * margin];
  const plies = [
    ...beneath([piece(lower, wide, tall)]),
    facedown(piece(upper, wide, tall)),
    piece(PAPER, w + margin, h + margin, margin / 2, margin / 2),
  ];
  const at = (x: number, y: number): Spot => [margin + x * cell, margin + y * cell];
  const grid: DirectedLine[] = [
    ...Array.from({ length: columns + 1 }, (_, x) => ({ from: at(x, 0), to: at(x, down) })),
    ...Array.from({ length: down + 1 }, (_, y) => ({ from: at(0, y), to: at(columns, y) })),
  ];
  // Diagonals turn about from square to square, so that one seam runs through many.
  const diagonals = Array.from({ length: columns * down }, (_, i) => {
    const [x, y] = [i % columns, Math.floor(i / columns)];
    const square = piece('', cell, cell, ...at(x, y)).outline;
    const line: DirectedLine =
      (x + y) % 2 === 0 ? { from: at(x, y + 1), to: at(x + 1, y) } : { from: at(x, y), to: at(x + 1, y + 1) };
    return { line, seams: [seam, -seam].map((by) => across(square, beside(line, by))) };
  });
  return scene(plies, {
    marks: [
      ...marks(cuts ? 'cut' : 'drawn', ...grid, ...diagonals.map((d) => d.line)),
      ...(sewn ? marks('sewn', ...diagonals.flatMap((d) => d.seams)) : []),
    ],
  });
}

/** The strip of a die as it is fed: both layers, right sides together. */
export const dieStrip = (roles: Pair['roles'], length: number, width: number, hand: Hand): Scene =>
  scene(layeredStrips(roles, [length, width], hand));

/** A row of strips sewn side by side along their long edges, `shown` long, with the cuts across it. */
export function setScene(
  row: readonly string[],
  {
    patch,
    segment,
    seam,
    shown,
    stage,
  }: { patch: number; segment: number; seam: number; shown: number; stage: 'sewn' | 'cut' },
): Scene {
  const wide = row.length * patch + 2 * seam;
  const plies: Ply[] = row.map((role, i) => {
    const [top, bottom] = [i === 0 ? 0 : seam + i * patch, i === row.length - 1 ? wide : seam + (i + 1) * patch];
    return piece(role, shown, bottom - top, 0, top);
  });
  const seams: DirectedLine[] = row.slice(1).map((_, i) => {
    const y = seam + (i + 1) * patch;
    return { from: [0, y], to: [shown, y] };
  });
  const times = Math.floor(shown / segment);
  const cuts: DirectedLine[] = Array.from({ length: times }, (_, i) => ({
    from: [(i + 1) * segment, 0],
    to: [(i + 1) * segment, wide],
  }));
  return scene(plies, {
    ...(stage === 'cut' && { marks: marks('cut', ...cuts) }),
    ...(stage === 'sewn' && { press: seams.map((line) => pressArrow(line, 1, patch / 5)) }),
  });
}

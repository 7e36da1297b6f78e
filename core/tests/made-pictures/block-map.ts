/** A block as maps: which patch lies at a place, and how dark the seams are there. */
import { PER_CELL, locate, boxOf, type Block } from '../../src/block';

export const SIDE = 720;

export interface BlockMap {
  /** Which patch, row by row. */
  patch: Uint16Array;
  /** How near a seam is: 1 on it, 0 away from it. */
  seam: Float32Array;
}

/** `wide`: how wide a seam's shadow is, as a share of the block's side. */
export function blockMap(block: Block, wide: number): BlockMap {
  const patch = new Uint16Array(SIDE * SIDE);
  const seam = new Float32Array(SIDE * SIDE);
  const [w, h] = block.grid.map((n) => n * PER_CELL) as [number, number];
  block.patches.forEach(({ points }, i) => {
    const box = boxOf(points);
    for (let y = Math.floor((box.y / h) * SIDE); y < ((box.y + box.h) / h) * SIDE; y += 1)
      for (let x = Math.floor((box.x / w) * SIDE); x < ((box.x + box.w) / w) * SIDE; x += 1)
        if (locate([((x + 0.5) / SIDE) * w, ((y + 0.5) / SIDE) * h], points) !== 'outside') patch[y * SIDE + x] = i;
    points.forEach((from, k) => {
      const to = points[(k + 1) % points.length]!;
      shade(seam, [from[0] / w, from[1] / h, to[0] / w, to[1] / h], wide);
    });
  });
  return { patch, seam };
}

/** Darkens a line, softly to its sides; the block's own edge is no seam. */
function shade(seam: Float32Array, [ax, ay, bx, by]: readonly [number, number, number, number], wide: number): void {
  const edge = (a: number, b: number) => a === b && (a === 0 || a === 1);
  if (edge(ax, bx) || edge(ay, by)) return;
  const far = Math.ceil(wide * SIDE * 2);
  const long = Math.hypot(bx - ax, by - ay);
  const at = (n: number) => Math.round(n * SIDE);
  for (let y = Math.max(0, at(Math.min(ay, by)) - far); y < Math.min(SIDE, at(Math.max(ay, by)) + far); y += 1)
    for (let x = Math.max(0, at(Math.min(ax, bx)) - far); x < Math.min(SIDE, at(Math.max(ax, bx)) + far); x += 1) {
      const [px, py] = [(x + 0.5) / SIDE, (y + 0.5) / SIDE];
      const along = ((px - ax) * (bx - ax) + (py - ay) * (by - ay)) / long ** 2;
      if (along < 0 || along > 1) continue;
      const off = Math.abs((px - ax) * (by - ay) - (py - ay) * (bx - ax)) / long;
      const dark = Math.exp(-((off / (wide / 2)) ** 2));
      const i = y * SIDE + x;
      if (dark > seam[i]!) seam[i] = dark;
    }
}

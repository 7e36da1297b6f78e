/** How common a shape of patch is in patchwork. */
import type { Polygon } from '../block';

/** Bits that it takes to say that a convex patch has this shape, against the commonest (squares, rectangles, half-square triangles). */
export function shapeBits(points: Polygon): number {
  const n = points.length;
  const edges = points.map((p, i): [number, number] => {
    const q = points[(i + 1) % n]!;
    return [q[0] - p[0], q[1] - p[1]];
  });
  const square = edges.filter(([x, y], i) => {
    const [u, v] = edges[(i + 1) % n]!;
    return x * u + y * v === 0;
  }).length;
  const upright = edges.filter(([x, y]) => x === 0 || y === 0).length;
  const lengths = new Set(edges.map(([x, y]) => x * x + y * y)).size;
  if (n === 3) return square === 1 && lengths === 2 ? 0 : 4;
  if (n === 4 && square === 4) return upright === 4 ? 0 : lengths === 1 ? 1 : 5;
  if (n === 4) return isParallelogram(edges) ? 4 : 16;
  // An octagon is a square that has lost its corners.
  return n === 8 && upright === 4 ? 8 : 20;
}

const isParallelogram = (edges: readonly (readonly [number, number])[]) =>
  edges[0]![0] === -edges[2]![0] && edges[0]![1] === -edges[2]![1];

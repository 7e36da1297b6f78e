/** A quilt as it is sewn together, and which of its patches run along each other: slow, and apart from the program's own way. */
import { laidOnQuilt, type QuiltPicture } from '../src/programme';

/** A patch or a part where it lies in the quilt. */
export type Spot = { role: string; points: (readonly [number, number])[] };

/** Everything that is sewn into the quilt, at its place. */
export const sewn = (picture: QuiltPicture): Spot[] => [
  ...picture.parts,
  ...picture.places.flatMap((place) =>
    (place.block?.patches ?? []).map((p) => ({ role: p.role, points: p.points.map((q) => laidOnQuilt(place, q)) })),
  ),
];

/** Whether two outlines run along each other: an edge of one holds two points of an edge of the other. Slow, and knows nothing of sorting. */
export function meet(a: Spot, b: Spot): boolean {
  const edges = ({ points }: Spot) => points.map((p, i) => [p, points[(i + 1) % points.length]!] as const);
  return edges(a).some(([p, q]) =>
    edges(b).some(([r, s]) => {
      const long = Math.hypot(q[0] - p[0], q[1] - p[1]);
      const [ux, uy] = [(q[0] - p[0]) / long, (q[1] - p[1]) / long];
      const off = (t: readonly [number, number]) => Math.abs((t[0] - p[0]) * uy - (t[1] - p[1]) * ux);
      if (off(r) > 1e-6 || off(s) > 1e-6) return false;
      const along = [r, s].map((t) => (t[0] - p[0]) * ux + (t[1] - p[1]) * uy).sort((x, y) => x - y);
      return Math.min(long, along[1]!) - Math.max(0, along[0]!) > 1e-6;
    }),
  );
}

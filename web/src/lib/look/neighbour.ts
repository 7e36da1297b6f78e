/** From one place of a quilt to the next, by arrow keys. */
import type { PicturePlace, QuiltPicture } from '@aggrega/core/programme';

const centre = ({ outline }: PicturePlace) =>
  [0, 1].map((axis) => outline.reduce((sum, p) => sum + p[axis as 0 | 1], 0) / outline.length) as [number, number];

/**
 * The nearest place in that direction; undefined at the edge. On point two are equally near: the one clockwise of the direction is
 * taken, so that right and left, up and down lead there and back along the blocks' own edges.
 */
export function neighbour(
  { places }: QuiltPicture,
  from: PicturePlace,
  [dx, dy]: readonly [number, number],
): PicturePlace | undefined {
  const [x, y] = centre(from);
  let best: { place: PicturePlace; far: number; aside: number } | undefined;
  for (const place of places) {
    const [px, py] = centre(place);
    const ahead = (px - x) * dx + (py - y) * dy;
    const aside = dx * (py - y) - dy * (px - x);
    if (ahead < 1e-6 || Math.abs(aside) > ahead + 1e-6) continue;
    const far = Math.hypot(ahead, aside);
    if (!best || far < best.far - 1e-6 || (far < best.far + 1e-6 && aside > best.aside)) best = { place, far, aside };
  }
  return best?.place;
}

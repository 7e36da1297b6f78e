/** A unit as it is seen in a block, described straight and without a picture: enough for a recipe. */
import type { UnitInBlock } from '../src/construction';
import { Exact } from '../src/measure';

export const seen = (kind: string, roles: string[], w: Exact, h = w): UnitInBlock => ({
  kind,
  roles,
  w,
  h,
  eighths: 0,
  mirrored: false,
  tick: Exact.of(1),
  picture: { patches: [], w: 0, h: 0 },
});

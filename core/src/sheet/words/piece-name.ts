/** The words of sheet/piece-name. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/piece-name', {
  aTriangleFromThePool: (roles: Said) => say`a ${roles} triangle from the pool`,
  aTriangleOf: (cut: Said) => say`a triangle of ${cut}`,
});

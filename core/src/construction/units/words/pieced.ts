/** The words of units/pieced. */
import { spoken } from '../../../words';

export const words = spoken('units/pieced', {
  fromItsParts: 'from its parts',
  sewTheTwoSmallTrianglesTo:
    'Sew the two small triangles to the half-square triangle, on the sides of its inner triangle, the pieced side on top.',
  pressTowardsTheSmallTriangles: 'Press towards the small triangles.',
  trimTheTipsFlushLeavingThe: 'Trim the tips flush, leaving the seam allowance beyond the point.',
  thePointOfTheInnerTriangle: 'the point of the inner triangle lies the seam allowance from the long edge',
  allLongEdgesAreBiasUntil: 'All long edges are bias until they are sewn.',
  piecedTriangle: 'pieced triangle',
  piecedTriangles: 'pieced triangles',
  alongBothShortEdgesFromThe: 'along both short edges, from the square corner to the tip',
  piecedUnit: 'pieced unit',
  piecedUnits: 'pieced units',
});

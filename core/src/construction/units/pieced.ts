/** Units that are sewn from smaller ones: the pieced triangle, and any other part that has seams off the grid. */
import { halfSide, rolesAt, outlines, scaled, seamOf } from './reading';
import type { Method, UnitKind } from './unit-kind';

const parts: Method = {
  name: 'parts',
  title: 'from its parts',
  recipe: () => ({ yields: 1, pieces: [], steps: [], look: [], tools: [], seams: 0 }),
};

const flush: Method = {
  ...parts,
  recipe: (wanted) => ({
    ...parts.recipe(wanted),
    steps: [
      {
        act: 'sew',
        text: 'Sew the two small triangles to the half-square triangle, on the sides of its inner triangle, the pieced side on top.',
      },
      { act: 'press', text: 'Press towards the small triangles.' },
      { act: 'trim', text: 'Trim the tips flush, leaving the seam allowance beyond the point.' },
    ],
    look: ['the point of the inner triangle lies the seam allowance from the long edge'],
    caution: 'All long edges are bias until they are sewn.',
  }),
};

const PLACES = outlines('0,0 1,0 0,1', '1,0 1,1 0,1', '1,0 2,0 1,1', '0,1 1,1 0,2');

/**
 * Four small triangles that make a large one: described with the right angle at the top left; the corner, the inner triangle, then
 * the ones to the right and below. It joins a large triangle as a half-square triangle does.
 */
export const piecedTriangle: UnitKind = {
  kind: 'pieced-triangle',
  title: 'pieced triangle',
  plural: 'pieced triangles',
  madeOf: (triangles, others) => triangles <= 4 && others === 0,
  plain: true,
  methods: [flush],
  // Its legs run out into tips of 45°: from the right angle to the tip it is f + (2 + √2)s, as a plain triangle is cut.
  measure: (unit, style) => ({
    w: halfSide(unit.w, seamOf(style)),
    h: halfSide(unit.h, seamOf(style)),
    what: 'along both short edges, from the square corner to the tip',
  }),
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 2)) : undefined),
};

/** A square or rectangle with seams that leave the grid, and no name of its own. */
export const pieced: UnitKind = {
  kind: 'pieced',
  title: 'pieced unit',
  plural: 'pieced units',
  methods: [parts],
  // Never seen in a picture: the seam tree makes one of a rectangle that it has to take apart off the grid.
  read: () => undefined,
};

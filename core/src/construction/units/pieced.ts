/** Units that are sewn from smaller ones: the pieced triangle, and any other part that has seams off the grid. */
import { halfSide, rolesAt, outlines, scaled, seamOf } from './reading';
import type { Method, UnitKind } from './unit-kind';
import { words } from './words/pieced';

const parts: Method = {
  name: 'parts',
  get title() {
    return words.fromItsParts;
  },
  recipe: () => ({ yields: 1, pieces: [], steps: [], look: [], tools: [], seams: 0 }),
};

const flush: Method = {
  ...parts,
  recipe: (wanted) => ({
    ...parts.recipe(wanted),
    steps: [
      {
        act: 'sew',
        text: words.sewTheTwoSmallTrianglesTo,
      },
      { act: 'press', text: words.pressTowardsTheSmallTriangles },
      { act: 'trim', text: words.trimTheTipsFlushLeavingThe },
    ],
    look: [words.thePointOfTheInnerTriangle],
    caution: words.allLongEdgesAreBiasUntil,
  }),
};

const PLACES = outlines('0,0 1,0 0,1', '1,0 1,1 0,1', '1,0 2,0 1,1', '0,1 1,1 0,2');

/**
 * Four small triangles that make a large one: described with the right angle at the top left; the corner, the inner triangle, then
 * the ones to the right and below. It joins a large triangle as a half-square triangle does.
 */
export const piecedTriangle: UnitKind = {
  kind: 'pieced-triangle',
  technique: 'pieced-triangles',
  get title() {
    return words.piecedTriangle;
  },
  get plural() {
    return words.piecedTriangles;
  },
  madeOf: (triangles, others) => triangles <= 4 && others === 0,
  plain: true,
  methods: [flush],
  // Its legs run out into tips of 45°: from the right angle to the tip it is f + (2 + √2)s, as a plain triangle is cut.
  measure: (unit, style) => ({
    w: halfSide(unit.w, seamOf(style)),
    h: halfSide(unit.h, seamOf(style)),
    what: words.alongBothShortEdgesFromThe,
  }),
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 2)) : undefined),
};

/** A square or rectangle with seams that leave the grid, and no name of its own. */
export const pieced: UnitKind = {
  kind: 'pieced',
  get title() {
    return words.piecedUnit;
  },
  get plural() {
    return words.piecedUnits;
  },
  methods: [parts],
  // Never seen in a picture: the seam tree makes one of a rectangle that it has to take apart off the grid.
  read: () => undefined,
};

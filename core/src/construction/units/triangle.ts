/**
 * The loose right triangle with equal sides: from a square cut once where its short sides lie on the grid, cut twice where its long
 * side does, so that straight grain lies outermost (docs: grain of a loose triangle). It has a size to cut, and no steps of its own.
 */
import { Exact } from '../../measure';
import { HALF, QUARTER, because, halfSide, quarterSide, rolesAt, seamOf, squares, outlines, scaled } from './reading';
import { liesOnPoint, type UnitKind } from './unit-kind';
import { words } from './words/triangle';

const PLACES = outlines('0,0 1,0 0,1');

export const triangle: UnitKind = {
  kind: 'triangle',
  get title() {
    return words.looseTriangle;
  },
  get plural() {
    return words.looseTriangles;
  },
  madeOf: (triangles, others) => triangles === 1 && others === 0,
  plain: true,
  methods: [
    {
      name: 'cut',
      get title() {
        return words.cutFromASquare;
      },
      recipe({ unit, style }) {
        const s = seamOf(style);
        // Straight, the right angle lies top left. On point, that puts the long side on the grid.
        const onPoint = liesOnPoint(unit);
        const f = onPoint ? unit.w.times(2).over(Exact.root2) : unit.w;
        const side = onPoint ? quarterSide(f, s) : halfSide(f, s);
        const why = because(onPoint ? QUARTER : HALF, side, s, [
          'f',
          onPoint ? words.finishedLongSide : words.finishedShortSide,
          f,
        ]);
        return {
          yields: 1,
          pieces: squares(unit.roles, side, why, onPoint ? 'twice' : 'once'),
          steps: [],
          look: [],
          tools: [],
          seams: 0,
          bias: onPoint ? 2 : 1,
        };
      },
    },
  ],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w)) : undefined),
};

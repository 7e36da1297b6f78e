/**
 * Economy unit: a square in a square twice over, finished 2a. Described with the centre, the first round clockwise from the top, and
 * the second clockwise from the top left. Formulas: docs/craft.md, Squares in squares.
 */
import { Exact } from '../../measure';
import { outlines, oversizeOf, plainPiece, rolesAt, scaled, seamOf, seamWords, sizeWords, triangles } from './reading';
import { aboutCentre, fourOf, roundSteps } from './round-steps';
import { ears } from '../scenes/pairs';
import { creased, roundStraight, type Rounded } from '../scenes/rounds';
import { starch, type UnitKind } from './unit-kind';
import { words } from './words/economy';

const PLACES = outlines(
  '1,1 3,1 3,3 1,3',
  '1,1 2,0 3,1',
  '3,1 4,2 3,3',
  '3,3 2,4 1,3',
  '1,3 0,2 1,1',
  '0,0 2,0 0,2',
  '2,0 4,0 4,2',
  '4,2 4,4 2,4',
  '0,2 2,4 0,4',
);

export const economy: UnitKind = {
  kind: 'economy',
  technique: 'square-in-square',
  outward: true,
  get title() {
    return words.economyUnit;
  },
  get plural() {
    return words.economyUnits;
  },
  madeOf: (triangles, others) => triangles === 8 && others === 1,
  oversize: { in: '1/4', cm: '0.6' },
  plain: true,
  methods: [
    {
      name: 'cut-triangles',
      get title() {
        return words.cutTrianglesFirst;
      },
      recipe({ unit, style }) {
        const s = seamOf(style);
        const a = unit.w.over(2);
        const [centre, ...rest] = unit.roles;
        const [first, second] = [rest.slice(0, 4), rest.slice(4)];
        const once = a.times(Exact.root2);
        // Cut large, the centre stays exact and both rounds grow, each trimmed back before the next. A long side that is √2 × o longer makes the
        // first round's square o larger.
        const trim = oversizeOf('economy', style);
        const large = trim.sign() > 0;
        const inner = triangles(first, a, 'twice', s, words.halfTheFinishedSide, trim.times(Exact.root2));
        const outer = triangles(second, a, 'once', s, words.halfTheFinishedSide, trim);
        const rounded: Rounded = {
          centre: { role: centre!, side: a.plus(s.times(2)).toNumber() },
          // A quarter of a square has its long side as the square's; its legs are that over √2.
          rounds: [
            { roles: fourOf(first), leg: inner[0]!.w.toNumber() / Math.SQRT2 },
            { roles: fourOf(second), leg: outer[0]!.w.toNumber() },
          ],
          seam: s.toNumber(),
        };
        return {
          yields: 1,
          pieces: [plainPiece(centre!, a, a, s), ...inner, ...outer],
          steps: [
            {
              act: 'crease',
              text: words.foldTheCentreBothWaysAnd,
              scene: () => creased(rounded),
            },
            ...roundSteps(rounded, 0, style),
            large
              ? aboutCentre({ w: once }, style, () => roundStraight(rounded, 0), true)
              : {
                  act: 'check',
                  text: words.measureSquareWithBeyondEveryPoint(sizeWords(once.plus(s.times(2)), style), seamWords(style)),
                  scene: () => ears(roundStraight(rounded, 0), once.plus(s.times(2)).toNumber()),
                },
            ...roundSteps(rounded, 1, style),
            aboutCentre(unit, style, () => roundStraight(rounded, 1), large),
          ],
          look: [words.thePointsLieFromTheEdge(seamWords(style), sizeWords(a.plus(s), style))],
          tools: [starch()],
          caution: words.theLongEdgesOfTheSecond,
          seams: 8,
          trims: large ? 2 : 0,
          bias: 8,
        };
      },
    },
  ],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 4)) : undefined),
};

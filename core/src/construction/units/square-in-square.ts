/**
 * Square in a square, F: described with the centre first, then the corners clockwise from the top left. Formulas: docs/craft.md, Squares in squares.
 */
import { Exact } from '../../measure';
import {
  because,
  outlines,
  oversizeOf,
  plainPiece,
  rolesAt,
  scaled,
  seamOf,
  seamWords,
  sizeWords,
  squares,
  triangles,
} from './reading';
import { cornerSteps } from './corner-steps';
import { aboutCentre, fourOf, roundSteps } from './round-steps';
import { cornersPressed, type Cornered } from '../scenes/corners';
import { creased, roundStraight, type Rounded } from '../scenes/rounds';
import { bonusText } from './geese';
import { marker, starch, type Method, type UnitKind, type RecipeRequest } from './unit-kind';
import { words } from './words/square-in-square';

function look({ unit, style }: RecipeRequest): string[] {
  const s = seamOf(style);
  const middle = sizeWords(unit.w.over(2).plus(s), style);
  return [words.thePointsLieFromTheEdge(seamWords(style), middle)];
}

const cutTriangles: Method = {
  name: 'cut-triangles',
  get title() {
    return words.cutTrianglesFirst;
  },
  recipe(wanted) {
    const { unit, style } = wanted;
    const [centre, ...corners] = unit.roles;
    const s = seamOf(style);
    // Cut large, the centre stays exact and the corners grow; the unit is trimmed about its centre.
    const trim = oversizeOf('square-in-square', style);
    const cut = unit.w.over(Exact.root2).plus(s.times(2));
    const pieces = triangles(corners, unit.w.over(2), 'once', s, words.halfTheFinishedSide, trim);
    const rounded: Rounded = {
      centre: { role: centre!, side: cut.toNumber() },
      rounds: [{ roles: fourOf(corners), leg: pieces[0]!.w.toNumber() }],
      seam: s.toNumber(),
    };
    return {
      yields: 1,
      pieces: [...squares([centre!], cut, because('F ÷ √2 + 2 × s', cut, s, ['F', words.finishedSide, unit.w])), ...pieces],
      steps: [
        {
          act: 'crease',
          text: words.foldTheSquareBothWaysAnd,
          scene: () => creased(rounded),
        },
        ...roundSteps(rounded, 0, style),
        aboutCentre(unit, style, () => roundStraight(rounded, 0), trim.sign() > 0),
      ],
      look: look(wanted),
      tools: [starch()],
      caution: words.theLongEdgesOfTheTriangles,
      seams: 4,
      trims: trim.sign() > 0 ? 1 : 0,
      bias: 4,
    };
  },
};

const folded: Method = {
  name: 'folded-corner',
  get title() {
    return words.withStitchAndFlipCorners;
  },
  recipe(wanted) {
    const { unit, style } = wanted;
    const [centre, ...corners] = unit.roles;
    const s = seamOf(style);
    const side = unit.w.over(2).plus(s.times(2));
    const bonus = bonusText(unit.w.over(2), style);
    const u = unit.w.plus(s.times(2)).toNumber();
    // Opposite corners first.
    const cornered: Cornered = {
      base: { role: centre!, w: u, h: u },
      corners: [0, 2, 1, 3].map((at) => ({ at, role: corners[at]!, side: side.toNumber() })),
      seam: s.toNumber(),
    };
    return {
      yields: 1,
      pieces: [
        plainPiece(centre!, unit.w, unit.h, s),
        ...squares(corners, side, because('F ÷ 2 + 2 × s', side, s, ['F', words.finishedSide, unit.w])),
      ],
      steps: [
        ...cornerSteps(cornered, style, {
          laid: words.layTwoOfThemOnOpposite,
          first: [0, 1],
          bonus,
        }),
        {
          act: 'sew',
          text: words.doTheSameOnTheOther,
          scene: () => cornersPressed(cornered, 4, [2, 3]),
        },
      ],
      look: look(wanted),
      tools: [marker()],
      bonus,
      seams: 4,
      onLine: true,
      trims: 0,
      bias: 0,
    };
  },
};

const PLACES = outlines('1,0 2,1 1,2 0,1', '0,0 1,0 0,1', '1,0 2,0 2,1', '2,1 2,2 1,2', '0,1 1,2 0,2');

export const squareInSquare: UnitKind = {
  kind: 'square-in-square',
  technique: 'square-in-square',
  outward: true,
  get title() {
    return words.squareInASquare;
  },
  get plural() {
    return words.squaresInSquares;
  },
  madeOf: (triangles, others) => triangles === 4 && others === 1,
  oversize: { in: '1/4', cm: '0.6' },
  choosable: true,
  twoWays: true,
  plain: true,
  toldApart: true,
  methods: [cutTriangles, folded],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 2)) : undefined),
};

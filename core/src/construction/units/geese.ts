/**
 * Flying goose, W by H with W = 2H: described with the wide edge of the goose at the bottom and its point up;
 * first the goose, then the sky left and right of the point. Formulas: docs/craft.md, Flying geese.
 */
import { by, checkpoint, Exact, formatLength, trimTo } from '../../measure';
import type { SewingStyle } from '../style';
import {
  HALF,
  QUARTER,
  because,
  halfSide,
  oversizeOf,
  plainPiece,
  quarterSide,
  rolesAt,
  seamOf,
  seamWords,
  sizeWords,
  squares,
  outlines,
  scaled,
} from './reading';
import { movedBy, scene, type Ply } from '../../hands';
import { cornerOff, cornerSteps } from './corner-steps';
import { sewnAndCut, type Step } from './step';
import { marker, starch, type Method, type BatchCut, type Recipe, type UnitInBlock, type UnitKind } from './unit-kind';
import { cornersAt, cornersPressed, type Cornered } from '../scenes/corners';
import {
  centred,
  centredPressed,
  fourth,
  gooseOutOf,
  halvesScene,
  heartPressed,
  heartsScene,
  looseSewn,
  thirdScene,
  twoGeese,
  wing,
  type Goose,
} from '../scenes/geese';
import { ears, underRuler } from '../scenes/pairs';
import { words } from './words/geese';

function look({ w }: UnitInBlock, style: SewingStyle): string[] {
  const s = seamOf(style);
  return [words.thePointIsBelowTheTop(seamWords(style), sizeWords(w.over(2).plus(s), style)), words.theSeamsRunExactlyIntoThe];
}

const sizeText = ({ w, h }: UnitInBlock, style: SewingStyle) => {
  const s2 = seamOf(style).times(2);
  return by(checkpoint(w.plus(s2), style.rounding, style.unit), sizeWords(h.plus(s2), style));
};

/** Finished side of the half-square triangles that two sewn corners' waste makes: H − 2√2·s. */
export function bonusSide(leg: Exact, s: Exact): Exact {
  return leg.minus(Exact.root2.times(2).times(s));
}

/** What the maker is told of the waste corners, where they are big enough to be worth it. */
export function bonusText(leg: Exact, style: SewingStyle): string | undefined {
  const s = seamOf(style);
  const bonus = bonusSide(leg, s);
  if (bonus.compare(1) < 0) return undefined;
  const size = formatLength(trimTo(bonus.plus(s.times(2)), style.rounding), style.unit);
  const twice = `${formatLength(style.seam.mul(2), style.unit)} ${style.unit}`;
  return words.forABonusHalfSquareTriangle(twice, size, style.unit);
}

const folded: Method = {
  name: 'folded-corner',
  get title() {
    return words.withStitchAndFlipCorners;
  },
  recipe({ unit, style }) {
    const [goose, ...sky] = unit.roles;
    const s = seamOf(style);
    const side = unit.h.plus(s.times(2));
    const bonus = bonusText(unit.h, style);
    const cornered: Cornered = {
      base: { role: goose!, w: unit.w.plus(s.times(2)).toNumber(), h: side.toNumber() },
      corners: sky.map((role, at) => ({ at, role, side: side.toNumber() })),
      seam: s.toNumber(),
    };
    return {
      yields: 1,
      pieces: [
        plainPiece(goose!, unit.w, unit.h, s),
        ...squares(sky, side, because('H + 2 × s', side, s, ['H', words.finishedHeight, unit.h])),
      ],
      steps: [
        ...cornerSteps(cornered, style, {
          laid: words.layASquareOnOneEnd,
          first: [0],
          bonus,
        }),
        {
          act: 'sew',
          text: words.sewTheOtherSquareToThe,
          scene: () => cornersAt(cornered, [1], 'sew'),
        },
        {
          act: 'press',
          text: cornerOff(style),
          scene: () => cornersPressed(cornered, 2, [1]),
        },
      ],
      look: look(unit, style),
      tools: [marker()],
      caution: words.startAtTheMiddleOfThe,
      bonus,
      seams: 2,
      onLine: true,
      trims: 0,
      bias: 0,
    };
  },
};

/** Goose squares cut to quarters, sky squares to halves, before or after sewing: the same sizes. */
function sizes(unit: UnitInBlock, style: SewingStyle) {
  const s = seamOf(style);
  const trim = oversizeOf('geese', style);
  const [w, h] = [unit.w.plus(trim), unit.h.plus(trim.over(2))];
  const said = (name: string, x: Exact, by: Exact) => (by.sign() > 0 ? words.andToTrimAway(name, String(x), String(by)) : name);
  const [big, small] = [quarterSide(w, s), halfSide(h, s)];
  return {
    trims: trim.sign() > 0 ? 1 : 0,
    goose: { side: big, why: because(QUARTER, big, s, ['f', said(words.finishedWidthW, unit.w, trim), w]) },
    sky: { side: small, why: because(HALF, small, s, ['f', said(words.finishedHeightH, unit.h, trim.over(2)), h]) },
  };
}

/** The squares as they are cut, and the sides that the unit is sewn at. */
function gooseOf(unit: UnitInBlock, style: SewingStyle): Goose {
  const trim = oversizeOf('geese', style);
  const { goose, sky } = sizes(unit, style);
  const [w, h] = [unit.w.plus(trim), unit.h.plus(trim.over(2))];
  return {
    roles: [unit.roles[0]!, unit.roles[1]!, unit.roles[2]!],
    ...{ big: goose.side.toNumber(), small: sky.side.toNumber(), w: w.toNumber(), h: h.toNumber() },
    seam: seamOf(style).toNumber(),
  };
}

/** The last step of a goose that lies with its point at the origin: its ears, or the ruler about its point. */
function gooseTrim(unit: UnitInBlock, style: SewingStyle, sewn: () => Ply[]): Step {
  const s = seamOf(style);
  const [w, h] = [unit.w, unit.h].map((x) => x.plus(s.times(2)).toNumber()) as [number, number];
  // The point lies s below the upper edge: the box's middle to the origin.
  const middle = () => movedBy(sewn(), 0, s.toNumber() - h / 2);
  if (oversizeOf('geese', style).sign() === 0)
    return { act: 'trim', text: words.trimTheDogEars, scene: () => ears(middle(), w, h) };
  return {
    act: 'trim',
    text: words.trimToThePointLiesAt(sizeText(unit, style), seamWords(style)),
    scene: (hand) => underRuler(middle(), [w, h], hand, { diagonal: false }),
  };
}

const four: Method = {
  name: 'four-at-a-time',
  get title() {
    return words.fourAtATime;
  },
  recipe({ unit, style }): Recipe {
    const [goose, left, right] = unit.roles as [string, string, string];
    const { goose: big, sky, trims } = sizes(unit, style);
    const g = gooseOf(unit, style);
    const seam = seamWords(style);
    const handed = left !== right;
    return {
      // Each heart gives a goose with its first sky on the left, and one with it on the right.
      yields: handed ? 2 : 4,
      mirrored: handed ? 2 : undefined,
      pieces: [...squares([goose], big.side, big.why), ...squares([left, right], sky.side, sky.why, 'none', 2)],
      steps: [
        {
          act: 'place',
          text: words.layTwoSquaresOnOppositeCorners(handed ? left : words.small),
          scene: () => heartsScene(g, 'place'),
        },
        ...sewnAndCut(seam, (_, stage) => heartsScene(g, stage)),
        {
          act: 'press',
          text: words.pressTowardsTheSmallTrianglesYou,
          scene: () => heartPressed(g),
        },
        {
          act: 'place',
          text: words.laySquareOnTheRemainingCorner(handed ? `a ${right}` : words.aSmall),
          scene: () => thirdScene(g, 'place'),
        },
        ...sewnAndCut(seam, (_, stage) => thirdScene(g, stage)),
        {
          act: 'press',
          text: words.pressTowardsTheSmallTriangle,
          scene: () => scene(fourth(g)),
        },
        gooseTrim(unit, style, () => fourth(g)),
      ],
      look: look(unit, style),
      tools: [marker(), ...(trims > 0 ? [words.aRulerWithA45Line] : [])],
      caution: handed ? words.halfOfEachBatchComeOut : undefined,
      seams: 2,
      trims,
      bias: 0,
    };
  },
};

const twoSquares: Method = {
  name: 'two-squares',
  get title() {
    return words.fromTwoLargeSquares;
  },
  unable(unit, style) {
    if (style.unit !== 'in' || !style.seam.equals(0.25)) return words.twoLargeSquaresAreMadeFor;
    return unit.roles[1] === unit.roles[2] ? undefined : words.twoLargeSquaresGiveTheSame;
  },
  recipe({ unit, style }) {
    const s = seamOf(style);
    const w = unit.w.plus(s.times(2));
    const why = (formula: string, exact: Exact) => because(formula, exact, s, ['W', words.finishedWidth, unit.w]);
    const [goose, sky] = [w.plus(Exact.of(1.5)), w.plus(3)];
    const g: Goose = {
      ...gooseOf(unit, style),
      ...{ big: sky.toNumber(), small: goose.toNumber(), w: unit.w.toNumber(), h: unit.h.toNumber() },
    };
    const [wide, tall] = [w.toNumber(), unit.h.plus(s.times(2)).toNumber()];
    const seam = seamWords(style);
    return {
      yields: 4,
      pieces: [
        ...squares([unit.roles[0]!], goose, why('W + 2 × s + 1 1/2', goose)),
        ...squares([unit.roles[1]!], sky, why('W + 2 × s + 3', sky)),
      ],
      steps: [
        {
          act: 'place',
          text: words.centreTheSmallerSquareOnThe,
          scene: () => centred(g, 'place'),
        },
        ...sewnAndCut(seam, (_, stage) => centred(g, stage), words.cutOnTheLineToThe),
        { act: 'press', text: words.pressBothTowardsTheLargerTriangle, scene: () => centredPressed(g) },
        {
          act: 'place',
          text: words.layOneOnTheOtherRight,
          scene: () => halvesScene(g, 'place'),
        },
        ...sewnAndCut(seam, (_, stage) => halvesScene(g, stage), words.cutOnTheLineInThe),
        {
          act: 'press',
          text: words.pressBothHalvesOfTheSeam,
          scene: () => scene(twoGeese(g)),
        },
        {
          act: 'trim',
          text: words.trimTwoGeeseOutOfEach(sizeText(unit, style), seam),
          scene: () => gooseOutOf(g, [wide, tall]),
        },
      ],
      look: look(unit, style),
      tools: [marker(), words.aRulerWithA45Line],
      seams: 2,
      trims: 1,
      bias: 0,
    };
  },
};

const cutTriangles: Method = {
  name: 'cut-triangles',
  get title() {
    return words.cutTrianglesFirst;
  },
  recipe({ unit, style }) {
    const [goose, ...wings] = unit.roles;
    const { goose: big, sky, trims } = sizes(unit, style);
    const g = gooseOf(unit, style);
    const pieces: BatchCut[] = [...squares([goose!], big.side, big.why, 'twice'), ...squares(wings, sky.side, sky.why, 'once')];
    return {
      yields: 1,
      pieces,
      steps: [
        {
          act: 'sew',
          text: words.layASkyTriangleOnOne(seamWords(style)),
          scene: () => wing(g, 'left', 'sew'),
        },
        { act: 'press', text: words.pressTowardsTheSky, scene: () => wing(g, 'left', 'press') },
        {
          act: 'sew',
          text: words.sewTheOtherSkyTriangleTo,
          scene: () => wing(g, 'right', 'sew'),
        },
        { act: 'press', text: words.pressTowardsTheSky, scene: () => wing(g, 'right', 'press') },
        gooseTrim(unit, style, () => looseSewn(g, 'right')),
      ],
      look: look(unit, style),
      tools: [starch()],
      caution: words.twoBiasEdgesAreSewnAt,
      seams: 2,
      trims,
      bias: 2,
    };
  },
};

const PLACES = outlines('1,0 2,1 0,1', '0,0 1,0 0,1', '1,0 2,0 2,1');

export const geese: UnitKind = {
  kind: 'geese',
  technique: 'geese',
  outward: true,
  get title() {
    return words.flyingGoose;
  },
  get plural() {
    return words.flyingGeese;
  },
  madeOf: (triangles, others) => triangles === 3 && others === 0,
  oversize: { in: '1/8', cm: '0.3' },
  choosable: true,
  twoWays: true,
  plain: true,
  toldApart: true,
  methods: [folded, four, twoSquares, cutTriangles],
  read: (picture) => (picture.w === 2 * picture.h ? rolesAt(picture, scaled(PLACES, picture.h)) : undefined),
  get surplus() {
    return words.aBorderOrToLengthenOne;
  },
};

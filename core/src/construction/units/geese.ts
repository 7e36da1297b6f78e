/**
 * Flying goose, W by H with W = 2H: described with the wide edge of the goose at the bottom and its point up;
 * first the goose, then the sky left and right of the point. Formulas: docs/craft.md, Flying geese.
 */
import { Exact, checkpoint, formatLength, trimTo } from '../../measure';
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
import { MARKER, type Method, type BatchCut, type Recipe, type UnitInBlock, type UnitKind } from './unit-kind';
import { cornersAt, cornersPressed, type Cornered } from '../scenes/corners';
import {
  centred,
  centredPressed,
  fourth,
  gooseCuts,
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

function look({ w }: UnitInBlock, style: SewingStyle): string[] {
  const s = seamOf(style);
  return [
    `the point is ${seamWords(style)} below the top edge and ${sizeWords(w.over(2).plus(s), style)} from each side`,
    'the seams run exactly into the two bottom corners',
  ];
}

const sizeText = ({ w, h }: UnitInBlock, style: SewingStyle) => {
  const s2 = seamOf(style).times(2);
  return `${checkpoint(w.plus(s2), style.rounding, style.unit)} by ${sizeWords(h.plus(s2), style)}`;
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
  return `For a bonus half-square triangle from each corner, sew a second seam now, ${twice} outside the first, and cut between the two. Press it and trim it to ${size} ${style.unit} square.`;
}

const folded: Method = {
  name: 'folded-corner',
  title: 'with stitch-and-flip corners',
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
        ...squares(sky, side, because('H + 2 × s', side, s, ['H', 'finished height', unit.h])),
      ],
      steps: [
        ...cornerSteps(cornered, style, {
          laid: 'Lay a square on one end of the rectangle, right sides together. Its line runs from the lower corner to the middle of the upper edge.',
          first: [0],
          bonus,
        }),
        {
          act: 'sew',
          text: 'Sew the other square to the other end in the same way. It overlaps the first at the point.',
          scene: () => cornersAt(cornered, [1], 'sew'),
        },
        {
          act: 'press',
          text: cornerOff(style),
          scene: () => cornersPressed(cornered, 2, [1]),
        },
      ],
      look: look(unit, style),
      tools: [MARKER],
      caution: 'Start at the middle of the long edge, not at the corner, so that the machine does not chew the point.',
      bonus,
      seams: 2,
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
  const said = (name: string, x: Exact, by: Exact) => (by.sign() > 0 ? `${name} ${x}, and ${by} to trim away` : name);
  const [big, small] = [quarterSide(w, s), halfSide(h, s)];
  return {
    trims: trim.sign() > 0 ? 1 : 0,
    goose: { side: big, why: because(QUARTER, big, s, ['f', said('finished width W', unit.w, trim), w]) },
    sky: { side: small, why: because(HALF, small, s, ['f', said('finished height H', unit.h, trim.over(2)), h]) },
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
    return { act: 'trim', text: 'Trim the dog-ears.', scene: () => ears(middle(), w, h) };
  return {
    act: 'trim',
    text: `Trim to ${sizeText(unit, style)}: the point lies at half the width, ${seamWords(style)} below the ruler’s edge. Trim two sides, turn the unit round and trim the other two.`,
    scene: (hand) => underRuler(middle(), [w, h], hand, { diagonal: false }),
  };
}

const four: Method = {
  name: 'four-at-a-time',
  title: 'four at a time',
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
          text: `Lay two ${handed ? left : 'small'} squares on opposite corners of the large square, right sides together. They overlap a little in the middle. Draw a line from corner to corner through both.`,
          scene: () => heartsScene(g, 'place'),
        },
        ...sewnAndCut(seam, (_, stage) => heartsScene(g, stage)),
        {
          act: 'press',
          text: 'Press towards the small triangles. You have two hearts.',
          scene: () => heartPressed(g),
        },
        {
          act: 'place',
          text: `Lay ${handed ? `a ${right}` : 'a small'} square on the remaining corner of each heart, right sides together. Draw a line from that corner to the notch.`,
          scene: () => thirdScene(g, 'place'),
        },
        ...sewnAndCut(seam, (_, stage) => thirdScene(g, stage)),
        {
          act: 'press',
          text: 'Press towards the small triangle.',
          scene: () => scene(fourth(g)),
        },
        gooseTrim(unit, style, () => fourth(g)),
      ],
      look: look(unit, style),
      tools: [MARKER, ...(trims > 0 ? ['a ruler with a 45° line'] : [])],
      caution: handed ? 'Half of each batch come out as mirror images. Sort them by the pictures.' : undefined,
      seams: 2,
      trims,
      bias: 0,
    };
  },
};

const twoSquares: Method = {
  name: 'two-squares',
  title: 'from two large squares',
  unable(unit, style) {
    if (style.unit !== 'in' || !style.seam.equals(0.25)) return 'two large squares are made for a seam of 1/4 in';
    return unit.roles[1] === unit.roles[2] ? undefined : 'two large squares give the same sky on both sides';
  },
  recipe({ unit, style }) {
    const s = seamOf(style);
    const w = unit.w.plus(s.times(2));
    const why = (formula: string, exact: Exact) => because(formula, exact, s, ['W', 'finished width', unit.w]);
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
          text: 'Centre the smaller square on the larger one, right sides together. Draw a line from corner to corner.',
          scene: () => centred(g, 'place'),
        },
        ...sewnAndCut(seam, (_, stage) => centred(g, stage), 'Cut on the line, to the corners of the larger square.'),
        { act: 'press', text: 'Press both towards the larger triangle.', scene: () => centredPressed(g) },
        {
          act: 'place',
          text: 'Lay one on the other, right sides together, opposite fabrics facing. The seams lie level but do not meet. Draw a line across them, from corner to corner.',
          scene: () => halvesScene(g, 'place'),
        },
        ...sewnAndCut(
          seam,
          (_, stage) => halvesScene(g, stage),
          'Cut on the line. In the middle of each piece, snip the seam allowance up to the stitches.',
        ),
        {
          act: 'press',
          text: 'Press both halves of the seam away from the geese.',
          scene: () => scene(twoGeese(g)),
        },
        {
          act: 'trim',
          text: `Trim two geese out of each piece, ${sizeText(unit, style)}: the point lies at half the width, ${seam} below the ruler’s edge.`,
          scene: () => gooseOutOf(g, [wide, tall]),
        },
      ],
      look: look(unit, style),
      tools: [MARKER, 'a ruler with a 45° line'],
      seams: 2,
      trims: 1,
      bias: 0,
    };
  },
};

const cutTriangles: Method = {
  name: 'cut-triangles',
  title: 'cut triangles first',
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
          act: 'cut',
          text: 'Cut the goose squares twice and the sky squares once on the diagonal.',
          scene: () => gooseCuts(g),
        },
        {
          act: 'sew',
          text: `Lay a sky triangle on one short side of the goose, right sides together, level at the base. At the other end its tip reaches beyond the goose: that is right. Sew ${seamWords(style)} from the edge.`,
          scene: () => wing(g, 'left', 'sew'),
        },
        { act: 'press', text: 'Press towards the sky.', scene: () => wing(g, 'left', 'press') },
        {
          act: 'sew',
          text: 'Sew the other sky triangle to the other side in the same way.',
          scene: () => wing(g, 'right', 'sew'),
        },
        { act: 'press', text: 'Press towards the sky.', scene: () => wing(g, 'right', 'press') },
        gooseTrim(unit, style, () => looseSewn(g, 'right')),
      ],
      look: look(unit, style),
      tools: ['starch'],
      caution: 'Two bias edges are sewn at a time: starch first, and do not pull.',
      seams: 2,
      trims,
      bias: 2,
    };
  },
};

const PLACES = outlines('1,0 2,1 0,1', '0,0 1,0 0,1', '1,0 2,0 2,1');

export const geese: UnitKind = {
  kind: 'geese',
  outward: true,
  title: 'flying goose',
  plural: 'flying geese',
  madeOf: (triangles, others) => triangles === 3 && others === 0,
  oversize: { in: '1/8', cm: '0.3' },
  choosable: true,
  twoWays: true,
  plain: true,
  toldApart: true,
  methods: [folded, four, twoSquares, cutTriangles],
  read: (picture) => (picture.w === 2 * picture.h ? rolesAt(picture, scaled(PLACES, picture.h)) : undefined),
  surplus: 'a border, or to lengthen one that comes up short',
};

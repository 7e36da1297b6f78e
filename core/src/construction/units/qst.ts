/**
 * Quarter-square triangle (QST): a square of four triangles that meet in the middle, described clockwise from the top.
 * Formulas: docs/craft.md, Quarter-square triangles. Two fabrics make an hourglass; three or four come from two different pairs of half-square triangles.
 */
import { scene } from '../../hands';
import type { SewingStyle } from '../style';
import { ears, faced, marked, rising, underRuler, type Pair } from '../scenes/pairs';
import {
  longSeam,
  pairApart,
  pairedScene,
  pairsPressed,
  quarterPress,
  quarterUnit,
  quartersLaid,
  quartersSewn,
  type Quarters,
} from '../scenes/quarters';
import {
  QUARTER,
  because,
  counted,
  oversizeOf,
  quarterSide,
  rolesAt,
  seamOf,
  seamWords,
  sizeWords,
  squares,
  triangles,
  outlines,
  scaled,
} from './reading';
import { planned, type Step } from './step';
import { marker, starch, type Method, type UnitInBlock, type UnitKind } from './unit-kind';
import { words } from './words/qst';

/** The two pairs that are sewn across each other: the top with the left, the right with the bottom. */
const pairsOf = ([top, right, bottom, left]: readonly string[]) =>
  [[top!, left!] as const, [right!, bottom!] as const] as const;

/** Whether the unit is its own mirror image: then all that a batch makes are alike. */
function ownMirror([top, right, bottom, left]: readonly string[]): boolean {
  // Over an upright or level line two opposite places change; over a diagonal line, two neighbouring pairs.
  return right === left || top === bottom || (top === right && bottom === left) || (top === left && bottom === right);
}

function finish(unit: UnitInBlock, style: SewingStyle, q: Quarters) {
  const s = seamOf(style);
  const middle = sizeWords(unit.w.over(2).plus(s), style);
  const unfinished = unit.w.plus(s.times(2));
  const u = unfinished.toNumber();
  const trim = style.sizing === 'trim-down';
  const last: Step = trim
    ? {
        act: 'trim',
        text: words.trimToSquareAboutTheCentre(sizeWords(unfinished, style), middle),
        scene: (hand) => underRuler(quarterUnit(q, hand), [u, u], hand),
      }
    : { act: 'trim', text: words.trimTheDogEars, scene: (hand) => ears(quarterUnit(q, hand), u) };
  return {
    press: planned((hand) => scene(quarterUnit(q, hand), { press: quarterPress(q, hand) }), [2]),
    last,
    look: [words.theSeamsCrossFromEveryEdge(middle), words.bothSeamsRunFromCornerTo],
    trims: trim ? 1 : 0,
  };
}

const four = (roles: readonly string[]) => [roles[0]!, roles[1]!, roles[2]!, roles[3]!] as const;

const twoAtATime: Method = {
  name: 'two-at-a-time',
  get title() {
    return words.twoAtATime;
  },
  recipe({ unit, style }) {
    const s = seamOf(style);
    const trim = oversizeOf('qst', style);
    const f = unit.w.plus(trim);
    const side = quarterSide(f, s);
    const seam = seamWords(style);
    const [first, second] = pairsOf(unit.roles);
    const [top, right, bottom, left] = four(unit.roles);
    const same = [...first].sort().join() === [...second].sort().join();
    const meaning = trim.sign() > 0 ? words.finishedSideAndToTrimAway(String(unit.w), String(trim)) : words.finishedSide;
    // Two like pairs are one square of each fabric; different ones need two squares each, and make twice as many.
    const fabrics = same ? first : [...first, ...second];
    const batch = same ? 2 : 4;
    const handed = !ownMirror(unit.roles);
    const q: Quarters = { roles: four(unit.roles), side: side.toNumber(), seam: s.toNumber() };
    const { press, last, look, trims } = finish(unit, style, q);
    const pair: Pair = { roles: [first[0], first[1]], side: q.side, seam: q.seam };
    const line = [rising(q.side)];
    const which = same ? '' : words.withAndWith(first[0], first[1], second[0], second[1]);
    return {
      yields: handed ? batch / 2 : batch,
      mirrored: handed ? batch / 2 : undefined,
      pieces: squares(fabrics, side, because(QUARTER, side, s, ['f', meaning, f])),
      steps: [
        {
          act: 'mark',
          text: words.makeHalfSquareTrianglesFirstDraw(which),
          scene: (hand) => marked(pair, hand, line),
        },
        {
          act: 'sew',
          text: words.layItOnTheOtherSquare(seam),
          scene: (hand) => faced(pair, hand, { drawn: line, sewn: line }),
        },
        { act: 'apart', text: words.cutOnTheLine, scene: (hand) => faced(pair, hand, { sewn: line, cuts: line }) },
        planned((hand) => pairApart(q, hand), [0, 1]),
        {
          act: 'place',
          text: same ? words.layOneOnTheOtherRight : words.layOneOfEachKind(top, right, left, bottom),
          scene: (hand) => pairedScene(q, hand, 'place'),
        },
        {
          act: 'mark',
          text: words.drawALineSquareToThe,
          scene: (hand) => pairedScene(q, hand, 'mark'),
        },
        {
          act: 'sew',
          text: words.sewFromTheLineOnBoth(seam),
          scene: (hand) => pairedScene(q, hand, 'sew'),
        },
        { act: 'apart', text: words.cutOnTheLine, scene: (hand) => pairedScene(q, hand, 'apart') },
        press,
        last,
      ],
      look,
      tools: [marker(), ...(trims > 0 ? [words.aSquareRulerWithA45] : [])],
      caution: handed ? words.halfOfEachBatchComeOut : same ? words.twoDarkSidesFacingMakeA : undefined,
      trims,
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
    const s = seamOf(style);
    const pieces = triangles(unit.roles, unit.w, 'twice', s, words.finishedSide, oversizeOf('qst', style));
    const per = [...counted(unit.roles).values()];
    // An hourglass takes two triangles of each fabric, so that the squares come out even.
    const even = per.every((n) => n === per[0]);
    const yields = even ? 4 / per[0]! : 1;
    for (const cut of pieces) cut.needs *= yields;
    const q: Quarters = { roles: four(unit.roles), side: pieces[0]!.w.toNumber(), seam: s.toNumber() };
    const { press, last, look, trims } = finish(unit, style, q);
    return {
      yields,
      pieces,
      steps: [
        {
          act: 'place',
          text: words.layTheFourTrianglesOutAs,
          scene: () => quartersLaid(q),
        },
        {
          act: 'sew',
          text: words.sewThemInPairsAlongA(seamWords(style)),
          scene: (hand) => quartersSewn(q, hand),
        },
        planned((hand) => pairsPressed(q, hand), [0, 1]),
        {
          act: 'sew',
          text: words.sewThePairsTogetherAlongThe,
          scene: (hand) => longSeam(q, hand),
        },
        press,
        last,
      ],
      look,
      tools: [starch()],
      caution: words.theShortEdgesAreBiasUntil,
      trims,
      bias: 3,
    };
  },
};

const PLACES = outlines('0,0 2,0 1,1', '2,0 2,2 1,1', '2,2 0,2 1,1', '0,0 1,1 0,2');

export const qst: UnitKind = {
  kind: 'qst',
  technique: 'qst',
  get title() {
    return words.quarterSquareTriangle;
  },
  get plural() {
    return words.quarterSquareTriangles;
  },
  madeOf: (triangles, others) => triangles <= 4 && others === 0,
  oversize: { in: '1/4', cm: '0.6' },
  choosable: true,
  plain: true,
  toldApart: true,
  methods: [twoAtATime, cutTriangles],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 2)) : undefined),
  get surplus() {
    return words.theMiddleOfALaterStar;
  },
};

/**
 * Quarter-square triangle (QST): a square of four triangles that meet in the middle, described clockwise from the top.
 * Formulas: docs/craft.md, Quarter-square triangles. Two fabrics make an hourglass; three or four come from two different pairs of half-square triangles.
 */
import { scene } from '../../hands';
import type { SewingStyle } from '../style';
import { ears, faced, marked, rising, underRuler, type Pair } from '../scenes/pairs';
import {
  cutTwice,
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
import { MARKER, type Method, type UnitInBlock, type UnitKind } from './unit-kind';

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
        text: `Trim to ${sizeWords(unfinished, style)} square about the centre: lay the ruler’s ${middle} marks on the crossing and its 45° line on a seam. Trim two sides, turn the unit round and trim the other two.`,
        scene: (hand) => underRuler(quarterUnit(q, hand), [u, u], hand),
      }
    : { act: 'trim', text: 'Trim the dog-ears.', scene: (hand) => ears(quarterUnit(q, hand), u) };
  return {
    press: planned((hand) => scene(quarterUnit(q, hand), { press: quarterPress(q, hand) }), [2]),
    last,
    look: [`the seams cross ${middle} from every edge`, 'both seams run from corner to corner'],
    trims: trim ? 1 : 0,
  };
}

const four = (roles: readonly string[]) => [roles[0]!, roles[1]!, roles[2]!, roles[3]!] as const;

const twoAtATime: Method = {
  name: 'two-at-a-time',
  title: 'two at a time',
  recipe({ unit, style }) {
    const s = seamOf(style);
    const trim = oversizeOf('qst', style);
    const f = unit.w.plus(trim);
    const side = quarterSide(f, s);
    const seam = seamWords(style);
    const [first, second] = pairsOf(unit.roles);
    const same = [...first].sort().join() === [...second].sort().join();
    const meaning = trim.sign() > 0 ? `finished side ${unit.w}, and ${trim} to trim away` : 'finished side';
    // Two like pairs are one square of each fabric; different ones need two squares each, and make twice as many.
    const fabrics = same ? first : [...first, ...second];
    const batch = same ? 2 : 4;
    const handed = !ownMirror(unit.roles);
    const q: Quarters = { roles: four(unit.roles), side: side.toNumber(), seam: s.toNumber() };
    const { press, last, look, trims } = finish(unit, style, q);
    const pair: Pair = { roles: [first[0], first[1]], side: q.side, seam: q.seam };
    const line = [rising(q.side)];
    const which = same ? '' : `: ${first[0]} with ${first[1]}, and ${second[0]} with ${second[1]}`;
    return {
      yields: handed ? batch / 2 : batch,
      mirrored: handed ? batch / 2 : undefined,
      pieces: squares(fabrics, side, because(QUARTER, side, s, ['f', meaning, f])),
      steps: [
        {
          act: 'mark',
          text: `Make half-square triangles first${which}. Draw a diagonal line on the back of the lighter square.`,
          scene: (hand) => marked(pair, hand, line),
        },
        {
          act: 'sew',
          text: `Lay it on the other square, right sides together. Sew ${seam} from the line, on both sides of it. Set the seams.`,
          scene: (hand) => faced(pair, hand, { drawn: line, sewn: line }),
        },
        { act: 'apart', text: 'Cut on the line.', scene: (hand) => faced(pair, hand, { sewn: line, cuts: line }) },
        planned((hand) => pairApart(q, hand), [0, 1]),
        {
          act: 'place',
          text: same
            ? 'Lay one on the other, right sides together, opposite fabrics facing. The seams nest.'
            : 'Lay one of each kind right sides together, as they lie in the picture of the unit. The seams nest.',
          scene: (hand) => pairedScene(q, hand, 'place'),
        },
        {
          act: 'mark',
          text: 'Draw a line square to the seam, through its middle. It need not meet the corners exactly.',
          scene: (hand) => pairedScene(q, hand, 'mark'),
        },
        {
          act: 'sew',
          text: `Sew ${seam} from the line, on both sides of it. Set the seams.`,
          scene: (hand) => pairedScene(q, hand, 'sew'),
        },
        { act: 'apart', text: 'Cut on the line.', scene: (hand) => pairedScene(q, hand, 'apart') },
        press,
        last,
      ],
      look,
      tools: [MARKER, ...(trims > 0 ? ['a square ruler with a 45° line'] : [])],
      caution: handed
        ? 'Half of each batch come out as mirror images. Sort them by the pictures before you trim.'
        : same
          ? 'Two dark sides facing make a half-square triangle again. See that opposite fabrics face before you sew.'
          : undefined,
      trims,
      bias: 0,
    };
  },
};

const cutTriangles: Method = {
  name: 'cut-triangles',
  title: 'cut triangles first',
  recipe({ unit, style }) {
    const s = seamOf(style);
    const pieces = triangles(unit.roles, unit.w, 'twice', s, 'finished side', oversizeOf('qst', style));
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
          act: 'cut',
          text: 'Cut the squares twice on the diagonal, without moving the pieces between the cuts.',
          scene: () => cutTwice(unit.roles, q.side),
        },
        {
          act: 'place',
          text: 'Lay the four triangles out as in the picture of the unit.',
          scene: () => quartersLaid(q),
        },
        {
          act: 'sew',
          text: `Sew them in pairs along a short edge, ${seamWords(style)} from it. Feed both pairs in the same way, so that the seams nest.`,
          scene: (hand) => quartersSewn(q, hand),
        },
        planned((hand) => pairsPressed(q, hand), [0, 1]),
        {
          act: 'sew',
          text: 'Sew the pairs together along the long edge. Set the seam.',
          scene: (hand) => longSeam(q, hand),
        },
        press,
        last,
      ],
      look,
      tools: ['starch'],
      caution: 'The short edges are bias until they are sewn: do not pull on them.',
      trims,
      bias: 3,
    };
  },
};

const PLACES = outlines('0,0 2,0 1,1', '2,0 2,2 1,1', '2,2 0,2 1,1', '0,0 1,1 0,2');

export const qst: UnitKind = {
  kind: 'qst',
  title: 'quarter-square triangle',
  plural: 'quarter-square triangles',
  madeOf: (triangles, others) => triangles <= 4 && others === 0,
  oversize: { in: '1/4', cm: '0.6' },
  choosable: true,
  plain: true,
  toldApart: true,
  methods: [twoAtATime, cutTriangles],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 2)) : undefined),
  surplus: 'the middle of a later star, or a border',
};

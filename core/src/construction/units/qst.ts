/**
 * Quarter-square triangle (QST): a square of four triangles that meet in the middle, described clockwise from the top.
 * Formulas: handbook 2. Two fabrics make an hourglass; three or four come from two different pairs of half-square triangles.
 */
import { checkpoint, formatLength } from '../../measure';
import {
  QUARTER,
  because,
  counted,
  oversizeOf,
  quarterSide,
  rolesAt,
  seamOf,
  squares,
  triangles,
  outlines,
  scaled,
} from './reading';
import { PRESS, type Method, type Seen, type UnitKind } from './unit-kind';

/** The two pairs that are sewn across each other: the top with the left, the right with the bottom. */
const pairsOf = ([top, right, bottom, left]: readonly string[]) =>
  [[top!, left!] as const, [right!, bottom!] as const] as const;

/** Whether the unit is its own mirror image: then all that a batch makes are alike. */
function ownMirror([top, right, bottom, left]: readonly string[]): boolean {
  // Over an upright or level line two opposite places change; over a diagonal line, two neighbouring pairs.
  return right === left || top === bottom || (top === right && bottom === left) || (top === left && bottom === right);
}

function finish({ w }: Seen, style: Parameters<Method['recipe']>[0]['style']) {
  const s = seamOf(style);
  const size = (x: typeof w) => checkpoint(x, style.rounding, style.unit);
  const middle = size(w.over(2).plus(s));
  const trim = style.sizing === 'trim-down';
  return {
    last: trim
      ? `Trim each to ${size(w.plus(s.times(2)))} about its centre: the crossing lies ${middle} from every edge.`
      : 'Snip off the dog ears.',
    look: [`the seams cross ${middle} from every edge`, 'both seams run from corner to corner'],
    trims: trim ? 1 : 0,
  };
}

const twoAtATime: Method = {
  name: 'two-at-a-time',
  title: 'two at a time',
  recipe({ unit, style }) {
    const s = seamOf(style);
    const trim = oversizeOf('qst', style);
    const f = unit.w.plus(trim);
    const side = quarterSide(f, s);
    const seam = formatLength(style.seam, style.unit);
    const [first, second] = pairsOf(unit.roles);
    const same = [...first].sort().join() === [...second].sort().join();
    const meaning = trim.sign() > 0 ? `finished side ${unit.w}, and ${trim} to trim away` : 'finished side';
    // Two like pairs are one square of each fabric; different ones need two squares each, and make twice as many.
    const fabrics = same ? first : [...first, ...second];
    const batch = same ? 2 : 4;
    const handed = !ownMirror(unit.roles);
    const { last, look, trims } = finish(unit, style);
    const named = (pair: readonly [string, string]) => `${pair[0]} with ${pair[1]}`;
    return {
      yields: handed ? batch / 2 : batch,
      mirrored: handed ? batch / 2 : undefined,
      pieces: squares(fabrics, side, because(QUARTER, side, s, ['f', meaning, f])),
      steps: [
        same
          ? `Make half-square triangles first: lay the two squares right sides together, draw a diagonal, sew ${seam} on both sides of it, cut on it and press.`
          : `Make half-square triangles first, ${named(first)} and ${named(second)}: lay the squares right sides together, draw a diagonal, sew ${seam} on both sides of it, cut on it and press.`,
        same
          ? 'Pair them right sides together with opposite fabrics facing, and nest the seams.'
          : 'Pair one of each kind right sides together, and nest the seams.',
        `Draw the diagonal across the seam, sew ${seam} on both sides of it, and cut on it.`,
        PRESS,
        last,
      ],
      look,
      tools: ['a pencil or chalk that shows on both fabrics', ...(trims > 0 ? ['a square ruler with a 45° line'] : [])],
      caution: handed
        ? 'Every batch makes as many of the mirror image. Lay them out beside the picture before you choose.'
        : same
          ? 'Stacked dark on dark, the pair makes a half-square triangle again: see that opposite fabrics face.'
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
    const { last, look, trims } = finish(unit, style);
    const pieces = triangles(unit.roles, unit.w, 'twice', s, 'finished side', oversizeOf('qst', style));
    const per = [...counted(unit.roles).values()];
    // An hourglass takes two triangles of each fabric, so that the squares come out even.
    const even = per.every((n) => n === per[0]);
    const yields = even ? 4 / per[0]! : 1;
    for (const piece of pieces) piece.needs *= yields;
    const seam = formatLength(style.seam, style.unit);
    return {
      yields,
      pieces,
      steps: [
        'Cut the squares twice, corner to corner, without moving the pieces between the cuts.',
        `Lay the four triangles out as in the picture. Sew the pairs along a short edge, ${seam} from it; sew both in the same order, so that the seams nest.`,
        'Press, and sew the pairs together along the long edge.',
        PRESS,
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
  methods: [twoAtATime, cutTriangles],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 2)) : undefined),
  surplus: 'hourglasses make a border of their own, or the middle of a later star',
};

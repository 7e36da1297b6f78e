/**
 * Flying goose, W by H with W = 2H: described with the wide edge of the goose at the bottom and its point up;
 * first the goose, then the sky left and right of the point. Formulas: handbook 2.
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
  squares,
  outlines,
  scaled,
} from './reading';
import type { Method, Piece, Recipe, Seen, UnitKind } from './unit-kind';

const CHALK = 'a pencil or chalk that shows on both fabrics';

function look({ w }: Seen, style: SewingStyle): string[] {
  const s = seamOf(style);
  const seam = formatLength(style.seam, style.unit);
  return [
    `the point lies ${seam} below the edge, at ${checkpoint(w.over(2).plus(s), style.rounding, style.unit)} from either end`,
    'both lower corners of the goose run into the corners of the unit',
  ];
}

const sizeText = ({ w, h }: Seen, style: SewingStyle) =>
  [w, h].map((x) => checkpoint(x.plus(seamOf(style).times(2)), style.rounding, style.unit)).join(' by ');

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
  const twice = formatLength(style.seam.mul(2), style.unit);
  return `For a bonus half-square triangle from each corner, sew a second seam ${twice} out from the first now, before the corner is cut off, and cut between the two. Press it and trim it to ${size}.`;
}

const folded: Method = {
  name: 'folded-corner',
  title: 'with folded corners',
  recipe({ unit, style }) {
    const [goose, ...sky] = unit.roles;
    const s = seamOf(style);
    const seam = formatLength(style.seam, style.unit);
    const side = unit.h.plus(s.times(2));
    const bonus = bonusText(unit.h, style);
    return {
      yields: 1,
      pieces: [
        plainPiece(goose!, unit.w, unit.h, s),
        ...squares(sky, side, because('H + 2 × s', side, s, ['H', 'finished height', unit.h])),
      ],
      steps: [
        'Draw a diagonal on the back of the squares.',
        'Lay a square on one end of the rectangle, right sides together, the line running from the middle of the long edge to the corner.',
        'Sew on the line.',
        ...(bonus ? [bonus] : []),
        `Check that the square folds out to the corner, then cut ${seam} beyond the seam and press outwards.`,
        'Do the same on the other end; the squares overlap at the point.',
      ],
      look: look(unit, style),
      tools: [CHALK],
      caution: 'Start sewing at the long edge, not at the point, where the machine swallows it.',
      bonus,
      seams: 2,
      trims: 0,
      bias: 0,
    };
  },
};

/** Goose squares cut to quarters, sky squares to halves, before or after sewing: the same sizes. */
function sizes(unit: Seen, style: SewingStyle) {
  const s = seamOf(style);
  const trim = oversizeOf('geese', style);
  const [w, h] = [unit.w.plus(trim), unit.h.plus(trim.over(2))];
  const said = (name: string, x: Exact, by: Exact) => (by.sign() > 0 ? `${name} ${x}, and ${by} to trim away` : name);
  const [big, small] = [quarterSide(w, s), halfSide(h, s)];
  return {
    trims: trim.sign() > 0 ? 1 : 0,
    goose: { side: big, why: because(QUARTER, big, s, ['f', said('finished width W', unit.w, trim), w]) },
    sky: { side: small, why: because(HALF, small, s, ['f', said('finished height H', unit.h, trim.over(2)), h]) },
    last: trim.sign() > 0 ? `Trim each to ${sizeText(unit, style)}, the point at half the width.` : 'Snip off the dog ears.',
  };
}

const four: Method = {
  name: 'four-at-a-time',
  title: 'four at a time',
  recipe({ unit, style }): Recipe {
    const [goose, left, right] = unit.roles as [string, string, string];
    const { goose: big, sky, last, trims } = sizes(unit, style);
    const seam = formatLength(style.seam, style.unit);
    const handed = left !== right;
    return {
      // Each heart gives a goose with its first sky on the left, and one with it on the right.
      yields: handed ? 2 : 4,
      mirrored: handed ? 2 : undefined,
      pieces: [...squares([goose], big.side, big.why), ...squares([left, right], sky.side, sky.why, 'none', 2)],
      steps: [
        handed
          ? `Lay two ${left} squares on opposite corners of the large square, right sides together; they overlap a little in the middle.`
          : 'Lay two small squares on opposite corners of the large one, right sides together; they overlap a little in the middle.',
        `Draw a line from corner to corner through both. Sew ${seam} on both sides of it, cut on it, and press: two hearts.`,
        `Lay ${handed ? `a ${right}` : 'a small'} square on the remaining corner of each heart, draw the line from the corner to the notch, sew ${seam} on both sides, cut on it, and press.`,
        last,
      ],
      look: look(unit, style),
      tools: [CHALK, ...(trims > 0 ? ['a ruler with a 45° line'] : [])],
      caution: handed ? 'Half of a batch are mirrored. Lay them out beside the picture before you choose.' : undefined,
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
    return {
      yields: 4,
      pieces: [
        ...squares([unit.roles[0]!], goose, why('W + 2 × s + 1 1/2', goose)),
        ...squares([unit.roles[1]!], sky, why('W + 2 × s + 3', sky)),
      ],
      steps: [
        'Centre the smaller square on the larger one, right sides together, and draw one diagonal.',
        'Sew 1/4 on both sides of it, cut on it, and press towards the larger triangle.',
        'Lay the two halves right sides together, opposite fabrics facing and the seams level. Draw the other diagonal across the seams.',
        'Sew 1/4 on both sides of it, and snip to the seam in the middle. Cut on the line, and press.',
        `Cut the two pieces apart and trim four geese to ${sizeText(unit, style)}: the point at half the width, 1/4 below the edge.`,
      ],
      look: look(unit, style),
      tools: [CHALK, 'a ruler with a 45° line'],
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
    const { goose: big, sky, last, trims } = sizes(unit, style);
    const seam = formatLength(style.seam, style.unit);
    const pieces: Piece[] = [...squares([goose!], big.side, big.why, 'twice'), ...squares(wings, sky.side, sky.why, 'once')];
    return {
      yields: 1,
      pieces,
      steps: [
        'Cut the goose squares twice and the sky squares once, corner to corner.',
        `Sew a sky triangle to one short side of the goose, ${seam} from the edge, and press towards the sky.`,
        'Sew the other one to the other side, and press.',
        last,
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
  methods: [folded, four, twoSquares, cutTriangles],
  read: (picture) => (picture.w === 2 * picture.h ? rolesAt(picture, scaled(PLACES, picture.h)) : undefined),
  surplus: 'geese fly in any border; a row of them is a good mend for a short one',
};

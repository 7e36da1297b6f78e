/**
 * Half-square triangle (HST): a square of two triangles. Described with its first fabric in the top left corner.
 * All formulas: handbook 2, with f the finished side, u = f + 2s, s the seam.
 */
import { Exact, checkpoint, formatLength } from '../../measure';
import type { SewingStyle } from '../style';
import { HALF, because, halfSide, oversizeOf, rolesAt, seamOf, squares, outlines, scaled } from './reading';
import { PRESS, type Method, type Piece, type Recipe, type Seen, type Sub, type UnitKind, type Wanted } from './unit-kind';

const { root2 } = Exact;

interface Making {
  name: string;
  title: string;
  yields: number;
  sub: Sub;
  formula: string;
  /** Side of the square of each fabric that one batch is cut from. */
  side(f: Exact, s: Exact): Exact;
  steps(seam: string): string[];
  tools: string[];
  caution?: string;
  bias: number;
}

const MARKER = 'a pencil or chalk that shows on both fabrics';

const makings: Making[] = [
  {
    name: 'two-at-a-time',
    title: 'two at a time',
    yields: 2,
    sub: 'none',
    formula: HALF,
    // Sewing s beside the diagonal and opening leaves u = c − √2·s, so c = f + 2s + √2·s.
    side: halfSide,
    steps: (s) => [
      'Lay the two squares right sides together.',
      'Draw one diagonal on the back of the lighter square.',
      `Sew ${s} from the line, on both sides of it. Set the seams.`,
      'Cut on the line.',
    ],
    tools: [MARKER],
    bias: 0,
  },
  {
    name: 'four-at-a-time',
    title: 'four at a time',
    yields: 4,
    sub: 'none',
    formula: '√2 × (f + 2 × s) + 2 × s',
    // Cutting both diagonals leaves triangles whose height above the seam is c/2 − s: half the unit's diagonal √2·u.
    side: (f, s) => root2.times(f.plus(s.times(2))).plus(s.times(2)),
    steps: (s) => [
      'Lay the two squares right sides together, edges even.',
      `Sew ${s} inside all four edges. Set the seams.`,
      'Cut on both diagonals, without moving the pieces between the cuts.',
    ],
    tools: ['starch'],
    caution: 'Every outer edge of these units is bias. Starch before cutting, press without pushing, handle them gently.',
    bias: 4,
  },
  {
    name: 'eight-at-a-time',
    title: 'eight at a time',
    yields: 8,
    sub: 'none',
    formula: '2 × f + 2 × (2 + √2) × s',
    // Four quarters, each of them a two-at-a-time square.
    side: (f, s) => halfSide(f, s).times(2),
    steps: (s) => [
      'Lay the two squares right sides together.',
      'Draw both diagonals on the back of the lighter square.',
      `Sew ${s} from both lines, on both sides of each. Set the seams.`,
      'Without moving the fabric, cut the cross first, through the middle of the sides; then cut on both diagonals.',
    ],
    tools: [MARKER],
    bias: 0,
  },
  {
    name: 'cut-triangles',
    title: 'cut triangles first',
    yields: 2,
    sub: 'once',
    formula: HALF,
    side: halfSide,
    steps: (s) => [
      'Cut the squares once, corner to corner.',
      `Lay one triangle of each right sides together along the long edges and sew ${s} from them. Set the seam.`,
    ],
    tools: ['starch'],
    caution: 'The long edges are bias until they are sewn: do not pull on them.',
    bias: 1,
  },
];

/** What all ways of making an HST share: its checkpoint, and the trimming of a house that cuts large. */
function finish(unit: Seen, style: SewingStyle): Pick<Recipe, 'look' | 'trims'> & { last: string; tool: string[] } {
  const unfinished = checkpoint(unit.w.plus(seamOf(style).times(2)), style.rounding, style.unit);
  const trim = style.sizing === 'trim-down';
  return {
    last: trim ? `Trim each to ${unfinished}, the ruler’s 45° line on the seam.` : 'Snip off the dog ears.',
    tool: trim ? ['a square ruler with a 45° line'] : [],
    trims: trim ? 1 : 0,
    look: ['the seam runs from corner to corner', 'the ruler’s 45° line lies on the seam'],
  };
}

function finishedSide(unit: Seen, style: SewingStyle): { f: Exact; meaning: string } {
  const oversize = oversizeOf('hst', style);
  const meaning = oversize.sign() > 0 ? `finished side ${unit.w}, and ${oversize} to trim away` : 'finished side';
  return { f: unit.w.plus(oversize), meaning };
}

function fromSquares(making: Making): Method {
  return {
    name: making.name,
    title: making.title,
    recipe({ unit, style }) {
      const s = seamOf(style);
      const { f, meaning } = finishedSide(unit, style);
      const side = making.side(f, s);
      const { last, tool, look, trims } = finish(unit, style);
      const pieces = squares(unit.roles, side, because(making.formula, side, s, ['f', meaning, f]), making.sub);
      if (making.sub === 'once') for (const piece of pieces) piece.needs *= 2;
      return {
        yields: making.yields,
        pieces,
        steps: [...making.steps(formatLength(style.seam, style.unit)), PRESS, last],
        look,
        tools: [...making.tools, ...tool],
        caution: making.caution,
        trims,
        bias: making.bias,
      };
    },
  };
}

/** Strips as wide as the unfinished unit, layered; a 45° ruler set to u gives two for every f + 2(1 + √2)s of strip. */
const stripRuler: Method = {
  name: 'strip-ruler',
  title: 'from strips with a 45° ruler',
  recipe({ unit, style, make }) {
    const s = seamOf(style);
    const { f, meaning } = finishedSide(unit, style);
    const u = f.plus(s.times(2));
    const pair = f.plus(root2.plus(1).times(2).times(s));
    const pairs = Math.min(Math.ceil(make / 2), Math.max(1, Math.floor(style.wof.valueOf() / pair.toNumber())));
    const why = because(
      'pairs × (f + 2 × (1 + √2) × s) by f + 2 × s',
      pair.times(pairs),
      s,
      ['f', meaning, f],
      ['pairs', 'pairs cut from one strip', Exact.of(pairs)],
    );
    const { last, tool, look, trims } = finish(unit, style);
    const size = checkpoint(u, style.rounding, style.unit);
    const seam = formatLength(style.seam, style.unit);
    return {
      yields: 2 * pairs,
      pieces: rolesOnce(unit.roles, (role, needs): Piece => ({ role, w: pair.times(pairs), h: u, sub: 'none', needs, why })),
      steps: [
        'Layer the two strips right sides together, edges even.',
        `Set the 45° ruler to ${size} and cut the first pair of triangles; flip the ruler over and cut the next, along the strip.`,
        `Sew each pair ${seam} from its long edge. Set the seam.`,
        PRESS,
        last,
      ],
      look,
      tools: ['a 45° ruler with a blunt tip', ...tool],
      caution: 'The long edges are bias until they are sewn: do not pull on them.',
      trims,
      bias: 1,
    };
  },
};

/** A grid of two-at-a-time squares printed on paper, sewn through and cut apart; the margin keeps the last line on the cloth. */
const printedPaper: Method = {
  name: 'printed-paper',
  title: 'on printed paper',
  recipe({ unit, style, make }) {
    const s = seamOf(style);
    const { f, meaning } = finishedSide(unit, style);
    const square = halfSide(f, s);
    const margin = Exact.of(style.seam).times(2);
    const most = Math.max(1, Math.floor((style.wof.valueOf() - margin.toNumber() * 2) / square.toNumber()));
    const cells = Math.ceil(make / 2);
    const across = Math.min(most, Math.ceil(Math.sqrt(cells)));
    const down = Math.min(across, Math.ceil(cells / across));
    const [w, h] = [across, down].map((n) => square.times(n).plus(margin.times(2))) as [Exact, Exact];
    const why = because(
      'n × (f + (2 + √2) × s) + 2 × margin',
      w,
      s,
      ['f', meaning, f],
      ['n', `squares across (${across}) and down (${down})`, Exact.of(across)],
      ['margin', 'cloth around the grid', margin],
    );
    const { last, tool, look, trims } = finish(unit, style);
    return {
      yields: 2 * across * down,
      pieces: rolesOnce(unit.roles, (role, needs): Piece => ({ role, w, h, sub: 'none', needs, why })),
      steps: [
        `Lay the two rectangles right sides together, the paper with its grid of ${across} by ${down} on top, and pin.`,
        'Sew on every dotted line with a short stitch. Set the seams through the paper.',
        'Cut on all the straight lines, then on the diagonals. Tear the paper away towards the seam.',
        PRESS,
        last,
      ],
      look,
      tools: [`printed paper for ${formatLength(unit.w.isRational ? unit.w : style.seam, style.unit)} units`, ...tool],
      trims,
      bias: 0,
    };
  },
};

const die: Method = {
  name: 'die',
  title: 'with a die',
  unable: (unit, style) =>
    dieFor(unit, style) ? undefined : `no die for a finished ${unit.w} is described in the house style`,
  recipe({ unit, style }: Wanted) {
    const found = dieFor(unit, style)!;
    const [w, h] = [Exact.of(found.length), Exact.of(found.width)];
    const why = because('as the die asks', w, seamOf(style), ['units', 'units in one pass', Exact.of(found.units)]);
    const seam = formatLength(style.seam, style.unit);
    return {
      yields: found.units,
      pieces: rolesOnce(unit.roles, (role, needs): Piece => ({ role, w, h, sub: 'none', needs, why })),
      steps: [
        'Layer one strip of each fabric right sides together on the die and pass it through.',
        `Sew each pair ${seam} from its long edge. Set the seam.`,
        PRESS,
      ],
      look: ['the seam runs from corner to corner', 'the ruler’s 45° line lies on the seam'],
      tools: ['the die and its machine'],
      bias: 1,
      trims: 0,
    };
  },
};

function dieFor(unit: Seen, style: SewingStyle) {
  return style.dies?.find((d) => d.kind === 'hst' && unit.w.equals(d.finished));
}

/** One piece per fabric; two where both halves are of one. */
function rolesOnce(roles: readonly string[], piece: (role: string, needs: number) => Piece): Piece[] {
  return [...new Set(roles)].map((role) => piece(role, roles.filter((r) => r === role).length));
}

const PLACES = outlines('0,0 1,0 0,1', '1,0 1,1 0,1');

export const hst: UnitKind = {
  kind: 'hst',
  title: 'half-square triangle',
  plural: 'half-square triangles',
  methods: [...makings.map(fromSquares), stripRuler, printedPaper, die],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w)) : undefined),
  surplus: 'four of them make a pinwheel; or keep them for a second, colour-swapped block',
};

/**
 * Half-square triangle (HST): a square of two triangles. Described with its first fabric in the top left corner.
 * All formulas: docs/craft.md, Half-square triangles, with f the finished side, u = f + 2s, s the seam.
 */
import { Exact, formatLength } from '../../measure';
import type { SewingStyle } from '../style';
import { scene, type Ply } from '../../hands';
import {
  HALF,
  because,
  halfSide,
  oversizeOf,
  outlines,
  rolesAt,
  scaled,
  seamOf,
  seamWords,
  sizeWords,
  squares,
} from './reading';
import { planned, type Hand, type Step } from './step';
import {
  MARKER,
  type Method,
  type BatchCut,
  type Recipe,
  type UnitInBlock,
  type Sub,
  type UnitKind,
  type RecipeRequest,
} from './unit-kind';
import {
  crossCut,
  cutOnce,
  ears,
  edgesSewn,
  faced,
  facedTriangles,
  falling,
  marked,
  openedHalf,
  openedQuarter,
  pressOver,
  quarterOf,
  rising,
  trimmedFolded,
  underRuler,
  type Pair,
} from '../scenes/pairs';
import { angleCuts, angleSewn, dieStrip, printedGrid } from '../scenes/strips';

const { root2 } = Exact;

interface Making {
  name: string;
  title: string;
  yields: number;
  sub: Sub;
  formula: string;
  /** Side of the square of each fabric that one batch is cut from. */
  side(f: Exact, s: Exact): Exact;
  steps(seam: string, pair: Pair): Step[];
  /** One unit, opened. */
  opened(pair: Pair, hand: Hand): Ply[];
  tools: string[];
  helps?: string[];
  caution?: string;
  bias: number;
}

const makings: Making[] = [
  {
    name: 'two-at-a-time',
    title: 'two at a time',
    yields: 2,
    sub: 'none',
    formula: HALF,
    // Sewing s beside the diagonal and opening leaves u = c − √2·s, so c = f + 2s + √2·s.
    side: halfSide,
    steps: (s, pair) => {
      const line = [rising(pair.side)];
      return [
        {
          act: 'mark',
          text: 'Draw a diagonal line on the back of the lighter square.',
          scene: (hand) => marked(pair, hand, line),
        },
        {
          act: 'place',
          text: 'Lay it on the other square, right sides together, edges even.',
          scene: (hand) => faced(pair, hand, { drawn: line }),
        },
        {
          act: 'sew',
          text: `Sew ${s} from the line, on both sides of it. Set the seams.`,
          scene: (hand) => faced(pair, hand, { drawn: line, sewn: line }),
        },
        { act: 'apart', text: 'Cut on the line.', scene: (hand) => faced(pair, hand, { sewn: line, cuts: line }) },
      ];
    },
    opened: (pair, hand) => openedHalf(pair, hand, hand.towards(0)),
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
    steps: (s, pair) => [
      {
        act: 'place',
        text: 'Lay the two squares right sides together, edges even.',
        scene: (hand) => faced(pair, hand, {}),
      },
      {
        act: 'sew',
        text: `Sew ${s} inside all four edges. Run each seam off the edge of the fabric: do not turn at the corners. Set the seams.`,
        scene: (hand) => edgesSewn(pair, hand, false),
      },
      {
        act: 'apart',
        text: 'Cut from corner to corner, both ways, without moving the pieces between the cuts.',
        scene: (hand) => edgesSewn(pair, hand, true),
      },
    ],
    opened: (pair, hand) => openedQuarter(pair, hand, hand.towards(0)),
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
    steps: (s, pair) => {
      const lines = [rising(pair.side), falling(pair.side)];
      const quarter = quarterOf(pair);
      const line = [rising(quarter.side)];
      return [
        {
          act: 'mark',
          text: 'Draw both diagonals on the back of the lighter square.',
          scene: (hand) => marked(pair, hand, lines),
        },
        {
          act: 'place',
          text: 'Lay it on the other square, right sides together, edges even.',
          scene: (hand) => faced(pair, hand, { drawn: lines }),
        },
        {
          act: 'sew',
          text: `Sew ${s} from each line, on both sides of it. Set the seams.`,
          scene: (hand) => faced(pair, hand, { drawn: lines, sewn: lines }),
        },
        {
          act: 'apart',
          text: 'Cut through the middle, down and across. Turn the mat between the cuts, not the fabric.',
          scene: (hand) => crossCut(pair, hand),
        },
        {
          act: 'apart',
          text: 'Cut each of the four squares on its line.',
          scene: (hand) => faced(quarter, hand, { sewn: line, cuts: line }),
        },
      ];
    },
    opened: (pair, hand) => openedHalf(quarterOf(pair), hand, hand.towards(0)),
    tools: [MARKER],
    helps: ['a turning mat'],
    bias: 0,
  },
  {
    name: 'cut-triangles',
    title: 'cut triangles first',
    yields: 2,
    sub: 'once',
    formula: HALF,
    side: halfSide,
    steps: (s, pair) => [
      { act: 'cut', text: 'Cut the squares once on the diagonal.', scene: () => cutOnce(pair) },
      {
        act: 'sew',
        text: `Lay one triangle of each right sides together, long edges even. Sew ${s} from the long edge. Set the seam.`,
        scene: (hand) => facedTriangles(pair, hand),
      },
    ],
    opened: (pair, hand) => openedHalf(pair, hand, hand.towards(0)),
    tools: ['starch'],
    caution: 'The long edges are bias until they are sewn: do not pull on them.',
    bias: 1,
  },
];

/** What all ways of making an HST share: pressing, its checkpoint, and the trimming of a house that cuts large. */
function finish(
  unit: UnitInBlock,
  style: SewingStyle,
  pair: Pair,
  opened: Making['opened'],
): Pick<Recipe, 'look' | 'trims'> & { last: Step[]; tool: string[] } {
  const unfinished = unit.w.plus(seamOf(style).times(2));
  const u = unfinished.toNumber();
  const size = sizeWords(unfinished, style);
  const trim = style.sizing === 'trim-down';
  const press = planned((hand) => {
    const [a, b] = pair.roles;
    return scene(opened(pair, hand), { press: pressOver([a, b], hand.towards(0), u) });
  });
  const folded: Step[] = [
    {
      act: 'trim',
      text: `Leave it folded. Lay the triangle ruler’s ${size} line on the stitching and trim the two short sides.`,
      scene: (hand) => trimmedFolded(pair, hand, u),
    },
    press,
  ];
  const trimmed: Step = {
    act: 'trim',
    text: `Trim to ${size} square: lay the ruler’s 45° line on the seam and trim two sides. Turn the unit round and trim the other two.`,
    scene: (hand) => underRuler(opened(pair, hand), [u, u], hand),
  };
  const snipped: Step = { act: 'trim', text: 'Trim the dog-ears.', scene: (hand) => ears(opened(pair, hand), u) };
  const school = trim && style.trimming === 'folded';
  return {
    last: school ? folded : [press, trim ? trimmed : snipped],
    tool: trim ? [school ? 'a triangle ruler for half-square triangles' : 'a square ruler with a 45° line'] : [],
    trims: trim ? 1 : 0,
    look: ['the seam runs from corner to corner'],
  };
}

function finishedSide(unit: UnitInBlock, style: SewingStyle): { f: Exact; meaning: string } {
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
      const pair: Pair = { roles: [unit.roles[0]!, unit.roles[1]!], side: side.toNumber(), seam: s.toNumber() };
      const { last, tool, look, trims } = finish(unit, style, pair, making.opened);
      const pieces = squares(unit.roles, side, because(making.formula, side, s, ['f', meaning, f]), making.sub);
      if (making.sub === 'once') for (const piece of pieces) piece.needs *= 2;
      return {
        yields: making.yields,
        pieces,
        steps: [...making.steps(seamWords(style), pair), ...last],
        look,
        tools: [...making.tools, ...tool],
        helps: making.helps,
        caution: making.caution,
        trims,
        bias: making.bias,
      };
    },
  };
}

const openedFirst: Making['opened'] = (pair, hand) => openedHalf(pair, hand, hand.towards(0));

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
    const roles: Pair['roles'] = [unit.roles[0]!, unit.roles[1]!];
    // Triangles off the strip are those of squares, their tips cut blunt within the allowance.
    const squares: Pair = { roles, side: halfSide(f, s).toNumber(), seam: s.toNumber() };
    const { last, tool, look, trims } = finish(unit, style, squares, openedFirst);
    const size = sizeWords(u, style);
    const strip = { length: pair.times(pairs).toNumber(), u: u.toNumber(), pair: pair.toNumber(), seam: s.toNumber() };
    return {
      yields: 2 * pairs,
      pieces: rolesOnce(unit.roles, (role, needs): BatchCut => ({ role, w: pair.times(pairs), h: u, sub: 'none', needs, why })),
      steps: [
        {
          act: 'place',
          text: 'Lay the two strips right sides together, edges even. Square one end.',
          scene: (hand) => angleCuts(roles, strip, hand, false),
        },
        {
          act: 'cut',
          text: `Lay the ruler’s ${size} line on the edge of the strips and cut the first pair of triangles. Turn the ruler over for the next pair, and go on along the strip.`,
          scene: (hand) => angleCuts(roles, strip, hand, true),
        },
        {
          act: 'sew',
          text: `Keep each pair together. Sew ${seamWords(style)} from its long edge. Set the seam.`,
          scene: (hand) => angleSewn(roles, strip, hand),
        },
        ...last,
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
    const roles: Pair['roles'] = [unit.roles[0]!, unit.roles[1]!];
    const pair: Pair = { roles, side: square.toNumber(), seam: s.toNumber() };
    const { last, tool, look, trims } = finish(unit, style, pair, openedFirst);
    const grid = { cell: pair.side, margin: margin.toNumber(), across, down, seam: pair.seam };
    return {
      yields: 2 * across * down,
      pieces: rolesOnce(unit.roles, (role, needs): BatchCut => ({ role, w, h, sub: 'none', needs, why })),
      steps: [
        {
          act: 'place',
          text: `Lay the two rectangles right sides together. Pin the paper with its grid of ${across} by ${down} squares on top.`,
          scene: (hand) => printedGrid(roles, grid, hand, { sewn: false, cuts: false }),
        },
        {
          act: 'sew',
          text: 'Sew on every dotted line with a short stitch. Set the seams through the paper.',
          scene: (hand) => printedGrid(roles, grid, hand, { sewn: true, cuts: false }),
        },
        {
          act: 'apart',
          text: 'Cut on all the straight lines, then on the diagonals. Tear the paper away towards the seam.',
          scene: (hand) => printedGrid(roles, grid, hand, { sewn: true, cuts: true }),
        },
        ...last,
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
    dieFor(unit, style)
      ? undefined
      : `no die is set up for a ${unit.w} ${style.unit} finished unit (add one under House style)`,
  recipe({ unit, style }: RecipeRequest) {
    const found = dieFor(unit, style)!;
    const [w, h] = [Exact.of(found.length), Exact.of(found.width)];
    const why = because('as the die asks', w, seamOf(style), ['units', 'units in one pass', Exact.of(found.units)]);
    const s = seamOf(style);
    const roles: Pair['roles'] = [unit.roles[0]!, unit.roles[1]!];
    const pair: Pair = { roles, side: halfSide(unit.w, s).toNumber(), seam: s.toNumber() };
    const u = unit.w.plus(s.times(2)).toNumber();
    return {
      yields: found.units,
      pieces: rolesOnce(unit.roles, (role, needs): BatchCut => ({ role, w, h, sub: 'none', needs, why })),
      steps: [
        {
          act: 'place',
          text: 'Lay one strip of each fabric on the die, right sides together.',
          scene: (hand) => dieStrip(roles, w.toNumber(), h.toNumber(), hand),
        },
        {
          act: 'cut',
          text: 'Pass them through the machine. The die cuts pairs of triangles and takes off their tips.',
          scene: (hand) => facedTriangles(pair, hand, false),
        },
        {
          act: 'sew',
          text: `Keep each pair together. Sew ${seamWords(style)} from its long edge. Set the seam.`,
          scene: (hand) => facedTriangles(pair, hand),
        },
        planned((hand) => scene(openedFirst(pair, hand), { press: pressOver(roles, hand.towards(0), u) })),
      ],
      look: ['the seam runs from corner to corner'],
      tools: ['the die and its machine'],
      bias: 1,
      trims: 0,
    };
  },
};

function dieFor(unit: UnitInBlock, style: SewingStyle) {
  return style.dies?.find((d) => d.kind === 'hst' && unit.w.equals(d.finished));
}

/** One piece per fabric; two where both halves are of one. */
function rolesOnce(roles: readonly string[], piece: (role: string, needs: number) => BatchCut): BatchCut[] {
  return [...new Set(roles)].map((role) => piece(role, roles.filter((r) => r === role).length));
}

const PLACES = outlines('0,0 1,0 0,1', '1,0 1,1 0,1');

export const hst: UnitKind = {
  kind: 'hst',
  title: 'half-square triangle',
  plural: 'half-square triangles',
  madeOf: (triangles, others) => triangles === 2 && others === 0,
  oversize: { in: '1/8', cm: '0.3' },
  choosable: true,
  plain: true,
  toldApart: true,
  methods: [...makings.map(fromSquares), stripRuler, printedPaper, die],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w)) : undefined),
  surplus: 'a later block, or a scrappy border',
};

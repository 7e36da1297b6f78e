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
  marker,
  starch,
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
import { words } from './words/hst';

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
  /** Trimmed in every house: its squares are rounded up to the ruler by more than can be eased in. */
  trimmed?: true;
}

const makings: Making[] = [
  {
    name: 'two-at-a-time',
    get title() {
      return words.twoAtATime;
    },
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
          text: words.drawADiagonalLineOnThe,
          scene: (hand) => marked(pair, hand, line),
        },
        {
          act: 'place',
          text: words.layItOnTheOtherSquare,
          scene: (hand) => faced(pair, hand, { drawn: line }),
        },
        {
          act: 'sew',
          text: words.sewFromTheLineOnBoth(s),
          scene: (hand) => faced(pair, hand, { drawn: line, sewn: line }),
        },
        { act: 'apart', text: words.cutOnTheLine, scene: (hand) => faced(pair, hand, { sewn: line, cuts: line }) },
      ];
    },
    opened: (pair, hand) => openedHalf(pair, hand, hand.towards(0)),
    tools: [marker()],
    bias: 0,
  },
  {
    name: 'four-at-a-time',
    get title() {
      return words.fourAtATime;
    },
    yields: 4,
    sub: 'none',
    formula: '√2 × (f + 2 × s) + 2 × s',
    // Cutting both diagonals leaves triangles whose height above the seam is c/2 − s: half the unit's diagonal √2·u.
    side: (f, s) => root2.times(f.plus(s.times(2))).plus(s.times(2)),
    steps: (s, pair) => [
      {
        act: 'place',
        text: words.layTheTwoSquaresRightSides,
        scene: (hand) => faced(pair, hand, {}),
      },
      {
        act: 'sew',
        text: words.sewInsideAllFourEdgesRun(s),
        scene: (hand) => edgesSewn(pair, hand, false),
      },
      {
        act: 'apart',
        text: words.cutFromCornerToCornerBoth,
        scene: (hand) => edgesSewn(pair, hand, true),
      },
    ],
    opened: (pair, hand) => openedQuarter(pair, hand, hand.towards(0)),
    get tools() {
      return [starch()];
    },
    get caution() {
      return words.everyOuterEdgeOfTheseUnits;
    },
    bias: 4,
    trimmed: true,
  },
  {
    name: 'eight-at-a-time',
    get title() {
      return words.eightAtATime;
    },
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
          text: words.drawBothDiagonalsOnTheBack,
          scene: (hand) => marked(pair, hand, lines),
        },
        {
          act: 'place',
          text: words.layItOnTheOtherSquare,
          scene: (hand) => faced(pair, hand, { drawn: lines }),
        },
        {
          act: 'sew',
          text: words.sewFromEachLineOnBoth(s),
          scene: (hand) => faced(pair, hand, { drawn: lines, sewn: lines }),
        },
        {
          act: 'apart',
          text: words.cutThroughTheMiddleDownAnd,
          scene: (hand) => crossCut(pair, hand),
        },
        {
          act: 'apart',
          text: words.cutEachOfTheFourSquares,
          scene: (hand) => faced(quarter, hand, { sewn: line, cuts: line }),
        },
      ];
    },
    opened: (pair, hand) => openedHalf(quarterOf(pair), hand, hand.towards(0)),
    tools: [marker()],
    get helps() {
      return [words.aTurningMat];
    },
    bias: 0,
  },
  {
    name: 'cut-triangles',
    get title() {
      return words.cutTrianglesFirst;
    },
    yields: 2,
    sub: 'once',
    formula: HALF,
    side: halfSide,
    steps: (s, pair) => [
      {
        act: 'sew',
        text: words.layOneTriangleOfEachRight(s),
        scene: (hand) => facedTriangles(pair, hand),
      },
    ],
    opened: (pair, hand) => openedHalf(pair, hand, hand.towards(0)),
    get tools() {
      return [starch()];
    },
    get caution() {
      return words.theLongEdgesAreBiasUntil;
    },
    bias: 1,
  },
];

/** What all ways of making an HST share: pressing, its checkpoint, and the trimming of a house that cuts large. */
function finish(
  unit: UnitInBlock,
  style: SewingStyle,
  pair: Pair,
  { opened, trimmed: always }: Pick<Making, 'opened' | 'trimmed'>,
): Pick<Recipe, 'look' | 'trims'> & { last: Step[]; tool: string[] } {
  const unfinished = unit.w.plus(seamOf(style).times(2));
  const u = unfinished.toNumber();
  const size = sizeWords(unfinished, style);
  const trim = always === true || style.sizing === 'trim-down';
  const press = planned((hand) => {
    const [a, b] = pair.roles;
    return scene(opened(pair, hand), { press: pressOver([a, b], hand.towards(0), u) });
  });
  const folded: Step[] = [
    {
      act: 'trim',
      text: words.leaveItFoldedLayTheTriangle(size),
      scene: (hand) => trimmedFolded(pair, hand, u),
    },
    press,
  ];
  const trimmed: Step = {
    act: 'trim',
    text: words.trimToSquareLayTheRulers(size),
    scene: (hand) => underRuler(opened(pair, hand), [u, u], hand),
  };
  const snipped: Step = { act: 'trim', text: words.trimTheDogEars, scene: (hand) => ears(opened(pair, hand), u) };
  const school = trim && style.trimming === 'folded';
  return {
    last: school ? folded : [press, trim ? trimmed : snipped],
    tool: trim ? [school ? words.aTriangleRulerForHalfSquare : words.aSquareRulerWithA45] : [],
    trims: trim ? 1 : 0,
    look: [words.theSeamRunsFromCornerTo],
  };
}

function finishedSide(unit: UnitInBlock, style: SewingStyle): { f: Exact; meaning: string } {
  const oversize = oversizeOf('hst', style);
  const meaning = oversize.sign() > 0 ? words.finishedSideAndToTrimAway(String(unit.w), String(oversize)) : words.finishedSide;
  return { f: unit.w.plus(oversize), meaning };
}

function fromSquares(making: Making): Method {
  return {
    name: making.name,
    get title() {
      return making.title;
    },
    recipe({ unit, style }) {
      const s = seamOf(style);
      const { f, meaning } = finishedSide(unit, style);
      const side = making.side(f, s);
      const pair: Pair = { roles: [unit.roles[0]!, unit.roles[1]!], side: side.toNumber(), seam: s.toNumber() };
      const { last, tool, look, trims } = finish(unit, style, pair, making);
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
  get title() {
    return words.fromStripsWithA45Ruler;
  },
  recipe({ unit, style, make }) {
    const s = seamOf(style);
    const { f, meaning } = finishedSide(unit, style);
    const u = f.plus(s.times(2));
    const pair = f.plus(root2.plus(1).times(2).times(s));
    const pairs = Math.min(Math.ceil(make / 2), Math.max(1, Math.floor(style.wof.valueOf() / pair.toNumber())));
    const why = because(
      words.pairsF212S,
      pair.times(pairs),
      s,
      ['f', meaning, f],
      ['pairs', words.pairsCutFromOneStrip, Exact.of(pairs)],
    );
    const roles: Pair['roles'] = [unit.roles[0]!, unit.roles[1]!];
    // Triangles off the strip are those of squares, their tips cut blunt within the allowance.
    const squares: Pair = { roles, side: halfSide(f, s).toNumber(), seam: s.toNumber() };
    const { last, tool, look, trims } = finish(unit, style, squares, { opened: openedFirst });
    const size = sizeWords(u, style);
    const strip = { length: pair.times(pairs).toNumber(), u: u.toNumber(), pair: pair.toNumber(), seam: s.toNumber() };
    return {
      yields: 2 * pairs,
      pieces: rolesOnce(unit.roles, (role, needs): BatchCut => ({ role, w: pair.times(pairs), h: u, sub: 'none', needs, why })),
      steps: [
        {
          act: 'place',
          text: words.layTheTwoStripsRightSides,
          scene: (hand) => angleCuts(roles, strip, hand, false),
        },
        {
          act: 'cut',
          text: words.layTheRulersLineOnThe(size),
          scene: (hand) => angleCuts(roles, strip, hand, true),
        },
        {
          act: 'sew',
          text: words.keepEachPairTogetherSewFrom(seamWords(style)),
          scene: (hand) => angleSewn(roles, strip, hand),
        },
        ...last,
      ],
      look,
      tools: [words.a45RulerWithABlunt, ...tool],
      caution: words.theLongEdgesAreBiasUntil,
      trims,
      toSize: true,
      bias: 1,
    };
  },
};

/** A grid of two-at-a-time squares printed on paper, sewn through and cut apart; the margin keeps the last line on the cloth. */
const printedPaper: Method = {
  name: 'printed-paper',
  get title() {
    return words.onPrintedPaper;
  },
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
      ['n', words.squaresAcrossAndDown(across, down), Exact.of(across)],
      ['margin', words.clothAroundTheGrid, margin],
    );
    const roles: Pair['roles'] = [unit.roles[0]!, unit.roles[1]!];
    const pair: Pair = { roles, side: square.toNumber(), seam: s.toNumber() };
    const { last, tool, look, trims } = finish(unit, style, pair, { opened: openedFirst });
    const grid = { cell: pair.side, margin: margin.toNumber(), across, down, seam: pair.seam };
    return {
      yields: 2 * across * down,
      pieces: rolesOnce(unit.roles, (role, needs): BatchCut => ({ role, w, h, sub: 'none', needs, why })),
      steps: [
        {
          act: 'place',
          text: words.layTheTwoRectanglesRightSides(across, down),
          scene: (hand) => printedGrid(roles, grid, hand, { sewn: false, cuts: false }),
        },
        {
          act: 'sew',
          text: words.sewOnEveryDottedLineWith,
          scene: (hand) => printedGrid(roles, grid, hand, { sewn: true, cuts: false }),
        },
        {
          act: 'apart',
          text: words.cutOnAllTheStraightLines,
          scene: (hand) => printedGrid(roles, grid, hand, { sewn: true, cuts: true }),
        },
        ...last,
      ],
      look,
      tools: [words.printedPaperForUnits(formatLength(unit.w.isRational ? unit.w : style.seam, style.unit)), ...tool],
      trims,
      toSize: true,
      onLine: true,
      bias: 0,
    };
  },
};

const die: Method = {
  name: 'die',
  get title() {
    return words.withADie;
  },
  unable: (unit, style) => (dieFor(unit, style) ? undefined : words.noDieIsSetUpFor(String(unit.w), style.unit)),
  recipe({ unit, style }: RecipeRequest) {
    const found = dieFor(unit, style)!;
    const [w, h] = [Exact.of(found.length), Exact.of(found.width)];
    const why = because(words.asTheDieAsks, w, seamOf(style), ['units', words.unitsInOnePass, Exact.of(found.units)]);
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
          text: words.layOneStripOfEachFabric,
          scene: (hand) => dieStrip(roles, w.toNumber(), h.toNumber(), hand),
        },
        {
          act: 'cut',
          text: words.passThemThroughTheMachineThe,
          scene: (hand) => facedTriangles(pair, hand, false),
        },
        {
          act: 'sew',
          text: words.keepEachPairTogetherSewFrom(seamWords(style)),
          scene: (hand) => facedTriangles(pair, hand),
        },
        planned((hand) => scene(openedFirst(pair, hand), { press: pressOver(roles, hand.towards(0), u) })),
      ],
      look: [words.theSeamRunsFromCornerTo],
      tools: [words.theDieAndItsMachine],
      bias: 1,
      trims: 0,
      toSize: true,
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
  technique: 'hst',
  get title() {
    return words.halfSquareTriangle;
  },
  get plural() {
    return words.halfSquareTriangles;
  },
  madeOf: (triangles, others) => triangles === 2 && others === 0,
  oversize: { in: '1/8', cm: '0.3' },
  choosable: true,
  plain: true,
  toldApart: true,
  methods: [...makings.map(fromSquares), stripRuler, printedPaper, die],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w)) : undefined),
  get surplus() {
    return words.aLaterBlockOrAScrappy;
  },
};

/**
 * Half-square triangle (HST): a square of two triangles. Described with the first role in the top left corner;
 * a mirror image is the same unit turned. All formulas: handbook 2, with f the finished side, u = f + 2s, s the seam.
 */
import { Exact, checkpoint, formatLength } from '../../measure';
import type { SewingStyle } from '../style';
import type { Method, Recipe, Region, Seen, Sub, UnitKind } from './unit-kind';

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
}

/** f + (2 + √2)s. Sewing s beside the diagonal and opening leaves u = c − √2·s, so c = f + 2s + √2·s. */
const twoSide = (f: Exact, s: Exact) => f.plus(root2.plus(2).times(s));
const TWO = 'f + (2 + √2) × s';

const makings: Making[] = [
  {
    name: 'two-at-a-time',
    title: 'two at a time',
    yields: 2,
    sub: 'none',
    formula: TWO,
    side: twoSide,
    steps: (s) => [
      'Lay the two squares right sides together.',
      'Draw one diagonal on the back of the lighter square.',
      `Sew ${s} from the line, on both sides of it. Set the seams.`,
      'Cut on the line.',
    ],
    tools: ['a pencil or chalk that shows on both fabrics'],
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
  },
  {
    name: 'eight-at-a-time',
    title: 'eight at a time',
    yields: 8,
    sub: 'none',
    formula: '2 × f + 2 × (2 + √2) × s',
    // Four quarters, each of them a two-at-a-time square.
    side: (f, s) => twoSide(f, s).times(2),
    steps: (s) => [
      'Lay the two squares right sides together.',
      'Draw both diagonals on the back of the lighter square.',
      `Sew ${s} from both lines, on both sides of each. Set the seams.`,
      'Without moving the fabric, cut the cross first, through the middle of the sides; then cut on both diagonals.',
    ],
    tools: ['a pencil or chalk that shows on both fabrics'],
  },
  {
    name: 'cut-triangles',
    title: 'cut triangles first',
    yields: 2,
    sub: 'once',
    formula: TWO,
    side: twoSide,
    steps: (s) => [
      'Cut the squares once, corner to corner.',
      `Lay one triangle of each right sides together along the long edges and sew ${s} from them. Set the seam.`,
    ],
    tools: ['starch'],
    caution: 'The long edges are bias until they are sewn: do not pull on them.',
  },
];

function recipeOf(making: Making, unit: Seen, style: SewingStyle): Recipe {
  const s = Exact.of(style.seam);
  const trim = style.sizing === 'trim-down';
  const oversize = Exact.of(trim ? (style.oversize.hst ?? 0) : 0);
  const exact = making.side(unit.w.plus(oversize), s);
  const seam = formatLength(style.seam, style.unit);
  const unfinished = checkpoint(unit.w.plus(s.times(2)), style.rounding, style.unit);
  const why = {
    formula: making.formula,
    where: [
      trim
        ? { symbol: 'f', meaning: `finished side ${unit.w}, and ${oversize} to trim away`, value: unit.w.plus(oversize) }
        : { symbol: 'f', meaning: 'finished side', value: unit.w },
      { symbol: 's', meaning: 'seam allowance', value: s },
    ],
    exact,
  };
  return {
    yields: making.yields,
    pieces: unit.roles.map((role) => ({ role, w: exact, h: exact, qty: 1, sub: making.sub, why })),
    steps: [
      ...making.steps(seam),
      ...(trim ? [`Trim each to ${unfinished}, the ruler’s 45° line on the seam.`] : ['Snip off the dog ears.']),
    ],
    look: ['the seam runs from corner to corner', 'the ruler’s 45° line lies on the seam'],
    tools: [...making.tools, ...(trim ? ['a square ruler with a 45° line'] : [])],
    caution: making.caution,
  };
}

/** The corner, counted clockwise from the top left, where a right-angled half of the region's square has its right angle. */
function rightAngle(region: Region, points: readonly (readonly [number, number])[]): number | undefined {
  const { x, y, w, h } = region.box;
  const corners = [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ];
  const has = corners.map(([cx, cy]) => points.some((p) => p[0] === cx && p[1] === cy));
  if (points.length !== 3 || has.filter(Boolean).length !== 3) return undefined;
  // The right angle is opposite the corner that is missing.
  return (has.indexOf(false) + 2) % 4;
}

export const hst: UnitKind = {
  kind: 'hst',
  title: 'half-square triangle',
  plural: 'half-square triangles',
  methods: makings.map((making): Method => ({
    name: making.name,
    title: making.title,
    recipe: (unit, style) => recipeOf(making, unit, style),
  })),
  see(region): Seen | undefined {
    if (region.patches.length !== 2 || !region.w.equals(region.h)) return undefined;
    const halves = region.patches.map(({ patch }) => ({ role: patch.role, corner: rightAngle(region, patch.points) }));
    if (halves.some((half) => half.corner === undefined)) return undefined;
    halves.sort((p, q) => (p.role < q.role ? -1 : p.role > q.role ? 1 : p.corner! - q.corner!));
    const turn = ([0, 90, 180, 270] as const)[halves[0]!.corner!]!;
    return { kind: 'hst', roles: halves.map((half) => half.role), w: region.w, h: region.h, turn, mirrored: false };
  },
};

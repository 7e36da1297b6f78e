/**
 * Squares in a grid: four-patch, nine-patch, checkerboard; and rails. Described row by row. Cut as squares, or sub-cut from strip sets
 * (docs/craft.md, Grids of squares): strips p + 2s wide, sewn side by side, then cut across every p + 2s.
 */
import { Exact } from '../../measure';
import type { Picture } from '../picture';
import type { SewingStyle } from '../style';
import { because, counted, plainPiece, rectangle, rolesAt, seamOf, sizeWords } from './reading';
import { gridLaid, gridRows, gridWhole, type Grid } from '../scenes/grids';
import { setScene } from '../scenes/strips';
import { planned, type Step } from './step';
import type { Method, BatchCut, UnitInBlock, UnitKind, RecipeRequest } from './unit-kind';
import { words } from './words/grids';

interface Rows {
  across: number;
  down: number;
  /** Finished sides of one patch. */
  w: Exact;
  h: Exact;
  rows: string[][];
}

/** The unit's patches row by row; all are of one size. */
function rowsOf(unit: UnitInBlock): Rows {
  const [x, y] = [0, 1].map((axis) => new Set(unit.picture.patches.map((p) => p.points[0]![axis])).size) as [number, number];
  const rows = Array.from({ length: y }, (_, row) => unit.roles.slice(row * x, row * x + x) as string[]);
  return { across: x, down: y, w: unit.w.over(x), h: unit.h.over(y), rows };
}

const pieces: Method = {
  name: 'squares',
  get title() {
    return words.fromSinglePieces;
  },
  recipe({ unit, style }) {
    const { w, h, rows } = rowsOf(unit);
    const s = seamOf(style);
    const grid: Grid = { rows, w: w.toNumber(), h: h.toNumber() };
    return {
      yields: 1,
      pieces: [...counted(unit.roles)].map(([role, n]) => plainPiece(role, w, h, s, n)),
      steps: [
        { act: 'place', text: words.layThePiecesOutAsIn, scene: () => gridLaid(grid, s.toNumber()) },
        ...(grid.rows.length > 1 && grid.rows[0]!.length > 1
          ? ([
              {
                act: 'sew',
                text: words.sewThemIntoRowsPressOne,
                scene: () => gridRows(grid, s.toNumber()),
              },
              { act: 'sew', text: words.sewTheRowsTogetherSetThe, scene: () => gridWhole(grid, s.toNumber()) },
            ] as const)
          : ([
              {
                act: 'sew',
                text: words.sewThemTogetherSideBySide,
                scene: () => gridWhole(grid, s.toNumber()),
              },
            ] as const)),
        planned(),
      ],
      look: look(unit, style),
      tools: [],
      bias: 0,
      trims: 0,
    };
  },
};

function look(unit: UnitInBlock, style: SewingStyle): string[] {
  const s = seamOf(style);
  const { across, down, w } = rowsOf(unit);
  return across === 2 && down === 2
    ? [words.theSeamsCrossFromEveryEdge(sizeWords(w.plus(s), style))]
    : [words.everySeamMeetsTheOneBeside, words.oppositeSidesAreEquallyLong];
}

/** The different rows of a unit, as strip sets: a row read backwards is the same set turned round. */
function setsOf(rows: string[][]): { row: string[]; perUnit: number }[] {
  const sets = new Map<string, { row: string[]; perUnit: number }>();
  for (const row of rows) {
    const [ahead, back] = [row.join(), [...row].reverse().join()];
    const key = ahead < back ? ahead : back;
    const set = sets.get(key) ?? { row, perUnit: 0 };
    set.perUnit += 1;
    sets.set(key, set);
  }
  return [...sets.values()];
}

const stripSet: Method = {
  name: 'strip-set',
  get title() {
    return words.fromStripSets;
  },
  recipe({ unit, style, make, mirrored }: RecipeRequest) {
    const s = seamOf(style);
    const { w, h, rows } = rowsOf(unit);
    const sets = setsOf(rows);
    const [across, segment] = [w.plus(s.times(2)), h.plus(s.times(2))];
    const perStrip = Math.max(1, Math.floor(style.wof.valueOf() / segment.toNumber()));
    const most = Math.max(...sets.map((set) => set.perUnit));
    const units = Math.max(1, Math.min(make + mirrored, Math.floor(perStrip / most)));
    const needed: BatchCut[] = [];
    for (const { row, perUnit } of sets) {
      const length = segment.times(units * perUnit);
      const why = because(
        words.nH2SByW,
        length,
        s,
        ['h', words.finishedHeightOfAPatch, h],
        ['w', words.finishedWidthOfAPatch, w],
        ['n', words.segmentsCutFromTheSet, Exact.of(units * perUnit)],
      );
      for (const [role, needs] of counted(row)) needed.push({ role, w: length, h: across, sub: 'none', needs, why });
    }
    const size = sizeWords(segment, style);
    const set = { patch: w.toNumber(), segment: segment.toNumber(), seam: s.toNumber() };
    const grid: Grid = { rows, w: w.toNumber(), h: h.toNumber() };
    return {
      yields: units,
      pieces: needed,
      steps: [
        ...sets.flatMap(({ row, perUnit }, i): Step[] => {
          const named = sets.length > 1 ? words.setS(i + 1) : 'S';
          const n = units * perUnit;
          const shown = Math.min(n, 3.4) * set.segment;
          return [
            {
              act: 'sew',
              text: words.ewStripsTogetherAlongTheirLong(named, row.join(', ')),
              scene: () => setScene(row, { ...set, shown, stage: 'sewn' }),
            },
            {
              act: 'cut',
              text: words.squareTheEndAndSubcutWide(n === 1 ? words.oneSegment : words.segments(n), size),
              scene: () => setScene(row, { ...set, shown, stage: 'cut' }),
            },
          ];
        }),
        ...(rows.length > 1
          ? ([
              {
                act: 'place',
                text: words.layTheSegmentsOutAsIn,
                scene: () => gridRows(grid, s.toNumber()),
              },
              {
                act: 'sew',
                text: words.sewTheSegmentsTogetherSetThe,
                scene: () => gridWhole(grid, s.toNumber()),
              },
              planned(),
            ] as const)
          : []),
      ],
      look: look(unit, style),
      tools: [words.aRulerAtLeastAsLong],
      // Long seams are shared by all segments.
      seams: rows.length - 1 + sets.reduce((sum, set) => sum + (set.row.length - 1) / units, 0),
      bias: 0,
      trims: 0,
    };
  },
};

/** The roles row by row of a grid of equal rectangles, or undefined. */
function gridRoles(picture: Picture, across: number, down: number): string[] | undefined {
  const [w, h] = [picture.w / across, picture.h / down];
  if (picture.patches.length !== across * down) return undefined;
  // Of one fabric it is no unit, but a plain piece drawn in parts.
  if (picture.patches.every((p) => p.role === picture.patches[0]!.role)) return undefined;
  return rolesAt(
    picture,
    Array.from({ length: across * down }, (_, i) => rectangle((i % across) * w, Math.floor(i / across) * h, w, h)),
  );
}

const methods = [pieces, stripSet];

export const fourPatch: UnitKind = {
  kind: 'four-patch',
  technique: 'patchwork-grids',
  get title() {
    return words.fourPatch;
  },
  plural: 'four-patches',
  madeOf: (triangles) => triangles === 0,
  choosable: true,
  plain: true,
  methods,
  read: (p) => (p.w === p.h ? gridRoles(p, 2, 2) : undefined),
};

export const ninePatch: UnitKind = {
  kind: 'nine-patch',
  technique: 'patchwork-grids',
  get title() {
    return words.ninePatch;
  },
  plural: 'nine-patches',
  madeOf: (triangles) => triangles === 0,
  plain: true,
  methods,
  read: (p) => (p.w === p.h ? gridRoles(p, 3, 3) : undefined),
};

export const checkerboard: UnitKind = {
  kind: 'checkerboard',
  technique: 'patchwork-grids',
  get title() {
    return words.checkerboard;
  },
  plural: 'checkerboards',
  madeOf: (triangles) => triangles === 0,
  methods,
  read(picture) {
    const first = picture.patches.find(({ points: [p] }) => p![0] === 0 && p![1] === 0);
    if (!first || picture.patches.length < 6 || picture.w < picture.h) return undefined;
    const side = first.points[1]![0];
    const [across, down] = [picture.w / side, picture.h / side];
    const roles = Number.isInteger(across) && Number.isInteger(down) && down > 1 ? gridRoles(picture, across, down) : undefined;
    const [a, b] = roles ?? [];
    const alternate = roles?.every((role, i) => role === ((i + Math.floor(i / across) * (across + 1)) % 2 === 0 ? a : b));
    return alternate && a !== b ? roles : undefined;
  },
};

/** Two or more equal strips that make a square. */
export const rails: UnitKind = {
  kind: 'rails',
  technique: 'patchwork-grids',
  get title() {
    return words.railFenceUnit;
  },
  get plural() {
    return words.railFenceUnits;
  },
  madeOf: (triangles) => triangles === 0,
  plain: true,
  methods,
  read(picture) {
    const across = picture.patches.length;
    return picture.w === picture.h && across > 1 ? gridRoles(picture, across, 1) : undefined;
  },
};

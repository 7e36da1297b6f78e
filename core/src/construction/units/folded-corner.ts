/**
 * A square or rectangle with one to four corners cut off at 45°, each with a leg of its own: 'snowball', connector, parallelogram.
 * Described lying, first the base, then its corners clockwise from the top left. Formulas: docs/craft.md, Stitch-and-flip corners.
 */
import { doubleArea, type Point } from '../../block';
import type { Exact } from '../../measure';
import type { Picture } from '../picture';
import { bonusText } from './geese';
import { because, counted, plainPiece, rectangle, rolesAt, seamOf, seamWords, squares, triangles } from './reading';
import { cornerSteps } from './corner-steps';
import type { Step } from './step';
import { scene } from '../../hands';
import { cornersPressed, type Cornered } from '../scenes/corners';
import { earCuts } from '../scenes/pairs';
import { patchesLaid, pressedOut, sewingOn, sewnOn, type Added } from '../scenes/patches';
import { templateOf, templatePiece } from './template-shape';
import { marker, starch, type Method, type BatchCut, type UnitInBlock, type UnitKind } from './unit-kind';
import { words } from './words/folded-corner';

interface Corner {
  /** Counted clockwise from the top left. */
  at: number;
  role: string;
  leg: number;
}

/** The right-angled triangles with equal legs in the corners of the picture. */
function cornersOf({ patches, w, h }: Picture): Corner[] {
  const places = rectangle(0, 0, w, h);
  return patches
    .flatMap(({ role, points }): Corner[] => {
      if (points.length !== 3) return [];
      return places.flatMap((right, at): Corner[] => {
        const legs = points.filter((p) => p[0] !== right[0] || p[1] !== right[1]);
        const along = legs.map((p) => [Math.abs(p[0] - right[0]), Math.abs(p[1] - right[1])] as const);
        const leg = Math.max(...along[0]!);
        const even = along.every(([x, y]) => Math.min(x, y) === 0 && Math.max(x, y) === leg);
        return legs.length === 2 && even && along[0]![0] !== along[1]![0] ? [{ at, role, leg }] : [];
      });
    })
    .sort((a, b) => a.at - b.at);
}

/** The outline that is left when the corners are taken off. */
function baseOutline({ w, h }: Picture, corners: readonly Corner[]): Point[] {
  const places = rectangle(0, 0, w, h);
  const outline = places.flatMap(([x, y], at): Point[] => {
    const corner = corners.find((c) => c.at === at);
    if (!corner) return [[x, y]];
    const { leg } = corner;
    const level: Point = [x === 0 ? leg : w - leg, y];
    const upright: Point = [x, y === 0 ? leg : h - leg];
    return at % 2 === 0 ? [upright, level] : [level, upright];
  });
  return outline.filter((p, i) => {
    const next = outline[(i + 1) % outline.length]!;
    return p[0] !== next[0] || p[1] !== next[1];
  });
}

/** A corner's triangle, clockwise. */
function triangleAt({ w, h }: Picture, { at, leg }: Corner): Point[] {
  const [x, y] = rectangle(0, 0, w, h)[at]!;
  const [dx, dy] = [x === 0 ? leg : -leg, y === 0 ? leg : -leg];
  const points: Point[] = [
    [x, y],
    [x + dx, y],
    [x, y + dy],
  ];
  return at % 2 === 0 ? points : points.reverse();
}

/** The side of a corner's triangle that lies on the base, which is to the right hand of it. */
function longSide(outline: readonly Point[], at: number): readonly [Point, Point] {
  const [a, b, c] = outline as [Point, Point, Point];
  return at % 2 === 0 ? [c, b] : [b, a];
}

const scaledSpot = ([x, y]: Point, by: number) => [x * by, y * by] as const;

const legOf = (unit: UnitInBlock, { leg }: Corner): Exact => unit.tick.times(leg);

const folded: Method = {
  name: 'folded-corner',
  get title() {
    return words.withStitchAndFlipCorners;
  },
  recipe({ unit, style }) {
    const s = seamOf(style);
    const corners = cornersOf(unit.picture);
    const legs = corners.map((corner) => legOf(unit, corner)).sort((a, b) => a.compare(b));
    const bonus = legs[0] && bonusText(legs[0], style);
    const cornered: Cornered = {
      base: { role: unit.roles[0]!, w: unit.w.plus(s.times(2)).toNumber(), h: unit.h.plus(s.times(2)).toNumber() },
      corners: corners.map((corner) => ({
        ...{ at: corner.at, role: corner.role },
        side: legOf(unit, corner).plus(s.times(2)).toNumber(),
      })),
      seam: s.toNumber(),
    };
    return {
      yields: 1,
      pieces: [
        plainPiece(unit.roles[0]!, unit.w, unit.h, s),
        ...eachLeg(corners, (roles, corner) => {
          const leg = legOf(unit, corner);
          const side = leg.plus(s.times(2));
          return squares(roles, side, because('l + 2 × s', side, s, ['l', words.legOfTheCorner, leg]));
        }),
      ],
      steps: [
        ...cornerSteps(cornered, style, {
          laid: words.layASquareOnItsCorner,
          first: [0],
          bonus,
        }),
        ...(corners.length > 1 ? [otherCorners(cornered, corners.length)] : []),
      ],
      look: [words.everyCornerIsSquareAndThe],
      tools: [marker()],
      caution: words.checkWhichWayTheLineOf,
      bonus,
      seams: corners.length,
      onLine: true,
      trims: 0,
      bias: 0,
    };
  },
};

const cutTriangles: Method = {
  name: 'cut-triangles',
  get title() {
    return words.cornersFromTrianglesTheBaseFrom;
  },
  recipe({ unit, style }) {
    const s = seamOf(style);
    const corners = cornersOf(unit.picture);
    const base = unit.picture.patches.find((p) => p.points.length > 3 || corners.every((c) => c.role !== p.role))!;
    const one = unit.tick.toNumber();
    const shape = (role: string, points: readonly Point[]) => ({
      role,
      outline: points.map(([x, y]) => [x * one, y * one] as const),
    });
    const patches: Added = {
      first: shape(base.role, base.points),
      added: corners.map((corner) => {
        const outline = triangleAt(unit.picture, corner);
        const [from, to] = longSide(outline, corner.at);
        return { patch: shape(corner.role, outline), seam: { from: scaledSpot(from, one), to: scaledSpot(to, one) } };
      }),
      seam: s.toNumber(),
    };
    const all = corners.map((_, i) => i);
    const by = s.toNumber();
    const box = [-by, -by, unit.w.toNumber() + 2 * by, unit.h.toNumber() + 2 * by] as const;
    return {
      yields: 1,
      pieces: [
        templatePiece(unit.roles[0]!, templateOf(base.points, unit.tick, style), s),
        ...eachLeg(corners, (roles, corner) => triangles(roles, legOf(unit, corner), 'once', s, words.legOfTheCorner)),
      ],
      steps: [
        {
          act: 'cut',
          text: words.cutTheBaseWithItsTemplate,
          scene: () => patchesLaid(patches),
        },
        {
          act: 'sew',
          text: words.layATriangleOnEachCut(seamWords(style)),
          scene: () => sewingOn(patches, [0]),
        },
        { act: 'press', text: words.pressTowardsTheTriangles, scene: () => pressedOut(patches, corners.length, all) },
        {
          act: 'trim',
          text: words.trimTheDogEars,
          scene: () => scene(sewnOn(patches, corners.length), { marks: earCuts(sewnOn(patches, corners.length), box) }),
        },
      ],
      look: [words.everyCornerIsSquare],
      tools: [words.theTemplateOfTheBase, starch()],
      caution: words.theLongEdgesOfTheTriangles,
      seams: corners.length,
      trims: 0,
      bias: corners.length,
    };
  },
};

/** The corners that are left, in one step: they are sewn as the first was. */
const otherCorners = (cornered: Cornered, count: number): Step => ({
  act: 'sew',
  text: words.doTheSameOnTheOther(count === 2 ? words.corner : words.cornersOneAfterAnother),
  scene: () =>
    cornersPressed(
      cornered,
      count,
      Array.from({ length: count - 1 }, (_, i) => i + 1),
    ),
});

/** Corners of equal legs are cut alike. */
function eachLeg(corners: readonly Corner[], pieces: (roles: string[], corner: Corner) => BatchCut[]): BatchCut[] {
  return [...counted(corners.map((c) => String(c.leg))).keys()].flatMap((leg) => {
    const same = corners.filter((c) => String(c.leg) === leg);
    return pieces(
      same.map((c) => c.role),
      same[0]!,
    );
  });
}

export const foldedCorner: UnitKind = {
  kind: 'folded-corner',
  technique: 'folded-corners',
  outward: true,
  get title() {
    return words.stitchAndFlipUnit;
  },
  get plural() {
    return words.stitchAndFlipUnits;
  },
  madeOf: (triangles, others) => triangles <= 4 && others === 1,
  choosable: true,
  twoWays: true,
  methods: [folded, cutTriangles],
  read(picture) {
    const { patches, w, h } = picture;
    if (w < h || patches.length < 2 || patches.length > 5) return undefined;
    const corners = cornersOf(picture);
    if (corners.length !== patches.length - 1 || new Set(corners.map((c) => c.at)).size < corners.length) return undefined;
    const base = baseOutline(picture, corners);
    if (base.length < 4 || doubleArea(base) <= 0) return undefined;
    return rolesAt(picture, [base, ...corners.map((corner) => triangleAt(picture, corner))]);
  },
};

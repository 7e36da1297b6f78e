/**
 * A square or rectangle with one to four corners cut off at 45°, each with a leg of its own: 'snowball', connector, parallelogram.
 * Described lying, first the base, then its corners clockwise from the top left. Formulas: handbook 2.
 */
import { doubleArea, type Point } from '../../block';
import type { Exact } from '../../measure';
import { formatLength } from '../../measure';
import type { Picture } from '../picture';
import { bonusText } from './geese';
import { because, counted, plainPiece, rectangle, rolesAt, seamOf, squares, triangles } from './reading';
import { templateOf, templatePiece } from './template-shape';
import type { Method, Piece, Seen, UnitKind } from './unit-kind';

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

const legOf = (unit: Seen, { leg }: Corner): Exact => unit.tick.times(leg);

const folded: Method = {
  name: 'folded-corner',
  title: 'with folded corners',
  recipe({ unit, style }) {
    const s = seamOf(style);
    const corners = cornersOf(unit.picture);
    const seam = formatLength(style.seam, style.unit);
    const legs = corners.map((corner) => legOf(unit, corner)).sort((a, b) => a.compare(b));
    const bonus = legs[0] && bonusText(legs[0], style);
    return {
      yields: 1,
      pieces: [
        plainPiece(unit.roles[0]!, unit.w, unit.h, s),
        ...eachLeg(corners, (roles, corner) => {
          const leg = legOf(unit, corner);
          const side = leg.plus(s.times(2));
          return squares(roles, side, because('l + 2 × s', side, s, ['l', 'leg of the corner', leg]));
        }),
      ],
      steps: [
        'Draw a diagonal on the back of each small square.',
        'Lay it on its corner, right sides together, the line cutting the corner off, and sew on the line.',
        ...(bonus ? [bonus] : []),
        `Check that it folds out to the corner of the base, then cut ${seam} beyond the seam and press outwards.`,
        ...(corners.length > 1 ? ['Do the same on the other corners, one after another.'] : []),
      ],
      look: ['every corner is square, and the unit measures the same as before'],
      tools: ['a pencil or chalk that shows on both fabrics'],
      caution: 'Check which way the line of each corner runs before you sew: the wrong diagonal cuts the wrong corner.',
      bonus,
      seams: corners.length,
      trims: 0,
      bias: 0,
    };
  },
};

const cutTriangles: Method = {
  name: 'cut-triangles',
  title: 'corners from triangles, the base from a template',
  recipe({ unit, style }) {
    const s = seamOf(style);
    const corners = cornersOf(unit.picture);
    const base = unit.picture.patches.find((p) => p.points.length > 3 || corners.every((c) => c.role !== p.role))!;
    return {
      yields: 1,
      pieces: [
        templatePiece(unit.roles[0]!, templateOf(base.points, unit.tick, style), s),
        ...eachLeg(corners, (roles, corner) => triangles(roles, legOf(unit, corner), 'once', s, 'leg of the corner')),
      ],
      steps: [
        'Cut the base with its template, the squares once, corner to corner.',
        'Sew the triangles to the base, middle to middle, and press towards the triangles.',
      ],
      look: ['every corner is square'],
      tools: ['the template of the base', 'starch'],
      caution: 'The long edges of the triangles, and the cut-off corners of the base, are bias until they are sewn.',
      seams: corners.length,
      trims: 0,
      bias: corners.length,
    };
  },
};

/** Corners of equal legs are cut alike. */
function eachLeg(corners: readonly Corner[], pieces: (roles: string[], corner: Corner) => Piece[]): Piece[] {
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
  outward: true,
  title: 'folded-corner unit',
  plural: 'folded-corner units',
  methods: [folded, cutTriangles],
  read(picture) {
    const { patches, w, h } = picture;
    if (w < h || patches.length < 2 || patches.length > 5) return undefined;
    const corners = cornersOf(picture);
    if (corners.length !== patches.length - 1 || new Set(corners.map((c) => c.at)).size < corners.length) return undefined;
    const base = baseOutline(picture, corners);
    if (base.length < 4 || doubleArea(base) <= 0) return undefined;
    const triangle = ({ at, leg }: Corner): Point[] => {
      const [x, y] = rectangle(0, 0, w, h)[at]!;
      const [dx, dy] = [x === 0 ? leg : -leg, y === 0 ? leg : -leg];
      const points: Point[] = [
        [x, y],
        [x + dx, y],
        [x, y + dy],
      ];
      return at % 2 === 0 ? points : points.reverse();
    };
    return rolesAt(picture, [base, ...corners.map(triangle)]);
  },
};

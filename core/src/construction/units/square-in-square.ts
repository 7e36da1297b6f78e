/**
 * Square in a square, F: described with the centre first, then the corners clockwise from the top left. Formulas: handbook 2.
 */
import { Exact, checkpoint, formatLength } from '../../measure';
import { because, oversizeOf, plainPiece, rolesAt, seamOf, squares, triangles, outlines, scaled } from './reading';
import { bonusText } from './geese';
import type { Method, UnitKind, Wanted } from './unit-kind';

function look({ unit, style }: Wanted): string[] {
  const s = seamOf(style);
  const middle = checkpoint(unit.w.over(2).plus(s), style.rounding, style.unit);
  return [`the points lie ${formatLength(style.seam, style.unit)} from the edge, at ${middle} on every side`];
}

const cutTriangles: Method = {
  name: 'cut-triangles',
  title: 'cut triangles first',
  recipe(wanted) {
    const { unit, style } = wanted;
    const [centre, ...corners] = unit.roles;
    const s = seamOf(style);
    // Cut large, the centre stays exact and the corners grow; the unit is trimmed about its centre.
    const trim = oversizeOf('square-in-square', style);
    const cut = unit.w.over(Exact.root2).plus(s.times(2));
    const size = checkpoint(unit.w.plus(s.times(2)), style.rounding, style.unit);
    const half = checkpoint(unit.w.over(2).plus(s), style.rounding, style.unit);
    const seam = formatLength(style.seam, style.unit);
    return {
      yields: 1,
      pieces: [
        ...squares([centre!], cut, because('F ÷ √2 + 2 × s', cut, s, ['F', 'finished side', unit.w])),
        ...triangles(corners, unit.w.over(2), 'once', s, 'half the finished side', trim),
      ],
      steps: [
        'Fold the square and the triangles to mark the middle of their edges.',
        `Sew two triangles to opposite sides of the square, middle to middle, ${seam} from the edge. Press outwards and snip the ears.`,
        'Sew the other two to the other sides, and press outwards.',
        ...(trim.sign() > 0
          ? [`Trim to ${size} square about the centre: ${half} from the middle on every side, ${seam} beyond every point.`]
          : []),
      ],
      look: look(wanted),
      tools: ['starch'],
      caution: 'The long edges of the triangles are bias until they are sewn: do not pull on them.',
      seams: 4,
      trims: trim.sign() > 0 ? 1 : 0,
      bias: 4,
    };
  },
};

const folded: Method = {
  name: 'folded-corner',
  title: 'with folded corners',
  recipe(wanted) {
    const { unit, style } = wanted;
    const [centre, ...corners] = unit.roles;
    const s = seamOf(style);
    const side = unit.w.over(2).plus(s.times(2));
    const bonus = bonusText(unit.w.over(2), style);
    return {
      yields: 1,
      pieces: [
        plainPiece(centre!, unit.w, unit.h, s),
        ...squares(corners, side, because('F ÷ 2 + 2 × s', side, s, ['F', 'finished side', unit.w])),
      ],
      steps: [
        'Draw a diagonal on the back of the small squares.',
        'Lay two of them on opposite corners of the large square, right sides together, the line cutting off the corner, and sew on it.',
        ...(bonus ? [bonus] : []),
        `Check that each folds out to the corner, then cut ${formatLength(style.seam, style.unit)} beyond the seam and press outwards.`,
        'Do the same on the other two corners.',
      ],
      look: look(wanted),
      tools: ['a pencil or chalk that shows on both fabrics'],
      bonus,
      seams: 4,
      trims: 0,
      bias: 0,
    };
  },
};

const PLACES = outlines('1,0 2,1 1,2 0,1', '0,0 1,0 0,1', '1,0 2,0 2,1', '2,1 2,2 1,2', '0,1 1,2 0,2');

export const squareInSquare: UnitKind = {
  kind: 'square-in-square',
  outward: true,
  title: 'square in a square',
  plural: 'squares in squares',
  methods: [cutTriangles, folded],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 2)) : undefined),
};

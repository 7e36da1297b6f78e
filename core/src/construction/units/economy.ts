/**
 * Economy unit: a square in a square twice over, finished 2a. Described with the centre, the first round clockwise from the top, and
 * the second clockwise from the top left. Formulas: handbook 2.
 */
import { Exact, checkpoint, formatLength } from '../../measure';
import { oversizeOf, plainPiece, rolesAt, seamOf, triangles, outlines, scaled } from './reading';
import type { UnitKind } from './unit-kind';

const PLACES = outlines(
  '1,1 3,1 3,3 1,3',
  '1,1 2,0 3,1',
  '3,1 4,2 3,3',
  '3,3 2,4 1,3',
  '1,3 0,2 1,1',
  '0,0 2,0 0,2',
  '2,0 4,0 4,2',
  '4,2 4,4 2,4',
  '0,2 2,4 0,4',
);

export const economy: UnitKind = {
  kind: 'economy',
  outward: true,
  title: 'economy unit',
  plural: 'economy units',
  methods: [
    {
      name: 'cut-triangles',
      title: 'cut triangles first',
      recipe({ unit, style }) {
        const s = seamOf(style);
        const a = unit.w.over(2);
        const [centre, ...rest] = unit.roles;
        const [first, second] = [rest.slice(0, 4), rest.slice(4)];
        const size = (x: Exact) => checkpoint(x.plus(s.times(2)), style.rounding, style.unit);
        const seam = formatLength(style.seam, style.unit);
        const once = a.times(Exact.root2);
        // Cut large, the centre stays exact and both rounds grow, each trimmed back before the next. A long side that is √2 × o longer makes the
        // first round's square o larger.
        const trim = oversizeOf('economy', style);
        const large = trim.sign() > 0;
        const about = (f: Exact) =>
          `Trim to ${size(f)} square about the centre: ${checkpoint(f.over(2).plus(s), style.rounding, style.unit)} from the middle on every side, ${seam} beyond every point.`;
        return {
          yields: 1,
          pieces: [
            plainPiece(centre!, a, a, s),
            ...triangles(first, a, 'twice', s, 'half the finished side', trim.times(Exact.root2)),
            ...triangles(second, a, 'once', s, 'half the finished side', trim),
          ],
          steps: [
            'Cut the squares for the first round twice, those for the second once, corner to corner.',
            `Sew two triangles of the first round to opposite sides of the centre, middle to middle, ${seam} from the edge. Press outwards. Sew the other two.`,
            large
              ? about(once)
              : `Measure: ${size(once)} square, with ${seam} beyond every point. Trim no more than that away.`,
            'Sew the second round in the same order.',
            ...(large ? [about(unit.w)] : []),
          ],
          look: [`the points lie ${seam} from the edge, at ${checkpoint(a.plus(s), style.rounding, style.unit)} on every side`],
          tools: ['starch'],
          caution: 'The long edges of the second round are bias until they are sewn: do not pull on them.',
          seams: 8,
          trims: large ? 2 : 0,
          bias: 8,
        };
      },
    },
  ],
  read: (picture) => (picture.w === picture.h ? rolesAt(picture, scaled(PLACES, picture.w / 4)) : undefined),
};

/**
 * Economy unit: a square in a square twice over, finished 2a. Described with the centre, the first round clockwise from the top, and
 * the second clockwise from the top left. Formulas: handbook 2.
 */
import { Exact, checkpoint, formatLength } from '../../measure';
import { plainPiece, rectangle, rolesAt, seamOf, triangles } from './reading';
import type { UnitKind } from './unit-kind';

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
        return {
          yields: 1,
          pieces: [
            plainPiece(centre!, a, a, s),
            ...triangles(first, a, 'twice', s, 'half the finished side'),
            ...triangles(second, a, 'once', s, 'half the finished side'),
          ],
          steps: [
            'Cut the squares for the first round twice, those for the second once, corner to corner.',
            `Sew two triangles of the first round to opposite sides of the centre, middle to middle, ${seam} from the edge. Press outwards. Sew the other two.`,
            `Measure: ${size(a.times(Exact.root2))} square. Even it out so that ${seam} stays beyond every point.`,
            'Sew the second round in the same order.',
          ],
          look: [`the points lie ${seam} from the edge, at ${checkpoint(a.plus(s), style.rounding, style.unit)} on every side`],
          tools: ['starch'],
          caution: 'The long edges of the second round are bias until they are sewn: do not pull on them.',
          seams: 8,
          trims: 1,
          bias: 8,
        };
      },
    },
  ],
  read(picture) {
    const { w, h } = picture;
    if (w !== h || picture.patches.length !== 9) return undefined;
    const [q, m, r] = [w / 4, w / 2, (3 * w) / 4];
    return rolesAt(picture, [
      rectangle(q, q, m, m),
      [
        [q, q],
        [m, 0],
        [r, q],
      ],
      [
        [r, q],
        [w, m],
        [r, r],
      ],
      [
        [r, r],
        [m, w],
        [q, r],
      ],
      [
        [q, r],
        [0, m],
        [q, q],
      ],
      [
        [0, 0],
        [m, 0],
        [0, m],
      ],
      [
        [m, 0],
        [w, 0],
        [w, m],
      ],
      [
        [w, m],
        [w, w],
        [m, w],
      ],
      [
        [0, m],
        [m, w],
        [0, w],
      ],
    ]);
  },
};

/** The plain square or rectangle: w + 2s by h + 2s (docs/craft.md, Squares and rectangles). */
import { plainPiece, rectangle, rolesAt, seamOf } from './reading';
import type { UnitKind } from './unit-kind';
import { words } from './words/patch';

export const patch: UnitKind = {
  kind: 'patch',
  technique: 'squares',
  get title() {
    return words.plainPatch;
  },
  get plural() {
    return words.plainPatches;
  },
  madeOf: (triangles, others) => triangles === 0 && others === 1,
  plain: true,
  methods: [
    {
      name: 'cut',
      get title() {
        return words.cutToSize;
      },
      recipe: ({ unit, style }) => ({
        yields: 1,
        pieces: [plainPiece(unit.roles[0]!, unit.w, unit.h, seamOf(style))],
        steps: [],
        look: [],
        tools: [],
        seams: 0,
      }),
    },
  ],
  // Fabric without a direction can be cut either way, so lying and standing rectangles are one unit, long side first.
  read: (picture) => (picture.w >= picture.h ? rolesAt(picture, [rectangle(0, 0, picture.w, picture.h)]) : undefined),
};

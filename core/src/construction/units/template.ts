/** Straight-edged patches without a ruler formula: cut with a full-size template (docs/craft.md, Templates). */
import { seamOf } from './reading';
import { templateOf, templatePiece } from './template-shape';
import type { UnitKind } from './unit-kind';

export const template: UnitKind = {
  kind: 'template',
  title: 'template piece',
  plural: 'template pieces',
  methods: [
    {
      name: 'template',
      title: 'cut with a template',
      recipe: ({ unit, style }) => ({
        yields: 1,
        pieces: [templatePiece(unit.roles[0]!, templateOf(unit.picture.patches[0]!.points, unit.tick, style), seamOf(style))],
        steps: [],
        look: [],
        tools: ['template paper, printed at full size'],
        caution: 'No ruler formula exists for this shape: cut it with its printed template, the arrow on the straight grain.',
        seams: 0,
        bias: unit.picture.patches[0]!.points.length - 1,
      }),
    },
  ],
  read: ({ patches }) => (patches.length === 1 ? [patches[0]!.role] : undefined),
};

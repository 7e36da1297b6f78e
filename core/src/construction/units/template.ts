/** Straight-edged patches without a ruler formula: cut with a full-size template (docs/craft.md, Templates). */
import { seamOf } from './reading';
import { templateOf, templatePiece } from './template-shape';
import type { UnitKind } from './unit-kind';
import { words } from './words/template';

export const template: UnitKind = {
  kind: 'template',
  technique: 'templates',
  get title() {
    return words.templatePiece;
  },
  get plural() {
    return words.templatePieces;
  },
  methods: [
    {
      name: 'template',
      get title() {
        return words.cutWithATemplate;
      },
      recipe: ({ unit, style }) => ({
        yields: 1,
        pieces: [templatePiece(unit.roles[0]!, templateOf(unit.picture.patches[0]!.points, unit.tick, style), seamOf(style))],
        steps: [],
        look: [],
        tools: [words.templatePaperPrintedAtFullSize],
        caution: words.noRulerFormulaExistsForThis,
        seams: 0,
        bias: unit.picture.patches[0]!.points.length - 1,
      }),
    },
  ],
  read: ({ patches }) => (patches.length === 1 ? [patches[0]!.role] : undefined),
};

/** The words of units/template. */
import { spoken } from '../../../words';

export const words = spoken('units/template', {
  templatePiece: 'template piece',
  templatePieces: 'template pieces',
  cutWithATemplate: 'cut with a template',
  templatePaperPrintedAtFullSize: 'template paper, printed at full size',
  noRulerFormulaExistsForThis:
    'No ruler formula exists for this shape: cut it with its printed template, the arrow on the straight grain.',
});

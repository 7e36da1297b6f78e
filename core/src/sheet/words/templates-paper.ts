/** The words of sheet/templates-paper. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/templates-paper', {
  yourPool: 'your pool',
  templateOf: (label: Said, name: Said) => say`Template of ${label}, ${name}`,
  reversedTurnTheTemplateOver: ' reversed (turn the template over)',
  ofWords: (label: Said, name: Said) => say`${label} of ${name}`,
  cutOfTheArrowLiesOn: (qty: Said, over: Said, name: Said) =>
    say`Cut ${qty}${over} of ${name}. The arrow lies on the straight grain; sew on the dashed line.`,
  templatesAtFullSize: 'Templates at full size',
  templates: 'Templates',
  templates2: (monthTitle: Said) => say`Templates, ${monthTitle}`,
  printAt100ActualSizeAnd:
    'Print at 100% (‘actual size’) and check the square. These shapes cannot be cut with a ruler alone: cut round the paper template.',
  templates3: (title: Said, monthTitle: Said) => say`${title}: templates, ${monthTitle}`,
});

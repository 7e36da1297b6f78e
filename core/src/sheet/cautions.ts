/** Cautions that stand wherever cutting is described (handbook 3). */
export const cautions = [
  'Close the blade whenever it leaves your hand, and cut away from your body.',
  'Keep fingers and fingertips behind the ruler’s edge; for long runs use a gripping or guarded ruler, or a cut-resistant glove.',
  'Change dull blades, which slip, and dispose of them in a sharps container as local rules say.',
  'Do not stack more layers than the blade cuts cleanly.',
  'Stand at a table of hip height and take breaks. Keep children and pets away.',
  'Let the iron stand on its heel, unplug it afterwards, and keep pins out of your mouth.',
  'For employees and for classes, the local rules on workplace safety come first; this text does not replace them.',
];

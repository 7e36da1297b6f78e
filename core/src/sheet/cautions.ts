/** Cautions that stand wherever cutting is described (docs/craft.md, Cautions): in full with the first packet and in the cutting room, on each sheet in one line. */
export const cautions = [
  'Close the blade whenever it leaves your hand, and cut away from your body.',
  'Keep your fingers behind the ruler’s edge. For long runs use a gripping or guarded ruler, or a cut-resistant glove.',
  'Change dull blades, which slip, and dispose of them in a sharps container as local rules say.',
  'Do not stack more layers than the blade cuts cleanly.',
  'Stand at a table of hip height and take breaks. Keep children and pets away.',
  'Stand the iron on its heel and unplug it when you finish. Keep pins out of your mouth.',
];

/** For whoever works at it, and for classes. */
export const atWork =
  'For employees and for classes, the local rules on workplace safety come first; this text does not replace them.';

export const SAFETY =
  'Safety: close the blade whenever you put the cutter down, cut away from yourself, and keep your fingers behind the ruler’s edge.';

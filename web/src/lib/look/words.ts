/** The words of what any subject may use. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('look', {
  // Chart
  hideTable: 'Hide table',
  showTable: 'Show table',

  // device-name
  on: (system: Said) => say`on ${system}`,
  aDeviceThatSaysNothing: 'an unknown device',

  // Doubts
  willRuinKitsFixBefore: (kits: Said) => say`Will ruin ${kits} kits: fix before cutting`,
  willWasteFabric: 'Will waste fabric',
  worthKnowing: 'Worth knowing',

  // ImportRows
  line: 'Line',
  what: 'What',

  // MeasureForm
  whatYouMeasured: 'What you measured',
  seamsItCrosses: 'Seams it crosses',
  sizeOnTheSheet: (unit: Said) => say`Size on the sheet, ${unit}`,
  yourSize: (unit: Said) => say`Your size, ${unit}`,
  beforePressingIfYouKnow: 'Before pressing (if you know)',
  whatSize: (i: Said) => say`What, size ${i}`,
  seamsAcrossSize: (i: Said) => say`Seams across, size ${i}`,
  shouldBeSize: (i: Said) => say`Should be, size ${i}`,
  isSize: (i: Said) => say`Is, size ${i}`,
  beforePressingSize: (i: Said) => say`Before pressing, size ${i}`,
  takeSizeOut: (i: Said) => say`Take size ${i} out`,
  remove: 'Remove',
  addAMeasurement: 'Add a measurement',

  // PaperChoice
  paper: 'Paper',
  paperSize: 'Paper size',
  letter: 'Letter',

  // PaperView
  sheet: 'Sheet',

  // PhotoField
  jpegPngOrWebp: (label: Said) => say`${label}, JPEG, PNG or WebP`,
  weCantReachTheServer: 'We can’t reach the server. The photo wasn’t sent; try again in a moment.',

  // TickBox
  isCut: (what: Said) => say`${what} is cut`,

  // Why
  why: (why: Said) => say`Why ${why}?`,
  whyThisNumber: (why: Said) => say`${why}: why this number?`,
  why2: 'Why',
  cut: (label: Said) => say`Cut ${label}`,
  is: 'is',
  the: (meaning: Said) => say`, the ${meaning}`,
  thatIs: 'That is',
  or: (decimal: Said) => say` or ${decimal}`,
  theRulerShowsStepsOf: (decimal: Said) => say`${decimal}. The ruler shows steps of`,
  andCutSizesGoUp: ', and cut sizes go up, never down:',
  exactlyNothingWasRounded: 'exactly; nothing was rounded.',
  onTheRuler: (long: Said, ruler: Said) => say`${long} on the ruler: ${ruler}`,
  onTheRuler2: 'On the ruler:',
  close: 'Close',

  // place-name.ts
  theDocument: 'the document',
  isNew: 'new',
  changes: 'changed',
  refused: 'refused',

  // QuiltTop
  selected: (label: Said, nameOf: Said) => say`${label}. Selected: ${nameOf}`,
  notDrawnYet: ', not drawn yet',

  // Follows
  thisFollows: 'This changes:',
  andMore: (more: Said) => say`and ${more} more`,
  cancel: 'Cancel',
});

/** The words of sheet/demonstration. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/demonstration', {
  stepOutsAndRunningOrder: 'Step-outs and running order',
  demonstration: 'Demonstration',
  showing: (monthTitle: Said) => say`Showing ${monthTitle}`,
  whatToHaveReadyAndWhat: 'What to have ready, and what to show in which order.',
  everythingCutInPilesWithIts: 'Everything cut, in piles with its labels.',
  allUnitsSewnAndPressed: (list: Said) => say`All units sewn and pressed: ${list}.`,
  theSectionsSewnNotYetJoined: 'The sections sewn, not yet joined.',
  theWholeBlock: 'The whole block.',
  stepOutsOf: (name: Said) => say`Step-outs of ${name}`,
  stepOutsToMakeBeforeThe: 'Step-outs to make before the day',
  makeBlocksAndStopEachOne: (inWords: Said) => say`Make ${inWords} blocks and stop each one at its stage. Cut in all:`,
  fabric: 'Fabric',
  cut: 'Cut',
  howMany: 'How many',
  size: (unit: Said) => say`Size, ${unit}`,
  runningOrder: 'Running order',
  beginWithTheWholeBlock: 'Begin with the whole block. ',
  pointOutWhereFourSeamsMeet: 'Point out where four seams meet, and name the units.',
  tellTheClass: 'Tell the class: ',
  demonstration2: (title: Said, monthTitle: Said) => say`${title}: demonstration, ${monthTitle}`,
});

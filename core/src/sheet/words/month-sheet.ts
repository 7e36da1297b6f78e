/** The words of sheet/month-sheet. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/month-sheet', {
  sewAScantSeamAndMeasure: (seam: Said) => say`sew a scant ${seam} seam and measure at every checkpoint.`,
  sizesAreExact: (exact: Said) => say`Cut sizes include the seam and are exact: ${exact}`,
  unitsAreCutALittleLarge:
    'Cut sizes include the seam. Units are cut a little large: trim each one to the size of its checkpoint.',
  ofWords: (labels: Said, name: Said) => say`${labels} of ${name}`,
  are: 'are',
  isWords: 'is',
  eachOne: 'each one',
  it: 'it',
  cutALittleLargeTrimTo: (list: Said, are: Said, eachOne: Said, exact: Said) =>
    say`Cut sizes include the seam. ${list} ${are} cut a little large: trim ${eachOne} to the size of its checkpoint. All other sizes are exact: ${exact}`,
  cutOnceOnTheDiagonal: 'cut once on the diagonal',
  cutTwiceOnTheDiagonal: 'cut twice on the diagonal',
  turnedOver: ', turned over',
  cutAlongItsTemplate: (turnedOver: Said) => say`cut along its template${turnedOver}`,
  theBlock: 'the block',
  theQuilt: 'the quilt',
  theSeamsNestWhereTheyCross: 'The seams nest where they cross.',
  both: 'both',
  all: (inWords: Said) => say`all ${inWords}`,
  theSeamsNestAtCrossings: (both: Said) => say`The seams nest at ${both} crossings.`,
  theSeamsNestAtOfThe: (inWords: Said, inWords2: Said) =>
    say`The seams nest at ${inWords} of the ${inWords2} crossings; pin the others.`,
  asNo: (sized: Said, copy: Said) => say`${sized}, as no. ${copy}`,
});

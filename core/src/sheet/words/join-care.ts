/** The words of sheet/join-care. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/join-care', {
  theCrossing: 'the crossing',
  bothCrossings: 'both crossings',
  theCrossings: (inWords: Said) => say`the ${inWords} crossings`,
  nest: 'Nest',
  match: 'Match',
  andPin: (nest: Said, which: Said) => say`${nest} and pin ${which}.`,
  eachX: 'each X',
  theX: 'the X',
  withOnTopSewThroughThe: (list: Said, where: Said) => say`With ${list} on top, sew through the middle of ${where} on the back`,
  pointsStay: 'points stay',
  pointStays: 'point stays',
  whereTwoSeamsCrossThenThe: (top: Said, pointsStay: Said) => say`${top}, where two seams cross: then the ${pointsStay} whole.`,
});

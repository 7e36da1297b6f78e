/** The words of cutting. */
import { type Said, say, spoken } from '../words';

export const words = spoken('core/cutting', {
  // machine
  theFileIsNoSvgWith: 'The file is no SVG with a width and height in inches or centimetres and a viewBox from 0 0.',
  theViewboxHasNotTheShape: 'The viewBox has not the shape of the sheet, so nothing would be cut at its true size.',
  theFileMovesItsShapesBy: 'The file moves its shapes by transforms, which this machine does not follow.',
  theFileHoldsMoreThanThis: 'The file holds more than this machine can take in one sheet.',
  theFileHoldsNoPathTo: 'The file holds no path to cut.',
  holdsMoreThanOneOutline: 'holds more than one outline',
  hasAStepOnlyStraightLines: (command: Said) => say`has a step '${command}'; only straight lines are cut`,
  isEmpty: 'is empty',
  breaksOffInTheMiddleOf: 'breaks off in the middle of a step',
  isNotClosed: 'is not closed',
  hasFewerThanThreeCorners: 'has fewer than three corners',
  leavesTheMat: (name: Said) => say`${name} leaves the mat.`,
  crossesItself: (name: Said) => say`${name} crosses itself.`,
  enclosesNothing: (name: Said) => say`${name} encloses nothing.`,
  overlaps: (name: Said, name2: Said) => say`${name} overlaps ${name2}.`,

  // sheets
  eitherWay: 'either way',
  andItsPrintKeepsItFrom: 'and its print keeps it from being turned',
  measuresByItDoesNotFit: (label: Said, write: Said, write2: Said, write3: Said, write4: Said, why: Said) =>
    say`${label} measures ${write} by ${write2}: it does not fit a piece of ${write3} by ${write4}, ${why}`,
});

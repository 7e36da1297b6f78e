/** The words of sheet/doubts. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/doubts', {
  pairOf: (name: Said) => say`pair of ${name}`,
  everyKitWillHaveLeftOver: (extra: Said, label: Said, more: Said) =>
    say`Every kit will have ${extra} ${label} ${more} left over.`,
  theyAreMadeAnotherMethodOr: (method: Said) => say`They are made ${method}. Another method, or more blocks, may use them up.`,
  andAreTooCloseInValue: (name: Said, name2: Said, label: Said) =>
    say`${name} and ${name2} are too close in value, and they meet in every ${label}.`,
  theTrianglesWillDisappearChooseA: 'The triangles will disappear. Choose a lighter or darker fabric for one of them.',
  oneKitDoesntComeOutEven: (more: Said, first: Said, rest: Said) => say`${more}${first}${rest}. One kit doesn’t come out even.`,
  makeSomeBlocksTwiceInTheir: 'Make some blocks twice in their months, or set fewer across or down.',
  setMoreAcrossOrDownMake:
    'Set more across or down, make fewer blocks, or say at the quilt that some are left over, for the back or a cushion.',
  the: 'The',
  longSashesAndTheSideTriangles: (more: Said) =>
    say`${more} long sashes and the side triangles interlock: the quilt cannot be sewn in straight rows.`,
  chooseCornerstonesAtTheQuiltOr: 'Choose cornerstones at the quilt, or no sashing outside.',
  n1In: '1 in',
  n25Cm: '2.5 cm',
  allowForSquaringInTheHouse: (more: Said) => say`Allow ${more} for squaring in the house style.`,
  finishesAtMostBlocksOfThis: (name: Said, size: Said, usual: Said) =>
    say`${name} finishes at ${size}; most blocks of this programme finish at ${usual}.`,
  makeItTheSameSizeAs: 'Make it the same size as the others, or add a frame (coping strips) to bring it up to size.',
  the2: (name: Said) => say`${name}: the`,
  areHandedOutAndTheStrips: (name: Said, length: Said, unit: Said) =>
    say`${name}: ${length} ${unit} are handed out, and the strips use all of it. Nothing is left to square the end.`,
});

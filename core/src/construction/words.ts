/** The words of construction. */
import { plural, type Said, say, spoken } from '../words';

export const words = spoken('core/construction', {
  // awkward
  makeTheBlock: (write: Said) => say`make the block ${write}`,
  makeItGridSquaresAndFrame: (write: Said, write2: Said, length: Said) =>
    say`make it ${write} (grid squares ${write2}) and frame it up to ${length}`,
  roundItsCutsUpToThe: (write: Said) => say`round its cuts up to the next ${write}`,
  gridSquaresFinishAtWhichIsnt: (length: Said, unit: Said, step: Said, list: Said, value: Said) =>
    say`grid squares finish at ${length} ${unit}, which isn’t on the ruler, so cuts are rounded up to the next ${step} ${unit}. Choose one: ${list}; or ${value}`,

  // choices
  ofWords: (value: Said, list: Said) => say`${value} of ${list}`,

  // construct
  comes: (title: Said) => say`${title} comes`,
  come: (what: Said) => say`${what} come`,
  overIsMadeAtATime: (n: Said, which: Said, more: Said, label: Said, value: Said) =>
    say`${n} ${which}${more} over: ${label} is made ${value} at a time`,
  cannotBeMadeAsItIs: (label: Said, what: Said, name: Said, reason: Said, title: Said) =>
    say`${label}, ${what}, cannot be made as '${name}': ${reason}; it is planned ${title}`,

  // contract

  // joinings
  topAndBottom: 'top and bottom',
  theSides: 'the sides',
  outFromTheCentreLast: (topAnd: Said) => say`out from the centre, ${topAnd} last`,
  alongADiagonal: 'along a diagonal',
  inRows: 'in rows',
  inColumns: 'in columns',
  inQuarters: 'in quarters',
  oneAboveTheOther: 'one above the other',
  sideBySide: 'side by side',
  inWords: (parts: Said, oneAbove: Said) => say`in ${parts}, ${oneAbove}`,

  // slips
  every: (name: Said, said: Said) => say`Every ${name} ${said}`,
  oneWords: (length: number) => say`${plural(length, { one: '', other: 'One ' })}`,
  whereBelongs: (name: Said, other: Said) => say`${name} and ${other} in each other’s place`,
  th: (value: Said) => say`${value}th`,
  theUpsideDown: (value: Said, row: Said) => say`The ${value} ${row} upside down`,
  withAndSwapped: (a: Said, b: Said) => say`with ${a} and ${b} swapped`,
  clockwise: 'a quarter turn clockwise',
  upsideDown: 'upside down',
  anticlockwise: 'a quarter turn anticlockwise',
  row: 'row',
  column: 'column',
  first: 'first',
  second: 'second',
  third: 'third',
  fourth: 'fourth',
  fifth: 'fifth',
  sixth: 'sixth',
  seventh: 'seventh',
  eighth: 'eighth',
  mirrored: 'mirrored',
  halves: 'halves',
  thirds: 'thirds',
  quarters: 'quarters',
  aWord: (title: Said) => say`a ${title}`,
  an: (title: Said) => say`an ${title}`,
});

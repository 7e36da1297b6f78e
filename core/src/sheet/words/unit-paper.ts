/** The words of sheet/unit-paper. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/unit-paper', {
  youHaveTheseAlreadyTheBatches: (left: Said, mirrorOf: Said) =>
    say`${left}You have these already: the batches of ${mirrorOf} give them too. Sort them by the pictures.`,
  eachTakes: (left: Said, from: Said) => say`${left}Each takes ${from}.`,
  doThisTwice: ' Do this twice.',
  doThisTimes: (inWords: Said) => say` Do this ${inWords} times.`,
  both: 'both',
  all: (inWords: Said) => say`all ${inWords}`,
  make: (left: Said, text: Said, more: Said, times: Said) => say`${left}${text} make ${more}.${times}`,
  ofThemReadyYouKeptFrom: (text: Said, given: number) =>
    say`${text} of them ${plural(given, { one: 'is', other: 'are' })} ready: you kept ${plural(given, { one: 'it', other: 'them' })} from the block before.`,
  unit: 'Unit',
  make2: 'Make',
  fabrics: 'Fabrics',
  from: 'From',
  pressing: 'Pressing',
  pressedInTurn: ', pressed in turn',
  allAlike: ', all alike',
  inAMirror: (make: number, like: Said) => say`; ${plural(make, { one: 'it is', other: 'they are' })} ${like} in a mirror`,
  printLiesAnotherWay: (make: number, like: Said, prints: Said) =>
    say`; ${plural(make, { one: 'it is', other: 'they are' })} ${like} with ${prints} lying another way`,
  eachTakes2: (from: Said) => say`Each takes ${from}.`,
  takeAnyForEachBlock: (many: Said) => say`Take any ${many} for each block`,
  takeAny: (many: Said) => say`Take any ${many}`,
  ofThoseThatYouBeganWith: (madeWith: Said) => say`, of those that you began with ${madeWith}`,
  chooseThemSoThatEqualFabrics: (anyWords: Said, more: Said) =>
    say`${anyWords}${more}. Choose them so that equal fabrics do not touch when the block is laid out.`,
  square: ' square',
  measure: (size: Said, square: Said) => say`Measure: ${size}${square}. `,
  whatAndHow: 'What, and how',
  measures: 'Measures',
  anyOfThem: (title: Said) => say`${title}, any of them.`,
  mirroredWith: (title: Said, mirrorOf: Said) => say`mirrored ${title}, with ${mirrorOf}`,
  pressInTable: 'Open each unit and press its seam as the table says.',
  mirrored: 'mirrored ',
  make3: (label: Said, make: Said, mirrored: Said, title: Said) => say`${label}: make ${make} ${mirrored}${title}`,
  takeOfPool: (label: Said, make: Said, title: Said, name: Said) => say`${label}: take ${make} ${title} of pool ${name}`,
  mirroredOnes: (fabrics: Said) => say`mirrored: ${fabrics}`,
  poolNamed: (name: Said) => say`pool ${name}`,
});

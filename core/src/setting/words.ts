/** The words of setting. */
import { type Said, say, spoken } from '../words';

export const words = spoken('core/setting', {
  // cells
  theBlocksFinishAtDifferentSizes: (key: Said, w: Said, h: Said, inner: Said, inner2: Said) =>
    say`the blocks finish at different sizes ('${key}' is ${w} by ${h}, the largest ${inner} by ${inner2}); name a fabric for coping strips round the smaller ones`,
  blocksOnPointMustBeSquare: (w: Said, h: Said) => say`blocks on point must be square; these are ${w} by ${h}`,
  thereIsNoBlockOfThat: (block: Said) => say`there is no block '${block}' of that size to set here`,
  isNotSquareItCanOnly: (key: Said) => say`'${key}' is not square: it can only be turned half round`,

  // lattice
  alternateBlocksArePlainNameThe: 'alternate blocks are plain: name the fabric that they are cut from',
  alternateBlock: 'alternate block',
  aQuiltOnPointNeedsSide: 'a quilt on point needs side and corner triangles: name their fabric',
  sideTriangle: 'side triangle',
  cornerTriangle: 'corner triangle',

  // medallion
  noBlockOfTheProgrammeFinishes: (f: Said) => say`no block of the programme finishes at ${f}; a plain round names its fabric`,
  roundIsByInsideWhichBlocks: (value: Said, w: Said, h: Said, f: Said) =>
    say`round ${value} is ${w} by ${h} inside, which blocks of ${f} do not fill; name a fabric for coping strips`,

  // parts
  f2SByL2: 'f + 2 s by l + 2 s + spare',
  f2SByL22: 'f + 2 s by l + 2 s',
  f2SByL23: 'f + 2 s by l + (2 + 2√2) s + spare, for mitred ends',
  longSideOfTheFinishedTriangle: 'long side of the finished triangle',
  shortSideOfTheFinishedTriangle: 'short side of the finished triangle',
  finishedSide: 'finished side',
  finishedWidth: 'finished width',
  outerEdge: 'outer edge',
  finishedLength: 'finished length',
  seamAllowance: 'seam allowance',
  toTrimToTheQuiltAs: 'to trim to the quilt as it measures',

  // quilt-top
  noMonthHasABlockTo: 'no month has a block to set yet',
  byBlocksAreMoreThan: (across: Said, down: Said, most: Said) => say`${across} by ${down} blocks are more than ${most}`,
  alternate: 'alternate',
  rounds: 'rounds',
  borders: 'borders',
  binding: 'binding',
  backing: 'backing',
  wadding: 'wadding',
  triangles: 'triangles',
  sashing: 'sashing',
  cornerstone: 'cornerstone',
  frame: 'frame',
  coping: 'coping',
  round: 'round',
  border: 'border',
  sideBorder: 'side border',
  topOrBottomBorder: 'top or bottom border',
  borderStrip: 'border strip',

  // kinds
  straight: 'straight',
  onPoint: 'on point',
  alternating: 'alternating plain blocks',
  medallion: 'medallion',

  // Packaged wadding
  crib: 'crib',
  throw: 'throw',
  twin: 'twin',
  full: 'full',
  queen: 'queen',
  king: 'king',
});

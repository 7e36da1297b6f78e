/** The words of draft. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('draft', {
  // BlockLibrary
  searchBlocks: 'Search blocks',
  starGeesePartialSeam: 'star, geese, partial seam',
  newBlock: 'New block',
  aPlain4By4: 'A plain 4 by 4 grid',
  fromAFile: 'From a file…',
  thatFileIsntABlock: 'That file isn’t a block we can read.',
  noBlockMatchesClearThe: 'No block matches. Clear the search, or start with a plain grid.',
  largerThanABlockCan: 'larger than a block can be',
  nothingStraightIsDrawn: 'nothing is drawn in it that has straight edges',

  // TakeBlock
  lookAtTheDrawing: 'Check the drawing',
  setTheGridUntil: 'Set the grid until its lines lie on the seams. Then say which fabric each colour is.',
  itHasLettersThat: 'This block has letters that your programme doesn’t. Say which fabric each of them is.',
  asInTheFile: 'In the file, under the grid',
  asItWillBe: (patches: number) => say`As it comes in: ${patches} ${plural(patches, { one: 'patch', other: 'patches' })}`,
  theDrawingOnAGrid: (across: Said, down: Said) => say`The drawing in the file, under a grid of ${across} by ${down} squares`,
  fitsToo: 'Grids that fit:',
  by: (across: Said, down: Said) => say`${across} × ${down}`,
  itDoesntFit: (why: Said) => say`This grid won’t do: ${why}.`,
  cornersMoved: (far: Said) => say`Corners moved onto the grid by up to ${far} of a square.`,
  seamsAdded:
    'One patch lies all around another. It is cut into several along the dashed lines; move those seams on the board if you like.',
  looseLines: (n: number) =>
    say`${n} ${plural(n, { one: 'piece of a line that ends inside a patch is', other: 'pieces of lines that end inside a patch are' })} left out.`,
  curvedShapes: (n: number) =>
    say`${n} ${plural(n, { one: 'shape with curved edges is', other: 'shapes with curved edges are' })} left out: blocks here have straight seams.`,
  textAndPictures: (n: number) =>
    say`${n} ${plural(n, { one: 'text or picture is', other: 'texts and pictures are' })} left out.`,
  coloursAndLetters: 'Its colours',
  lettersAndLetters: 'Its letters',
  notColoured: 'Not coloured',
  becomes: 'cut from',
  colourNumber: (n: Said) => say`Colour ${n}`,
  letterFor: (what: Said) => say`Letter for ${what}`,
  patchesShare: (patches: number, share: Said) =>
    say`${patches} ${plural(patches, { one: 'patch', other: 'patches' })}, ${share}%`,
  severalBecomeOne: (n: Said, letter: Said) => say`${n} of them become ${letter} and are cut from one fabric.`,
  takeThisDrawing: 'Use this drawing',
  leaveIt: 'Cancel',

  // PictureForm
  fromAPhoto: 'From a photo…',
  fromAPhotoHeading: 'A block from a photo',
  layTheBlockFlat:
    'Lay the block flat, in even light, on a table of another colour. Photograph it from above, with all four corners in the picture.',
  putTheHandles: 'Put each handle on a corner of the block, at its outer seam or its cut edge.',
  turnAQuarter: 'Turn a quarter',
  anotherPhoto: 'Another photo',
  pickOneOfSeveral: 'Pick one of several blocks…',
  howToPick:
    'Put the handles on the outer corners of all the blocks, say how many there are, and click on the one you want. If sashing lies between them, set its handles afterwards.',
  blocksAcross: 'Blocks across',
  blocksDown: 'Blocks down',
  oneBlockAfterAll: 'It’s one block after all',
  openingThePhoto: 'Opening the photo…',
  readingTheBlock: 'Reading the block…',
  theReadingOverThePhoto: (patches: number) =>
    say`The drawing over the photo: ${patches} ${plural(patches, { one: 'patch', other: 'patches' })}`,
  asRead: (across: Said, down: Said) => say`The grid seems to be ${across} by ${down}. If it isn’t, type the right one.`,
  gridSetTo: (across: Said, down: Said) => say`The grid is ${across} by ${down}, as you set it.`,
  findTheGrid: 'Find it again',
  seamsInDoubt: (n: number) =>
    say`${n} ${plural(n, { one: 'seam is', other: 'seams are' })} hard to see. Click a yellow line: drawn through is a seam, dashed is none.`,
  patchesInDoubt: (n: number) =>
    say`${n} ${plural(n, { one: 'patch could be of', other: 'patches could each be of' })} another fabric: see the question marks.`,
  nothingInDoubt:
    'Compare the drawing with the photo before you use it: a seam between two pieces of the same print can be missed.',
  aDoubtfulSeamDrawn: 'Hard to see: drawn as a seam. Take it out',
  aDoubtfulSeamOpen: 'Hard to see: no seam drawn. Draw it',
  aDoubtfulPatch: (letter: Said) => say`Which fabric this patch is, is hard to see. Give it ${letter}`,
  photo: 'Photo',
  drawing: 'Drawing',
  howMuchDrawing: 'How much of the drawing lies over the photo',
  fabricInHand: 'Fabric in hand',
  clickAPatchToGiveIt: 'Click a patch to give it',
  cornersMakeNoBlock: 'These four corners make no block. Move them apart.',
  thatSeamStays: (why: Said) => say`Nothing was changed: ${why}.`,
  photoUnderneath: 'Photo underneath',
  takeItAway: 'Remove the photo',

  // CutList
  cutsForOneKit: 'Cuts for one kit',
  cut: 'Cut',
  howMany: 'How many',
  size: (unit: Said) => say`Size, ${unit}`,
  for: 'For',
  units: 'Units',
  mirrored: 'mirrored ',
  of: (make: Said, value: Said, title: Said, list: Said) => say`${make} ${value}${title} of ${list},`,
  anyOfAPool: 'any of a pool',
  leftOver: (extra: Said) => say`; ${extra} left over`,

  // DraftBoard
  arrowKeysMoveTheCursor: (label: Said) => say`${label}. Arrow keys move the cursor, Enter uses the tool.`,

  // DraftTools
  draftingTools: 'Drafting tools',
  letter: 'Letter',
  twoLetters: 'Two letters',
  selected: ', selected',
  second: ', second',
  letter2: (role: Said, value: Said) => say`Letter ${role}${value}`,
  snapTo: 'Snap to',
  grid: 'grid',
  halfSquares: 'half squares',
  thirds: 'thirds',
  quarters: 'quarters',
  repeatEachChange: 'Repeat each change',
  unit: 'Unit',
  sizeGridSquaresOnThe: 'Size: grid squares on the short side',
  turn: 'Turn',
  r: 'r',
  mirror: 'Mirror',
  m: 'm',
  mirroredLeftRight: 'mirrored left–right',
  mirroredTopBottom: 'mirrored top–bottom',
  inAllFourCornersMirrored: 'in all four corners, mirrored',
  rotatedFourTimes: 'rotated four times',

  // GridForm
  grid2: 'Grid',
  squaresAcross: 'Squares across',
  squaresDown: 'Squares down',
  aFinerGrid: 'a finer grid',
  finerGrid2: 'Finer grid (×2)',
  aCoarserGrid: 'a coarser grid',
  coarserGrid2: 'Coarser grid (÷2)',
  turnTheBlock: 'Turn the block',
  mirrorTheBlock: 'Mirror the block',
  typeAWholeNumberOf: 'Type a whole number of squares from 1 to 64.',
  anotherGrid: 'another grid',

  // MonthForm
  thisMonth: 'This month',
  aMonthNeedsAName: 'A month needs a name.',
  itsUnitsAreMade: 'Its units are made',
  whereItsUnitsAreMade: 'where its units are made',
  withThisMonth: 'with this month',
  aheadWith: (name: Said) => say`ahead, with ${name}`,
  useUnitsThatAreLeft: 'Use units that are left over from',
  finishedSize: 'finished size',
  blocksInAKit: 'blocks in a kit',
  unitsAre: 'Units are',
  cutToSize: 'cut to size',
  cutLarge: 'cut large',
  houseStyle: (value: Said) => say`house style (${value})`,
  cutToSizeSewnWith: 'cut to size, sewn with a scant seam',
  cutLargeAndTrimmed: 'cut large and trimmed',
  houseStyle2: (houseMethod: Said) => say`house style (${houseMethod})`,
  aBlockNeedsASize: 'A block needs a size.',
  aBlockCanBeAt: (value: Said) => say`A block can be at most ${value}.`,
  aWholeNumberFrom1: 'A whole number from 1 to 1000.',

  // programmes/[programme]/months/[month]/draft
  noBlockYet: 'No block yet',
  aLesson: 'A lesson, without a block',
  aLessonIsItsNotes: 'Its sheet is what you have written under Instructions; it takes no place in the quilt.',
  writeItUnder: 'Write it under Instructions',
  elseStartWith: 'To make it a month with a block after all, start with one of these:',
  startWithOneOfThese: 'Start with one of these blocks and change it as you like, or with a plain grid.',
  block: 'Block',
  finished: (name: Said, finished: Said) => say`${name}, ${finished} finished`,
  complete: 'Complete:',
  sewnWith: (odd: Said) => say`; sewn with ${odd}`,
  patchesFabricsNoGapsOr: (patches: Said, rolesOf: number, madeOf: Said, odd: Said) =>
    say`${patches} patches, ${rolesOf} ${plural(rolesOf, { one: 'fabric', other: 'fabrics' })}, no gaps or overlaps. Made of ${madeOf}${odd}.`,
  finished2: 'Finished',
  unfinished: (unit: Said) => say`${unit}, unfinished`,
  ofThemInAKit: (make: Said) => say`${make} of them in a kit.`,
  useThisDrawingTooChanges: (elsewhere: Said, elsewhere2: number) =>
    say`${elsewhere} ${plural(elsewhere2, { one: 'uses', other: 'use' })} this drawing too: changes show there as well.`,
  saveAsBlockFile: 'Save as block file',
  saveAsSvg: 'Save as SVG',
  replaceDrawing: 'Replace drawing…',
  replaceDrawing2: 'Replace drawing',
  replaceTheDrawing: 'Replace the drawing',
  theNewDrawingReplacesThe: 'The new drawing replaces the one above. Undo brings it back.',
  thisMonthCantBeWorked: 'This month can’t be worked out yet',
  aPartialSeam: 'a partial seam',
  and: ' and ',
  anotherDrawing: (name: Said) => say`${name}, drawing replaced`,

  // drafter.svelte.ts
  recastTo: (role: Said) => say`changed to ${role}`,
  twoPatchesJoined: 'two patches merged',
  aUnitLaid: 'a unit added',
  aUnitMirrored: 'a unit mirrored',
  aUnitTurned: 'a unit turned',

  // BlockLibrary
  theFileCannotBeRead: (message: Said) => say`the file cannot be read: ${message}`,

  // programmes/[programme]/months/[month]/draft
  aSetInSeam: 'a set-in seam',

  // MonthForm
  name: 'Name',
  release: 'Release',
  finishedSize2: (unit: Said) => say`Finished size, ${unit}`,
  blocksInAKit2: 'Blocks in a kit',
  leftOverUnits: 'left-over units',
  begun: (month: Said, block: Said) => say`${month}, ${block} begun`,
  // BlocksForm
  blocksOfTheMonth: 'Blocks of the month',
  addABlock: 'Add a block',
  addABlockHeading: 'Add a block to this month',
  nameMoveCopy: (name: Said) => say`Name, move, copy or remove ${name}`,
  nameOfTheBlock: 'Name of the block',
  aBlockNeedsAName: 'A block needs a name.',
  earlier: 'Earlier in the month',
  later: 'Later in the month',
  copyAsANewDrawing: 'Copy as a new drawing',
  copyOf: (name: Said) => say`${name} (copy)`,
  moveToAnotherMonth: 'Move to another month',
  chooseAMonth: 'choose a month',
  removeBlock: 'Remove from the month',
  removeBlockAsk: (name: Said, month: Said) => say`Remove ${name} from ${month}?`,
  removeIt: 'Remove it',
  moved: (name: Said) => say`${name} moved`,
  copied: (name: Said) => say`${name} copied`,
  renamed: (from: Said, to: Said) => say`${from} renamed ${to}`,
  givenTo: (name: Said, month: Said) => say`${name} moved to ${month}`,
  removed: (name: Said) => say`${name} removed`,
  nothingWasChanged: (why: Said) => say`Nothing was changed: ${why}.`,
});

export const toolNames = spoken('draft-tools', {
  look: 'Inspect',
  fabric: 'Change fabric',
  seam: 'Draw seam',
  join: 'Merge',
  unit: 'Add unit',
  turn: 'Turn',
});

export const toolHelp = spoken('draft-what-tools-do', {
  look: 'Point at a patch to see what is cut for it.',
  fabric: 'Choose a letter, then click the patches.',
  seam: 'Click two grid points to cut the patches between them.',
  join: 'Click two patches to remove the seam between them.',
  unit: 'Choose one, then click the cell for its top left corner.',
  turn: 'Click a unit to give it a quarter turn; with Shift, to mirror it.',
});

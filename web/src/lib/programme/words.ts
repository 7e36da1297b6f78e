/** The words of programme. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('programme', {
  // Dies
  dies: 'Dies',
  diesForHalfSquareTriangles: 'Dies for half-square triangles',
  finishedFromAStripBy: (finished: Said, unit: Said, units: Said, width: Said, die: Said) =>
    say`finished ${finished} ${unit}: ${units} from a strip ${width} by ${die}`,
  aDieRemoved: 'a die removed',
  remove: 'Remove',
  noneYetAddADie: 'None yet. Add a die to be able to choose ‘with a die’ for units of that size.',
  addTheDie: 'Add the die',
  unitFinishesAt: 'Unit finishes at',
  stripWidth: 'Strip width',
  stripLength: 'Strip length',
  unitsPerPass: 'Units per pass',
  houseStyle: (said: Said) => say`house style, ${said}`,

  // HouseForm
  houseStyle2: 'House style',
  unitsAre: 'Units are',
  cutToSizeSewnWith: 'cut to size, sewn with a scant seam',
  cutLargeAndTrimmed: 'cut large and trimmed',
  pressSeams: 'Press seams',
  toNest: 'to nest',
  toTheDarkSide: 'to the dark side',
  open: 'open',
  halfSquareTrianglesCutLarge: 'Half-square triangles cut large are trimmed',
  openedAndPressedThe45: 'opened and pressed, the 45° line on the seam',
  foldedWithATriangleRuler: 'folded, with a triangle ruler on the stitching',
  stitchAndFlipCornersAre: 'Stitch-and-flip corners are',
  trimmedThenPressedOut: 'trimmed, then pressed out',
  pressedOutThenTrimmed: 'pressed out, then trimmed',
  fourPatchesNinePatchesAnd: 'Four-patches, nine-patches and other grids',
  seamAllowance: (unit: Said) => say`Seam allowance, ${unit}`,
  roundCutSizesUpTo: (unit: Said) => say`Round cut sizes up to the next, ${unit}`,
  usableWidthOfFabric: (unit: Said) => say`Usable width of fabric, ${unit}`,
  fabricIsSoldInSteps: 'Fabric is sold in steps of',
  soldBy: 'what fabric is sold by',
  fabricIsSoldBy: 'Fabric is sold by',
  theYard: 'the yard',
  theMetre: 'the metre',
  allowanceForSquaringUpEach: (unit: Said) => say`Allowance for squaring up each cut, ${unit}`,
  houseStyle3: (name: Said) => say`house style, ${name}`,

  // MonthsForm
  addAMonth: 'Add a month',
  delete: (name: Said) => say`Delete ${name}`,
  month: (months: Said) => say`Month ${months}`,

  // Shared
  desk: 'Desk',
  importAProgramme: 'Import a programme',
  nameAggregaJson: 'NAME.aggrega.json',
  weCantReachTheServer: 'We can’t reach the server. Nothing was changed; try again in a moment.',

  // SettingsPage
  howThisProgrammeIsMade: 'House style, dies and the programme as a file',
  asAFile: 'As a file',
  exportAsAFile: 'Export as a file',

  // TitleForm
  theProgramme: 'The programme',
  nameChanged: 'the programme’s name',
  aProgrammeNeedsAName: 'A programme needs a name.',
  whereParticipantsAsk: 'Where participants can ask (on every sheet)',

  // HistoryPage
  whoChangedWhatAndWhen: 'Who changed what, and when',
  nothingHasBeenChangedYet: 'Nothing has been changed yet.',
  savedNoChanges: 'saved, no changes',
  newest: 'Newest',
  older: 'Older',
  undoingASaveAddsA:
    'Undoing a save adds a new save, so nothing is lost. Deleted items can be restored for 30 days; erased personal data is gone for good. For people, the history shows which fields changed but not their contents.',
  undone: 'Undone.',
  restored: 'Restored.',

  // ImportPage
  importAggrega: 'Import · Aggrega',
  chooseAFile: 'Choose a file,',
  orDropItHere: ', or drop it here.',
  youllSeeAPreviewFirst: 'You’ll see a preview first. It is added as a new programme; your other programmes aren’t changed.',
  oneThing: 'one thing',
  things: (errors: Said) => say`${errors} things`,
  cantBeImportedToFix: (name: Said, errors: Said) => say`${name} can’t be imported: ${errors} to fix`,
  nothingWasImportedFixThese: 'Nothing was imported. Fix these in the file and choose it again.',
  preview: 'Preview',
  peopleIn: (participants: Said, name: Said) => say`${participants} people in ${name}`,
  monthsBlocksFabrics: (months: Said, blocks: Said, fabrics: Said, colourways: Said) =>
    say`${months} months, ${blocks} blocks, ${fabrics} fabrics; ${colourways}`,
  importing: 'Importing…',
  importAsANewProgramme: 'Import as a new programme',
  worthKnowingBeforeYouImport: 'Worth knowing before you import',
  isLargerThan8Mb: (name: Said) => say`${name} is larger than 8 MB. A programme’s file is much smaller: is it the right one?`,
  isntAProgrammeFile: (name: Said, message: Said) => say`${name} isn’t a programme file: ${message}`,
  theServerRefusedItNothing: 'The server refused it. Nothing was imported.',
  weCantReachTheServerNothing: 'We can’t reach the server. Nothing was imported; try again in a moment.',

  // NewProgrammePage
  aNewProgrammeAggrega: 'A new programme · Aggrega',
  aNewProgramme: 'A new programme',
  name: 'Name',
  release: 'Release',
  monthly: 'monthly',
  fortnightly: 'fortnightly',
  weekly: 'weekly',
  numberOfReleases: 'Number of releases',
  firstRelease: 'First release',
  measuredIn: 'Measured in',
  inches: 'inches',
  centimetres: 'centimetres',
  colourwaysSeparateWithCommas: 'Colourways (separate with commas)',
  frostHarvestDusk: 'Frost, Harvest, Dusk',
  fabricsInEachColourwayA: (letters: Said, fromCharCode: Said) =>
    say`Fabrics in each colourway: ${letters} (A to ${fromCharCode})`,
  fromToEveryLetterStarts: (dayText: Said, dayText2: Said) =>
    say`From ${dayText} to ${dayText2}. Every letter starts as a plain fabric; name it and choose its colour under Fabrics.`,
  createAndDrawTheFirst: 'Create and draw the first block',
  importFromAFileInstead: 'Import from a file instead',
  main: 'Main',
  weCantReachTheServerNothingWas: 'We can’t reach the server. Nothing was created; try again in a moment.',
  undo: 'undo',
  restoreIt: 'restore',
  added: (name: Said) => say`${name} added`,
  deleted: (name: Said) => say`${name} deleted`,
});

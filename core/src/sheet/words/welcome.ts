/** The words of sheet/welcome. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/welcome', {
  howItWorks: 'How it works.',
  beforeYouStart: 'Before you start.',
  threeHabitsThatSaveBlocks: 'Three habits that save blocks.',
  ifYouFallBehind: 'If you fall behind,',
  dontWorryEverythingStaysOnYour:
    'don’t worry. Everything stays on your page, and it plans your catching up in the hours you have.',
  ifYouGetStuck: 'If you get stuck,',
  orFind: (contact: Said) => say`, or find ${contact}`,
  askFromYourPageThereAre: (more: Said) =>
    say`ask from your page${more}. There are no silly questions, and someone always has a spare unpicker.`,
  weLookForwardToSeeingYour: 'We look forward to seeing your blocks.',
  onTheDayInTheList: (time: Said) =>
    say`On the day in the list below, at ${time}, we email you that month’s sheet and put it on your own page.`,
  eachMonthWeEmailYouIts: 'Each month we email you its sheet and put it on your own page.',
  youBringYourOwnFabricEach: (sheets: Said) => say`${sheets} You bring your own fabric: each sheet lists what it takes.`,
  somePacketsLastMoreThanOne: '; some packets last more than one month',
  yourFabricComesInPackets: (sheets: Said, long: Said) => say`${sheets} Your fabric comes in packets${long}.`,
  printTheRulerPageAndCheck: (square: Said, seam: Said) =>
    say`Print the ruler page and check that its square measures exactly ${square}. Then sew a test seam: a scant ${seam}, a thread’s width under, so that your blocks match everyone else’s.`,
  cutOnlyWhatThisMonthsSheet: 'Cut only what this month’s sheet tells you to cut. What it says to keep, you will need later.',
  countYourPiecesAgainstTheSheet:
    'Count your pieces against the sheet before you sew. What it says to keep, you will need later.',
  pressAfterEverySeamInThe: 'Press after every seam, in the direction of the arrow.',
  measureWhereTheSheetSaysMeasure:
    'Measure where the sheet says ‘Measure’. A wrong size found early is one seam; found late, it is a block.',
  seamsArePressedSoThatThey: 'Seams are pressed so that they nest. Follow the arrows.',
  seamsArePressedTowardsTheDarker: 'Seams are pressed towards the darker fabric, unless a sheet says otherwise.',
  seamsArePressedOpen: 'Seams are pressed open.',
  houseRules: 'House rules',
  seamAllowanceAllCutSizesInclude: (seam: Said) =>
    say`Seam allowance: ${seam}. All cut sizes include it. Sew a scant ${seam}, to allow for the fold.`,
  unitsAreCutALittleLarge: 'Units are cut a little large: trim each one to the size of its checkpoint.',
  noCutSizeIsFinerThan: (step: Said, unit: Said) =>
    say`No cut size is finer than ${step} ${unit}, and each is also given in words: ‘one eighth short of 4’.`,
  aLetterIsAFabricThe:
    'A letter is a fabric, the same on every sheet. A1, A2 are pieces cut from fabric A. U1, U2 are units you sew.',
  measureAtEveryCheckpointBeforeYou: 'Measure at every checkpoint before you go on.',
  safety: 'Safety',
  straightSeam: 'We are making a quilt together, one month at a time. If you can sew a straight seam, you can make it.',
});

/** The words of test-blocks. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('test-blocks', {
  // programmes/[programme]/samples
  testBlocksSewnBeforeRelease: 'Test blocks sewn before release',
  drawABlockFirstThen: 'Draw a block first, then sew a test block from it.',
  aTestBlock: 'A test block',
  recordATestBlock: 'Record a test block',
  month: 'Month',
  block: 'Block',
  colourway: 'Colourway',
  sewnBy: 'Sewn by',
  on: 'On',
  minutesLeaveEmptyIfNot: 'Minutes (leave empty if not timed)',
  estimate: (number: Said) => say` (estimate ${number})`,
  remarks: 'Remarks',
  save: 'Save',
  testLog: 'Test log',
  // WhatToExpect
  whatToExpect: 'What to expect',
  workingOutWhatToExpect: 'Working out what to expect …',
  ofFortyBlocks: (name: Said, eased: Said) =>
    say`Of forty people, about ${eased} will sew ${name} so that it can be eased in without a thought.`,
  measureThisFirst: (what: Said) => say`Measure ${what} before you go on: that helps most.`,
  partN: (n: Said) => say`Part ${n} of the block`,

  nothingRecordedYetTheTimes:
    'Nothing recorded yet. The times you record make the estimates your own; the sizes are checked when a month is proofed.',
  by: (sewnBy: Said) => say`, by ${sewnBy}`,
  min: (sum: Said) => say` · ${sum} min`,
  delete: 'Delete',
  addAWarningToThe: 'Add a warning to the sheet',
  yourPace: 'Your pace',
  ourEstimates: '× our estimates',
  timesShownToParticipantsAre: 'Times shown to participants are adjusted to match.',
  weCantReachTheServer: 'We can’t reach the server. Nothing was saved; what you wrote is still here.',
  saved: 'Saved.',
  warningsFromTheTestBlock: (nameOf: Said) => say`warnings from the test block on the sheet of ${nameOf}`,

  // programmes/[programme]/samples
  insteadOf: (what: Said, measured: Said, expected: Said) => say`${what}: ${measured} instead of ${expected}`,
});

/** The words of sheet/words-standing. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/words-standing', {
  thisSheetHasNoSuchStep: 'this sheet has no such step',
  theSheetSaysSomethingElseThere: 'the sheet says something else there now, or in this colourway',
  yourWordsAreNotOnThe: (shortened: Said, why: Said) => say`Your words ‘${shortened}’ are not on the sheet: ${why}.`,
  yourWords: (shortened: Said) => say`Your words ‘${shortened}’`,
  aTextThatYouLeftOut: 'A text that you left out',
  areNotOnTheSheet: 'are not on the sheet',
  isOnTheSheet: 'is on the sheet',
  whatTheSheetSaysThereHas: (named: Said, off: Said) => say`${named} ${off}: what the sheet says there has changed.`,
  inWhereItSaysSomethingElse: (named: Said, off: Said, list: Said) =>
    say`${named} ${off} in ${list}, where it says something else.`,
});

/** The words of sheet/proof. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/proof', {
  thereIsABlockOrA: 'There is a block or a note',
  thisMonthHasNeitherYet: 'This month has neither yet.',
  problemsThatWouldRuinKitsAre: 'Problems that would ruin kits are fixed',
  theReleaseDateIsRight: 'The release date is right',
  hasPassedTheSheetWillGo: (plainDate: Said) => say`${plainDate} has passed: the sheet will go out as soon as you schedule it.`,
  noDateIsSetYet: 'No date is set yet.',
  theWarningsHaveBeenRead: 'The warnings have been read',
  aTestBlockWasSewnFrom: 'A test block was sewn from these numbers',
  noTestBlockIsRecordedFor: 'No test block is recorded for this month.',
  sinceTheTestBlock: (s: Said) => say`Since the test block: ${s}`,
  ofFortyWillHaveToEase: (forty: Said, many: Said, block: Said) =>
    say`Of ${forty} people about ${many} will have to ease ${block}, or sew a seam again. Piecing shows why, and what helps.`,
  theSheetWarnsAboutTheSizes: 'The sheet warns about the sizes the test block missed, or you have found out why',
  yourOwnWordsAreWhereYou: 'Your own words are where you want them',
  everyNumberOnTheSheetWas: 'Every number on the sheet was checked against a ruler',
  namesFabricsAndOurOwnWords: 'Names, fabrics and our own words are right',
});

/** The words of sheet/time-words. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/time-words', {
  aQuarterOfAnHour: 'a quarter of an hour',
  halfAnHour: 'half an hour',
  threeQuartersOfAnHour: 'three quarters of an hour',
  anHour: 'an hour',
  anHourAndAHalf: 'an hour and a half',
  andAHalf: ' and a half',
  hours: (inWords: Said, more: Said) => say`${inWords}${more} hours`,
  toCut: (hoursWords: Said) => say`${hoursWords} to cut`,
  toSew: (hoursWords: Said) => say`${hoursWords} to sew`,
  allowAbout: (list: Said) => say`Allow about ${list}.`,
});

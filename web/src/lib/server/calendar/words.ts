/** What the server says of the calendar. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('server/calendar', {
  // calendar/feeds.ts
  weCantFindThatCalendar: 'We can’t find that calendar.',
  isOut: (name: Said) => say`${name} is out`,
  taskOf: (title: Said, programme: Said) => say`${title} (${programme})`,
  desk: (house: Said) => say`${house}: what needs doing`,
  weCantFindThatProgramme: 'We can’t find that programme.',
  theWork: (title: Said) => say`${title}: what to do`,
  earlierThanTheDaysSay: (earlier: Said) => say`Earlier than planned: ${earlier}.`,

  // calendar/feeds.ts
  monthComesOut: (title: Said, number: Said) => say`${title}: month ${number} comes out`,
});

/** The words of the server's desk. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('server/desk', {
  cantBeRead: (message: Said) => say`This programme can’t be worked out as it stands: ${message}`,
  weCantFindThatProgramme: 'We can’t find that programme.',

  // desk-letter
  subject: (house: Said, late: number, today: number) => say`${house}: ${late} late, ${today} due today`,
  late: 'Late:',
  today: 'Today:',
  week: 'This week:',
  line: (title: Said, programme: Said) => say`${title} (${programme}).`,
  lateLine: (title: Said, programme: Said, n: number) =>
    say`${title} (${programme}, ${n} ${plural(n, { one: 'day', other: 'days' })} late).`,
  nothing: 'Nothing is pressing this week.',
  open: (address: Said) => say`Your desk: ${address}\n\nYou can stop these letters there, under ‘This list elsewhere’.`,
  chooseWhen: 'Choose when the list comes by email.',
});

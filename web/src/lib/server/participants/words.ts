/** What the server says of participants. */
import { plural, say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/participants', {
  // participants/roster-counts.ts
  peopleAreCountedUnderParticipants: 'people are counted under Participants; change them there',
  peopleAreOnTheRoster: (people: number, what: Said, id: Said) =>
    say`${people} ${plural(people, { one: 'person is', other: 'people are' })} listed as participants in ${what} '${id}'; move them first`,

  // participants/roster-files.ts
  weCantFindThatProgramme: 'We can’t find that programme.',
  weCantFindThatParticipant: 'We can’t find that participant.',

  // participants/roster.ts
  hasAKitASheet:
    'has a kit, a sheet or something else already, so can’t be deleted. Set the state to ‘left’, or erase the data',
  tooManyPeople: (most: number) => say`is one too many: ${most} people are the most for one programme`,

  // api/programmes/[programme]/post/+server.ts
  weCantFindThatQuestion: 'We can’t find that question.',
});

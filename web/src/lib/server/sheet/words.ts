/** What the server says of sheets. */
import { say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/sheet', {
  // sheet/sheet-changes.ts
  all: 'All',
  theOrganisersOwnWordsHave: 'The organiser’s own words have changed.',
  thisColourwayHasASheet: 'This colourway has a sheet only in one of the two.',

  // sheet/sheet-files.ts
  weCantFindThatSheet: 'We can’t find that sheet; they are listed under Instructions.',
  draft: (revision: Said, dayText: Said) => say`Draft ${revision}, ${dayText}`,

  // api/programmes/[programme]/sheets/[month]/+server.ts
  weCantFindThatProgramme: 'We can’t find that programme.',
  thisIsNotWhatA: 'This is not what a sheet is published with: { "already": "…" }, of at most 1000 characters.',
  thereIsNothingToPublish: 'There is nothing to publish: no block is drawn for this month.',

  // programmes/[programme]/months/[month]/cutter/files/[file]/+server.ts
  weCantFindThatMat: 'We can’t find that mat; the cutter page lists them.',

  // programmes/[programme]/months/[month]/release/+page.server.ts
  weCantFindThatMonth: 'We can’t find that month.',
  versionOf: (version: Said, day: Said) => say`Version ${version}, ${day}`,
});

/** What the server says of releases. */
import { say, spoken, type Said } from '$lib/look/spoken';

export const words = spoken('server/release', {
  // release/corrections.ts
  the: (group: Said) => say`the ${group}`,

  // release/releases.ts
  itIsNotOutSo: 'It is not out, so there is no sheet to hand over.',
  isNotTickedYet: (asks: Said) => say`‘${asks}’ is not ticked yet.`,
  itIsOutAlreadyWhat: 'It is out already; what changes from now on goes out as a correction.',
  itHasNoDayYet: 'It has no day yet.',
  itIsNotProofedOr: 'It is not proofed, or it is out already.',
  itIsNotScheduledOr: 'It is not scheduled, or it is out already.',
  itIsADraftOr: 'It is a draft, or it is out already.',
  notReleasedYetEveryoneWill: 'Not released yet. Everyone will be emailed when it is.',
  everybodyWhoHasAMail: 'Everybody who has a mail address was written to already.',

  // api/programmes/[programme]/releases/[month]/+server.ts
  weCantFindThatMonth: 'We can’t find that month.',
});

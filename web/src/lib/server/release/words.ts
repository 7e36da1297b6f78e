/** What the server says of releases. */
import { say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/release', {
  // release/corrections.ts
  the: (group: Said) => say`the ${group}`,

  // release/releases.ts
  itIsNotOutSo: 'It isn’t released yet, so there is no sheet to give.',
  isNotTickedYet: (asks: Said) => say`‘${asks}’ isn’t ticked yet.`,
  itIsOutAlreadyWhat: 'It has been released. Changes from now on go out as a correction.',
  itHasNoDayYet: 'It has no release date yet.',
  itCouldNotGoOut:
    'Something in it is wrong, and nothing has gone out. Proof it again; if that doesn’t help, ask whoever runs this server to look in the log.',
  itIsNotProofedOr: 'It isn’t proofed yet, or it has been released already.',
  itIsNotScheduledOr: 'It isn’t scheduled, or it has been released already.',
  itIsADraftOr: 'It is a draft, or it has been released already.',
  notReleasedYetEveryoneWill: 'Not released yet. Everyone will be emailed when it is.',
  everybodyWhoHasAMail: 'Everyone with an email address has been sent it already.',

  // api/programmes/[programme]/releases/[month]/+server.ts
  weCantFindThatMonth: 'We can’t find that month.',
});

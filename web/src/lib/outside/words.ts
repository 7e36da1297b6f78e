/** The words of the outbox that stands in for a mail server. */
import { say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('outside', {
  // outside/mail
  demoMailboxAggrega: 'Demo mailbox · Aggrega',
  demoMailbox: 'Demo mailbox',
  emailsThatWouldHaveBeen: 'Emails that would have been sent',
  theNewestEmailsThatWould: 'The newest emails that would have been sent. Nothing leaves this computer.',
  toOrAbout: 'To, or about',
  refresh: 'Refresh',
  nothingHasArrivedYet: 'Nothing has arrived yet.',
  noEmailsMatch: 'No emails match.',
  theBlockAsTheLetter: 'The block, as the email shows it',
  kb: (name: Said, to: Said) => say`${name}, ${to} KB`,
  theWholeLetterAsA: 'the whole email as a file',
});

/** Emails to participants, as plain text. Where somebody's own page is named stands PAGE: the link is put in when the email goes out. */
import type { Person } from './person';

/** Stands in an email for the address of the reader's own page. */
export const PAGE = '[own page]';

export interface Letter {
  subject: string;
  body: string;
}

interface About {
  programme: string;
  /** Who writes: the shop or the guild. */
  from: string;
  /** Where participants ask; '' for nowhere. */
  contact: string;
  month: string;
  /** The names of its blocks, in a row; '' where it has none. */
  blocks: string;
  several: boolean;
  /** What of the quilt comes with it, 'the sashing and the cornerstones'; '' for nothing. */
  parts: string;
  /** The reader's colourway, with the size where it is not the plain one: 'Frost (Double bed)'. */
  made: string;
}

const first = (person: Pick<Person, 'name'>) => person.name.trim().split(/\s+/)[0]!;
const letter = (subject: string, parts: readonly string[]): Letter => ({ subject, body: `${parts.join('\n\n')}\n` });
const titled = ({ month, blocks }: Pick<About, 'month' | 'blocks'>) => (blocks ? `${month}, ${blocks}` : month);

/** How the reader gets the month's fabric. */
export type FabricComes = 'collect' | 'post' | 'kept' | 'own' | 'bag' | 'none';

const COMES: Record<FabricComes, string> = {
  collect: 'Your packet is ready for you to collect.',
  post: 'Your packet comes by post.',
  kept: 'You don’t need a new packet this month: use the fabric that you kept.',
  own: 'You are using your own fabric: the sheet lists what to bring.',
  none: 'There is nothing to cut this month.',
  bag: 'Your pieces are cut for you. Count them against the sheet before you begin.',
};

function here({ month, blocks, several, parts }: About): string {
  if (!blocks) return parts ? `${month} is here, and it’s time for ${parts}.` : `${month} is here.`;
  return several ? `${month} is here, and there are these blocks: ${blocks}.` : `${month} is here, and the block is ${blocks}.`;
}

/** A month is released: the reader's sheet, the fabric for it, and the homework. `next`: the day of the next sheet, '' after the last. */
export function releaseLetter(
  person: Pick<Person, 'name'>,
  { homework, next, comes, ...about }: About & { homework: string; next: string; comes: FabricComes },
): Letter {
  const { programme, from, contact, made } = about;
  return letter(`${programme}: ${titled(about)}`, [
    `Dear ${first(person)},`,
    `${here(about)} Your sheet for ${made} is attached, and you can also open it on your page:\n${PAGE}`,
    COMES[comes],
    ...(homework ? [`${next ? `Before ${next}: ` : ''}${homework}`] : []),
    next ? `The next sheet comes out on ${next}.` : 'This is the last sheet. Well done!',
    contact ? `Questions? Ask us from your page, or find ${contact}.` : 'Questions? Ask us from your page.',
    `Happy sewing,\n${from}`,
  ]);
}

/**
 * A sheet was corrected: what is different, in words, for whoever has an older version of it. `already`: what the organiser says to whoever has
 * cut already. To whom nothing changes nothing is sent.
 */
export function erratumLetter(
  person: Pick<Person, 'name'>,
  {
    version,
    held,
    says,
    already,
    ...about
  }: About & { version: number; held: number; says: readonly string[]; already: string },
): Letter {
  const { from, month, made } = about;
  return letter(`Correction: ${titled(about)}. Please read before you cut`, [
    `Dear ${first(person)},`,
    `We have corrected the ${month} sheet. Please use version ${version} (attached, and on your page) and throw version ${held} away.`,
    `What has changed for ${made}:\n${says.map((line) => `- ${line}`).join('\n')}`,
    `Already cut? ${already || 'Stop there and ask us first. We may have the pieces you need.'}`,
    `Your page: ${PAGE}`,
    'Sorry for the trouble. If anything is unclear, reply before you cut any more.',
    from,
  ]);
}

/** An answer to a question. */
export function answerLetter(
  person: Pick<Person, 'name'>,
  { programme, from, asks, answer }: { programme: string; from: string; asks: string; answer: string },
): Letter {
  return letter(`${programme}: your question`, [
    `Dear ${first(person)},`,
    `Thanks for your question. You asked:\n${asks
      .split('\n')
      .map((line) => `> ${line}`)
      .join('\n')}`,
    answer,
    `You can also see it on your page: ${PAGE}`,
    from,
  ]);
}

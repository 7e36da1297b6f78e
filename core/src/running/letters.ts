/** Emails to participants, as plain text. Where somebody's own page is named stands PAGE: the link is put in when the email goes out. */
import type { Person } from './person';
import { comesWords, words } from './words';

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

function here({ month, blocks, several, parts }: About): string {
  if (!blocks) return parts ? words.isHereAndItsTimeFor(month, parts) : words.isHere(month);
  return several ? words.isHereAndThereAreThese(month, blocks) : words.isHereAndTheBlockIs(month, blocks);
}

/** A month is released: the reader's sheet, the fabric for it, and the homework. `next`: the day of the next sheet, '' after the last. */
export function releaseLetter(
  person: Pick<Person, 'name'>,
  { homework, next, comes, ...about }: About & { homework: string; next: string; comes: FabricComes },
): Letter {
  const { programme, from, contact, made } = about;
  return letter(`${programme}: ${titled(about)}`, [
    words.dear(first(person)),
    words.yourSheetForIsAttachedAnd(here(about), made, PAGE),
    comesWords[comes],
    ...(homework ? [`${next ? words.before(next) : ''}${homework}`] : []),
    next ? words.theNextSheetComesOutOn(next) : words.thisIsTheLastSheetWell,
    contact ? words.questionsAskUsFromYourPage(contact) : words.questionsAskUsFromYourPage2,
    words.happySewing(from),
  ]);
}

/** A word to whoever is behind, in the organiser's own words, with the way to everything that is still to sew. */
export function reminderLetter(
  person: Pick<Person, 'name'>,
  { programme, from, contact, text }: Pick<About, 'programme' | 'from' | 'contact'> & { text: string },
): Letter {
  return letter(words.aWordAbout(programme), [
    words.dear(first(person)),
    text.trim(),
    words.everythingIsOnYourPage(PAGE),
    contact ? words.questionsAskUsFromYourPage(contact) : words.questionsAskUsFromYourPage2,
    words.happySewing(from),
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
  return letter(words.correctionPleaseReadBeforeYouCut(titled(about)), [
    words.dear(first(person)),
    words.weHaveCorrectedTheSheetPlease(month, version, held),
    words.whatHasChangedFor(made, says.map((line) => `- ${line}`).join('\n')),
    words.alreadyCut(already || words.stopThereAndAskUsFirst),
    words.yourPage(PAGE),
    words.sorryForTheTroubleIfAnything,
    from,
  ]);
}

/** An answer to a question. */
export function answerLetter(
  person: Pick<Person, 'name'>,
  { programme, from, asks, answer }: { programme: string; from: string; asks: string; answer: string },
): Letter {
  return letter(words.yourQuestion(programme), [
    words.dear(first(person)),
    words.thanksForYourQuestionYouAsked(
      asks
        .split('\n')
        .map((line) => `> ${line}`)
        .join('\n'),
    ),
    answer,
    words.youCanAlsoSeeItOn(PAGE),
    from,
  ]);
}

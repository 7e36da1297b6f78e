/** Letters and questions, as those who run the programme see them. */
import { createHash } from 'node:crypto';
import { answerLetter } from '@aggrega/core/running';
import { now } from '../clock';
import { listMails, retryMails, writeMails, type MailRow } from '../db/mails';
import { organisationLanguage, organisationName } from '../db/organisations';
import { languageFor, spokenIn } from '../web/languages';
import { somePeople } from '../db/participants';
import { asOrganisation } from '../db/pool';
import { findProgramme } from '../db/programmes';
import { answerQuestion, listQuestions, type AskedQuestion } from '../db/questions';

/** Letters that a page shows. */
export const LETTERS = 100;

export interface PostOffice {
  mails: MailRow[];
  found: number;
  questions: AskedQuestion[];
  /** How mail goes out: to a server of its own, or to the stand-in. */
  way: 'smtp' | 'stand-in';
}

/** A page of letters and all questions; undefined where there is no such programme. */
export async function postOffice(
  organisation: string,
  slug: string,
  asked: { state: string; month: string; find: string; page: number },
): Promise<PostOffice | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    if (!stored || stored.removed) return undefined;
    const { mails, found } = await listMails(db, slug, { ...asked, most: LETTERS, from: asked.page * LETTERS });
    const way = process.env.AGGREGA_SMTP ? 'smtp' : 'stand-in';
    return { mails, found, questions: await listQuestions(db, slug), way };
  });
}

/** Tries all letters again that were given up; how many. */
export const retryAll = (organisation: string, slug: string): Promise<number> =>
  asOrganisation(organisation, (db) => retryMails(db, slug, now()));

/** Answers a question, on her page and by mail; false where there is no such question. */
export async function answer(organisation: string, slug: string, id: string, text: string): Promise<boolean> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    const question = (await listQuestions(db, slug)).find((q) => q.id === id);
    if (!stored || !question || !(await answerQuestion(db, slug, id, text, now()))) return false;
    const [person] = await somePeople(db, slug, [question.participant]);
    if (!person?.email) return true;
    const [from, language] = [await organisationName(db), await organisationLanguage(db)];
    const words = { programme: stored.title, from, asks: question.asks, answer: text };
    const letter = spokenIn(languageFor(person.sheet, language), () => answerLetter(person, words));
    // The same answer sent again after a lost connection is one letter; another one is another.
    const once = `answer ${id} ${createHash('sha256').update(text).digest('hex').slice(0, 16)}`;
    await writeMails(db, slug, [{ ...letter, participant: person.id, once, recipient: person.email }], now());
    return true;
  });
}

/** Letters and questions, as those who run the programme see them. */
import { createHash } from 'node:crypto';
import { programmeIn } from '$lib/ask/reading';
import { answerLetter, mondayOf, reminderLetter } from '@aggrega/core/running';
import type pg from 'pg';
import { now, todayIn } from '../clock';
import { listMails, mailsNamed, retryMails, writeMails, type MailRow } from '../db/mails';
import { organisationLanguage, organisationName } from '../db/organisations';
import { languageFor, spokenIn } from '../web/languages';
import { somePeople } from '../db/participants';
import { asOrganisation } from '../db/pool';
import { findProgramme, type StoredProgramme } from '../db/programmes';
import type { Behind } from '../db/desk';
import { listReleases } from '../db/releases';
import { behindIn } from '../desk/desk';
import { answerQuestion, listQuestions, type AskedQuestion } from '../db/questions';

/** Letters that a page shows. */
export const LETTERS = 100;

export interface PostOffice {
  mails: MailRow[];
  found: number;
  questions: AskedQuestion[];
  /** Who is behind by their own ticks, and who of them was written to this week. */
  behind: (Behind & { written: boolean })[];
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
    return { mails, found, questions: await listQuestions(db, slug), way, behind: await behindNow(db, slug, stored) };
  });
}

/** A reminder bears the week that it is of: nobody gets two in one. */
const reminderOf = (person: string, today: string) => `reminder ${mondayOf(today)} ${person}`;

async function behindNow(db: pg.ClientBase, slug: string, { document }: StoredProgramme): Promise<PostOffice['behind']> {
  const programme = programmeIn(document);
  if (!programme) return [];
  const releases = new Map((await listReleases(db, slug)).map((r) => [r.month, r.state]));
  const behind = await behindIn(db, slug, programme, releases);
  const today = todayIn(programme.calendar.timeZone);
  const written = await mailsNamed(
    db,
    slug,
    behind.map((p) => reminderOf(p.id, today)),
  );
  return behind.map((p) => ({ ...p, written: written.has(reminderOf(p.id, today)) }));
}

/** Writes to everybody who is behind, has a mail address and was not written to this week, in these words; how many letters that are. */
export async function remindBehind(organisation: string, slug: string, text: string): Promise<number | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    if (!stored || stored.removed) return undefined;
    const waiting = (await behindNow(db, slug, stored)).filter((p) => p.mail && !p.written);
    const [from, language] = [await organisationName(db), await organisationLanguage(db)];
    const today = todayIn(stored.document.calendar?.timeZone ?? 'UTC');
    const about = { programme: stored.title, from, contact: stored.document.contact ?? '', text };
    const people = await somePeople(
      db,
      slug,
      waiting.map((p) => p.id),
    );
    const letters = people.map((person) => ({
      ...spokenIn(languageFor(person.sheet, language), () => reminderLetter(person, about)),
      ...{ participant: person.id, once: reminderOf(person.id, today), recipient: person.email },
    }));
    return writeMails(db, slug, letters, now());
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

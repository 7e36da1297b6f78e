/** Codes for whoever has lost her link: sent to her mail address, or read out by the organiser. Each opens her page once, within half an hour. */
import { createHash, randomInt } from 'node:crypto';
import type { RequestEvent } from '@sveltejs/kit';
import { isEmail, plainEmail } from '../auth/sign-in';
import { countTry, mustWait } from '../auth/throttle';
import { now } from '../clock';
import { linkCount, pagesOfMail, putCode, takeCode } from '../db/page-locks';
import { organisationIds, organisationLanguage } from '../db/organisations';
import { asClockwork, asOrganisation, atTheDoor } from '../db/pool';
import { origin, pageAddress, sendLetter } from '../mail/post';
import { languageFor, spokenIn } from '../web/languages';
import { log, said } from '../web/log';
import { openOnDevice } from './page-door';
import { openPage, type OpenPage } from './participant-page';
import { linkKey } from './private-link';
import { words } from './words';

/** Minutes that a code holds. */
export const MINUTES = 30;
/** Letters and digits that nobody takes for another, heard or read; no vowels, so no words. */
const SIGNS = 'BCDFGHJKLMNPQRSTVWXZ23456789';
const LONG = 8;

const hashOf = (code: string) => createHash('sha256').update(`page code ${code}`).digest();
const plain = (code: string) => code.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** A code for a person's page, as it is read out: 'BCDF-2345'; undefined where she has no page. The one before ends. */
export async function makeCode(organisation: string, participant: string): Promise<string | undefined> {
  const code = Array.from({ length: LONG }, () => SIGNS[randomInt(SIGNS.length)]).join('');
  const ends = new Date(now().getTime() + MINUTES * 60_000);
  const put = await asOrganisation(organisation, (db) => putCode(db, participant, hashOf(code), ends));
  return put ? `${code.slice(0, 4)}-${code.slice(4)}` : undefined;
}

/** Searches of all houses that wait: one goes after another, so that nobody can have many made at once. */
const MOST_WAITING = 50;
let waiting = 0;
let last: Promise<void> = Promise.resolve();

/** Sends a letter with a code for each page of that mail address, if it has any; whoever asks learns nothing of that. A sentence where it is none, or was asked too often. */
export async function sendCodes(email: string, address: string): Promise<string | undefined> {
  const who = plainEmail(email);
  if (!isEmail(who)) return words.isNoMailAddress;
  if ((await countTry('address', address)) > 0 || (await countTry('letter', who)) > 0) return undefined;
  if (waiting >= MOST_WAITING) return words.tryLater;
  waiting += 1;
  last = last
    .then(() => search(who))
    .catch((cause: unknown) => log('warn', 'a letter with a code', said(cause)))
    .finally(() => (waiting -= 1));
  return undefined;
}

/** Waits until all that was asked for is sent, for tests. */
export const codesSent = (): Promise<void> => last;

async function search(email: string): Promise<void> {
  for (const organisation of await asClockwork(organisationIds)) {
    const { pages, language } = await asOrganisation(organisation, async (db) => ({
      pages: await pagesOfMail(db, email),
      language: await organisationLanguage(db),
    }));
    for (const { participant, name, title, sheet } of pages) {
      const code = await makeCode(organisation, participant);
      if (!code) continue;
      const { subject, text } = spokenIn(languageFor(sheet, language), () => ({
        subject: words.codeSubject(title),
        text: words.codeLetter(name, title, code, MINUTES, `${origin()}/p`),
      }));
      await sendLetter({ to: email, subject, text });
    }
  }
}

/** Sends her the link that was made anew; one that cannot be sent holds up nothing. */
export async function tellOfNewLink({ organisation, person }: OpenPage, key: string): Promise<void> {
  if (!person.email) return;
  const language = languageFor(person.sheet, await asOrganisation(organisation, organisationLanguage));
  const { subject, text } = spokenIn(language, () => ({
    subject: words.newLinkSubject,
    text: words.newLink(person.name, pageAddress(key)),
  }));
  await sendLetter({ to: person.email, subject, text }).catch((cause: unknown) =>
    log('warn', 'a letter with a link', said(cause)),
  );
}

/** Opens the page that a code is for on this device; its key, or a sentence. Wrong codes are counted by where they come from. */
export async function openByCode(event: RequestEvent, code: string, address: string): Promise<{ key: string } | string> {
  const wait = await mustWait('address', address);
  if (wait > 0) return words.codeTriedTooOften(wait);
  const found = await atTheDoor((db) => takeCode(db, hashOf(plain(code)), now()));
  const link = found && (await asOrganisation(found.organisation, (db) => linkCount(db, found.programme, found.participant)));
  if (!found || link === undefined) {
    await countTry('address', address);
    return words.wrongCode;
  }
  const key = linkKey({ ...found, link });
  const page = await openPage(key);
  if (!page) return words.wrongCode;
  await openOnDevice(event, page);
  return { key };
}

/**
 * The languages that are spoken here: British and American English, and each folder of words in AGGREGA_LANGUAGES. A folder is named by its tag and
 * has a JSON file for each subject, and `language.json` with its name.
 */
import { AsyncLocalStorage } from 'node:async_hooks';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { BRITISH, listenTo, type Language } from '@aggrega/core/words';
import { log } from './log';

interface Known extends Language {
  name: string;
}

const ENGLISH: readonly Known[] = [
  { ...BRITISH, name: 'British English' },
  { tag: 'en-US', words: {}, name: 'American English' },
];

let known: ReadonlyMap<string, Known> | undefined;

/** All of them, by their tags. */
export const languages = (): ReadonlyMap<string, Known> =>
  (known ??= new Map([...ENGLISH, ...folders(process.env.AGGREGA_LANGUAGES)].map((language) => [language.tag, language])));

/** The language of that tag; British English where there is none. */
export const languageOf = (tag: string | undefined): Known => languages().get(tag ?? '') ?? ENGLISH[0]!;

function folders(at: string | undefined): Known[] {
  if (!at) return [];
  return readdirSync(at, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .flatMap(({ name: tag }) => {
      try {
        return [{ tag: Intl.getCanonicalLocales(tag)[0]!, ...folder(join(at, tag)) }];
      } catch (error) {
        log('error', 'language', { tag, message: (error as Error).message });
        return [];
      }
    });
}

function folder(at: string): Omit<Known, 'tag'> {
  const files = readdirSync(at).filter((file) => file.endsWith('.json'));
  const read = (file: string) => JSON.parse(readFileSync(join(at, file), 'utf8')) as Record<string, string>;
  // 'server~kits.json' has the words of server/kits.
  const subjects = files.filter((file) => file !== 'language.json');
  const words = Object.fromEntries(subjects.map((file) => [file.slice(0, -5).replaceAll('~', '/'), read(file)]));
  return { words, name: files.includes('language.json') ? read('language.json').name! : at };
}

/** Whom the server speaks to, for as long as a request is answered. */
export const speaking = new AsyncLocalStorage<{ tag: string }>();
listenTo(() => languageOf(speaking.getStore()?.tag));

/** Does a piece of work in that language: a letter, a sheet, for somebody whom the request is not answered to. */
export const spokenIn = <T>(tag: string, work: () => T): T => speaking.run({ tag }, work);

/** From now on the request is answered in that language. */
export function answerIn(tag: string): void {
  const now = speaking.getStore();
  if (now) now.tag = tag;
}

/** The language that a stranger's browser asks for. */
export const languageAsked = (header: string): string => (/^en-US\b/i.test(header) ? 'en-US' : BRITISH.tag);

/** What a page needs to know to speak; words come along where they are not in the application itself. */
export function spokenTo(tag: string | undefined): { locale: string; language: Language } {
  const language = languageOf(tag);
  return { locale: language.tag, language: { tag: language.tag, words: language.words } };
}

/** The tag of the language for somebody who takes part: what she wishes ('english=american'), else her house's. */
export function languageFor(sheet: string, house: string): string {
  const wished = new URLSearchParams(sheet).get('english');
  return wished === 'american' ? 'en-US' : wished === 'british' ? BRITISH.tag : house;
}

/**
 * How words are spoken: every text that somebody reads stands in the words of its room, in British English, and is said in the language of whoever reads
 * it. A message is a string, or a function of what it names whose text is written with `say`.
 */
import { american } from './american';

/** What a message may name. What is not there is not said. */
export type Said = string | number | null | undefined;
type Message = string | ((...named: never[]) => string);
/** Messages of a subject, by their names. */
type Words = Readonly<Record<string, Message>>;

/**
 * A language, as its folder gives it: messages by subject and name. What it lacks is said in English. `{1}` is the first thing that a message names, and
 * `{1: one=kit|other=kits}` the form of a word that goes with it, by the language's own plurals.
 */
export interface Language {
  tag: string;
  words: Readonly<Record<string, Readonly<Record<string, string>>>>;
}

export const BRITISH: Language = { tag: 'en-GB', words: {} };
export const AMERICAN: Language = { tag: 'en-US', words: {} };

let spokenHere = BRITISH;
let heard: (() => Language | undefined) | undefined;
const plurals = new Map<string, Intl.PluralRules>();

/** Where one reader is spoken to, in a browser, a worker or a terminal: from now on everything is said in that language. */
export const speak = (language: Language): void => void (spokenHere = language);

/** On a server, which speaks to many at a time: whom it speaks to just now. */
export const listenTo = (who: () => Language | undefined): void => void (heard = who);

/** The language that is spoken now: for a worker, which is told whom it speaks to with each question. */
export const spokenNow = (): Language => heard?.() ?? spokenHere;

/** The tag of the language that is spoken now. What holds words that were spoken is kept under it. */
export const spokenTag = (): string => spokenNow().tag;

const edited = (text: string) => (spokenTag() === AMERICAN.tag ? american(text) : text);

/** The text of a message; only what is written in it is edited for a reader, never a name that is put into it. */
export const say = (text: TemplateStringsArray, ...named: readonly Said[]): string =>
  text.reduce((said, part, i) => said + (i > 0 ? (named[i - 1] ?? '') : '') + edited(part), '');

/** The form of a word that goes with a number, by the rules of the language. */
export const plural = (n: number, forms: { other: string } & Partial<Record<Intl.LDMLPluralRule, string>>): string =>
  edited(forms[ruleOf(n)] ?? forms.other);

function ruleOf(n: number): Intl.LDMLPluralRule {
  const tag = spokenTag();
  let rules = plurals.get(tag);
  if (!rules) plurals.set(tag, (rules = new Intl.PluralRules(tag)));
  return rules.select(n);
}

/** The messages of a subject, each said in the language that is spoken when it is read. */
export const spoken = <W extends Words>(subject: string, english: W): W =>
  new Proxy(english, {
    get(messages, name: string) {
      const said = messages[name];
      const own = spokenNow().words[subject]?.[name];
      if (own === undefined) return typeof said === 'string' ? edited(said) : said;
      return typeof said === 'function' ? (...named: Said[]) => filled(own, named) : own;
    },
  });

const filled = (text: string, named: readonly Said[]): string =>
  text.replace(/\{(\d+)(?::([^}]*))?\}/g, (_, at: string, forms: string | undefined) => {
    const value = named[Number(at) - 1];
    if (forms === undefined) return String(value ?? '');
    const known = Object.fromEntries(forms.split('|').map((form) => form.trim().split('=') as [string, string]));
    return known[ruleOf(Number(value))] ?? known.other ?? '';
  });

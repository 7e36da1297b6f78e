/**
 * How words are spoken: every text of the interface stands in `words.ts` of its subject, in British English, and is said in the language of whoever
 * reads it. A message is a string, or a function of what it names whose text is written with `say`.
 */
import { american, americanText, typedIn } from '@aggrega/core/words';

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
const AMERICAN = 'en-US';

let spokenHere = BRITISH;
let heard: (() => Language | undefined) | undefined;
const plurals = new Map<string, Intl.PluralRules>();

/** In a browser: from now on everything is said in that language. The root layout says so before anything else is drawn. */
export const speak = (language: Language): void => void (spokenHere = language);

/** On a server, which speaks to many at a time: whom it speaks to just now. */
export const listenTo = (who: () => Language | undefined): void => void (heard = who);

const current = (): Language => heard?.() ?? spokenHere;
/** The tag of the language that is spoken now. What holds words that were spoken is kept under it. */
export const spokenTag = (): string => current().tag;

/** The language that is spoken now, with the words of these subjects: for a worker, which is told whom it speaks to with each question. */
export const spokenWith = (...subjects: string[]): Language => ({
  tag: current().tag,
  words: Object.fromEntries(subjects.map((subject) => [subject, { ...current().words[subject] }])),
});

const edited = (text: string) => (current().tag === AMERICAN ? american(text) : text);

let typed: readonly string[] = [];

/** What a document says in its own words is said so in every English. */
export const keepTyped = (document: object): void => void (typed = current().tag === AMERICAN ? typedIn(document) : []);

/** A text that was worked out, not written here: in the reader's English, but for what was typed. */
export const spokenText = (text: string): string => (current().tag === AMERICAN ? americanText(text, typed) : text);

/** The text of a message; only what is written in it is edited for a reader, never a name that is put into it. */
export const say = (text: TemplateStringsArray, ...named: readonly Said[]): string =>
  text.reduce((said, part, i) => said + (i > 0 ? (named[i - 1] ?? '') : '') + edited(part), '');

/** The form of a word that goes with a number, by the rules of the language. */
export const plural = (n: number, forms: { other: string } & Partial<Record<Intl.LDMLPluralRule, string>>): string =>
  edited(forms[ruleOf(n)] ?? forms.other);

function ruleOf(n: number): Intl.LDMLPluralRule {
  const { tag } = current();
  let rules = plurals.get(tag);
  if (!rules) plurals.set(tag, (rules = new Intl.PluralRules(tag)));
  return rules.select(n);
}

/** The messages of a subject, each said in the language that is spoken when it is read. */
export const spoken = <W extends Words>(subject: string, english: W): W =>
  new Proxy(english, {
    get(messages, name: string) {
      const said = messages[name];
      const own = current().words[subject]?.[name];
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

/**
 * How words are spoken: every text of the interface stands in `words.ts` of its subject, in British English, and is said in the language of whoever
 * reads it. A message is a string, or a function of what it names whose text is written with `say`.
 */
import { american } from '@aggrega/core/words';

/** What a message may name. What is not there is not said. */
export type Said = string | number | null | undefined;
type Message = string | ((...named: never[]) => string);
/** Messages of a subject, by their names. */
export type Words = Readonly<Record<string, Message>>;

/** A language as its folder gives it: its tag, and messages by subject. What it lacks is said in English. */
export interface Language {
  tag: string;
  words: Readonly<Record<string, Words>>;
}

export const BRITISH: Language = { tag: 'en-GB', words: {} };
export const AMERICAN: Language = { tag: 'en-US', words: {} };

let current = BRITISH;
let plurals = new Intl.PluralRules(BRITISH.tag);

/** From now on everything is said in that language: the root layout says so before anything else is drawn. */
export function speak(language: Language): void {
  if (language.tag !== current.tag) plurals = new Intl.PluralRules(language.tag);
  current = language;
}

/** The language that is spoken now, as `lang` has it. */
export const spokenTag = (): string => current.tag;

const edited = (text: string) => (current.tag === AMERICAN.tag ? american(text) : text);

/** The text of a message; only what is written in it is edited for a reader, never a name that is put into it. */
export const say = (text: TemplateStringsArray, ...named: readonly Said[]): string =>
  text.reduce((said, part, i) => said + (i > 0 ? (named[i - 1] ?? '') : '') + edited(part), '');

/** The form of a word that goes with a number, by the rules of the language: `one`, `other`, and what else it has. */
export const plural = (n: number, forms: { other: string } & Partial<Record<Intl.LDMLPluralRule, string>>): string =>
  edited(forms[plurals.select(n)] ?? forms.other);

/** The messages of a subject, each said in the language that is spoken when it is read. */
export const spoken = <W extends Words>(subject: string, english: W): W =>
  new Proxy(english, {
    get(messages, name: string) {
      const own = current.words[subject]?.[name] ?? messages[name];
      return typeof own === 'string' ? edited(own) : own;
    },
  });

/** A letter in the English of who reads it. */
import type { Letter } from '@aggrega/core/running';
import { inAmerican } from '@aggrega/core/words';

/** The same, or, for a reader of American English, in that; what was typed into the programme, and the person's name, stay as they are. */
export const inEnglish = <L extends Letter>(letter: L, tag: string, typed: object): L =>
  tag === 'en-US' ? { ...letter, ...inAmerican({ subject: letter.subject, body: letter.body }, typed) } : letter;

/** What of letters was typed: a document, who writes, and the names of those who are written to. */
export const typedFor = (document: object, from: string, people: readonly { name: string }[]): object => ({
  ...{ document, from },
  people: people.flatMap(({ name }) => [name, ...name.split(/\s+/)]),
});

/** The part of a document that a question is about: what it does not hold cannot change the answer, and needs no new one. */
import type { ProgrammeFile } from '@aggrega/core/programme';
import type { YearQuestion } from './year-work';

/** No question of the year is about these. */
const NEVER: readonly (keyof ProgrammeFile)[] = ['title', 'welcome', 'contact', 'money'];
/** These are the cupboard's, and only some questions are about it. */
const STOCK: readonly (keyof ProgrammeFile)[] = ['shelf', 'orders'];
const ABOUT_STOCK: readonly YearQuestion['kind'][] = ['stock', 'within-stock'];

const without = <T extends object>(whole: T, keys: readonly string[]): T =>
  Object.fromEntries(Object.entries(whole).filter(([key]) => !keys.includes(key))) as T;

/** A document that can be read, and is planned as the whole one is. */
export function partAsked(document: ProgrammeFile, { kind }: YearQuestion): ProgrammeFile {
  const part = without(document, ABOUT_STOCK.includes(kind) ? NEVER : [...NEVER, ...STOCK]);
  // What is said on a month's sheet; where a month has no block, it tells a lesson from a month that is still to be drawn.
  const said = (month: { blocks?: readonly unknown[] }) => ['words', 'homework', ...(month.blocks?.length ? ['notes'] : [])];
  return { ...part, ...(part.months && { months: part.months.map((month) => without(month, said(month))) }) };
}

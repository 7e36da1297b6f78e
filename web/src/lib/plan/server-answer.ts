/** Answers of the server: sent with a page, or asked for by it. */
import type { Saver } from '$lib/ask/saver.svelte';
import { parse } from 'devalue';
import { keptKinds } from './year-questions';
import type { YearAnswers, YearQuestion } from './year-work';

/** An answer that a page was sent with: to that question, of that revision. */
export interface Ready<Kind extends YearQuestion['kind'] = YearQuestion['kind']> {
  question: YearQuestion & { kind: Kind };
  revision: number;
  answer: YearAnswers[Kind];
}

/** Whose document is asked about. */
export interface Bench {
  slug: string;
  saver: Pick<Saver, 'document' | 'revision' | 'unsaved'>;
}

/** Whether what a page was sent with is the answer to its question as it stands now. */
export const isOf = (ready: Ready, { saver }: Bench, question: YearQuestion) =>
  saver.unsaved === 0 && saver.revision === ready.revision && JSON.stringify(question) === JSON.stringify(ready.question);

/** What the server has of it; undefined where it has nothing, or where it does not know the document yet. */
export async function serverAnswer<Kind extends YearQuestion['kind']>(
  { slug, saver }: Bench,
  question: YearQuestion,
): Promise<{ answer: YearAnswers[Kind] } | undefined> {
  if (saver.unsaved > 0 || !keptKinds.includes(question.kind)) return undefined;
  const asked = new URLSearchParams({ revision: String(saver.revision), question: JSON.stringify(question) });
  try {
    const response = await fetch(`/api/programmes/${slug}/worked-out?${asked}`);
    return response.status === 200 ? { answer: parse(await response.text()) as YearAnswers[Kind] } : undefined;
  } catch {
    return undefined;
  }
}

/** What participants ask, as those who run the programme see it. */
import type pg from 'pg';

export interface AskedQuestion {
  id: string;
  participant: string;
  name: string;
  email: string;
  month: string;
  asks: string;
  asked: Date;
  answer: string;
  answered: Date | null;
}

const LIST = `
  select q.id, participant_id as participant, t.name, t.email, month, asks, asked_at as asked, answer, answered_at as answered
  from question q join programme p on p.id = q.programme_id
  join participant t on t.programme_id = q.programme_id and t.id = q.participant_id
  where slug = $1 order by answered_at is not null, asked_at desc, q.id limit 300`;

/** Questions, those that wait for an answer first. */
export async function listQuestions(db: pg.ClientBase, slug: string): Promise<AskedQuestion[]> {
  return (await db.query<AskedQuestion>(LIST, [slug])).rows;
}

const ANSWER = `
  update question set answer = $3, answered_at = $4 from programme p where p.id = programme_id and slug = $1 and question.id = $2`;

/** Answers a question; false where there is none. */
export async function answerQuestion(db: pg.ClientBase, slug: string, id: string, answer: string, at: Date): Promise<boolean> {
  return (await db.query(ANSWER, [slug, id, answer, at])).rowCount === 1;
}

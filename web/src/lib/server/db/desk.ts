/** What a desk asks of a programme's rows, each in a few numbers and names. */
import type pg from 'pg';

const MAIL_BACK = `
  select count(*)::int as n from mail m join programme p on p.id = m.programme_id where slug = $1 and m.state = 'failed'`;

/** Letters that were given up. */
export async function countMailBack(db: pg.ClientBase, slug: string): Promise<number> {
  return (await db.query<{ n: number }>(MAIL_BACK, [slug])).rows[0]!.n;
}

const QUESTIONS = `
  select t.name, q.asks, q.asked_at as asked from question q join programme p on p.id = q.programme_id
  join participant t on t.programme_id = q.programme_id and t.id = q.participant_id
  where slug = $1 and answered_at is null order by asked_at, q.id limit 200`;

/** Questions that wait for an answer, oldest first. */
export async function openQuestions(db: pg.ClientBase, slug: string): Promise<{ name: string; asks: string; asked: Date }[]> {
  return (await db.query<{ name: string; asks: string; asked: Date }>(QUESTIONS, [slug])).rows;
}

const SEWN = `select distinct month from sample s join programme p on p.id = s.programme_id where slug = $1`;

/** Months of which a test block was sewn. */
export async function sewnMonths(db: pg.ClientBase, slug: string): Promise<string[]> {
  return (await db.query<{ month: string }>(SEWN, [slug])).rows.map((r) => r.month);
}

const UNPAID = `
  select t.name from participant t join programme p on p.id = t.programme_id
  where slug = $1 and t.state = 'in' and not (t.paid_to = any($2))
    and exists (select from participant o where o.programme_id = p.id and o.paid_to <> '')
  order by lower(t.name), t.id limit 500`;

/** Who takes part and has not paid up to one of these months; nobody where payments are kept elsewhere, so that nobody's is noted. */
export async function unpaidNames(db: pg.ClientBase, slug: string, months: readonly string[]): Promise<string[]> {
  return (await db.query<{ name: string }>(UNPAID, [slug, months])).rows.map((r) => r.name);
}

const BEHIND = `
  select t.id, t.name, t.email <> '' as mail from participant t join programme p on p.id = t.programme_id
  where slug = $1 and t.state = 'in' and exists (select from progress g where g.programme_id = p.id and g.participant_id = t.id)
    and (select count(*) from unnest($2::text[]) as due(month) where not exists (
      select from progress g where g.programme_id = p.id and g.participant_id = t.id and g.month = due.month and g.step = 'block')) >= $3
  order by lower(t.name), t.id limit 500`;

export interface Behind {
  id: string;
  name: string;
  /** Whether a letter reaches them. */
  mail: boolean;
}

/** Who ticks off what is sewn, and of these months has so many or more that are not done. */
export async function peopleBehind(
  db: pg.ClientBase,
  slug: string,
  months: readonly string[],
  least: number,
): Promise<Behind[]> {
  return (await db.query<Behind>(BEHIND, [slug, months, least])).rows;
}

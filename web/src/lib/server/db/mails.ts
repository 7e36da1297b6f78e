/** Mail on its way: written with what it is about, claimed by one sender at a time, sent once. */
import type pg from 'pg';

export interface NewMail {
  participant?: string;
  /** What it is about; a second one of that name is not written. */
  once: string;
  month?: string;
  version?: number;
  recipient: string;
  subject: string;
  body: string;
  withSheet?: boolean;
}

const WRITE = `
  insert into mail (organisation_id, programme_id, participant_id, once, month, version, recipient, subject, body, with_sheet, next_at, written_at)
  select p.organisation_id, p.id, r.participant, r.once, r.month, r.version, r.recipient, r.subject, r.body, coalesce(r."withSheet", false), $3, $3
  from programme p, jsonb_to_recordset($2::jsonb) as r(participant uuid, once text, month text, version integer, recipient text,
    subject text, body text, "withSheet" boolean)
  where slug = $1 on conflict (programme_id, once) do nothing`;

/** Puts mails into the box; how many of them were new. */
export async function writeMails(db: pg.ClientBase, slug: string, mails: readonly NewMail[], at: Date): Promise<number> {
  return (await db.query(WRITE, [slug, JSON.stringify(mails), at])).rowCount ?? 0;
}

const NAMED = `select once from mail m join programme p on p.id = m.programme_id where slug = $1 and once = any($2)`;

/** Which of these names stand in the box already. */
export async function mailsNamed(db: pg.ClientBase, slug: string, names: readonly string[]): Promise<ReadonlySet<string>> {
  return new Set((await db.query<{ once: string }>(NAMED, [slug, names])).rows.map((r) => r.once));
}

export interface ClaimedMail {
  id: string;
  slug: string;
  programme: string;
  participant: string | null;
  /** How often her link was made anew. */
  link: number | null;
  month: string | null;
  version: number | null;
  recipient: string;
  subject: string;
  body: string;
  withSheet: boolean;
  tries: number;
}

const CLAIM = `
  with claimed as (
    update mail set state = 'sending', tries = tries + 1, next_at = $2
    where id in (
      select id from mail where state in ('waiting', 'sending') and next_at <= $1 order by next_at, written_at limit $3
      for update skip locked
    )
    returning *
  )
  select c.id, slug, p.id as programme, participant_id as participant, t.link, month, version, recipient, subject, body,
    with_sheet as "withSheet", tries
  from claimed c join programme p on p.id = c.programme_id
  left join participant t on t.programme_id = c.programme_id and t.id = c.participant_id`;

const DUE = `select from mail where state in ('waiting', 'sending') and next_at <= $1 limit 1`;

/** Takes some of the mails whose turn it is; nobody else gets them before `until`, when their sender must have died. */
export async function claimMails(db: pg.ClientBase, at: Date, until: Date, most: number): Promise<ClaimedMail[]> {
  // An update that finds nothing counts as a change of the house all the same, and pages are kept only while there is none.
  if ((await db.query(DUE, [at])).rowCount === 0) return [];
  return (await db.query<ClaimedMail>(CLAIM, [at, until, most])).rows;
}

const SENT = `update mail set state = 'sent', sent_at = $2, trouble = '' where id = $1`;
const FAILED = `update mail set state = case when $3::timestamptz is null then 'failed' else 'waiting' end, trouble = $2, next_at = coalesce($3, next_at) where id = $1`;

/** Notes that a mail went out. */
export async function markSent(db: pg.ClientBase, id: string, at: Date): Promise<void> {
  await db.query(SENT, [id, at]);
}

/** Notes why a mail did not go out, and when it is tried again; null gives up. */
export async function markFailed(db: pg.ClientBase, id: string, trouble: string, next: Date | null): Promise<void> {
  await db.query(FAILED, [id, trouble.slice(0, 500), next]);
}

export interface MailRow {
  id: string;
  participant: string | null;
  recipient: string;
  subject: string;
  month: string | null;
  state: 'waiting' | 'sending' | 'sent' | 'failed';
  tries: number;
  written: Date;
  sent: Date | null;
  trouble: string;
}

const WANTED = `
  from mail m where programme_id = (select id from programme where slug = $1)
    and ($2 = '' or m.state = $2) and ($3 = '' or month = $3)
    and ($4 = '' or recipient ilike '%' || $4 || '%' or subject ilike '%' || $4 || '%')`;
const LIST = `
  select m.id, participant_id as participant, recipient, subject, month, m.state, tries, written_at as written, sent_at as sent, trouble
  ${WANTED} order by written_at desc, recipient, m.id limit $5 offset $6`;
const FOUND = `select count(*)::int as found ${WANTED}`;

/** A page of a programme's mails, newest first, and how many there are like that. */
export async function listMails(
  db: pg.ClientBase,
  slug: string,
  { state, month, find, most, from }: { state: string; month: string; find: string; most: number; from: number },
): Promise<{ mails: MailRow[]; found: number }> {
  const wanted = [slug, state, month, find.replace(/[\\%_]/g, (c) => `\\${c}`)];
  const { rows: mails } = await db.query<MailRow>(LIST, [...wanted, most, from]);
  const { rows } = await db.query<{ found: number }>(FOUND, wanted);
  return { mails, found: rows[0]?.found ?? 0 };
}

const COUNT = `
  select m.state, count(*)::int as mails from mail m join programme p on p.id = m.programme_id
  where slug = $1 and m.month = $2 group by 1`;

/** How many mails of a month there are in each state. */
export async function countMails(
  db: pg.ClientBase,
  slug: string,
  month: string,
): Promise<{ state: MailRow['state']; mails: number }[]> {
  return (await db.query<{ state: MailRow['state']; mails: number }>(COUNT, [slug, month])).rows;
}

const RETRY = `
  update mail m set state = 'waiting', next_at = $2, tries = 0 from programme p
  where p.id = m.programme_id and slug = $1 and m.state = 'failed'`;

/** Tries all mails again that were given up; how many. */
export async function retryMails(db: pg.ClientBase, slug: string, at: Date): Promise<number> {
  return (await db.query(RETRY, [slug, at])).rowCount ?? 0;
}

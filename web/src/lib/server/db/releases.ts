/** Months on their way out. A month without a row is a draft. */
import type pg from 'pg';

export interface MonthRelease {
  month: string;
  state: 'proofed' | 'scheduled' | 'released';
  /** Of the sheet, frozen when it was proofed, and when that version was made. */
  version: number;
  published: Date;
  /** What was looked at when it was proofed. */
  checks: string[];
  proofed: Date;
  due: Date | null;
  /** How often it could not go out at its minute. */
  tries: number;
  released: Date | null;
  /** The programme's own id, and its revision that the version is. */
  programme: string;
  revision: number;
}

const FIRST = `
  select exists (select from release where state = 'released') as released,
    exists (select from kit k join programme p on p.id = k.programme_id where slug = $1) as cut`;
const LIST = `
  select r.month, state, r.version, checks, proofed_at as proofed, due_at as due, tries, released_at as released, p.id as programme, v.revision, v.published_at as published
  from release r join programme p on p.id = r.programme_id
  join sheet_version v on v.programme_id = r.programme_id and v.month = r.month and v.version = r.version
  where slug = $1`;

/** Whether the organisation that the transaction acts for has ever released a month, and whether this programme has a kit. */
export async function firstTimes(db: pg.ClientBase, slug: string): Promise<{ released: boolean; cut: boolean }> {
  return (await db.query<{ released: boolean; cut: boolean }>(FIRST, [slug])).rows[0]!;
}

/** All months that are more than drafts. */
export async function listReleases(db: pg.ClientBase, slug: string): Promise<MonthRelease[]> {
  return (await db.query<MonthRelease>(LIST, [slug])).rows;
}

const PROOF = `
  insert into release (organisation_id, programme_id, month, state, version, checks, proofed_at)
  select organisation_id, id, $2, 'proofed', $3, $4::jsonb, $5 from programme where slug = $1
  on conflict (programme_id, month) do update
    set state = 'proofed', version = excluded.version, checks = excluded.checks, proofed_at = excluded.proofed_at, due_at = null,
      tries = 0, retry_at = null
    where release.state <> 'released'`;

/** Notes that a version was proofed; a released month stays as it is. */
export async function markProofed(
  db: pg.ClientBase,
  slug: string,
  { month, version, checks, at }: { month: string; version: number; checks: string[]; at: Date },
): Promise<void> {
  await db.query(PROOF, [slug, month, version, JSON.stringify(checks), at]);
}

const SCHEDULE = `
  update release set state = case when $3::timestamptz is null then 'proofed' else 'scheduled' end, due_at = $3, tries = 0, retry_at = null
  from programme p
  where p.id = programme_id and slug = $1 and month = $2 and release.state <> 'released'`;

/** Sets the minute of a proofed month's release, or takes it back; false where it is not proofed, or out already. */
export async function setDue(db: pg.ClientBase, slug: string, month: string, due: Date | null): Promise<boolean> {
  return (await db.query(SCHEDULE, [slug, month, due])).rowCount === 1;
}

const UNPROOF = `
  delete from release using programme p where p.id = programme_id and slug = $1 and month = $2 and release.state <> 'released'`;

/** Makes a month a draft again; false where it is one, or out already. */
export async function unproof(db: pg.ClientBase, slug: string, month: string): Promise<boolean> {
  return (await db.query(UNPROOF, [slug, month])).rowCount === 1;
}

const DUE = `
  select slug, month, due_at as due from release r join programme p on p.id = r.programme_id
  where state = 'scheduled' and due_at <= $1 and coalesce(retry_at, due_at) <= $1 and removed_at is null order by tries, due_at, slug, month`;

/** Months whose minute has come, those first that have not failed yet; none that is set aside. */
export async function dueReleases(db: pg.ClientBase, at: Date): Promise<{ slug: string; month: string; due: Date }[]> {
  return (await db.query<{ slug: string; month: string; due: Date }>(DUE, [at])).rows;
}

const SET_ASIDE = `
  update release set tries = tries + 1, retry_at = $3::timestamptz + least(interval '1 minute' * 2 ^ least(tries, 20), interval '6 hours')
  from programme p where p.id = programme_id and slug = $1 and month = $2 and release.state = 'scheduled'
  returning tries`;

/** Sets a month that could not go out aside: for a minute, and twice as long each time, up to six hours. How often it has failed. */
export async function setAside(db: pg.ClientBase, slug: string, month: string, at: Date): Promise<number> {
  return (await db.query<{ tries: number }>(SET_ASIDE, [slug, month, at])).rows[0]?.tries ?? 0;
}

const RELEASE = `
  update release set state = 'released', released_at = $3 from programme p
  where p.id = programme_id and slug = $1 and month = $2 and release.state in ('proofed', 'scheduled')
  returning version`;

/** Releases a month, once; the version that went out, or undefined where it is out already or was never proofed. */
export async function markReleased(db: pg.ClientBase, slug: string, month: string, at: Date): Promise<number | undefined> {
  return (await db.query<{ version: number }>(RELEASE, [slug, month, at])).rows[0]?.version;
}

const ADVANCE = `
  update release set version = $3 from programme p
  where p.id = programme_id and slug = $1 and month = $2 and release.state = 'released'`;

/** What is shown of a released month from now on; false where it is not out. */
export async function setReleasedVersion(db: pg.ClientBase, slug: string, month: string, version: number): Promise<boolean> {
  return (await db.query(ADVANCE, [slug, month, version])).rowCount === 1;
}

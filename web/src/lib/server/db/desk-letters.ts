/** Who wants the desk by mail, and when the next letter is due. */
import type pg from 'pg';

export type DeskLetterKind = 'pressing' | 'weekly';

const PUT = `
  insert into desk_letter (organisation_id, account_id, kind, next_at) values (current_organisation(), $1, $2, $3)
  on conflict (organisation_id, account_id) do update set kind = excluded.kind, next_at = excluded.next_at`;

/** Notes that somebody wants such letters, the first at that time; without a kind, none any more. */
export async function wantDeskLetter(
  db: pg.ClientBase,
  account: string,
  kind: DeskLetterKind | undefined,
  next: Date,
): Promise<void> {
  if (kind) await db.query(PUT, [account, kind, next]);
  else await db.query(`delete from desk_letter where account_id = $1`, [account]);
}

/** What somebody wants; undefined for none. */
export async function deskLetterOf(db: pg.ClientBase, account: string): Promise<DeskLetterKind | undefined> {
  const sql = `select kind from desk_letter where account_id = $1`;
  return (await db.query<{ kind: DeskLetterKind }>(sql, [account])).rows[0]?.kind;
}

export interface DueDeskLetter {
  account: string;
  kind: DeskLetterKind;
  email: string;
  role: 'owner' | 'organiser' | 'cutting-room' | 'viewer';
}

const CLAIM = `
  update desk_letter d set next_at = $2 from account a, membership m
  where d.next_at <= $1 and a.id = d.account_id and m.account_id = d.account_id and m.organisation_id = d.organisation_id
  returning d.account_id as account, d.kind, a.email, m.role`;

const DUE = `select from desk_letter where next_at <= $1 limit 1`;

/** Takes the letters that are due; nobody else gets them before `until`, when their sender must have died. */
export async function claimDeskLetters(db: pg.ClientBase, at: Date, until: Date): Promise<DueDeskLetter[]> {
  // An update that finds nothing counts as a change of the house all the same, and pages are kept only while there is none.
  if ((await db.query(DUE, [at])).rowCount === 0) return [];
  return (await db.query<DueDeskLetter>(CLAIM, [at, until])).rows;
}

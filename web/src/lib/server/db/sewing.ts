/** How far participants have sewn, and what they measured on the way. */
import { mergedMarks, newestMarks, type Marks } from '@aggrega/core/running';
import type pg from 'pg';

/** Marks of one sheet that are kept of one person; older ones go. */
const MOST = 3000;

const FIND = `select marks from sewing where participant_id = $1 and month = $2 and version = $3`;

/** What is marked on a version of a month's sheet. */
export async function sewingMarks(db: pg.ClientBase, person: string, month: string, version: number): Promise<Marks> {
  return (await db.query<{ marks: Marks }>(FIND, [person, month, version])).rows[0]?.marks ?? {};
}

const BEGIN = `
  insert into sewing (organisation_id, programme_id, participant_id, month, version, marks)
  select organisation_id, programme_id, id, $2, $3, '{}' from participant where id = $1 on conflict do nothing`;
const PUT = `update sewing set marks = $4 where participant_id = $1 and month = $2 and version = $3`;

/** Adds marks; sent twice, or older than what is there, they change nothing. All that is marked then. */
export async function addMarks(
  db: pg.ClientBase,
  person: string,
  { month, version, marks }: { month: string; version: number; marks: Marks },
): Promise<Marks> {
  await db.query(BEGIN, [person, month, version]);
  const { rows } = await db.query<{ marks: Marks }>(`${FIND} for update`, [person, month, version]);
  const merged = newestMarks(mergedMarks(rows[0]?.marks ?? {}, marks), MOST);
  await db.query(PUT, [person, month, version, JSON.stringify(merged)]);
  return merged;
}

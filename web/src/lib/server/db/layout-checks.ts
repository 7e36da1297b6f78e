/** What participants' checks of their layouts found, of those who tell it. */
import type { SlipKind } from '@aggrega/core/construction';
import type pg from 'pg';

/** A unit that lay wrong: its name and what it is called on the sheet; '' for a plain patch and for a whole row. */
export interface FoundSlip {
  unit: string;
  label: string;
  kind: SlipKind;
}

const SET = `update participant set tells = $2 where id = $1`;
const FORGET = `delete from layout_check where participant_id = $1`;

/** Whether a person tells what her checks find; when she no longer does, what she told goes. */
export async function setTells(db: pg.ClientBase, participant: string, tells: boolean): Promise<void> {
  await db.query(SET, [participant, tells]);
  if (!tells) await db.query(FORGET, [participant]);
}

/** Slips that are kept of one block of one person. */
const MOST = 200;
const NOTE = `
  insert into layout_check (organisation_id, programme_id, participant_id, month, block, found, checked_at)
  select organisation_id, programme_id, id, $2, $3, $4::jsonb, $5 from participant where id = $1 and tells
  on conflict (programme_id, participant_id, month, block) do update set checked_at = excluded.checked_at, found = (
    select coalesce(jsonb_agg(slip), '[]') from (
      select distinct slip from jsonb_array_elements(layout_check.found || excluded.found) as slip limit ${MOST}) as each)`;

/** Notes what one check found, if she tells it; the same slip counts once. */
export async function noteLayout(
  db: pg.ClientBase,
  participant: string,
  { month, block, found, at }: { month: string; block: string; found: readonly FoundSlip[]; at: Date },
): Promise<void> {
  await db.query(NOTE, [participant, month, block, JSON.stringify(found), at]);
}

export interface LaidBlock {
  month: string;
  block: string;
  /** Those who told what their checks found. */
  people: number;
  /** How many had each slip, the commonest first. */
  found: (FoundSlip & { people: number })[];
}

const COUNT = `
  with laid as (
    select s.* from layout_check s join programme p on p.id = s.programme_id
    join participant t on t.programme_id = s.programme_id and t.id = s.participant_id
    where p.slug = $1 and ($2 = '' or s.month = $2) and ($3 = '' or t.id::text = $3) and t.tells),
  counted as (
    select month, block, slip ->> 'unit' as unit, max(slip ->> 'label') as label, slip ->> 'kind' as kind, count(distinct participant_id)::int as people
    from laid, jsonb_array_elements(found) as slip group by 1, 2, 3, 5)
  select month, block, count(*)::int as people, (
    select coalesce(jsonb_agg(jsonb_build_object('unit', unit, 'label', label, 'kind', kind, 'people', c.people) order by c.people desc, label, kind), '[]')
    from counted c where c.month = laid.month and c.block = laid.block) as found
  from laid group by month, block order by month, block`;

/** By month and block: what those who tell found. */
export async function layoutCounts(
  db: pg.ClientBase,
  slug: string,
  { month, person }: { month: string; person: string },
): Promise<LaidBlock[]> {
  return (await db.query<LaidBlock>(COUNT, [slug, month, person])).rows;
}

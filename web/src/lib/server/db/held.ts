/** Who holds which version of a month's sheet. */
import type pg from 'pg';

export type HeldWay = 'mail' | 'page' | 'hand';

export interface Holder {
  participant: string;
  name: string;
  colourway: string;
  state: 'waiting' | 'in' | 'left';
  email: string;
  /** The newest version that she holds, 0 for none. */
  version: number;
  way: HeldWay | null;
  held: Date | null;
  /** She joined after it went out: nobody has written to her about it, though she can be. */
  late: boolean;
}

const HOLDERS = `
  select t.id as participant, t.name, t.colourway, t.state, t.email, coalesce(h.version, 0) as version, h.way, h.held_at as held,
    t.state = 'in' and t.email <> '' and h.version is null and not exists (
      select from mail m where m.programme_id = t.programme_id and m.once = 'release ' || $2 || ' ' || t.id) as late
  from participant t join programme p on p.id = t.programme_id
  left join lateral (
    select version, way, held_at from sheet_held h
    where h.programme_id = t.programme_id and month = $2 and participant_id = t.id order by version desc limit 1
  ) h on true
  where slug = $1 and (t.state = 'in' or h.version is not null)
  order by lower(t.name), t.id limit $3`;

/** Everybody who takes part or holds a version, with the newest that she holds; with `most`, no more than that. */
export async function listHolders(
  db: pg.ClientBase,
  slug: string,
  month: string,
  most: number | null = null,
): Promise<Holder[]> {
  return (await db.query<Holder>(HOLDERS, [slug, month, most])).rows;
}

const HOLD = `
  insert into sheet_held (organisation_id, programme_id, participant_id, month, version, way, held_at)
  select p.organisation_id, p.id, unnest($2::uuid[]), $3, $4, $5, $6 from programme p where slug = $1 on conflict do nothing`;

/** Notes that people have a version; the first way they came by it stands. */
export async function noteHeld(
  db: pg.ClientBase,
  slug: string,
  { people, month, version, way, at }: { people: readonly string[]; month: string; version: number; way: HeldWay; at: Date },
): Promise<void> {
  await db.query(HOLD, [slug, people, month, version, way, at]);
}

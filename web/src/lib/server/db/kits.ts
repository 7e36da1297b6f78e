/** Kits: what is planned follows from the roster; what is cut, packed or handed over has a row. */
import type { KitKind } from '@aggrega/core/programme';
import type pg from 'pg';

export type KitState = 'planned' | 'cut' | 'packed' | 'handed';

export interface KitCount {
  /** The first month of its packet. */
  month: string;
  colourway: string;
  size: string;
  state: KitState;
  /** What they hold; undefined for kits that are nobody's. */
  kind?: KitKind;
  kits: number;
}

/** Whoever takes part gets kits, unless she brings her own cloth; $3 is the programme's own kind. */
const TAKES = `t.state = 'in' and coalesce(nullif(t.kit, ''), $3) <> 'list'`;

const TAKING = `
  select t.colourway, t.size, coalesce(nullif(t.kit, ''), $2) as kind, count(*)::int as people
  from participant t join programme p on p.id = t.programme_id where slug = $1 and ${TAKES.replace('$3', '$2')} group by 1, 2, 3`;
const MADE = `
  select k.month, t.colourway, t.size, k.state, coalesce(nullif(t.kit, ''), $3) as kind, count(*)::int as kits
  from kit k join programme p on p.id = k.programme_id
  join participant t on t.programme_id = k.programme_id and t.id = k.participant_id
  where slug = $1 and k.month = any($2) and ${TAKES} group by 1, 2, 3, 4, 5`;

/** How many kits of each sort the people who take part have or await: what is not made is planned. */
export async function countKits(db: pg.ClientBase, slug: string, months: string[], kind: string): Promise<KitCount[]> {
  const { rows: taking } = await db.query<{ colourway: string; size: string; kind: KitKind; people: number }>(TAKING, [
    slug,
    kind,
  ]);
  const { rows: made } = await db.query<KitCount>(MADE, [slug, months, kind]);
  const known = new Map<string, number>();
  for (const m of made) {
    const key = [m.month, m.colourway, m.size, m.kind].join('\n');
    known.set(key, (known.get(key) ?? 0) + m.kits);
  }
  const planned = months.flatMap((month) =>
    taking.flatMap(({ colourway, size, kind: own, people }): KitCount[] => {
      const kits = people - (known.get([month, colourway, size, own].join('\n')) ?? 0);
      return kits > 0 ? [{ month, colourway, size, kind: own, state: 'planned', kits }] : [];
    }),
  );
  return [...planned, ...made];
}

const LOOSE = `
  select k.month, k.colourway, k.size, k.state, count(*)::int as kits
  from kit k join programme p on p.id = k.programme_id
  left join participant t on t.programme_id = k.programme_id and t.id = k.participant_id
  where slug = $1 and k.state <> 'handed' and (k.participant_id is null or t.state = 'left') group by 1, 2, 3, 4`;

/** Kits that are made and nobody's: spares, demo sets, and those of people who left before they had them. */
export async function countLoose(db: pg.ClientBase, slug: string): Promise<KitCount[]> {
  return (await db.query<KitCount>(LOOSE, [slug])).rows;
}

export interface KitRow {
  participant: string;
  name: string;
  colourway: string;
  size: string;
  handing: 'pickup' | 'post';
  address: string;
  notes: string;
  /** The month up to which they have paid; '' where nothing is noted. */
  paidTo: string;
  month: string;
  state: KitState;
  cut: Date | null;
  packed: Date | null;
  handed: Date | null;
}

const LIST = `
  select t.id as participant, t.name, t.colourway, t.size, t.handing, t.address, t.notes, t.paid_to as "paidTo", $2::text as month, coalesce(k.state, 'planned') as state,
    k.cut_at as cut, k.packed_at as packed, k.handed_at as handed
  from programme p join participant t on t.programme_id = p.id
  left join kit k on k.programme_id = t.programme_id and k.month = $2 and k.participant_id = t.id
  where slug = $1 and ${TAKES} order by lower(t.name), t.id limit $4`;

/** Every kit of a packet, named by its first month, person by person; with `most`, no more than that. */
export async function listKits(
  db: pg.ClientBase,
  slug: string,
  month: string,
  kind: string,
  most: number | null = null,
): Promise<KitRow[]> {
  return (await db.query<KitRow>(LIST, [slug, month, kind, most])).rows;
}

const READY = `
  select t.id as participant, t.name, t.colourway, t.size, t.handing, t.address, t.notes, t.paid_to as "paidTo", k.month, k.state,
    k.cut_at as cut, k.packed_at as packed, k.handed_at as handed
  from kit k join programme p on p.id = k.programme_id
  join participant t on t.programme_id = k.programme_id and t.id = k.participant_id
  where slug = $1 and t.state = 'in' and (k.state in ('cut', 'packed') or k.handed_at > $3)
  order by lower(t.name), t.id, array_position($2::text[], k.month)`;

/** Kits that are made and not fetched, and those that were handed over since, person by person. */
export async function listReady(db: pg.ClientBase, slug: string, months: string[], since: Date): Promise<KitRow[]> {
  return (await db.query<KitRow>(READY, [slug, months, since])).rows;
}

const SET = `
  insert into kit (organisation_id, programme_id, participant_id, month, colourway, size, state, cut_at, packed_at, handed_at)
  select p.organisation_id, p.id, t.id, $2, t.colourway, t.size, $4, $5,
    case when $4 in ('packed', 'handed') then $5::timestamptz end, case when $4 = 'handed' then $5::timestamptz end
  from programme p join participant t on t.programme_id = p.id where slug = $1 and t.id = any($3)
  on conflict (programme_id, month, participant_id) where participant_id is not null do update set state = excluded.state,
    packed_at = case when excluded.state in ('packed', 'handed') then coalesce(kit.packed_at, excluded.packed_at) end,
    handed_at = case when excluded.state = 'handed' then coalesce(kit.handed_at, excluded.handed_at) end`;
const UNSET = `delete from kit using programme p where p.id = programme_id and slug = $1 and month = $2 and participant_id = any($3)`;

/** Sets how far kits of a packet are, each person's own; saying the same twice changes nothing. */
export async function setKits(
  db: pg.ClientBase,
  slug: string,
  { month, people, state, at }: { month: string; people: readonly string[]; state: KitState; at: Date },
): Promise<void> {
  if (state === 'planned') await db.query(UNSET, [slug, month, people]);
  else await db.query(SET, [slug, month, people, state, at]);
}

const ADD_LOOSE = `
  insert into kit (organisation_id, programme_id, month, colourway, size, state, cut_at)
  select organisation_id, id, $2, $3, $4, 'cut', $6 from programme, generate_series(1, $5) where slug = $1`;

/** Adds kits for nobody: spares and demo sets that were cut. */
export async function addLoose(
  db: pg.ClientBase,
  slug: string,
  { month, colourway, size, kits, at }: { month: string; colourway: string; size: string; kits: number; at: Date },
): Promise<void> {
  await db.query(ADD_LOOSE, [slug, month, colourway, size, kits, at]);
}

const TAKE_LOOSE = `
  delete from kit where (programme_id, id) in (
    select k.programme_id, k.id from kit k join programme p on p.id = k.programme_id
    left join participant t on t.programme_id = k.programme_id and t.id = k.participant_id
    where slug = $1 and k.month = $2 and k.colourway = $3 and k.size = $4 and k.state <> 'handed'
      and (k.participant_id is null or t.state = 'left')
    order by k.participant_id nulls first, k.state limit $5)`;

/** Takes loose kits off the table: sold, used up, or counted wrong. How many there were. */
export async function removeLoose(
  db: pg.ClientBase,
  slug: string,
  { month, colourway, size, kits }: { month: string; colourway: string; size: string; kits: number },
): Promise<number> {
  return (await db.query(TAKE_LOOSE, [slug, month, colourway, size, kits])).rowCount ?? 0;
}

const GIVE = `
  with free as (
    select k.programme_id, k.id, k.month, k.colourway, k.size,
      row_number() over (partition by k.month, k.colourway, k.size order by k.state desc, k.participant_id nulls last, k.id) as place
    from kit k join programme p on p.id = k.programme_id
    left join participant t on t.programme_id = k.programme_id and t.id = k.participant_id
    where slug = $1 and k.month = any($2) and k.state <> 'handed' and (k.participant_id is null or t.state = 'left')
  ), wants as (
    select t.programme_id, t.id, m.month, t.colourway, t.size,
      row_number() over (partition by m.month, t.colourway, t.size order by t.joined nulls last, lower(t.name), t.id) as place
    from programme p join participant t on t.programme_id = p.id cross join unnest($2::text[]) as m(month)
    where slug = $1 and ${TAKES}
      and not exists (select 1 from kit k where k.programme_id = p.id and k.participant_id = t.id and k.month = m.month)
  )
  update kit set participant_id = wants.id from free join wants using (programme_id, month, colourway, size, place)
  where kit.programme_id = free.programme_id and kit.id = free.id`;

/** Gives loose kits to those who still wait for one of the same sort, longest taking part first; how many. */
export async function giveLoose(db: pg.ClientBase, slug: string, months: string[], kind: string): Promise<number> {
  return (await db.query(GIVE, [slug, months, kind])).rowCount ?? 0;
}

const FREE = `
  update kit set participant_id = null from programme p, participant t
  where p.id = kit.programme_id and slug = $1 and t.programme_id = p.id and t.id = kit.participant_id and t.id = any($2)
    and kit.state <> 'handed' and (kit.colourway <> t.colourway or kit.size <> t.size or coalesce(nullif(t.kit, ''), $3) = 'list')`;

/** Frees kits that do not fit their people any more, who moved to another colourway or size: what is cut does not change its cloth. */
export async function freeUnfitting(db: pg.ClientBase, slug: string, people: readonly string[], kind: string): Promise<void> {
  await db.query(FREE, [slug, people, kind]);
}

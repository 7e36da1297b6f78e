/** People on a programme's roster. */
import type { Person } from '@aggrega/core/running';
import type pg from 'pg';
import { without } from './without';

export interface StoredPerson extends Person {
  /** How often her link was made anew. */
  link: number;
  shows: boolean;
  /** Whether the organiser may see her pictures. */
  seen: boolean;
  /** Whether the organiser is told what the checks of her layouts find. */
  tells: boolean;
}

const COLUMNS = `
  t.id, t.name, email, phone, address, t.colourway, t.size, t.kit, handing, t.state, coalesce(joined::text, '') as joined,
  coalesce(left_on::text, '') as "left", paid_to as "paidTo", notes, sheet, link, shows, seen, tells`;

/** What a roster is asked for; '' asks for everything. */
export interface RosterQuestion {
  find: string;
  state: string;
  colourway: string;
  size: string;
  handing: string;
  sort: RosterSort;
  down: boolean;
}
export const rosterSorts = ['name', 'colourway', 'joined', 'paid', 'state'] as const;
export type RosterSort = (typeof rosterSorts)[number];

const ORDER: Record<RosterSort, string> = {
  name: 'lower(t.name)',
  colourway: 't.colourway',
  joined: 'joined',
  paid: `coalesce(array_position($7::text[], paid_to), 0)`,
  state: `array_position(array['waiting', 'in', 'left'], t.state)`,
};

const WHERE = `
  from participant t join programme p on p.id = t.programme_id
  where slug = $1
    and ($2 = '' or t.name ilike $2 or email ilike $2 or notes ilike $2)
    and ($3 = '' or t.state = $3) and ($4 = '' or t.colourway = $4)
    and ($5 = '' or t.size = case $5 when '-' then '' else $5 end) and ($6 = '' or handing = $6)`;

const wanted = (slug: string, q: RosterQuestion) => [
  slug,
  q.find && `%${escaped(q.find)}%`,
  q.state,
  q.colourway,
  q.size,
  q.handing,
];
const escaped = (text: string) => text.replace(/[\\%_]/g, (c) => `\\${c}`);

/** A page of the people who are asked for, and how many they are. `months` are the ids of the months in order, for who has paid how far. */
export async function findPeople(
  db: pg.ClientBase,
  slug: string,
  q: RosterQuestion,
  { from, most, months }: { from: number; most: number; months: string[] },
): Promise<{ people: StoredPerson[]; found: number }> {
  const order = `order by ${ORDER[q.sort]} ${q.down ? 'desc' : 'asc'} nulls last, lower(t.name), t.id`;
  const page = `select ${COLUMNS}, $7::text[] as unused, count(*) over ()::int as found ${WHERE} ${order} limit $8 offset $9`;
  const { rows } = await db.query<StoredPerson & { found: number; unused: unknown }>(page, [
    ...wanted(slug, q),
    months,
    most,
    from,
  ]);
  return { people: rows.map(without('found', 'unused')), found: rows[0]?.found ?? 0 };
}

/** The ids of all who are asked for. */
export async function findIds(db: pg.ClientBase, slug: string, q: RosterQuestion): Promise<string[]> {
  const { rows } = await db.query<{ id: string }>(`select t.id ${WHERE} order by lower(t.name), t.id`, wanted(slug, q));
  return rows.map((r) => r.id);
}

const ALL = `
  select ${COLUMNS} from participant t join programme p on p.id = t.programme_id where slug = $1 order by lower(t.name), t.id`;

/** Everybody, by name. */
export async function allPeople(db: pg.ClientBase, slug: string): Promise<StoredPerson[]> {
  return (await db.query<StoredPerson>(ALL, [slug])).rows;
}

const SOME = `
  select ${COLUMNS} from participant t join programme p on p.id = t.programme_id where slug = $1 and t.id = any($2)`;

/** Those with these ids. */
export async function somePeople(db: pg.ClientBase, slug: string, ids: readonly string[]): Promise<StoredPerson[]> {
  return (await db.query<StoredPerson>(SOME, [slug, ids])).rows;
}

export interface RosterTally {
  state: Person['state'];
  colourway: string;
  size: string;
  kit: Person['kit'];
  people: number;
}

const TALLY = `
  select t.state, t.colourway, t.size, t.kit, count(*)::int as people
  from participant t join programme p on p.id = t.programme_id where slug = $1 group by 1, 2, 3, 4`;

/** How many there are of each sort. */
export async function tallyPeople(db: pg.ClientBase, slug: string): Promise<RosterTally[]> {
  return (await db.query<RosterTally>(TALLY, [slug])).rows;
}

const ANY = `select exists (select from participant t join programme p on p.id = t.programme_id where slug = $1) as any`;

/** Whether the programme has a roster with anybody in it. */
export async function anyPerson(db: pg.ClientBase, slug: string): Promise<boolean> {
  return (await db.query<{ any: boolean }>(ANY, [slug])).rows[0]!.any;
}

const PUT = `
  insert into participant (organisation_id, programme_id, id, name, email, phone, address, colourway, size, kit, handing, state, joined,
    left_on, paid_to, notes, sheet)
  select p.organisation_id, p.id, r.id::uuid, r.name, r.email, r.phone, r.address, r.colourway, r.size, r.kit, r.handing, r.state,
    nullif(r.joined, '')::date, nullif(r."left", '')::date, r."paidTo", r.notes, r.sheet
  from programme p, jsonb_to_recordset($2::jsonb) as r(id text, name text, email text, phone text, address text, colourway text, size text,
    kit text, handing text, state text, joined text, "left" text, "paidTo" text, notes text, sheet text)
  where slug = $1
  on conflict (programme_id, id) do update set name = excluded.name, email = excluded.email, phone = excluded.phone,
    address = excluded.address, colourway = excluded.colourway, size = excluded.size, kit = excluded.kit, handing = excluded.handing,
    state = excluded.state, joined = excluded.joined, left_on = excluded.left_on, paid_to = excluded.paid_to, notes = excluded.notes,
    sheet = excluded.sheet`;

/** Adds people, or writes them anew. */
export async function putPeople(db: pg.ClientBase, slug: string, people: readonly Person[]): Promise<void> {
  await db.query(PUT, [slug, JSON.stringify(people)]);
}

const TOUCHED = `
  select t.name from participant t join programme p on p.id = t.programme_id
  where slug = $1 and t.id = any($2) and (
    exists (select 1 from kit where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from mail where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from sheet_held where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from question where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from progress where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from measurement where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from layout_check where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from sewing where programme_id = p.id and participant_id = t.id)
    or exists (select 1 from page_code where participant_id = t.id)
    or exists (select 1 from page_device where participant_id = t.id)
    or exists (select 1 from page_pin where participant_id = t.id)
    or exists (select 1 from picture where programme_id = p.id and participant_id = t.id))
  order by t.name limit 5`;

/** Names of those who have a kit, a sheet, a mail, a question, a measurement, a checked layout, a sheet begun, a picture or a ticked step already, or have opened their page: what would go with them. */
export async function touchedPeople(db: pg.ClientBase, slug: string, ids: readonly string[]): Promise<string[]> {
  return (await db.query<{ name: string }>(TOUCHED, [slug, ids])).rows.map((r) => r.name);
}

const FREE_KITS = `
  update kit set participant_id = null from programme p where p.id = programme_id and slug = $1 and participant_id = any($2)`;
const DELETE = `delete from participant using programme p where p.id = programme_id and slug = $1 and participant.id = any($2)`;

/** Takes people off with all that is kept of them; kits that were made for them stay, for nobody. */
export async function deletePeople(db: pg.ClientBase, slug: string, ids: readonly string[]): Promise<void> {
  await db.query(FREE_KITS, [slug, ids]);
  await db.query(DELETE, [slug, ids]);
}

const HASHES = `
  update participant set link_hash = decode(r.hash, 'hex') from programme p, jsonb_to_recordset($2::jsonb) as r(id uuid, hash text)
  where p.id = programme_id and slug = $1 and participant.id = r.id`;

/** Keeps the hashes of people's links, by id. */
export async function keepHashes(
  db: pg.ClientBase,
  slug: string,
  hashes: readonly { id: string; hash: string }[],
): Promise<void> {
  await db.query(HASHES, [slug, JSON.stringify(hashes)]);
}

const RENEW = `
  update participant set link = link + 1, link_hash = null from programme p
  where p.id = programme_id and slug = $1 and participant.id = $2 returning link`;

/** Ends a person's link; the number of the next one, or undefined where there is no such person. */
export async function endLink(db: pg.ClientBase, slug: string, id: string): Promise<number | undefined> {
  return (await db.query<{ link: number }>(RENEW, [slug, id])).rows[0]?.link;
}

const BY_LINK = `
  select ${COLUMNS}, slug from participant t join programme p on p.id = t.programme_id
  where link_hash = $1 and p.removed_at is null and t.state <> 'waiting'`;

/** The person whose link that is, and her programme; undefined where it was ended. */
export async function personByLink(db: pg.ClientBase, hash: Buffer): Promise<(StoredPerson & { slug: string }) | undefined> {
  return (await db.query<StoredPerson & { slug: string }>(BY_LINK, [hash])).rows[0];
}

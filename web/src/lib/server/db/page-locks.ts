/** Who opens participants' pages: devices, a person's own PIN, and codes for whoever has lost her link. */
import type pg from 'pg';

export interface PageDevice {
  device: string;
  first: Date;
  seen: Date;
  here: boolean;
}

/** Devices of one page that stay known. */
const MOST = 30;

const STATE = `
  select (select pin from page_pin where participant_id = $1) as pin, d.hash is not null as known, coalesce(d.unlocked, false) as unlocked, d.seen_at as seen
  from (select) as one left join page_device d on d.participant_id = $1 and d.hash = $2`;

export interface DoorState {
  /** The hash of her PIN, or null. */
  pin: string | null;
  known: boolean;
  unlocked: boolean;
  /** Null where the device is not known. */
  seen: Date | null;
}

/** How a page's door stands for a device, by the hash of its cookie. */
export const doorState = async (db: pg.ClientBase, participant: string, hash: Buffer): Promise<DoorState> =>
  (await db.query<DoorState>(STATE, [participant, hash])).rows[0]!;

const SEE = `
  insert into page_device (organisation_id, programme_id, participant_id, hash, device, first_at, seen_at, unlocked)
  select organisation_id, programme_id, id, $2, $3, $4, $4, $5 from participant where id = $1
  on conflict (programme_id, participant_id, hash) do update set seen_at = excluded.seen_at,
    device = case excluded.device when '' then page_device.device else excluded.device end, unlocked = page_device.unlocked or excluded.unlocked
  returning xmax = 0 as new`;
const OTHERS = `select count(*)::int as n from page_device where participant_id = $1 and hash <> $2`;
const FORGET = `
  delete from page_device where participant_id = $1 and hash not in (
    select hash from page_device where participant_id = $1 order by seen_at desc limit ${MOST})`;

/** Notes that a device opened the page; true where it is new and the page was opened on others before. */
export async function seeDevice(
  db: pg.ClientBase,
  participant: string,
  { hash, device, at, unlocked }: { hash: Buffer; device: string; at: Date; unlocked: boolean },
): Promise<boolean> {
  const { rows } = await db.query<{ new: boolean }>(SEE, [participant, hash, device, at, unlocked]);
  if (!rows[0]?.new) return false;
  await db.query(FORGET, [participant]);
  return (await db.query<{ n: number }>(OTHERS, [participant, hash])).rows[0]!.n > 0;
}

const DEVICES = `
  select device, first_at as first, seen_at as seen, hash = $2 as here from page_device where participant_id = $1
  order by seen_at desc, first_at desc`;

/** The devices on which a page was opened, the last first. */
export const pageDevices = async (db: pg.ClientBase, participant: string, hash: Buffer): Promise<PageDevice[]> =>
  (await db.query<PageDevice>(DEVICES, [participant, hash])).rows;

/** Forgets all devices but one: a new link opens on none of them. */
export const forgetOtherDevices = async (db: pg.ClientBase, participant: string, hash: Buffer): Promise<void> =>
  void (await db.query(`delete from page_device where participant_id = $1 and hash <> $2`, [participant, hash]));

const SET_PIN = `
  insert into page_pin (organisation_id, programme_id, participant_id, pin)
  select organisation_id, programme_id, id, $2 from participant where id = $1
  on conflict (programme_id, participant_id) do update set pin = excluded.pin`;

/** Asks for that PIN (its hash) from now on, on every device but this one. */
export async function setPin(db: pg.ClientBase, participant: string, pin: string, here: Buffer): Promise<void> {
  await db.query(SET_PIN, [participant, pin]);
  await db.query(`update page_device set unlocked = hash = $2 where participant_id = $1`, [participant, here]);
}

/** Asks for no PIN any more; false where none was asked for. */
export const deletePin = async (db: pg.ClientBase, participant: string): Promise<boolean> =>
  (await db.query(`delete from page_pin where participant_id = $1`, [participant])).rowCount === 1;

/** Whether a page asks for a PIN. */
export const hasPin = async (db: pg.ClientBase, participant: string): Promise<boolean> =>
  (await db.query(`select from page_pin where participant_id = $1`, [participant])).rowCount === 1;

const PUT_CODE = `
  insert into page_code (organisation_id, programme_id, participant_id, hash, ends_at)
  select organisation_id, programme_id, id, $2, $3 from participant where id = $1 and state <> 'waiting'
  on conflict (programme_id, participant_id) do update set hash = excluded.hash, ends_at = excluded.ends_at`;

/** Notes a code (its hash) for a person's page; false where there is no page for her. */
export const putCode = async (db: pg.ClientBase, participant: string, hash: Buffer, ends: Date): Promise<boolean> =>
  (await db.query(PUT_CODE, [participant, hash, ends])).rowCount === 1;

export interface CodeOf {
  organisation: string;
  programme: string;
  participant: string;
}
const TAKE_CODE = `
  delete from page_code where hash = $1 and ends_at > $2
  returning organisation_id as organisation, programme_id as programme, participant_id as participant`;

/** Uses a code up; whose page it opens, or undefined. At the door. */
export const takeCode = async (db: pg.ClientBase, hash: Buffer, at: Date): Promise<CodeOf | undefined> =>
  (await db.query<CodeOf>(TAKE_CODE, [hash, at])).rows[0];

/** Clears away codes that nobody used. At the door. */
export const sweepCodes = async (db: pg.ClientBase, at: Date): Promise<void> =>
  void (await db.query(`delete from page_code where ends_at <= $1`, [at]));

const LINK = `
  select link from participant t join programme p on p.id = t.programme_id
  where p.id = $1 and t.id = $2 and p.removed_at is null and t.state <> 'waiting'`;

/** How often a person's link was made anew; undefined where she has no page. */
export const linkCount = async (db: pg.ClientBase, programme: string, participant: string): Promise<number | undefined> =>
  (await db.query<{ link: number }>(LINK, [programme, participant])).rows[0]?.link;

export interface PageOfMail {
  participant: string;
  name: string;
  sheet: string;
  title: string;
}
const OF_MAIL = `
  select t.id as participant, t.name, t.sheet, p.title from participant t join programme p on p.id = t.programme_id
  where t.organisation_id = current_organisation() and lower(email) = $1 and email <> '' and p.removed_at is null and t.state <> 'waiting'
  order by p.title limit 10`;

/** Pages of whoever has that mail address, written small. */
export const pagesOfMail = async (db: pg.ClientBase, email: string): Promise<PageOfMail[]> =>
  (await db.query<PageOfMail>(OF_MAIL, [email])).rows;

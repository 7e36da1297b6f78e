/** Organisations: shops and guilds, each of which sees its own data only. */
import type pg from 'pg';

const INSERT = `insert into organisation (id, name) values ($1, $2) on conflict (id) do nothing`;

/** Adds an organisation; false when it is there already. */
export async function insertOrganisation(db: pg.ClientBase, id: string, name: string): Promise<boolean> {
  return (await db.query(INSERT, [id, name])).rowCount === 1;
}

const DELETE = `delete from organisation where id = $1`;

/** Deletes an organisation with everything it owns. */
export async function deleteOrganisation(db: pg.ClientBase, id: string): Promise<void> {
  // What is deleted as a whole keeps no record of its parts.
  await db.query(`select set_config('app.no_record', 'on', true)`);
  await db.query(DELETE, [id]);
  await db.query(`select set_config('app.no_record', '', true)`);
}

/** The name of the organisation that the transaction works for. */
export async function organisationName(db: pg.ClientBase): Promise<string> {
  const found = await db.query<{ name: string }>(`select name from organisation where id = current_organisation()`);
  return found.rows[0]?.name ?? '';
}

const LANGUAGE = `select language from organisation where id = current_organisation()`;

/** The language of the organisation that the transaction works for: 'en-GB'. */
export const organisationLanguage = async (db: pg.ClientBase): Promise<string> =>
  (await db.query<{ language: string }>(LANGUAGE)).rows[0]?.language ?? 'en-GB';

/** Sets the language of the organisation that the transaction works for. */
export async function setOrganisationLanguage(db: pg.ClientBase, language: string): Promise<void> {
  await db.query(`update organisation set language = $1 where id = current_organisation()`, [language]);
}

const IDS = `select id from organisation order by id`;

/** The ids of all organisations that the transaction may see. */
export async function organisationIds(db: pg.ClientBase): Promise<string[]> {
  return (await db.query<{ id: string }>(IDS)).rows.map((r) => r.id);
}

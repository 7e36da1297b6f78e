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
  await db.query(DELETE, [id]);
}

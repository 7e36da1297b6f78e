/** Pictures and photos between the database and a store outside (see the migration that lets them go there). */
import type pg from 'pg';

const FILED = ['picture', 'swatch_photo'] as const;
type Filed = (typeof FILED)[number];

/** Where a file stands: in the row, in the store, or in both while it is on its way. */
export interface Filing {
  jpeg: Buffer | null;
  object: string | null;
}

/** Gives files that stand in the database only their names in the store, some at a time; how many. */
export async function nameFiles(db: pg.ClientBase, most: number): Promise<number> {
  let named = 0;
  for (const table of FILED) {
    const { rowCount } = await db.query(
      `update ${table} set object = organisation_id || '/${table}/' || gen_random_uuid()
       where ctid in (select ctid from ${table} where object is null limit $1 for update skip locked)`,
      [most],
    );
    named += rowCount ?? 0;
  }
  return named;
}

/** One file that is on its way, held until the transaction ends; undefined where there is none. */
export async function fileOnItsWay(db: pg.ClientBase): Promise<{ table: Filed; object: string; jpeg: Buffer } | undefined> {
  for (const table of FILED) {
    const { rows } = await db.query<{ object: string; jpeg: Buffer }>(
      `select object, jpeg from ${table} where object is not null and jpeg is not null limit 1 for update skip locked`,
    );
    if (rows[0]) return { table, ...rows[0] };
  }
  return undefined;
}

/** Notes that a file has arrived: the database need not hold it any longer. */
export const fileArrived = async (db: pg.ClientBase, table: Filed, object: string): Promise<void> =>
  void (await db.query(`update ${table} set jpeg = null where object = $1`, [object]));

/** A file in the store whose row is gone, held until the transaction ends. By the clockwork, for all organisations. */
export const objectToDelete = async (db: pg.ClientBase): Promise<string | undefined> =>
  (await db.query<{ object: string }>(`select object from object_to_delete limit 1 for update skip locked`)).rows[0]?.object;

/** Notes that it is gone. */
export const objectDeleted = async (db: pg.ClientBase, object: string): Promise<void> =>
  void (await db.query(`delete from object_to_delete where object = $1`, [object]));

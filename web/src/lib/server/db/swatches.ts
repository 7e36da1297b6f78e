/** Photos of fabrics. */
import type pg from 'pg';
import type { Filing } from './files';

/** Keeps a photo; the same one twice is one. */
export async function insertPhoto(db: pg.ClientBase, organisation: string, id: string, jpeg: Buffer): Promise<void> {
  await db.query('insert into swatch_photo (organisation_id, id, jpeg) values ($1, $2, $3) on conflict do nothing', [
    ...[organisation, id, jpeg],
  ]);
}

/** Where one photo stands, or undefined. */
export const findPhoto = async (db: pg.ClientBase, id: string): Promise<Filing | undefined> =>
  (await db.query<Filing>('select jpeg, object from swatch_photo where id = $1', [id])).rows[0];

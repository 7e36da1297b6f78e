/** Photos of fabrics. */
import type pg from 'pg';
import type { Filing } from './files';

/** Photos of one house. */
export const MOST_PHOTOS = 5_000;

/** Keeps a photo; the same one twice is one. False where the house has as many as it may. */
export async function insertPhoto(db: pg.ClientBase, organisation: string, id: string, jpeg: Buffer): Promise<boolean> {
  const { rows } = await db.query<{ n: number }>('select count(*)::int as n from swatch_photo where id <> $1', [id]);
  if (rows[0]!.n >= MOST_PHOTOS) return false;
  await db.query('insert into swatch_photo (organisation_id, id, jpeg) values ($1, $2, $3) on conflict do nothing', [
    ...[organisation, id, jpeg],
  ]);
  return true;
}

/** Where one photo stands, or undefined. */
export const findPhoto = async (db: pg.ClientBase, id: string): Promise<Filing | undefined> =>
  (await db.query<Filing>('select jpeg, object from swatch_photo where id = $1', [id])).rows[0];

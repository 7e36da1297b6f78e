/** Photos of fabrics. */
import type pg from 'pg';

/** Keeps a photo; the same one twice is one. */
export async function insertPhoto(db: pg.ClientBase, organisation: string, id: string, jpeg: Buffer): Promise<void> {
  await db.query('insert into swatch_photo (organisation_id, id, jpeg) values ($1, $2, $3) on conflict do nothing', [
    ...[organisation, id, jpeg],
  ]);
}

/** One photo, or undefined. */
export async function findPhoto(db: pg.ClientBase, id: string): Promise<Buffer | undefined> {
  const { rows } = await db.query<{ jpeg: Buffer }>('select jpeg from swatch_photo where id = $1', [id]);
  return rows[0]?.jpeg;
}

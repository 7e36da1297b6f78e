/**
 * Old revisions, many to a pack: storage grows with what is different, not with how often somebody saves. Nothing is lost by it; every document is given
 * back letter by letter.
 */
import { promisify } from 'node:util';
import { brotliCompress, brotliDecompress, constants } from 'node:zlib';
import type pg from 'pg';

/** Revisions in a pack. */
export const PACK = 32;
/** The newest stay as they are: these are asked for all day. */
export const LOOSE = 32;

const compress = promisify(brotliCompress);
const decompress = promisify(brotliDecompress);

/** Wide enough that every document sees the ones before it. */
const QUALITY = {
  params: { [constants.BROTLI_PARAM_QUALITY]: 6, [constants.BROTLI_PARAM_LGWIN]: constants.BROTLI_MAX_WINDOW_BITS },
};

type Numbered = [revision: number, document: string];

const LOOSE_ONES = `
  select revision, document::text as document from programme_revision
  where programme_id = $1 and document is not null and revision between $2 and $3 order by revision`;
const FIRST_LOOSE = `
  select min(revision) as first, max(revision) as last from programme_revision where programme_id = $1 and document is not null`;

/** The documents that are to be packed next, as they were saved; none where the newest are all that there is. */
export async function toPack(db: pg.ClientBase, programme: string): Promise<Numbered[]> {
  const [found] = (await db.query<{ first: number | null; last: number }>(FIRST_LOOSE, [programme])).rows;
  if (!found || found.first === null) return [];
  // Packs begin at 1, 33, 65 …, whoever makes them.
  const first = found.first - ((found.first - 1) % PACK);
  const last = first + PACK - 1;
  if (last > found.last - LOOSE) return [];
  const { rows } = await db.query<{ revision: number; document: string }>(LOOSE_ONES, [programme, first, last]);
  return rows.map(({ revision, document }) => [revision, document]);
}

export const packed = (all: readonly Numbered[]): Promise<Buffer> => compress(Buffer.from(JSON.stringify(all)), QUALITY);

const PUT = `
  insert into revision_pack (organisation_id, programme_id, first, last, body)
  select current_organisation(), $1, $2, $3, $4 on conflict do nothing`;
const EMPTY = `
  update programme_revision set document = null where programme_id = $1 and revision = any($2)`;

/** Puts a pack in the place of its documents; false where somebody else did. */
export async function putPack(
  db: pg.ClientBase,
  programme: string,
  numbers: readonly number[],
  body: Buffer,
): Promise<boolean> {
  const { rowCount } = await db.query(PUT, [programme, numbers[0], numbers.at(-1), body]);
  if (rowCount !== 1) return false;
  await db.query(EMPTY, [programme, numbers]);
  return true;
}

const PACKS = `
  select distinct p.programme_id as id, p.first, p.body
  from unnest($1::uuid[], $2::int[]) as a (id, revision)
  join revision_pack p on p.programme_id = a.id and a.revision between p.first and p.last`;

/** Documents out of their packs, by '<programme> <revision>'. */
export async function unpacked(
  db: pg.ClientBase,
  asked: readonly { id: string; revision: number }[],
): Promise<ReadonlyMap<string, string>> {
  if (asked.length === 0) return new Map();
  const { rows } = await db.query<{ id: string; body: Buffer }>(PACKS, [asked.map((a) => a.id), asked.map((a) => a.revision)]);
  const found = new Map<string, string>();
  for (const { id, body } of rows)
    for (const [revision, document] of JSON.parse((await decompress(body)).toString()) as Numbered[])
      found.set(`${id} ${revision}`, document);
  return found;
}

/** Samples that were sewn of a month's blocks. */
import type { WrittenSize } from '@aggrega/core/running';
import type pg from 'pg';

export interface Sample {
  id: string;
  month: string;
  block: string;
  colourway: string;
  revision: number;
  sewnBy: string;
  sewnOn: string;
  /** By step. */
  minutes: Record<string, number>;
  measured: WrittenSize[];
  remarks: string;
}

const COLUMNS = `
  s.id, month, block, colourway, s.revision, sewn_by as "sewnBy", sewn_on::text as "sewnOn", minutes, measured, remarks`;
const LIST = `
  select ${COLUMNS} from sample s join programme p on p.id = s.programme_id
  where slug = $1 and ($2 = '' or month = $2) order by sewn_on desc, noted_at desc`;

/** Samples of a month, or of all months for '', newest first. */
export async function listSamples(db: pg.ClientBase, slug: string, month: string): Promise<Sample[]> {
  return (await db.query<Sample>(LIST, [slug, month])).rows;
}

/** The newest sample of a month, or undefined. */
export const newestSample = async (db: pg.ClientBase, slug: string, month: string): Promise<Sample | undefined> =>
  (await listSamples(db, slug, month))[0];

const INSERT = `
  insert into sample (organisation_id, programme_id, month, block, colourway, revision, sewn_by, sewn_on, minutes, measured, remarks, noted_at)
  select organisation_id, id, $2, $3, $4, revision, $5, $6, $7::jsonb, $8::jsonb, $9, $10 from programme where slug = $1`;

/** Notes a sample, sewn from the document as it stands. */
export async function insertSample(
  db: pg.ClientBase,
  slug: string,
  s: Omit<Sample, 'id' | 'revision'>,
  at: Date,
): Promise<void> {
  const values = [
    slug,
    s.month,
    s.block,
    s.colourway,
    s.sewnBy,
    s.sewnOn,
    JSON.stringify(s.minutes),
    JSON.stringify(s.measured),
    s.remarks,
    at,
  ];
  await db.query(INSERT, values);
}

const DELETE = `delete from sample using programme p where p.id = programme_id and slug = $1 and sample.id = $2`;

/** Takes a sample out of the log; false where there is none. */
export async function deleteSample(db: pg.ClientBase, slug: string, id: string): Promise<boolean> {
  return (await db.query(DELETE, [slug, id])).rowCount === 1;
}

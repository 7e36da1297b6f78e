/** Samples that were sewn of a month's blocks. */
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
  /** By checkpoint, as it was written. */
  measured: Record<string, string>;
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

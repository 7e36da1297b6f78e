/** The demonstration organisation, which the application serves until there are accounts. */
import { readProgramme } from '@aggrega/core/programme';
import allotmentYear from '$demo/allotment-year.aggrega.json';
import { deleteOrganisation, insertOrganisation } from './db/organisations';
import { asOrganisation } from './db/pool';
import { storeNew } from './programmes';

export const DEMO_ORGANISATION = '00000000-0000-4000-8000-000000000001';

/** Loads the demonstration data if it never was, or, with `fresh`, makes it anew; all of it or nothing. */
export async function loadDemo(fresh: boolean): Promise<void> {
  await asOrganisation(DEMO_ORGANISATION, async (db) => {
    if (fresh) await deleteOrganisation(db, DEMO_ORGANISATION);
    if (!(await insertOrganisation(db, DEMO_ORGANISATION, 'Quarry Road Quilters'))) return;
    const reading = readProgramme(allotmentYear);
    if (!reading.ok)
      throw new Error(`the demonstration programme is unsound: ${reading.errors[0]!.path} ${reading.errors[0]!.message}`);
    await storeNew(db, reading.file);
  });
}

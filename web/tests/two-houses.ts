/** Two houses on a fresh database, the first with the demonstration's programme. */
import demo from '../../demo/allotment-year.aggrega.json';
import { insertOrganisation } from '../src/lib/server/db/organisations';
import { asOrganisation } from '../src/lib/server/db/pool';
import { importProgramme } from '../src/lib/server/programme/programmes';
import { freshDatabase } from './fresh-database';

export const QUARRY = '00000000-0000-4000-8000-00000000000a';
export const MILL = '00000000-0000-4000-8000-00000000000b';

/** Makes them; resolves to the owner's connection string and the programme's slug. */
export async function twoHouses(): Promise<{ owner: string; slug: string }> {
  const owner = await freshDatabase();
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, `House ${id}`));
  const imported = await importProgramme(QUARRY, demo);
  if (imported.kind !== 'imported') throw new Error('the demonstration was refused');
  return { owner, slug: imported.slug };
}

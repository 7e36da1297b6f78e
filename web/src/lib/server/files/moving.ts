/**
 * Files on their way into the store, and out of the world. A file is taken in by the database, as everything else, so that a picture is kept even while the store
 * is away; the clockwork brings it over. Its name there is settled before it leaves: whatever dies in the middle, it is brought again under the same
 * name, or deleted by it.
 */
import { fileArrived, fileOnItsWay, nameFiles, objectDeleted, objectToDelete } from '../db/files';
import { asClockwork, asOrganisation } from '../db/pool';
import { putObject, removeObject } from './store';

/** Files that are moved at a time: releases and letters wait no longer than that. */
const AT_ONCE = 50;

/** Brings files that an organisation's rows hold into the store, so many at most; how many. Throws StoreAway where it does not answer. */
export async function bringFiles(organisation: string): Promise<number> {
  await asOrganisation(organisation, (db) => nameFiles(db, AT_ONCE));
  return untilNone(() =>
    asOrganisation(organisation, async (db) => {
      const file = await fileOnItsWay(db);
      if (!file) return false;
      await putObject(file.object, file.jpeg);
      await fileArrived(db, file.table, file.object);
      return true;
    }),
  );
}

/** Deletes files whose rows are gone; how many. Throws StoreAway where the store does not answer. */
export const deleteFiles = (): Promise<number> =>
  untilNone(() =>
    asClockwork(async (db) => {
      const object = await objectToDelete(db);
      if (object === undefined) return false;
      await removeObject(object);
      await objectDeleted(db, object);
      return true;
    }),
  );

/** Does it again and again, so many times at a time; how often there was something to do. */
async function untilNone(once: () => Promise<boolean>): Promise<number> {
  let done = 0;
  while (done < AT_ONCE && (await once())) done += 1;
  return done;
}

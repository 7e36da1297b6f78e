/** The mark of everything that an organisation owns: another one after every change (see the migration that makes it). */
import { inOneTrip, replicaStandsAt } from './pool';

const MARK = 'select mark from last_change';

/** The mark as it stands; undefined while nothing was changed since marks are kept. */
export const lastChange = async (organisation: string): Promise<string | undefined> =>
  (await inOneTrip<{ mark: string }>(organisation, MARK))[0]?.mark;

/** Whether a replica has seen everything that the organisation had changed up to that mark. */
export const replicaKnows = (organisation: string, mark: string | undefined): Promise<boolean> =>
  replicaStandsAt(organisation, MARK, mark);

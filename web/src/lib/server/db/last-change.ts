/** The mark of everything that an organisation owns: another one after every change (see the migration that makes it). */
import { inOneTrip } from './pool';

/** The mark as it stands; undefined while nothing was changed since marks are kept. */
export const lastChange = async (organisation: string): Promise<string | undefined> =>
  (await inOneTrip<{ mark: string }>(organisation, 'select mark from last_change'))[0]?.mark;

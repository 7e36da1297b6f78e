/** The queries behind the lists of people and kits, as the application asks them; each through a connection that explains instead of answering. */
import type pg from 'pg';
import { listHolders } from '../web/src/lib/server/db/held';
import { countKits, countLoose, listKits, listReady } from '../web/src/lib/server/db/kits';
import { countMails, listMails } from '../web/src/lib/server/db/mails';
import { findPeople, tallyPeople } from '../web/src/lib/server/db/participants';
import { ownRows } from '../web/src/lib/server/db/participant-page';

const months = Array.from({ length: 12 }, (_, i) => `m${i + 1}`);
const all = { find: '', state: '', colourway: '', size: '', handing: '', sort: 'name', down: false } as const;

/** Every query by what it is for. */
export const queries: Record<string, (db: pg.ClientBase, slug: string, person: string) => Promise<unknown>> = {
  'roster, first page': (db, slug) => findPeople(db, slug, all, { from: 0, most: 100, months }),
  'roster, found by name': (db, slug) => findPeople(db, slug, { ...all, find: '1234' }, { from: 0, most: 100, months }),
  'roster, counted': (db, slug) => tallyPeople(db, slug),
  'kits of the year, counted': (db, slug) => countKits(db, slug, months, 'yardage'),
  'kits of nobody, counted': (db, slug) => countLoose(db, slug),
  'kits of a packet': (db, slug) => listKits(db, slug, 'm1', 'yardage'),
  'pickup table': (db, slug) => listReady(db, slug, months, new Date()),
  'holders of a sheet': (db, slug) => listHolders(db, slug, 'm1'),
  'letters, newest page': (db, slug) => listMails(db, slug, { state: '', month: '', find: '', most: 100, from: 0 }),
  'letters, counted': (db, slug) => countMails(db, slug, 'm1'),
  'a participant’s own page': (db, _, person) => ownRows(db, person),
};

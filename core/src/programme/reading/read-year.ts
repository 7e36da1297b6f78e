/** Reads when what is done, and the money. */
import type { Calendar, Money, ProgrammeFile } from '../document/document';
import { isDay } from '../document/days';
import type { Refuse } from './read-length';
import { words } from './words';

/** Days before a release; of our own, with a fortnight between cloth in the house and the day (the steps: docs/craft.md, Running a programme). */
const DAYS = { proof: 7, sample: 14, pack: 2, cut: 5, house: 14 };
const HOURS = 6;

/** The calendar with its defaults. */
export function readCalendar({ calendar = {} }: ProgrammeFile, refuse: Refuse): Calendar {
  const { timeZone = 'UTC', time = '09:00', cadence, away = [], hours = HOURS, days = {} } = calendar;
  if (!isTimeZone(timeZone)) refuse('/calendar/timeZone', words.isNoTimeZoneWriteIt(timeZone));
  const day = (iso: string, path: string) => isDay(iso) || refuse(path, words.isNoDateOfTheCalendar(iso));
  if (cadence) day(cadence.start, '/calendar/cadence/start');
  away.forEach(({ from, to }, i) => {
    day(from, `/calendar/away/${i}/from`);
    day(to, `/calendar/away/${i}/to`);
    if (to < from) refuse(`/calendar/away/${i}/to`, words.isBefore(to, from));
  });
  return {
    ...{ timeZone, time, hours },
    ...(cadence && { cadence: { ...cadence, last: cadence.last ?? false } }),
    away: away.map(({ name = '', ...rest }) => ({ ...rest, name })),
    days: { ...DAYS, ...days },
  };
}

/** Asking for a zone's calendar takes a millisecond; there are some hundreds of zones. */
const zones = new Set<string>();

function isTimeZone(name: string): boolean {
  if (zones.has(name)) return true;
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    zones.add(name);
    return true;
  } catch {
    return false;
  }
}

/** What the programme costs and earns besides its cloth, with its defaults. */
export const readMoney = ({ money }: ProgrammeFile): Money => ({
  ...{ print: 0, packing: 0, postage: 0, rate: 0, packMinutes: 3, fixed: 0, tax: 0 },
  ...money,
});

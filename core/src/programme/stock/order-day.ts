/** When fabric has to be ordered to be in the house in time: one day for the order list and for the calendar. */
import type { Calendar, Fabric, Month, Programme } from '../document/document';
import { awayOn, dayAfter } from '../document/days';

/** The last day that serves a wanted one: work is not done on days away. With what is on then, where it is earlier. */
export function workingDay(wanted: string, { away }: Pick<Calendar, 'away'>): { day: string; because?: string } {
  const first = awayOn(wanted, away);
  let day = wanted;
  for (let known = first; known; known = awayOn(day, away)) day = dayAfter(known.from, -1);
  return { day, ...(first && { because: first.name || 'away' }) };
}

/**
 * The last day on which to order a fabric for some packets, as ISO writes it: its lead time before the day on which fabric for the first release
 * is to be in the house. Undefined while the lead time or the releases are not known.
 */
export function orderDay(
  { calendar }: Pick<Programme, 'calendar'>,
  { leadDays }: Pick<Fabric, 'leadDays'>,
  packets: readonly (readonly Month[])[],
): string | undefined {
  const release = packets.flatMap((months) => months[0]?.release ?? []).sort()[0];
  if (leadDays === undefined || !release) return undefined;
  return workingDay(dayAfter(release, -(calendar.days.house + leadDays)), calendar).day;
}

/** Days and minutes of the calendar; days as ISO writes them. */
import { Temporal } from 'temporal-polyfill';
import type { Calendar } from './document';

const plain = (day: string) => Temporal.PlainDate.from(day);

/** Whether that is a day of the calendar as ISO writes it: '2027-01-09'. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d\d-\d\d$/.test(text)) return false;
  try {
    return Temporal.PlainDate.from(text).toString() === text;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}

/** The day so many days later, or earlier. */
export const dayAfter = (day: string, days: number): string => plain(day).add({ days }).toString();

/** Days from one day to another; negative when the other is earlier. */
export const daysBetween = (from: string, to: string): number => plain(from).until(plain(to), { largestUnit: 'days' }).days;

/** The Monday of that day's week. */
export const mondayOf = (day: string): string => dayAfter(day, 1 - plain(day).dayOfWeek);

/** The nth such weekday of a month, or its last one where there are not so many. `weekday` runs from Monday, 1, to Sunday, 7. */
export function nthWeekday(year: number, month: number, weekday: number, nth: number | 'last'): string {
  const first = Temporal.PlainDate.from({ year, month: 1, day: 1 }).add({ months: month - 1 });
  const to = first.add({ days: (weekday - first.dayOfWeek + 7) % 7 });
  const all = [0, 1, 2, 3, 4].map((weeks) => to.add({ weeks })).filter((day) => day.month === first.month);
  return (nth === 'last' ? all.at(-1)! : (all[nth - 1] ?? all.at(-1)!)).toString();
}

/** Year, month and weekday of a day, and the how-manieth such weekday of its month it is. */
export function placeOfDay(day: string): { year: number; month: number; weekday: number; nth: number } {
  const date = plain(day);
  return { year: date.year, month: date.month, weekday: date.dayOfWeek, nth: Math.ceil(date.day / 7) };
}

/** Why a day is away, or undefined when it is not. */
export const awayOn = (day: string, away: Calendar['away']): Calendar['away'][number] | undefined =>
  away.find(({ from, to }) => from <= day && day <= to);

/**
 * The instant at which something of that day is released, as ISO writes it in UTC. Where clocks are put forward over the time, or it comes twice, it is
 * the later of the two readings: an embargo never ends early.
 */
export function releaseInstant(day: string, { time, timeZone }: Pick<Calendar, 'time' | 'timeZone'>): string {
  return plain(day)
    .toPlainDateTime(Temporal.PlainTime.from(time))
    .toZonedDateTime(timeZone, { disambiguation: 'later' })
    .toInstant()
    .toString();
}

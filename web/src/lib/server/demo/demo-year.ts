/** Dates the demonstration so that today lies within its year: some of it is past, some is still hidden. */
import { dayAfter, daysBetween, type ProgrammeFile } from '@aggrega/core/programme';

/** Days by which the demonstration's year is moved: whole weeks, so that Saturdays stay Saturdays, and its second month is past. */
export function daysToMove({ months = [] }: ProgrammeFile, today: string): number {
  const second = months[1]!.release!;
  let years = 0;
  const moved = (n: number) => Math.round((n * 365.25) / 7) * 7;
  while (dayAfter(second, moved(years)) > today) years -= 1;
  while (dayAfter(second, moved(years + 1)) <= today) years += 1;
  return moved(years);
}

/**
 * The document with its year about today. The last month stays hidden: around the turn of the year, when it would be out, it is put off for three
 * weeks. Orders are dated from today.
 */
export function demoAt(file: ProgrammeFile, today: string): ProgrammeFile {
  const days = daysToMove(file, today);
  const months = file.months!.map((m) => ({ ...m, ...(m.release && { release: dayAfter(m.release, days) }) }));
  const last = months.at(-1)!;
  if (last.release! <= dayAfter(today, 7)) last.release = dayAfter(today, 21);
  const due = file.orders?.[0]?.due;
  const moved = due ? daysBetween(due, today) - 6 : 0;
  const orders = file.orders?.map((order) => ({
    ...order,
    placed: dayAfter(order.placed, moved),
    ...(order.due && { due: dayAfter(order.due, moved) }),
    ...(order.deliveries && { deliveries: order.deliveries.map((d) => ({ ...d, date: dayAfter(d.date, moved) })) }),
  }));
  const { calendar } = file;
  const cadence = calendar?.cadence && { ...calendar.cadence, start: dayAfter(calendar.cadence.start, days) };
  const away = calendar?.away?.map((a) => ({ ...a, from: dayAfter(a.from, days), to: dayAfter(a.to, days) }));
  return {
    ...file,
    months,
    ...(orders && { orders }),
    ...(calendar && { calendar: { ...calendar, ...(cadence && { cadence }), ...(away && { away }) } }),
  };
}

/** A programme before its first month, which comes out so many weeks from today, or up to one more, on the same day of the week. */
export function demoAhead(file: ProgrammeFile, today: string, weeksAhead: number): ProgrammeFile {
  const first = file.months![0]!.release!;
  const weeks = Math.ceil(daysBetween(first, today) / 7) + weeksAhead;
  const moved = (day: string) => dayAfter(day, weeks * 7);
  const { cadence } = file.calendar ?? {};
  return {
    ...file,
    months: file.months!.map((m) => ({ ...m, ...(m.release && { release: moved(m.release) }) })),
    ...(file.calendar && {
      calendar: { ...file.calendar, ...(cadence && { cadence: { ...cadence, start: moved(cadence.start) } }) },
    }),
  };
}

/** Dates written in a CSV, moved alike. */
export const datesMoved = (text: string, days: number): string =>
  text.replace(/\b\d{4}-\d\d-\d\d\b/g, (day) => dayAfter(day, days));

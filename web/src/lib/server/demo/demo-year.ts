/** Dates the demonstration so that today lies in the middle of its year: five instalments are out, the others are ahead. */
import { dayAfter, daysBetween, nthWeekday, placeOfDay, type ProgrammeFile } from '@aggrega/core/programme';
import { releaseDays } from '@aggrega/core/running';
import { Temporal } from 'temporal-polyfill';

/** How many instalments are out. */
const OUT = 5;

const monthOf = (day: string): string => Temporal.PlainDate.from(day).toLocaleString('en', { month: 'long' });
/** The names of months, as months pass: an instalment that is called after its month is called after its new one. */
const renamed = (name: string | undefined, from: string, to: string) => (name === monthOf(from) ? monthOf(to) : name);

interface Move {
  /** The releases, in the order of the instalments. */
  releases: string[];
  away: { from: string; to: string; id: string; name?: string }[];
  /** Days by which the first release was moved: whole weeks. */
  days: number;
}

/** Where the year goes: by whole months, each release on its weekday of its month; the holidays stay in their season. */
function moveTo({ months = [], calendar }: ProgrammeFile, today: string): Move {
  const { start } = calendar!.cadence!;
  const { year, month, weekday, nth } = placeOfDay(start);
  const now = placeOfDay(today);
  const later = (n: number): Move => {
    const first = nthWeekday(year, month + n, weekday, nth);
    const away = (calendar!.away ?? []).map((a) => {
      const inYear = (y: number) => (day: string) =>
        Temporal.PlainDate.from(day)
          .add({ years: y - placeOfDay(a.from).year })
          .toString();
      const begun = placeOfDay(first).year;
      const moved = inYear(inYear(begun)(a.from) < first ? begun + 1 : begun);
      return { ...a, from: moved(a.from), to: moved(a.to) };
    });
    const cadence = { kind: 'monthly', start: first, last: false } as const;
    const releases = releaseDays({ cadence, away: away.map((a) => ({ ...a, name: a.name ?? '' })) }, months.length);
    return { releases: releases.map((r) => r.day), away, days: daysBetween(start, first) };
  };
  // The newest instalment that is out came this month or last.
  const n = (now.year - year) * 12 + now.month - month - OUT + 1;
  const moved = later(n);
  // What comes out today is still ahead in the morning.
  return moved.releases[OUT - 1]! < today ? moved : later(n - 1);
}

/** The document with its year about today. Orders are dated from today. */
export function demoAt(file: ProgrammeFile, today: string): ProgrammeFile {
  const { releases, away } = moveTo(file, today);
  const due = file.orders?.[0]?.due;
  const moved = due ? daysBetween(due, today) - 6 : 0;
  const orders = file.orders?.map((order) => ({
    ...order,
    placed: dayAfter(order.placed, moved),
    ...(order.due && { due: dayAfter(order.due, moved) }),
    ...(order.deliveries && { deliveries: order.deliveries.map((d) => ({ ...d, date: dayAfter(d.date, moved) })) }),
  }));
  return dated({ ...file, ...(orders && { orders }) }, releases, away);
}

/** A programme before its first instalment, which comes out so many weeks from today, or up to one more, on the same day of the week. */
export function demoAhead(file: ProgrammeFile, today: string, weeksAhead: number): ProgrammeFile {
  const first = file.months![0]!.release!;
  const weeks = Math.ceil(daysBetween(first, today) / 7) + weeksAhead;
  return dated(
    file,
    file.months!.map((m) => dayAfter(m.release!, weeks * 7)),
  );
}

function dated(file: ProgrammeFile, releases: readonly string[], away = file.calendar?.away): ProgrammeFile {
  const { calendar } = file;
  const cadence = calendar?.cadence && { ...calendar.cadence, start: releases[0]! };
  return {
    ...file,
    months: file.months!.map((m, i) => ({
      ...{ ...m, release: releases[i]! },
      ...(m.name && { name: renamed(m.name, m.release!, releases[i]!) }),
    })),
    ...(calendar && { calendar: { ...calendar, ...(cadence && { cadence }), ...(away && { away }) } }),
  };
}

/** A roster as CSV, moved with the year: its days, and the instalments that it names. */
export function rosterAt(text: string, file: ProgrammeFile, today: string): string {
  const { days, releases } = moveTo(file, today);
  const names = new Map(file.months!.map((m, i) => [m.name ?? '', renamed(m.name, m.release!, releases[i]!) ?? '']));
  const named = new RegExp(`\\b(${[...names.keys()].join('|')})\\b`, 'g');
  return text.replace(/\b\d{4}-\d\d-\d\d\b/g, (day) => dayAfter(day, days)).replace(named, (name) => names.get(name)!);
}

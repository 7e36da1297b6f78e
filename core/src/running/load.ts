/** Hours at the table against the hours there are: what does not fit its week moves earlier, and why is said. */
import type { Calendar, Month } from '../programme';
import { awayOn, dayAfter, mondayOf } from '../programme';
import { words as said } from './words';

export interface TableJob {
  month: Month;
  kind: 'cut' | 'pack';
  hours: number;
  /** The last day for it. */
  due: string;
}

export interface WeekPart {
  job: TableJob;
  hours: number;
  /** Not in the week in which it is due: weeks from there on were full. */
  moved: boolean;
}

export interface TableWeek {
  monday: string;
  /** Hours that there are, days away taken off. */
  has: number;
  parts: WeekPart[];
}

export interface TableLoad {
  /** From the first week in which there is work, or today's, to the last. */
  weeks: TableWeek[];
  /** Hours of jobs for which no week from today on has room. */
  over: { job: TableJob; hours: number }[];
  /** What moves and why, in words. */
  says: string[];
}

/**
 * Each job as late as there is room for it: from the last one backwards, so that a late job does not take an earlier one's week before it has to. Nothing
 * is put into weeks before today's. `date` writes days in its sentences.
 */
export function tableLoad(
  jobs: readonly TableJob[],
  calendar: Pick<Calendar, 'hours' | 'away'>,
  today: string,
  date: (iso: string) => string = String,
): TableLoad {
  const first = mondayOf(today);
  const weeks = new Map<string, TableWeek>();
  const weekOf = (monday: string): TableWeek => {
    const known = weeks.get(monday);
    if (known) return known;
    const week = { monday, has: calendar.hours * freeShare(monday, calendar.away), parts: [] };
    weeks.set(monday, week);
    return week;
  };
  const over: TableLoad['over'] = [];
  const latest = [...jobs].filter((j) => j.hours > 0).sort((a, b) => (a.due < b.due ? 1 : a.due > b.due ? -1 : 0));
  for (const job of latest) {
    let left = job.hours;
    const due = mondayOf(job.due);
    for (let monday = due; left > EPSILON && monday >= first; monday = dayAfter(monday, -7)) {
      const week = weekOf(monday);
      const room = week.has - week.parts.reduce((sum, p) => sum + p.hours, 0);
      const hours = Math.min(left, room);
      if (hours <= EPSILON) continue;
      week.parts.push({ job, hours, moved: monday !== due });
      left -= hours;
    }
    if (left > EPSILON) over.push({ job, hours: left });
  }
  const last = [...weeks.keys(), first].sort().at(-1)!;
  for (let monday = first; monday <= last; monday = dayAfter(monday, 7)) weekOf(monday);
  const inOrder = [...weeks.values()].sort((a, b) => (a.monday < b.monday ? -1 : 1));
  for (const week of inOrder) week.parts.sort((a, b) => (a.job.due < b.job.due ? -1 : a.job.due > b.job.due ? 1 : 0));
  return { weeks: inOrder, over, says: words(inOrder, over, date) };
}

/** Hours that are no work but rounding. */
const EPSILON = 1e-6;

/** Of a week's seven days, those on which nobody is away. */
function freeShare(monday: string, away: Calendar['away']): number {
  const days = [0, 1, 2, 3, 4, 5, 6].map((i) => dayAfter(monday, i));
  return days.filter((day) => !awayOn(day, away)).length / 7;
}

function words(weeks: readonly TableWeek[], over: TableLoad['over'], date: (iso: string) => string): string[] {
  const hours = (n: number) => `${Math.round(n * 10) / 10} h`;
  const doing = { cut: 'cutting', pack: 'packing' };
  const byMonday = new Map(weeks.map((w) => [w.monday, w]));
  const moves = weeks.flatMap((week) =>
    week.parts
      .filter((p) => p.moved)
      .map(({ job, hours: n }) => {
        const due = byMonday.get(mondayOf(job.due))!;
        const why = due.has === 0 ? said.isAllDaysOff : said.hasAndIsFull(hours(due.has));
        return said.ofMovedForwardToTheWeek(
          job.month.name,
          hours(n),
          doing[job.kind],
          date(week.monday),
          date(due.monday),
          why,
        );
      }),
  );
  const short = over.map(({ job, hours: n }) =>
    said.ofWontFitBeforeGetHelp(job.month.name, hours(n), doing[job.kind], date(job.due)),
  );
  return [...short, ...moves];
}

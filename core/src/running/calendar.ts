/** When what has to be done: releases by a cadence, and backwards from each what comes before it (docs/craft.md, Running a programme). */
import {
  awayOn,
  dayAfter,
  fabricsOfPacket,
  handsOut,
  mayBeIn,
  nthWeekday,
  orderDay,
  placeOfDay,
  workingDay,
  type Calendar,
  type Month,
  type Programme,
} from '../programme';

export { stepNames } from './words';

export interface ReleaseDay {
  day: string;
  /** The day that the cadence names, where somebody is away on it, and what is on then. */
  instead?: { day: string; because: string };
}

/**
 * So many releases by a cadence. A release that falls on a day away is a week later, or more: people come on the same weekday. A weekly or
 * fortnightly cadence goes on from there; a monthly one keeps its place in the month.
 */
export function releaseDays({ cadence, away }: Pick<Calendar, 'cadence' | 'away'>, count: number): ReleaseDay[] {
  if (!cadence) return [];
  const { kind, start, last } = cadence;
  const place = placeOfDay(start);
  const days: ReleaseDay[] = [];
  let next = start;
  for (let i = 0; i < count; i += 1) {
    if (kind === 'monthly') next = nthWeekday(place.year, place.month + i, place.weekday, last ? 'last' : place.nth);
    const wanted = next;
    const because = awayOn(wanted, away);
    while (awayOn(next, away)) next = dayAfter(next, 7);
    days.push({ day: next, ...(because && { instead: { day: wanted, because: because.name || 'away' } }) });
    if (kind !== 'monthly') next = dayAfter(next, kind === 'weekly' ? 7 : 14);
  }
  return days;
}

/** Steps on the way to a release, first to last. */
export const stepKinds = ['order', 'house', 'sample', 'proof', 'cut', 'pack', 'release'] as const;
export type StepKind = (typeof stepKinds)[number];

export interface CalendarStep {
  kind: StepKind;
  month: Month;
  /** The last day on which it is in time. */
  day: string;
  /** Why that is earlier than the days say: somebody is away then. */
  earlier?: string;
}

/** What has to be done before each release, by the last day for it, in order. Months without a date have no steps. */
export const calendarSteps = (programme: Programme): CalendarStep[] =>
  inOrder([...releaseSteps(programme), ...programme.months.flatMap((month) => orderStep(programme, month))]);

/** As calendarSteps, without when to order: for that, the fabrics of every packet have to be worked out. */
export function releaseSteps(programme: Programme): CalendarStep[] {
  const { calendar, months } = programme;
  const { days } = calendar;
  return inOrder(
    months.flatMap((month): CalendarStep[] => {
      if (!month.release) return [];
      const before = beforeRelease(programme, month);
      const own = [before('proof', days.proof), before('release', 0)];
      if (month.blocks.length > 0) own.push(before('sample', days.sample));
      if (buysFor(programme, month))
        own.push(before('cut', Math.max(days.cut, days.pack)), before('pack', days.pack), before('house', days.house));
      return own;
    }),
  );
}

/** A month's step so many days before its release, or earlier where somebody is away then. */
const beforeRelease =
  ({ calendar }: Programme, month: Month) =>
  (kind: StepKind, days: number): CalendarStep => {
    const { day, because } = workingDay(dayAfter(month.release!, -days), calendar);
    return { kind, month, day, ...(because && { earlier: because }) };
  };

/** Cloth of a packet comes and goes with its first month. */
const packetOf = ({ kits }: Programme, month: Month) => kits.packets.find((p) => p[0] === month);

function buysFor(programme: Programme, month: Month): boolean {
  const packet = packetOf(programme, month);
  return packet !== undefined && packet.some((m) => handsOut(programme, m)) && mayBeIn(programme, packet).length > 0;
}

/** The fabric that takes longest to come says when to order; one of which nobody knows says nothing. */
function orderStep(programme: Programme, month: Month): CalendarStep[] {
  if (!month.release || !buysFor(programme, month)) return [];
  const packet = packetOf(programme, month)!;
  const longest = fabricsOfPacket(programme, packet)
    .filter((f) => f.leadDays)
    .sort((a, b) => b.leadDays! - a.leadDays!)[0];
  const first = longest && orderDay(programme, longest, [packet]);
  if (!first) return [];
  const step = beforeRelease(programme, month)('order', programme.calendar.days.house + longest.leadDays!);
  return [{ ...step, day: first }];
}

function inOrder(steps: CalendarStep[]): CalendarStep[] {
  const order = (s: CalendarStep) => stepKinds.indexOf(s.kind);
  return steps.sort((a, b) => (a.day === b.day ? order(a) - order(b) : a.day < b.day ? -1 : 1));
}

/** The year in figures: fabric and what is left of it packet by packet, cost as the head count grows, and the weeks' load at the table. */
import { gramsOf } from '../../cutting';
import { boughtIn, costOfAll, lengthOfAll, packetAccounts, type PacketAccount } from './account';
import type { Colourway, Fabric, Month, Programme } from '../document/document';
import { dayAfter, mondayOf } from '../document/days';

export interface PacketFigures {
  number: number;
  months: readonly Month[];
  /** Fabric that is bought, as a length in the document's unit. */
  cloth: { colourway: Colourway; fabric: Fabric; length: number }[];
  /** What it costs; undefined while a fabric has no price. */
  cost?: number;
  /** Shares of its area: sewn, kept as remainders, scraps. They add up to 1 when anything is bought. */
  sewn: number;
  kept: number;
  scrap: number;
  scrapGrams: number;
  /** Minutes at the shop's cutting table, by the rates. */
  minutes: number;
}

/** Every packet that hands something out, by its account. Throws PlanError. */
export function* packetFigures(programme: Programme, people: Readonly<Record<string, number>> = {}): Generator<PacketFigures> {
  for (const account of packetAccounts(programme, { people })) yield figuresOf(programme, account);
}

function figuresOf(programme: Programme, account: PacketAccount): PacketFigures {
  const { number, months, minutes, area } = account;
  const share = (part: number) => (area.all === 0 ? 0 : part / area.all);
  const scrap = Math.max(0, area.all - area.sewn - area.kept);
  const cost = costOfAll(boughtIn(programme, [account]), programme);
  return {
    ...{ number, months, minutes },
    cloth: programme.colourways.flatMap((colourway) =>
      boughtIn(programme, [account], colourway).map((b) => ({
        ...{ colourway, fabric: b.fabric },
        length: lengthOfAll(b, programme.unit),
      })),
    ),
    ...(cost !== undefined && { cost }),
    ...{ sewn: share(area.sewn), kept: share(area.kept), scrap: share(scrap) },
    scrapGrams: gramsOf(scrap, programme.unit),
  };
}

export interface CostPoint {
  people: number;
  /** Fabric for one participant, the whole year: pieces cut all together, and a length for each kit. */
  together?: number;
  apart?: number;
}

/**
 * What a participant's fabric costs as the head count of a colourway grows, were everybody handed pieces, or lengths. Batches are planned by
 * what is found at once, so the first is a little high. Throws PlanError.
 */
export function* costCurve(programme: Programme, colourway: Colourway, heads: readonly number[]): Generator<CostPoint> {
  const nobody = Object.fromEntries(programme.colourways.map((c) => [c.id, 0]));
  const of = (kind: 'pre-cut' | 'yardage'): Programme => ({ ...programme, kits: { ...programme.kits, kind, otherKinds: [] } });
  const [cut, lengths] = [of('pre-cut'), of('yardage')];
  const cost = (made: Programme, people: number) => {
    const accounts = packetAccounts(made, { people: { ...nobody, [colourway.id]: people }, first: true });
    const all = costOfAll(boughtIn(made, [...accounts]), made);
    // Spares and demo sets are paid for by those who take part.
    return all === undefined ? undefined : all / people;
  };
  for (const people of heads) yield { people, together: cost(cut, people), apart: cost(lengths, people) };
}

export interface WeekLoad {
  /** ISO date of its Monday. */
  monday: string;
  minutes: number;
  /** The first months of the packets. */
  months: Month[];
}

/** Cutting falls into the week before the release. A rule of our own, until the calendar says otherwise. */
const DAYS_BEFORE = 7;

/** The weeks in which something is cut, in order; a packet whose first month has no date is in none. */
export function loadByWeek(figures: readonly Pick<PacketFigures, 'months' | 'minutes'>[]): WeekLoad[] {
  const weeks = new Map<string, WeekLoad>();
  for (const { months, minutes } of figures) {
    const [month] = months;
    if (!month?.release) continue;
    const monday = mondayOf(dayAfter(month.release, -DAYS_BEFORE));
    const week = weeks.get(monday) ?? { monday, minutes: 0, months: [] };
    week.minutes += minutes;
    week.months.push(month);
    weeks.set(monday, week);
  }
  return [...weeks.values()].sort((a, b) => (a.monday < b.monday ? -1 : 1));
}

/** How many will still take part when the months ahead come out, and what fabric to buy for them now. */
import type { Month, Programme } from '@aggrega/core/programme';
import { clothToBuy, daysBetween, forecast, seenSince, type ClothAdvice, type RosterSeen } from '@aggrega/core/running';

/** Days of a month on average. */
const MONTH = 365.25 / 12;
/** Beyond two years nothing is foretold. */
const MOST = 24;

export interface Outlook {
  /** Who takes part today. */
  people: number;
  /** Who left and who came since the first release. */
  seen: RosterSeen;
  /** Months that are out, with who took part on that day. */
  past: { month: Month; people: number }[];
  /** Months that are still to come out. */
  ahead: Month[];
  /** The odds, a month from today after the other; none where there is nobody. */
  odds: ReturnType<typeof forecast>;
}

/** `everybody`: all who are or were on the list; `heads`: who takes part, by colourway. */
export function outlookOf(
  programme: Programme,
  everybody: Parameters<typeof seenSince>[0],
  heads: Readonly<Record<string, number>>,
  today: string,
): Outlook {
  const first = programme.months.find((m) => m.release)?.release ?? '';
  const seen = seenSince(everybody, first, today);
  const people = Object.values(heads).reduce((a, b) => a + b, 0);
  const ahead = programme.months.filter((m) => m.release && m.release > today);
  const longest = Math.max(1, ...ahead.map((m) => monthsTo(m, today)));
  const tookPart = (day: string) =>
    everybody.filter((p) => p.state !== 'waiting' && p.joined <= day && (p.state !== 'left' || p.left > day)).length;
  const past = programme.months.flatMap((month) =>
    month.release && month.release <= today ? [{ month, people: tookPart(month.release) }] : [],
  );
  return { people, seen, past, ahead, odds: people > 0 ? forecast(people, seen, Math.min(MOST, longest)) : [] };
}

/** Months from today until a month comes out, at least one. */
const monthsTo = ({ release }: Month, today: string) => Math.max(1, Math.round(daysBetween(today, release!) / MONTH));

/** The odds for the day on which a month comes out; undefined where nothing is foretold. */
export const oddsFor = ({ odds }: Outlook, month: Month, today: string): Outlook['odds'][number] | undefined =>
  odds[Math.min(odds.length, monthsTo(month, today)) - 1];

/** What packets take of each fabric, by colourway: as the account of the year has it. */
export type ClothOfPackets = readonly { id: string; cloth: Record<string, Record<string, number>> }[];

/** What to buy now for the packets ahead, up to the day of that month. Fabric is bought with the month that starts its packet. */
export function adviceFor(
  programme: Programme,
  { ahead, seen, people }: Outlook,
  heads: Readonly<Record<string, number>>,
  { packets, month, today }: { packets: ClothOfPackets; month: Month; today: string },
): ClothAdvice[] {
  if (people === 0) return [];
  const left = new Set(ahead.map((m) => m.id));
  const cloth: Record<string, Record<string, number>> = {};
  for (const packet of packets.filter((p) => left.has(p.id)))
    for (const [colourway, lengths] of Object.entries(packet.cloth))
      for (const [id, length] of Object.entries(lengths))
        (cloth[colourway] ??= {})[id] = (cloth[colourway]?.[id] ?? 0) + length;
  const months = Math.min(MOST, monthsTo(month, today));
  return clothToBuy(programme, { seen, people: heads, cloth, releases: ahead.length, ahead: months });
}

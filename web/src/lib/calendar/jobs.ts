/** What is still to be cut and packed, in hours, by when. */
import type { Programme } from '@aggrega/core/programme';
import { calendarSteps, type TableJob } from '@aggrega/core/running';
import type { KitBoard } from '$lib/server/kits/kits';

/**
 * A job of cutting and one of packing for each packet. `minutes` are those of cutting a packet for everybody, by its first month. What the board counts as cut or
 * packed is done; without a roster everything is still to do. What is late, for people who joined since, is done with what comes next.
 */
export function tableJobs(
  programme: Programme,
  minutes: ReadonlyMap<string, number>,
  { counts }: Pick<KitBoard, 'counts'>,
  { people, today }: { people: number; today: string },
): TableJob[] {
  const steps = calendarSteps(programme);
  const next = (kind: 'cut' | 'pack') => steps.find((s) => s.kind === kind && s.day >= today)?.day ?? today;
  return programme.kits.packets.flatMap((packet): TableJob[] => {
    const [month] = packet;
    const due = (kind: 'cut' | 'pack') => {
      const day = steps.find((s) => s.month === month && s.kind === kind)?.day;
      return day && day < today ? next(kind) : day;
    };
    const own = counts.filter((c) => c.month === month!.id);
    const kits = own.reduce((n, c) => n + c.kits, 0);
    const left = (states: readonly string[]) => own.filter((c) => states.includes(c.state)).reduce((n, c) => n + c.kits, 0);
    const share = kits === 0 ? 1 : left(['planned']) / kits;
    const toPack = kits === 0 ? people : left(['planned', 'cut']);
    const cutting = minutes.get(month!.id) ?? 0;
    const [cutBy, packBy] = [due('cut'), due('pack')];
    return [
      ...(cutBy ? [{ month: month!, kind: 'cut' as const, hours: (cutting * share) / 60, due: cutBy }] : []),
      ...(packBy
        ? [{ month: month!, kind: 'pack' as const, hours: (toPack * programme.money.packMinutes) / 60, due: packBy }]
        : []),
    ].filter((job) => job.hours > 0);
  });
}

/** A cutting evening: exactly so many kits of each sort, fabric by fabric, shared among the hands that are there. */
import { shareOut } from '../cutting';
import type { Colourway, Fabric, Month, Programme } from './document';
import { labourOf, planCutting } from './plan';
import { handsOut } from './set-blocks';

export interface EveningKits {
  /** The first month of the packet. */
  month: string;
  colourway: string;
  /** A size option's id; '' for the plain size. */
  size: string;
  kits: number;
}

export interface EveningTask {
  months: Month[];
  colourway: Colourway;
  fabric: Fabric;
  kits: number;
  /** Of yardage, cut off the bolt; pieces of a cut form. */
  length: number;
  sheets: number;
  strips: number;
  minutes: number;
}

/** What is to be cut for those kits and no others: no spares, no demo sets, no step-outs. Throws PlanError. */
export function eveningTasks(programme: Programme, wanted: readonly EveningKits[]): EveningTask[] {
  const tasks: EveningTask[] = [];
  for (const packet of programme.kits.packets) {
    const months = packet.filter((m) => handsOut(programme, m));
    for (const colourway of programme.colourways) {
      const own = wanted.filter((w) => w.month === packet[0]!.id && w.colourway === colourway.id && w.kits > 0);
      const kits = own.reduce((n, w) => n + w.kits, 0);
      if (kits === 0 || months.length === 0) continue;
      const inSize = (size: string) => own.filter((w) => w.size === size).reduce((n, w) => n + w.kits, 0);
      const exactly: Programme = {
        ...programme,
        participants: new Map([[colourway.id, kits]]),
        kits: { ...programme.kits, spares: 0, demoSets: 0, stepOuts: [] },
        sizes: programme.sizes.map((s) => ({ ...s, participants: new Map([[colourway.id, inSize(s.id)]]) })),
      };
      const { fabrics } = planCutting(exactly, { colourway, months, basis: 'batch', participants: kits, first: true });
      for (const { fabric, plan } of fabrics) {
        if (fabric.own) continue;
        const { minutes, strips } = labourOf(programme, plan);
        const cut =
          'sheets' in plan ? { length: 0, sheets: plan.sheetsNeeded } : { length: plan.lengthNeeded.valueOf(), sheets: 0 };
        tasks.push({ months, colourway, fabric, kits, ...cut, strips, minutes });
      }
    }
  }
  return tasks;
}

/** The tasks of each hand, so that all are done at about the same time; in each, kits of one colourway stay together. */
export const eveningLists = (tasks: readonly EveningTask[], hands: number): EveningTask[][] =>
  shareOut(tasks, (t) => t.minutes, hands);

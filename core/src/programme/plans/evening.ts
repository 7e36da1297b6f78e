/** A cutting evening: exactly so many kits of each sort, fabric by fabric, shared among the hands that are there. */
import { shareOut } from '../../cutting';
import { packetAccount } from '../figures/account';
import { labourOf } from './plan';
import type { Colourway, Fabric, KitKind, Month, Programme } from '../document/document';
import { handsOut } from '../document/set-blocks';

export interface EveningKits {
  /** The first month of the packet. */
  month: string;
  colourway: string;
  /** A size option's id; '' for the plain size. */
  size: string;
  /** The programme's own when left out. */
  kind?: KitKind;
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
  /** Strips of the pieces that the shop cuts, or lengths that are handed out. */
  strips: number;
  minutes: number;
}

/** What is to be cut for those kits and no others: no spares, no demo sets, no step-outs. Throws PlanError. */
export function eveningTasks(programme: Programme, wanted: readonly EveningKits[]): EveningTask[] {
  const { rates } = programme.house;
  return programme.kits.packets.flatMap((packet, index) => {
    const months = packet.filter((m) => handsOut(programme, m));
    const asked = wanted.filter((w) => w.month === packet[0]!.id && w.kits > 0);
    if (months.length === 0 || asked.length === 0) return [];
    return programme.colourways.flatMap((colourway): EveningTask[] => {
      const groups = asked
        .filter((w) => w.colourway === colourway.id)
        .map(({ size, kind = programme.kits.kind, kits }) => ({
          ...{ colourway, kind, kits, people: kits },
          size: programme.sizes.find((s) => s.id === size),
        }));
      if (groups.length === 0) return [];
      const { cuts, batches } = packetAccount(programme, index, { groups });
      const kits = groups.reduce((n, g) => n + g.kits, 0);
      const pieces = new Map(batches.flatMap((b) => b.fabrics.map((f) => [f.fabric, f] as const)));
      return [...new Set(cuts.map((c) => c.fabric))].map((fabric) => {
        const own = cuts.filter((c) => c.fabric === fabric);
        const planned = pieces.get(fabric);
        const batch = planned && labourOf(programme, planned.plan);
        const lengths = own.filter((c) => c.use !== 'strip' && c.use !== 'squaring' && c.length.compare(0) > 0);
        const off = lengths.reduce((n, c) => n + c.qty, 0);
        const measured = off * (rates.setting + rates.pass + rates.strip) + (off > 0 ? rates.fabric : 0);
        return {
          ...{ months, colourway, fabric, kits },
          length: own.reduce((n, c) => n + c.length.valueOf() * c.qty, 0),
          sheets: own.reduce((n, c) => n + c.pieces * c.qty, 0),
          strips: (batch?.strips ?? 0) + off,
          minutes: (batch?.minutes ?? 0) + measured,
        };
      });
    });
  });
}

/** The tasks of each hand, so that all are done at about the same time; in each, kits of one colourway stay together. */
export const eveningLists = (tasks: readonly EveningTask[], hands: number): EveningTask[][] =>
  shareOut(tasks, (t) => t.minutes, hands);

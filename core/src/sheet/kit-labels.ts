/** What a kit's label says: whose it is, what lies in it, and a code that a scanner reads. */
import { handsOut, lettersOf, type Colourway, type KitKind, type Month, type Programme, type SizeOption } from '../programme';
import { monthSheet } from './month-sheet';

export interface KitLabel {
  /** Whose kit; '' for a spare. */
  name: string;
  programme: string;
  /** 'Frost, Double bed'. */
  made: string;
  /** 'February, Seed Drill and March, Cloche'. */
  months: string;
  /** A line for each fabric: 'B Water Butt, 1/2 yd' */
  contents: string[];
  code: string;
}

/** What lies in a kit of a packet, fabric by fabric, with its letters; amounts as the sheet names them. Throws PlanError. */
export function kitContents(
  programme: Programme,
  { months, colourway, size, kind }: { months: readonly Month[]; colourway: Colourway; size?: SizeOption; kind?: KitKind },
): string[] {
  const given = kind ?? programme.kits.kind;
  const found = new Map<string, string[]>();
  for (const month of months) {
    if (!handsOut(programme, month)) continue;
    for (const fabric of monthSheet(programme, month, colourway, size).fabrics) {
      const letters =
        fabric.roles.length > 0 ? fabric.roles.join(' ') : lettersOf(colourway).find(([, f]) => f.name === fabric.name)?.[0];
      const pieces = fabric.cuts.reduce((n, cut) => n + cut.qty, 0);
      const amount =
        given === 'pre-cut' || given === 'die-cut' ? `${pieces} ${pieces === 1 ? 'piece' : 'pieces'}` : fabric.amount;
      const key = [letters, fabric.name].filter(Boolean).join(' ');
      found.set(key, [...(found.get(key) ?? []), amount]);
    }
  }
  return [...found].map(([fabric, amounts]) => `${fabric}, ${amounts.join(' and ')}`).sort();
}

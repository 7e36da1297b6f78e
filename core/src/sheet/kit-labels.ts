/** What a kit's label says: whose it is, what lies in it, and a code that a scanner reads. */
import {
  handedOf,
  lettersOf,
  type Colourway,
  type Fabric,
  type KitKind,
  type Month,
  type Programme,
  type SizeOption,
} from '../programme';
import { finishingAmounts, handedAmounts, type HandedAmount } from './handed-amounts';
import { words } from './words/kit-labels';

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
  {
    kind = programme.kits.kind,
    ...whose
  }: { months: readonly Month[]; colourway: Colourway; size?: SizeOption; kind?: KitKind },
): string[] {
  const gets = handedOf(programme, { ...whose, kind });
  const line = ({ roles, name, use, amount, length }: HandedAmount) =>
    `${[roles.join(' '), name].filter(Boolean).join(' ')}${use ? ` (${use})` : ''}, ${amount || length}`;
  const finishing = finishingAmounts(programme, gets.finishing)
    // What everybody finds is in no bag.
    .filter((f) => f.amount)
    .map(line);
  switch (gets.way) {
    case 'lengths':
      return [...handedAmounts(programme, gets.packet, whose).map(line).sort(), ...finishing];
    case 'pieces':
      return [
        ...gets.pieces
          .map(({ fabric, roles, pieces }) => {
            const count = pieces.reduce((n, p) => n + p.qty, 0);
            const named = [lettersIn(whose.colourway, fabric, roles), fabric.name].filter(Boolean).join(' ');
            return `${named}, ${count} ${words.pieces(count)}`;
          })
          .sort(),
        ...finishing,
      ];
    case 'list':
      return [];
  }
}

/** The letters of a fabric, or where only a pool has it, the pool's. */
const lettersIn = (colourway: Colourway, fabric: Fabric, roles: readonly string[]) =>
  roles.length > 0 ? roles.join(' ') : (lettersOf(colourway).find(([, f]) => f === fabric)?.[0] ?? '');

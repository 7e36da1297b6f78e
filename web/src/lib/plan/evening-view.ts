/** The work lists of a cutting evening as plain data. */
import { formatLength, ratio } from '@aggrega/core/measure';
import { eveningLists, eveningTasks, formName, type EveningKits, type Programme } from '@aggrega/core/programme';

export interface EveningHand {
  minutes: number;
  tasks: {
    months: string;
    colourway: string;
    fabric: string;
    colour: string;
    kits: number;
    amount: string;
    strips: number;
    minutes: number;
  }[];
}

/** The work lists of a cutting evening, one for each hand. Throws PlanError. */
export function eveningView(programme: Programme, kits: readonly EveningKits[], hands: number): EveningHand[] {
  return eveningLists(eveningTasks(programme, kits), hands).map((tasks) => ({
    minutes: tasks.reduce((n, t) => n + t.minutes, 0),
    tasks: tasks.map((t) => ({
      ...{
        months: t.months.map((m) => m.name).join(' and '),
        colourway: t.colourway.name,
        kits: t.kits,
        strips: t.strips,
        minutes: t.minutes,
      },
      ...{ fabric: t.fabric.name, colour: t.fabric.colour },
      amount:
        t.sheets > 0
          ? `${t.sheets} ${formName(t.fabric.form, t.sheets)}`
          : `${formatLength(ratio(String(Math.ceil(t.length * 8) / 8)), programme.unit)} ${programme.unit}`,
    })),
  }));
}

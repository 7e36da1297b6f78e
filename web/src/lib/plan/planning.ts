/** Plans while the head count turns: a worker's part, which remembers the document it was asked about. */
import { words } from './words';
import { readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { FIRST, planMonth, type MonthPlan } from './month-plan';

export interface PlanQuestion {
  /** Sent when the document has changed since the last question. */
  document?: ProgrammeFile;
  month: string;
  colourway: string;
  participants: number;
}

let programme: Programme | undefined;

/** The first plan of a month for so many people. */
export function plan({ document, month: monthId, colourway: colourwayId, participants }: PlanQuestion): MonthPlan {
  if (document) {
    const reading = readProgramme(document);
    programme = reading.ok ? reading.programme : undefined;
  }
  const month = programme?.months.find((m) => m.id === monthId);
  const colourway = programme?.colourways.find((c) => c.id === colourwayId);
  return programme && month && colourway
    ? planMonth(programme, month, colourway, participants, FIRST)
    : { ok: false, problems: [{ path: '', message: words.thisMonthOrColourwayIs }] };
}

/** Finds the final plan of every reading, the one that is looked at first: a worker's part. A newer question puts an end to an older one. */
import { planAims, type PlanAim } from '@aggrega/core/cutting';
import { readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { planMonth, type MonthPlan } from './month-plan';

export interface RefineQuestion {
  /** Sent when the document has changed since the last question. */
  document?: ProgrammeFile;
  month: string;
  colourway: string;
  participants: number;
  reading: PlanAim;
}

let programme: Programme | undefined;
let newest = 0;

/**
 * Hands each final plan to `found`. Answers with what one more participant would add to the cost of the cloth; undefined while a fabric has no price,
 * and where a newer question came.
 */
export async function refine(
  question: RefineQuestion,
  found: (reading: PlanAim, plan: MonthPlan) => void,
): Promise<number | undefined> {
  const id = (newest += 1);
  if (question.document) {
    const reading = readProgramme(question.document);
    programme = reading.ok ? reading.programme : undefined;
  }
  const known = programme;
  const month = known?.months.find((m) => m.id === question.month);
  const colourway = known?.colourways.find((c) => c.id === question.colourway);
  if (!known || !month || !colourway) return undefined;
  for (const reading of [question.reading, ...planAims.filter((r) => r !== question.reading)]) {
    found(reading, planMonth(known, month, colourway, question.participants, { reading, first: false }));
    // Lets a newer question in.
    await new Promise((done) => setTimeout(done));
    if (newest !== id) return undefined;
  }
  const cost = (people: number) => {
    const plan = planMonth(known, month, colourway, people, { reading: 'thriftiest', first: false });
    return plan.ok && plan.batch.costPerKit !== undefined ? plan.batch.costPerKit * plan.batch.kits : undefined;
  };
  const [now, more] = [cost(question.participants), cost(question.participants + 1)];
  return now === undefined || more === undefined ? undefined : more - now;
}

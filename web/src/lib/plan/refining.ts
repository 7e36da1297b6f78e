/** Finds the final plan as it is chosen, then that of every reading: a worker's part. A newer question puts an end to an older one. */
import { planAims, type PlanAim } from '@aggrega/core/cutting';
import { readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { nextCost } from './month-finals';
import { planMonth, type MonthPlan } from './month-plan';

/** A plan for all fabrics alike, or as each of them is planned for. */
export type Looked = PlanAim | 'chosen';

export interface RefineQuestion {
  /** Sent when the document has changed since the last question. */
  document?: ProgrammeFile;
  month: string;
  colourway: string;
  participants: number;
}

let programme: Programme | undefined;
let newest = 0;

/**
 * Hands each final plan to `found`. Answers with what one more participant would add to the cost of the cloth; undefined while a fabric has no price,
 * and where a newer question came.
 */
export async function refine(
  question: RefineQuestion,
  found: (of: Looked, plan: MonthPlan) => void,
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
  for (const of of ['chosen', ...planAims] as const) {
    const wanted = { ...(of !== 'chosen' && { reading: of }), first: false };
    found(of, planMonth(known, month, colourway, question.participants, wanted));
    // Lets a newer question in.
    await new Promise((done) => setTimeout(done));
    if (newest !== id) return undefined;
  }
  return nextCost(known, month, colourway, question.participants);
}

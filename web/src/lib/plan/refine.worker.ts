/** Finds the final plan of every reading, the one that is looked at first, in the background; a newer question puts an end to an older one. */
import { speak, type Language } from '@aggrega/core/words';
import { planAims, type PlanAim } from '@aggrega/core/cutting';
import { readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { planMonth, type MonthPlan } from './month-plan';

export interface RefineQuestion {
  id: number;
  /** Sent when the document has changed since the last question. */
  document?: ProgrammeFile;
  month: string;
  colourway: string;
  participants: number;
  reading: PlanAim;
  language: Language;
}

export interface RefineAnswer {
  id: number;
  reading: PlanAim;
  plan: MonthPlan;
}

/** What one more participant would add to the cost of the cloth; undefined while a fabric has no price. */
export interface NextAnswer {
  id: number;
  next: number | undefined;
}

let programme: Programme | undefined;
let newest = 0;

self.onmessage = async ({ data }: MessageEvent<RefineQuestion>) => {
  newest = data.id;
  speak(data.language);
  if (data.document) {
    const reading = readProgramme(data.document);
    programme = reading.ok ? reading.programme : undefined;
  }
  const month = programme?.months.find((m) => m.id === data.month);
  const colourway = programme?.colourways.find((c) => c.id === data.colourway);
  if (!programme || !month || !colourway) return;
  for (const reading of [data.reading, ...planAims.filter((r) => r !== data.reading)]) {
    const plan = planMonth(programme, month, colourway, data.participants, { reading, first: false });
    const answer: RefineAnswer = { id: data.id, reading, plan };
    self.postMessage(answer);
    // Lets a newer question in.
    await new Promise((done) => setTimeout(done));
    if (newest !== data.id) return;
  }
  const cost = (people: number) => {
    const plan = planMonth(programme!, month, colourway, people, { reading: 'thriftiest', first: false });
    return plan.ok && plan.batch.costPerKit !== undefined ? plan.batch.costPerKit * plan.batch.kits : undefined;
  };
  const [now, more] = [cost(data.participants), cost(data.participants + 1)];
  const answer: NextAnswer = { id: data.id, next: now === undefined || more === undefined ? undefined : more - now };
  self.postMessage(answer);
};

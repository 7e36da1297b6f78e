/** Plans while the head count turns, off the page's own thread. */
import { speak, type Language } from '@aggrega/core/words';
import { words } from './words';
import { readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { FIRST, planMonth, type MonthPlan } from './month-plan';

export interface PlanQuestion {
  id: number;
  /** Sent when the document has changed since the last question. */
  document?: ProgrammeFile;
  month: string;
  colourway: string;
  participants: number;
  language: Language;
}

export interface PlanAnswer {
  id: number;
  plan: MonthPlan;
}

let programme: Programme | undefined;

self.onmessage = ({ data }: MessageEvent<PlanQuestion>) => {
  speak(data.language);
  if (data.document) {
    const reading = readProgramme(data.document);
    programme = reading.ok ? reading.programme : undefined;
  }
  const month = programme?.months.find((m) => m.id === data.month);
  const colourway = programme?.colourways.find((c) => c.id === data.colourway);
  const plan: MonthPlan =
    programme && month && colourway
      ? planMonth(programme, month, colourway, data.participants, FIRST)
      : { ok: false, problems: [{ path: '', message: words.thisMonthOrColourwayIs }] };
  const answer: PlanAnswer = { id: data.id, plan };
  self.postMessage(answer);
};

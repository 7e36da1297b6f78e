/** Works out the pages of the year, a month's among them, and says how far it is: a worker's part. */
import {
  PlanError,
  readProgramme,
  withinStock,
  type EveningKits,
  type KitKind,
  type ProgrammeFile,
  type WithinStock,
} from '@aggrega/core/programme';
import { bundleViews } from './bundle-views';
import { packetViews } from './packet-views';
import { costView, figuresView, stockViews } from './year-views';
import { scatterView } from './scatter-view';
import { eveningView } from './evening-view';
import { monthFinals, monthReadings } from './month-finals';
import { words } from './words';

export type YearQuestion =
  | { kind: 'stock'; packets: number[]; people: Record<string, number> }
  | { kind: 'packets'; colourway: string; size?: string; kit?: KitKind }
  | { kind: 'figures'; people: Record<string, number> }
  | { kind: 'cost'; colourway: string }
  | { kind: 'evening'; kits: EveningKits[]; hands: number }
  | { kind: 'scatter'; colourway: string; size?: string }
  | { kind: 'month'; month: string; colourway: string; people: Record<string, number> }
  | { kind: 'readings'; month: string; colourway: string; people: number }
  | { kind: 'within-stock'; colourway: string };

/** What each question is answered with. */
export interface YearAnswers {
  stock: ReturnType<typeof stockViews>;
  packets: { packets: ReturnType<typeof packetViews>; bundles: ReturnType<typeof bundleViews> };
  figures: ReturnType<typeof figuresView>;
  cost: ReturnType<typeof costView>;
  evening: ReturnType<typeof eveningView>;
  scatter: ReturnType<typeof scatterView>;
  month: ReturnType<typeof monthFinals>;
  readings: ReturnType<typeof monthReadings>;
  'within-stock': WithinStock;
}

export type YearReply = { answer: YearAnswers[keyof YearAnswers] } | { problems: { path: string; message: string }[] };

/** Answers a question about a programme; `progress` hears the share that is done. */
export function work(document: ProgrammeFile, question: YearQuestion, progress: (share: number) => void): YearReply {
  const reading = readProgramme(document);
  if (!reading.ok) return { problems: reading.errors };
  const { programme } = reading;
  try {
    switch (question.kind) {
      case 'stock':
        return { answer: stockViews(programme, question.packets, question.people, progress) };
      case 'packets': {
        const packets = packetViews(programme, question.colourway, question.size, question.kit);
        return { answer: { packets, bundles: bundleViews(programme, question.colourway, question.size) } };
      }
      case 'figures':
        return { answer: figuresView(programme, question.people, progress) };
      case 'cost':
        return { answer: costView(programme, question.colourway, progress) };
      case 'evening':
        return { answer: eveningView(programme, question.kits, question.hands) };
      case 'scatter':
        return { answer: scatterView(programme, question.colourway, question.size) };
      case 'month':
      case 'readings': {
        const month = programme.months.find((m) => m.id === question.month);
        const colourway = programme.colourways.find((c) => c.id === question.colourway);
        if (!month || !colourway) return { problems: [{ path: '', message: words.thisMonthOrColourwayIs }] };
        return question.kind === 'month'
          ? { answer: monthFinals(programme, { month, colourway, people: question.people }) }
          : { answer: monthReadings(programme, { month, colourway, people: question.people }) };
      }
      case 'within-stock':
        return { answer: withinStock(document, question.colourway, progress) };
    }
  } catch (error) {
    if (error instanceof PlanError) return { problems: error.problems };
    throw error;
  }
}

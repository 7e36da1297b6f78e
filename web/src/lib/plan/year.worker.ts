/** Works out the pages of the whole year off the page's own thread, and says how far it is. */
import { speak, type Language } from '@aggrega/core/words';
import {
  PlanError,
  readProgramme,
  withinStock,
  type EveningKits,
  type KitKind,
  type ProgrammeFile,
  type WithinStock,
} from '@aggrega/core/programme';
import { bundleViews, costView, figuresView, packetViews, stockViews } from './year-views';
import { scatterView } from './scatter-view';
import { eveningView } from './evening-view';

export type YearQuestion =
  | { kind: 'stock'; packets: number[]; people: Record<string, number> }
  | { kind: 'packets'; colourway: string; size?: string; kit?: KitKind }
  | { kind: 'figures'; people: Record<string, number> }
  | { kind: 'cost'; colourway: string }
  | { kind: 'evening'; kits: EveningKits[]; hands: number }
  | { kind: 'scatter'; colourway: string; size?: string }
  | { kind: 'within-stock'; colourway: string };

/** What each question is answered with. */
export interface YearAnswers {
  stock: ReturnType<typeof stockViews>;
  packets: { packets: ReturnType<typeof packetViews>; bundles: ReturnType<typeof bundleViews> };
  figures: ReturnType<typeof figuresView>;
  cost: ReturnType<typeof costView>;
  evening: ReturnType<typeof eveningView>;
  scatter: ReturnType<typeof scatterView>;
  'within-stock': WithinStock;
}

export type YearReply =
  { progress: number } | { answer: YearAnswers[keyof YearAnswers] } | { problems: { path: string; message: string }[] };

self.onmessage = ({ data }: MessageEvent<{ document: ProgrammeFile; question: YearQuestion; language: Language }>) => {
  speak(data.language);
  const reply = (message: YearReply) => self.postMessage(message);
  const progress = (share: number) => reply({ progress: share });
  const reading = readProgramme(data.document);
  if (!reading.ok) return reply({ problems: reading.errors });
  const { programme } = reading;
  const { question } = data;
  try {
    switch (question.kind) {
      case 'stock':
        return reply({ answer: stockViews(programme, question.packets, question.people, progress) });
      case 'packets': {
        const packets = packetViews(programme, question.colourway, question.size, question.kit);
        return reply({ answer: { packets, bundles: bundleViews(programme, question.colourway, question.size) } });
      }
      case 'figures':
        return reply({ answer: figuresView(programme, question.people, progress) });
      case 'cost':
        return reply({ answer: costView(programme, question.colourway, progress) });
      case 'evening':
        return reply({ answer: eveningView(programme, question.kits, question.hands) });
      case 'scatter':
        return reply({ answer: scatterView(programme, question.colourway, question.size) });
      case 'within-stock':
        return reply({ answer: withinStock(data.document, question.colourway, progress) });
    }
  } catch (error) {
    if (error instanceof PlanError) return reply({ problems: error.problems });
    throw error;
  }
};

/** Weighs a block's choices off the page's own thread. */
import { readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { blockChoices, type BlockChoices } from './choices';

export interface ChoicesQuestion {
  id: number;
  document: ProgrammeFile;
  month: string;
  block: number;
  colourway: string;
}

export interface ChoicesAnswer {
  id: number;
  choices?: BlockChoices;
}

self.onmessage = ({ data }: MessageEvent<ChoicesQuestion>) => {
  const reading = readProgramme(data.document);
  const programme = reading.ok ? reading.programme : undefined;
  const entry = programme?.months.find((m) => m.id === data.month)?.blocks[data.block];
  const colourway = programme?.colourways.find((c) => c.id === data.colourway);
  const answer: ChoicesAnswer = { id: data.id, choices: entry && colourway && blockChoices(programme!, entry, colourway) };
  self.postMessage(answer);
};

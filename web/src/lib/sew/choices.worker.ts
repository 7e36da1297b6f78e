/** Weighs a block's choices off the page's own thread. */
import { readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { speak } from '@aggrega/core/words';
import { expose } from 'comlink';
import { blockChoices, type BlockChoices } from './choices';

export interface ChoicesQuestion {
  document: ProgrammeFile;
  month: string;
  block: number;
  colourway: string;
}

function weigh({ document, month, block, colourway: colourwayId }: ChoicesQuestion): BlockChoices | undefined {
  const reading = readProgramme(document);
  const programme = reading.ok ? reading.programme : undefined;
  const entry = programme?.months.find((m) => m.id === month)?.blocks[block];
  const colourway = programme?.colourways.find((c) => c.id === colourwayId);
  return entry && colourway && blockChoices(programme!, entry, colourway);
}

const offered = { speak, weigh };
export type ChoicesOffers = typeof offered;
expose(offered);

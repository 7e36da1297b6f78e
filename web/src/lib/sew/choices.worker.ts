/** Weighs a block's choices off the page's own thread. */
import { readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { speak } from '@aggrega/core/words';
import { expose } from 'comlink';
import type { Joining } from '@aggrega/core/construction';
import type { SizeBySeams } from '@aggrega/core/foresee';
import { blockChoices, type BlockChoices } from './choices';
import { foretell, type Foretold } from './foretelling';

export interface ChoicesQuestion {
  document: ProgrammeFile;
  month: string;
  block: number;
  colourway: string;
}

function entryOf({ document, month, block, colourway: colourwayId }: ChoicesQuestion) {
  const reading = readProgramme(document);
  const programme = reading.ok ? reading.programme : undefined;
  const entry = programme?.months.find((m) => m.id === month)?.blocks[block];
  const colourway = programme?.colourways.find((c) => c.id === colourwayId);
  return programme && entry && colourway && { programme, entry, colourway };
}

function weigh(question: ChoicesQuestion): BlockChoices | undefined {
  const found = entryOf(question);
  return found && blockChoices(found.programme, found.entry, found.colourway);
}

/** How likely the block comes out, by the ways that are offered. */
function foretold({
  joinings,
  sizes,
  ...question
}: ChoicesQuestion & { joinings: Pick<Joining, 'name' | 'usual'>[]; sizes: readonly SizeBySeams[] }): Foretold | undefined {
  const found = entryOf(question);
  return found && foretell(found.programme, found.entry, found.colourway, joinings, sizes);
}

const offered = { speak, weigh, foretold };
export type ChoicesOffers = typeof offered;
expose(offered);

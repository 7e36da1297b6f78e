/** Holds lists against drawings off the page's own thread. */
import { readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import type { ProofText } from '@aggrega/core/proof';
import { speak } from '@aggrega/core/words';
import { expose } from 'comlink';
import { proofOf, type ProofQuestion } from './proofing';

interface Asked extends ProofQuestion {
  document: ProgrammeFile;
  month: string;
  colourway: string;
}

function proof({ document, month: monthId, colourway: colourwayId, ...question }: Asked): ProofText | undefined {
  const reading = readProgramme(document);
  const programme = reading.ok ? reading.programme : undefined;
  const month = programme?.months.find((m) => m.id === monthId);
  const colourway = programme?.colourways.find((c) => c.id === colourwayId);
  return programme && month && colourway && proofOf({ programme, month, colourway }, question);
}

const offered = { speak, proof };
export type ProofOffers = typeof offered;
expose(offered);

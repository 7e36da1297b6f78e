/** A text held against the blocks of a month: plain data, for a worker. */
import { constructMonthBlock, type Colourway, type Month, type Programme } from '@aggrega/core/programme';
import { knownFabrics, proofContract, proofread, type ProofText } from '@aggrega/core/proof';

export interface ProofQuestion {
  text: string;
  /** The place of a block in the month; all of them where it is left out. */
  block?: number;
  /** Blocks that the list is for, where somebody has said so. */
  blocks?: number;
  roles: Readonly<Record<string, string | null>>;
}

export function proofOf(
  { programme, month, colourway }: { programme: Programme; month: Month; colourway: Colourway },
  { text, block, blocks, roles }: ProofQuestion,
): ProofText {
  const entries = block === undefined ? month.blocks : [month.blocks[block]!];
  const drawn = entries.map((entry) => constructMonthBlock(programme, entry, colourway));
  const fabrics = knownFabrics(drawn, colourway.fabrics);
  return proofContract(proofread(text, drawn, { fabrics, roles, ...(blocks !== undefined && { blocks }) }), programme.unit);
}

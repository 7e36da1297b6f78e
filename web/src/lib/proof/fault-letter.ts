/** The faults of a cutting list as a text for its author. */
import type { ProofRow, ProofText } from '@aggrega/core/proof';
import { words } from './words';

export interface NamedFabric {
  role: string;
  name: string;
}

/** 'B (Water Butt): 4 squares of 2 1/2 in, for U1' */
export function missingText({ role, pieces, for: units }: ProofRow, fabrics: readonly NamedFabric[]): string {
  const name = fabrics.find((f) => f.role === role)?.name;
  return words.missingRow(role, name ? ` (${name})` : '', pieces, units.length > 0 ? words.forUnits(units.join(', ')) : '');
}

/** Only what is to be looked at: faults, and what cannot be read or told. */
export function faultLetter(proof: ProofText, block: string, size: string, fabrics: readonly NamedFabric[]): string {
  const lines = proof.lines
    .filter(({ is }) => is === 'wrong' || is === 'doubt')
    .map(({ line, text, verdicts }) => words.letterLine(line, text, verdicts.map(({ says }) => says).join(' ')));
  const missing = proof.missing.map((row) => words.letterMissing(missingText(row, fabrics)));
  return `${[words.letterHead(block, size), '', ...lines, ...missing].join('\n')}\n`;
}

/** proof: a cutting list as somebody wrote it, held against the drawing. */
export { proofContract, type ProofRow, type ProofText } from './contract';
export { knownFabrics, proofread, type Proof, type ProofName, type ProofRequest } from './proof';
export type { Verdict } from './verdicts';

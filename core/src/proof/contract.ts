/** A proof as plain data, as the command line prints it and a page shows it. */
import { formatLength, type LengthUnit } from '../measure';
import type { Proof, ProofName } from './proof';
import { sayPieces, sayStrip, sayUnread, sayVerdict } from './said';
import { isRight, type Told, type Verdict } from './verdicts';

export interface ProofRow {
  role: string;
  /** '4 squares of 2 1/2 in' */
  pieces: string;
  /** The units that they are for. */
  for: string[];
}

export interface ProofText {
  unit: LengthUnit;
  /** How many blocks the list is held to be for. */
  make: number;
  /** Lines that are right, of those that are about cutting. */
  right: number;
  of: number;
  /** What each line of the list is; 'doubt' where it cannot be read or told, 'aside' and without verdicts where it is about something else. */
  lines: {
    line: number;
    text: string;
    is: 'right' | 'wrong' | 'doubt' | 'aside';
    verdicts: { is: Verdict['is'] | 'unread' | 'strip'; says: string }[];
  }[];
  missing: ProofRow[];
  fabrics: ProofName[];
  /** Units that the list makes in another way than the programme: what to choose for it. */
  methods: { unit: string; name: string; method: string; kind: string; title: string; oversize: string }[];
  readings: Proof['readings'];
}

export function proofContract(proof: Proof, unit: LengthUnit): ProofText {
  const row = (told: Told): ProofRow => ({ role: told.role, pieces: sayPieces(told, unit), for: told.for });
  return {
    ...{ unit, make: proof.blocks, right: proof.right, of: proof.of },
    lines: proof.lines.map(({ read, verdicts, strip }) => {
      const { line, text } = read;
      if (read.is === 'unread') return { line, text, is: 'doubt', verdicts: [{ is: 'unread', says: sayUnread(read.why) }] };
      const said: { is: Verdict['is'] | 'strip'; says: string }[] = verdicts.map((v) => ({
        is: v.is,
        says: sayVerdict(v, unit),
      }));
      if (strip) said.push({ is: 'strip', says: sayStrip(strip, unit) });
      const wrong = strip !== undefined || verdicts.some((v) => !isRight(v) && v.is !== 'which');
      const is = said.length === 0 ? 'aside' : wrong ? 'wrong' : verdicts.every(isRight) ? 'right' : 'doubt';
      return { line, text, is, verdicts: said };
    }),
    missing: proof.missing.map(row),
    fabrics: proof.names,
    methods: proof.methods
      .filter(({ chosen }) => !chosen)
      .map(({ unit: label, name, method, meant, oversize }) => ({
        ...{ unit: label, name, method, kind: meant.kind, title: meant.method },
        oversize: formatLength(oversize, unit),
      })),
    readings: proof.readings,
  };
}

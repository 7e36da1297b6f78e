/** A written length in pieces: a page that only sets lengths reckons with none. */

/** A length in the pieces that typography needs: whole part, and numerator over denominator if any. */
export interface LengthParts {
  whole: string;
  fraction?: [numerator: string, denominator: string];
}

/** Splits a written length ('2 7/8', '7/8', '16.5') for setting it with a real diagonal fraction. */
export function lengthParts(written: string): LengthParts {
  const match = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(written);
  if (!match) return { whole: written };
  return { whole: match[1] ?? '', fraction: [match[2]!, match[3]!] };
}

/** Edits anywhere in a document, sensible or not: entries dropped and turned round, texts replaced. */
import fc from 'fast-check';
import type { ProgrammeFile } from '../src/programme';

/** Places anywhere in a document, entries of lists by their number. */
function places(value: unknown, at: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [at];
  return [
    ...(at.length > 0 ? [at] : []),
    ...Object.keys(value).flatMap((k) => places((value as never)[k], [...at, Array.isArray(value) ? Number(k) : k])),
  ];
}

interface Edit {
  place: (string | number)[];
  how: 'drop' | 'set' | 'swap';
  text: string;
}

/** Up to six edits of a document, for fast-check. */
export const someEdits = (file: ProgrammeFile): fc.Arbitrary<Edit[]> =>
  fc.array(
    fc.record<Edit>({
      place: fc.constantFrom(...places(file)),
      how: fc.constantFrom('drop', 'set', 'swap'),
      text: fc.string({ maxLength: 12 }),
    }),
    { maxLength: 6 },
  );

/** A copy of the document with the edits made, as far as they can be. */
export function edited(file: ProgrammeFile, edits: readonly Edit[]): ProgrammeFile {
  const copy = structuredClone(file);
  for (const { place, how, text } of edits) {
    let holder = copy as never;
    for (const name of place.slice(0, -1)) holder = (holder?.[name] ?? undefined) as never;
    if (typeof holder !== 'object' || holder === null) continue;
    const last = place.at(-1)!;
    if (Array.isArray(holder)) {
      const list = holder as unknown[];
      if (how === 'drop') list.splice(Number(last), 1);
      else if (how === 'swap') list.reverse();
      else if (typeof list[Number(last)] === 'string') list[Number(last)] = text;
    } else if (how === 'drop') delete holder[last as never];
    else if (typeof holder[last as never] === 'string') (holder as Record<string, unknown>)[last] = text;
  }
  return copy;
}

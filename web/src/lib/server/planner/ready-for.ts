/** What pages of the year are sent with. */
import { readingOf } from '$lib/ask/reading';
import type { Ready } from '$lib/plan/server-answer';
import type { YearQuestion } from '$lib/plan/year-work';
import { handsOut, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { ready } from './worked-out';

/** A programme as its pages load it. */
export interface Loaded {
  organisation: string;
  revision: number;
  document: ProgrammeFile;
}

/** The answer to a page's question; undefined where nobody has worked it out yet: then the page asks. */
export async function readyFor<Kind extends YearQuestion['kind']>(
  { organisation, revision, document }: Loaded,
  question: (programme: Programme) => (YearQuestion & { kind: Kind }) | undefined,
): Promise<Ready<Kind> | undefined> {
  const reading = readingOf(document);
  const asked = reading.ok ? question(reading.programme) : undefined;
  if (!asked) return undefined;
  return ready<Kind>({ organisation, document, revision }, asked);
}

/** The month and the colourway that an address names, or the first; undefined where there is none of them, or nothing to cut. */
export function monthAsked({ document }: Loaded, id: string, colourway: string | null) {
  const reading = readingOf(document);
  if (!reading.ok) return undefined;
  const { months, colourways } = reading.programme;
  const month = months.find((m) => m.id === id);
  const cast = colourways.find((c) => c.id === colourway) ?? colourways[0];
  return month && cast && handsOut(reading.programme, month) ? { month, colourway: cast } : undefined;
}

/** The colourway that an address names, or the first; undefined where there is none. */
export const colourwayAsked = ({ colourways }: Programme, id: string | null) =>
  (colourways.find((c) => c.id === id) ?? colourways[0])?.id;

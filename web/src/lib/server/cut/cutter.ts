/** Files for a cutting machine, made from the stored programme. */
import { PlanError, cutterMats, type CutterMat, type Programme } from '@aggrega/core/programme';
import { programmeOf } from '../programme/programmes';
import { readingOf } from '$lib/ask/reading';

export type Mats =
  | { kind: 'mats'; programme: Programme; mats: CutterMat[] }
  | { kind: 'refused'; problems: { path: string; message: string }[] }
  | { kind: 'missing' };

/** The mats of a month for one kit, or for all kits of those enrolled or of `people`. */
export async function matsOf(
  organisation: string,
  { programme: slug, month: monthId }: { programme: string; month: string },
  asked: URLSearchParams,
): Promise<Mats> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  if (!reading?.ok) return { kind: 'missing' };
  const { programme } = reading;
  const month = programme.months.find((m) => m.id === monthId);
  const colourway = programme.colourways.find((c) => c.id === asked.get('colourway')) ?? programme.colourways[0];
  if (!month || !colourway) return { kind: 'missing' };
  const number = asked.get('people') ?? '';
  const participants = /^\d{1,4}$/.test(number) ? Number(number) : (programme.participants.get(colourway.id) ?? 0);
  const basis = asked.get('basis') === 'batch' ? 'batch' : 'kit';
  try {
    return { kind: 'mats', programme, mats: cutterMats(programme, { colourway, months: [month], basis, participants }) };
  } catch (error) {
    if (error instanceof PlanError) return { kind: 'refused', problems: error.problems };
    throw error;
  }
}

export interface MatsShown {
  mats: (Pick<CutterMat, 'number' | 'repeat' | 'pieces' | 'svg'> & { fabric: string; name: string; colour: string })[];
  problems: { path: string; message: string }[];
}

/** The mats as their files hold them; the page shows what the machine reads back. */
export async function matsShown(...asked: Parameters<typeof matsOf>): Promise<MatsShown> {
  const found = await matsOf(...asked);
  if (found.kind !== 'mats') return { mats: [], problems: found.kind === 'refused' ? found.problems : [] };
  const mats = found.mats.map(({ fabric, number, repeat, pieces, svg }) => ({
    ...{ fabric: fabric.id, name: fabric.name, colour: fabric.colour, number, repeat, pieces, svg },
  }));
  return { mats, problems: [] };
}

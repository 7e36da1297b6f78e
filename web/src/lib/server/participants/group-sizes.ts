/** Sizes that a programme's people, and whoever sews its test blocks, have measured: what is known of how the group sews. Without names. */
import type { SizeBySeams } from '@aggrega/core/foresee';
import type { Programme } from '@aggrega/core/programme';
import { readSizes, type WrittenSize } from '@aggrega/core/running';
import { asOrganisation } from '../db/pool';
import { findProgramme } from '../db/programmes';
import { listSamples } from '../db/samples';
import { sentMeasurements } from '../db/sent';
import { programmeIn } from '$lib/ask/reading';
import type pg from 'pg';

const ALL = { month: '', person: '' };

/** In the document's unit; people by numbers that stand for nothing else. Of a house that cuts large there are none: what is trimmed shows no habit. */
export async function groupSizes(db: pg.ClientBase, slug: string, { unit, house }: Programme): Promise<SizeBySeams[]> {
  if (house.sizing !== 'exact') return [];
  const numbers = new Map<string, string>();
  const number = (who: string) => {
    const known = numbers.get(who) ?? String(numbers.size);
    numbers.set(who, known);
    return known;
  };
  const sizes = (who: string, list: readonly WrittenSize[]) =>
    readSizes(list, unit).map(({ seams, expected, measured }) => ({ person: number(who), seams, expected, measured }));
  const sent = await sentMeasurements(db, slug, ALL);
  const samples = await listSamples(db, slug, '');
  return [
    ...sent.flatMap((s) => sizes(`participant ${s.participant}`, s.sizes)),
    ...samples.flatMap((s) => sizes(`sample ${s.sewnBy.trim().toLowerCase()}`, s.measured)),
  ];
}

/** The same for a page; none where there is no such programme. */
export const sizesOfGroup = (organisation: string, slug: string): Promise<SizeBySeams[]> =>
  asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    const programme = stored && !stored.removed ? programmeIn(stored.document) : undefined;
    return programme ? groupSizes(db, slug, programme) : [];
  });

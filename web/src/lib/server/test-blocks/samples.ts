/** The sample log: who sewed what, how long it took, what it measured. */
import { words } from './words';
import { LengthError, parseLength } from '@aggrega/core/measure';
import { type Programme } from '@aggrega/core/programme';
import { isDay, monthMinutes, sewingPace } from '@aggrega/core/running';
import type pg from 'pg';
import { now } from '../clock';
import { asOrganisation } from '../db/pool';
import { findProgramme, lockProgramme } from '../db/programmes';
import { deleteSample, insertSample, listSamples, type Sample } from '../db/samples';
import { programmeIn, readingOf } from '$lib/ask/reading';

export interface SampleLog {
  samples: Sample[];
  /** What minutes by the rule of thumb are multiplied with. */
  pace: number;
}

/** All samples of a programme, and the pace that follows; undefined where there is none. */
export async function sampleLog(organisation: string, slug: string): Promise<SampleLog | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    const programme = stored && !stored.removed ? programmeIn(stored.document) : undefined;
    if (!programme) return undefined;
    const samples = await listSamples(db, slug, '');
    return { samples, pace: await paceIn(db, slug, programme) };
  });
}

/** What the house's own log makes of the rule of thumb, within a transaction that goes on. */
export async function paceIn(db: pg.ClientBase, slug: string, programme: Programme): Promise<number> {
  const log = (await listSamples(db, slug, '')).flatMap((s) => {
    const month = programme.months.find((m) => m.id === s.month);
    const colourway = programme.colourways.find((c) => c.id === s.colourway);
    return month && colourway ? [{ estimated: monthMinutes(programme, month, colourway), took: s.minutes }] : [];
  });
  return sewingPace(log);
}

/** Notes a sample of the document as it is saved; a sentence where it cannot be. */
export async function noteSample(
  organisation: string,
  slug: string,
  sample: Omit<Sample, 'id' | 'revision'>,
): Promise<string | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await lockProgramme(db, slug);
    const reading = stored && !stored.removed ? readingOf(stored.document) : undefined;
    if (!reading?.ok) return words.weCantFindThatProgramme;
    const { programme } = reading;
    const month = programme.months.find((m) => m.id === sample.month);
    if (!month?.blocks.some((b) => b.key === sample.block)) return words.weCantFindThatBlock;
    if (!programme.colourways.some((c) => c.id === sample.colourway)) return words.weCantFindThatColourway;
    if (!isDay(sample.sewnOn)) return words.theDayHasToBe;
    for (const size of sample.measured)
      for (const text of [size.expected, size.measured, ...(size.before ? [size.before] : [])])
        try {
          parseLength(text, programme.unit);
        } catch (error) {
          if (error instanceof LengthError) return `${size.what}: ${error.message}.`;
          throw error;
        }
    await insertSample(db, slug, sample, now());
    return undefined;
  });
}

/** Takes a sample out of the log. */
export const takeSampleOut = (organisation: string, slug: string, id: string): Promise<boolean> =>
  asOrganisation(organisation, (db) => deleteSample(db, slug, id));

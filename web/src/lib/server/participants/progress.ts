/** How far everybody is, and what they sent: questions, pictures and measurements in one place. */
import { programmeIn } from '$lib/ask/reading';
import { monthTitle } from '@aggrega/core/programme';
import { progressSteps, type ProgressStep } from '@aggrega/core/running';
import { layoutCounts, type LaidBlock } from '../db/layout-checks';
import { asOrganisation } from '../db/pool';
import { findProgramme } from '../db/programmes';
import { listQuestions, type AskedQuestion } from '../db/questions';
import { listReleases } from '../db/releases';
import {
  countSteps,
  progressOf,
  sentMeasurements,
  sentPicture,
  sentPictures,
  type PersonProgress,
  type SentMeasurement,
  type SentPicture,
} from '../db/sent';
import { bytesOf } from '../files/store';

/** People that a page shows. */
export const PEOPLE = 60;

export interface ProgressView {
  /** Months that are out, with how many ticked each step. */
  months: { id: string; name: string; done: Record<ProgressStep, number> }[];
  people: number;
  /** Whoever ticked least first. */
  rows: PersonProgress[];
  questions: AskedQuestion[];
  pictures: SentPicture[];
  /** Pictures that their owners keep to themselves. */
  hidden: number;
  measurements: SentMeasurement[];
  /** What the checks of their layouts found, of those who tell it. */
  laid: LaidBlock[];
  /** The person that is asked for alone. */
  name: string;
}

export interface ProgressQuestion {
  month: string;
  person: string;
  page: number;
}

/** A page of it; undefined where there is no such programme. */
export async function progressView(
  organisation: string,
  slug: string,
  { month, person, page }: ProgressQuestion,
): Promise<ProgressView | undefined> {
  return asOrganisation(organisation, async (db) => {
    const stored = await findProgramme(db, slug);
    const programme = stored && !stored.removed ? programmeIn(stored.document) : undefined;
    if (!programme) return undefined;
    const out = new Set((await listReleases(db, slug)).filter((r) => r.state === 'released').map((r) => r.month));
    const { steps, people } = await countSteps(db, slug);
    const count = (id: string, step: ProgressStep) => steps.find((s) => s.month === id && s.step === step)?.people ?? 0;
    const rows = await progressOf(db, slug, { person, most: PEOPLE, from: page * PEOPLE });
    const questions = (await listQuestions(db, slug)).filter(
      (q) => (!month || q.month === month) && (!person || q.participant === person),
    );
    return {
      months: programme.months
        .filter((m) => out.has(m.id))
        .map((m) => ({
          ...{ id: m.id, name: monthTitle(m) },
          done: Object.fromEntries(progressSteps.map((step) => [step, count(m.id, step)])) as Record<ProgressStep, number>,
        })),
      ...{ people, rows, questions, name: person ? (rows[0]?.name ?? '') : '' },
      ...(await sentPictures(db, slug, { month, person })),
      measurements: await sentMeasurements(db, slug, { month, person }),
      laid: await layoutCounts(db, slug, { month, person }),
    };
  });
}

/** A picture that the organiser may see, as JPEG. */
export async function seenPicture(organisation: string, slug: string, id: string): Promise<Buffer | undefined> {
  const found = await asOrganisation(organisation, (db) => sentPicture(db, slug, id));
  return found && bytesOf(found);
}

/** What the cutting room has done: ticks that every screen at the table shares. */
import { listDone, tickStep, untickStep } from './db/cut-steps';
import { asOrganisation } from './db/pool';
import { findProgramme } from './db/programmes';

/** The steps of a list that are done; undefined when there is no such programme. */
export async function doneSteps(organisation: string, slug: string, list: string): Promise<string[] | undefined> {
  return asOrganisation(organisation, async (db) => ((await findProgramme(db, slug)) ? listDone(db, slug, list) : undefined));
}

/** Sets one step done or not, whoever set it before, and tells the whole list. */
export async function setStep(
  organisation: string,
  slug: string,
  list: string,
  { step, done }: { step: string; done: boolean },
): Promise<string[] | undefined> {
  return asOrganisation(organisation, async (db) => {
    if (!(await findProgramme(db, slug))) return undefined;
    await (done ? tickStep : untickStep)(db, slug, list, step);
    return listDone(db, slug, list);
  });
}

/** What the cutting room has done: lists that were begun, ticks that every screen at the table shares, and the shop's pace. */
import { paceOf } from '@aggrega/core/cutting';
import {
  beginList,
  listBegun,
  listDone,
  logMinutes,
  loggedEvenings,
  tickStep,
  untickStep,
  type BegunList,
  type DoneStep,
} from '../db/cut-steps';
import { asOrganisation } from '../db/pool';
import { findProgramme } from '../db/programmes';
import type pg from 'pg';

export interface CuttingState {
  /** Oldest first. */
  lists: BegunList[];
  steps: DoneStep[];
}

/** A step, the list it stands in, and whether it is done. */
export interface Tick extends Omit<BegunList, 'minutes'>, DoneStep {
  done: boolean;
}

const state = async (db: pg.ClientBase, slug: string, place: string): Promise<CuttingState> => ({
  lists: await listBegun(db, slug, place),
  steps: await listDone(db, slug, place),
});

/** What was done at a place (month, colourway, pieces or lengths); undefined when there is no such programme. */
export async function cuttingState(organisation: string, slug: string, place: string): Promise<CuttingState | undefined> {
  return asOrganisation(organisation, async (db) => ((await findProgramme(db, slug)) ? state(db, slug, place) : undefined));
}

/** Sets one step done or not, whoever set it before, and tells all that is done. The first tick of a list begins it. */
export async function setStep(
  organisation: string,
  slug: string,
  place: string,
  tick: Tick,
): Promise<CuttingState | undefined> {
  return asOrganisation(organisation, async (db) => {
    if (!(await findProgramme(db, slug))) return undefined;
    if (tick.done) {
      await beginList(db, slug, place, tick);
      await tickStep(db, slug, place, tick);
    } else await untickStep(db, slug, tick.list, tick.step);
    return state(db, slug, place);
  });
}

/** Notes what a list took, in minutes of all hands together, or takes the note back. */
export async function logEvening(
  organisation: string,
  slug: string,
  place: string,
  { list, minutes }: { list: string; minutes: number | null },
): Promise<CuttingState | undefined> {
  return asOrganisation(organisation, async (db) => {
    if (!(await findProgramme(db, slug))) return undefined;
    await logMinutes(db, slug, list, minutes);
    return state(db, slug, place);
  });
}

/** What minutes by the rates are to be multiplied with, from all that the organisation logged. */
export async function shopPace(organisation: string): Promise<number> {
  return asOrganisation(organisation, async (db) => paceOf(await loggedEvenings(db)));
}

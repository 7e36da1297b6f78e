/** What of a roster is asked for, as an address carries it. */
import { rosterSorts, type RosterQuestion } from '../db/participants';

/** The question and the page; what an address says beyond reason counts as not said. */
export function rosterQuestion(asked: URLSearchParams): { question: RosterQuestion; page: number } {
  const short = (name: string) => (asked.get(name) ?? '').replaceAll('\u0000', '').slice(0, 100);
  const page = Number(asked.get('page') ?? 0);
  return {
    question: {
      find: short('find').trim(),
      ...{ state: short('state'), colourway: short('in'), size: short('size'), handing: short('handing') },
      sort: rosterSorts.find((s) => s === asked.get('sort')) ?? 'name',
      down: asked.get('down') === '1',
    },
    page: Number.isInteger(page) && page >= 0 && page < 10_000 ? page : 0,
  };
}

import { format } from '$lib/look/day-text';

/** What time it is: the machine's, or, for tests, a time that the environment sets going at the start. */
const started = Date.now();
const set = process.env.AGGREGA_CLOCK ? Date.parse(process.env.AGGREGA_CLOCK) : NaN;

/** Now. */
export const now = (): Date => (Number.isNaN(set) ? new Date() : new Date(set + Date.now() - started));

/** Today where that time zone is, as ISO writes it. */
export const todayIn = (timeZone: string, at: Date = now()): string =>
  // Swedish dates are ISO's.
  format('sv-SE', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(at);

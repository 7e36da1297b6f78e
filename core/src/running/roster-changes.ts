/** Changes to a roster that can be made side by side, and taken back: each says what its maker saw and what it should become. */
import { blankPerson, type Person } from './person';

/** One person's change: what was seen of her, and what she is to be; without `to` she is taken off, without `from` she is new. */
export interface RosterChange {
  id: string;
  from?: Partial<Omit<Person, 'id'>>;
  to?: Partial<Omit<Person, 'id'>>;
}

/** What two people changed at once: a field of a person that has become something else meanwhile. */
export interface RosterMeeting {
  id: string;
  name: string;
  field: keyof Person;
  now: string;
  wanted: string;
}

/**
 * The people that the changes touch as they would be after them, undefined for one taken off; or where somebody else was there first. A change
 * that stands already counts as made; a field of which nothing was seen was seen empty.
 */
export function changedPeople(
  people: ReadonlyMap<string, Person>,
  changes: readonly RosterChange[],
): { people: Map<string, Person | undefined> } | { meetings: RosterMeeting[] } {
  const after = new Map<string, Person | undefined>();
  const meetings: RosterMeeting[] = [];
  for (const { id, from, to } of changes) {
    const now = after.has(id) ? after.get(id) : people.get(id);
    if (!now) {
      // Somebody else may have taken her off: what was to change of her is gone with her.
      if (to && from) meetings.push({ id, name: '', field: 'name', now: '', wanted: to.name ?? '' });
      else if (to) after.set(id, { ...blankPerson, ...to, id });
      continue;
    }
    if (!to) {
      after.set(id, undefined);
      continue;
    }
    for (const field of Object.keys(to) as (keyof typeof to)[])
      if (now[field] !== to[field] && now[field] !== (from?.[field] ?? ''))
        meetings.push({ id, name: now.name, field, now: String(now[field]), wanted: String(to[field]) });
    after.set(id, { ...now, ...to });
  }
  return meetings.length > 0 ? { meetings } : { people: after };
}

/** The changes that take these back. */
export const inverseRoster = (changes: readonly RosterChange[]): RosterChange[] =>
  [...changes].reverse().map(({ id, from, to }) => ({ id, ...(to && { from: to }), ...(from && { to: from }) }));

/** Calendars that other programs subscribe to: the organiser's with everything, a participant's with what may be seen. */
import { words } from './words';
import { calendarSteps, dayAfter, releaseInstant, stepNames } from '@aggrega/core/running';
import ical, { ICalCalendarMethod } from 'ical-generator';
import { now } from '../clock';
import { deskDays } from '../desk/desk';
import { asOrganisation } from '../db/pool';
import { listProgrammes, programmeId } from '../db/programmes';
import type { FoundFile } from '../web/file-answer';
import { programmeIn, readingOf } from '$lib/ask/reading';
import { participantView, type OpenPage } from '../participant-page/participant-page';
import { feedKey, organisationOfKey } from '../participant-page/private-link';
import { programmeOf } from '../programme/programmes';

const TYPE = 'text/calendar; charset=utf-8';

/** Hours after which a subscriber asks again. */
const AGAIN = 60 * 60 * 6;

/** What is out and what is to come for a participant: months that are not out have a number and a minute, no name. */
export async function participantFeed(page: OpenPage): Promise<FoundFile> {
  const view = await participantView(page);
  const stored = await programmeOf(page.organisation, page.slug);
  const programme = stored && programmeIn(stored.document);
  if (!view || !programme) return { status: 404, message: words.weCantFindThatCalendar };
  const { calendar } = programme;
  const feed = ical({ name: view.title, ttl: AGAIN, method: ICalCalendarMethod.PUBLISH, prodId: '//Aggrega//EN' });
  const uid = (what: string) => `${what}-${page.person.id}@aggrega`;
  for (const month of view.months)
    feed.createEvent({
      ...{ id: uid(month.id), start: month.released, end: later(month.released), stamp: month.released },
      summary: words.isOut(month.name),
      ...(month.homework && { description: month.homework }),
    });
  for (const { number, day } of view.ahead) {
    const start = new Date(releaseInstant(day, calendar));
    feed.createEvent({
      id: uid(`month-${number}`),
      start,
      end: later(start),
      stamp: now(),
      summary: words.monthComesOut(view.title, number),
    });
  }
  return { body: feed.toString(), type: TYPE, name: 'months.ics' };
}

const later = (at: Date) => new Date(at.getTime() + 30 * 60_000);

/** Every step before every release, by the last day for it, for those who run the programme; by the feed's own key. */
export async function organiserFeed(key: string): Promise<FoundFile> {
  const missing = { status: 404, message: words.weCantFindThatCalendar } as const;
  const organisation = organisationOfKey(key);
  if (!organisation) return missing;
  if (feedKey(organisation, organisation) === key) return deskFeed(organisation);
  const found = await asOrganisation(organisation, async (db) => {
    for (const programme of await listProgrammes(db)) {
      const id = await programmeId(db, programme.slug);
      if (id && !programme.removed && feedKey(organisation, id) === key) return programme;
    }
    return undefined;
  });
  const reading = found && readingOf(found.document);
  if (!found || !reading?.ok) return missing;
  return { body: stepsAsFeed(reading.programme, found.updated), type: TYPE, name: `${found.slug}.ics` };
}

/** The desk as a calendar: each task on its day, what is late today. Names of people stay out of it. */
async function deskFeed(organisation: string): Promise<FoundFile> {
  const { house, tasks } = await deskDays(organisation);
  const feed = ical({ name: words.desk(house), ttl: AGAIN, method: ICalCalendarMethod.PUBLISH, prodId: '//Aggrega//EN' });
  for (const { slug, programme, id, title, today, days } of tasks) {
    const day = dayAfter(today, Math.max(0, days));
    feed.createEvent({
      ...{ id: `${id.replaceAll(' ', '-')}-${slug}@aggrega`, stamp: now() },
      ...{ start: `${day}T00:00:00Z`, end: `${dayAfter(day, 1)}T00:00:00Z`, allDay: true },
      summary: words.taskOf(title, programme),
    });
  }
  return { body: feed.toString(), type: TYPE, name: 'desk.ics' };
}

/** The address under which a calendar program reads the desk. */
export const deskFeedAddress = (organisation: string): string => `/feeds/${feedKey(organisation, organisation)}.ics`;

/** The organiser's calendar as a file. */
export async function organiserFile(organisation: string, slug: string): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  if (!stored || !reading?.ok) return { status: 404, message: words.weCantFindThatProgramme };
  return { body: stepsAsFeed(reading.programme, stored.updated), type: TYPE, name: `${slug}.ics` };
}

/** The address under which a calendar program reads the organiser's calendar. */
export async function feedAddress(organisation: string, slug: string): Promise<string | undefined> {
  const id = await asOrganisation(organisation, (db) => programmeId(db, slug));
  return id && `/feeds/${feedKey(organisation, id)}.ics`;
}

function stepsAsFeed(programme: Parameters<typeof calendarSteps>[0], stamp: Date): string {
  const feed = ical({
    name: words.theWork(programme.title),
    ttl: AGAIN,
    method: ICalCalendarMethod.PUBLISH,
    prodId: '//Aggrega//EN',
  });
  for (const { kind, month, day, earlier } of calendarSteps(programme)) {
    const at = new Date(releaseInstant(day, programme.calendar));
    const when =
      kind === 'release'
        ? { start: at, end: later(at) }
        : { start: `${day}T00:00:00Z`, end: `${dayAfter(day, 1)}T00:00:00Z`, allDay: true };
    feed.createEvent({
      ...{ id: `${kind}-${month.id}@aggrega`, stamp, ...when },
      summary: `${month.name}: ${stepNames[kind]}`,
      ...(earlier && { description: words.earlierThanTheDaysSay(earlier) }),
    });
  }
  for (const { id, from, to, name } of programme.calendar.away)
    feed.createEvent({
      ...{ id: `away-${id}@aggrega`, stamp, start: `${from}T00:00:00Z`, end: `${dayAfter(to, 1)}T00:00:00Z`, allDay: true },
      summary: name || 'away',
    });
  return feed.toString();
}

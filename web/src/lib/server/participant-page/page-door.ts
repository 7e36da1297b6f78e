/**
 * The door of a participant's page beyond its link: a device is known by a cookie of its own, so that she sees where her page was opened, and is told of a new
 * one by letter. With a PIN the page opens only on devices on which it was given.
 */
import { deviceName } from '$lib/look/device-name';
import { error, redirect, type RequestEvent } from '@sveltejs/kit';
import { keyHash, looksLikeKey, newKey } from '../auth/keys';
import { hashPassword, passwordIs } from '../auth/passwords';
import { countTry, forgetTries, mustWait } from '../auth/throttle';
import { now } from '../clock';
import {
  deletePin,
  doorState,
  forgetOtherDevices,
  hasPin,
  pageDevices,
  seeDevice,
  setPin,
  type PageDevice,
} from '../db/page-locks';
import { asOrganisation } from '../db/pool';
import { origin, sendLetter } from '../mail/post';
import { languageFor, spokenIn } from '../web/languages';
import { organisationLanguage } from '../db/organisations';
import { log, said } from '../web/log';
import { openPage, type OpenPage } from './participant-page';
import { words } from './words';

const COOKIE = 'aggrega_device';
const DAYS = 400;
/** Minutes between two notes that a device was seen. */
const TOUCH = 60;

/** What opens without the PIN: the page that asks for it, and days for a calendar program, which can give none. */
const OPEN = ['/p/[key]/pin', '/p/[key]/calendar.ics'];

const hashOf = (key: string | undefined): Buffer => keyHash(looksLikeKey(key) ? key : '');
const agentOf = (event: RequestEvent) => (event.request.headers.get('user-agent') ?? '').slice(0, 300);

/** The cookie of the device that asks: its own, or a new one. */
function keyOfDevice({ cookies, url }: RequestEvent): { key: string; given: boolean } {
  const key = cookies.get(COOKIE);
  if (looksLikeKey(key)) return { key, given: true };
  const made = newKey();
  cookies.set(COOKIE, made, {
    ...{ path: '/p', httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' },
    maxAge: DAYS * 86_400,
  });
  return { key: made, given: false };
}

/** Lets a request at a private page in, or answers with what to do. A link that opens nothing is left to the page itself. */
export async function atPageDoor(event: RequestEvent): Promise<void> {
  const route = event.route.id ?? '';
  if (!route.startsWith('/p/[key]') || !event.params.key) return;
  const page = await openPage(event.params.key);
  if (!page) return;
  const { key, given } = keyOfDevice(event);
  const state = await asOrganisation(page.organisation, (db) => doorState(db, page.person.id, hashOf(key)));
  event.locals.pageDevice = { key, known: state.known };
  if (state.pin && !state.unlocked && !OPEN.includes(route)) {
    const looks = event.isDataRequest || (event.request.headers.get('accept') ?? '').includes('text/html');
    if (looks && event.request.method === 'GET') redirect(303, `/p/${event.params.key}/pin`);
    error(401, words.pinFirst);
  }
  // A device is noted once it has brought its cookie back: what looks through letters for harmful links does not.
  const old = !state.seen || now().getTime() - state.seen.getTime() > TOUCH * 60_000;
  if (given && old && (!state.pin || state.unlocked)) await noteDevice(page, key, agentOf(event), false);
}

async function noteDevice(page: OpenPage, key: string, agent: string, unlocked: boolean): Promise<void> {
  const isNew = await asOrganisation(page.organisation, (db) =>
    seeDevice(db, page.person.id, { hash: hashOf(key), device: agent, at: now(), unlocked }),
  );
  if (isNew) void tellOfDevice(page, agent).catch((cause: unknown) => log('warn', 'a letter about a page', said(cause)));
}

async function tellOfDevice({ organisation, person }: OpenPage, agent: string): Promise<void> {
  if (!person.email) return;
  const language = languageFor(person.sheet, await asOrganisation(organisation, organisationLanguage));
  const { subject, text } = spokenIn(language, () => ({
    subject: words.newDeviceSubject,
    text: words.newDevice(person.name, deviceName(agent), `${origin()}/p`),
  }));
  await sendLetter({ to: person.email, subject, text });
}

/** A page for whoever asks, which this device has shown to be hers. */
export async function openOnDevice(event: RequestEvent, page: OpenPage): Promise<void> {
  await noteDevice(page, keyOfDevice(event).key, agentOf(event), true);
}

/** Where a page was opened, and whether it asks for a PIN. */
export const pageDoorOf = ({ organisation, person }: OpenPage, key: string): Promise<{ devices: PageDevice[]; pin: boolean }> =>
  asOrganisation(organisation, async (db) => ({
    devices: await pageDevices(db, person.id, hashOf(key)),
    pin: await hasPin(db, person.id),
  }));

/** Opens the page on this device by its PIN; a sentence where it is wrong. */
export async function givePin(event: RequestEvent, page: OpenPage, pin: string): Promise<string | undefined> {
  const wait = await mustWait('pin', page.person.id);
  if (wait > 0) return words.pinTriedTooOften(wait);
  const { key } = keyOfDevice(event);
  const state = await asOrganisation(page.organisation, (db) => doorState(db, page.person.id, hashOf(key)));
  if (state.pin && !(await passwordIs(state.pin, pin.replace(/\s/g, '')))) {
    await countTry('pin', page.person.id);
    return words.wrongPin;
  }
  await forgetTries('pin', page.person.id);
  await openOnDevice(event, page);
  return undefined;
}

/** Asks for that PIN from now on, or, where it is '', for none; a sentence where it is no PIN. */
export async function choosePin(page: OpenPage, key: string, pin: string): Promise<string | undefined> {
  if (pin !== '' && !/^\d{4,8}$/.test(pin)) return words.pinIsDigits;
  const hashed = pin && (await hashPassword(pin));
  await asOrganisation(page.organisation, async (db) => {
    if (!hashed) return void (await deletePin(db, page.person.id));
    await seeDevice(db, page.person.id, { hash: hashOf(key), device: '', at: now(), unlocked: true });
    await setPin(db, page.person.id, hashed, hashOf(key));
  });
  return undefined;
}

/** After her link was made anew: it was opened on this device alone. */
export const onlyHere = ({ organisation, person }: OpenPage, key: string): Promise<void> =>
  asOrganisation(organisation, (db) => forgetOtherDevices(db, person.id, hashOf(key)));

/**
 * Doors that write: a request that was answered and sent again, because its answer was lost on the way, is answered as it was the first time, and nothing is
 * done twice. The caller names its request by a key of its own (`idempotency-key`, a UUID).
 */
import { createHash } from 'node:crypto';
import { error, isHttpError, type RequestEvent } from '@sveltejs/kit';
import { keepFirstAnswer, keyed, readFirstAnswer, TakenMeanwhile, type FirstAnswer, type Keyed } from '../db/first-answers';
import { isId } from '../db/ids';
import { asOrganisation } from '../db/pool';
import { organisationOfKey } from '../participant-page/private-link';
import { words } from './words';

/** What of a request says whose it is and what it is for. */
type Asked = Pick<RequestEvent, 'request' | 'url' | 'locals' | 'params'>;
type Door<Event extends Asked> = (event: Event) => Response | Promise<Response>;

/** Requests that this process answers just now, by key and door. */
const underWay = new Map<string, Promise<Response>>();

/**
 * `door`, for requests that carry a key too. `again` answers the second time where the first answer is not to be kept: it shows what stands there now, or is
 * long. Without it, an answer that the server could not keep is 409 with a sentence.
 */
export function once<Event extends Asked>(door: Door<Event>, again?: Door<Event>): Door<Event> {
  return async (event) => {
    const own = keyOf(event);
    if (!own) return door(event);
    const name = `${own.key} ${own.door.toString('base64url')}`;
    const other = underWay.get(name);
    if (other) return other.then((response) => response.clone());
    const answer = answered(event, own, { door, again });
    underWay.set(name, answer);
    try {
      return (await answer).clone();
    } finally {
      underWay.delete(name);
    }
  };
}

async function answered<Event extends Asked>(
  event: Event,
  own: Keyed,
  { door, again }: { door: Door<Event>; again?: Door<Event> },
): Promise<Response> {
  const before = await asOrganisation(own.organisation, (db) => readFirstAnswer(db, own));
  if (before) return secondAnswer(event, before, again);
  try {
    const response = await keyed.run(own, () => door(event));
    if (own.taken) await keep(response.status, again && response.ok ? '' : await response.clone().text());
    return response;
  } catch (thrown) {
    if (thrown instanceof TakenMeanwhile) error(409, words.beingDoneJustNow);
    // Refused, and something noted all the same: it is refused again in the same words.
    if (own.taken && isHttpError(thrown) && thrown.status < 500) await keep(thrown.status, JSON.stringify(thrown.body));
    throw thrown;
  }

  // What was done is done: an answer that cannot be kept is still given.
  function keep(status: number, body: string): Promise<void> {
    return asOrganisation(own.organisation, (db) => keepFirstAnswer(db, own, status, body)).catch(() => undefined);
  }
}

async function secondAnswer<Event extends Asked>(
  event: Event,
  { status, body }: FirstAnswer,
  again: Door<Event> | undefined,
): Promise<Response> {
  if (again && (status === null || status < 400)) return again(event);
  if (status === null || body === null) error(409, words.doneBefore);
  return new Response(body, { status, headers: { 'content-type': 'application/json' } });
}

/** The key that a request carries, 400 for what is none; undefined where it has none, or is nobody's. */
function keyOf({ request, url, locals, params }: Asked): Keyed | undefined {
  const key = request.headers.get('idempotency-key');
  if (key === null) return undefined;
  if (!isId(key)) error(400, words.noKey);
  const organisation = locals.organisation || organisationOfKey(params.key ?? '');
  if (!organisation) return undefined;
  const who = locals.organisation ? locals.who?.account : params.key;
  const door = createHash('sha256')
    .update(`${request.method} ${url.pathname} ${who ?? ''}`)
    .digest();
  return { organisation, key, door, taken: false };
}

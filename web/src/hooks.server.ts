import { words } from '$lib/server/web/words';
import { building, version } from '$app/environment';
import { startClockwork, stopClockwork } from '$lib/server/clockwork';
import { acting, checkRole, closePool } from '$lib/server/db/pool';
import { loadDemo } from '$lib/server/demo/demo';
import { closePost } from '$lib/server/mail/post';
import { closeStandIn } from '$lib/server/mail/stand-in';
import { stopWorkingAhead } from '$lib/server/planner/ahead';
import { closePlanner } from '$lib/server/planner/ask';
import { asking, NobodyWaits } from '$lib/server/planner/asking';
import { checkSecret } from '$lib/server/participant-page/private-link';
import { addressOf, letIn, strangeRequest } from '$lib/server/web/gate';
import { keepFilesMadeBy } from '$lib/server/sheet/kept-files';
import { guard } from '$lib/server/web/headers';
import { languageAsked, speaking } from '$lib/server/web/languages';
import { tooMuch } from '$lib/server/web/limits';
import { keptAnswer } from '$lib/server/web/kept-answers';
import { atPageDoor } from '$lib/server/participant-page/page-door';
import { log, said } from '$lib/server/web/log';
import { squeezed } from '$lib/server/web/squeeze';
import { hasDemo } from '$lib/server/web/own-machine';
import { noteAnswer } from '$lib/server/web/metrics';
import {
  isHttpError,
  isRedirect,
  type Handle,
  type HandleServerError,
  type RequestEvent,
  type ServerInit,
} from '@sveltejs/kit';
import { HOUSE_HEADER } from './front/whose';
import refusal from './error.html?raw';

export const init: ServerInit = async () => {
  if (building) return;
  // First of all: whose front dies while this one starts would stay behind for ever.
  if (process.env.AGGREGA_LANE) answerTheFront();
  keepFilesMadeBy(version);
  checkSecret();
  await checkRole();
  if (hasDemo()) await loadDemo(process.env.AGGREGA_FRESH_DEMO === '1');
  // A process can serve pages only, and leave releases and letters to others.
  if (process.env.AGGREGA_PART !== 'pages') startClockwork();
  process.once(
    'sveltekit:shutdown',
    () =>
      void stopClockwork()
        .then(stopWorkingAhead)
        .then(closePost)
        .then(closeStandIn)
        .then(closePlanner)
        .then(closePool)
        .then(leaveTheFront),
  );
};

const here = () => process.send?.('here');
const alone = () => process.kill(process.pid, 'SIGTERM');

/** Behind the front (src/front): says that it is not at work when it is asked, and ends when nobody is there to ask. */
function answerTheFront(): void {
  process.on('message', here);
  process.once('disconnect', alone);
  if (!process.connected) alone();
}
function leaveTheFront(): void {
  process.off('disconnect', alone);
  if (process.connected) process.disconnect();
}

/** Takes what was sent and nobody read: left lying, it would hold up the next request of the same connection. */
async function readOut(request: Request): Promise<void> {
  if (!request.body || request.bodyUsed || request.body.locked) return;
  // A browser that is still sending hears no answer; only what would take for ever is cut off.
  if (!(Number(request.headers.get('content-length')) <= MOST * 8)) return request.body.cancel().catch(() => {});
  const reader = request.body.getReader();
  try {
    while (!(await reader.read()).done);
  } catch {
    // Whoever sent it has gone.
  }
}

type Resolve = Parameters<Handle>[0]['resolve'];

export const handle: Handle = async ({ event, resolve }) => {
  const began = performance.now();
  const tag = languageAsked(event.request.headers.get('accept-language') ?? '');
  const response = await squeezed(event.request, await speaking.run({ tag }, () => answer(event, resolve)));
  await readOut(event.request);
  if (process.env.AGGREGA_LANE && event.locals.organisation) response.headers.set(HOUSE_HEADER, event.locals.organisation);
  guard(response, event.url.protocol === 'https:');
  const seconds = (performance.now() - began) / 1000;
  const { method } = event.request;
  // The route, not the address: an address can hold a key.
  const route = event.route.id ?? 'none';
  noteAnswer(route, method, response.status, seconds);
  log('info', 'answer', { route, method, status: response.status, ms: Math.round(seconds * 1000) });
  return response;
};

async function answer(event: RequestEvent, resolve: Resolve): Promise<Response> {
  const strange = strangeRequest(event);
  if (strange) return refuse(event, 403, strange);
  // No name holds it, and the database could not even look for it.
  if (/%00/.test(event.request.url)) return refuse(event, 404, words.nothingByThatName);
  if (MONITORED.test(event.url.pathname)) return resolve(event);
  const large = tooLarge(event);
  if (large) return refuse(event, 413, large);
  const wait = await tooMuch(addressOf(event), event.request.headers.has('cookie'));
  if (wait > 0) {
    const refused = refuse(event, 429, words.tooManyRequests(wait));
    refused.headers.set('retry-after', String(wait));
    return refused;
  }
  try {
    await letIn(event);
    await atPageDoor(event);
    return await keptAnswer(event, (fromReplica) => asWhoAsks(event, resolve, fromReplica));
  } catch (thrown) {
    if (isRedirect(thrown)) return sendOn(event, thrown.status, thrown.location);
    if (isHttpError(thrown)) return refuse(event, thrown.status, thrown.body.message);
    throw thrown;
  }
}

function asWhoAsks(event: RequestEvent, resolve: Resolve, fromReplica: boolean): Promise<Response> {
  const { who } = event.locals;
  const now = speaking.getStore()!;
  if (who?.organisation) now.tag = who.organisation.language;
  event.locals.language = now.tag;
  // A participant's page knows its language once it is open.
  const answered = async () =>
    resolve(event, { transformPageChunk: ({ html }) => html.replace('%lang%', speaking.getStore()?.tag ?? now.tag) });
  const { signal } = event.request;
  const asked = () => asking.run({ house: who?.organisation?.id ?? '', gone: () => signal.aborted }, answered);
  return who?.organisation
    ? acting.run({ account: who.account, looksOnly: who.organisation.role === 'viewer', fromReplica }, asked)
    : asked();
}

/** Bytes of a request's body; an archive is as large as it is. */
const MOST = 8_000_000;

/** Why a body is not taken, as a sentence. Its length has to be said, so that nobody sends without end. */
function tooLarge({ request, url }: RequestEvent): string | undefined {
  if (!request.body || url.pathname === '/api/archive') return undefined;
  const length = request.headers.get('content-length');
  if (length === null) return words.noContentLength;
  return Number(length) > MOST ? words.largerThanIsTaken : undefined;
}

/** What monitors ask for is answered however much is asked. */
const MONITORED = /^\/(health|ready|metrics)$/;

/** A redirect as the one who asked understands it: a page that is being exchanged reads it as data. */
const sendOn = (event: RequestEvent, status: number, location: string): Response =>
  event.isDataRequest ? Response.json({ type: 'redirect', location }) : new Response(null, { status, headers: { location } });

/** A refusal as the one who asked understands it. */
function refuse(event: RequestEvent, status: number, message: string): Response {
  const html = !event.isDataRequest && (event.request.headers.get('accept') ?? '').includes('text/html');
  if (!html) return Response.json({ message }, { status });
  const page = refusal
    .replaceAll('%sveltekit.status%', String(status))
    .replaceAll('%sveltekit.error.message%', escaped(message));
  return new Response(page, { status, headers: { 'content-type': 'text/html; charset=utf-8' } });
}
const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** What people are told when something went wrong that no route foresaw. The log gets the rest. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
  if (status >= 500 && !(error instanceof NobodyWaits)) {
    log('error', 'unforeseen', { route: event.route.id, method: event.request.method, ...said(error) });
    return { message: words.wrongOnOurSide };
  }
  return { message };
};

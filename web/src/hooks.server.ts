import { DEMO_ORGANISATION, loadDemo } from '$lib/server/demo';
import { startClockwork, stopClockwork } from '$lib/server/clockwork';
import { closePost } from '$lib/server/mail/post';
import { closeStandIn } from '$lib/server/mail/stand-in';
import { DatabaseAway, checkRole, closePool } from '$lib/server/db/pool';
import { checkSecret } from '$lib/server/private-link';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';

export const init: ServerInit = async () => {
  checkSecret();
  await checkRole();
  await loadDemo(process.env.AGGREGA_FRESH_DEMO === '1');
  startClockwork();
  process.once('sveltekit:shutdown', () => void stopClockwork().then(closePost).then(closeStandIn).then(closePool));
};

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;

export const handle: Handle = async ({ event, resolve }) => {
  // There is no sign-in yet, so nobody but this machine is served: not by address, and not by another site's page either.
  const { request } = event;
  if (!LOOPBACK.test(request.headers.get('host') ?? '')) return refuse('Aggrega serves this machine only, at 127.0.0.1.');
  const origin = request.headers.get('origin');
  if (request.method !== 'GET' && origin && !LOOPBACK.test(origin.replace(/^https?:\/\//, '')))
    return refuse('This request came from another site’s page.');
  event.locals.organisation = DEMO_ORGANISATION;
  const response = await resolve(event);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('x-frame-options', 'DENY');
  return response;
};

function refuse(sentence: string): Response {
  return new Response(sentence, { status: 403 });
}

/** What people are told when something went wrong that no route foresaw. The log gets the rest. */
export const handleError: HandleServerError = ({ error, status, message }) => {
  if (error instanceof DatabaseAway)
    return { message: 'The database does not answer just now. Nothing was lost; try again in a moment.' };
  if (status >= 500) {
    console.error(error);
    return { message: 'Something went wrong on our side. What was shown as saved is safe; try again.' };
  }
  return { message };
};

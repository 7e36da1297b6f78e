/** Who comes in: the host that is asked for, where a request comes from, who is signed in, and what she may. */
import { spoken } from '@aggrega/core/words';
import { words } from './words';
import { error, redirect, type RequestEvent } from '@sveltejs/kit';
import { needOf, may, type Need } from '../auth/roles';
import { signedIn, type SignedIn } from '../auth/sessions';
import { organisationLanguage } from '../db/organisations';
import { asOrganisation } from '../db/pool';
import { DEMO_ORGANISATION, DEMO_OWNER } from '../demo/demo';
import { fromOwnMachine, hasDemo, LOOPBACK_HOST } from './own-machine';

/** Where the request comes from; behind a proxy that is trusted, what it says (ADDRESS_HEADER). */
export function addressOf(event: RequestEvent): string {
  try {
    return event.getClientAddress();
  } catch {
    return 'unknown';
  }
}

/** Whether it was sent from this machine to this machine, by no proxy, where nobody else is served. */
export const fromThisMachine = (event: RequestEvent): boolean =>
  fromOwnMachine(Object.fromEntries(event.request.headers), addressOf(event));

/** Whether the request was sent to this installation by its own page; a sentence where not. */
export function strangeRequest({ request, url }: RequestEvent): string | undefined {
  const host = request.headers.get('host') ?? '';
  const own = process.env.ORIGIN ? new URL(process.env.ORIGIN).host : '';
  if (host !== own && !LOOPBACK_HOST.test(host)) return words.thereIsNothingByThat;
  if (['GET', 'HEAD', 'OPTIONS'].includes(request.method)) return undefined;
  const origin = request.headers.get('origin');
  const site = request.headers.get('sec-fetch-site');
  const same = origin === null || hostOf(origin) === host || origin === url.origin;
  return same && (site === null || site === 'same-origin' || site === 'none') ? undefined : words.thisRequestCameFromAnother;
}

function hostOf(origin: string): string {
  try {
    return new URL(origin).host;
  } catch {
    return '';
  }
}

/** Who asks: somebody signed in, or, at this machine, the demonstration's owner; undefined for a stranger. */
async function whoAsks(event: RequestEvent): Promise<(SignedIn & { demo?: true }) | undefined> {
  const who = await signedIn(event.cookies);
  if (who || !hasDemo() || !fromThisMachine(event)) return who;
  const language = await asOrganisation(DEMO_ORGANISATION, organisationLanguage);
  const organisation = { id: DEMO_ORGANISATION, name: 'Quarry Road Quilters', language, role: 'owner' as const };
  return { session: '', account: DEMO_OWNER.id, email: DEMO_OWNER.email, name: DEMO_OWNER.name, organisation, demo: true };
}

/** Lets a request in, with who it acts for in its locals; else answers with what to do. */
export async function letIn(event: RequestEvent): Promise<void> {
  const need = needOf(event.request.method, event.url.pathname);
  // The stand-in's letters hold keys: they are shown where they were taken in, and only while no real mail server is set.
  if (event.url.pathname.startsWith('/outside/') && (process.env.AGGREGA_SMTP || !fromThisMachine(event)))
    error(404, words.thereIsNothingHere);
  // Links with keys of their own, and what monitors ask for, wait for no session.
  if (need === 'nobody' && !event.url.pathname.startsWith('/invitation/') && !/^\/(begin|sign-in)/.test(event.url.pathname))
    return;
  const who = await whoAsks(event);
  event.locals.who = who;
  event.locals.organisation = who?.organisation?.id ?? '';
  if (need === 'nobody') return;
  const wantsPage = event.request.method === 'GET' && !event.url.pathname.startsWith('/api/');
  if (!who) {
    if (wantsPage) redirect(303, `/sign-in?to=${encodeURIComponent(event.url.pathname + event.url.search)}`);
    error(401, words.youveBeenSignedOutSign);
  }
  if (need === 'self') return;
  if (!who.organisation) {
    if (wantsPage) redirect(303, '/account');
    error(403, words.youArentOnTheTeam);
  }
  if (!may(who.organisation.role, need)) error(403, REFUSALS[need]);
}

const REFUSALS: Record<Exclude<Need, 'nobody' | 'self'>, string> = spoken('server/web-refusals', {
  look: 'You don’t have access to this.',
  cut: 'You can view this but not change it.',
  organise: 'Only an organiser or an owner can see or change this.',
  own: 'Only an owner can do this.',
});

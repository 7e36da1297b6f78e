import { found } from '$lib/server/auth/house';
import { openSession } from '$lib/server/auth/sessions';
import { fieldsOf } from '$lib/server/web/form';
import { fromThisMachine } from '$lib/server/web/gate';
import { isFoundingKey } from '$lib/server/web/own-machine';
import { words } from '$lib/server/auth/words';
import { error, fail, redirect, type RequestEvent } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** A shop or guild is founded at this machine, with the key that whoever runs the installation has, or by anybody where it is open (AGGREGA_OPEN). */
function refuseStrangers(event: RequestEvent): void {
  const may =
    process.env.AGGREGA_OPEN === 'on' || fromThisMachine(event) || isFoundingKey(event.url.searchParams.get('key') ?? '');
  if (!may) error(403, words.onlyAtThisComputer);
}

export const load: PageServerLoad = (event) => {
  refuseStrangers(event);
  return { own: event.locals.who && !event.locals.who.demo ? event.locals.who.email : '' };
};

export const actions: Actions = {
  default: async (event) => {
    refuseStrangers(event);
    const { house, ...account } = await fieldsOf(event.request, ['house', 'name', 'email', 'password']);
    const { who } = event.locals;
    const begun = await found(house, who && !who.demo ? { account: who.account } : account);
    if (typeof begun === 'string') return fail(400, { message: begun, house, name: account.name, email: account.email });
    const device = event.request.headers.get('user-agent') ?? '';
    const { cookies, url } = event;
    await openSession(begun.account, { cookies, url, device, organisation: begun.organisation });
    redirect(303, '/');
  },
};

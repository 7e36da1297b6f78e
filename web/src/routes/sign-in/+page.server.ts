import { isNewDevice, tellOfDevice } from '$lib/server/auth/notices';
import { signIn } from '$lib/server/auth/sign-in';
import { closeSession, openSession } from '$lib/server/auth/sessions';
import { fieldsOf, onwards } from '$lib/server/web/form';
import { addressOf, fromThisMachine } from '$lib/server/web/gate';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
  const { locals, url } = event;
  const to = onwards(url.searchParams.get('to'));
  // Who is signed in already goes on; the demonstration's owner may become somebody.
  if (locals.who && !locals.who.demo) redirect(303, to);
  return { to, mayBegin: fromThisMachine(event) || process.env.AGGREGA_OPEN === 'on' };
};

export const actions: Actions = {
  in: async (event) => {
    const { email, password, code, to } = await fieldsOf(event.request, ['email', 'password', 'code', 'to']);
    const answer = await signIn({ email, password, code }, addressOf(event));
    if (answer.kind === 'refused') return fail(400, { email, message: answer.message, code: code !== '' });
    if (answer.kind === 'code') return { email, code: true, message: '' };
    const device = event.request.headers.get('user-agent') ?? '';
    const isNew = await isNewDevice(answer.account, device);
    await openSession(answer.account, { cookies: event.cookies, url: event.url, device });
    if (isNew) void tellOfDevice(answer.account, device);
    redirect(303, onwards(to));
  },
  out: async ({ cookies, locals }) => {
    await closeSession(cookies, locals.who?.demo ? undefined : locals.who);
    redirect(303, '/sign-in');
  },
};

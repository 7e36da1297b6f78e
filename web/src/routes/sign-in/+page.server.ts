import { comeIn } from '$lib/server/auth/coming-in';
import { allowsPasskeys } from '$lib/server/auth/passkeys';
import { signIn } from '$lib/server/auth/sign-in';
import { closeSession } from '$lib/server/auth/sessions';
import { fieldsOf, onwards } from '$lib/server/web/form';
import { addressOf, fromThisMachine } from '$lib/server/web/gate';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = (event) => {
  const { locals, url } = event;
  const to = onwards(url.searchParams.get('to'));
  // Who is signed in already goes on; the demonstration's owner may become somebody.
  if (locals.who && !locals.who.demo) redirect(303, to);
  return {
    ...{ to, passkeys: allowsPasskeys(url) },
    mayBegin: fromThisMachine(event) || process.env.AGGREGA_OPEN === 'on',
  };
};

export const actions: Actions = {
  in: async (event) => {
    const { email, password, code, to } = await fieldsOf(event.request, ['email', 'password', 'code', 'to']);
    const answer = await signIn({ email, password, code }, addressOf(event));
    if (answer.kind === 'refused') return fail(400, { email, message: answer.message, code: code !== '' });
    if (answer.kind === 'code') return { email, code: true, message: '' };
    await comeIn(event, answer.account);
    redirect(303, onwards(to));
  },
  out: async ({ cookies, locals }) => {
    await closeSession(cookies, locals.who?.demo ? undefined : locals.who);
    redirect(303, '/sign-in');
  },
};

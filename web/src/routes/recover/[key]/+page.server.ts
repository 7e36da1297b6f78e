import { recover, recoveryHolds } from '$lib/server/auth/sign-in';
import { fieldsOf } from '$lib/server/web/form';
import { addressOf } from '$lib/server/web/gate';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => ({ holds: await recoveryHolds(params.key) });

export const actions: Actions = {
  default: async (event) => {
    const { password } = await fieldsOf(event.request, ['password']);
    const done = await recover(event.params.key, password, addressOf(event));
    if (typeof done === 'string') return fail(400, { message: done });
    // She signs in with it, and with her code where one is asked for: the letter alone opens nothing else.
    redirect(303, '/sign-in');
  },
};

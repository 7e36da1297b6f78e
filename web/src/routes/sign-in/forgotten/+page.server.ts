import { sendRecovery } from '$lib/server/auth/sign-in';
import { fieldsOf } from '$lib/server/web/form';
import { addressOf } from '$lib/server/web/gate';
import { log, said } from '$lib/server/web/log';
import type { Actions } from './$types';

export const actions: Actions = {
  default: async (event) => {
    const { email } = await fieldsOf(event.request, ['email']);
    // Whether there is such an account, and whether its letter could be sent, is not told here.
    const sending = sendRecovery(email, addressOf(event)).catch((error) => log('error', 'recovery letter', said(error)));
    await sending;
    return { sent: true };
  },
};

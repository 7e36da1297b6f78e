import { codeForm, mailForm } from '$lib/server/participant-page/lost-link-forms';
import type { Actions } from './$types';

export const actions: Actions = { send: mailForm, open: codeForm };

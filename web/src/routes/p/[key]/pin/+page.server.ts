import { givePin, pageDoorOf } from '$lib/server/participant-page/page-door';
import { pageOf } from '$lib/server/participant-page/private-page';
import { fieldsOf } from '$lib/server/web/form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const { pin } = await pageDoorOf(await pageOf(params.key), locals.pageDevice?.key ?? '');
  if (!pin) redirect(303, `/p/${params.key}`);
};

export const actions: Actions = {
  default: async (event) => {
    const page = await pageOf(event.params.key);
    const { pin } = await fieldsOf(event.request, ['pin'], 20);
    const message = await givePin(event, page, pin);
    if (message) return fail(400, { message });
    redirect(303, `/p/${event.params.key}`);
  },
};

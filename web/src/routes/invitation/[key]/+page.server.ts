import { roleName } from '$lib/look/role-name';
import { invitationOf, takeUp } from '$lib/server/auth/house';
import { openSession } from '$lib/server/auth/sessions';
import { fieldsOf } from '$lib/server/web/form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
  const found = await invitationOf(params.key);
  const own = locals.who && !locals.who.demo ? locals.who.email : '';
  return {
    own,
    invitation: found && {
      house: found.organisationName,
      role: roleName(found.role),
      email: found.email,
      known: found.known,
    },
  };
};

export const actions: Actions = {
  default: async ({ params, request, locals, cookies, url }) => {
    const { name, password } = await fieldsOf(request, ['name', 'password']);
    const { who } = locals;
    const taken = await takeUp(params.key, who && !who.demo ? who : { name, password });
    if (typeof taken === 'string') return fail(400, { message: taken, name });
    const device = request.headers.get('user-agent') ?? '';
    await openSession(taken.account, { cookies, url, device, organisation: taken.organisation });
    redirect(303, '/');
  },
};

import { words } from '$lib/server/auth/words';
import { now } from '$lib/server/clock';
import { invite, setRole, uninvite } from '$lib/server/auth/house';
import { isRole } from '$lib/server/auth/roles';
import { listMembers } from '$lib/server/db/accounts';
import { listInvitations } from '$lib/server/db/invitations';
import { setOrganisationLanguage } from '$lib/server/db/organisations';
import { asOrganisation } from '$lib/server/db/pool';
import { houseRecord } from '$lib/server/history/record';
import { languages } from '$lib/server/web/languages';
import { fieldsOf } from '$lib/server/web/form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  own: locals.who!.account,
  languages: [...languages().values()].map(({ tag, name }) => ({ tag, name })),
  record: (await houseRecord(locals.organisation)).entries,
  ...(await asOrganisation(locals.organisation, async (db) => ({
    members: await listMembers(db),
    invitations: (await listInvitations(db)).map(({ id, email, role, ends }) => {
      return { id, email, role, ends, over: ends !== null && ends <= now() };
    }),
  }))),
});

const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

export const actions: Actions = {
  language: async ({ request, locals }) => {
    const { language } = await fieldsOf(request, ['language']);
    if (!languages().has(language)) return fail(400, { message: words.chooseALanguage, email: '', link: '', sent: false });
    await asOrganisation(locals.organisation, (db) => setOrganisationLanguage(db, language));
    redirect(303, '/house');
  },
  invite: async ({ request, locals }) => {
    const { email, role } = await fieldsOf(request, ['email', 'role']);
    if (!isRole(role)) return fail(400, { message: words.chooseARole, email, link: '', sent: false });
    const { organisation, name } = locals.who!;
    const sent = await invite(organisation!, { email, role, by: name });
    if (typeof sent === 'string') return fail(400, { message: sent, email, link: '', sent: false });
    return { message: '', email: '', to: email, ...sent };
  },
  role: async ({ request, locals }) => {
    const { id, role } = await fieldsOf(request, ['id', 'role']);
    if (!ID.test(id) || (role !== '' && !isRole(role)))
      return fail(400, { message: words.thatIsntARole, email: '', link: '', sent: false });
    const trouble = await setRole(locals.organisation, id, role === '' ? undefined : (role as never));
    return trouble
      ? fail(400, { message: trouble, email: '', link: '', sent: false })
      : { message: '', email: '', link: '', sent: false };
  },
  uninvite: async ({ request, locals }) => {
    const { id } = await fieldsOf(request, ['id']);
    if (ID.test(id)) await uninvite(locals.organisation, id);
    return { message: '', email: '', link: '', sent: false };
  },
};

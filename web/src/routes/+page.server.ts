import { backupState } from '$lib/server/backup/proofs';
import { deskFeedAddress } from '$lib/server/calendar/feeds';
import { asOrganisation } from '$lib/server/db/pool';
import { deskOf } from '$lib/server/desk/desk';
import { deskLetterWish, wishDeskLetter } from '$lib/server/desk/desk-letter';
import { words } from '$lib/server/desk/words';
import { fieldsOf } from '$lib/server/web/form';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  desk: await deskOf(locals.organisation, locals.who?.organisation?.role),
  backups:
    locals.who?.organisation?.role === 'owner' ? await asOrganisation(locals.organisation, (db) => backupState(db)) : undefined,
  feed: deskFeedAddress(locals.organisation),
  letter: locals.who ? await deskLetterWish(locals.organisation, locals.who.account) : 'never',
});

export const actions: Actions = {
  letter: async ({ request, locals }) => {
    const { letter } = await fieldsOf(request, ['letter']);
    if (letter !== 'never' && letter !== 'pressing' && letter !== 'weekly') return fail(400, { message: words.chooseWhen });
    await wishDeskLetter(locals.organisation, locals.who!.account, letter);
    return { message: '' };
  },
};

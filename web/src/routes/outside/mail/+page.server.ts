import { arrivedMails } from '$lib/server/mail/stand-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ mails: await arrivedMails(60) });

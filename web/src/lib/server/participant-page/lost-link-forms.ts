/** The forms of the page for whoever has lost her link. */
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { fieldsOf } from '../web/form';
import { addressOf } from '../web/gate';
import { openByCode, sendCodes } from './lost-link';
import { words } from './words';

/** Sends a code to a mail address. */
export async function mailForm(event: RequestEvent) {
  const { email } = await fieldsOf(event.request, ['email']);
  const trouble = await sendCodes(email, addressOf(event));
  return trouble
    ? fail(400, { part: 'mail', message: trouble, says: '' })
    : { part: 'mail', message: '', says: words.codeSent };
}

/** Opens the page that a code is for. */
export async function codeForm(event: RequestEvent) {
  const { code } = await fieldsOf(event.request, ['code'], 40);
  const done = await openByCode(event, code, addressOf(event));
  if (typeof done === 'string') return fail(400, { part: 'code', message: done, says: '' });
  redirect(303, `/p/${done.key}`);
}

import { words } from '$lib/server/auth/words';
import { codePicture, newCodeSecret } from '$lib/server/auth/codes';
import { partsFor } from '$lib/server/auth/house';
import { accountState, askForCodes, changeName, changePassword, stopCodes } from '$lib/server/auth/own-account';
import { allowsPasskeys, removePasskey } from '$lib/server/auth/passkeys';
import { now } from '$lib/server/clock';
import { listPasskeys } from '$lib/server/db/passkeys';
import { atTheDoor } from '$lib/server/db/pool';
import { isId } from '$lib/server/db/ids';
import { chooseOrganisation, endSession, listDevices } from '$lib/server/db/sessions';
import { fieldsOf } from '$lib/server/web/form';
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const who = locals.who!;
  const own = await atTheDoor(async (db) => ({
    devices: (await listDevices(db, who.account, now())).map((d) => ({ ...d, here: d.id === who.session })),
    passkeys: await listPasskeys(db, who.account),
  }));
  return {
    ...own,
    ...(await accountState(who)),
    passkeys: allowsPasskeys(url) ? own.passkeys : undefined,
    parts: await partsFor(who.account),
    house: who.organisation?.id ?? '',
  };
};

/** A form that somebody signed in sends about herself: what it answers when something is wrong names its part of the page. */
async function done(part: string, work: Promise<string | undefined>, says: string) {
  const trouble = await work;
  return trouble ? fail(400, { part, message: trouble, says: '' }) : { part, message: '', says };
}

/** The demonstration's owner is nobody in particular: her account stays as it is. */
function whoSigned({ locals }: RequestEvent) {
  if (!locals.who || locals.who.demo) redirect(303, '/sign-in?to=/account');
  return locals.who;
}

export const actions: Actions = {
  name: async (event) => {
    const who = whoSigned(event);
    const { name } = await fieldsOf(event.request, ['name']);
    return done('name', changeName(who, name), words.changed);
  },
  password: async (event) => {
    const who = whoSigned(event);
    const { old, password } = await fieldsOf(event.request, ['old', 'password']);
    return done('password', changePassword(who, old, password), words.changedYourOtherDevicesAre);
  },
  codes: async (event) => {
    const who = whoSigned(event);
    const { secret, code } = await fieldsOf(event.request, ['secret', 'code']);
    if (!secret) {
      const made = newCodeSecret();
      return { part: 'codes', message: '', says: '', secret: made, picture: await codePicture(made, who.email) };
    }
    const trouble = await askForCodes(who, secret, code);
    return trouble
      ? fail(400, {
          part: 'codes',
          message: trouble,
          says: '',
          secret,
          picture: await codePicture(secret, who.email).catch(() => ''),
        })
      : { part: 'codes', message: '', says: words.fromNowOnACode };
  },
  nocodes: async (event) => {
    const who = whoSigned(event);
    const { password } = await fieldsOf(event.request, ['password']);
    return done('codes', stopCodes(who, password), words.noCodeIsAskedFor);
  },
  nopasskey: async (event) => {
    const who = whoSigned(event);
    const { id } = await fieldsOf(event.request, ['id']);
    await removePasskey(who, id);
    return { part: 'passkeys', message: '', says: words.passkeyRemoved };
  },
  end: async (event) => {
    const who = whoSigned(event);
    const { id } = await fieldsOf(event.request, ['id']);
    if (isId(id)) await atTheDoor((db) => endSession(db, who.account, id));
    return { part: 'devices', message: '', says: words.signedOutThere };
  },
  choose: async (event) => {
    const who = whoSigned(event);
    const { id } = await fieldsOf(event.request, ['id']);
    if (isId(id)) await atTheDoor((db) => chooseOrganisation(db, who.session, id));
    redirect(303, '/');
  },
};

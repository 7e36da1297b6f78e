/** Who is signed in, by a cookie's key. */
import type { Cookies } from '@sveltejs/kit';
import { now } from '../clock';
import { partsOf } from '../db/accounts';
import { atTheDoor } from '../db/pool';
import { endSession, findSession, insertSession, touchSession } from '../db/sessions';
import { keyHash, looksLikeKey, newKey } from './keys';
import type { Role } from './roles';

/** Days without a sign of life after which a session ends, and the most that it lasts. */
const IDLE_DAYS = 30;
const LONGEST_DAYS = 180;
/** Minutes between two notes that a device was seen. */
const TOUCH = 10;
const COOKIE = 'aggrega_session';

export interface SignedIn {
  session: string;
  account: string;
  email: string;
  name: string;
  organisation?: { id: string; name: string; language: string; role: Role };
}

const daysOn = (at: Date, days: number) => new Date(at.getTime() + days * 86_400_000);

/** Signs an account in on this device. The key stands in a cookie that no script reads and no other site's page sends along. */
export async function openSession(
  account: string,
  { cookies, url, device, organisation }: { cookies: Cookies; url: URL; device: string; organisation?: string },
): Promise<void> {
  const key = newKey();
  const at = now();
  await atTheDoor(async (db) => {
    const parts = await partsOf(db, account);
    const chosen = parts.find((p) => p.organisation === organisation) ?? parts[0];
    await insertSession(db, {
      ...{ hash: keyHash(key), account, organisation: chosen?.organisation ?? null },
      ...{ device: device.slice(0, 300), at, ends: daysOn(at, IDLE_DAYS) },
    });
  });
  cookies.set(COOKIE, key, {
    ...{ path: '/', httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' },
    maxAge: LONGEST_DAYS * 86_400,
  });
}

/** Who is signed in; undefined where nobody is. */
export async function signedIn(cookies: Cookies): Promise<SignedIn | undefined> {
  const key = cookies.get(COOKIE);
  if (!looksLikeKey(key)) return undefined;
  const at = now();
  const row = await atTheDoor(async (db) => {
    const found = await findSession(db, keyHash(key), at);
    if (found && at.getTime() - found.seen.getTime() > TOUCH * 60_000)
      await touchSession(db, found.id, { at, ends: daysOn(at, IDLE_DAYS), longestDays: LONGEST_DAYS });
    return found;
  });
  if (!row) return undefined;
  const { organisation, organisationName, language, role } = row;
  return {
    ...{ session: row.id, account: row.account, email: row.email, name: row.name },
    ...(organisation &&
      organisationName &&
      role && { organisation: { id: organisation, name: organisationName, language: language ?? 'en-GB', role } }),
  };
}

/** Signs out on this device. */
export async function closeSession(cookies: Cookies, who: SignedIn | undefined): Promise<void> {
  if (who) await atTheDoor((db) => endSession(db, who.account, who.session));
  cookies.delete(COOKIE, { path: '/' });
}

/** Signing in with a password and, where they are asked for, a one-time code; and what to do when the password is forgotten. */
import { words } from './words';
import { now } from '../clock';
import { findByEmail, findWithKey, setPassword, useCodeStep } from '../db/accounts';
import { findRecovery, putRecovery, takeRecovery } from '../db/invitations';
import { atTheDoor } from '../db/pool';
import { endSessions } from '../db/sessions';
import { origin, sendLetter } from '../mail/post';
import { stepOfCode } from './codes';
import { keyHash, looksLikeKey, newKey } from './keys';
import { tellOfChange } from './notices';
import { log } from '../web/log';
import { hashPassword, passwordFault, passwordIs } from './passwords';
import { countTry, forgetTries, mustWait, type Tried } from './throttle';

export type SignInAnswer = { kind: 'in'; account: string } | { kind: 'code' } | { kind: 'refused'; message: string };

/** Hours that a letter's key opens the door to a new password. */
const RECOVERY_HOURS = 2;

export const plainEmail = (email: string): string => email.trim().toLowerCase();

/** Whether it can be a mail address at all; the letter to it shows the rest. */
export const isEmail = (email: string): boolean => email.length <= 200 && /^[^\s@<>"',;]+@[^\s@<>"',;]+$/.test(email);

/** Who it is, if the password, and the code where one is asked for, are right. Wrong ones are counted, by account and by where they come from (see throttle.ts). */
export async function signIn(
  { email, password, code }: { email: string; password: string; code: string },
  address: string,
): Promise<SignInAnswer> {
  const who = plainEmail(email);
  const here = hereOf(who, address);
  const [inside, ...outside] = await Promise.all([
    mustWait('inside', who),
    mustWait('here', here),
    mustWait('account', who),
    mustWait('address', address),
  ]);
  const wait = Math.max(inside, ...outside);
  const often = words.thatWasTriedTooOftenWait(wait);
  // A new password is no way round the codes.
  if (inside > 0) return refused(`${often}.`);
  if (wait > 0) return refused(words.orSetANewPassword(often));
  const found = await atTheDoor((db) => findByEmail(db, who));
  if (!(await passwordIs(found?.password, password)) || !found)
    return wrong(words.wrongEmailOrPassword, [
      ['here', here],
      ['account', who],
    ]);
  if (found.codeSecret) {
    if (!code) return { kind: 'code' };
    const step = stepOfCode(found.codeSecret, code);
    if (step === undefined || !(await atTheDoor((db) => useCodeStep(db, found.id, step))))
      return wrong(words.thatCodeIsNotThe, [['inside', who]]);
  }
  await forgetTries('here', here);
  await forgetTries('inside', who);
  return { kind: 'in', account: found.id };

  async function wrong(message: string, counted: [Tried, string][]): Promise<SignInAnswer> {
    // Whoever watches the log sees from where somebody tries, and at whose account.
    log('warn', 'sign-in', { outcome: 'refused', account: found?.id, from: address });
    for (const [tried, key] of counted) await countTry(tried, key);
    await countTry('address', address);
    return refused(message);
  }
}

const hereOf = (who: string, address: string) => `${who} ${address}`;

const refused = (message: string): SignInAnswer => ({ kind: 'refused', message });

/** Sends a letter by which a new password can be set, where the address has an account; nobody learns here whether it has. */
export async function sendRecovery(email: string, address: string): Promise<void> {
  const who = plainEmail(email);
  if ((await countTry('letter', who)) > 0 || (await countTry('address', address)) > 0) return;
  const found = await atTheDoor((db) => findByEmail(db, who));
  if (!found) return;
  const key = newKey();
  await atTheDoor((db) => putRecovery(db, keyHash(key), found.id, new Date(now().getTime() + RECOVERY_HOURS * 3_600_000)));
  await sendLetter({
    to: found.email,
    subject: 'A new password for Aggrega',
    text: words.helloSomeoneWeHopeYou(found.name, found.email, RECOVERY_HOURS, origin(), key),
  });
}

/** Whether a letter's key still opens. */
export const recoveryHolds = async (key: string): Promise<boolean> =>
  looksLikeKey(key) && Boolean(await atTheDoor((db) => findRecovery(db, keyHash(key), now())));

/**
 * Sets a new password by a letter's key, once; all devices are signed out. The account, or a sentence. Whoever asks from that address may try at once; one-time
 * codes, and how often wrong ones were tried, stay as they were.
 */
export async function recover(key: string, password: string, address: string): Promise<{ account: string } | string> {
  const fault = passwordFault(password, []);
  if (fault) return fault;
  const hashed = await hashPassword(password);
  const account = looksLikeKey(key)
    ? await atTheDoor(async (db) => {
        const id = await takeRecovery(db, keyHash(key), now());
        if (!id) return undefined;
        await setPassword(db, id, hashed);
        await endSessions(db, id, null);
        return findWithKey(db, id);
      })
    : undefined;
  if (!account) return words.thisLinkWasUsedAlready;
  await forgetTries('here', hereOf(account.email, address));
  await forgetTries('account', account.email);
  void tellOfChange(account.id, 'password');
  return { account: account.id };
}

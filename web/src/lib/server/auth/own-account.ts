/** What somebody does with her own account. */
import { words } from './words';
import { findWithKey, setCodeSecret, setName, setPassword, useCodeStep } from '../db/accounts';
import { atTheDoor } from '../db/pool';
import { endSessions } from '../db/sessions';
import { stepOfCode } from './codes';
import { tellOfChange } from './notices';
import { hashPassword, passwordFault, passwordIs } from './passwords';
import type { SignedIn } from './sessions';
import { countTry, mustWait } from './throttle';

/** Undefined where it was done, else why not, as a sentence. */
type Done = Promise<string | undefined>;

/** Changes her name. */
export async function changeName(who: SignedIn, name: string): Done {
  const plain = name.trim();
  if (!plain || plain.length > 200) return words.typeANameOfAt;
  await atTheDoor((db) => setName(db, who.account, plain));
  return undefined;
}

/** Changes her password, by the one that she has; her other devices are signed out. */
export async function changePassword(who: SignedIn, old: string, password: string): Done {
  const fault = passwordFault(password, [who.email, who.name]);
  if (fault) return fault;
  const wrong = await notHers(who, old);
  if (wrong) return wrong;
  const hashed = await hashPassword(password);
  await atTheDoor(async (db) => {
    await setPassword(db, who.account, hashed);
    await endSessions(db, who.account, who.session);
  });
  void tellOfChange(who.account, 'password');
  return undefined;
}

/** Asks for one-time codes from now on, if the code shows that her telephone has the secret. */
export async function askForCodes(who: SignedIn, secret: string, code: string): Done {
  if (!/^[A-Z2-7]{32}$/.test(secret)) return words.beginAgainThatSecretIs;
  const step = stepOfCode(secret, code);
  if (step === undefined) return words.thatCodeIsNotThe;
  await atTheDoor(async (db) => {
    await setCodeSecret(db, who.account, secret);
    await useCodeStep(db, who.account, step);
  });
  return undefined;
}

/** Asks for no more codes, by her password. */
export async function stopCodes(who: SignedIn, password: string): Done {
  const wrong = await notHers(who, password);
  if (wrong) return wrong;
  await atTheDoor((db) => setCodeSecret(db, who.account, null));
  void tellOfChange(who.account, 'no codes');
  return undefined;
}

/** Whether one-time codes are asked for, and whether the account can be opened at all: the demonstration's cannot. */
export async function accountState(who: SignedIn): Promise<{ codes: boolean; opens: boolean }> {
  const found = await atTheDoor((db) => findWithKey(db, who.account));
  return { codes: Boolean(found?.codeSecret), opens: Boolean(found) };
}

/** Why that is not her password, as a sentence; undefined where it is. Wrong ones are counted. */
export async function notHers(who: SignedIn, password: string): Done {
  const wait = await mustWait('inside', who.email);
  if (wait > 0) return words.thatWasTriedTooOften(wait);
  const found = await atTheDoor((db) => findWithKey(db, who.account));
  if (await passwordIs(found?.password, password)) return undefined;
  await countTry('inside', who.email);
  return words.thatIsNotYourPassword;
}

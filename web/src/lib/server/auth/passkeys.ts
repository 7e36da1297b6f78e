/**
 * Passkeys (WebAuthn): a device signs what it is asked, after its owner has shown it her finger, face or PIN. So it stands for a password and a code at once, and
 * holds for this installation's own name alone, whatever page asks.
 */
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { createHash } from 'node:crypto';
import { isIP } from 'node:net';
import { now } from '../clock';
import {
  deletePasskey,
  findPasskey,
  insertPasskey,
  listPasskeys,
  putChallenge,
  takeChallenge,
  usePasskey,
} from '../db/passkeys';
import { atTheDoor } from '../db/pool';
import { log } from '../web/log';
import { tellOfChange } from './notices';
import { notHers } from './own-account';
import type { SignedIn } from './sessions';
import { words } from './words';

/** Minutes in which a device has to answer. */
const MINUTES = 10;
/** Passkeys of one account at most. */
const MOST = 20;

const hashOf = (challenge: string) => createHash('sha256').update(challenge).digest();
const soon = () => new Date(now().getTime() + MINUTES * 60_000);

/** Whether browsers allow passkeys at that address: by a name, over https or on the machine itself. */
export const allowsPasskeys = ({ hostname, protocol }: URL): boolean =>
  isIP(hostname.replace(/^\[|\]$/g, '')) === 0 && (protocol === 'https:' || hostname === 'localhost');

/** What a new device of hers is asked to sign, by her password; or a sentence. */
export async function beginPasskey(
  who: SignedIn,
  password: string,
  url: URL,
): Promise<PublicKeyCredentialCreationOptionsJSON | string> {
  const wrong = await notHers(who, password);
  if (wrong) return wrong;
  const known = await atTheDoor((db) => listPasskeys(db, who.account));
  if (known.length >= MOST) return words.tooManyPasskeys;
  const options = await generateRegistrationOptions({
    ...{ rpName: 'Aggrega', rpID: url.hostname },
    ...{ userName: who.email, userDisplayName: who.name, userID: new TextEncoder().encode(who.account) },
    excludeCredentials: known.map(({ id, transports }) => ({ id, transports })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await atTheDoor((db) => putChallenge(db, hashOf(options.challenge), who.account, soon()));
  return options;
}

/** Adds what that device signed; undefined where it was done, else a sentence. */
export async function addPasskey(
  who: SignedIn,
  { response, name }: { response: RegistrationResponseJSON; name: string },
  url: URL,
): Promise<string | undefined> {
  const made = now();
  const checked = await verifyRegistrationResponse({
    ...{ response, expectedOrigin: url.origin, expectedRPID: url.hostname, requireUserVerification: true },
    expectedChallenge: (challenge) => atTheDoor((db) => takeChallenge(db, hashOf(challenge), who.account, made)),
  }).catch(() => undefined);
  if (!checked?.verified) return words.passkeyNotAdded;
  const { id, publicKey, counter } = checked.registrationInfo.credential;
  const transports = (response.response.transports ?? []).filter((t) => /^[a-z-]{1,20}$/.test(t)).slice(0, 8);
  const put = await atTheDoor((db) =>
    insertPasskey(db, {
      ...{ id, account: who.account, publicKey: Buffer.from(publicKey), counter, transports },
      ...{ name: name.trim().slice(0, 80) || 'Passkey', made },
    }),
  );
  if (!put) return words.passkeyNotAdded;
  void tellOfChange(who.account, 'passkey');
  return undefined;
}

/** Takes a passkey of hers away. */
export async function removePasskey(who: SignedIn, id: string): Promise<void> {
  await atTheDoor((db) => deletePasskey(db, who.account, id));
}

/** What a device is asked to sign by somebody who wants to come in. */
export async function askPasskey(url: URL): Promise<PublicKeyCredentialRequestOptionsJSON> {
  const options = await generateAuthenticationOptions({ rpID: url.hostname, userVerification: 'required' });
  await atTheDoor((db) => putChallenge(db, hashOf(options.challenge), null, soon()));
  return options;
}

/** Whose device signed it; undefined where it is nobody's, or was not signed rightly. */
export const signInByPasskey = (response: AuthenticationResponseJSON, url: URL): Promise<string | undefined> =>
  atTheDoor(async (db) => {
    const at = now();
    const found = await findPasskey(db, response.id);
    if (!found) return undefined;
    const { id, publicKey, counter } = found;
    const checked = await verifyAuthenticationResponse({
      ...{ response, expectedOrigin: url.origin, expectedRPID: url.hostname, requireUserVerification: true },
      expectedChallenge: (challenge) => takeChallenge(db, hashOf(challenge), null, at),
      credential: { id, publicKey: new Uint8Array(publicKey), counter },
    }).catch(() => undefined);
    if (!checked?.verified) {
      log('warn', 'sign-in', { outcome: 'wrong passkey', account: found.account });
      return undefined;
    }
    await usePasskey(db, id, checked.authenticationInfo.newCounter, at);
    return found.account;
  });

/** Passkeys in the browser: asking the device to sign, and sending what it signed. Each answers with a sentence where it was not done. */
import { trySendOnce } from '$lib/ask/send-once';
import { startAuthentication, startRegistration } from '@simplewebauthn/browser';
import { words } from './words';

type Answer<T> = { value: T } | { trouble: string };

async function asked<T>(address: string, body: object): Promise<Answer<T>> {
  const answer = await trySendOnce(address, { body });
  if (!answer) return { trouble: words.cantReachNow };
  const value = (await answer.json()) as T & { message?: string };
  return answer.ok ? { value } : { trouble: value.message ?? words.cantReachNow };
}

/** The device was asked and did not sign: it was stopped, took too long, or has a passkey already. */
function unsigned(error: unknown): { trouble: string } {
  const name = error instanceof Error ? error.name : '';
  return { trouble: name === 'InvalidStateError' ? words.hasPasskeyAlready : words.deviceDidNotAnswer };
}

/** Adds one to her account, by her password; undefined where it was done. */
export async function addPasskey(password: string, name: string): Promise<string | undefined> {
  const options = await asked<Parameters<typeof startRegistration>[0]['optionsJSON']>('/account/passkeys', {
    ...{ step: 'begin', password },
  });
  if ('trouble' in options) return options.trouble;
  const response = await startRegistration({ optionsJSON: options.value }).catch(unsigned);
  if ('trouble' in response) return response.trouble;
  const done = await asked('/account/passkeys', { step: 'add', name, response });
  return 'trouble' in done ? done.trouble : undefined;
}

/** Signs in with one; undefined where it was done. */
export async function signInByPasskey(): Promise<string | undefined> {
  const options = await asked<Parameters<typeof startAuthentication>[0]['optionsJSON']>('/sign-in/passkey', { step: 'ask' });
  if ('trouble' in options) return options.trouble;
  const response = await startAuthentication({ optionsJSON: options.value }).catch(unsigned);
  if ('trouble' in response) return response.trouble;
  const done = await asked('/sign-in/passkey', { step: 'in', response });
  return 'trouble' in done ? done.trouble : undefined;
}

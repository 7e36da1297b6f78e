import { comeIn } from '$lib/server/auth/coming-in';
import { askPasskey, signInByPasskey } from '$lib/server/auth/passkeys';
import { signature, step, text } from '$lib/server/auth/passkey-shapes';
import { words } from '$lib/server/auth/words';
import { countTry, mustWait } from '$lib/server/auth/throttle';
import { bodyReader } from '$lib/server/web/door';
import { addressOf } from '$lib/server/web/gate';
import type { AuthenticationResponseJSON } from '@simplewebauthn/server';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

type Asked = { step: 'ask' } | { step: 'in'; response: AuthenticationResponseJSON };
const read = bodyReader<Asked>({
  oneOf: [
    step('ask', {}),
    step('in', {
      response: signature({
        required: ['clientDataJSON', 'authenticatorData', 'signature'],
        properties: {
          ...{ clientDataJSON: text(4000), authenticatorData: text(4000), signature: text(4000) },
          userHandle: text(200),
        },
      }),
    }),
  ],
});

/** Signing in with a passkey: first what the device has to sign, then what it signed. */
export const POST: RequestHandler = async (event) => {
  const asked = await read(event.request);
  if (asked.step === 'ask') return json(await askPasskey(event.url));
  const from = addressOf(event);
  const wait = await mustWait('address', from);
  if (wait > 0) error(429, words.thatWasTriedTooOften(wait));
  const account = await signInByPasskey(asked.response, event.url);
  if (!account) {
    await countTry('address', from);
    error(422, words.passkeyNotKnown);
  }
  await comeIn(event, account);
  return json({ done: true });
};

import { addPasskey, beginPasskey } from '$lib/server/auth/passkeys';
import { signature, step, text } from '$lib/server/auth/passkey-shapes';
import { bodyReader } from '$lib/server/web/door';
import type { RegistrationResponseJSON } from '@simplewebauthn/server';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

type Asked = { step: 'begin'; password: string } | { step: 'add'; name: string; response: RegistrationResponseJSON };
const read = bodyReader<Asked>({
  oneOf: [
    step('begin', { password: text(200) }),
    step('add', {
      name: text(80),
      response: signature({
        required: ['clientDataJSON', 'attestationObject'],
        properties: {
          ...{ clientDataJSON: text(4000), attestationObject: text(20_000), authenticatorData: text(8000) },
          ...{ publicKey: text(8000), publicKeyAlgorithm: { type: 'integer' } },
          transports: { type: 'array', maxItems: 8, items: text(20) },
        },
      }),
    }),
  ],
});

/** A passkey for oneself: first what the device has to sign, by the password, then what it signed. */
export const POST: RequestHandler = async ({ request, url, locals }) => {
  const who = locals.who!;
  const asked = await read(request);
  if (asked.step === 'begin') {
    const options = await beginPasskey(who, asked.password, url);
    return typeof options === 'string' ? error(422, options) : json(options);
  }
  const refused = await addPasskey(who, asked, url);
  return refused ? error(422, refused) : json({ done: true });
};

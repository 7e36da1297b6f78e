import { words } from '$lib/server/participant-page/words';
import { bodyReader } from '$lib/server/web/door';
import { askOrganiser, setOwn, takePictureAway, tickProgress } from '$lib/server/participant-page/participant-page';
import { pageOf } from '$lib/server/participant-page/private-page';
import { isId } from '$lib/server/participants/roster-question';
import type { ProgressStep } from '@aggrega/core/running';
import { error, json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

type Deed =
  | { deed: 'tick'; month: string; step: ProgressStep; done: boolean }
  | { deed: 'ask'; month: string; asks: string }
  | { deed: 'shows'; shows: boolean }
  | { deed: 'sheet'; sheet: string }
  | { deed: 'picture away'; picture: string };

const month = { type: 'string', maxLength: 80 };
const deed = (name: string, properties: object) => ({
  type: 'object',
  required: ['deed', ...Object.keys(properties)],
  additionalProperties: false,
  properties: { deed: { const: name }, ...properties },
});
const readDeed = bodyReader<Deed>({
  oneOf: [
    deed('tick', { month, step: { enum: ['cut', 'units', 'block'] }, done: { type: 'boolean' } }),
    deed('ask', { month, asks: { type: 'string', minLength: 1, maxLength: 4000, pattern: '^[^\\u0000]*\\S[^\\u0000]*$' } }),
    deed('shows', { shows: { type: 'boolean' } }),
    deed('sheet', { sheet: { type: 'string', maxLength: 200, pattern: '^[a-z0-9=&-]*$' } }),
    deed('picture away', { picture: { type: 'string', maxLength: 60 } }),
  ],
});

/** What she does on her own page. */
export const POST: RequestHandler = async ({ params, request }) => {
  const page = await pageOf(params.key);
  const asked = await readDeed(request);
  const refused = await done();
  if (refused) error(422, refused);
  return json({ done: true });

  async function done(): Promise<string | undefined> {
    if (asked.deed === 'tick') return (await tickProgress(page, asked)) ? undefined : words.thisMonthIsNotOut;
    if (asked.deed === 'ask') return askOrganiser(page, asked);
    if (asked.deed === 'picture away')
      return isId(asked.picture) && (await takePictureAway(page, asked.picture)) ? undefined : words.thisPictureIsNotThere;
    await setOwn(page, asked.deed === 'shows' ? { shows: asked.shows } : { sheet: asked.sheet });
    return undefined;
  }
};

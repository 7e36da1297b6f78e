import { randomInt } from 'node:crypto';
import type { PageServerLoad } from './$types';

/** What the first deal hangs on: the same in the page that is sent and in the browser. */
export const load: PageServerLoad = () => ({ seed: randomInt(2 ** 31) });

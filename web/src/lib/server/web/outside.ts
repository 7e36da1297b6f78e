/** What stands outside this process, the database and the store of files, may be away: then a page or a route answers 503 with a sentence. */
import { error } from '@sveltejs/kit';
import { log } from './log';
import { words } from './words';

type Outside = 'database' | 'files';
const known = new WeakMap<object, Outside>();

/** An answer of 503 that says so, to be thrown where the trouble is first met; `cause` is for the log. */
export function away(of: Outside, sentence: string, cause: unknown): Error {
  try {
    error(503, sentence);
  } catch (answer) {
    known.set(answer as object, of);
    return Object.assign(answer as Error, { cause });
  }
}

/** An answer of 400 for a value that cannot be kept; `cause` is what the database says, with its code. A check forgot it: the log says where. */
export function unkept(cause: Error & { code?: string }): Error {
  // Its message quotes what was sent.
  log('warn', 'value not kept', {
    code: cause.code,
    stack: cause.stack?.split('\n').filter((line) => line.startsWith('    at ')),
  });
  try {
    error(400, words.aValueCannotBeKept);
  } catch (answer) {
    return Object.assign(answer as Error, { cause, code: cause.code, message: cause.message });
  }
}

/** Whether that was thrown because that was away. */
export const isAway = (thrown: unknown, of: Outside): boolean =>
  typeof thrown === 'object' && thrown !== null && known.get(thrown) === of;

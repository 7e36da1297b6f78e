/**
 * Answers on their way are made small: a sheet with all its pictures is 400 kB of text, which a telephone waits two seconds for. Files of the build are
 * squeezed when it is built, and what comes from elsewhere (photographs, PDFs, archives) is small already.
 */
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const brotli = promisify(brotliCompress);
const zipped = promisify(gzip);

/** Bytes below which nothing is won. */
const LEAST = 1_400;
/** Somebody waits for it: of these levels a sheet takes some milliseconds. */
const BROTLI = { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } };
const GZIP = { level: 5 };

const TEXT = /^(text\/(?!event-stream)|application\/(json|[\w.-]+\+json|javascript)|image\/svg)/;

/** The answer, or the same one squeezed, where whoever asked can read it so and it is worth it. */
export async function squeezed({ headers: asked }: Request, response: Response): Promise<Response> {
  const { headers } = response;
  if (!response.body || headers.has('content-encoding') || !TEXT.test(headers.get('content-type') ?? '')) return response;
  headers.append('vary', 'accept-encoding');
  const how = encodingOf(asked.get('accept-encoding') ?? '');
  if (!how || (headers.has('content-length') && Number(headers.get('content-length')) < LEAST)) return response;
  const whole = Buffer.from(await response.arrayBuffer());
  const short = whole.length < LEAST;
  const body = short ? whole : how === 'br' ? await brotli(whole, BROTLI) : await zipped(whole, GZIP);
  const own = new Headers(headers);
  if (!short) own.set('content-encoding', how);
  own.set('content-length', String(body.length));
  return new Response(new Uint8Array(body), { status: response.status, statusText: response.statusText, headers: own });
}

/** The best that a header allows: 'gzip, br;q=0' is gzip. */
function encodingOf(accepted: string): 'br' | 'gzip' | undefined {
  const allowed = accepted.split(',').map((one) => one.trim().split(/\s*;\s*q=/));
  return (['br', 'gzip'] as const).find((how) =>
    allowed.some(([name, quality]) => name?.toLowerCase() === how && !(Number(quality ?? 1) === 0)),
  );
}

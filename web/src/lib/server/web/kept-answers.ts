/**
 * Pages as they were made last, kept whole: a page that somebody asks for again, while nothing of her organisation's was changed, is not made again. Whether
 * anything was changed is asked of the database each time (see last-change.ts), so it does not matter which process changed it.
 */
import { randomBytes } from 'node:crypto';
import type { RequestEvent } from '@sveltejs/kit';
import { LRUCache } from 'lru-cache';
import { now } from '../clock';
import { lastChange, replicaKnows } from '../db/last-change';
import { answersMade } from '../planner/worked-out';
import { noteFromReplica, noteKept } from './metrics';

interface Kept {
  /** Of what it was made: the mark of the last change, how much was worked out, and the minute. */
  from: string;
  headers: [string, string][];
  /** The body in pieces: between them stands the word by which its scripts are known, new each time (see the policy in svelte.config.js). */
  pieces: Buffer[];
}

/** Bytes of all kept bodies together. */
const MOST = 96_000_000;
const kept = new LRUCache<string, Kept>({
  maxSize: MOST,
  // A page says how long ago things were, so after a minute it is of no use, and what was erased since lies here no longer.
  ...{ ttl: 60_000, ttlAutopurge: true },
  sizeCalculation: ({ pieces }) => 2_000 + pieces.reduce((sum, piece) => sum + piece.length, 0),
});
/** Pages that are being made just now. */
const underWay = new Map<string, Promise<Kept | undefined>>();

const POLICY = 'content-security-policy';
/** Of the page as it was made: it says nothing of the body that is sent. */
const NOT_KEPT = new Set(['etag', 'content-length', 'date']);

/** Pages and lists that show what an organisation owns, and nothing else: what a cutting machine's folder holds, for one, comes from elsewhere. */
const PAGES = /^\/(programmes\/(?!.*\/cutter).*|api\/programmes\/\[programme\]\/(kits|roster))?$/;

/** The answer of `make`, or the one that it gave last where it would be the same. It is told where there is a replica to read from that has seen all changes. */
export async function keptAnswer(event: RequestEvent, make: (fromReplica: boolean) => Promise<Response>): Promise<Response> {
  const { organisation } = event.locals;
  if (event.request.method !== 'GET' || !organisation || !PAGES.test(event.route.id ?? '')) return make(false);
  const mark = await lastChange(organisation);
  const from = `${mark} ${answersMade(organisation)} ${Math.floor(now().getTime() / 60_000)}`;
  const name = nameOf(event);
  const known = kept.get(name);
  if (known?.from === from) return answerOf(known);
  const other = await underWay.get(`${from} ${name}`);
  if (other) return answerOf(other);

  const response = replicaKnows(organisation, mark).then((fromReplica) => {
    if (fromReplica) noteFromReplica();
    return make(fromReplica);
  });
  const made = response.then(keep(from)).catch(() => undefined);
  underWay.set(`${from} ${name}`, made);
  try {
    const own = await made;
    if (!own) return await response;
    kept.set(name, own);
    return answerOf(own);
  } finally {
    underWay.delete(`${from} ${name}`);
  }
}

/** Everything in a request that a page of ours is made by, but for the rows of the organisation and the time. */
function nameOf({ request, locals }: RequestEvent): string {
  const { headers } = request;
  const who = { ...locals.who, session: undefined };
  return JSON.stringify([request.url, headers.get('accept'), headers.get('accept-language'), who]);
}

/** What is kept of an answer; undefined where it is no page, or a page that says what went wrong. The answer stays as it is then. */
const keep =
  (from: string) =>
  async (response: Response): Promise<Kept | undefined> => {
    const type = response.headers.get('content-type') ?? '';
    const page = type.startsWith('text/html') || type.startsWith('application/json');
    if (response.status !== 200 || !page || response.headers.has('set-cookie')) return undefined;
    const word = wordOf(response.headers.get(POLICY));
    const body = await response.text();
    return {
      from,
      headers: [...response.headers].filter(([name]) => !NOT_KEPT.has(name)),
      pieces: (word ? body.split(word) : [body]).map((piece) => Buffer.from(piece)),
    };
  };

function answerOf({ headers, pieces }: Kept): Response {
  noteKept();
  const word = randomBytes(16).toString('base64');
  const bytes = Buffer.from(word);
  const body = Buffer.concat(pieces.flatMap((piece, i) => (i > 0 ? [bytes, piece] : [piece])));
  const own = headers.map(([name, value]): [string, string] => [
    name,
    name === POLICY ? value.replaceAll(/'nonce-[^']+'/g, `'nonce-${word}'`) : value,
  ]);
  return new Response(body, { headers: own });
}

const wordOf = (policy: string | null): string | undefined => /'nonce-([^']+)'/.exec(policy ?? '')?.[1];

/** Whose a request is, as far as can be told without asking anybody. */
import { createHash } from 'node:crypto';
import type { IncomingMessage } from 'node:http';
import { LRUCache } from 'lru-cache';

/** Named by the process that answered, for whoever is signed in; it goes no further. */
export const HOUSE_HEADER = 'x-aggrega-house';

/** Who asked of the front, for the processes behind it; whatever a visitor writes there is written over. */
export const ADDRESS_HEADER = 'x-aggrega-address';

const SESSION = /(?:^|; )aggrega_session=([^;]+)/;
/** The key of a private page or a calendar names its house in its first 16 bytes. */
const KEY = /^\/(?:p|feeds)\/([\w-]{21})/;

export class Whose {
  #houses = new LRUCache<string, string>({ max: 10_000 });

  /** The house of a request; a name of its own for a session that is new here, and the address of a stranger. */
  of({ headers, url = '' }: Pick<IncomingMessage, 'headers' | 'url'>, address: string): string {
    const key = KEY.exec(url)?.[1];
    if (key) return `house ${Buffer.from(`${key}A`, 'base64url').subarray(0, 15).toString('hex')}`;
    const session = SESSION.exec(headers.cookie ?? '')?.[1];
    if (!session) return `address ${address}`;
    const hash = hashOf(session);
    return this.#houses.get(hash) ?? `session ${hash}`;
  }

  /** Notes the house of whoever sent it, as the process that answered says. */
  learn({ headers }: Pick<IncomingMessage, 'headers'>, house: string): void {
    const session = SESSION.exec(headers.cookie ?? '')?.[1];
    if (session) this.#houses.set(hashOf(session), `house ${house.replaceAll('-', '').slice(0, 30)}`);
  }
}

const hashOf = (text: string) => createHash('sha256').update(text).digest('base64url');

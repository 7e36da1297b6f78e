/**
 * The keys of private links. A key names its organisation and is otherwise a secret that follows from the installation's own, so that it can be
 * written into mails without being kept; what is kept is its hash. Raising a person's `link` makes a new key and ends the old one.
 */
import { createHash, createHmac } from 'node:crypto';

export interface LinkOf {
  organisation: string;
  programme: string;
  participant: string;
  /** How often the link was made anew. */
  link: number;
}

function secret(): string {
  const own = process.env.AGGREGA_SECRET;
  if (!own || own.length < 32) throw new Error('AGGREGA_SECRET is not set or shorter than 32 letters; bin/start makes one');
  return own;
}

/** Refuses to start without a secret. */
export const checkSecret = (): void => void secret();

/** The key in a person's link: 43 letters. */
export function linkKey({ organisation, programme, participant, link }: LinkOf): string {
  const own = createHmac('sha256', secret()).update(`participant ${programme} ${participant} ${link}`).digest().subarray(0, 16);
  return Buffer.concat([bytesOf(organisation), own]).toString('base64url');
}

/** The key that lets a calendar program read the organiser's own calendar of a programme. */
export function feedKey(organisation: string, programme: string): string {
  const own = createHmac('sha256', secret()).update(`calendar ${programme}`).digest().subarray(0, 16);
  return Buffer.concat([bytesOf(organisation), own]).toString('base64url');
}

/** What of a key is kept. */
export const linkHash = (key: string): Buffer => createHash('sha256').update(key).digest();

/** The organisation that a key names, or undefined for what is no key. */
export function organisationOfKey(key: string): string | undefined {
  if (!/^[\w-]{43}$/.test(key)) return undefined;
  const hex = Buffer.from(key, 'base64url').subarray(0, 16).toString('hex');
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}

const bytesOf = (uuid: string) => Buffer.from(uuid.replaceAll('-', ''), 'hex');

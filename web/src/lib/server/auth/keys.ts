/** Keys that open something without a password: sessions, invitations, recoveries. Only their hashes are kept. */
import { createHash, randomBytes } from 'node:crypto';

/** A new key, 43 letters. */
export const newKey = (): string => randomBytes(32).toString('base64url');

/** Whether it could be a key at all. */
export const looksLikeKey = (key: string | undefined): key is string => /^[\w-]{43}$/.test(key ?? '');

/** What of a key is kept. */
export const keyHash = (key: string): Buffer => createHash('sha256').update(key).digest();

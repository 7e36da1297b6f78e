/** Passwords: argon2id, by the library's own hand; what they cost follows the advice of 2024 for servers (19 MiB, two passes). */
import { hash, verify } from '@node-rs/argon2';

const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };
/** What stands in for the hash of an account that there is not, so that asking for it takes as long. */
let decoy: Promise<string> | undefined;

export const SHORTEST = 12;
export const LONGEST = 200;

/** Why a password will not do, as a sentence; undefined where it does. `others` are words that it may not be. */
export function passwordFault(password: string, others: readonly string[]): string | undefined {
  const plain = password.trim().toLowerCase();
  if (password.length < SHORTEST)
    return `A password needs at least ${SHORTEST} characters. A short sentence is easy to remember.`;
  if (password.length > LONGEST) return `A password can have at most ${LONGEST} characters.`;
  if (new Set(plain).size < 5) return 'That password is too repetitive. Use at least five different characters.';
  if (others.some((o) => o && plain === o.toLowerCase())) return 'The password can’t be your name or your email address.';
  return undefined;
}

/** The hash to be kept. */
export const hashPassword = (password: string): Promise<string> => hash(password, COST);

/** Whether it is the one; without a hash it takes as long and is not. */
export async function passwordIs(kept: string | undefined, password: string): Promise<boolean> {
  const against = kept ?? (await (decoy ??= hashPassword('nobody has this one')));
  const same = await verify(against, password.slice(0, LONGEST)).catch(() => false);
  return same && kept !== undefined;
}

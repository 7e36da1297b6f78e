/** The people of a shop or guild who sign in: founding one, inviting, roles, leaving. */
import { words } from './words';
import { roleName } from '$lib/look/role-name';
import { randomUUID } from 'node:crypto';
import type pg from 'pg';
import { now } from '../clock';
import { deleteMember, findByEmail, insertAccount, listMembers, lockMembers, partsOf, putMember } from '../db/accounts';
import { deleteInvitation, findInvitation, putInvitation, type Invitation } from '../db/invitations';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, atTheDoor } from '../db/pool';
import { origin, sendLetter } from '../mail/post';
import { keyHash, looksLikeKey, newKey } from './keys';
import { hashPassword, passwordFault } from './passwords';
import type { Role } from './roles';
import { tellOwners } from './notices';
import { isEmail, plainEmail } from './sign-in';
import { countTry } from './throttle';

/** Days that an invitation holds. */
const DAYS = 14;

export interface NewAccount {
  name: string;
  email: string;
  password: string;
}

/** Why an account cannot be made so, as a sentence. */
export function accountFault({ name, email, password }: NewAccount): string | undefined {
  if (!name.trim() || name.trim().length > 200) return words.typeYourNameAtMost;
  if (!isEmail(plainEmail(email))) return words.isNoMailAddress(email.trim());
  return passwordFault(password, [email, name]);
}

/** Founds a shop or guild with its first owner; the account, or a sentence. Somebody who has an account signs in first. */
export async function found(
  house: string,
  who: NewAccount | { account: string },
): Promise<{ account: string; organisation: string } | string> {
  const name = house.trim();
  if (!name || name.length > 200) return words.typeTheNameOfYour;
  const fault = 'account' in who ? undefined : accountFault(who);
  if (fault) return fault;
  const password = 'account' in who ? '' : await hashPassword(who.password);
  return atTheDoor(async (db) => {
    const account =
      'account' in who
        ? who.account
        : await insertAccount(db, { email: plainEmail(who.email), name: who.name.trim(), password });
    if (!account) return words.thatEmailAddressAlreadyHas;
    const organisation = randomUUID();
    await actFor(db, organisation, account);
    await insertOrganisation(db, organisation, name);
    await putMember(db, organisation, account, 'owner');
    return { account, organisation };
  });
}

/** From here on the door's transaction acts for an organisation too, so that its record knows of it. */
async function actFor(db: pg.ClientBase, organisation: string, account: string): Promise<void> {
  await db.query(`select set_config('app.organisation', $1, true), set_config('app.account', $2, true)`, [
    organisation,
    account,
  ]);
}

/** Invites somebody by a letter; the link that stands in it, or a sentence. The letter may fail: then the link can be handed over. */
export async function invite(
  { id, name }: { id: string; name: string },
  { email, role, by }: { email: string; role: Role; by: string },
): Promise<{ link: string; sent: boolean } | string> {
  const to = plainEmail(email);
  if (!isEmail(to)) return words.isNoMailAddress(email.trim());
  const key = newKey();
  const at = now();
  const ends = new Date(at.getTime() + DAYS * 86_400_000);
  const there = await asOrganisation(id, async (db) => {
    if ((await listMembers(db)).some((m) => m.email === to)) return true;
    await putInvitation(db, { organisation: id, email: to, role, hash: keyHash(key), at, ends });
    return false;
  });
  if (there) return words.hasAPartAlreadyChange(to);
  const link = `${origin()}/invitation/${key}`;
  if ((await countTry('letter', `${id} ${to}`)) > 0) return { link, sent: false };
  const text = words.invitation(by, name, roleName(role), DAYS, link);
  const sent = await sendLetter({ to, subject: words.invitesYou(name), text }).then(
    () => true,
    () => false,
  );
  return { link, sent };
}

/** Takes an invitation back. */
export const uninvite = (organisation: string, id: string): Promise<boolean> =>
  asOrganisation(organisation, (db) => deleteInvitation(db, id));

export interface InvitationState extends Invitation {
  /** Whether the address has an account, so that she signs in instead of making one. */
  known: boolean;
}

/** The invitation of a key while it holds. */
export async function invitationOf(key: string): Promise<InvitationState | undefined> {
  if (!looksLikeKey(key)) return undefined;
  return atTheDoor(async (db) => {
    const invitation = await findInvitation(db, keyHash(key), now());
    return invitation && { ...invitation, known: Boolean(await findByEmail(db, invitation.email)) };
  });
}

/**
 * Takes up an invitation: by the account that is signed in, if it has that address, or by a new one. The account, or a sentence. The letter shows that the
 * address is hers.
 */
export async function takeUp(
  key: string,
  who: { account: string; email: string } | { name: string; password: string },
): Promise<{ account: string; organisation: string } | string> {
  const gone = words.thisInvitationHasBeenUsed;
  const invitation = await invitationOf(key);
  if (!invitation) return gone;
  if ('account' in who && who.email !== invitation.email) return words.thisInvitationIsForAnd(invitation.email, who.email);
  const fault = 'account' in who ? undefined : accountFault({ ...who, email: invitation.email });
  if (fault) return fault;
  const password = 'account' in who ? '' : await hashPassword(who.password);
  const joined = await atTheDoor(async (db) => {
    const account =
      'account' in who ? who.account : await insertAccount(db, { email: invitation.email, name: who.name.trim(), password });
    if (!account) return words.thatEmailAddressAlreadyHas;
    await actFor(db, invitation.organisation, account);
    // Once only: whoever comes second finds it gone.
    if (!(await deleteInvitation(db, invitation.id))) throw new Gone();
    await putMember(db, invitation.organisation, account, invitation.role);
    return { account, organisation: invitation.organisation };
  }).catch((error) => {
    if (error instanceof Gone) return gone;
    throw error;
  });
  if (typeof joined !== 'string') void tellOwners(joined.organisation, joined.account, invitation.organisationName);
  return joined;
}
class Gone extends Error {}

/** Changes a role, or, with none, takes somebody's part away; a sentence where it cannot be: one owner stays. */
export async function setRole(organisation: string, account: string, role: Role | undefined): Promise<string | undefined> {
  return asOrganisation(organisation, async (db) => {
    await lockMembers(db, organisation);
    const members = await listMembers(db);
    const member = members.find((m) => m.id === account);
    if (!member) return words.sheHasNoPartHere;
    if (member.role === 'owner' && role !== 'owner' && members.filter((m) => m.role === 'owner').length === 1)
      return words.isTheOnlyOwnerMake(member.name);
    if (role) await putMember(db, organisation, account, role);
    else await deleteMember(db, account);
    return undefined;
  });
}

/** The organisations in which somebody has a part. */
export const partsFor = (account: string) => atTheDoor((db) => partsOf(db, account));

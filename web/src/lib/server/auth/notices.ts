/** Letters about an account to whoever has it, so that what somebody else does with it does not go unseen. One that cannot be sent holds up nothing. */
import { deviceName } from '$lib/look/device-name';
import { now } from '../clock';
import { findWithKey, listMembers } from '../db/accounts';
import { asOrganisation, atTheDoor } from '../db/pool';
import { listDevices } from '../db/sessions';
import { origin, sendLetter } from '../mail/post';
import { log, said } from '../web/log';
import { words } from './words';

const told = (letter: { to: string; subject: string; text: string }): Promise<void> =>
  sendLetter(letter).catch((error: unknown) => log('warn', 'a letter about an account', said(error)));

/** Whether nothing of that kind is signed in to the account while other devices are: its first one is no news. */
export async function isNewDevice(account: string, device: string): Promise<boolean> {
  const known = await atTheDoor((db) => listDevices(db, account, now()));
  return known.length > 0 && !known.some((d) => deviceName(d.device) === deviceName(device));
}

/** Tells her that somebody has signed in on a device that was not signed in before. */
export async function tellOfDevice(account: string, device: string): Promise<void> {
  const found = await atTheDoor((db) => findWithKey(db, account));
  if (!found) return;
  const text = words.newDevice(
    found.name,
    deviceName(device),
    `${now().toISOString().slice(0, 16).replace('T', ' ')} UTC`,
    origin(),
  );
  await told({ to: found.email, subject: words.newDeviceSubject, text });
}

/** Tells her that her password was changed, that codes are asked for no more, or that a passkey opens her account. */
export async function tellOfChange(account: string, what: 'password' | 'no codes' | 'passkey'): Promise<void> {
  const found = await atTheDoor((db) => findWithKey(db, account));
  if (!found) return;
  const { subject, text } = {
    password: { subject: words.passwordChangedSubject, text: words.passwordChanged },
    'no codes': { subject: words.codesOffSubject, text: words.codesOff },
    passkey: { subject: words.passkeyAddedSubject, text: words.passkeyAdded },
  }[what];
  await told({ to: found.email, subject, text: text(found.name, origin()) });
}

/** Tells the owners that somebody has joined. */
export async function tellOwners(organisation: string, account: string, house: string): Promise<void> {
  const members = await asOrganisation(organisation, listMembers);
  const joined = members.find((m) => m.id === account);
  if (!joined) return;
  for (const owner of members)
    if (owner.role === 'owner' && owner.id !== account)
      await told({
        to: owner.email,
        subject: words.joinedSubject(joined.name, house),
        text: words.joined(owner.name, joined.name, joined.email, house, origin()),
      });
}

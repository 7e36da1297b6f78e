/** One-time codes (RFC 6238) of a telephone's own program: six digits, a new one every thirty seconds. */
import { Secret, TOTP } from 'otpauth';
import QRCode from 'qrcode';
import { now } from '../clock';

const PERIOD = 30;

const totp = (secret: string, email = '') =>
  new TOTP({ issuer: 'Aggrega', label: email, secret: Secret.fromBase32(secret), period: PERIOD, digits: 6 });

/** A new secret, in base 32. */
export const newCodeSecret = (): string => new Secret({ size: 20 }).base32;

/** The step at which a code is right, one before or after for clocks that differ; undefined for a wrong one. */
export function stepOfCode(secret: string, code: string): number | undefined {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return undefined;
  const at = now().getTime();
  const delta = totp(secret).validate({ token, timestamp: at, window: 1 });
  return delta === null ? undefined : Math.floor(at / 1000 / PERIOD) + delta;
}

/** The code of this moment, for tests and for nobody else. */
export const codeNow = (secret: string): string => totp(secret).generate({ timestamp: now().getTime() });

/** The secret as a picture that a telephone reads, as an address of data. */
export const codePicture = (secret: string, email: string): Promise<string> =>
  QRCode.toDataURL(totp(secret, email).toString(), { margin: 2, width: 208 });

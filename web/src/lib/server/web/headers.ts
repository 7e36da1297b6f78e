/** Headers that keep a browser from doing what nobody meant. */

const COMMON: Record<string, string> = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'x-frame-options': 'DENY',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(), geolocation=(), microphone=(), payment=(), usb=()',
};
/** For files: they are looked at or kept, and run nothing. Pages bring a policy of their own. */
const FILES =
  "default-src 'none'; style-src 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:; frame-ancestors 'none'; sandbox";

/** Adds them to an answer. */
export function guard(response: Response, secure: boolean): void {
  const { headers } = response;
  for (const [name, value] of Object.entries(COMMON)) headers.set(name, value);
  // A browser shows no PDF that stands in a sandbox, and a PDF runs nothing of ours.
  const pdf = headers.get('content-type') === 'application/pdf';
  if (!headers.has('content-security-policy') && !pdf) headers.set('content-security-policy', FILES);
  // What somebody sees is hers: no cache on the way keeps it.
  if (!headers.has('cache-control')) headers.set('cache-control', 'private, no-cache');
  if (secure) headers.set('strict-transport-security', 'max-age=31536000');
}

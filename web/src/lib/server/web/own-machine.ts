/**
 * Whether whoever asks sits at the machine that serves. There is what only she may see who runs it: the demonstration with its owner's hands, letters of the
 * stand-in, counts. A proxy on the same machine looks like her, so none of it is there where the installation serves others.
 */
import { createHmac, timingSafeEqual } from 'node:crypto';
import type { IncomingHttpHeaders } from 'node:http';
import { ADDRESS_HEADER } from '../../../front/whose';

export const LOOPBACK_HOST = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;
const LOOPBACK_ADDRESS = /^(::1|127\.|::ffff:127\.)/;
/** What proxies add: the standard's, and those of their makers. */
const FORWARDED =
  /^(forwarded|via|client-ip|true-client-ip|x-(forwarded|real|client|cluster|original|envoy|amzn|azure|proxy)\b.*|(cf|fly|fastly)-.*)$/;

type Settings = Readonly<Record<string, string | undefined>>;

/** Whether the installation serves others than this machine, as far as its settings say. */
export function servesOthers({ ORIGIN, ADDRESS_HEADER: header, NODE_ENV, HOST }: Settings = process.env): boolean {
  return (
    NODE_ENV === 'production' ||
    (!!ORIGIN && !LOOPBACK_HOST.test(hostOf(ORIGIN))) ||
    (!!HOST && !LOOPBACK_HOST.test(HOST)) ||
    (!!header && header !== ADDRESS_HEADER)
  );
}

/** Whether a request was sent from this machine to this machine, by no proxy. */
export function fromOwnMachine(headers: IncomingHttpHeaders, address: string, settings?: Settings): boolean {
  return (
    !servesOthers(settings) &&
    LOOPBACK_HOST.test(headers.host ?? '') &&
    LOOPBACK_ADDRESS.test(address) &&
    !Object.keys(headers).some((name) => FORWARDED.test(name))
  );
}

/** Whether the demonstration may be loaded and shown. */
export const hasDemo = (settings: Settings = process.env): boolean => settings.AGGREGA_DEMO === 'on' && !servesOthers(settings);

/** Whether that is the key by which whoever runs the installation founds a shop or guild (bin/start says it, as long as others are served). */
export function isFoundingKey(given: string, secret = process.env.AGGREGA_SECRET ?? ''): boolean {
  const own = createHmac('sha256', secret).update('begin').digest();
  const key = Buffer.from(given, 'base64url');
  return secret.length >= 32 && key.length === own.length && timingSafeEqual(key, own);
}

function hostOf(origin: string): string {
  try {
    return new URL(origin).host;
  } catch {
    return '';
  }
}

/** A device that holds passkeys, made of software: it signs as WebAuthn says, or, for tests, otherwise. */
import { createHash, generateKeyPairSync, randomBytes, sign, type KeyObject } from 'node:crypto';
import type { AuthenticationResponseJSON, RegistrationResponseJSON } from '@simplewebauthn/server';

const sha256 = (what: string | Buffer) => createHash('sha256').update(what).digest();
const base64 = (bytes: Uint8Array | string) => Buffer.from(bytes).toString('base64url');

/** Just enough of CBOR: small numbers, text, bytes and maps. */
function cbor(value: unknown): Buffer {
  const head = (kind: number, n: number) =>
    n < 24
      ? Buffer.from([(kind << 5) | n])
      : n < 256
        ? Buffer.from([(kind << 5) | 24, n])
        : Buffer.from([(kind << 5) | 25, n >> 8, n & 255]);
  if (typeof value === 'number') return value < 0 ? head(1, -1 - value) : head(0, value);
  if (typeof value === 'string') return Buffer.concat([head(3, Buffer.byteLength(value)), Buffer.from(value)]);
  if (value instanceof Uint8Array) return Buffer.concat([head(2, value.length), value]);
  const entries = [...(value as Map<unknown, unknown>)];
  return Buffer.concat([head(5, entries.length), ...entries.flatMap(([k, v]) => [cbor(k), cbor(v)])]);
}

export interface Says {
  /** Of which page; as a rule its own. */
  origin: string;
  /** Whether its owner showed it who she is. */
  verified: boolean;
  challenge: string;
  counter: number;
}

export class SoftDevice {
  readonly id = randomBytes(32);
  readonly #key: KeyObject;
  readonly #public: KeyObject;
  counter = 0;

  constructor(readonly url: URL) {
    const { privateKey, publicKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
    [this.#key, this.#public] = [privateKey, publicKey];
  }

  #says(type: string, { challenge, origin, verified, counter }: Says, more = Buffer.alloc(0)) {
    const client = Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false }));
    const flags = 0x01 | (verified ? 0x04 : 0) | (more.length > 0 ? 0x40 : 0);
    const count = Buffer.alloc(4);
    count.writeUInt32BE(counter);
    return { client, data: Buffer.concat([sha256(this.url.hostname), Buffer.from([flags]), count, more]) };
  }

  #all(challenge: string, other: Partial<Says>): Says {
    this.counter += 1;
    return { challenge, origin: this.url.origin, verified: true, counter: this.counter, ...other };
  }

  /** What it answers when a passkey is to be made. */
  register({ challenge }: { challenge: string }, other: Partial<Says> = {}): RegistrationResponseJSON {
    const { x, y } = this.#public.export({ format: 'jwk' });
    const cose = new Map<number, unknown>([
      [1, 2],
      [3, -7],
      [-1, 1],
      [-2, Buffer.from(x!, 'base64url')],
      [-3, Buffer.from(y!, 'base64url')],
    ]);
    const made = Buffer.concat([Buffer.alloc(16), Buffer.from([0, this.id.length]), this.id, cbor(cose)]);
    const { client, data } = this.#says('webauthn.create', this.#all(challenge, other), made);
    const attestation = new Map<string, unknown>([
      ['fmt', 'none'],
      ['attStmt', new Map()],
      ['authData', data],
    ]);
    return {
      ...{ id: base64(this.id), rawId: base64(this.id), type: 'public-key', clientExtensionResults: {} },
      response: { clientDataJSON: base64(client), attestationObject: base64(cbor(attestation)), transports: ['internal'] },
    };
  }

  /** What it answers when it is to show who she is. */
  sign({ challenge }: { challenge: string }, other: Partial<Says> = {}): AuthenticationResponseJSON {
    const { client, data } = this.#says('webauthn.get', this.#all(challenge, other));
    const signature = sign('sha256', Buffer.concat([data, sha256(client)]), this.#key);
    return {
      ...{ id: base64(this.id), rawId: base64(this.id), type: 'public-key', clientExtensionResults: {} },
      response: { clientDataJSON: base64(client), authenticatorData: base64(data), signature: base64(signature) },
    };
  }
}

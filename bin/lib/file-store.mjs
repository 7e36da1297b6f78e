/**
 * A small store of files as a stand-in for one that speaks S3's protocol: takes, gives and deletes single files by name, each as a file in a folder. Whoever
 * asks has to sign with the key and the secret that it was started with.
 */
import { createHash, timingSafeEqual } from 'node:crypto';
import { mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { AwsV4Signer } from 'aws4fetch';

/** Bytes of the largest file that is taken. */
const MOST = 10_000_000;

/** Serves a folder on this machine; resolves to the bucket's address and what stops it. `port` 0 takes a free one. */
export async function serveFiles({ folder, key, secret, port = 0 }) {
  mkdirSync(folder, { recursive: true });
  const server = createServer((request, response) => {
    const parts = [];
    let length = 0;
    request.on('data', (part) => ((length += part.length), length <= MOST && parts.push(part)));
    request.on('end', () => {
      void answer(request, Buffer.concat(parts), length).then(
        ({ status, body }) => response.writeHead(status).end(body),
        () => response.writeHead(500).end(),
      );
    });
  });

  async function answer(request, body, length) {
    if (length > MOST) return { status: 413 };
    if (!(await signed(request, body))) return { status: 403 };
    // One file for each name, whatever the name: no name leads out of the folder.
    const file = join(folder, createHash('sha256').update(request.url).digest('hex'));
    if (request.method === 'PUT') {
      writeFileSync(`${file}.new`, body);
      renameSync(`${file}.new`, file);
      return { status: 200 };
    }
    if (request.method === 'GET') return read(file);
    if (request.method !== 'DELETE') return { status: 405 };
    rmSync(file, { force: true });
    return { status: 204 };
  }

  /** Whether the request bears the signature that its own words, the key and the secret give. */
  async function signed(request, body) {
    const given = request.headers.authorization ?? '';
    const [, region = ''] = /Credential=[^/]+\/\d+\/([^/]+)\/s3\//.exec(given) ?? [];
    const names = /SignedHeaders=([^,]+)/.exec(given)?.[1]?.split(';') ?? [];
    const known = names.filter((name) => !['host', 'x-amz-date'].includes(name));
    const signer = new AwsV4Signer({
      method: request.method,
      url: `http://${request.headers.host}${request.url}`,
      headers: Object.fromEntries(known.map((name) => [name, request.headers[name]])),
      ...(body.length > 0 && { body }),
      ...{ accessKeyId: key, secretAccessKey: secret, service: 's3', region },
      datetime: request.headers['x-amz-date'],
      allHeaders: true,
    });
    const own = Buffer.from((await signer.sign()).headers.get('authorization'));
    const theirs = Buffer.from(given);
    return own.length === theirs.length && timingSafeEqual(own, theirs);
  }

  await new Promise((resolve, reject) => server.once('error', reject).listen(port, '127.0.0.1', resolve));
  return {
    bucket: `http://127.0.0.1:${server.address().port}/aggrega`,
    stop: () => new Promise((resolve) => (server.close(resolve), server.closeAllConnections())),
  };
}

function read(file) {
  try {
    return { status: 200, body: readFileSync(file) };
  } catch {
    return { status: 404 };
  }
}

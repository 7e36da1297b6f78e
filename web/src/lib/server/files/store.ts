/** A store of files outside that speaks S3's protocol, where the environment names one; without it, files stay in the database. */
import { AwsClient } from 'aws4fetch';
import { away } from '../web/outside';

/** The store does not answer, or refuses; what was asked for may be asked again. */
export class StoreAway extends Error {}

/** Milliseconds until an answer is given up. */
const PATIENCE = 10_000;

interface Store {
  client: AwsClient;
  /** Address of the bucket. */
  bucket: string;
}
let known: { from: string; store: Store } | undefined;

/** Whether files are to be kept in a store. */
export const storeSet = (): boolean => !!process.env.AGGREGA_S3_BUCKET;

function store(): Store {
  const { AGGREGA_S3_BUCKET: bucket, AGGREGA_S3_KEY: accessKeyId, AGGREGA_S3_SECRET: secretAccessKey } = process.env;
  if (!bucket || !accessKeyId || !secretAccessKey)
    throw new StoreAway(
      'AGGREGA_S3_BUCKET, AGGREGA_S3_KEY and AGGREGA_S3_SECRET name the store of files; one of them is not set',
    );
  const from = `${bucket} ${accessKeyId} ${secretAccessKey}`;
  if (known?.from === from) return known.store;
  const region = process.env.AGGREGA_S3_REGION || 'us-east-1';
  const client = new AwsClient({ accessKeyId, secretAccessKey, region, service: 's3', retries: 2 });
  known = { from, store: { client, bucket: bucket.replace(/\/$/, '') } };
  return known.store;
}

async function ask(method: string, object: string, body?: Uint8Array): Promise<Response> {
  const { client, bucket } = store();
  try {
    return await client.fetch(`${bucket}/${object}`, {
      method,
      signal: AbortSignal.timeout(PATIENCE),
      ...(body && { body: new Uint8Array(body), headers: { 'content-type': 'image/jpeg' } }),
    });
  } catch (cause) {
    throw new StoreAway(`the store of files does not answer`, { cause });
  }
}

/** Puts a file there under that name; again is as good as once. */
export async function putObject(object: string, bytes: Uint8Array): Promise<void> {
  const answer = await ask('PUT', object, bytes);
  await answer.body?.cancel();
  if (!answer.ok) throw new StoreAway(`the store of files answered ${answer.status} to a file`);
}

/** The file of that name. Throws StoreAway where it cannot be had. */
export async function getObject(object: string): Promise<Buffer> {
  const answer = await ask('GET', object);
  if (answer.ok) return Buffer.from(await answer.arrayBuffer());
  await answer.body?.cancel();
  throw new StoreAway(`the store of files answered ${answer.status} when it was asked for one`);
}

/** Takes the file away; one that is not there is gone already. */
export async function removeObject(object: string): Promise<void> {
  const answer = await ask('DELETE', object);
  await answer.body?.cancel();
  if (!answer.ok && answer.status !== 404) throw new StoreAway(`the store of files answered ${answer.status} to a deletion`);
}

/** The bytes of a file that stands in the database or in the store. Answers 503 (`away`) where the store is away. */
export async function bytesOf({ jpeg, object }: { jpeg: Buffer | null; object: string | null }): Promise<Buffer> {
  if (jpeg) return jpeg;
  try {
    return await getObject(object!);
  } catch (cause) {
    if (!(cause instanceof StoreAway)) throw cause;
    throw away('files', 'The store of pictures does not answer just now. They are safe there; try again in a moment.', cause);
  }
}

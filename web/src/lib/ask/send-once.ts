/** Requests that write something. Each carries a key, so that one whose answer got lost can be sent again, and is not done twice. */

/** Keys of requests that got no answer, by what they ask: whoever asks the same again means the same. */
const lost = new Map<string, string>();
/** Names of files that are sent. */
const files = new WeakMap<Blob, string>();

export interface Written {
  method?: 'POST' | 'PUT' | 'PATCH' | 'DELETE';
  /** A file, or what is sent as JSON. */
  body?: object;
  /** The request's key, where it is kept with what waits to be sent; else a request that got no answer keeps its own when it is made again. */
  key?: string;
  /** Whether it goes on its way even if the page is closed. */
  keepalive?: boolean;
}

/** Sends it; throws, as fetch does, where no answer comes. A server that could not do it, with a status from 500, is asked by the same key again. */
export async function sendOnce(address: string, { method = 'POST', body, key, keepalive }: Written = {}): Promise<Response> {
  const file = body instanceof Blob;
  const sent = file ? body : JSON.stringify(body);
  const what = `${method} ${address}\n${file ? fileName(body) : (sent ?? '')}`;
  const own = key ?? lost.get(what) ?? crypto.randomUUID();
  lost.delete(what);
  const response = await fetch(address, {
    ...{ method, body: sent, keepalive },
    headers: {
      ...(sent !== undefined && { 'content-type': file ? 'application/octet-stream' : 'application/json' }),
      'idempotency-key': own,
    },
  }).catch((error: unknown) => {
    lost.set(what, own);
    throw error;
  });
  if (response.status >= 500) lost.set(what, own);
  return response;
}

/** As sendOnce; undefined where no answer comes. */
export const trySendOnce = (address: string, written?: Written): Promise<Response | undefined> =>
  sendOnce(address, written).catch(() => undefined);

function fileName(file: Blob): string {
  const name = files.get(file) ?? crypto.randomUUID();
  files.set(file, name);
  return name;
}

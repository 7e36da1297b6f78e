/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
/**
 * Keeps the pages of an evening's work (pickup, the cutting room) and a participant's sheets on the device as they were last seen, so that they
 * open while there is no connection. Everything else is asked of the server as ever.
 */
import { build, files, version } from '$service-worker';

const self = globalThis.self as unknown as ServiceWorkerGlobalScope;
const CACHE = `aggrega-${version}`;
const PARTS = new Set([...build, ...files]);
/** What an evening's work is made of: its pages, their data, and the list that comes after the page; and a participant's own sheets. */
const WORK =
  /^\/programmes\/[^/]+\/(pickup|months\/[^/]+\/cutting-room)(\/__data\.json)?$|^\/api\/programmes\/[^/]+\/kits$|^\/p\/[^/]+\/(months\/[^/]+(\/(steps|layout|practise))?|photos\/[^/]+)(\/__data\.json)?$/;

self.addEventListener('install', (event) => {
  event.waitUntil(self.skipWaiting());
});

self.addEventListener('activate', (event) => {
  const older = caches.keys().then((keys) => Promise.all(keys.filter((k) => k !== CACHE).map((k) => caches.delete(k))));
  event.waitUntil(older.then(() => self.clients.claim()));
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  if (PARTS.has(pathname)) event.respondWith(fromDevice(request));
  else if (WORK.test(pathname)) event.respondWith(asLastSeen(request));
});

/** A page that has just been opened asks to be kept: it came before this worker did, or without asking for itself as a whole. */
self.addEventListener('message', (event) => {
  const { keep = [], parts = [] } = (event.data ?? {}) as { keep?: string[]; parts?: 'all' | string[] };
  const wanted = parts === 'all' ? [...PARTS] : parts.filter((part) => PARTS.has(part));
  // A page is there without a connection when all that it is made of is.
  const made = Promise.allSettled(wanted.map((part) => fromDevice(new Request(part))));
  event.waitUntil(made.then(() => Promise.allSettled(keep.map((path) => asLastSeen(new Request(path))))));
});

/** Parts of the application carry their version in their names: the one on the device is the one. */
async function fromDevice(request: Request): Promise<Response> {
  const cache = await caches.open(CACHE);
  const kept = await cache.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await cache.put(request, answer.clone());
  return answer;
}

/** The server's answer, kept; without a server the one that was kept, which says so. */
async function asLastSeen(request: Request): Promise<Response> {
  const cache = await caches.open(CACHE);
  try {
    const answer = await fetch(request);
    if (answer.ok && !answer.redirected) await cache.put(request, answer.clone());
    return answer;
  } catch (error) {
    const kept = await cache.match(request, { ignoreVary: true });
    if (kept) return new Response(kept.body, { headers: { ...Object.fromEntries(kept.headers), 'x-kept': 'on the device' } });
    throw error;
  }
}

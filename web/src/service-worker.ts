/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
/**
 * Keeps the pages of an evening's work, pickup and the cutting room, on the device as they were last seen, so that they open while there is no
 * connection. Everything else is asked of the server as ever.
 */
import { build, files, version } from '$service-worker';

const self = globalThis.self as unknown as ServiceWorkerGlobalScope;
const CACHE = `aggrega-${version}`;
const PARTS = new Set([...build, ...files]);
/** What an evening's work is made of: its pages, their data, and the list that comes after the page. */
const WORK = /^\/programmes\/[^/]+\/(pickup|months\/[^/]+\/cutting-room)(\/__data\.json)?$|^\/api\/programmes\/[^/]+\/kits$/;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(CACHE)
      .then((cache) => cache.addAll([...PARTS]))
      .then(() => self.skipWaiting()),
  );
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
  const paths = (event.data as { keep?: string[] } | null)?.keep ?? [];
  event.waitUntil(Promise.all(paths.map((path) => asLastSeen(new Request(path)).catch(() => undefined))));
});

/** Parts of the application carry their version in their names: the one on the device is the one. */
async function fromDevice(request: Request): Promise<Response> {
  return (await caches.match(request)) ?? fetch(request);
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

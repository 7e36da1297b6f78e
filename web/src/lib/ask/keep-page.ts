/** Pages that open without a connection too: their device keeps them, and the parts of the application. */
import { dev } from '$app/environment';

/** Has the page that is open kept on this device, with what it asks for afterwards and the parts of the application that it is made of. */
export const keepPage = (...also: string[]): Promise<void> => keep(also, loadedParts());

/** The same with all of the application, for an evening that goes from page to page. */
export const keepWork = (...also: string[]): Promise<void> => keep(also, 'all');

const loadedParts = () =>
  performance
    .getEntriesByType('resource')
    .map(({ name }) => new URL(name))
    .filter(({ origin }) => origin === location.origin)
    .map(({ pathname }) => pathname);

async function keep(also: string[], parts: 'all' | string[]): Promise<void> {
  // Absent where the page was not served safely, and refused by some private windows: then it is simply not kept.
  const { serviceWorker } = navigator;
  await serviceWorker?.register('/service-worker.js', { type: dev ? 'module' : 'classic' }).catch(() => undefined);
  if (!(await serviceWorker?.getRegistration())) return;
  const { active } = await serviceWorker.ready;
  active?.postMessage({ keep: [location.pathname + location.search, ...also], parts });
}

/** Pages that open without a connection too: their device keeps them, and the parts of the application. */
import { dev } from '$app/environment';

/** Has the page that is open kept on this device, with what it asks for afterwards. */
export async function keepPage(...also: string[]): Promise<void> {
  // Absent where the page was not served safely, and refused by some private windows: then it is simply not kept.
  const { serviceWorker } = navigator;
  await serviceWorker?.register('/service-worker.js', { type: dev ? 'module' : 'classic' }).catch(() => undefined);
  if (!(await serviceWorker?.getRegistration())) return;
  const { active } = await serviceWorker.ready;
  active?.postMessage({ keep: [location.pathname + location.search, ...also] });
}

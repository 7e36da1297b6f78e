/** Has the page that is open kept on this device, with what it asks for afterwards, so that it opens without a connection too. */
export async function keepPage(...also: string[]): Promise<void> {
  // Absent where the page was not served safely: then it is simply not kept.
  const worker = await navigator.serviceWorker?.ready;
  worker?.active?.postMessage({ keep: [location.pathname + location.search, ...also] });
}

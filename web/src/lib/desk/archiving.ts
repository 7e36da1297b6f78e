/** Putting a programme aside, and back. */
import { invalidateAll } from '$app/navigation';

/** False where the server did not answer: then nothing has changed. */
export async function putAside(slug: string, removed: boolean): Promise<boolean> {
  const answer = await fetch(`/api/programmes/${slug}/removal`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ removed }),
  }).catch(() => undefined);
  await invalidateAll();
  return answer?.ok ?? false;
}

/** What the organiser does with messages, and what a page of them is asked for. */
import { trySendOnce } from '$lib/ask/send-once';
import { goto, invalidateAll } from '$app/navigation';

/** Does it and shows the page anew; undefined, with nothing changed, where the server does not answer. */
export async function doPost(slug: string, deed: Record<string, unknown>): Promise<{ letters?: number } | undefined> {
  const answer = await trySendOnce(`/api/programmes/${slug}/post`, { body: deed });
  if (!answer?.ok) return undefined;
  await invalidateAll();
  return (await answer.json()) as { letters?: number };
}

/** The page at `url` asked for something else; from its first page on unless a page is what is asked for. */
export function askPage(url: URL, to: Record<string, string>): void {
  const next = new URLSearchParams(url.searchParams);
  if (!('page' in to)) next.delete('page');
  for (const [name, value] of Object.entries(to)) {
    if (value) next.set(name, value);
    else next.delete(name);
  }
  void goto(`?${next}`, { keepFocus: true, noScroll: true });
}

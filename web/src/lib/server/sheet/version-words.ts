/** What stands at the foot of a published sheet, page and file alike: its number, and the day from which people could have it. */
import { words } from './words';
import { dayText } from '$lib/look/day-text';
import { spokenTag } from '@aggrega/core/words';

/** A version cannot have been had before it was made, nor before its month was out. Days are those of the instants in UTC. */
export function versionWords(version: number, { published, released }: { published: Date; released?: Date | null }): string {
  const since = released && released > published ? released : published;
  return words.versionOf(version, dayText(since.toISOString().slice(0, 10), spokenTag()));
}

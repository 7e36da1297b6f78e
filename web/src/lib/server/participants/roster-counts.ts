/** The document's head counts as the roster has them. */
import { words } from './words';
import type { Problem } from '@aggrega/core/block';
import { applyChanges, same, type Change, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { rosterCounts } from '@aggrega/core/running';
import { readingOf } from '$lib/ask/reading';
import type { RosterTally } from '../db/participants';

/** The document with the roster's head counts; the same document where they stand already, or where nobody is on the roster. */
export function asCounted(document: ProgrammeFile, tally: readonly RosterTally[]): ProgrammeFile {
  const reading = readingOf(document);
  // An empty roster says nothing: then the document's own head counts go on.
  if (tally.length === 0 || !reading.ok) return document;
  const people = tally.flatMap(({ people, ...one }) => Array.from({ length: people }, () => one));
  const { participants, sizes, otherKinds } = rosterCounts(people, reading.programme);
  const known = document.kits?.otherKinds;
  const changes: Change[] = [
    { path: '/participants', from: document.participants, to: participants },
    // Nobody with a kind of their own leaves no trace in the document.
    ...(otherKinds.length > 0 || known
      ? [{ path: '/kits/otherKinds', from: known, to: otherKinds.length > 0 ? otherKinds : undefined }]
      : []),
    ...(document.sizes ?? []).map(({ id, participants: from }) => {
      const to = sizes[id] ?? {};
      return {
        path: `/sizes/${id}/participants`,
        from,
        to: from === undefined && Object.keys(to).length === 0 ? undefined : to,
      };
    }),
  ];
  const result = applyChanges(document, changes);
  return 'file' in result && !same(result.file, document) ? result.file : document;
}

/** Why the roster does not allow these changes: it counts people itself, and somebody may be in what is to go. */
export function rosterFaults(changes: readonly Change[], programme: Programme, tally: readonly RosterTally[]): Problem[] {
  if (tally.length === 0) return [];
  const counted = changes.filter(({ path }) => /^\/((sizes\/[^/]+\/)?participants|kits\/otherKinds)(\/|$)/.test(path));
  const faults = counted.map(({ path }) => ({
    path,
    message: words.peopleAreCountedUnderParticipants,
  }));
  const gone = (what: 'colourway' | 'size', known: readonly { id: string }[]) => {
    const left = new Map<string, number>();
    for (const t of tally)
      if (t[what] && t.state !== 'left' && !known.some((k) => k.id === t[what]))
        left.set(t[what], (left.get(t[what]) ?? 0) + t.people);
    return [...left].map(([id, people]) => ({
      path: `/${what}s/${id}`,
      message: words.peopleAreOnTheRoster(people, what, id),
    }));
  };
  return [...faults, ...gone('colourway', programme.colourways), ...gone('size', programme.sizes)];
}

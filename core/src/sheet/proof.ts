/** What is looked at before a month goes out (handbook 6): what the program finds open, and what only eyes can tell. */
import { hasSheet, type Colourway, type Month, type Programme } from '../programme';
import { monthDoubts } from './doubts';
import { lostWords, wordsStanding } from './words-standing';

export interface ProofPoint {
  id: string;
  asks: string;
  /** What there is to it, with its places. */
  says: string[];
  /** It has to be settled first: a tick does not do. */
  stops: boolean;
}

export interface ProofFacts {
  /** What has changed since the newest sample was sewn, in words; undefined where none was. */
  sinceSample?: string[];
  /** Sizes that the newest sample missed, as lines for the checkpoints. */
  missed?: readonly string[];
  today: string;
}

/** The points to look at for a month, first to last. */
export function proofPoints(programme: Programme, month: Month, { sinceSample, missed = [], today }: ProofFacts): ProofPoint[] {
  if (!hasSheet(programme, month))
    return [{ id: 'empty', asks: 'Something is drawn', says: ['Nothing is drawn or said for this month yet.'], stops: true }];
  const doubts = programme.colourways.map((c) => ({ colourway: c, found: monthDoubts(programme, month, c) }));
  const ruin = said(doubts, 'ruin');
  const open = said(doubts, 'waste');
  const lost = wordsStanding(programme, month).map(lostWords).filter(Boolean);
  const late = month.release && month.release < today;
  return [
    ...(ruin.length > 0 ? [{ id: 'ruin', asks: 'What would spoil kits is settled', says: ruin, stops: true }] : []),
    {
      id: 'date',
      asks: 'It goes out on the right day',
      says: month.release
        ? late
          ? [`${month.release} is past; it goes out as soon as it is scheduled.`]
          : []
        : ['No day is set yet.'],
      stops: !month.release,
    },
    ...(open.length > 0 ? [{ id: 'doubts', asks: 'The doubts have been read', says: open, stops: false }] : []),
    ...(month.blocks.length > 0
      ? [
          {
            id: 'sample',
            asks: 'A sample was sewn from these numbers',
            says:
              sinceSample === undefined
                ? ['No sample is noted for this month.']
                : sinceSample.map((s) => `Since the sample: ${s}`),
            stops: false,
          },
        ]
      : []),
    ...(missed.length > 0
      ? [
          {
            id: 'missed',
            asks: 'The checkpoints say what the sample missed, or the cause is found',
            says: [...missed],
            stops: false,
          },
        ]
      : []),
    ...(lost.length > 0
      ? [{ id: 'own-words', asks: 'Your own words stand where you want them', says: lost, stops: false }]
      : []),
    { id: 'read', asks: 'The sheet was read aloud with a ruler in hand, every number', says: [], stops: false },
    { id: 'words', asks: 'Names, fabrics and our own words are right', says: [], stops: false },
  ];
}

type Found = { colourway: Colourway; found: ReturnType<typeof monthDoubts> };

/** Doubts of a rank, each once, with the colourways that it is about where it is not all of them. */
function said(doubts: readonly Found[], rank: 'ruin' | 'waste'): string[] {
  const by = new Map<string, string[]>();
  for (const { colourway, found } of doubts)
    for (const d of found) if (d.rank === rank) by.set(d.text, [...new Set([...(by.get(d.text) ?? []), colourway.name])]);
  return [...by].map(([text, names]) => (names.length === doubts.length ? text : `${names.join(' and ')}: ${text}`));
}

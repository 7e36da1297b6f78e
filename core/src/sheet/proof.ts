/** What is looked at before a month goes out (docs/craft.md, Running a programme): what the program finds open, and what only eyes can tell. */
import { hasSheet, type Colourway, type Month, type Programme } from '../programme';
import { monthDoubts } from './doubts';
import { plainDate } from './wishes';
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
    return [{ id: 'empty', asks: 'There is a block or a note', says: ['This month has neither yet.'], stops: true }];
  const doubts = programme.colourways.map((c) => ({ colourway: c, found: monthDoubts(programme, month, c) }));
  const ruin = said(doubts, 'ruin');
  const open = said(doubts, 'waste');
  const lost = wordsStanding(programme, month).map(lostWords).filter(Boolean);
  const late = month.release && month.release < today;
  return [
    ...(ruin.length > 0 ? [{ id: 'ruin', asks: 'Problems that would ruin kits are fixed', says: ruin, stops: true }] : []),
    {
      id: 'date',
      asks: 'The release date is right',
      says: month.release
        ? late
          ? [`${plainDate(month.release)} has passed: the sheet will go out as soon as you schedule it.`]
          : []
        : ['No date is set yet.'],
      stops: !month.release,
    },
    ...(open.length > 0 ? [{ id: 'doubts', asks: 'The warnings have been read', says: open, stops: false }] : []),
    ...(month.blocks.length > 0
      ? [
          {
            id: 'sample',
            asks: 'A test block was sewn from these numbers',
            says:
              sinceSample === undefined
                ? ['No test block is recorded for this month.']
                : sinceSample.map((s) => `Since the test block: ${s}`),
            stops: false,
          },
        ]
      : []),
    ...(missed.length > 0
      ? [
          {
            id: 'missed',
            asks: 'The sheet warns about the sizes the test block missed, or you have found out why',
            says: [...missed],
            stops: false,
          },
        ]
      : []),
    ...(lost.length > 0 ? [{ id: 'own-words', asks: 'Your own words are where you want them', says: lost, stops: false }] : []),
    { id: 'read', asks: 'Every number on the sheet was checked against a ruler', says: [], stops: false },
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

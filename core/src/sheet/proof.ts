/** What is looked at before a month goes out (docs/craft.md, Running a programme): what the program finds open, and what only eyes can tell. */
import { easedOf, FORTY, type People } from '../foresee';
import { constructMonthBlock, hasSheet, type Colourway, type Month, type Programme } from '../programme';
import { monthDoubts } from './doubts';
import { plainDate } from './wishes';
import { lostWords, wordsStanding } from './words-standing';
import { words } from './words/proof';

export interface ProofPoint {
  id: string;
  asks: string;
  /** What there is to it, with its places. */
  says: string[];
  /** It has to be settled first: a tick does not do. */
  stops: boolean;
}

export interface ProofFacts {
  /** How the group sews, as far as it has measured; else as people usually do. */
  people?: People;
  /** What has changed since the newest sample was sewn, in words; undefined where none was. */
  sinceSample?: string[];
  /** Sizes that the newest sample missed, as lines for the checkpoints. */
  missed?: readonly string[];
  today: string;
}

/** The points to look at for a month, first to last. */
export function proofPoints(
  programme: Programme,
  month: Month,
  { sinceSample, missed = [], today, people }: ProofFacts,
): ProofPoint[] {
  if (!hasSheet(programme, month))
    return [{ id: 'empty', asks: words.thereIsABlockOrA, says: [words.thisMonthHasNeitherYet], stops: true }];
  const doubts = programme.colourways.map((c) => ({ colourway: c, found: monthDoubts(programme, month, c) }));
  const ruin = said(doubts, 'ruin');
  const open = said(doubts, 'waste');
  const lost = wordsStanding(programme, month).map(lostWords).filter(Boolean);
  const late = month.release && month.release < today;
  return [
    ...(ruin.length > 0 ? [{ id: 'ruin', asks: words.problemsThatWouldRuinKitsAre, says: ruin, stops: true }] : []),
    {
      id: 'date',
      asks: words.theReleaseDateIsRight,
      says: month.release ? (late ? [words.hasPassedTheSheetWillGo(plainDate(month.release))] : []) : [words.noDateIsSetYet],
      stops: !month.release,
    },
    ...(open.length > 0 ? [{ id: 'doubts', asks: words.theWarningsHaveBeenRead, says: open, stops: false }] : []),
    ...(month.blocks.length > 0
      ? [
          {
            id: 'sample',
            asks: words.aTestBlockWasSewnFrom,
            says: [
              ...(sinceSample === undefined
                ? [words.noTestBlockIsRecordedFor]
                : sinceSample.map((s) => words.sinceTheTestBlock(s))),
              ...toBeEased(programme, month, people),
            ],
            stops: false,
          },
        ]
      : []),
    ...(missed.length > 0
      ? [
          {
            id: 'missed',
            asks: words.theSheetWarnsAboutTheSizes,
            says: [...missed],
            stops: false,
          },
        ]
      : []),
    ...(lost.length > 0 ? [{ id: 'own-words', asks: words.yourOwnWordsAreWhereYou, says: lost, stops: false }] : []),
    { id: 'read', asks: words.everyNumberOnTheSheetWas, says: [], stops: false },
    { id: 'words', asks: words.namesFabricsAndOurOwnWords, says: [], stops: false },
  ];
}

/** Blocks that more than a few of forty people will have to ease, or sew again. */
function toBeEased(programme: Programme, month: Month, people: People | undefined): string[] {
  return month.blocks.flatMap((entry) => {
    const many = Math.round((1 - easedOf(constructMonthBlock(programme, entry), people)) * FORTY);
    return many > FEW ? [words.ofFortyWillHaveToEase(FORTY, many, entry.block.name)] : [];
  });
}

/** As many as there always are. */
const FEW = 4;

type Found = { colourway: Colourway; found: ReturnType<typeof monthDoubts> };

/** Doubts of a rank, each once, with the colourways that it is about where it is not all of them. */
function said(doubts: readonly Found[], rank: 'ruin' | 'waste'): string[] {
  const by = new Map<string, string[]>();
  for (const { colourway, found } of doubts)
    for (const d of found) if (d.rank === rank) by.set(d.text, [...new Set([...(by.get(d.text) ?? []), colourway.name])]);
  return [...by].map(([text, names]) => (names.length === doubts.length ? text : `${names.join(' and ')}: ${text}`));
}

/** For a demonstration: the step-outs to make before the day, with their cloth, and the running order with what to measure aloud. */
import { by, formatLength, listed } from '../measure';
import {
  blocksAsCast,
  constructApart,
  monthTitle,
  stagesOf,
  type Colourway,
  type Month,
  type MonthBlock,
  type Programme,
} from '../programme';
import type { Paper, PaperPiece, PaperRow, PaperStep } from './paper';
import { inWords } from './in-words';
import { coloursOf, drawn, partSewn } from './pictures';
import { blockDrawing } from '../block';
import { sewingWalk } from './walk';
import { inLanguage, type SheetWishes } from './wishes';
import { swatchOf } from './swatch';
import { words } from './words/demonstration';

/** The demonstration of a month in a colourway. Throws PlanError. */
export function demonstrationPaper(programme: Programme, month: Month, colourway: Colourway, wishes: SheetWishes = {}): Paper {
  const entries = blocksAsCast(programme, colourway, month);
  const paper: Paper = {
    title: words.demonstration2(programme.title, monthTitle(month)),
    about: words.stepOutsAndRunningOrder,
    footer: [programme.title, monthTitle(month), colourway.name, words.demonstration, wishes.version ?? '']
      .filter(Boolean)
      .join(' · '),
    large: wishes.large ?? false,
    pieces: [
      {
        kind: 'title',
        text: words.showing(monthTitle(month)),
        over: `${programme.title} · ${colourway.name}`,
        pieces: [{ kind: 'text', text: words.whatToHaveReadyAndWhat }],
      },
      ...entries.flatMap((entry) => [
        ...stepOuts(programme, entry, colourway, entries.length > 1),
        ...runningOrder(programme, entry, colourway, wishes),
      ]),
    ],
  };
  return inLanguage(paper);
}

/** What is stopped at which stage: the block once for each. */
function stepOuts(programme: Programme, entry: MonthBlock, colourway: Colourway, several: boolean): PaperPiece[] {
  const c = constructApart(programme, { ...entry, make: 1 }, colourway);
  const units = c.units.filter((u) => u.seen.picture.patches.length > 1);
  const sections = stagesOf(c) > 2 + Number(units.length > 0);
  const stages = [
    words.everythingCutInPilesWithIts,
    ...(units.length > 0 ? [words.allUnitsSewnAndPressed(listed(units.map((u) => `${u.make} ${u.label}`)))] : []),
    ...(sections ? [words.theSectionsSewnNotYetJoined] : []),
    words.theWholeBlock,
  ];
  const rows = c.cuts.map((cut): PaperRow => {
    const fabric = colourway.fabrics.get(cut.role)!;
    const [across, down] = [cut.w, cut.h].map((x) => formatLength(x, programme.unit)) as [string, string];
    return {
      cells: [
        { text: fabric.name, swatch: swatchOf(fabric.colour, cut.role) },
        { text: [{ bold: cut.label }] },
        { text: String(cut.qty * stages.length) },
        { text: across === down ? across : by(across, down), numeral: true },
      ],
    };
  });
  return [
    { kind: 'heading', level: 2, text: several ? words.stepOutsOf(entry.block.name) : words.stepOutsToMakeBeforeThe },
    { kind: 'list', ordered: true, items: stages },
    { kind: 'text', text: words.makeBlocksAndStopEachOne(inWords(stages.length)) },
    {
      kind: 'table',
      columns: [
        { name: words.fabric, share: 4 },
        { name: words.cut, share: 1.5 },
        { name: words.howMany, right: true, share: 2 },
        { name: words.size(programme.unit), right: true, share: 3 },
      ],
      groups: [rows],
    },
  ];
}

function runningOrder(programme: Programme, entry: MonthBlock, colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const c = constructApart(programme, { ...entry, make: 1 }, colourway);
  const colours = coloursOf(colourway, wishes.coloured !== false);
  const whole = drawn(blockDrawing(entry.block, entry.finished), { wide: 1.1, label: entry.block.name, colours });
  return [
    { kind: 'heading', level: 2, text: words.runningOrder },
    {
      kind: 'steps',
      steps: [
        {
          picture: whole,
          text: [{ bold: words.beginWithTheWholeBlock }, words.pointOutWhereFourSeamsMeet],
        },
        ...sewingWalk(c, colourway).map((step): PaperStep => ({
          picture: partSewn(step, colours, 1.2),
          text: [{ bold: `${step.title}. ` }, step.lines.slice(0, 2).join(' ')],
          check: [words.tellTheClass, { bold: step.size }, `. ${step.press}`],
        })),
      ],
    },
  ];
}

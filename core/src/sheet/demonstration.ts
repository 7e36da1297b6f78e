/** For a demonstration: the step-outs to make before the day, with their cloth, and the running order with what to measure aloud. */
import { formatLength, listed } from '../measure';
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
import { inEnglish, type SheetWishes } from './wishes';

/** The demonstration of a month in a colourway. Throws PlanError. */
export function demonstrationPaper(programme: Programme, month: Month, colourway: Colourway, wishes: SheetWishes = {}): Paper {
  const entries = blocksAsCast(programme, colourway, month);
  const paper: Paper = {
    title: `${programme.title}: demonstration, ${monthTitle(month)}`,
    about: 'Step-outs and running order',
    footer: [programme.title, monthTitle(month), colourway.name, 'Demonstration', wishes.version ?? '']
      .filter(Boolean)
      .join(' · '),
    large: wishes.large ?? false,
    pieces: [
      {
        kind: 'title',
        text: `Showing ${monthTitle(month)}`,
        over: `${programme.title} · ${colourway.name}`,
        pieces: [{ kind: 'text', text: 'What to have ready, and what to show in which order.' }],
      },
      ...entries.flatMap((entry) => [
        ...stepOuts(programme, entry, colourway, entries.length > 1),
        ...runningOrder(programme, entry, colourway, wishes),
      ]),
    ],
  };
  return inEnglish(paper, programme, wishes);
}

/** What is stopped at which stage: the block once for each. */
function stepOuts(programme: Programme, entry: MonthBlock, colourway: Colourway, several: boolean): PaperPiece[] {
  const c = constructApart(programme, { ...entry, make: 1 }, colourway);
  const units = c.units.filter((u) => u.seen.picture.patches.length > 1);
  const sections = stagesOf(c) > 2 + Number(units.length > 0);
  const stages = [
    'Everything cut, in piles with its labels.',
    ...(units.length > 0 ? [`All units sewn and pressed: ${listed(units.map((u) => `${u.make} ${u.label}`))}.`] : []),
    ...(sections ? ['The sections sewn, not yet joined.'] : []),
    'The whole block.',
  ];
  const rows = c.cuts.map((cut): PaperRow => {
    const fabric = colourway.fabrics.get(cut.role)!;
    const size = [cut.w, cut.h].map((x) => formatLength(x, programme.unit));
    return {
      cells: [
        { text: fabric.name, swatch: { colour: fabric.colour, letter: cut.role } },
        { text: [{ bold: cut.label }] },
        { text: String(cut.qty * stages.length) },
        { text: size[0] === size[1] ? size[0]! : size.join(' by '), numeral: true },
      ],
    };
  });
  return [
    { kind: 'heading', level: 2, text: several ? `Step-outs of ${entry.block.name}` : 'Step-outs to make before the day' },
    { kind: 'list', ordered: true, items: stages },
    { kind: 'text', text: `Make ${inWords(stages.length)} blocks and stop each one at its stage. Cut in all:` },
    {
      kind: 'table',
      columns: [
        { name: 'Fabric', share: 4 },
        { name: 'Cut', share: 1.5 },
        { name: 'How many', right: true, share: 2 },
        { name: `Size, ${programme.unit}`, right: true, share: 3 },
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
    { kind: 'heading', level: 2, text: 'Running order' },
    {
      kind: 'steps',
      steps: [
        {
          picture: whole,
          text: [{ bold: 'Begin with the whole block. ' }, 'Point out where four seams meet, and name the units.'],
        },
        ...sewingWalk(c, colourway).map((step): PaperStep => ({
          picture: partSewn(step, colours, 1.2),
          text: [{ bold: `${step.title}. ` }, step.lines.slice(0, 2).join(' ')],
          check: ['Tell the class: ', { bold: step.size }, `. ${step.press}`],
        })),
      ],
    },
  ];
}

/** A month's sheet as paper, in every variant. */
import {
  blockNames,
  blocksAsCast,
  constructSeries,
  isLesson,
  madeAhead,
  poolMaking,
  wayOf,
  type Colourway,
  type Month,
  type Programme,
  type SheetPart,
} from '../programme';
import { blockPaper, type BlockPaper } from './block-paper';
import { monthSheet, type MonthSheet } from './month-sheet';
import { inOwnWords, notePieces, placed } from './own-words';
import { cutPieces } from './cut-paper';
import { kindOf, needPieces, scrappyWords } from './need-paper';
import { monthSections, type MonthParts } from './month-sections';
import type { Paper, PaperPiece } from './paper';
import { explained } from './glossary';
import { inWords } from './in-words';
import { coloursOf, drawn } from './pictures';
import { capital } from './unit-paper';
import { whereInQuilt } from './quilt-paper';
import { listed } from '../measure';
import { allowWords } from './time-words';
import { aheadOf, aheadPieces, takeOut } from './units-ahead';
import { plainDate, inLanguage, type SheetWishes } from './wishes';
import { words as texts } from './words/month-paper';
import { sizeRound } from './round-strips';
import { groupName } from '../setting';

/** The paper of a month. Throws PlanError when a block or a fabric cannot be planned. */
export function monthPaper(programme: Programme, month: Month, colourway: Colourway, wishes: SheetWishes = {}): Paper {
  const sheet = monthSheet(programme, month, colourway, wishes.size, wishes);
  const colours = coloursOf(colourway, wishes.coloured !== false);
  const entries = blocksAsCast(programme, colourway, month, wishes.size);
  const series = constructSeries(programme, month, entries, colourway, wishes.size);
  const blocks = sheet.blocks.map((block, i) => blockPaper({ c: series[i]!, block, sheet, colourway, colours, wishes }));
  const context = { programme, month, colourway, sheet, wishes };
  // A lesson hands nothing out: it is what the organiser says, each part under its heading.
  const lesson = isLesson(programme, month);
  const own = (part: SheetPart) => {
    const said = notePieces(month, part);
    const heading = lesson && said.length > 0 ? lessonHeadings()[part] : undefined;
    return [...(heading ? [{ kind: 'heading', level: 2, text: heading } as const] : []), ...said];
  };
  // One block is finished before the next begins; what the organiser says of a part stands with the first of them.
  const told = (block: BlockPaper | undefined, i: number) =>
    blockParts.flatMap((part) => [...(part === 'units' && made ? [] : (block?.[part] ?? [])), ...(i === 0 ? own(part) : [])]);
  const who = [sheet.colourway, sheet.size].filter(Boolean).join(', ');
  const released = sheet.release ? ` · ${plainDate(sheet.release)}` : '';
  // Two or three blocks stand one under the other; more of them would push everything else aside.
  const shown = sheet.blocks.slice(0, 3);
  const heads = shown.map((b) => drawn(b.dealt, { wide: shown.length > 1 ? 1.2 : 1.55, label: b.name, colours }));
  const where = wishes.level === 'versed' ? undefined : whereInQuilt(programme, month, colourway, wishes);
  const names = blockNames(month) || capital(listed(partsOf(programme, month, wishes)));
  const pools = poolMaking(programme, colourway, month, wishes.size);
  const later = madeAhead(programme, month);
  const ahead = later && aheadOf(programme, later, colourway, wishes);
  const made = month.unitsWith === undefined ? undefined : programme.months.find((m) => m.id === month.unitsWith);
  const time = allowWords([...series, ...(ahead?.series ?? []), ...(pools ? [pools] : [])], {
    cut: wayOf[kindOf(context)] !== 'pieces' && !made,
    units: !made,
    block: !ahead,
  });
  const need = lesson
    ? []
    : placed(
        'need',
        made ? takeOut(sheet, made) : needPieces(ahead ? { ...context, sheet: needOf(sheet, ahead.sheet) } : context),
      );
  const first = ahead && aheadPieces(programme, ahead, colourway, wishes);
  // A short list stands beside the picture; a long one has the page's width.
  const beside = need.every((p) => p.kind !== 'table' || p.columns.length < 5) && rowsIn(need) < 9;
  const parts: MonthParts = {
    ...{
      context,
      sheet,
      colours,
      own,
      lesson,
      need: beside ? [] : need,
      blocks: (blocks.length > 0 ? blocks : [undefined]).flatMap(told),
    },
    ...{ cut: first ? first.cut : lesson || made ? [] : placed('cut', cutPieces(context)), ahead: first?.units ?? [] },
  };
  const pieces: PaperPiece[] = [
    {
      ...(names && { under: names }),
      ...{ kind: 'title', text: sheet.month, over: `${sheet.programme} · ${who}${released}` },
      pieces: [
        ...placed(
          'start',
          startPieces(sheet, {
            scrappy: scrappyWords(context),
            sizing: ahead?.sheet.sizing ?? (made ? '' : sheet.sizing),
            time,
          }),
        ),
        ...own('start'),
        ...(beside ? need : []),
      ],
      pictures: [...heads, ...(where ? [where] : [])],
    },
    ...monthSections.flatMap((section) => section.pieces(parts)),
  ];
  const said = inOwnWords(pieces, month.words, wishes);
  const paper: Paper = {
    title: `${sheet.programme}: ${sheet.title}, ${who}`,
    about: texts.instructionSheet(sheet.blocks.length > 0 ? texts.forWords(sheet.blocks.map((b) => b.name).join(' and ')) : ''),
    footer: [sheet.programme, sheet.title, who, wishes.version ?? ''].filter(Boolean).join(' · '),
    large: wishes.large ?? false,
    pieces: wishes.level === 'new' ? explained(said) : said,
  };
  return inLanguage(paper);
}

/** What stands over the organiser's own words where there is nothing else to say. */
const lessonHeadings = (): Partial<Record<SheetPart, string>> => ({
  need: texts.youWillNeed,
  cut: texts.cut,
  units: texts.stepByStep,
  layout: texts.layOut,
  join: texts.putItTogether,
  check: texts.check,
});

/** What is needed for units that are made ahead: the tools are those of the later month. */
const needOf = (sheet: MonthSheet, later: MonthSheet): MonthSheet => ({
  ...sheet,
  ...{ tools: later.tools, helps: later.helps, starched: later.starched },
});

/** Parts of the quilt that come with a month. */
const partsOf = ({ setting: plain }: Programme, month: Month, { size }: SheetWishes): string[] =>
  [...((size?.setting ?? plain)?.months ?? [])].filter(([, id]) => id === month.id).map(([group]) => groupName(group));

const rowsIn = (pieces: readonly PaperPiece[]) =>
  pieces.reduce((n, p) => n + (p.kind === 'table' ? p.groups.flat().length : 0), 0);

const blockParts = ['units', 'layout', 'join', 'check'] as const;

function startPieces(
  sheet: MonthSheet,
  { scrappy, sizing, time }: { scrappy: string; sizing: string; time: string },
): PaperPiece[] {
  const several = sheet.blocks.length > 1;
  return [
    ...sheet.blocks.map((block): PaperPiece => {
      const named = several ? `${block.number} · ${block.name}: ` : '';
      const many = block.make > 1 ? texts.blocks(block.make) : '';
      const mirrored =
        block.mirrored > 0
          ? texts.ofTheBlocksMakeWithLeft(capital(inWords(block.mirrored)), inWords(block.make), block.mirrored)
          : '';
      return {
        kind: 'text',
        tone: 'lead',
        text: [
          texts.finishedSize(named, many),
          { bold: block.square ? texts.square(block.finished, sheet.unit) : `${block.finished} ${sheet.unit}` },
          ' (',
          texts.unfinished,
          { bold: `${block.unfinished} ${sheet.unit}` },
          `).${framed(block, sheet.unit)}${mirrored}`,
        ],
      };
    }),
    ...(sheet.blocks.length > 0 || time ? [{ kind: 'text', text: [sizing, time].filter(Boolean).join(' ') } as const] : []),
    ...(scrappy ? [{ kind: 'text', text: scrappy } as const] : []),
  ];
}

/** How large it is with what is sewn round it. */
function framed({ round }: MonthSheet['blocks'][number], unit: string): string {
  const last = round.at(-1);
  return last
    ? texts.withItsItMeasuresUnfinished(last.name === 'frame' ? texts.frame : texts.coping, sizeRound(last, unit))
    : '';
}

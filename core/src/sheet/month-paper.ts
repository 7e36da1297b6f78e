/** A month's sheet as paper, in every variant. */
import {
  blocksAsCast,
  constructSeries,
  sheetParts,
  type Colourway,
  type Month,
  type Programme,
  type SheetPart,
} from '../programme';
import { blockPaper, type BlockPaper } from './block-paper';
import { monthSheet, type MonthSheet } from './month-sheet';
import { cutPieces, needPieces, scrappyWords, type MonthContext } from './need-paper';
import { poolPieces } from './pool-paper';
import { homeworkWords } from './sheet-pool';
import { fabricWord } from './sheet-unit';
import type { Paper, PaperPiece } from './paper';
import { coloursOf, drawn } from './pictures';
import { quiltPieces } from './quilt-paper';
import { plainDate, type SheetWishes } from './wishes';

/** The paper of a month. Throws PlanError when a block or a fabric cannot be planned. */
export function monthPaper(programme: Programme, month: Month, colourway: Colourway, wishes: SheetWishes = {}): Paper {
  const sheet = monthSheet(programme, month, colourway, wishes.size, wishes);
  const colours = coloursOf(colourway, wishes.coloured !== false);
  const entries = blocksAsCast(programme, colourway, month, wishes.size);
  const series = constructSeries(programme, month, entries, colourway, wishes.size);
  const blocks = sheet.blocks.map((block, i) => blockPaper({ c: series[i]!, block, sheet, colourway, colours, wishes }));
  const part = (name: keyof BlockPaper) => blocks.flatMap((b) => b[name]);
  const context = { programme, month, colourway, sheet, wishes };
  const parts: Record<SheetPart, PaperPiece[]> = {
    start: startPieces(sheet, scrappyWords(context)),
    need: needPieces(context),
    cut: cutPieces(context),
    units: [...poolPieces(sheet.pools, colours, wishes, (role) => fabricWord(colourway, role)), ...part('units')],
    layout: part('layout'),
    join: part('join'),
    check: part('check'),
    end: [...quiltPieces(programme, month, colourway, wishes), ...endPieces(context)],
  };
  const who = [sheet.colourway, sheet.size].filter(Boolean).join(', ');
  const released = sheet.release ? ` · ${(wishes.date ?? plainDate)(sheet.release)}` : '';
  const [first] = sheet.blocks;
  return {
    title: `${sheet.programme}: ${sheet.month}, ${who}`,
    about: `Instruction sheet${sheet.blocks.length > 0 ? ` for ${sheet.blocks.map((b) => b.name).join(' and ')}` : ''}`,
    footer: [sheet.programme, sheet.month, who, wishes.version ?? ''].filter(Boolean).join(' · '),
    large: wishes.large ?? false,
    pieces: [
      {
        ...{ kind: 'title', text: sheet.month, over: `${sheet.programme} · ${who}${released}`, pieces: parts.start },
        ...(first && { picture: drawn(first.dealt, { wide: 1.7, label: first.name, colours }) }),
      },
      ...sheetParts.flatMap((name): PaperPiece[] => {
        const own = month.notes[name];
        return [...(name === 'start' ? [] : parts[name]), ...(own ? ownWords(own) : [])];
      }),
    ],
  };
}

/** The organiser's words, a paragraph a line. */
const ownWords = (text: string): PaperPiece[] =>
  text
    .split('\n')
    .filter((line) => line.trim())
    .map((line) => ({ kind: 'text', tone: 'own', text: line }));

function startPieces(sheet: MonthSheet, scrappy: string): PaperPiece[] {
  const several = sheet.blocks.length > 1;
  return [
    ...sheet.blocks.map((block): PaperPiece => {
      const named = several ? `${block.number} · ${block.name}: ` : '';
      const many = block.make > 1 ? `${block.make} blocks. ` : '';
      const stands = block.mirrored === 1 ? 'stands' : 'stand';
      const mirrored =
        block.mirrored > 0
          ? ` ${block.mirrored} of ${block.make} ${stands} mirrored in the quilt: sew ${block.mirrored === 1 ? 'it' : 'them'} with left and right exchanged.`
          : '';
      return {
        kind: 'text',
        tone: 'lead',
        text: [
          `${named}${many}Finished size `,
          { bold: sized(block.finished, sheet.unit) },
          ' (unfinished ',
          { bold: `${block.unfinished} ${sheet.unit}` },
          `).${framed(block, sheet.unit)}${mirrored}`,
        ],
      };
    }),
    ...(sheet.blocks.length > 0 ? [{ kind: 'text', text: sheet.sizing } as const] : []),
    ...(scrappy ? [{ kind: 'text', text: scrappy } as const] : []),
  ];
}

/** '12 in square', '12 by 8 in'. */
const sized = (size: string, unit: string) => (size.includes(' by ') ? `${size} ${unit}` : `${size} ${unit} square`);

/** How large it is with what is sewn round it. */
function framed({ round }: MonthSheet['blocks'][number], unit: string): string {
  const last = round.at(-1);
  return last
    ? ` With its ${last.name} it measures ${last.size.replace(' square', ` ${unit} square`)}${last.size.endsWith('square') ? '' : ` ${unit}`} unfinished.`
    : '';
}

function endPieces({ programme, month, colourway, sheet, wishes }: MonthContext): PaperPiece[] {
  const { date = plainDate, size } = wishes;
  const next = programme.months[programme.months.indexOf(month) + 1];
  const when = next?.release ? ` on ${date(next.release)}` : '';
  const coming = next ? `The next sheet comes${when}.` : 'This is the last sheet.';
  const words = homeworkWords(programme, month, colourway, size);
  const home = words ? ` By then: ${words}` : '';
  return [
    { kind: 'heading', level: 2, text: 'Until next time' },
    { kind: 'text', text: `${coming}${home}` },
    ...(programme.contact ? [{ kind: 'text', text: `Ask: ${programme.contact}` } as const] : []),
    { kind: 'heading', level: 3, text: 'Take care' },
    { kind: 'text', tone: 'quiet', text: sheet.cautions.join(' ') },
  ];
}

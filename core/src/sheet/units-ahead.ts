/** A month whose units are made with an earlier one: what the earlier sheet tells for it, and what is left to take out when it comes. */
import { blocksAsCast, constructSeries, type Colourway, type Month, type Programme } from '../programme';
import type { Construction } from '../construction';
import { blockPaper } from './block-paper';
import { cutPieces } from './cut-paper';
import { monthSheet, type MonthSheet } from './month-sheet';
import type { PaperPiece } from './paper';
import { coloursOf } from './pictures';
import { placed } from './own-words';
import { toolWords } from './tools';
import type { SheetWishes } from './wishes';
import { words } from './words/units-ahead';

/** The month whose units are made, as this reader makes it. */
export interface Ahead {
  later: Month;
  sheet: MonthSheet;
  series: Construction[];
}

/** Throws PlanError when its blocks cannot be planned. */
export function aheadOf(programme: Programme, later: Month, colourway: Colourway, wishes: SheetWishes): Ahead {
  const entries = blocksAsCast(programme, colourway, later, wishes.size);
  return {
    later,
    sheet: monthSheet(programme, later, colourway, wishes.size, wishes),
    series: constructSeries(programme, later, entries, colourway, wishes.size),
  };
}

/** Cutting and units of the later month, and where to put them. */
export function aheadPieces(
  programme: Programme,
  { later, sheet, series }: Ahead,
  colourway: Colourway,
  wishes: SheetWishes,
): { cut: PaperPiece[]; units: PaperPiece[] } {
  const colours = coloursOf(colourway, wishes.coloured !== false);
  const context = { programme, month: later, colourway, sheet, wishes };
  const units = sheet.blocks.flatMap(
    (block, i) => blockPaper({ c: series[i]!, block, sheet, colourway, colours, wishes }).units,
  );
  const keep: PaperPiece = {
    kind: 'text',
    tone: 'check',
    text: words.putTheUnitsAndThePieces(later.name),
  };
  return { cut: placed('cut', cutPieces(context)), units: [...units, keep] };
}

/** What was made and cut before, to be counted before it is laid out. */
export function takeOut({ blocks, ...sheet }: MonthSheet, made: Month): PaperPiece[] {
  // What the block is laid from: units that are sewn into others are not there by themselves any more.
  const rows = blocks.flatMap((block) => {
    const number = block.number === undefined ? '' : `${block.number}·`;
    return [...new Set(block.marks.map((mark) => mark.label))].sort().map((label) => {
      const unit = block.units.find((u) => u.label === label);
      const n = block.marks.filter((mark) => mark.label === label).length * block.make;
      return { label: `${number}${label}`, n, what: unit?.title ?? '', size: unit?.size ?? '' };
    });
  });
  return [
    { kind: 'heading', level: 2, text: words.youWillNeed },
    { kind: 'text', text: words.youCutAndSewedTheUnits(made.name) },
    {
      kind: 'table',
      columns: [
        { name: words.unitOrPiece, share: 2 },
        { name: words.howMany, right: true, share: 1.5 },
        { name: '', share: 4 },
        { name: words.measures, right: true, share: 2 },
      ],
      groups: [
        rows.map(({ label, n, what, size }) => ({
          cells: [
            { text: [{ bold: label }] },
            { text: String(n), numeral: true },
            { text: what },
            { text: size, numeral: true },
          ],
          said: `${n} ${label}${what ? `, ${what}` : ''}${size ? `, ${size}` : ''}.`,
        })),
      ],
    },
    { kind: 'text', tone: 'quiet', text: toolWords({ tools: sheet.joining, helps: [] }) },
  ];
}

import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { Exact, parseLength } from '../measure';
import { handsOut, readProgramme, type ProgrammeFile } from '../programme';
import { cardsOf } from './cards';
import { monthPaper } from './month-paper';
import { plainWords, type PaperPiece } from './paper';

const file = JSON.parse(
  readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;
const reading = readProgramme(file);
if (!reading.ok) throw new Error('the demonstration cannot be read');
const { programme } = reading;

/** All that some pieces say, in their order. */
function saidBy(pieces: readonly PaperPiece[]): string[] {
  return pieces.flatMap((p) => {
    switch (p.kind) {
      case 'text':
        return [plainWords(p.text)];
      case 'steps':
        return p.steps.map((s) => plainWords(s.text));
      case 'title':
        return [p.text, ...saidBy(p.pieces)];
      case 'beside':
        return saidBy(p.pieces);
      case 'table':
        return p.groups.flat().flatMap((row) => row.cells.map((cell) => plainWords(cell.text)));
      case 'list':
        return p.items.map(plainWords);
      default:
        return [];
    }
  });
}

describe('a sheet read card by card', () => {
  for (const month of programme.months.filter((m) => handsOut(programme, m)))
    it(`says all of ${month.name}, once and in its order`, () => {
      const paper = monthPaper(programme, month, programme.colourways[0]!);
      const cards = cardsOf(paper);
      const read = cards.flatMap((card) => (card.step ? [plainWords(card.step.text)] : saidBy(card.pieces)));
      expect(read).toEqual(saidBy(paper.pieces));
      expect(new Set(cards.map((c) => c.id)).size).toBe(cards.length);
      expect(cards.filter((c) => !c.step && c.pieces.length === 0)).toEqual([]);
      // Each step is numbered as on paper.
      for (const { step } of cards) expect(!step || step.number <= step.count).toBe(true);
    });

  it('is read under the headings of the sheet', () => {
    const march = programme.months.find((m) => m.id === 'm3')!;
    const parts = [...new Set(cardsOf(monthPaper(programme, march, programme.colourways[0]!)).map((c) => c.part))];
    expect(parts).toEqual(['', 'You will need', 'Cut', 'Make the units', 'Put the block together', 'Next time']);
  });

  it('has each size that is to be measured on a card, with the seams across it, in lengths that can be read back', () => {
    for (const month of programme.months.filter((m) => handsOut(programme, m))) {
      const cards = cardsOf(monthPaper(programme, month, programme.colourways[0]!));
      for (const { checkpoint } of cards)
        for (const { expected, seams } of checkpoint?.sides ?? []) {
          expect(parseLength(expected, programme.unit).valueOf()).toBeGreaterThan(0);
          expect(seams).toBeGreaterThan(0);
        }
      // Every block is measured once it is sewn, as its sheet says.
      for (const { block, finished } of month.blocks) {
        const last = cards.findLast((c) => c.checkpoint?.what === block.name);
        const expected = finished[0].plus(Exact.of(programme.house.seam).times(2)).toNumber();
        expect(last && parseLength(last.checkpoint!.sides[0]!.expected, programme.unit).valueOf()).toBeCloseTo(expected, 3);
      }
    }
  });

  it('counts the blocks that a step is sewn for', () => {
    const times = programme.months.flatMap((month) =>
      handsOut(programme, month) ? cardsOf(monthPaper(programme, month, programme.colourways[0]!)).map((c) => c.times) : [],
    );
    const made = Math.max(...programme.months.flatMap((m) => m.blocks.map((b) => b.make)));
    expect(Math.max(...times)).toBe(made);
    expect(Math.min(...times)).toBe(1);
  });
});

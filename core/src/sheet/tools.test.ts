import { describe, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import { handsOut, readProgramme } from '../programme';
import { monthPaper } from './month-paper';
import { monthSheet } from './month-sheet';
import { plainWords, type PaperPiece, type Words } from './paper';
import { toolWords } from './tools';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('unsound');
const { programme } = reading;
const [frost] = programme.colourways;

const wordsOf = (pieces: readonly PaperPiece[]): Words[] =>
  pieces.flatMap((p): Words[] => {
    if (p.kind === 'title' || p.kind === 'beside') return wordsOf(p.pieces);
    if (p.kind === 'steps') return p.steps.map((s) => s.text);
    if (p.kind === 'list') return [...p.items];
    return p.kind === 'text' ? [p.text] : [];
  });

describe('tools of a month with a block', () => {
  const months = programme.months.filter((m) => handsOut(programme, m) && monthSheet(programme, m, frost!).blocks.length > 0);

  it('names on the sheet what its steps ask for, and not what they do not', () => {
    const asked = { 'fine pins': 0, 'seam ripper': 0 };
    for (const month of months) {
      const sheet = monthSheet(programme, month, frost!);
      const told = wordsOf(monthPaper(programme, month, frost!, { level: 'new' }).pieces).map(plainWords);
      const text = told.filter((t) => !t.startsWith('You will also need')).join(' ');
      expect(told).toContain(toolWords(sheet));
      for (const [tool, word] of [
        ['fine pins', /\bpin\b/i],
        ['seam ripper', /\bspin the\b/i],
      ] as const) {
        expect([month.id, tool, sheet.tools.includes(tool)]).toEqual([month.id, tool, word.test(text)]);
        if (sheet.tools.includes(tool)) asked[tool] += 1;
      }
      expect(sheet.helps.some((h) => h === 'a turning mat')).toBe(text.includes('Turn the mat'));
      // Nothing is both needed and not.
      expect(sheet.helps.filter((h) => sheet.tools.includes(h))).toEqual([]);
    }
    for (const n of Object.values(asked)) expect(n).toBeGreaterThan(0);
  });
});

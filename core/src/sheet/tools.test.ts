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

  it('has bias edges starched before they are cut, or before they are sewn where the pieces come cut, and says so nowhere else', () => {
    const made = readProgramme({
      ...demo,
      house: { ...demo.house, methods: { hst: 'four-at-a-time', geese: 'cut-triangles' } },
    });
    if (!made.ok) throw new Error('unsound');
    let starched = 0;
    for (const of of [programme, made.programme])
      for (const id of months.map((m) => m.id))
        for (const kind of ['yardage', 'list', 'pre-cut'] as const) {
          const month = of.months.find((m) => m.id === id)!;
          const paper = monthPaper(of, month, of.colourways[0]!, { kind });
          const told = wordsOf(paper.pieces).map(plainWords);
          const tools = told.find((t) => t.startsWith('You will also need'))!;
          const sentence = told.filter((t) => /^Starch the (fabric|pieces) for /.test(t));
          expect([id, kind, sentence.length]).toEqual([id, kind, / starch[;.]/.test(tools) ? 1 : 0]);
          if (sentence.length === 0) continue;
          starched += 1;
          expect(sentence[0]!.includes('before you cut it')).toBe(kind !== 'pre-cut');
          const at = (match: (p: PaperPiece) => boolean) => paper.pieces.findIndex(match);
          const table = at((p) => p.kind === 'heading' && p.text === 'Cut') + 1;
          if (kind !== 'pre-cut') expect(at((p) => p.kind === 'text' && plainWords(p.text) === sentence[0])).toBe(table);
        }
    expect(starched).toBeGreaterThan(3);
  });

  it('cuts nothing twice: what the cutting table cuts on the diagonal, no step cuts again', () => {
    const loose = { hst: 'cut-triangles', geese: 'cut-triangles', qst: 'cut-triangles' };
    const made = readProgramme({ ...demo, house: { ...demo.house, methods: loose } });
    if (!made.ok) throw new Error('unsound');
    let cut = 0;
    for (const { id } of months) {
      const of = made.programme;
      const month = of.months.find((m) => m.id === id)!;
      const sheet = monthSheet(of, month, of.colourways[0]!);
      cut += sheet.fabrics.flatMap((f) => f.cuts).filter(({ then }) => then.includes('on the diagonal')).length;
      const steps = sheet.blocks.flatMap(({ units }) => units.flatMap((u) => u.steps.map(({ text }) => text)));
      expect(steps.filter((text) => /\b(once|twice) on the diagonal/.test(text))).toEqual([]);
    }
    expect(cut).toBeGreaterThan(3);
  });
});

import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { embargoed } from '../running';
import { readProgramme, type ProgrammeFile } from '../programme';
import { monthPaper } from './month-paper';
import { plainWords, type PaperPiece } from './paper';

const demo = JSON.parse(
  readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;
/** The year with a May that makes the units of June. */
const file: ProgrammeFile = {
  ...demo,
  months: demo.months!.map((m) => {
    const uses = m.uses?.filter((id) => id !== 'm5');
    if (m.id === 'm5') return { ...m, blocks: [], uses: [], words: {} };
    return { ...m, ...(uses && { uses }), ...(m.id === 'm6' && { unitsWith: 'm5' }) };
  }),
};
const read = (of: ProgrammeFile) => {
  const reading = readProgramme(of);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};
const refusals = (of: ProgrammeFile) => {
  const reading = readProgramme(of);
  return reading.ok ? [] : reading.errors.map((e) => e.path);
};
const paperOf = (of: ProgrammeFile, id: string) => {
  const programme = read(of);
  return monthPaper(
    programme,
    programme.months.find((m) => m.id === id)!,
    programme.colourways[0]!,
  );
};
const headings = (pieces: readonly PaperPiece[]): string[] =>
  pieces.flatMap((p) => (p.kind === 'heading' ? [p.text] : p.kind === 'title' ? headings(p.pieces) : []));
/** Steps and rows, wherever they stand. */
const said = (pieces: readonly PaperPiece[]): string[] =>
  pieces.flatMap((p) => {
    if (p.kind === 'title' || p.kind === 'beside') return said(p.pieces);
    if (p.kind === 'steps') return p.steps.map((s) => plainWords(s.text));
    return p.kind === 'table' ? p.groups.flat().map((row) => row.cells.map((c) => plainWords(c.text)).join(' ')) : [];
  });

describe('units made ahead', () => {
  const whole: ProgrammeFile = { ...file, months: file.months!.map((m) => ({ ...m, unitsWith: undefined })) };
  const june = paperOf(file, 'm6');
  const may = paperOf(file, 'm5');

  it('are cut and sewn by the earlier sheet, and put together by the later one, nothing twice and nothing left out', () => {
    expect(headings(may.pieces)).toEqual(expect.arrayContaining(['You will need', 'Cut', 'Make the units']));
    expect(headings(may.pieces)).not.toContain('Put the block together');
    // Rows in a mirror are made by themselves, and say what they look like.
    expect(headings(may.pieces)).toContain('U4: make 2 rows, all alike; they are U3 in a mirror');
    expect(headings(june.pieces)).toContain('Put the block together');
    for (const part of ['Cut', 'Make the units']) expect(headings(june.pieces)).not.toContain(part);
    // Nothing is cut or drawn any more.
    const needed = (pieces: readonly PaperPiece[]) => JSON.stringify(pieces).match(/You will also need: ([^"]*)"/)![1]!;
    expect(needed(may.pieces)).toMatch(/rotary cutter.*pencil/);
    expect(needed(june.pieces)).not.toMatch(/cutter|pencil|Good to have/);
    expect(needed(june.pieces)).toMatch(/seam guide; fine pins/);
    // Together they say every step of the month as it is by itself.
    const both = new Set([...said(may.pieces), ...said(june.pieces)]);
    const steps = paperOf(whole, 'm6').pieces.flatMap((p) => (p.kind === 'steps' ? said([p]) : []));
    for (const step of steps) expect(both).toContain(step);
  });

  it('come with the packet of the month that makes them, and are counted when they are taken out', () => {
    const { kits } = read(file);
    const packet = kits.packets.find((p) => p.some((m) => m.id === 'm6'))!;
    expect(packet[0]!.id).toBe('m5');
    expect(said(june.pieces)).toEqual(
      expect.arrayContaining([expect.stringMatching(/^U3 2 rows/), expect.stringMatching(/^U4 2 rows/)]),
    );
    // What is sewn into rows is not in the bag by itself.
    expect(said(june.pieces).filter((row) => /^U[12] /.test(row))).toEqual([]);
    // A packet follows also where none is named.
    const alone = read({ ...file, kits: { ...file.kits, packets: [] } });
    expect(alone.kits.packets.find((p) => p.some((m) => m.id === 'm6'))!.map((m) => m.id)).toEqual(['m5', 'm6']);
  });

  it('name nothing of a month that is not out', () => {
    const shown = embargoed(file, new Set(['m1', 'm2', 'm3', 'm4', 'm5']));
    const text = JSON.stringify(paperOf(shown, 'm5'));
    expect(text).not.toContain('Trellis');
    expect(text).toContain('Make the units');
  });

  it('are refused where they cannot be, with the place', () => {
    const withJune = (unitsWith: string, of = file): ProgrammeFile => ({
      ...of,
      months: of.months!.map((m) => (m.id === 'm6' ? { ...m, unitsWith } : m)),
    });
    for (const id of ['m7', 'm4', 'nothing']) expect(refusals(withJune(id))).toContain('/months/5/unitsWith');
    expect(refusals({ ...file, kits: { ...file.kits, packets: [['m4', 'm5']] } })).toContain('/months/5/unitsWith');
    expect(refusals(file)).toEqual([]);
  });
});

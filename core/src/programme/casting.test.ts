import { describe, expect, it } from 'vitest';
import demo from '../../../demo/allotment-year.aggrega.json';
import {
  applyChanges,
  castChanges,
  castMends,
  castSeams,
  choiceChanges,
  copyChanges,
  readProgramme,
  swapChanges,
  type Change,
  type ProgrammeFile,
} from './index';

const file = demo as unknown as ProgrammeFile;
function read(document: ProgrammeFile) {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
function after(changes: Change[], document = file): ProgrammeFile {
  const result = applyChanges(document, changes);
  if (!('file' in result)) throw new Error('a conflict');
  return result.file;
}
const castOf = (document: ProgrammeFile, id: string) =>
  Object.fromEntries([...read(document).colourways.find((c) => c.id === id)!.fabrics].map(([role, f]) => [role, f.id]));

describe('casting', () => {
  it('swaps two letters, and swapping them again is as before', () => {
    const once = after(swapChanges(file, 'frost', 'A', 'B'));
    expect(castOf(once, 'frost')).toMatchObject({ A: 'water-butt', B: 'frosted-pane' });
    expect(castOf(after(swapChanges(once, 'frost', 'A', 'B'), once), 'frost')).toEqual(castOf(file, 'frost'));
  });

  it('leaves a letter to choice, swaps choices too, and casts it again', () => {
    const open = after(choiceChanges(file, 'frost', 'C', 'medium'));
    expect(castOf(open, 'frost').C).toBe('choice-C');
    const swapped = after(swapChanges(open, 'frost', 'C', 'B'), open);
    expect(castOf(swapped, 'frost')).toMatchObject({ B: 'choice-B', C: 'water-butt' });
    expect(castOf(after(castChanges(open, 'frost', 'C', 'kale'), open), 'frost')).toEqual(castOf(file, 'frost'));
  });

  it('copies another colourway’s cast, but not over a locked letter', () => {
    const locked = structuredClone(file);
    locked.colourways![1]!.locked = ['B'];
    const copied = after(copyChanges(locked, 'harvest', 'frost'), locked);
    expect(castOf(copied, 'harvest')).toEqual({ ...castOf(file, 'frost'), B: 'beetroot' });
    expect(copyChanges(copied, 'harvest', 'frost')).toEqual([]);
  });

  it('judges every pair of letters that meet, and each mend makes its seam clear and no other worse', () => {
    const programme = read(file);
    for (const colourway of programme.colourways) {
      const seams = castSeams(programme, colourway);
      expect(seams.length).toBeGreaterThan(2);
      for (const seam of seams.filter((s) => s.verdict !== 'clear'))
        for (const { role, fabric } of castMends(programme, colourway, seam.roles).slice(0, 3)) {
          const mended = read(after(castChanges(file, colourway.id, role, fabric.id)));
          const now = castSeams(
            mended,
            mended.colourways.find((c) => c.id === colourway.id)!,
          );
          const verdict = (of: typeof seams, roles: readonly string[]) => of.find((s) => `${s.roles}` === `${roles}`)!.verdict;
          expect(verdict(now, seam.roles)).toBe('clear');
          const rank = ['lost', 'weak', 'clear'];
          for (const other of seams)
            expect(rank.indexOf(verdict(now, other.roles))).toBeGreaterThanOrEqual(rank.indexOf(other.verdict));
        }
    }
  });

  it('no longer counts a pair that is meant to melt among the worst', () => {
    const [worst] = castSeams(read(file), read(file).colourways[0]!);
    const melting = read({ ...file, melts: [[...worst!.roles] as [string, string]] });
    const seams = castSeams(melting, melting.colourways[0]!);
    expect(seams.find((s) => `${s.roles}` === `${worst!.roles}`)!.melts).toBe(true);
    expect(seams[0]!.melts).toBe(false);
  });
});

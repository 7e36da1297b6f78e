import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import {
  applyChanges,
  castChanges,
  castMends,
  castSeams,
  choiceChanges,
  inverse,
  copyChanges,
  pooledChanges,
  poolChanges,
  scatterChange,
  readProgramme,
  swapChanges,
  type Change,
  type ProgrammeFile,
} from '../index';

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

  it('fills a pool beside the fabric that was there, and the last one of a pool is the letter’s fabric again', () => {
    const pools = (document: ProgrammeFile, id = 'frost') => read(document).colourways.find((c) => c.id === id)!.pools;
    const two = after(pooledChanges(file, 'frost', 'B', 'beetroot'));
    expect(
      pools(two)
        .get('B')!
        .fabrics.map((f) => f.id),
    ).toEqual(['water-butt', 'beetroot']);
    expect(castOf(two, 'frost')).toMatchObject({ B: 'water-butt', Ba: 'water-butt', Bb: 'beetroot' });
    const three = after(pooledChanges(two, 'frost', 'B', 'compost'), two);
    const out = after(pooledChanges(three, 'frost', 'B', 'water-butt'), three);
    expect(castOf(out, 'frost')).toMatchObject({ B: 'beetroot', Ba: 'beetroot', Bb: 'compost' });
    const one = after(pooledChanges(out, 'frost', 'B', 'beetroot'), out);
    expect(pools(one).size).toBe(0);
    expect(castOf(one, 'frost').B).toBe('compost');
    // A letter of everybody's choice becomes a pool, and the choice goes.
    const open = after(choiceChanges(file, 'frost', 'C', 'medium'));
    const pooled = after(poolChanges(open, 'frost', 'C', { fabrics: ['kale', 'marrow'], per: 'block' }), open);
    expect(pooled.colourways![0]!.choices).toEqual({});
    expect(pools(pooled).get('C')).toMatchObject({ per: 'block' });
  });

  it('swaps a pool with a fabric, and copies a pool; undone, all is as it was', () => {
    const swapped = after(swapChanges(file, 'dusk', 'C', 'A'));
    expect(castOf(swapped, 'dusk')).toMatchObject({ C: 'moth', A: 'sloe', Aa: 'sloe', Ab: 'slate-step' });
    expect(castOf(after(swapChanges(swapped, 'dusk', 'A', 'C'), swapped), 'dusk')).toEqual(castOf(file, 'dusk'));
    const copied = after(copyChanges(file, 'frost', 'dusk'));
    expect(castOf(copied, 'frost')).toEqual(castOf(file, 'dusk'));
    expect(copyChanges(copied, 'frost', 'dusk')).toEqual([]);
    const changes = [scatterChange(file, 'dusk', { seed: 9, pins: { 'm1:cold-frame:1:1': 'sloe' } })];
    const scattered = after(changes);
    expect(read(scattered).colourways[2]!.scatter).toMatchObject({ seed: 9 });
    expect(after(inverse(changes), scattered).colourways![2]).toEqual(file.colourways![2]);
  });

  it('judges a scrappy letter by the fabric of its pool that is told apart worst', () => {
    const [light] = castSeams(read(file), read(file).colourways[0]!).filter((s) => s.roles.includes('B'));
    const pale = after(pooledChanges(file, 'frost', 'B', 'straw'));
    const seam = castSeams(read(pale), read(pale).colourways[0]!).find((s) => `${s.roles}` === 'A,B')!;
    expect(light).toBeDefined();
    expect(seam.fabrics.map((f) => f.id)).toEqual(['frosted-pane', 'straw']);
    expect(seam.verdict).toBe('lost');
    // A pool is not mended by a single fabric in its place.
    expect(castMends(read(pale), read(pale).colourways[0]!, ['A', 'B']).every((m) => m.role === 'A')).toBe(true);
  });

  it('refuses a pool that names what is not there, or a letter that is cast twice', () => {
    const bad = structuredClone(file);
    bad.colourways![0]!.pools = { B: { fabrics: ['kale'] }, Z: { fabrics: ['nettle'] } };
    const reading = readProgramme(bad);
    expect(reading.ok ? [] : reading.errors.map((e) => e.path)).toEqual([
      '/colourways/0/pools/B',
      '/colourways/0/pools/Z/fabrics/0',
    ]);
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

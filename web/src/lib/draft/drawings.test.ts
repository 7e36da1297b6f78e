import { library, readBlock, tilingFaults, turnBlock, type Block } from '@aggrega/core/block';
import { applyChanges, inverse, readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { begun, blockText, castable, redrawn } from './drawings';
import { Taking } from './taking.svelte';

const file = demo as unknown as ProgrammeFile;
const reading = readProgramme(file);
if (!reading.ok) throw new Error('the demonstration programme is unsound');
const { programme } = reading;
const blocks = library.map((f) => readBlock(f, '').block);

/** The block in letters of the programme. */
const ours = (block: Block) => new Taking({ block }, new Map(castable(programme).map((letter) => [letter, '#808080']))).block!;

function applied(changes: Parameters<typeof applyChanges>[1], to: ProgrammeFile = file): ProgrammeFile {
  const result = applyChanges(to, changes);
  if ('conflicts' in result) throw new Error('conflict');
  return result.file;
}

describe('drawings on their way into a programme', () => {
  it('may use the letters that every colourway casts', () => {
    expect(castable(programme)).toEqual(['A', 'B', 'C', 'D']);
  });

  it('begin an empty month at the usual size, under a name that is free; undone, nothing is left', () => {
    const month = programme.months.find((m) => m.id === 'm12')!;
    for (const block of blocks) {
      const changes = begun(file, programme, month, ours(block));
      const after = applied(changes);
      const read = readProgramme(after);
      expect(read).toMatchObject({ ok: true });
      const entry = read.ok ? read.programme.months.find((m) => m.id === 'm12')!.blocks[0]! : undefined;
      expect(entry!.finished[0].toNumber()).toBe(12);
      expect(tilingFaults(entry!.block)).toEqual([]);
      expect(file.blocks.some((b) => b.id === entry!.block.id)).toBe(false);
      expect(applied(inverse(changes), after)).toEqual(file);
    }
  });

  it('take the place of another drawing with as few changes as there are differences', () => {
    const cold = programme.blocks.find((b) => b.id === 'cold-frame')!;
    expect(redrawn(file, turnBlock(cold, 1)).map((c) => c.path)).toEqual(['/blocks/cold-frame/patches']);
    const other = { ...blocks.find((b) => b.id === 'ohio-star')!, id: 'cold-frame' };
    const changes = redrawn(file, other, 'Ohio Star');
    expect(changes.map((c) => c.path)).toEqual([
      '/blocks/cold-frame/patches',
      '/blocks/cold-frame/grid',
      '/blocks/cold-frame/name',
    ]);
    const after = applied(changes);
    expect(readProgramme(after)).toMatchObject({ ok: true });
    expect(applied(inverse(changes), after)).toEqual(file);
  });

  it('are written as a file that says what it is', () => {
    expect(JSON.parse(blockText(programme.blocks[0]!))).toMatchObject({
      format: 'aggrega-block',
      version: 1,
      id: 'cold-frame',
    });
  });
});

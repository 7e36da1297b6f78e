import demo from '../../../../demo/allotment-year.aggrega.json';
import { applyChanges, quiltOf, quiltPicture, readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import { fieldChange, placesChange, settingAt, swapped } from './places';
import { neighbour } from '$lib/look/neighbour';

const file = demo as unknown as ProgrammeFile;
function pictureOf(document: ProgrammeFile) {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return quiltPicture(quiltOf(reading.programme)!, reading.programme);
}
function changed(document: ProgrammeFile, ...changes: Parameters<typeof applyChanges>[1]) {
  const result = applyChanges(document, changes);
  if (!('file' in result)) throw new Error('a conflict');
  return result.file;
}

describe('places of a quilt', () => {
  it('are swapped, each block turned as it was, and given back to the order of the months', () => {
    const before = pictureOf(file);
    const [a, b] = [before.places[0]!, before.places[5]!];
    const moved = changed(file, placesChange(file, '', swapped(a, b)));
    const after = pictureOf(moved);
    expect([after.places[0]!.key, after.places[5]!.key]).toEqual([b.key, a.key]);
    expect(after.places.filter((p, i) => p.key !== before.places[i]!.key)).toHaveLength(2);
    const back = changed(moved, placesChange(moved, '', { [a.at]: {}, [b.at]: {} }));
    expect(back.setting?.places).toBeUndefined();
    expect(pictureOf(back)).toEqual(before);
  });

  it('lead from one to the next: as far as one goes, so far one comes back', () => {
    const upright = pictureOf(changed(file, fieldChange(file, '', 'kind', 'straight')));
    for (const place of upright.places)
      for (const way of [
        [1, 0],
        [0, 1],
      ] as const) {
        const next = neighbour(upright, place, way);
        if (next) expect(neighbour(upright, next, [-way[0], -way[1]])?.at).toBe(place.at);
      }
    // On point as well, everything can be reached from the first place.
    const picture = pictureOf(file);
    const seen = new Set([picture.places[0]!]);
    for (const place of seen)
      for (const way of [
        [1, 0],
        [-1, 0],
        [0, 1],
        [0, -1],
      ] as const) {
        const next = neighbour(picture, place, way);
        if (next) seen.add(next);
      }
    expect(seen.size).toBe(13);
  });

  it('of a size with its own rows are its own', () => {
    const moved = changed(file, placesChange(file, '', { '1,1': { turn: 2 } }));
    expect(settingAt(moved, 'double-bed').all.places).toBeUndefined();
    expect(settingAt(moved, 'double-bed').all.sashing).toEqual(file.setting!.sashing);
    const wider = changed(moved, fieldChange(moved, 'double-bed', 'across', 5));
    expect(wider.sizes![0]!.setting!.across).toBe(5);
    expect(wider.setting!.across).toBe(3);
  });
});

/**
 * Programmes as shops run them, made up from a seed: twelve months of library blocks near 12 in, two to four colourways of four to
 * six fabrics. Always the same for the same seed.
 */
import { library } from '../core/src/block';
import type { ProgrammeFile } from '../core/src/programme';

/** A small generator of repeatable chance (a linear congruence); next(n) is from 0 to n − 1. */
export function chance(seed: number): (n: number) => number {
  let state = (seed * 2654435761 + 12345) % 4294967296;
  return (n) => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return Math.floor((state / 4294967296) * n);
  };
}

const LETTERS = [...'ABCDEF'];

export function madeUpProgramme(seed: number): ProgrammeFile {
  const next = chance(seed);
  for (let i = 0; i < 5; i += 1) next(2);
  const fabrics = 4 + next(3);
  const letters = LETTERS.slice(0, fabrics);
  const some = <T>(of: readonly T[]): T => of[next(of.length)]!;
  const blocks: ProgrammeFile['blocks'] = [];
  const months = Array.from({ length: 12 }, (_, m) => ({
    id: `m${m + 1}`,
    blocks: Array.from({ length: next(5) === 0 ? 2 : 1 }, () => {
      const drawing = some(library);
      const shift = next(fabrics);
      const id = `${drawing.id}-${blocks.length}`;
      const role = (r: string) => letters[(LETTERS.indexOf(r) + shift) % fabrics]!;
      blocks.push({ ...drawing, id, patches: drawing.patches.map((p) => ({ ...p, role: role(p.role) })) });
      // Cells of a size that a ruler shows, the block as near 12 in as they make it.
      const cell = [1, 1.5, 2, 2.5, 3, 4, 6].reduce((a, b) =>
        Math.abs(b * drawing.grid[0] - 12) < Math.abs(a * drawing.grid[0] - 12) ? b : a,
      );
      return {
        block: id,
        finished: String(cell * drawing.grid[0]),
        make: some([1, 1, 1, 2, 4]),
        methods: { hst: some(['two-at-a-time', 'four-at-a-time', 'eight-at-a-time', 'cut-triangles']) },
      };
    }),
  }));
  const colourways = Array.from({ length: 2 + next(3) }, (_, c) => ({
    id: `c${c + 1}`,
    // Now and then one fabric serves two letters.
    fabrics: Object.fromEntries(letters.map((l, i) => [l, `c${c + 1}-f${next(6) === 0 ? 1 : i + 1}`])),
  }));
  const width = some(['40', '41', '42']);
  return {
    format: 'aggrega-programme',
    version: 1,
    house: { sizing: some(['exact', 'exact', 'trim-down']) },
    fabrics: colourways.flatMap((c) => [...new Set(Object.values(c.fabrics))].map((id) => ({ id, usableWidth: width }))),
    colourways,
    blocks,
    months,
    participants: Object.fromEntries(colourways.map((c) => [c.id, 40])),
  };
}

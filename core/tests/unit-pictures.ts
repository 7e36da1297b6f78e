/** Every unit kind as a drawing, to be turned, mirrored and cast. */
import { mirrorBlock, turnBlock, type Block } from '../src/block';
import { draw } from './draw';

export const half = (n: number) => [
  `0,0 ${n},0 0,${n}`,
  `${n},0 ${2 * n},0 ${2 * n},${n}`,
  `${2 * n},${n} ${2 * n},${2 * n} ${n},${2 * n}`,
  `0,${n} ${n},${2 * n} 0,${2 * n}`,
];

/** Every kind as outlines in its own grid. */
export const PICTURES: Record<string, { grid: [number, number]; shapes: string[] }> = {
  hst: { grid: [1, 1], shapes: ['0,0 1,0 0,1', '1,0 1,1 0,1'] },
  qst: { grid: [2, 2], shapes: ['0,0 2,0 1,1', '2,0 2,2 1,1', '2,2 0,2 1,1', '0,0 1,1 0,2'] },
  geese: { grid: [2, 1], shapes: ['1,0 2,1 0,1', '0,0 1,0 0,1', '1,0 2,0 2,1'] },
  'square-in-square': { grid: [2, 2], shapes: ['1,0 2,1 1,2 0,1', ...half(1)] },
  economy: {
    grid: [4, 4],
    shapes: ['1,1 3,1 3,3 1,3', '1,1 2,0 3,1', '3,1 4,2 3,3', '3,3 2,4 1,3', '1,3 0,2 1,1', ...half(2)],
  },
  'folded-corner': { grid: [3, 2], shapes: ['1,0 3,0 3,1 2,2 0,2 0,1', '0,0 1,0 0,1', '3,1 3,2 2,2'] },
  'four-patch': { grid: [2, 2], shapes: ['0,0 1,0 1,1 0,1', '1,0 2,0 2,1 1,1', '0,1 1,1 1,2 0,2', '1,1 2,1 2,2 1,2'] },
  rails: { grid: [3, 3], shapes: ['0,0 1,0 1,3 0,3', '1,0 2,0 2,3 1,3', '2,0 3,0 3,3 2,3'] },
};

/** The picture with those roles, in some of its eight lies, its cells split or merged by a factor. */
export function lay(kind: string, roles: string[], quarters: number, mirrored: boolean, factor: number): Block {
  const { grid, shapes } = PICTURES[kind]!;
  const b = draw(
    grid.map((n) => n * factor) as [number, number],
    shapes.map((s, i) => `${roles[i % roles.length]} ${s.replace(/\d+/g, (n) => String(Number(n) * factor))}`),
  );
  return turnBlock(mirrored ? mirrorBlock(b) : b, quarters);
}

/** Blocks in a line each: 'A 0,0 1,0 1,1 0,1' is a patch of role A. */
import { readBlock, type Block } from '../src/block';

/** A block of those patches; throws for coordinates off the grid. */
export function draw(grid: [number, number], patches: readonly string[], id = 'drawn'): Block {
  const { block, problems } = readBlock(
    {
      id,
      grid,
      patches: patches.map((line) => {
        const [role, ...points] = line.split(' ');
        return { role: role!, points: points.map((p) => p.split(',') as [string, string]) };
      }),
    },
    '',
  );
  if (problems.length > 0) throw new Error(problems[0]!.message);
  return block;
}

/** Squares of a grid, the role of each by column and row. */
export function squares(columns: number, rows: number, role: (x: number, y: number) => string): Block {
  return draw(
    [columns, rows],
    Array.from({ length: columns * rows }, (_, i) => {
      const [x, y] = [i % columns, Math.floor(i / columns)];
      return `${role(x, y)} ${x},${y} ${x + 1},${y} ${x + 1},${y + 1} ${x},${y + 1}`;
    }),
  );
}

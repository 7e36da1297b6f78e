/**
 * How long forecasts take: each block of the starter library, construction included, cold; and quilts of twenty blocks, all of them different ones. Ratios to the
 * time in which a library block is constructed, from one run.
 */
import { readFileSync } from 'node:fs';
import { library, readBlock } from '../core/src/block';
import { construct, inchStyle } from '../core/src/construction';
import { cutLarge, foresee, foreseeQuilt } from '../core/src/foresee';
import { Exact } from '../core/src/measure';
import { readProgramme, type ProgrammeFile } from '../core/src/programme';

function time<T>(work: () => T): { ms: number; made: T } {
  const start = performance.now();
  const made = work();
  return { ms: performance.now() - start, made };
}
const sorted = (list: number[]) => [...list].sort((a, b) => a - b);

const [built, blocks] = [[] as number[], [] as number[]];
for (const file of library) {
  const { block } = readBlock(file, '');
  const finished = [Exact.of(12), Exact.of(12).over(block.grid[0]).times(block.grid[1])] as const;
  const { ms, made } = time(() => construct(block, { finished, make: 1, style: inchStyle }));
  built.push(ms);
  blocks.push(ms + time(() => [foresee(made), cutLarge(made)]).ms);
}

/** Twenty different blocks in five rows of four, with sashing and cornerstones. */
function quiltOf(from: number): number {
  const some = Array.from({ length: 20 }, (_, i) => library[(from + i) % library.length]!).filter(
    ({ grid }) => grid[0] === grid[1],
  );
  const file: ProgrammeFile = {
    ...JSON.parse(readFileSync(process.argv[2]!, 'utf8')),
    blocks: some.map(({ id, name, grid, patches }) => ({ id, name, grid, patches })),
    months: some.map(({ id }, i) => ({ id: `m${i + 1}`, blocks: [{ block: id, finished: '12' }] })),
    setting: {
      ...{ kind: 'straight', across: 4, down: 5 },
      ...{ sashing: { finished: '2', role: 'A', outer: true }, cornerstone: { role: 'B' } },
    },
    ...{ sizes: [], packets: undefined, stock: undefined, orders: undefined },
  };
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors.slice(0, 3)));
  const { programme } = reading;
  return time(() => foreseeQuilt(programme, { colourway: programme.colourways[0]! })).ms;
}
const quilts = [0, 13, 26].map(quiltOf);

const usual = sorted(built)[Math.floor(built.length / 2)]!;
const told = (name: string, list: number[]) => {
  const [least, middle, most] = [sorted(list)[0]!, sorted(list)[Math.floor(list.length / 2)]!, Math.max(...list)];
  console.log(
    `${name}: ${middle.toFixed(0)} ms (${least.toFixed(0)} to ${most.toFixed(0)}), ${(middle / usual).toFixed(0)} × a construction`,
  );
};
told('a block constructed', built);
told('a block, with what cutting large brings', blocks);
told('a quilt of twenty', quilts);

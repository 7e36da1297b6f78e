/**
 * How long construction takes: every block of the starter library, warm; and a grid of 24 by 24 with 600 patches, whose first run is
 * cold. Ratios to the time that a warm library block takes, from one run.
 */
import fc from 'fast-check';
import { library, readBlock } from '../core/src/block';
import { construct, inchStyle } from '../core/src/construction';
import { Exact } from '../core/src/measure';
import { draw } from '../core/tests/draw';
import { randomTiling } from '../core/tests/random-block';

type Drawn = ReturnType<typeof draw>;
const make = (b: Drawn) =>
  construct(b, { finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])], make: 1, style: inchStyle });

function time(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}
const median = (numbers: number[]) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;

const cold = time(() => readBlock(library[0]!, '') && make(readBlock(library[0]!, '').block));
const blocks = library.map((file) => ({ name: file.name, block: readBlock(file, '').block }));
for (let i = 0; i < 15; i += 1) for (const { block } of blocks) make(block);
const times = blocks.map(({ name, block }) => ({
  name,
  ms: median(Array.from({ length: 15 }, () => time(() => make(block)))),
}));
const usual = median(times.map((t) => t.ms));
const slowest = times.reduce((a, b) => (b.ms > a.ms ? b : a));

/** A repeatable mixture of squares and triangle squares, of four fabrics. */
function mixture(): Drawn {
  let seed = 7;
  const next = (n: number) => (seed = (seed * 1103515245 + 12345) % 2147483648) % n;
  const role = () => 'ABCD'[next(4)]!;
  const cells = Array.from({ length: 576 }, (_, i) => [i % 24, Math.floor(i / 24)] as const);
  return draw(
    [24, 24],
    cells.flatMap(([x, y], i) =>
      i % 24 === 0
        ? [`${role()} ${x},${y} ${x + 1},${y} ${x},${y + 1}`, `${role()} ${x + 1},${y} ${x + 1},${y + 1} ${x},${y + 1}`]
        : [`${role()} ${x},${y} ${x + 1},${y} ${x + 1},${y + 1} ${x},${y + 1}`],
    ),
  );
}
const large = mixture();
const first = time(() => make(large));
const again = median(Array.from({ length: 5 }, () => time(() => make(large))));

const line = (what: string, ms: number) => console.log(`  ${what}: ${ms.toFixed(1)} ms, ${(ms / usual).toFixed(1)} ×`);
console.log(`construction, ${blocks.length} library blocks; × the median of a warm one`);
line('median, warm', usual);
line(`slowest, warm (${slowest.name})`, slowest.ms);
line('the very first block, cold', cold);
line(`24 × 24 cells, ${large.patches.length} patches, first time`, first);
line(`24 × 24 cells, ${large.patches.length} patches, warm`, again);

// Long random runs stand here; the tests have a share of them.
let many = 0;
fc.assert(
  fc.property(randomTiling, (b) => {
    const c = make(b);
    const laid = [...c.unitOf.keys()].filter((leaf) => !leaf.inside).flatMap((leaf) => leaf.laid.flatMap((p) => p.of));
    many += 1;
    return laid.length === b.patches.length && c.cuts.every((cut) => cut.qty > 0);
  }),
  { numRuns: 10_000 },
);
console.log(`  ${many} random tilings: each constructed, every patch in one unit`);

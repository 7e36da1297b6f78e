/**
 * Casting scrappy quilts: 20 blocks of 16 patches from a pool of 40, larger and harder ones, against a cast that only deals the fabrics out in
 * turn and looks at nothing. Cold is the first of the process.
 */
import { scatteredOf, readProgramme, type ProgrammeFile } from '../core/src/programme';

const cells = Array.from({ length: 16 }, (_, i) => [i % 4, Math.floor(i / 4)] as const);
const patches = (slant: boolean) =>
  cells.flatMap(([x, y]) =>
    slant
      ? [
          {
            role: 'A',
            points: [
              [x, y],
              [x + 1, y],
              [x, y + 1],
            ],
          },
          {
            role: 'A',
            points: [
              [x + 1, y],
              [x + 1, y + 1],
              [x, y + 1],
            ],
          },
        ]
      : [
          {
            role: 'A',
            points: [
              [x, y],
              [x + 1, y],
              [x + 1, y + 1],
              [x, y + 1],
            ],
          },
        ],
  );

function cast(across: number, down: number, pool: number, { slant = false, per = 'patch', seed = 1 } = {}) {
  const fabrics = Array.from({ length: pool }, (_, i) => ({ id: `f${i}`, colour: `#${(0x203040 + i * 5000).toString(16)}` }));
  const file = {
    ...{ format: 'aggrega-programme', version: 1, fabrics, setting: { kind: 'straight', across, down } },
    colourways: [{ id: 'c', fabrics: {}, pools: { A: { fabrics: fabrics.map((f) => f.id), per } }, scatter: { seed } }],
    blocks: [{ id: 'b', grid: [4, 4], patches: patches(slant) }],
    months: [{ id: 'm', blocks: [{ block: 'b', finished: '12', make: across * down }] }],
  } as unknown as ProgrammeFile;
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const start = performance.now();
  const { used, doubts } = scatteredOf(reading.programme, reading.programme.colourways[0]!)!;
  const ms = performance.now() - start;
  const times = [...used.values()].flat().map((u) => u.times);
  return { ms, spread: Math.max(...times) - Math.min(...times), doubts: doubts.length };
}

/** Dealing out in turn, which lets equal fabrics touch. */
function dealt(n: number, pool: number): number {
  const start = performance.now();
  const given = Array.from({ length: n }, (_, i) => i % pool);
  if (given.length !== n) throw new Error();
  return performance.now() - start;
}

const median = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)]!;
console.log(`20 blocks of 16, pool of 40, cold: ${cast(4, 5, 40).ms.toFixed(0)} ms`);
const usual = median(Array.from({ length: 15 }, (_, i) => cast(4, 5, 40, { seed: i }).ms));
console.log(
  `the same, warm: ${usual.toFixed(1)} ms; dealing out in turn: ${median(Array.from({ length: 15 }, () => dealt(320, 40))).toFixed(3)} ms`,
);
const harder: [name: string, args: Parameters<typeof cast>][] = [
  ['none twice in a block', [4, 5, 40, { per: 'once' }]],
  ['16 fabrics for 16 patches, none twice', [4, 5, 16, { per: 'once' }]],
  ['94 blocks, 1,504 patches, pool of 40', [47, 2, 40]],
  ['94 blocks, 3,008 triangles, pool of 3', [47, 2, 3, { slant: true }]],
  ['94 blocks, 3,008 triangles, pool of 2', [47, 2, 2, { slant: true }]],
  ['500 blocks, 8,000 patches, pool of 40', [25, 20, 40]],
];
for (const [name, args] of harder) {
  const { ms, spread, doubts } = cast(...args);
  console.log(`${name}: ${ms.toFixed(0)} ms (${(ms / usual).toFixed(1)} ×), uses differ by ${spread}, ${doubts} doubts`);
}

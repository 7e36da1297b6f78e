/**
 * Casting scrappy quilts: 20 blocks of 16 patches from a pool of 40, larger and harder ones, against a cast that only deals the fabrics out in
 * turn and looks at nothing; and pools of units against naming every patch. Cold is the first of the process.
 */
import { demandOf, scatteredOf, readProgramme, type ProgrammeFile } from '../core/src/programme';

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

interface How {
  slant?: boolean;
  per?: string;
  seed?: number;
  /** How the units are made: as a pool, or with every patch named. */
  units?: object;
}

function cast(across: number, down: number, pool: number, { slant = false, per = 'patch', seed = 1, units }: How = {}) {
  const fabrics = Array.from({ length: pool }, (_, i) => ({ id: `f${i}`, colour: `#${(0x203040 + i * 5000).toString(16)}` }));
  const file = {
    ...{ format: 'aggrega-programme', version: 1, fabrics, setting: { kind: 'straight', across, down } },
    colourways: [{ id: 'c', fabrics: {}, pools: { A: { fabrics: fabrics.map((f) => f.id), per, units } }, scatter: { seed } }],
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

/** Light over dark half-square triangles, named patch by patch and as one pool: how long casting takes, and what a participant cuts. */
function triangles(blocks: number, units?: object) {
  const [lights, darks] = [8, 10].map((n, side) =>
    Array.from({ length: n }, (_, i) => ({
      id: `${'ld'[side]}${i}`,
      colour: `#${(0x202428 + side * 0xa0a0a0 + i * 0x030201).toString(16)}`,
    })),
  );
  const corner = (x: number, y: number) => [
    {
      role: 'A',
      points: [
        [x, y],
        [x + 1, y],
        [x, y + 1],
      ],
    },
    {
      role: 'B',
      points: [
        [x + 1, y],
        [x + 1, y + 1],
        [x, y + 1],
      ],
    },
  ];
  const pools = { A: { fabrics: lights!.map((f) => f.id), units }, B: { fabrics: darks!.map((f) => f.id), units } };
  const reading = readProgramme({
    ...{ format: 'aggrega-programme', version: 1, fabrics: [...lights!, ...darks!] },
    colourways: [{ id: 'c', fabrics: {}, pools }],
    blocks: [{ id: 'b', grid: [4, 4], patches: cells.flatMap(([x, y]) => corner(x, y)) }],
    months: [{ id: 'm', blocks: [{ block: 'b', finished: '12', make: blocks }] }],
    setting: { across: 5, down: blocks / 5 },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const { programme } = reading;
  const [colourway] = programme.colourways;
  const start = performance.now();
  const { makings, doubts } = scatteredOf(programme, colourway!)!;
  const ms = performance.now() - start;
  const demand = demandOf(programme, { colourway: colourway!, months: programme.months, basis: 'kit', participants: 1 });
  const pieces = demand.flatMap((d) => d.pieces);
  const made = [...makings.values()].flatMap((m) => m.pools).reduce((n, p) => n + p.made, 0);
  return { ms, squares: pieces.reduce((n, p) => n + p.qty, 0), rows: pieces.length, made, doubts: doubts.length };
}
for (const blocks of [5, 20, 80]) {
  const [named, pooled] = [triangles(blocks), triangles(blocks, { for: 'programme' })];
  const { made, doubts } = pooled;
  console.log(
    `${blocks * 16} triangle squares, two at a time: named ${named.squares} squares in ${named.rows} rows; as a pool ${pooled.squares} in ${pooled.rows} (${(pooled.squares / (blocks * 16)).toFixed(2)} of the least), ${made} made, ${doubts} doubts; ${(pooled.ms / named.ms).toFixed(1)} × the time`,
  );
}

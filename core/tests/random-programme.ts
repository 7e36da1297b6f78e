/** Random programme documents for the property tests. */
import fc from 'fast-check';
import type { Block } from '../src/block';
import { randomBlock, randomTiling } from './random-block';

/** The block as a file holds it, in grid units. */
const asFile = (b: Block, id: string) => ({
  id,
  grid: b.grid as [number, number],
  patches: b.patches.map((p) => ({ role: p.role, points: p.points.map(([x, y]): [number, number] => [x / 12, y / 12]) })),
});

const method = fc.constantFrom(
  ...['two-at-a-time', 'four-at-a-time', 'eight-at-a-time', 'cut-triangles', 'strip-ruler', 'printed-paper', 'die'],
);

/** Programmes of up to so many months with random blocks, sizes, methods and head counts; every role a fabric, some shared. */
export const randomProgramme = (months = 4) =>
  fc
    .record({
      blocks: fc.array(fc.oneof(randomBlock, randomTiling), { minLength: 1, maxLength: months }),
      sizes: fc.array(fc.integer({ min: 4, max: 15 }), { minLength: 4, maxLength: 4 }),
      methods: fc.array(method, { minLength: 4, maxLength: 4 }),
      people: fc.integer({ min: 0, max: 90 }),
      spares: fc.constantFrom(0, 0.1, 2),
      metric: fc.boolean(),
      sizing: fc.constantFrom('exact', 'trim-down'),
    })
    .map(({ blocks, sizes, methods, people, spares, metric, sizing }) => ({
      format: 'aggrega-programme',
      version: 1,
      unit: metric ? 'cm' : 'in',
      house: { sizing },
      fabrics: [{ id: 'light' }, { id: 'dark', directional: true }],
      colourways: [{ id: 'one', fabrics: { A: 'light', B: 'dark', C: 'light' } }],
      blocks: blocks.map((b, i) => asFile(b, `b${i}`)),
      months: blocks.map((_, i) => ({
        id: `m${i}`,
        blocks: [{ block: `b${i}`, finished: String(sizes[i % 4]), make: 1 + (i % 3), methods: { hst: methods[i % 4] } }],
      })),
      participants: { one: people },
      kits: { spares },
    }));

/** A programme as large as one may be, for tests and benchmarks: made of the demonstration's. */
import demo from '../../demo/allotment-year.aggrega.json';
import { MOST_BLOCKS_IN_MONTHS } from '@aggrega/core/programme';

const MONTHS = 120;

/** As many blocks in as many months as are taken. */
export function largest(): Record<string, unknown> {
  const blocks = Array.from({ length: 400 }, (_, i) => {
    const block = demo.blocks[i % demo.blocks.length]!;
    return { ...structuredClone(block), id: `b${i}`, name: `Block ${i}` };
  });
  const each = Math.floor(MOST_BLOCKS_IN_MONTHS / MONTHS);
  const months = Array.from({ length: MONTHS }, (_, i) => ({
    ...{ id: `m${i}`, name: `Month ${i + 1}` },
    blocks: Array.from({ length: each }, (_, j) => ({ block: `b${(i * each + j) % 400}`, finished: '12', make: 2 })),
  }));
  // Settings, orders and kits name the months of the demonstration.
  const rest = Object.entries(demo).filter(([part]) => !['setting', 'sizes', 'orders', 'kits'].includes(part));
  return { ...Object.fromEntries(rest), title: 'As large as may be', blocks, months, kits: { kind: 'yardage' } };
}

/** A month's block made more or less often than the month says: for a larger quilt, for step-outs. */
import type { MonthBlock } from './document';

const manifold = new WeakMap<MonthBlock, Map<number, MonthBlock>>();

/** The entry with another number of blocks; batches are shared among them. */
export function making(entry: MonthBlock, make: number): MonthBlock {
  if (make === entry.make) return entry;
  const known = manifold.get(entry) ?? new Map<number, MonthBlock>();
  manifold.set(entry, known);
  const found = known.get(make) ?? { ...entry, make };
  known.set(make, found);
  return found;
}

/** What of a month is laid out before it is sewn. */
import { words } from './words';
import type { ToLay } from '$lib/practice/laid';
import { layoutOf } from '@aggrega/core/eye';
import {
  blocksAsCast,
  constructMonthBlock,
  PlanError,
  quiltLayout,
  type Colourway,
  type Month,
  type Programme,
} from '@aggrega/core/programme';

/** The month's blocks in a colourway's fabrics, and the quilt where it can be set. */
export function blocksToLay(programme: Programme, colourway: Colourway, month: Month): ToLay[] {
  const blocks = blocksAsCast(programme, colourway, month).map((entry): ToLay => ({
    ...{ id: entry.key, name: entry.block.name },
    layout: layoutOf(constructMonthBlock(programme, entry, colourway)),
  }));
  const layout = quilt(programme);
  return layout ? [...blocks, { name: words.theQuilt, layout }] : blocks;
}

function quilt(programme: Programme): ToLay['layout'] | undefined {
  try {
    return quiltLayout(programme);
  } catch (error) {
    // A quilt that cannot be set yet is not laid out.
    if (error instanceof PlanError) return undefined;
    throw error;
  }
}

/** What is laid out: everything, a row, or a single piece. */
import type { Layout } from '@aggrega/core/eye';

/** The whole of it, a row or a single unit, by number. */
export type Laid = 'all' | `row ${number}` | `unit ${number}`;

/** A block to lay out, or the quilt. */
export interface ToLay {
  /** The block's in the month; undefined for the quilt. */
  id?: string;
  name: string;
  layout: Layout;
}

/** By letter: the fabric as it is seen, and what it is called. */
export interface ClothOf {
  letter: string;
  colour: string;
  name: string;
}

/** The units that are laid out, by number. */
export function unitsLaid(layout: Layout, laid: Laid): readonly number[] {
  if (laid === 'all') return [...layout.units.keys()];
  const n = Number(laid.split(' ')[1]);
  return laid.startsWith('row') ? layout.rows[n]! : [n];
}

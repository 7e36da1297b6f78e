/** Photos under drawings on the board, for as long as the page is open; they never leave the device. */
import { SvelteMap } from 'svelte/reactivity';

export interface Underlay {
  /** An address of this page. */
  address: string;
  /** How much of it shows through, from 0 to 1. */
  share: number;
}

/** By programme and block. */
const underlays = new SvelteMap<string, Underlay>();
const key = (programme: string, block: string) => `${programme}/${block}`;

export const underlayOf = (programme: string, block: string): Underlay | undefined => underlays.get(key(programme, block));

/** Lays a photo under a drawing, or takes it away. */
export function layUnder(programme: string, block: string, underlay: Underlay | undefined): void {
  const old = underlayOf(programme, block);
  if (old && old.address !== underlay?.address) URL.revokeObjectURL(old.address);
  if (underlay) underlays.set(key(programme, block), underlay);
  else underlays.delete(key(programme, block));
}

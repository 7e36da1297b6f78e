/** A month with the blocks that it brings: two things, said together. */
import { listed } from '../../measure';
import type { Month } from './document';

type Named = Pick<Month, 'name' | 'blocks'>;

/** The names of a month's blocks, each once; '' where it has none. */
export const blockNames = ({ blocks }: Pick<Month, 'blocks'>): string => listed([...new Set(blocks.map((b) => b.block.name))]);

/** 'March: Cloche', as a title; 'September' where it has no block. */
export function monthTitle(month: Named): string {
  const blocks = blockNames(month);
  return blocks ? `${month.name}: ${blocks}` : month.name;
}

/** 'March (Cloche)', in a sentence. */
export function monthInWords(month: Named): string {
  const blocks = blockNames(month);
  return blocks ? `${month.name} (${blocks})` : month.name;
}

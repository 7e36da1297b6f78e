/** The words of units/block-part. */
import { spoken } from '../../../words';

export const words = spoken('units/block-part', {
  fromItsParts: 'from its parts',
  row: 'row',
  rows: 'rows',
  halfBlock: 'half-block',
  halfBlocks: 'half-blocks',
  quarterBlock: 'quarter-block',
  quarterBlocks: 'quarter-blocks',
  pair: 'pair',
  pairs: 'pairs',
  section: 'section',
  sections: 'sections',
});

/** quilt FILE: how the blocks are set, and what is cut for that. */
import { quiltContract } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { pick, readOptions } from '../usage';
import { words as said } from '../words';

export const quilt: Verb = ({ programme }, words) => {
  const options = readOptions(words, ['colourway', 'size']);
  const size = options.size === undefined ? undefined : pick(programme.sizes, options.size, said.sizeOption);
  const colourway =
    options.colourway === undefined ? programme.colourways[0]! : pick(programme.colourways, options.colourway, 'colourway');
  return quiltContract(programme, colourway, size);
};

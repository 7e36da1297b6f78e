/** pools FILE: the pools of units of scrappy letters, what is made for them and who takes how many. */
import { poolsContract } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { pick, readOptions } from '../usage';
import { words as said } from '../words';

export const pools: Verb = ({ programme }, words) => {
  const options = readOptions(words, ['colourway', 'size']);
  const size = options.size === undefined ? undefined : pick(programme.sizes, options.size, said.sizeOption);
  const colourways =
    options.colourway === undefined ? programme.colourways : [pick(programme.colourways, options.colourway, 'colourway')];
  return colourways.map((colourway) => poolsContract(programme, colourway, size));
};

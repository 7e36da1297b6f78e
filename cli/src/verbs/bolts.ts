/** bolts FILE: which bolt each packet's lengths are cut from, what remains, and what to order. */
import { planStock, stockContract } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { readOptions, readPackets } from '../usage';

export const bolts: Verb = ({ programme }, words) => {
  const packets = readPackets(programme, readOptions(words, ['packets']).packets);
  return { fabrics: planStock(programme, { packets }).map((f) => stockContract(f, programme.unit)) };
};

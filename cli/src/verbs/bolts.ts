/** bolts FILE: which bolt each packet's lengths are cut from, what remains, and what to order. */
import { planStock, stockContract } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { UsageError, readOptions } from '../usage';

export const bolts: Verb = ({ programme }, words) => {
  const options = readOptions(words, ['packets']);
  const all = programme.kits.packets.map((_, i) => i);
  const packets =
    options.packets === undefined ? all : options.packets.split(',').map((written) => number(written, all.length));
  return { fabrics: planStock(programme, { packets: [...new Set(packets)] }).map((f) => stockContract(f, programme.unit)) };
};

function number(written: string, most: number): number {
  if (!/^\d{1,3}$/.test(written.trim()) || Number(written) < 1 || Number(written) > most)
    throw new UsageError(`--packets names packets from 1 to ${most}, not '${written}'`);
  return Number(written) - 1;
}

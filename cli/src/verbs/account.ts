/** account FILE: per packet who is handed what, what the shop cuts and buys for it, and what that costs. */
import {
  accountContract,
  boughtIn,
  costOfAll,
  lengthOfAll,
  packetAccount,
  type PacketAccount,
  type Programme,
} from '@aggrega/core/programme';
import { formatLength } from '@aggrega/core/measure';
import type { Verb } from '../main';
import { readOptions, readPackets, underWay } from '../usage';
import { words as said } from '../words';

export const account: Verb = ({ programme }, words) => {
  const options = readOptions(words, ['packets']);
  const accounts = readPackets(programme, options.packets).map((packet) => {
    underWay(said.packet(packet + 1));
    return packetAccount(programme, packet);
  });
  return { packets: accounts.map((a) => accountContract(a, programme)), total: total(programme, accounts) };
};

function total(programme: Programme, accounts: readonly PacketAccount[]) {
  const bought = boughtIn(programme, accounts);
  const cost = costOfAll(bought, programme);
  const write = (b: (typeof bought)[number]) =>
    b.pieces > 0 ? { pieces: b.pieces } : { length: formatLength(b.length, programme.unit) };
  return {
    bought: bought.map((b) => ({ fabric: b.fabric.id, ...write(b) })),
    length: Math.round(bought.reduce((n, b) => n + lengthOfAll(b, programme.unit), 0) * 1000) / 1000,
    ...(cost !== undefined && { cost: Math.round(cost * 100) / 100 }),
  };
}

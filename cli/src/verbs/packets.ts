/** packets FILE: what one participant is handed, packet by packet, or brings of her own, and the bundle for the whole programme. */
import { bundleContract, ownClothContract, ownCloth, packetContract, planBundles, planPacket } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { pick, readOptions } from '../usage';
import { words as said } from '../words';

export const packets: Verb = ({ programme }, words) => {
  const options = readOptions(words, ['colourway', 'size']);
  const size = options.size === undefined ? undefined : pick(programme.sizes, options.size, said.sizeOption);
  const colourways =
    options.colourway === undefined ? programme.colourways : [pick(programme.colourways, options.colourway, 'colourway')];
  return {
    plans: colourways.map((colourway) => ({
      colourway: colourway.id,
      size: size?.id,
      packets: programme.kits.packets.map((months) => ({
        ...packetContract(planPacket(programme, { colourway, months, size }), programme.unit),
        own: ownCloth(programme, { colourway, months, size }).map((f) => ownClothContract(f, programme.unit)),
      })),
      bundle: planBundles(programme, { colourway, size }).map((b) => bundleContract(b, programme.months, programme.unit)),
    })),
  };
};

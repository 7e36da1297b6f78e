/** Cautions that stand wherever cutting is described (docs/craft.md, Cautions): in full with the first packet and in the cutting room, on each sheet in one line. */
import { words } from './words/cautions';

export const cautions = (): string[] => [
  words.closeTheBlade,
  words.keepYourFingersBehind,
  words.changeDullBlades,
  words.doNotStackMore,
  words.standAtATable,
  words.standTheIron,
];

/** For whoever works at it, and for classes. */
export const atWork = (): string => words.atWork;

export const safety = (): string => words.safety;

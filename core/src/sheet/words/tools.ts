/** The words of sheet/tools. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/tools', {
  rotaryCutterMatAndRuler: 'rotary cutter, mat and ruler',
  footOrSeamGuide: (seam: Said) => say`${seam} foot or seam guide`,
  finePins: 'fine pins',
  seamRipper: 'seam ripper',
  aGuideLineOnTheMachine: 'a guide line on the machine bed in place of drawn lines',
  goodToHaveNotNeeded: (list: Said) => say` Good to have, not needed: ${list}.`,
  youWillAlsoNeed: (list: Said, more: Said) => say`You will also need: ${list}.${more}`,
});

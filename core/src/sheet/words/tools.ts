/** The words of sheet/tools. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/tools', {
  rotaryCutterMatAndRuler: 'rotary cutter, mat and ruler',
  footOrSeamGuide: (seam: Said) => say`${seam} foot or seam guide`,
  ofBlock: (labels: Said, name: Said) => say`${labels} of ${name}`,
  finePins: 'fine pins',
  seamRipper: 'seam ripper',
  aGuideLineOnTheMachine: 'a guide line on the machine bed in place of drawn lines',
  goodToHaveNotNeeded: (list: Said) => say` Good to have, not needed: ${list}.`,
  starchTheFabricFor: (units: Said) => say`Starch the fabric for ${units} before you cut it.`,
  starchThePiecesFor: (units: Said) => say`Starch the pieces for ${units} before you sew them.`,
  youWillAlsoNeed: (list: Said, more: Said) => say`You will also need: ${list}.${more}`,
});

/** The words of construction/pressing. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('core/construction/pressing', {
  seamIs: 'seam is',
  seamsAre: 'seams are',
  pressedOpenWhereTooManyLayers: (count: Said) =>
    say`${count} pressed open, where too many layers would meet or a corner is set in.`,
  seamInsideAUnitGoes: 'seam inside a unit goes',
  seamsInsideUnitsGo: 'seams inside units go',
  theOtherWayThanInIts: (count: Said) => say`${count} the other way than in its likes, so that it nests.`,
  seamLies: 'seam lies',
  seamsLie: 'seams lie',
  onThePartWithMoreSeams: (count: Said) => say`${count} on the part with more seams, so that the crossings nest.`,
  onTheLighterFabric: (count: Said) => say`${count} on the lighter fabric.`,
});

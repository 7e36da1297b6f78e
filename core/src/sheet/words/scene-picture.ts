/** The words of sheet/scene-picture. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/scene-picture', {
  printedPaper: 'printed paper',
  right: 'right',
  wrong: 'wrong',
  sideUp: (fabric: Said, right: Said) => say`${fabric}, ${right} side up`,
  drawnLine: 'a drawn line',
  drawnLines: (n: Said) => say`${n} drawn lines`,
  seam: 'a seam',
  seams: (n: Said) => say`${n} seams`,
  crease: 'a crease',
  creases: (n: Said) => say`${n} creases`,
  cut: 'a cut',
  cuts: (n: Said) => say`${n} cuts`,
  theRuler: 'the ruler',
  theWayToPress: 'the way to press',
  marked: (list: Said) => say`. Marked: ${list}`,
});

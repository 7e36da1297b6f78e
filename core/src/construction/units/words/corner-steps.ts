/** The words of units/corner-steps. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/corner-steps', {
  pressItOutThenFoldIt: (seamWords: Said) => say`Press it out. Then fold it back and cut ${seamWords} outside the seam.`,
  cutOutsideTheSeamAndPress: (seamWords: Said) => say`Cut ${seamWords} outside the seam and press outwards.`,
  foldItOutAlongTheSeam: 'Fold it out along the seam: it must reach the corner of the base exactly.',
  foldTheCornerBackAndCut: 'Fold the corner back and cut',
  cut: 'Cut',
  outsideTheSeamThroughBothLayers: (foldThe: Said, seam: Said) =>
    say`${foldThe} ${seam} outside the seam, through both layers.`,
  pressItOutSoThatIt: 'Press it out, so that it reaches the corner of the base exactly.',
  pressOutwards: 'Press outwards.',
  drawADiagonalLineOnThe: 'Draw a diagonal line on the back of each small square.',
  sewOnTheLineOrOne: 'Sew on the line, or one thread to the side of the corner.',
});

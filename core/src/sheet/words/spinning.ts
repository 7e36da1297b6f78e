/** The words of sheet/spinning. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/spinning', {
  spinUndoTwoOrThreeStitches: (which: Said) =>
    say`Spin ${which}: undo two or three stitches inside the seam allowance on both sides, turn the allowances all one way round and press.`,
  spinInTheSameWay: (which: Said) => say`Spin ${which} in the same way.`,
  theCrossingsThatThePictureOf: 'the crossings that the picture of the back marks',
  theCrossingInTheMiddle: 'the crossing in the middle',
  theCrossingThatThePictureOf: 'the crossing that the picture of the back marks',
  theCrossing: 'the crossing',
});

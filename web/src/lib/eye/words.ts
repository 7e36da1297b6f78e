/** The words of pictures that are looked at. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('eye', {
  // opening.ts
  thisIsNoPicture: 'This isn’t a JPEG, PNG or WebP picture. Choose a photo.',
  tooLargeAFile: 'This file is over 40 MB. Choose a smaller photo.',
  tooManyPixels: 'This picture has more than 60 million pixels. Choose a smaller one.',
  tooSmall: (least: Said) => say`This picture is smaller than ${least} pixels. Take it from nearer, or choose a larger one.`,
  damaged: 'This picture is damaged: it can’t be opened. Take it again, or choose another.',
  cannotLook: 'This browser couldn’t look at the picture. Reload the page and try again.',

  // PhotoDrop
  dropAPhoto: 'Drop a photo here, paste one, or',
  dropOne: 'Drop a photo here, or',
  photo: 'Photo',
  chooseAPhoto: 'Choose a photo…',
  takeAPhoto: 'Take a photo…',
  staysHere: 'The photo stays on this device.',

  // CornersPicture
  thePhotoWithItsCorners: 'The photo, with a handle on each corner',
  blockNumber: (n: Said) => say`Block ${n}`,
  topLeft: 'Top left corner',
  topRight: 'Top right corner',
  bottomRight: 'Bottom right corner',
  bottomLeft: 'Bottom left corner',
  movedByKeys: (corner: Said) => say`${corner}. Arrow keys move it, with Shift ten times as far.`,
});

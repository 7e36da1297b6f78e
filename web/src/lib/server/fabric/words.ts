/** What the server says of fabrics and their photos. */
import { say, spoken } from '@aggrega/core/words';

export const words = spoken('server/fabric', {
  // fabric/swatch.ts
  tooManyPhotos: (most: number) => say`There are ${most} photos already, the most that one shop or guild may have.`,
  theFileIsEmptyChoose: 'The file is empty. Choose a photo of the fabric.',
  thisIsAFileOf: 'This is a file of another kind. Photos come as JPEG, PNG or WebP.',
  thisPictureIsTooSmall: 'This picture is too small. Use one at least 32 × 32 pixels.',
  thisPictureIsTooLarge: 'This picture is too large: 50 million pixels are the most that is read.',
  thisIsNoWholeJpeg: 'This JPEG, PNG or WebP picture isn’t complete. Take the photo again, or save it again.',

  // programmes/[programme]/fabrics/shelf.csv/+server.ts
  weCantFindThatProgramme: 'We can’t find that programme.',
});

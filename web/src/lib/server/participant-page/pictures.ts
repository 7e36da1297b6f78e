/** Pictures of what people have sewn: made small and clean; nothing else that the file held is kept, no place and no time. */
import { words } from './words';
import { isPicture } from '@aggrega/core/eye';
import sharp from 'sharp';

const MOST_PIXELS = 50_000_000;
/** Pixels of the longer side. */
const KEPT = 1200;

/** The picture alone, the right way up; or why it cannot be taken, as a sentence. */
export async function cleanPicture(sent: Uint8Array): Promise<{ jpeg: Buffer } | { refused: string }> {
  if (sent.length === 0) return { refused: words.theFileIsEmptyChoose };
  if (!isPicture(sent)) return { refused: words.thisIsAFileOf };
  try {
    const jpeg = await sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 })
      .rotate()
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .resize(KEPT, KEPT, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 80 })
      .toBuffer();
    return { jpeg };
  } catch {
    return { refused: words.thisPictureIsDamagedOr };
  }
}

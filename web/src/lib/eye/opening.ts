/** A picture file as pixels, the right way up and no larger than the eye needs; or why not. What is hostile never reaches the decoder. */
import { isPicture, type Pixels } from '@aggrega/core/eye';
import { imageSize } from 'image-size';
import { words } from './words';

/** Pixels of the longer side that are worked with. */
const WORKED = 1600;
const MOST_BYTES = 40_000_000;
const MOST_PIXELS = 60_000_000;
const LEAST_SIDE = 64;

export type Opened = { picture: Pixels } | { trouble: string };

/** For a worker, or wherever OffscreenCanvas is. */
export async function openPicture(file: Blob): Promise<Opened> {
  if (file.size > MOST_BYTES) return { trouble: words.tooLargeAFile };
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (!isPicture(bytes)) return { trouble: words.thisIsNoPicture };
  const size = sizeOf(bytes);
  if (!size) return { trouble: words.damaged };
  if (size.width * size.height > MOST_PIXELS) return { trouble: words.tooManyPixels };
  if (Math.min(size.width, size.height) < LEAST_SIDE) return { trouble: words.tooSmall(LEAST_SIDE) };
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => undefined);
  if (!bitmap) return { trouble: words.damaged };
  const scale = Math.min(1, WORKED / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [bitmap.width, bitmap.height].map((n) => Math.max(1, Math.round(n * scale))) as [number, number];
  const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
  context.imageSmoothingQuality = 'high';
  // What is clear in a picture lies on white.
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, width, height);
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return { picture: { width, height, data: context.getImageData(0, 0, width, height).data } };
}

/** As the file's head says it. */
function sizeOf(bytes: Uint8Array): { width: number; height: number } | undefined {
  try {
    return imageSize(bytes);
  } catch {
    return undefined;
  }
}

/** Pixels as a file that a page can show. */
export function shown({ width, height, data }: Pixels, quality = 0.85): Promise<Blob> {
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext('2d')!.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  return canvas.convertToBlob({ type: 'image/jpeg', quality });
}

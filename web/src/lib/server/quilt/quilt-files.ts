/** The whole quilt as a picture to keep, from the stored programme. */
import { words } from './words';
import { PlanError, castPicture, quiltOf, quiltPicture, quiltSvg, scatteredOf } from '@aggrega/core/programme';
import sharp from 'sharp';
import type { FoundFile } from '../web/file-answer';
import { programmeOf } from '../programme/programmes';
import { readingOf } from '$lib/ask/reading';

/** Pixels of the longer side of a PNG. */
const LONG_SIDE = 2400;

/** `asked`: colourway and size; `seen`: a date, after which months are covered. `file` is quilt.svg or quilt.png. */
export async function quiltFile(organisation: string, slug: string, file: string, asked: URLSearchParams): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  const missing = { status: 404, message: words.weCantFindThatPicture } as const;
  if (!reading?.ok || !['quilt.svg', 'quilt.png'].includes(file)) return missing;
  const { programme } = reading;
  const colourway = programme.colourways.find((c) => c.id === asked.get('colourway')) ?? programme.colourways[0];
  const size = programme.sizes.find((s) => s.id === asked.get('size'));
  const seen = asked.get('seen') ?? '';
  if (!colourway || (asked.get('size') && !size)) return missing;
  try {
    const quilt = quiltOf(programme, size);
    if (!quilt) return { status: 404, message: words.theProgrammeDoesNotSay };
    const covered = (release: string | undefined) => seen !== '' && (release === undefined || release > seen);
    const plain = quiltPicture(quilt, programme, (month) => covered(month.release));
    const picture = castPicture(plain, scatteredOf(programme, colourway, size));
    const svg = quiltSvg(picture, colourway, programme.unit, `${programme.title}, ${colourway.name}`);
    const name = [slug, colourway.id, size?.id].filter(Boolean).join('-');
    if (file === 'quilt.svg') return { body: svg, type: 'image/svg+xml', name: `${name}.svg` };
    // Resized as it is drawn: a density beyond what the picture needs would only cost memory.
    const inches = Math.max(picture.width, picture.height) / (programme.unit === 'in' ? 1 : 2.54);
    const density = Math.max(1, Math.min(2400, LONG_SIDE / inches));
    const png = await sharp(Buffer.from(svg), { density }).resize(LONG_SIDE, LONG_SIDE, { fit: 'inside' }).png().toBuffer();
    return { body: new Uint8Array(png), type: 'image/png', name: `${name}.png` };
  } catch (error) {
    if (error instanceof PlanError) return { status: 422, message: error.problems.map((p) => p.message).join('; ') };
    throw error;
  }
}

/** The whole quilt as a picture to keep, from the stored programme. */
import { words } from './words';
import {
  PlanError,
  castPicture,
  quiltOf,
  quiltPicture,
  quiltSvg,
  scatteredOf,
  type ProgrammeFile,
} from '@aggrega/core/programme';
import sharp from 'sharp';
import type { FoundFile } from '../web/file-answer';
import { programmeOf } from '../programme/programmes';
import { readingOf } from '$lib/ask/reading';

/** Pixels of the longer side of a PNG. */
const LONG_SIDE = 2400;

/** `asked`: colourway and size; `seen`: a date, after which months are covered. `file` is quilt.svg or quilt.png. */
export async function quiltFile(organisation: string, slug: string, file: string, asked: URLSearchParams): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  if (!stored || !['quilt.svg', 'quilt.png'].includes(file)) return { status: 404, message: words.weCantFindThatPicture };
  const drawing = quiltDrawing(stored.document, { name: slug, asked });
  return file === 'quilt.svg' || 'message' in drawing ? drawing : asPng(drawing);
}

interface Drawn {
  body: string;
  type: 'image/svg+xml';
  name: string;
}

/** The quilt of a document as SVG; `name` is what the file is called, colourway and size apart. */
export function quiltDrawing(
  document: ProgrammeFile,
  { name: start, asked = new URLSearchParams() }: { name: string; asked?: URLSearchParams },
): Drawn | { status: 404 | 422; message: string } {
  const missing = { status: 404, message: words.weCantFindThatPicture } as const;
  const reading = readingOf(document);
  if (!reading.ok) return missing;
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
    const body = quiltSvg(picture, colourway, programme.unit, `${programme.title}, ${colourway.name}`);
    const name = [start, colourway.id, size?.id].filter(Boolean).join('-');
    return { body, type: 'image/svg+xml', name: `${name}.svg` };
  } catch (error) {
    if (error instanceof PlanError) return { status: 422, message: error.problems.map((p) => p.message).join('; ') };
    throw error;
  }
}

async function asPng({ body, name }: Drawn): Promise<FoundFile> {
  const svg = Buffer.from(body);
  // Resized as it is drawn: a density beyond what the picture needs would only cost memory.
  const { width = 1, height = 1, density: usual = 72 } = await sharp(svg).metadata();
  const density = Math.max(1, Math.min(2400, (usual * LONG_SIDE) / Math.max(width, height)));
  const png = await sharp(svg, { density }).resize(LONG_SIDE, LONG_SIDE, { fit: 'inside' }).png().toBuffer();
  return { body: new Uint8Array(png), type: 'image/png', name: name.replace(/svg$/, 'png') };
}

/** Pictures of a sheet: core's drawings in the colours of a colourway, rulers, steps, strips, templates. */
import type { Drawing } from '../block';
import { templateDrawing, type Cut } from '../construction';
import type { Rect, Strip } from '../cutting';
import type { Rational, LengthUnit } from '../measure';
import type { Colourway } from '../programme';
import type { PaperPicture } from './paper';
import type { Arrow, WalkStep } from './walk';
import { words } from './words/pictures';
import { WELD, WHITE } from '../ink';

/** What a letter is drawn in; white where the picture is to be coloured in. */
export type Colours = (role: string) => string;

export const coloursOf =
  (colourway: Colourway, coloured: boolean): Colours =>
  (role) =>
    coloured ? (colourway.fabrics.get(role)?.colour ?? WHITE) : WHITE;

/** A drawing so many inches wide; `cutOf` names the cut of a patch. */
export function drawn(
  { width, height, shapes }: Drawing,
  { wide, label, colours, cutOf }: { wide: number; label: string; colours: Colours; cutOf?: (patch: number) => string },
): PaperPicture {
  return {
    ...{ width, height, wide, label, lines: [], texts: [] },
    shapes: shapes.map(({ points, role, patch }) => ({
      ...{ points, fill: colours(role) },
      ...(cutOf && patch !== undefined && { cut: cutOf(patch) }),
    })),
  };
}

/** What a step makes, with arrows for the pressing. */
export function partSewn({ joined, arrows, name }: WalkStep, colours: Colours, wide: number): PaperPicture {
  return { ...drawn(joined, { wide, label: words.sewnAndPressed(name), colours }), lines: arrows.map(arrowLine) };
}

const arrowLine = ({ from, to, open }: Arrow) => ({ from, to, kind: open ? ('strong' as const) : ('arrow' as const) });

/** A stretch of the ruler around a size, with the mark to look for. */
export function rulerPicture(size: Rational, unit: LengthUnit, label: string): PaperPicture {
  const at = size.valueOf();
  const ticks = unit === 'cm' ? 10 : 16 % Number(size.d) === 0 && Number(size.d) > 8 ? 16 : 8;
  const from = Math.max(0, Math.floor(at) - 1);
  const to = Math.ceil(at + 0.001) + 1;
  const x = (value: number) => (value - from) * 10;
  const height = (i: number) =>
    i % ticks === 0 ? 6 : i % (ticks / 2) === 0 ? 4.4 : ticks % 4 === 0 && i % (ticks / 4) === 0 ? 3.2 : 2;
  const marks = Array.from({ length: (to - from) * ticks + 1 }, (_, i) => i);
  const width = (to - from) * 10;
  return {
    ...{ width: width + 4, height: 14, wide: 1.25, label },
    // The mark is a pennant above the edge, its tip on the size.
    shapes: [
      {
        points: [
          [x(at) + 2, 4],
          [x(at) + 0.6, 0.6],
          [x(at) + 3.4, 0.6],
        ],
        fill: WELD,
      },
    ],
    lines: [
      { from: [2, 4], to: [width + 2, 4], kind: 'strong' },
      ...marks.map((i) => {
        const at = x(from + i / ticks) + 2;
        return { from: [at, 4] as const, to: [at, 4 + height(i)] as const, kind: 'thin' as const };
      }),
      { from: [x(at) + 2, 4], to: [x(at) + 2, 11], kind: 'strong' },
    ],
    texts: Array.from({ length: to - from + 1 }, (_, i) => ({
      ...{ at: [x(from + i) + 2, 12.4] as const, text: String(from + i), size: 2.8 },
    })),
  };
}

/** Strips as they are cut off, one under the other, with their pieces; for left hands from the right. */
export function stripsPicture(
  strips: readonly Pick<Strip, 'length' | 'rects'>[],
  {
    wide,
    usableWidth,
    colour,
    left,
    nameOf,
    label,
  }: {
    wide: number;
    usableWidth: Rational;
    colour: string;
    left: boolean;
    nameOf: (rect: Rect) => string;
    label: string;
  },
): PaperPicture {
  const width = usableWidth.valueOf();
  const gap = width / 40;
  let top = 0;
  const picture: PaperPicture = { width, height: 0, wide, label, shapes: [], lines: [], texts: [] };
  const side = (x: number, w: number) => (left ? width - x - w : x);
  for (const strip of strips) {
    const tall = strip.length.valueOf();
    picture.shapes.push({ points: box(0, top, width, tall), fill: 'none' });
    for (const rect of strip.rects) {
      const [x, y, w, h] = [rect.x, rect.y, rect.w, rect.h].map((n) => n.valueOf()) as [number, number, number, number];
      picture.shapes.push({ points: box(side(x, w), top + y, w, h), fill: colour });
      const text = nameOf(rect);
      const size = Math.min(width / 30, h * 0.6, (w * 1.5) / Math.max(2, text.length));
      if (size > width / 90) picture.texts.push({ at: [side(x, w) + w / 2, top + y + h / 2], text, size, edged: true });
    }
    top += tall + gap;
  }
  return { ...picture, height: Math.max(gap, top - gap) };
}

const box = (x: number, y: number, w: number, h: number) =>
  [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ] as const;

/** A template at full size: the line to cut, the line to sew, the grain. */
export function templatePicture(cut: Cut, unit: LengthUnit, label: string): PaperPicture | undefined {
  const drawing = templateDrawing(cut);
  if (!drawing) return undefined;
  const { width, height, cut: outline, sew, grain } = drawing;
  const middle = [0, 1].map((axis) => sew.reduce((sum, p) => sum + p[axis]!, 0) / sew.length) as [number, number];
  return {
    ...{ width, height, label, full: true, wide: unit === 'in' ? width : width / 2.54 },
    shapes: [{ points: outline, fill: 'none' }],
    lines: [
      ...sew.map((from, i) => ({ from, to: sew[(i + 1) % sew.length]!, kind: 'dashed' as const })),
      { from: grain[0], to: grain[1], kind: 'arrow' },
      { from: grain[1], to: grain[0], kind: 'arrow' },
    ],
    texts: [{ at: middle, text: cut.label, size: Math.min(width, height) / 8, edged: true }],
  };
}

/** A square to check the printer by: one inch, or two centimetres, each way. */
export function checkSquare(unit: LengthUnit): PaperPicture {
  const side = unit === 'in' ? 1 : 2;
  return {
    ...{ width: side, height: side, full: true, wide: unit === 'in' ? 1 : 2 / 2.54, lines: [] },
    label: words.aSquareOfToCheckThe(side, unit),
    shapes: [{ points: box(0, 0, side, side), fill: 'none' }],
    texts: [{ at: [side / 2, side / 2], text: `${side} ${unit}`, size: side / 6 }],
  };
}

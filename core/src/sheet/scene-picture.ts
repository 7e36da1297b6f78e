/**
 * A scene at the sewing table as a picture. One language for all steps: a wrong side is pale with stripes; a drawn line is dashed
 * finely, stitches are short and strong, a cut is broken and begins at the wheel of the cutter; an arrow is the iron; a ruler is glass.
 */
import { PAPER, beside, boxOf, clipped, doubleArea, type DirectedLine, type Ply, type Scene, type Spot } from '../hands';
import { listed } from '../measure';
import type { PaperLine, PaperPicture, PaperShape } from './paper';
import type { Colours } from './pictures';
import { words } from './words/scene-picture';
import { INK, WELD, WHITE } from '../ink';
import { formatHex, interpolate } from '../ink/colour-spaces';

/** How much of its colour the wrong side of a fabric keeps, and how much ink the stripes on it have. */
const PALE = 0.24;
const STRIPE = 0.22;
const GLASS = WELD;

const mixes = new Map<string, string>();
/** So much of one colour in another. */
function mixed(colour: string, into: string, share: number): string {
  const key = `${colour} ${into} ${share}`;
  let found = mixes.get(key);
  if (!found) mixes.set(key, (found = formatHex(interpolate([into, colour], 'oklab')(share))));
  return found;
}

const KINDS: Record<Scene['marks'][number]['kind'], PaperLine['kind']> = {
  drawn: 'drawn',
  sewn: 'sewn',
  cut: 'cut',
  crease: 'crease',
  over: 'thin',
};

/** A step, so many inches wide; `scale`: inches of paper to a unit of fabric, where the pictures of a method share one. */
export function scenePicture(
  found: Scene,
  colours: Colours,
  { wide, label, fabric }: { wide: number; label?: string; fabric: (role: string) => string },
): PaperPicture {
  const size = Math.max(...boxOf(found.plies).slice(2));
  const peek = size * 0.03;
  const plies = found.plies.map((ply) =>
    ply.under ? { ...ply, outline: ply.outline.map(([x, y]): Spot => [x + peek, y + peek]) } : ply,
  );
  const lines = [...found.marks, ...found.press];
  const [x, y, w, h] = boxOf([
    ...plies,
    ...found.rulers.map((outline) => ({ outline })),
    ...lines.map(({ from, to }) => ({ outline: [from, to] })),
  ]);
  const rim = size * 0.03;
  const at = ([px, py]: Spot): Spot => [px - x + rim, py - y + rim];
  const line = ({ from, to }: DirectedLine, kind: PaperLine['kind']): PaperLine => ({ from: at(from), to: at(to), kind });
  return {
    ...{ width: w + 2 * rim, height: h + 2 * rim, wide, texts: [] },
    label: label ?? sceneWords(found, fabric),
    shapes: [
      ...plies.flatMap((ply) => plyShapes(ply, colours, size)),
      ...found.rulers.map((points): PaperShape => ({ points, fill: GLASS, glass: true })),
      ...found.marks.filter((m) => m.kind === 'cut').map((m) => wheel(m, size)),
    ].map((shape) => ({ ...shape, points: shape.points.map(at) })),
    lines: [
      ...found.marks.map((mark) => line(mark, KINDS[mark.kind])),
      ...found.press.map((way) => line(way, 'arrow')),
      ...found.rulers.flatMap((outline) => ticks(outline).map((tick) => line(tick, 'thin'))),
    ],
  };
}

/** A layer; its wrong side is pale, with stripes of its colour. */
function plyShapes({ role, outline, right }: Ply, colours: Colours, size: number): PaperShape[] {
  if (role === PAPER) return [{ points: outline, fill: '#fdfcf7' }];
  const colour = colours(role);
  if (right) return [{ points: outline, fill: colour }];
  const pale = mixed(colour, WHITE, PALE);
  return [
    { points: outline, fill: pale },
    ...stripes(outline, size).map((points): PaperShape => ({ points, fill: mixed(INK, pale, STRIPE), bare: true })),
  ];
}

/** Narrow stripes over an outline, steeper than a bias seam, so that they are not taken for one. */
function stripes(outline: readonly Spot[], size: number): Spot[][] {
  const [step, broad] = [size / 16, size / 130];
  const [x, y, w, h] = boxOf([{ outline }]);
  const lean = h / 2.2;
  const found: Spot[][] = [];
  for (let at = Math.floor((x - lean) / step) * step; at < x + w + lean; at += step) {
    const middle: DirectedLine = { from: [at, y + h], to: [at + lean, y] };
    const band = clipped(clipped(outline, beside(middle, -broad / 2), 1), beside(middle, broad / 2), -1);
    if (band.length > 2 && doubleArea(band) > 1e-9) found.push(band);
  }
  return found;
}

/** The cutter's wheel at the beginning of a cut. */
function wheel({ from }: DirectedLine, size: number): PaperShape {
  const r = size / 45;
  const points = Array.from({ length: 12 }, (_, i): Spot => {
    const turn = (i * Math.PI) / 6;
    return [from[0] + r * Math.cos(turn), from[1] + r * Math.sin(turn)];
  });
  return { points, fill: INK, bare: true };
}

/** Marks along the two edges of a ruler that meet at its second corner: whole units long, halves short. */
function ticks(outline: readonly Spot[]): DirectedLine[] {
  const [a, corner, b] = outline;
  if (outline.length !== 4 || !a || !corner || !b) return [];
  const edge = (end: Spot, inner: Spot): DirectedLine[] => {
    const [dx, dy] = [end[0] - corner[0], end[1] - corner[1]];
    const [ix, iy] = [inner[0] - corner[0], inner[1] - corner[1]];
    const [long, deep] = [Math.hypot(dx, dy), Math.hypot(ix, iy)];
    return Array.from({ length: Math.floor(long * 2) }, (_, i): DirectedLine => {
      const d = (i + 1) / 2 / long;
      const tall = (deep * (i % 2 === 1 ? 0.07 : 0.04)) / deep;
      const from: Spot = [corner[0] + dx * d, corner[1] + dy * d];
      return { from, to: [from[0] + ix * tall, from[1] + iy * tall] };
    });
  };
  return [...edge(a, b), ...edge(b, a)];
}

/** What a picture shows, for somebody who hears it: the layers from the lowest, and what is marked on them. */
export function sceneWords({ plies, marks, press, rulers }: Scene, fabric: (role: string) => string): string {
  const layers = new Set(
    plies.map(({ role, right }) =>
      role === PAPER ? words.printedPaper : words.sideUp(fabric(role), right ? words.right : words.wrong),
    ),
  );
  const count = (kind: Scene['marks'][number]['kind']) => marks.filter((m) => m.kind === kind).length;
  const said = (kind: Scene['marks'][number]['kind'], one: string, many: (n: number) => string) => {
    const n = count(kind);
    return n === 0 ? [] : [n === 1 ? one : many(n)];
  };
  const things = [
    ...said('drawn', words.drawnLine, words.drawnLines),
    ...said('sewn', words.seam, words.seams),
    ...said('crease', words.crease, words.creases),
    ...said('cut', words.cut, words.cuts),
    ...(rulers.length > 0 ? [words.theRuler] : []),
    ...(press.length > 0 ? [words.theWayToPress] : []),
  ];
  return `${[...layers].join('; ')}${things.length > 0 ? words.marked(listed(things)) : ''}`;
}

/** Pictures of a quilt and of its rows: whole, with its first borders, laid level, or apart. */
import { laidOnQuilt, type QuiltPicture } from '../programme';
import type { LaidPart, SetPiece } from '../setting';
import type { PaperPicture } from './paper';
import type { Colours } from './pictures';
import type { Told } from './quilt-told';
import type { Stages } from './setting-stages';
import { words } from './words/quilt-pictures';

const COVERED = '#e6e9ee';

/** The whole quilt; months that may not be seen yet are hatched over, and nothing of them is in it. */
export function quiltDrawing(
  picture: QuiltPicture,
  colours: Colours,
  { wide, label }: { wide: number; label: string },
): PaperPicture {
  const { width, height, places, parts } = picture;
  return {
    ...{ width, height, wide, label, lines: [], texts: [] },
    shapes: [
      ...parts.map((p) => ({ points: p.points, fill: p.covered ? COVERED : colours(p.role) })),
      ...places.flatMap((place) =>
        place.block && !place.covered
          ? place.block.patches.map((p) => ({ points: p.points.map((q) => laidOnQuilt(place, q)), fill: colours(p.role) }))
          : [{ points: place.outline, fill: COVERED }],
      ),
    ],
  };
}

/** The picture with its first borders only. */
export function withBorders({ picture, quilt }: Told, count: number): QuiltPicture {
  const own = ({ group, number }: LaidPart) => group !== 'borders' || number! <= count;
  return { ...picture, parts: picture.parts.filter((_, i) => own(quilt.top.parts[i]!)) };
}

type Way = (p: readonly [number, number]) => readonly [number, number];

/** Shapes of some pieces, moved by `way`. */
function shapesOf({ picture, quilt, colours }: Told, pieces: readonly SetPiece[], way: Way): PaperPicture['shapes'] {
  const parts = new Map(quilt.top.parts.map((part, i) => [part, picture.parts[i]!]));
  const places = new Map(picture.places.map((place) => [place.at, place]));
  return pieces.flatMap(({ place, part, around }) => {
    const laid = [...(part ? [part] : []), ...around].map((p) => parts.get(p)!);
    const shown = place && places.get(place.at);
    return [
      ...laid.map((p) => ({ points: p.points.map(way), fill: p.covered ? COVERED : colours(p.role) })),
      ...(shown
        ? shown.block && !shown.covered
          ? shown.block.patches.map((p) => ({ points: p.points.map((q) => way(laidOnQuilt(shown, q))), fill: colours(p.role) }))
          : [{ points: shown.outline.map(way), fill: COVERED }]
        : []),
    ];
  });
}

/** Rows laid level, one below the other with their names, their pieces a little apart. */
export function piecesPicture(
  told: Told,
  onPoint: boolean,
  rows: readonly { name: string; pieces: readonly SetPiece[] }[],
): PaperPicture {
  const level: Way = onPoint ? ([x, y]) => [(x + y) / Math.SQRT2, (y - x) / Math.SQRT2] : (p) => p;
  const drawn: PaperPicture = { width: 0, height: 0, wide: 2.2, label: '', shapes: [], lines: [], texts: [] };
  const scale = onPoint ? Math.SQRT2 : 1;
  let top = 0;
  for (const { name, pieces } of rows) {
    const from = (axis: 'u' | 'v', end: 0 | 1) => pieces.map((p) => p[axis][end].toNumber() / scale);
    const [left, right] = [Math.min(...from('u', 0)), Math.max(...from('u', 1))];
    const [upper, lower] = [Math.min(...from('v', 0)), Math.max(...from('v', 1))];
    const gap = (lower - upper) / 14;
    const starts = [...new Set(from('u', 0).map((x) => Math.round(x * 1e6)))].sort((a, b) => a - b);
    const indent = (lower - upper) * (name ? 0.45 : 0);
    for (const piece of pieces) {
      const nth = starts.indexOf(Math.round((piece.u[0].toNumber() / scale) * 1e6));
      const move: Way = (p) => {
        const [x, y] = level(p);
        return [x - left + indent + nth * gap, y - upper + top];
      };
      drawn.shapes.push(...shapesOf(told, [piece], move));
    }
    if (name) drawn.texts.push({ at: [indent * 0.45, top + (lower - upper) / 2], text: name, size: (lower - upper) * 0.4 });
    drawn.width = Math.max(drawn.width, right - left + indent + starts.length * gap);
    top += lower - upper + gap * 3;
  }
  return {
    ...drawn,
    height: Math.max(top, 1),
    label: words.laidLevel(rows.map((r) => (r.name ? words.row(r.name) : 'A strip')).join(', ')),
  };
}

/** All rows in their places, a little apart from each other. */
export function joinPicture(told: Told, { rows, strips, onPoint }: Stages): PaperPicture {
  const bands = [...rows.map((r) => [...r.row, ...(r.strip?.pieces ?? []), ...r.triangles]), ...strips].sort(
    (a, b) => lowest(a) - lowest(b),
  );
  const { width, height } = told.picture;
  const gap = Math.max(width, height) / 40;
  const step = onPoint ? gap / Math.SQRT2 : gap;
  const far = step * (bands.length - 1);
  // Down, or on point down to the left.
  const shapes = bands.flatMap((pieces, i) =>
    shapesOf(told, pieces, ([x, y]) => (onPoint ? [x - step * i + far, y + step * i] : [x, y + step * i])),
  );
  return {
    ...{ wide: 2, label: words.theRowsInTheirOrderNot, lines: [], texts: [], shapes },
    width: width + (onPoint ? far : 0),
    height: height + far,
  };
}

const lowest = (pieces: readonly SetPiece[]) => Math.min(...pieces.map((p) => p.v[0].toNumber()));

/** A picture at full size that is larger than a page: cut into pages, with marks to join them by. */
import type { PaperPicture } from '@aggrega/core/sheet';
import { INK } from '../svg';
import { drawPicture } from './pictures';
import { words } from '../words';

type Doc = PDFKit.PDFDocument;

export interface Tile {
  column: number;
  row: number;
  columns: number;
  rows: number;
  /** What of the picture it shows, in points from the picture's corner. */
  x: number;
  y: number;
  width: number;
  height: number;
}

/** How many points neighbouring pages show twice, to glue them by. */
const OVERLAP = 18;

/** The pages of a picture of that size, in points, on pages with so much room. */
export function tilesOf(width: number, height: number, room: { width: number; height: number }): Tile[] {
  const count = (size: number, own: number) => (size <= own ? 1 : Math.ceil((size - OVERLAP) / (own - OVERLAP)));
  const [columns, rows] = [count(width, room.width), count(height, room.height)];
  return Array.from({ length: columns * rows }, (_, i) => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const [x, y] = [column * (room.width - OVERLAP), row * (room.height - OVERLAP)];
    return {
      column,
      row,
      columns,
      rows,
      x,
      y,
      width: Math.min(room.width, width - x),
      height: Math.min(room.height, height - y),
    };
  });
}

/** Draws one page of the picture with its joining lines: a letter stands on both sides of each. */
export function drawTile(
  doc: Doc,
  picture: PaperPicture,
  tile: Tile,
  { x, y, scale }: { x: number; y: number; scale: number },
): void {
  doc
    .save()
    .rect(x - 1, y - 1, tile.width + 2, tile.height + 2)
    .clip();
  drawPicture(doc, picture, x - tile.x, y - tile.y, scale);
  doc.restore();
  const join = (name: string, from: readonly [number, number], to: readonly [number, number]) => {
    doc
      .save()
      .dash(2, { space: 3 })
      .lineWidth(0.5)
      .strokeColor(INK)
      .moveTo(...from)
      .lineTo(...to)
      .stroke()
      .undash();
    const [mx, my] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
    doc.polygon([mx - 4, my], [mx, my - 4], [mx + 4, my], [mx, my + 4]).fill(INK);
    doc
      .font('bold')
      .fontSize(9)
      .fillColor(INK)
      .text(name, mx + 6, my + 3, { lineBreak: false, baseline: 'alphabetic' });
    doc.restore();
  };
  const name = (column: number, row: number, way: string) => `${String.fromCharCode(65 + column)}${row + 1}${way}`;
  // The line in the middle of what two pages share.
  const half = OVERLAP / 2;
  if (tile.column > 0) join(name(tile.column - 1, tile.row, words.toTheRight), [x + half, y], [x + half, y + tile.height]);
  if (tile.column < tile.columns - 1)
    join(name(tile.column, tile.row, words.toTheRight), [x + tile.width - half, y], [x + tile.width - half, y + tile.height]);
  if (tile.row > 0) join(name(tile.column, tile.row - 1, ' downwards'), [x, y + half], [x + tile.width, y + half]);
  if (tile.row < tile.rows - 1)
    join(name(tile.column, tile.row, ' downwards'), [x, y + tile.height - half], [x + tile.width, y + tile.height - half]);
}

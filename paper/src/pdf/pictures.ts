/** Pictures of a paper drawn into a PDF. */
import type { PaperPicture } from '@aggrega/core/sheet';
import { INK, LINES, MADDER, arrowHead } from '../svg';

type Doc = PDFKit.PDFDocument;

/** Points of paper to a unit of the picture, when it may be so wide. */
export const scaleOf = ({ wide, width, full }: PaperPicture, room: number) =>
  (full ? wide * 72 : Math.min(wide * 72, room)) / width;

/** Draws a picture with its corner at x, y. */
export function drawPicture(doc: Doc, picture: PaperPicture, x: number, y: number, scale: number): void {
  const at = ([px, py]: readonly [number, number]) => [x + px * scale, y + py * scale] as [number, number];
  const path = (points: readonly (readonly [number, number])[], close: boolean) => {
    points.forEach((p, i) => (i === 0 ? doc.moveTo(...at(p)) : doc.lineTo(...at(p))));
    if (close) doc.closePath();
  };
  doc.save().lineJoin('round');
  for (const { points, fill, wrong } of picture.shapes) {
    path(points, true);
    doc.lineWidth(wrong ? 2 : 0.5).strokeColor(wrong ? MADDER : INK, wrong ? 1 : 0.6);
    if (fill === 'none') doc.stroke();
    else doc.fillColor(fill, 1).fillAndStroke();
  }
  doc.strokeColor(INK, 1);
  for (const line of picture.lines) {
    const { wide, dash } = LINES[line.kind];
    doc.lineWidth(wide * 0.72);
    if (dash) doc.dash(dash[0] * 0.72, { space: dash[1] * 0.72 });
    path([line.from, line.to], false);
    doc.stroke();
    if (dash) doc.undash();
    if (line.kind === 'arrow') {
      path(arrowHead(line, 4 / scale), false);
      doc.stroke();
    }
  }
  for (const { at: place, text, size, edged } of picture.texts) {
    const tall = size * scale;
    const [px, py] = at(place);
    doc.font('bold').fontSize(tall);
    const left = px - doc.widthOfString(text) / 2;
    const base = py + tall * 0.35;
    const options = { lineBreak: false, baseline: 'alphabetic' } as const;
    // A light ground under letters on cloth; drawn letters would be read twice.
    if (edged) {
      const wide = doc.widthOfString(text);
      doc
        .rect(left - tall * 0.15, py - tall * 0.55, wide + tall * 0.3, tall * 1.1)
        .fillColor('#ffffff', 0.85)
        .fill();
    }
    doc.fillColor(INK, 1).text(text, left, base, options);
  }
  doc.restore();
}

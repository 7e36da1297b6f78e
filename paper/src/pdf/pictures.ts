/** Pictures of a paper drawn into a PDF. */
import type { PaperPicture } from '@aggrega/core/sheet';
import { CASING, GLASS, INK, LINES, MADDER, arrowHead } from '../svg';
import { WHITE } from '@aggrega/core/ink';

type Doc = PDFKit.PDFDocument;

/** Points of paper to a unit of the picture, when it may be so wide; `times`: how much larger than it asks for, but for one at full size. */
export const scaleOf = ({ wide, width, full }: PaperPicture, room: number, times = 1) =>
  (full ? wide * 72 : Math.min(wide * 72 * times, room)) / width;

/** Draws a picture with its corner at x, y. */
export function drawPicture(doc: Doc, picture: PaperPicture, x: number, y: number, scale: number): void {
  const at = ([px, py]: readonly [number, number]) => [x + px * scale, y + py * scale] as [number, number];
  const path = (points: readonly (readonly [number, number])[], close: boolean) => {
    points.forEach((p, i) => (i === 0 ? doc.moveTo(...at(p)) : doc.lineTo(...at(p))));
    if (close) doc.closePath();
  };
  doc.save().lineJoin('round');
  for (const { points, fill, wrong, bare, glass } of picture.shapes) {
    path(points, true);
    if (fill !== 'none') doc.fillColor(fill, glass ? GLASS : 1);
    if (bare) {
      doc.fill();
      continue;
    }
    doc.lineWidth(wrong ? 2 : 0.5).strokeColor(wrong ? MADDER : INK, wrong ? 1 : 0.6);
    if (fill === 'none') doc.stroke();
    else doc.fillAndStroke();
  }
  for (const line of picture.lines) {
    const { wide, dash, cased } = LINES[line.kind];
    const stroke = (colour: string, wider: number) => {
      doc.lineWidth((wide + wider) * 0.72).strokeColor(colour, 1);
      path([line.from, line.to], false);
      doc.stroke();
      if (line.kind !== 'arrow') return;
      path(arrowHead(line, 4 / scale), false);
      doc.stroke();
    };
    if (cased) stroke(WHITE, CASING);
    if (dash) doc.dash(dash.map((d) => d * 0.72) as unknown as number, {});
    stroke(INK, 0);
    if (dash) doc.undash();
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
        .fillColor(WHITE, 0.85)
        .fill();
    }
    doc.fillColor(INK, 1).text(text, left, base, options);
  }
  doc.restore();
}

/** Labels of kits: as a PDF, many on a page, and one by one as SVG for a label printer. */
import QRCode from 'qrcode';
import type { KitLabel } from '@aggrega/core/sheet';
import { PAGES, newPdf, type PageSize } from './pdf/document';
import { INK } from './svg';
import { words as said } from './words';
import { QUIET } from '@aggrega/core/ink';

/** Two across and seven down, in points: 97 by 37 mm on A4. */
const ACROSS = 2;
const DOWN = 7;
const MARGIN = 30;
/** The code's side. */
const CODE = 68;
const PAD = 8;

/** The dark squares of a code that scanners read, as rows of a square. */
export function codeSquares(code: string): boolean[][] {
  const { size, data } = QRCode.create(code, { errorCorrectionLevel: 'M' }).modules;
  return Array.from({ length: size }, (_, y) => Array.from({ length: size }, (_, x) => data[y * size + x] === 1));
}

/** All labels on pages of two by seven, with fine lines to cut along. */
export async function labelsPdf(
  labels: readonly KitLabel[],
  { page, title, created }: { page: PageSize; title: string; created: Date },
): Promise<Uint8Array> {
  const { doc, root, finish } = newPdf({ page, title, created });
  const [width, height] = PAGES[page];
  const wide = (width - 2 * MARGIN) / ACROSS;
  const tall = (height - 2 * MARGIN) / DOWN;
  labels.forEach((label, i) => {
    const place = i % (ACROSS * DOWN);
    if (place === 0) doc.addPage();
    const x = MARGIN + (place % ACROSS) * wide;
    const y = MARGIN + Math.floor(place / ACROSS) * tall;
    doc.markContent(said.artifact, { type: 'Layout' });
    doc.lineWidth(0.4).dash(2, { space: 3 }).strokeColor('#9aa3b5').rect(x, y, wide, tall).stroke().undash();
    doc.endMarkedContent();
    root.add(doc.struct('P', {}, () => void drawLabel(doc, label, { x, y, wide, tall })));
    root.add(
      doc.struct(
        said.figure,
        { alt: said.code(label.code) },
        () => void drawCode(doc, label.code, x + wide - CODE - PAD, y + PAD),
      ),
    );
  });
  if (labels.length === 0) {
    doc.addPage();
    root.add(
      doc.struct('P', {}, () => void doc.font('text').fontSize(12).fillColor(INK).text(said.noKitsSoNoLabels, MARGIN, MARGIN)),
    );
  }
  return finish();
}

interface Place {
  x: number;
  y: number;
  wide: number;
  tall: number;
}

function drawLabel(doc: PDFKit.PDFDocument, label: KitLabel, { x, y, wide, tall }: Place): void {
  const room = wide - CODE - 3 * PAD;
  const line = (text: string, size: number, face: string, top: number, lines = 1): number => {
    doc.font(face).fontSize(size).fillColor(INK);
    const most = size * 1.25 * lines;
    doc.text(fitted(doc, text, room, lines), x + PAD, top, {
      width: room + 1,
      height: most,
      lineBreak: lines > 1,
      ellipsis: true,
    });
    return top + (lines > 1 ? Math.min(most, doc.heightOfString(text, { width: room + 1 })) : size * 1.25);
  };
  let top = y + PAD;
  top = line(label.name || said.spare, 13, 'title', top);
  top = line(label.made, 9.5, 'bold', top);
  top = line(label.months, 8.5, 'text', top) + 2;
  // What does not fit on the label is on the sheet; that there is more is said.
  const fit = Math.floor((y + tall - PAD - 9 - top) / 9);
  const rows =
    label.contents.length > fit
      ? [...label.contents.slice(0, Math.max(0, fit - 1)), said.andMore(label.contents.length - fit + 1)]
      : label.contents;
  for (const row of rows) top = line(row, 7.5, 'text', top);
  doc
    .font('text')
    .fontSize(6.5)
    .fillColor(QUIET)
    .text(label.programme, x + wide - CODE - PAD, y + PAD + CODE + 3, { width: CODE, height: 17, ellipsis: true });
}

/** A line no wider than its room; cut with an ellipsis where it is. */
function fitted(doc: PDFKit.PDFDocument, text: string, room: number, lines: number): string {
  if (lines > 1 || doc.widthOfString(text) <= room) return text;
  let cut = text;
  while (cut.length > 1 && doc.widthOfString(`${cut}…`) > room) cut = cut.slice(0, -1);
  return `${cut.trimEnd()}…`;
}

function drawCode(doc: PDFKit.PDFDocument, code: string, x: number, y: number): void {
  const rows = codeSquares(code);
  const cell = CODE / rows.length;
  doc.fillColor('#000000');
  rows.forEach((row, r) => row.forEach((dark, c) => dark && doc.rect(x + c * cell, y + r * cell, cell, cell)));
  doc.fill();
}

const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** One label as a label printer prints it: 89 by 36 mm, black on white. */
export function labelSvg(label: KitLabel): string {
  const rows = codeSquares(label.code);
  const cell = 24 / rows.length;
  const round = (n: number) => Math.round(n * 1000) / 1000;
  const dark = rows.flatMap((row, r) =>
    row.flatMap((on, c) => (on ? [said.mHVHZ(round(62 + c * cell), round(3 + r * cell), round(cell))] : [])),
  );
  const text = (at: number, size: number, words: string, weight = 400) =>
    `<text x="3" y="${at}" font-family="sans-serif" font-size="${size}" font-weight="${weight}">${escaped(words)}</text>`;
  return [
    '<svg xmlns="http://www.w3.org/2000/svg" width="89mm" height="36mm" viewBox="0 0 89 36">',
    '<rect width="89" height="36" fill="#fff"/>',
    text(7, 5, label.name || said.spare, 700),
    text(12, 3.4, label.made, 700),
    text(16, 3, label.months),
    ...label.contents.slice(0, 5).map((row, i) => text(20 + i * 3.2, 2.6, row)),
    `<path d="${dark.join('')}"/>`,
    `<text x="62" y="30" font-family="sans-serif" font-size="2.4">${escaped(label.code)}</text>`,
    '</svg>',
  ].join('\n');
}

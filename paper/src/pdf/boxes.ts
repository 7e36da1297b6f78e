/**
 * Pieces of a paper as boxes: what has to stay together, how tall it is, and how it is drawn. A box is drawn on one page; boxes that must not
 * be left alone at a page's foot say so.
 */
import type {
  PictureWithPieces,
  PaperCell,
  PaperColumn,
  PaperPhoto,
  PaperPicture,
  PaperPiece,
  PaperRow,
  Tone,
  Words,
} from '@aggrega/core/sheet';
import { INK } from '../svg';
import type { Face } from './fonts';
import { linesOf, setLines } from './lines';
import { drawPicture, scaleOf } from './pictures';
import { stepRows } from './steps';
import { words as said } from '../words';
import { QUIET, RULE, WELD } from '@aggrega/core/ink';

export { RULE, WELD };

type Doc = PDFKit.PDFDocument;
/** Marks what is drawn for those who cannot see it: a tag, and a description for pictures. */
export type Tagged = (tag: string, draw: () => void, alt?: string) => void;

export interface PaperBox {
  height: number;
  draw: (x: number, y: number, tagged: Tagged) => void;
  /** Not left at the foot of a page without what follows. */
  leads?: boolean;
  /** Stands again at the top of the next page when what follows is continued there. */
  repeats?: PaperBox;
  /** Rows and items belong to a table or list that is tagged as a whole. */
  within?: 'Table' | 'L';
  /** Begins a table or list of its own. */
  begins?: boolean;
  /** A full-size picture that may be larger than a page. */
  tiles?: PaperPicture;
  breaks?: boolean;
}

/** Thin rules between rows, and the bar beside the organiser's own words. */
/** The bar beside what is to be measured. */

export interface Look {
  doc: Doc;
  /** Text size in points. */
  size: number;
  /** JPEGs by the names of their contents. */
  photos: ReadonlyMap<string, Uint8Array>;
  /** Pictures are drawn so many times their size, but for those at full size. */
  pictures: number;
  /** Lines closer together, and steps in columns of unlike widths, where that saves a page. */
  close: boolean;
}

/** Between what stands one under the other. Points. */
const airOf = ({ close }: Look, room: number) => room * (close ? 0.7 : 1);
/** From line to line, for letters so tall. Points. */
export const leadingOf = ({ close }: Look, tall: number) => tall * (close ? 1.29 : 1.38);

export function boxesOf(look: Look, piece: PaperPiece, width: number): PaperBox[] {
  switch (piece.kind) {
    case 'title':
      return [titleBox(look, piece, width)];
    case 'heading':
      return [headingBox(look, piece.text, piece.level, width)];
    case 'text':
      return [textBox(look, piece.text, { tone: piece.tone ?? 'plain', own: piece.place?.mine ?? false }, width)];
    case 'list':
      return piece.items.map((item, i) => ({
        ...itemBox(look, item, piece.ordered ? `${i + 1}.` : '\u2022', width),
        begins: i === 0,
      }));
    case 'table':
      return tableBoxes(look, piece, width);
    case 'pictures':
      return pictureRows(look, piece.pictures, width);
    case 'beside':
      return [besideBox(look, piece, width, 80)];
    case 'photo':
      return photoBoxes(look, piece, width);
    case 'steps':
      return stepRows(look, piece.steps, width);
    case 'page':
      return [{ height: 0, draw: () => {}, breaks: true }];
  }
}

function titleBox(
  look: Look,
  { text, over, under, pictures = [], pieces }: PaperPiece & { kind: 'title' },
  width: number,
): PaperBox {
  const { doc, size } = look;
  const shown = pictures.map((picture) => ({ picture, scale: scaleOf(picture, width, look.pictures) }));
  const aside = Math.max(0, ...shown.map(({ picture, scale }) => picture.width * scale + 18));
  const room = width - aside;
  const small = linesOf(doc, over, { face: 'text', size, width: room });
  const large = linesOf(doc, text, { face: 'title', size: size * 2.3, width: room });
  const second = under ? linesOf(doc, under, { face: 'title', size: size * 1.7, width: room }) : [];
  const head = small.length * size * 1.4 + large.length * size * 2.7;
  const below = head + second.length * size * 2.1 + 4;
  const stack = stackOf(look, pieces, room);
  const gap = size * 0.8;
  const tall = shown.reduce((sum, { picture, scale }) => sum + picture.height * scale + gap, 0);
  return {
    height: Math.max(below + stack.height, tall) + 4,
    draw: (x, y, tagged) => {
      tagged('P', () => setLines(doc, small, { x, y, leading: size * 1.4, colour: QUIET, width: room }));
      tagged('H1', () => {
        setLines(doc, large, { x, y: y + small.length * size * 1.4, leading: size * 2.7, colour: INK, width: room });
        setLines(doc, second, { x, y: y + head, leading: size * 2.1, colour: INK, width: room });
      });
      stack.draw(x, y + below, tagged);
      let top = y;
      for (const { picture, scale } of shown) {
        const at = top;
        const left = x + width - picture.width * scale;
        tagged(said.figure, () => drawPicture(doc, picture, left, at, scale), picture.label);
        top += picture.height * scale + gap;
      }
    },
  };
}

/** Pieces one under the other as a single box. */
function stackOf(look: Look, pieces: readonly PaperPiece[], width: number): PaperBox {
  const boxes = pieces.flatMap((p) => boxesOf(look, p, width));
  return {
    height: boxes.reduce((sum, b) => sum + b.height, 0),
    draw: (x, y, tagged) => {
      let top = y;
      for (const box of boxes) {
        box.draw(x, top, tagged);
        top += box.height;
      }
    },
  };
}

function headingBox(look: Look, text: string, level: 2 | 3, width: number): PaperBox {
  const { doc, size } = look;
  const [face, tall]: [Face, number] = ['title', level === 2 ? size * 1.3 : size * 1.05];
  const lines = linesOf(doc, text, { face, size: tall, width });
  const above = airOf(look, level === 2 ? size * 1.05 : size * 0.5);
  return {
    height: above + lines.length * tall * 1.25 + (level === 2 ? airOf(look, size * 0.5) : 1),
    leads: true,
    draw: (x, y, tagged) => {
      if (level === 2)
        doc
          .moveTo(x, y + above - size * 0.35)
          .lineTo(x + width, y + above - size * 0.35)
          .lineWidth(1.2)
          .strokeColor(INK)
          .stroke();
      tagged(`H${level}`, () => setLines(doc, lines, { x, y: y + above, leading: tall * 1.25, colour: INK, width }));
    },
  };
}

function textBox(look: Look, text: Words, { tone, own }: { tone: Tone; own: boolean }, width: number): PaperBox {
  const { doc, size } = look;
  const face: Face = tone === 'caution' ? 'bold' : 'text';
  const tall = tone === 'lead' ? size * 1.1 : tone === 'quiet' ? size * 0.94 : size;
  const barred = own || tone === 'check' || tone === 'own';
  const inset = barred ? 9 : 0;
  const lines = linesOf(doc, text, { face, size: tall, width: width - inset });
  const leading = leadingOf(look, tall);
  return {
    height: lines.length * leading + airOf(look, size * 0.45),
    draw: (x, y, tagged) => {
      if (barred) doc.rect(x, y + 1, 3, lines.length * leading - 2).fill(tone === 'check' ? WELD : RULE);
      tagged('P', () =>
        setLines(doc, lines, { x: x + inset, y, leading, colour: tone === 'quiet' ? QUIET : INK, width: width - inset }),
      );
    },
  };
}

/** A photo as wide as it asks for; nothing where it is not at hand. */
function photoBoxes({ doc, size, photos }: Look, { photo, wide, tall, label }: PaperPhoto, width: number): PaperBox[] {
  const jpeg = photos.get(photo);
  if (!jpeg) return [];
  const w = Math.min(wide * 72, width);
  const draw: PaperBox['draw'] = (x, y, tagged) =>
    tagged(said.figure, () => doc.image(Buffer.from(jpeg), x, y, { width: w, height: w * tall }), label);
  return [{ height: w * tall + size * 0.7, draw }];
}

function itemBox(look: Look, text: Words, mark: string, width: number): PaperBox {
  const { doc, size } = look;
  const inset = size * 1.7;
  const lines = linesOf(doc, text, { face: 'text', size, width: width - inset });
  const label = linesOf(doc, mark, { face: 'text', size, width: inset });
  const leading = leadingOf(look, size);
  return {
    height: lines.length * leading + size * 0.15,
    within: 'L',
    draw: (x, y, tagged) => {
      tagged(said.lbl, () => setLines(doc, label, { x, y, leading, colour: QUIET, width: inset }));
      tagged('LBody', () => setLines(doc, lines, { x: x + inset, y, leading, colour: INK, width: width - inset }));
    },
  };
}

function tableBoxes(look: Look, { columns, groups }: PaperPiece & { kind: 'table' }, width: number): PaperBox[] {
  const all = columns.reduce((sum, c) => sum + c.share, 0);
  const gap = look.size * 0.7;
  let left = 0;
  const places = columns.map((c) => {
    const place = { x: left, width: (width * c.share) / all - gap };
    left += (width * c.share) / all;
    return place;
  });
  const head: PaperBox = { ...headRow(look, columns, places, width), leads: true, begins: true };
  return [
    head,
    ...groups.flatMap((rows) => rows.map((row) => ({ ...rowBox(look, row, columns, places, width), repeats: head }))),
  ];
}

type Place = { x: number; width: number };

function headRow({ doc, size }: Look, columns: readonly PaperColumn[], places: readonly Place[], width: number): PaperBox {
  const tall = size * 0.9;
  const lines = columns.map((c, i) => linesOf(doc, c.name, { face: 'text', size: tall, width: places[i]!.width }));
  const rows = Math.max(1, ...lines.map((l) => l.length));
  const leading = tall * 1.3;
  return {
    height: rows * leading + 5,
    within: 'Table',
    draw: (x, y, tagged) => {
      lines.forEach((own, i) => {
        const { x: at, width: room } = places[i]!;
        const align = columns[i]!.right ? 'right' : 'left';
        tagged('TH', () =>
          setLines(doc, own, { x: x + at, y: y + (rows - own.length) * leading, leading, colour: QUIET, width: room, align }),
        );
      });
      rule(doc, x, y + rows * leading + 3, width, INK);
    },
  };
}

function rowBox(
  look: Look,
  { cells }: PaperRow,
  columns: readonly PaperColumn[],
  places: readonly Place[],
  width: number,
): PaperBox {
  const { doc, size } = look;
  const set = cells.map((cell, i) => cellOf(look, cell, places[i]!.width));
  const tall = Math.max(size * 1.45, ...set.map((c) => c.height));
  return {
    height: tall + airOf(look, size * 0.5),
    within: 'Table',
    draw: (x, y, tagged) => {
      set.forEach((cell, i) =>
        tagged('TD', () => cell.draw(x + places[i]!.x, y + airOf(look, size * 0.22), columns[i]!.right ? 'right' : 'left')),
      );
      rule(doc, x, y + tall + airOf(look, size * 0.4), width, RULE);
    },
  };
}

const rule = (doc: Doc, x: number, y: number, width: number, colour: string) =>
  doc
    .moveTo(x, y)
    .lineTo(x + width, y)
    .lineWidth(0.6)
    .strokeColor(colour)
    .stroke();

function cellOf(look: Look, { text, swatch, numeral, picture }: PaperCell, width: number) {
  const { doc, size } = look;
  const [face, tall]: [Face, number] = numeral ? ['title', size * 1.12] : ['text', size];
  const letters = swatch ? linesOf(doc, swatch.letter, { face: 'bold', size: size * 0.9, width: 200 }) : [];
  const chip = swatch ? Math.max(size * 1.5, (letters[0]?.width ?? 0) + 8) : 0;
  const inset = swatch ? chip + 6 : 0;
  const lines = linesOf(doc, text, { face, size: tall, width: width - inset });
  const leading = leadingOf(look, size);
  const scale = picture ? scaleOf(picture, width) : 0;
  const words = lines.length * leading;
  return {
    height: Math.max(words, swatch ? size * 1.5 : 0) + (picture ? picture.height * scale + 2 : 0),
    draw: (x: number, y: number, align: 'left' | 'right') => {
      if (swatch) {
        doc.rect(x, y, chip, size * 1.4).lineWidth(0.5);
        if (swatch.colour) doc.fillAndStroke(swatch.colour, INK);
        else doc.strokeColor(INK).stroke();
        const colour = swatch.ink;
        setLines(doc, letters, { x, y: y + size * 0.1, leading: size * 1.24, colour, width: chip, align: 'middle' });
      }
      setLines(doc, lines, { x: x + inset, y, leading, colour: INK, width: width - inset, align });
      if (picture) drawPicture(doc, picture, x, y + words + 2, scale);
    },
  };
}

/** Pictures side by side, as many as there is room for; larger ones than a page on pages of their own. */
function pictureRows(look: Look, pictures: readonly PaperPicture[], width: number): PaperBox[] {
  const gap = 14;
  const rows: { picture: PaperPicture; scale: number; wide: number }[][] = [];
  let used = Infinity;
  const boxes: PaperBox[] = [];
  const close = () => {
    for (const row of rows.splice(0)) boxes.push(pictureRow(look, row, gap));
    used = Infinity;
  };
  for (const picture of pictures) {
    const scale = scaleOf(picture, width, look.pictures);
    const wide = Math.max(picture.width * scale, picture.caption ? Math.min(width, 96) : 0);
    if (picture.full) {
      close();
      boxes.push({ ...pictureRow(look, [{ picture, scale, wide }], gap), tiles: picture });
      continue;
    }
    if (used + gap + wide > width) {
      rows.push([]);
      used = -gap;
    }
    rows.at(-1)!.push({ picture, scale, wide });
    used += gap + wide;
  }
  close();
  return boxes;
}

function pictureRow(look: Look, row: { picture: PaperPicture; scale: number; wide: number }[], gap: number): PaperBox {
  const { doc, size } = look;
  const tall = Math.max(...row.map(({ picture, scale }) => picture.height * scale));
  const captions = row.map(({ picture, wide }) =>
    picture.caption ? linesOf(doc, picture.caption, { face: 'text', size: size * 0.88, width: wide }) : [],
  );
  const leading = size * 1.2;
  const words = Math.max(...captions.map((c) => c.length)) * leading;
  return {
    height: tall + words + airOf(look, size * 0.8),
    draw: (x, y, tagged) => {
      let left = x;
      row.forEach(({ picture, scale, wide }, i) => {
        const at = left;
        tagged(said.figure, () => drawPicture(doc, picture, at, y + tall - picture.height * scale, scale), picture.label);
        if (captions[i]!.length > 0)
          tagged('P', () => setLines(doc, captions[i]!, { x: at, y: y + tall + 3, leading, colour: INK, width: wide }));
        left += wide + gap;
      });
    },
  };
}

/** Pictures with what belongs to them beside them: one box, so that they stay on one page. */
function besideBox(look: Look, { pictures, pieces }: PictureWithPieces, width: number, least: number): PaperBox {
  const gap = look.size * 0.6;
  const shown = pictures.map((picture) => ({ picture, scale: scaleOf(picture, width / 2, look.pictures) }));
  const wide = Math.max(least, ...shown.map(({ picture, scale }) => picture.width * scale)) + 14;
  const tall = shown.reduce((sum, { picture, scale }) => sum + picture.height * scale + gap, 0);
  const words = stackOf(look, pieces, width - wide);
  return {
    height: Math.max(words.height, tall) + airOf(look, look.size * 0.7),
    draw: (x, y, tagged) => {
      let top = y + 4;
      for (const { picture, scale } of shown) {
        const at = top;
        tagged(said.figure, () => drawPicture(look.doc, picture, x, at, scale), picture.label);
        top += picture.height * scale + gap;
      }
      words.draw(x + wide, y, tagged);
    },
  };
}

/**
 * A paper as a PDF: tagged for screen readers, fonts embedded, every picture at its size. Boxes are laid one under the other; none is cut at a
 * page's edge, and no heading stands at the foot of a page alone.
 */
import type { Paper } from '@aggrega/core/sheet';
import { boxesOf, type PaperBox, type Look, type Tagged } from './boxes';
import { PAGES, newPdf, type PageSize } from './document';
import { linesOf, setLines } from './lines';
import { drawPicture, scaleOf } from './pictures';
import { drawTile, tilesOf } from './tiles';
import { words } from '../words';
import { QUIET } from '@aggrega/core/ink';

export type { PageSize };

/** In points: 15 mm at the sides, 13 mm above, and below what the foot takes. */
const MARGIN = { side: 42.5, top: 36, bottom: 40 };

type Struct = PDFKit.PDFStructureElement;

/**
 * The PDF of papers, one after another, each beginning on a page of its own. `created` is written into the file; `photos`: JPEGs by the names
 * of their contents, for those of the organiser's that are at hand.
 */
export async function paperPdf(
  papers: readonly Paper[],
  { page, created, photos = new Map() }: { page: PageSize; created: Date; photos?: Look['photos'] },
): Promise<Uint8Array> {
  const [first] = papers;
  const { doc, root, finish } = newPdf({
    page,
    title: first?.title ?? '',
    about: first?.about ?? '',
    created,
    lang: first?.lang,
  });
  for (const paper of papers) layPaper(doc, root, paper, { page: PAGES[page], photos });
  return finish();
}

/**
 * Looks that a paper is tried with: as it should be; closer and smaller, where that saves its last page; else, where the last page is less than
 * a third full, whichever fills it.
 */
const LOOKS: readonly { letters: number; pictures: number; close?: true }[] = [
  { letters: 1, pictures: 1 },
  { letters: 1, pictures: 0.92 },
  { letters: 0.97, pictures: 0.9, close: true },
  { letters: 0.95, pictures: 0.85, close: true },
  { letters: 0.95, pictures: 0.75, close: true },
  { letters: 0.93, pictures: 0.72, close: true },
  { letters: 1.02, pictures: 1.1 },
  { letters: 1.04, pictures: 1.2 },
  { letters: 1.06, pictures: 1.35 },
];
const FULL = 1 / 3;
/** A last page that is fuller than this is not worth being saved. */
const WORTH = 0.9;

/** A box on its page; `repeats` stands above it again. */
interface Placed {
  box: PaperBox;
  y: number;
  repeats?: PaperBox;
}

/** Boxes on pages, and how full the last one is. */
interface LaidPages {
  pages: Placed[][];
  last: number;
}

/** A box with tiles stands alone. */
function pagesOf(boxes: readonly PaperBox[], top: number, bottom: number): LaidPages {
  const pages: Placed[][] = [];
  let y = Infinity;
  boxes.forEach((box, i) => {
    if (box.breaks) return void (y = Infinity);
    if (box.tiles && box.height > bottom - top) {
      pages.push([{ box, y: top }]);
      return void (y = Infinity);
    }
    const needed = box.leads ? box.height + following(i) : box.height;
    let repeats: PaperBox | undefined;
    if (y + needed > bottom && y > top) {
      // The head of a table that goes on stands there again, for the eye alone.
      if (box.repeats && y < Infinity && !box.begins) repeats = box.repeats;
      pages.push([]);
      y = top + (repeats?.height ?? 0);
    }
    pages.at(-1)!.push({ box, y, ...(repeats && { repeats }) });
    y += box.height;
  });
  return { pages, last: y === Infinity ? 1 : (y - top) / (bottom - top) };

  /** Height of what must stand under a box that leads: up to and with the first that does not. */
  function following(i: number): number {
    let height = 0;
    for (const next of boxes.slice(i + 1)) {
      height += Math.min(next.height, bottom - top - 60);
      if (!next.leads) break;
    }
    return Math.min(height, bottom - top - boxes[i]!.height);
  }
}

/** The first look that is good enough. */
function bestOf(laid: (look: number) => LaidPages): LaidPages {
  const plain = laid(0);
  if (plain.pages.length === 1 || plain.last > WORTH) return plain;
  let filled: LaidPages | undefined = plain.last >= FULL ? plain : undefined;
  let last = plain;
  for (let look = 1; look < LOOKS.length; look += 1) {
    last = laid(look);
    if (last.pages.length < plain.pages.length) return last;
    if (last.last >= FULL) filled ??= last;
    // Wider looks save no page.
    if (filled && LOOKS[look]!.letters > 1) break;
  }
  return filled ?? last;
}

function boxesFor(paper: Paper, look: Look, width: number): PaperBox[] {
  return paper.pieces.flatMap((piece, i) => {
    const own = boxesOf(look, piece, width);
    // A few words between a heading and what it is about go with both; those before some steps go with them.
    const [before, next] = [paper.pieces[i - 1]?.kind, paper.pieces[i + 1]?.kind];
    const between = piece.kind === 'text' && ((before === 'heading' && next !== 'heading') || next === 'steps');
    return between && own[0]!.height < 70 ? [{ ...own[0]!, leads: true }] : own;
  });
}

function layPaper(
  doc: PDFKit.PDFDocument,
  root: Struct,
  paper: Paper,
  { page: [pageWidth, pageHeight], photos }: { page: [number, number]; photos: Look['photos'] },
): void {
  const size = paper.large ? 14 : 9.4;
  const width = pageWidth - 2 * MARGIN.side;
  const bottom = pageHeight - MARGIN.bottom;
  const laid = (at: number) => {
    const { letters, pictures, close = false } = LOOKS[at]!;
    return pagesOf(boxesFor(paper, { doc, photos, size: size * letters, pictures, close }, width), MARGIN.top, bottom);
  };
  const found = bestOf(laid);
  let pageNumber = 0;
  /** The table or list that rows are added to. */
  let open: { tag: string; struct: Struct } | undefined;

  for (const page of found.pages) {
    if (page[0]?.box.tiles && page[0].box.height > bottom - MARGIN.top) {
      layTiles(page[0].box);
      continue;
    }
    newPage();
    for (const { box, y, repeats } of page) {
      if (repeats && open) artifact(() => repeats.draw(MARGIN.side, y - repeats.height, (_, draw) => draw()));
      box.draw(MARGIN.side, y, taggerFor(box));
    }
  }
  closeOpen();

  function newPage(): void {
    doc.addPage();
    pageNumber += 1;
    const foot = linesOf(doc, paper.footer, { face: 'text', size: 8, width: width - 40 });
    const number = linesOf(doc, String(pageNumber), { face: 'text', size: 8, width: 30 });
    artifact(() => {
      const common = { y: pageHeight - 31, leading: 10, colour: QUIET };
      setLines(doc, foot, { ...common, x: MARGIN.side, width });
      setLines(doc, number, { ...common, x: MARGIN.side, width, align: 'right' });
    });
  }

  function artifact(draw: () => void): void {
    doc.markContent(words.artifact, { type: 'Pagination' });
    draw();
    doc.endMarkedContent();
  }

  function closeOpen(): void {
    open?.struct.end();
    open = undefined;
  }

  function taggerFor(box: PaperBox): Tagged {
    if (!box.within || box.begins || open?.tag !== box.within) closeOpen();
    let parent = root;
    if (box.within) {
      if (!open) {
        open = { tag: box.within, struct: doc.struct(box.within) };
        root.add(open.struct);
      }
      parent = doc.struct(box.within === 'Table' ? 'TR' : 'LI');
      open.struct.add(parent);
    }
    return (tag, draw, alt) => {
      parent.add(doc.struct(tag, alt ? { alt } : {}, draw));
    };
  }

  /** Page after page of one picture, each with a square to check the printer by. */
  function layTiles({ tiles: picture }: PaperBox): void {
    closeOpen();
    const scale = scaleOf(picture!, Infinity);
    const room = { width, height: bottom - MARGIN.top - 100 };
    for (const tile of tilesOf(picture!.width * scale, picture!.height * scale, room)) {
      newPage();
      root.add(
        doc.struct(words.figure, { alt: words.pageAcrossDown(picture!.label, tile.column + 1, tile.row + 1) }, () => {
          drawTile(doc, picture!, tile, { x: MARGIN.side, y: MARGIN.top, scale });
          drawPicture(doc, INCH, MARGIN.side, bottom - 80, 72);
        }),
      );
    }
  }
}

/** One inch, whatever the unit of the programme: the same on every printer. */
const INCH = {
  ...{
    width: 1,
    height: 1,
    wide: 1,
    get label() {
      return words.oneInch;
    },
    lines: [],
  },
  shapes: [{ points: [[0, 0] as const, [1, 0] as const, [1, 1] as const, [0, 1] as const], fill: 'none' }],
  texts: [{ at: [0.5, 0.5] as const, text: '1 in', size: 0.16 }],
};

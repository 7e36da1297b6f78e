/** 'Cut', as paper: strip by strip from each fabric, what to bag and to keep, and the strips drawn. */
import { subCuts, type Rect, type Strip } from '../cutting';
import { by, formatLength, type LengthUnit, listed, ratio, type Rational, rulerWords } from '../measure';
import {
  baggedOf,
  type Fabric,
  formName,
  type Month,
  type MonthShare,
  packetOfMonth,
  pieceTitle,
  planPacket,
  readPieceLabel,
  wayOf,
} from '../programme';
import { inWords } from './in-words';
import { keepWords, sizeText } from './keeping';
import type { SheetCut } from './month-sheet';
import { WOF, cutPrefix, cutRows, fabricCell, keptInWof, kindOf, sharesOf, type MonthContext } from './need-paper';
import { plainWords, type PaperPicture, type PaperPiece, type PaperRow } from './paper';
import { lowered } from './unit-steps';
import { rulerPicture, stripsPicture } from './pictures';
import { starchWords } from './tools';
import { words } from './words/cut-paper';
import { WHITE } from '../ink';

/** One fabric's cutting in a month. */
interface FabricCuts {
  fabric: Fabric;
  roles: readonly string[];
  strips: readonly Strip[];
  /** Ends of strips that were kept, and pieces of cut forms: where it is cut from, its sides, and what is cut. */
  others: readonly { from: string; w: Rational; h: Rational; rects: readonly Rect[]; repeat: number }[];
}

/** Nothing for a kit that is cut. */
export function cutPieces(context: MonthContext): PaperPiece[] {
  const { wishes } = context;
  const way = wayOf[kindOf(context)];
  if (way === 'pieces') return [];
  const shares = way === 'lengths' ? sharesOf(context) : [];
  const fabrics = way === 'lengths' ? cutsOf(context, shares) : [];
  const rows = fabrics.map((f) => fabricRows(f, context)).filter((group) => group.length > 0);
  return [
    { kind: 'heading', level: 2, text: words.cut },
    ...starchFirst(context, way === 'list' ? 'list' : rows.length > 0 ? 'strips' : 'nothing'),
    ...(way === 'list' ? [pieceTable(context)] : stripTable(rows, context)),
    ...rulers(context, shares),
    ...bagPieces(shares, context),
    ...wholePieces(shares, context),
    ...(wishes.level === 'versed' ? [] : stripPictures(fabrics, context)),
  ];
}

/** Before a table of strips it stands in the paragraph that says how to begin, where there is one. */
const starchFirst = ({ sheet, wishes }: MonthContext, cuts: 'list' | 'strips' | 'nothing'): PaperPiece[] => {
  const text = starchWords(sheet, cuts === 'nothing' ? 'sew' : 'cut');
  return text && (cuts !== 'strips' || wishes.level === 'versed') ? [{ kind: 'text', text }] : [];
};

/** What this month cuts of each fabric: its share of a packet, or the whole of a packet that is its own. */
function cutsOf({ programme, month, colourway, wishes }: MonthContext, shares: readonly MonthShare[]): FabricCuts[] {
  const { months } = packetOfMonth(programme, month);
  const own =
    months.length > 1
      ? []
      : planPacket(programme, { colourway, months, size: wishes.size }).fabrics.map(({ fabric, roles, plan }): FabricCuts => {
          if (!('sheets' in plan)) return { fabric, roles, strips: plan.strips, others: [] };
          const sheets = plan.sheets.map(({ length, rects, repeat }) => ({
            from: `${inWords(repeat)} ${formName(fabric.form, repeat)}`,
            ...{ w: plan.usableWidth, h: length, rects, repeat },
          }));
          return { fabric, roles, strips: [], others: sheets };
        });
  return [
    ...own,
    ...shares.map(({ fabric, roles, strips, opened, sheets }): FabricCuts => ({
      ...{ fabric, roles, strips },
      others: [
        ...opened.map(({ w, h, rects, qty }) => ({
          from: qty === 1 ? words.theEndOfAStripThat : words.theEndsOfStripsThatYou(inWords(qty)),
          ...{ w, h, rects: fromLeft(rects), repeat: qty },
        })),
        ...sheets.map(({ sheet, rects }) => ({
          from: `${formName(fabric.form, 1)} ${sheet}`,
          ...{ w: fabric.usableWidth, h: fabric.usableLength!, rects, repeat: 1 },
        })),
      ],
    })),
  ];
}

/** The strips of each fabric with what they are subcut into. */
function stripTable(rows: PaperRow[][], context: MonthContext): PaperPiece[] {
  if (rows.length === 0) return [{ kind: 'text', text: words.everythingWasCutWithEarlierMonths }];
  const twice = context.sheet.fabrics.some(({ cuts }) => cuts.some((cut) => cut.twice));
  const labels = Math.max(...rows.flat().map((row) => plainWords(row.cells[4]!.text).length));
  const table: PaperPiece = {
    kind: 'table',
    columns: [
      { name: words.fabric, share: 2.6 },
      { name: words.strip, share: 3.5 },
      { name: words.thenSubcut, share: 5.9 },
      { name: words.size(context.sheet.unit), right: true, share: 2.3 },
      { name: words.label, share: labels > 6 ? 2.6 : 1.3 },
      { name: words.forWords, share: 1.7 },
    ],
    groups: rows,
  };
  const press = [words.pressTheFabricFoldItSelvedge, twice ? words.whereASquareIsCutTwice : ''].filter(Boolean).join(' ');
  const starched = starchWords(context.sheet, 'cut');
  return [
    ...(context.wishes.level === 'versed'
      ? []
      : [
          {
            kind: 'text',
            tone: 'quiet',
            text: starched ? [{ bold: starched }, ` ${press}`] : press,
          } as const,
        ]),
    table,
    ...(keptInWof(context) || context.wishes.level === 'versed' ? [] : [WOF]),
  ];
}

function fabricRows({ fabric, roles, strips, others }: FabricCuts, context: MonthContext): PaperRow[] {
  const { unit } = context.sheet;
  const write = (x: Rational) => formatLength(x, unit);
  const found = [
    ...likeStrips(strips).flatMap((strip) => stripRows(strip, context)),
    ...others.flatMap(({ from, rects, repeat }) => {
      const labels = [...new Set(rects.map((r) => r.label))];
      return labels.map((label, i): SubRow => {
        const same = rects.filter((r) => r.label === label);
        const { w, h } = same[0]!;
        return { from: i === 0 ? from : '', qty: same.length * repeat, label, w, h };
      });
    }),
  ];
  return found.map(({ from, before, qty, label, w, h }, i): PaperRow => {
    const cut = cutOf(label, context);
    const later = cut ? undefined : laterMonth(label, context);
    const name = cut ? `${cutPrefix(cut)}${cut.label}` : pieceTitle(label);
    const size = cut?.size ?? sizeOf(w, h, write);
    // In a row with taller pieces it lies as tall as they; what it is cut to is its own size.
    const square = cut?.square ?? w.equals(h);
    const pieces = square ? words.squares(qty) : words.rectangles(qty);
    const then = cut?.then ? `, ${cut.then}` : '';
    const use = cut ? words.forWords2(listed(cut.for)) : words.toBagFor(later?.name ?? words.later);
    return {
      ...(cut && { cut: `${cut.block}:${cut.label}` }),
      said: words.ofWords(
        i === 0 ? words.cut2(fabric.name, roles.join(', ')) : words.cut,
        saidFrom(from, before),
        pieces,
        size,
        unit,
        name,
        then,
        use,
      ),
      cells: [
        i === 0 ? fabricCell(fabric, roles, context.wishes) : { text: '' },
        { text: from },
        { text: `${beforeWords(before)}${pieces}${then}` },
        { text: size, numeral: true, ...(cut && { why: cut.why }) },
        { text: [{ bold: name }] },
        { text: cut ? cut.for.join(', ') : words.bagItFor(later?.name ?? words.later) },
      ],
    };
  });
}

const sizeOf = (w: Rational, h: Rational, write: (x: Rational) => string) => (w.equals(h) ? write(w) : by(write(w), write(h)));

/** Strips of one width that are cut into the same pieces alone, told as one kind, however many of them each gives. */
interface LikeStrips {
  strip: Strip;
  strips: number;
  /** All pieces of them, where they are told together. */
  pieces?: number;
}

function likeStrips(strips: readonly Strip[]): LikeStrips[] {
  const found: LikeStrips[] = [];
  for (const strip of strips) {
    const [first, ...others] = subCuts(strip);
    const alone = others.length === 0 && first?.rows.length === 1 && first.rows[0]!.pieces.length === 1;
    const like = found.find(
      (f) => f.pieces !== undefined && f.strip.length.equals(strip.length) && sameRects(f.strip, strip) && alone,
    );
    if (like) {
      like.strips += strip.repeat;
      like.pieces! += strip.repeat * strip.rects.length;
    } else found.push({ strip, strips: strip.repeat, ...(alone && { pieces: strip.repeat * strip.rects.length }) });
  }
  return found;
}

const sameRects = (a: Strip, b: Strip) => {
  const [p, q] = [a.rects[0]!, b.rects[0]!];
  return p.label === q.label && p.w.equals(q.w) && p.h.equals(q.h);
};

/** What is cut out of a strip, as a row says it. */
interface SubRow {
  /** '1 strip 3 7/8 in × WOF'; '' where it is the one above. */
  from: string;
  /** What comes before these pieces: the strip, or what is left of it, made narrower; or pieces cut off it that are cut down. */
  before?: { trim: string; rest: boolean } | { pieces: string; wide: string };
  qty: number;
  label: string;
  w: Rational;
  h: Rational;
}

function stripRows({ strip, strips: count, pieces: all }: LikeStrips, { sheet: { unit } }: MonthContext): SubRow[] {
  const write = (x: Rational) => `${formatLength(x, unit)} ${unit}`;
  const strips = count === 1 ? words.oneStrip : words.strips(inWords(count));
  let from = words.wof(strips, write(strip.length));
  let trimmed = '';
  const found: SubRow[] = [];
  const columns = subCuts(strip);
  const tall = columns.map(({ rows }) => rows.reduce((sum, row) => sum.add(row.length.mul(row.times)), ratio(0)));
  for (const [i, { width, times, rows, cutDown }] of columns.entries()) {
    const [only] = rows;
    const single = rows.length === 1 && only!.times === 1 && only!.pieces.length === 1 && only!.pieces[0]!.count === 1;
    let before: SubRow['before'];
    // The rest of the strip is trimmed once, where nothing that follows from it is wider.
    if (cutDown && single && tall.slice(i).every((h) => h.compare(only!.length) <= 0)) {
      const to = write(only!.length);
      if (to !== trimmed) before = { trim: to, rest: i > 0 };
      trimmed = to;
    } else if (cutDown) {
      before = { pieces: times === 1 ? words.onePiece : words.pieces(inWords(times)), wide: write(width) };
      trimmed = '';
    }
    for (const row of rows)
      for (const piece of row.pieces) {
        const qty = all ?? times * row.times * piece.count * strip.repeat;
        const last = found.at(-1);
        const [w, h] = [piece.width ?? width, row.length];
        if (last && last.label === piece.label && !from && !before) last.qty += qty;
        else found.push({ from, ...(before && { before }), qty, label: piece.label, w, h });
        from = '';
        before = undefined;
      }
  }
  return found;
}

/** What comes before the pieces of a row, as its cell says it. */
function beforeWords(before: SubRow['before']): string {
  if (!before) return '';
  if ('trim' in before) return words.trimToThen(before.rest ? words.theRest : words.it, before.trim);
  return words.fromWideCutDown(before.pieces, before.wide);
}

/** The same in a sentence, with the strip where it is a new one. */
function saidFrom(from: string, before: SubRow['before']): string {
  if (!before) return from ? words.subcut(from) : words.fromTheRestOfIt;
  if ('trim' in before) return words.toSubcut(from ? words.trimIt(from) : words.theRestOfItDown, before.trim);
  return words.wideAndCutDownTo(
    from ? words.fromItCut(from) : words.fromTheRestOfIt,
    before.pieces,
    before.wide,
    before.pieces === 'one piece' ? words.it : words.them,
  );
}

/** The cut of this month that a piece of the plan is; undefined for one of a later month. */
const cutOf = (label: string, { sheet }: MonthContext): SheetCut | undefined =>
  sheet.fabrics.flatMap((f) => f.cuts).find((cut) => cut.piece === label);

/** Own fabric has no strips that we know of: piece by piece, the largest first. */
const pieceTable = ({ sheet, wishes }: MonthContext): PaperPiece => ({
  kind: 'table',
  columns: [
    { name: words.fabric, share: 4 },
    { name: words.label, share: 1.5 },
    { name: words.howMany, right: true, share: 1.5 },
    { name: words.size(sheet.unit), right: true, share: 3 },
    { name: words.forWords, share: 3 },
  ],
  groups: cutRows(sheet, wishes),
});

/** Where the sizes of the month lie on a ruler, from the nearest mark; drawn for who wants it so. */
function rulers({ sheet, wishes }: MonthContext, shares: readonly MonthShare[]): PaperPiece[] {
  const cut = sheet.fabrics.flatMap((f) => f.cuts).filter((c) => c.qty > baggedOf(shares, c.piece));
  const sizes = new Map(cut.map((c) => [c.w.toFraction(), c.w]));
  const odd = [...sizes.values()].filter((w) => w.d !== 1n).sort((a, b) => b.compare(a));
  if (odd.length === 0 || wishes.level === 'versed') return [];
  const { unit } = sheet;
  if (wishes.rulers ?? wishes.level === 'new')
    return [
      {
        kind: 'pictures',
        pictures: odd.map((w): PaperPicture => {
          const size = formatLength(w, unit);
          return { ...rulerPicture(w, unit, words.theRulerAt(size, unit)), caption: `${size}: ${rulerWords(w, unit)}` };
        }),
      },
    ];
  const said = odd.map((w) => words.isWords(formatLength(w, unit), rulerWords(w, unit)));
  return [{ kind: 'text', tone: 'quiet', text: words.onTheRuler(said.join('; ')) }];
}

/** What is cut now and bagged for later months, each size with its label. */
function bagPieces(shares: readonly MonthShare[], { sheet, wishes }: MonthContext): PaperPiece[] {
  const bags = shares.filter((s) => s.bag.length > 0);
  if (bags.length === 0) return [];
  return [
    { kind: 'heading', level: 3, text: words.cutAndBagForLater },
    {
      kind: 'text',
      text: words.theseComeOffTheSameStrips,
    },
    {
      kind: 'table',
      columns: [
        { name: words.fabric, share: 3.2 },
        { name: words.label, share: 1.2 },
        { name: words.howMany, right: true, share: 1.3 },
        { name: words.size2, right: true, share: 2.6 },
        { name: words.forWords, share: 4 },
      ],
      groups: bags.map(({ fabric, roles, bag }) =>
        bag.map((b, i): PaperRow => ({
          cells: [
            i === 0 ? fabricCell(fabric, roles, wishes) : { text: '' },
            { text: [{ bold: pieceTitle(b.label) }] },
            { text: String(b.qty) },
            { text: sizeText(b.w, b.h, sheet.unit), numeral: true },
            { text: b.usedIn.name },
          ],
          said: words.forWords3(fabric.name, b.qty, pieceTitle(b.label), sizeText(b.w, b.h, sheet.unit), b.usedIn.name),
        })),
      ),
    },
  ];
}

/** What stays in one piece for later months. */
function wholePieces(shares: readonly MonthShare[], { sheet }: MonthContext): PaperPiece[] {
  const items = shares.flatMap((s) => keepWords(s, sheet.unit));
  if (items.length === 0) return [];
  return [
    { kind: 'heading', level: 3, text: words.keepWhole },
    { kind: 'list', ordered: false, items },
  ];
}

/** Each fabric's strips as the plan cuts them off. */
function stripPictures(fabrics: readonly FabricCuts[], context: MonthContext): PaperPiece[] {
  const { sheet, wishes } = context;
  const nameOf = ({ label }: Pick<Rect, 'label'>) => {
    const cut = cutOf(label, context);
    if (cut) return `${cutPrefix(cut)}${cut.label}`;
    const later = laterMonth(label, context);
    return later ? `${pieceTitle(label)} · ${later.name}` : pieceTitle(label);
  };
  const drawn = (
    strips: readonly Pick<Strip, 'length' | 'rects'>[],
    usableWidth: Rational,
    fabric: Fabric,
    caption: string,
  ) => ({
    ...lowered(
      stripsPicture(strips, {
        ...{ wide: 2.2, usableWidth, left: wishes.left ?? false, nameOf },
        colour: wishes.coloured === false ? WHITE : fabric.colour,
        label: words.cuttingDiagramFor(fabric.name, wishes.left ? words.leftHanded : ''),
      }),
    ),
    caption: `${fabric.name}: ${caption}`,
  });
  const pictures = fabrics.flatMap(({ fabric, strips, others }) => [
    ...(strips.length > 0 ? [drawn(strips, fabric.usableWidth, fabric, stripWords(strips, sheet.unit))] : []),
    ...others.map(({ from, w, h, rects }) => drawn([{ length: h, rects: [...rects] }], w, fabric, from)),
  ]);
  if (pictures.length === 0) return [];
  return [{ kind: 'pictures', pictures }];
}

const laterMonth = (label: string, { programme }: MonthContext): Month | undefined =>
  programme.months.find((m) => m.id === readPieceLabel(label).month);

/** 'one strip 3 7/8 in × WOF' */
function stripWords(strips: readonly Strip[], unit: LengthUnit): string {
  const counts = new Map<string, number>();
  for (const { length, repeat } of strips) {
    const wide = formatLength(length, unit);
    counts.set(wide, (counts.get(wide) ?? 0) + repeat);
  }
  return listed([...counts].map(([wide, n]) => words.wof2(n === 1 ? words.oneStrip : words.strips(inWords(n)), wide, unit)));
}

/** Pieces moved so that the first begins at the edge. */
function fromLeft(rects: readonly Rect[]): Rect[] {
  const left = rects.reduce((least, r) => (r.x.compare(least) < 0 ? r.x : least), rects[0]!.x);
  return rects.map((r) => ({ ...r, x: r.x.sub(left) }));
}

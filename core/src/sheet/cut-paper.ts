/** 'Cut', as paper: strip by strip from each fabric, what to bag and to keep, and the strips drawn. */
import { subCuts, type Rect, type Strip } from '../cutting';
import { formatLength, listed, ratio, rulerWords, type Rational, type LengthUnit } from '../measure';
import { baggedOf, formName, packetOfMonth, planPacket, wayOf, type Fabric, type Month, type MonthShare } from '../programme';
import { inWords } from './in-words';
import { keepWords, pieceName, sizeText } from './keeping';
import type { SheetCut } from './month-sheet';
import { WOF, cutPrefix, cutRows, fabricCell, keptInWof, kindOf, sharesOf, type MonthContext } from './need-paper';
import { plainWords, type PaperPicture, type PaperPiece, type PaperRow } from './paper';
import { lowered } from './unit-steps';
import { rulerPicture, stripsPicture } from './pictures';

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
    { kind: 'heading', level: 2, text: 'Cut' },
    ...(way === 'list' ? [pieceTable(context)] : stripTable(rows, context)),
    ...rulers(context, shares),
    ...bagPieces(shares, context),
    ...wholePieces(shares, context),
    ...(wishes.level === 'versed' ? [] : stripPictures(fabrics, context)),
  ];
}

/** What this month cuts of each fabric: its share of a packet, or the whole of a packet that is its own. */
function cutsOf({ programme, month, colourway, wishes }: MonthContext, shares: readonly MonthShare[]): FabricCuts[] {
  const { months } = packetOfMonth(programme, month);
  const own =
    months.length > 1
      ? []
      : planPacket(programme, { colourway, months, size: wishes.size }).fabrics.map(({ fabric, roles, plan }): FabricCuts => {
          if (!('sheets' in plan)) return { fabric, roles, strips: plan.strips, others: [] };
          const sheets = plan.sheets.map(({ length, rects, repeat }) => ({
            from: `${repeat === 1 ? 'one' : inWords(repeat)} ${formName(fabric.form, repeat)}`,
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
          from: qty === 1 ? 'the end of a strip that you kept' : `the ends of ${inWords(qty)} strips that you kept`,
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
  if (rows.length === 0) return [{ kind: 'text', text: 'Everything was cut with earlier months: take it out of its bags.' }];
  const labels = Math.max(...rows.flat().map((row) => plainWords(row.cells[4]!.text).length));
  const table: PaperPiece = {
    kind: 'table',
    columns: [
      { name: 'Fabric', share: 2.6 },
      { name: 'Strip', share: 3.5 },
      { name: 'Then subcut', share: 5.9 },
      { name: `Size, ${context.sheet.unit}`, right: true, share: 2.3 },
      { name: 'Label', share: labels > 6 ? 2.6 : 1.3 },
      { name: 'For', share: 1.7 },
    ],
    groups: rows,
  };
  return [
    ...(context.wishes.level === 'versed'
      ? []
      : [
          {
            kind: 'text',
            tone: 'quiet',
            text: 'Press the fabric, fold it selvedge to selvedge and square the end. Cut the widest strips first.',
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
    const shape = w.equals(h) ? 'square' : 'rectangle';
    const name = cut ? `${cutPrefix(cut)}${cut.label}` : pieceName(label);
    const size = cut?.size ?? sizeOf(w, h, write);
    const pieces = `${qty} ${shape}${qty === 1 ? '' : 's'}`;
    const then = cut?.then ? `, ${cut.then}` : '';
    const use = cut ? `for ${listed(cut.for)}` : `to bag for ${later?.name ?? 'later'}`;
    return {
      ...(cut && { cut: `${cut.block}:${cut.label}` }),
      said: `${i === 0 ? `${fabric.name} (${roles.join(', ')}): cut` : 'Cut'} ${saidFrom(from, before)} ${pieces} of ${size} ${unit}, ${name}${then}, ${use}.`,
      cells: [
        i === 0 ? fabricCell(fabric, roles, context.wishes) : { text: '' },
        { text: from },
        { text: `${beforeWords(before)}${pieces}${then}` },
        { text: size, numeral: true, ...(cut && { why: cut.why }) },
        { text: [{ bold: name }] },
        { text: cut ? cut.for.join(', ') : `bag it for ${later?.name ?? 'later'}` },
      ],
    };
  });
}

const sizeOf = (w: Rational, h: Rational, write: (x: Rational) => string) =>
  w.equals(h) ? write(w) : `${write(w)} by ${write(h)}`;

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
  const strips = count === 1 ? 'one strip' : `${inWords(count)} strips`;
  let from = `${strips} ${write(strip.length)} × WOF`;
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
      before = { pieces: times === 1 ? 'one piece' : `${inWords(times)} pieces`, wide: write(width) };
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
  if ('trim' in before) return `trim ${before.rest ? 'the rest' : 'it'} to ${before.trim}, then `;
  return `from ${before.pieces} ${before.wide} wide, cut down: `;
}

/** The same in a sentence, with the strip where it is a new one. */
function saidFrom(from: string, before: SubRow['before']): string {
  if (!before) return from ? `${from}; subcut` : 'from the rest of it';
  if ('trim' in before) return `${from ? `${from}; trim it` : 'the rest of it down'} to ${before.trim}; subcut`;
  return `${from ? `${from}; from it cut` : 'from the rest of it'} ${before.pieces} ${before.wide} wide, and cut ${before.pieces === 'one piece' ? 'it' : 'them'} down to`;
}

/** The cut of this month that a piece of the plan is; undefined for one of a later month. */
const cutOf = (label: string, { sheet }: MonthContext): SheetCut | undefined =>
  sheet.fabrics.flatMap((f) => f.cuts).find((cut) => cut.piece === label);

/** Own fabric has no strips that we know of: piece by piece, the largest first. */
const pieceTable = ({ sheet, wishes }: MonthContext): PaperPiece => ({
  kind: 'table',
  columns: [
    { name: 'Fabric', share: 4 },
    { name: 'Label', share: 1.5 },
    { name: 'How many', right: true, share: 1.5 },
    { name: `Size, ${sheet.unit}`, right: true, share: 3 },
    { name: 'For', share: 3 },
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
          return { ...rulerPicture(w, unit, `The ruler at ${size} ${unit}`), caption: `${size}: ${rulerWords(w, unit)}` };
        }),
      },
    ];
  const said = odd.map((w) => `${formatLength(w, unit)} is ${rulerWords(w, unit)}`);
  return [{ kind: 'text', tone: 'quiet', text: `On the ruler: ${said.join('; ')}.` }];
}

/** What is cut now and bagged for later months, each size with its label. */
function bagPieces(shares: readonly MonthShare[], { sheet, wishes }: MonthContext): PaperPiece[] {
  const bags = shares.filter((s) => s.bag.length > 0);
  if (bags.length === 0) return [];
  return [
    { kind: 'heading', level: 3, text: 'Cut and bag for later' },
    {
      kind: 'text',
      text: 'These come off the same strips. Put each kind in a bag of its own, with the label and the month on it.',
    },
    {
      kind: 'table',
      columns: [
        { name: 'Fabric', share: 3.2 },
        { name: 'Label', share: 1.2 },
        { name: 'How many', right: true, share: 1.3 },
        { name: 'Size', right: true, share: 2.6 },
        { name: 'For', share: 4 },
      ],
      groups: bags.map(({ fabric, roles, bag }) =>
        bag.map((b, i): PaperRow => ({
          cells: [
            i === 0 ? fabricCell(fabric, roles, wishes) : { text: '' },
            { text: [{ bold: pieceName(b.label) }] },
            { text: String(b.qty) },
            { text: sizeText(b.w, b.h, sheet.unit), numeral: true },
            { text: b.usedIn.name },
          ],
          said: `${fabric.name}: ${b.qty} ${pieceName(b.label)}, ${sizeText(b.w, b.h, sheet.unit)}, for ${b.usedIn.name}.`,
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
    { kind: 'heading', level: 3, text: 'Keep whole' },
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
    return later ? `${pieceName(label)} · ${later.name}` : pieceName(label);
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
        colour: wishes.coloured === false ? '#ffffff' : fabric.colour,
        label: `Cutting diagram for ${fabric.name}${wishes.left ? ', left-handed' : ''}`,
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
  programme.months.find((m) => label.startsWith(`${m.id}:`));

/** 'one strip 3 7/8 in × WOF' */
function stripWords(strips: readonly Strip[], unit: LengthUnit): string {
  const counts = new Map<string, number>();
  for (const { length, repeat } of strips) {
    const wide = formatLength(length, unit);
    counts.set(wide, (counts.get(wide) ?? 0) + repeat);
  }
  return listed([...counts].map(([wide, n]) => `${n === 1 ? 'one strip' : `${inWords(n)} strips`} ${wide} ${unit} × WOF`));
}

/** Pieces moved so that the first begins at the edge. */
function fromLeft(rects: readonly Rect[]): Rect[] {
  const left = rects.reduce((least, r) => (r.x.compare(least) < 0 ? r.x : least), rects[0]!.x);
  return rects.map((r) => ({ ...r, x: r.x.sub(left) }));
}

/** What is needed and what is cut, as paper: from the packet, the bag, or one's own fabric. */
import { formatLength, listed, type Rational } from '../measure';
import {
  baggedOf,
  castBlocks,
  finishingOf,
  formName,
  handedOf,
  monthShares,
  packetOfMonth,
  planPacket,
  poolKey,
  wayOf,
  type Colourway,
  type KitKind,
  type Month,
  type MonthShare,
  type Programme,
} from '../programme';
import type { Rect, Strip } from '../cutting';
import { finishingAmounts, yardsText, type HandedAmount } from './handed-amounts';
import { inWords } from './in-words';
import { bagText, keepWords, pieceName, sizeText, wholeText } from './keeping';
import type { MonthSheet, SheetCut } from './month-sheet';
import type { PaperCell, PaperPiece, PaperRow } from './paper';
import { rulerPicture, stripsPicture } from './pictures';
import { takenFromPools } from './pool-paper';
import type { SheetWishes } from './wishes';

/** What a month's paper is made from. */
export interface MonthContext {
  programme: Programme;
  month: Month;
  colourway: Colourway;
  sheet: MonthSheet;
  wishes: SheetWishes;
}

const kindOf = ({ programme, wishes }: MonthContext): KitKind => wishes.kind ?? programme.kits.kind;
const swatch = (colour: string, letter: string, { coloured }: SheetWishes) => ({
  colour: coloured === false ? '' : colour,
  letter,
});

/** 'You will need': fabrics with what comes with this month and what was kept, or what is in the bag, or what to bring. */
export function needPieces(context: MonthContext): PaperPiece[] {
  const { sheet } = context;
  const tools: PaperPiece = { kind: 'text', tone: 'quiet', text: `And: ${sheet.tools.join('; ')}.` };
  const taken = takenFromPools(sheet.pools);
  switch (wayOf[kindOf(context)]) {
    case 'pieces':
      return [...inTheBag(context), ...taken, tools];
    case 'list':
      return [...toBring(context), ...taken, tools];
    case 'lengths':
      return [...fromThePacket(context), ...taken, tools];
  }
}

const sharesOf = ({ programme, month, colourway, wishes }: MonthContext): MonthShare[] =>
  monthShares(programme, month, { colourway, size: wishes.size, keep: wishes.keep ?? keepIn(programme, month) });

/** What the organiser chose for the packet of that month. */
const keepIn = (programme: Programme, month: Month) =>
  programme.kits.keepWhole.has(packetOfMonth(programme, month).months[0]!.id) ? 'whole' : 'cut';

function fromThePacket(context: MonthContext): PaperPiece[] {
  const { programme, month, sheet } = context;
  const { months, at, number } = packetOfMonth(programme, month);
  const shares = sharesOf(context);
  const bundled = shares.filter((s) => s.from === 'bundle' && s.kept.length + s.bagged.length > 0);
  const others = listed(months.filter((m) => m !== month).map((m) => m.name));
  return [
    { kind: 'heading', level: 2, text: 'You will need' },
    ...(at > 0
      ? [
          {
            kind: 'text',
            text: [`From `, { bold: `packet ${number}` }, `, which you started with ${months[0]!.name}:`],
          } as const,
          ...keptTable(
            context,
            shares.filter((s) => s.from === 'packet'),
          ),
        ]
      : [
          ...(months.length > 1
            ? [
                {
                  kind: 'text',
                  text: `Packet ${number} is for ${month.name} and for ${others}. Cut only what this sheet says: the rest is needed later.`,
                } as const,
              ]
            : []),
          ...(sheet.handed.length > 0 ? [amountTable(sheet.handed, context)] : []),
        ]),
    ...(bundled.length > 0
      ? [{ kind: 'text', text: ['From your ', { bold: 'bundle' }, ':'] } as const, ...keptTable(context, bundled)]
      : []),
    ...(at > 0 ? finishingTable(context) : []),
  ];
}

const FABRIC_COLUMN = { name: 'Fabric', share: 4 };

function amountTable(amounts: readonly HandedAmount[], { sheet, wishes }: MonthContext): PaperPiece {
  return {
    kind: 'table',
    columns: [
      FABRIC_COLUMN,
      { name: 'Number', share: 2 },
      { name: `Length, ${sheet.unit}`, right: true, share: 2.4 },
      { name: 'Ask for', right: true, share: 2 },
    ],
    groups: [
      amounts.map((f): PaperRow => ({
        cells: [
          {
            text: f.use && f.amount ? `${f.name} (${f.use})` : f.name,
            // What everybody finds has no colour to show.
            ...(f.amount && { swatch: swatch(f.colour, f.roles.join(' '), wishes) }),
          },
          { text: f.sku },
          { text: f.length },
          { text: f.amount, numeral: true },
        ],
      })),
    ],
  };
}

/** Backing and wadding that come with this month, where the rest of its packet came before. */
function finishingTable(context: MonthContext): PaperPiece[] {
  const { programme, month, colourway, wishes } = context;
  const own = finishingOf(programme, { colourway, months: [month], size: wishes.size });
  const amounts = finishingAmounts(programme, own);
  return amounts.length > 0 ? [amountTable(amounts, context)] : [];
}

/** What earlier months kept for this one: whole, with the size to check, and bagged with its label. */
function keptTable({ month, sheet, wishes }: MonthContext, shares: readonly MonthShare[]): PaperPiece[] {
  const rows = shares.flatMap((share): PaperRow[] => {
    const whole = share.kept.filter((k) => k.usedIn === month).map((k) => wholeText(k, share, sheet.unit));
    const bagged = share.bagged.map((b) => `already cut with ${b.cutIn.name}: ${bagText(b, sheet.unit)}`);
    const text = [...whole, ...bagged].join('; ');
    if (!text) return [];
    const { fabric, roles } = share;
    return [{ cells: [fabricCell(fabric, roles, wishes), { text, numeral: true }] }];
  });
  const columns = [
    { name: 'Fabric', share: 2 },
    { name: 'You kept', share: 5 },
  ];
  const wof = shares.some((s) => s.kept.some((k) => k.usedIn === month && k.of === 'length'));
  return rows.length > 0 ? [{ kind: 'table', columns, groups: [rows] }, ...(wof ? [WOF] : [])] : [];
}

/** Said once, wherever it is used. */
const WOF: PaperPiece = { kind: 'text', tone: 'quiet', text: 'WOF is the width of the fabric, selvedge to selvedge.' };

const fabricCell = (
  { name, colour }: Pick<MonthShare['fabric'], 'name' | 'colour'>,
  roles: readonly string[],
  wishes: SheetWishes,
): PaperCell => ({ text: name, swatch: swatch(colour, roles.join(' '), wishes) });

function inTheBag(context: MonthContext): PaperPiece[] {
  const { sheet, wishes } = context;
  return [
    { kind: 'heading', level: 2, text: 'In your bag' },
    { kind: 'text', text: 'The pieces are cut. Count them before you begin, and lay them in piles with their labels.' },
    {
      kind: 'table',
      columns: [
        FABRIC_COLUMN,
        { name: 'Piece', share: 1.5 },
        { name: 'How many', right: true, share: 1.5 },
        { name: `Size, ${sheet.unit}`, right: true, share: 3 },
        { name: 'For', share: 3 },
      ],
      groups: cutRows(sheet, wishes),
    },
    ...finishingTable(context),
  ];
}

/** A row for each cut, fabric by fabric; `more` adds a cell before what it is for, `qtyOf` says how many are cut now. */
function cutRows(
  { fabrics }: MonthSheet,
  wishes: SheetWishes,
  more?: (cut: SheetCut) => PaperCell,
  qtyOf: (cut: SheetCut) => number = (cut) => cut.qty,
): PaperRow[][] {
  return fabrics.flatMap((f) => {
    const cuts = f.cuts.filter((cut) => qtyOf(cut) > 0);
    if (cuts.length === 0) return [];
    return [
      cuts.map((cut, i) => ({
        cut: `${cut.block}:${cut.label}`,
        cells: [
          i === 0 ? { text: f.name, swatch: swatch(f.colour, f.roles.join(' '), wishes) } : { text: '' },
          { text: [{ bold: `${cutPrefix(cut)}${cut.label}` }] },
          { text: String(qtyOf(cut)) },
          { text: cut.size, numeral: true, why: cut.why },
          ...(more ? [more(cut)] : []),
          { text: [cut.for.join(', '), cut.then].filter(Boolean).join('; ') },
        ],
      })),
    ];
  });
}

/** The number of the block where there are several, or P for what is cut for pools. */
const cutPrefix = ({ number, block }: SheetCut): string =>
  block.startsWith(poolKey()) ? 'P·' : number === undefined ? '' : `${number}·`;

function toBring(context: MonthContext): PaperPiece[] {
  const { programme, month, colourway, sheet, wishes } = context;
  const gets = handedOf(programme, { colourway, months: [month], size: wishes.size, kind: 'list' });
  if (gets.way !== 'list') return [];
  return [
    { kind: 'heading', level: 2, text: 'What to bring' },
    {
      kind: 'table',
      columns: [
        { name: 'Fabric', share: 3 },
        { name: 'From the bolt', right: true, share: 2 },
        { name: 'Or fat quarters', right: true, share: 2 },
        { name: `Or scraps no smaller than, ${sheet.unit}`, share: 5 },
      ],
      groups: [
        gets.own.map(({ fabric, roles, yardage, fatQuarters, scraps }) => ({
          cells: [
            { text: fabric.name, swatch: swatch(fabric.colour, roles.join(' '), wishes) },
            { text: yardage ? yardsText(yardage, sheet.unit) : 'no: a piece is wider', numeral: true },
            { text: fatQuarters === undefined ? 'no: a piece is larger' : String(fatQuarters) },
            {
              text: scraps
                .map((s) => `${s.qty} × ${formatLength(s.w, sheet.unit)} by ${formatLength(s.h, sheet.unit)}`)
                .join('; '),
            },
          ],
        })),
      ],
    },
    ...finishingTable(context),
  ];
}

/** 'Cut': by fabric, the largest first, with rulers where they are wanted, what to bag and to keep, and strips drawn. Nothing for a kit that is cut. */
export function cutPieces(context: MonthContext): PaperPiece[] {
  const { sheet, wishes } = context;
  const way = wayOf[kindOf(context)];
  if (way === 'pieces') return [];
  const rulers = wishes.rulers ?? wishes.level === 'new';
  const shares = way === 'lengths' ? sharesOf(context) : [];
  const now = (cut: SheetCut) => cut.qty - baggedOf(shares, cut.piece);
  const rows = cutRows(
    sheet,
    wishes,
    (cut) => ({
      text: cut.ruler,
      ...(rulers && { picture: rulerPicture(cut.w, sheet.unit, `The ruler at ${cut.size.split(' by ')[0]}`) }),
    }),
    now,
  );
  const table: PaperPiece = {
    kind: 'table',
    columns: [
      { name: 'Fabric', share: 3.2 },
      { name: 'Cut', share: 1.2 },
      { name: 'How many', right: true, share: 1.3 },
      { name: `Size, ${sheet.unit}`, right: true, share: 2.6 },
      { name: 'On the ruler', share: 3 },
      { name: 'For', share: 3 },
    ],
    groups: rows,
  };
  return [
    { kind: 'heading', level: 2, text: 'Cut' },
    ...(rows.length > 0
      ? [{ kind: 'text', tone: 'quiet', text: 'From each fabric, the largest first.' } as const, table]
      : [{ kind: 'text', text: 'Everything was cut with earlier months: take it out of its bags.' } as const]),
    ...bagPieces(shares, context),
    ...wholePieces(shares, context),
    ...stripPieces(context, shares),
  ];
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
    ...(shares.some((s) => s.keep.some((k) => k.of === 'length')) ? [WOF] : []),
  ];
}

/** Each fabric's strips as the packet's plan cuts them off; left out for somebody versed. */
function stripPieces(context: MonthContext, shares: readonly MonthShare[]): PaperPiece[] {
  const { programme, month, colourway, sheet, wishes } = context;
  if (wishes.level === 'versed' || wayOf[kindOf(context)] === 'list') return [];
  const { months } = packetOfMonth(programme, month);
  const later = (label: string) => shares.find((s) => s.bag.some((b) => b.label === label))?.bag.find((b) => b.label === label);
  const nameOf = (rect: Pick<Rect, 'label'>) => {
    const bag = later(rect.label);
    return bag ? `${pieceName(rect.label)} · ${bag.usedIn.name.split(',')[0]}` : pieceName(rect.label);
  };
  const drawn = (
    strips: readonly Pick<Strip, 'length' | 'rects'>[],
    usableWidth: Rational,
    fabric: MonthShare['fabric'],
    caption: string,
  ) => ({
    ...stripsPicture(strips, {
      ...{ wide: 3.3, usableWidth, left: wishes.left ?? false, nameOf },
      colour: wishes.coloured === false ? '#ffffff' : fabric.colour,
      label: `How ${fabric.name} is cut`,
    }),
    caption: `${fabric.name}: ${caption}`,
  });
  const stripWords = (strips: readonly Strip[]) => {
    const each = strips.map((s) => `${s.repeat > 1 ? `${s.repeat} × ` : ''}${formatLength(s.length, sheet.unit)}`).join(', ');
    return `${strips.length === 1 && strips[0]!.repeat === 1 ? 'a strip' : 'strips'} of ${each}`;
  };
  const whole =
    months.length > 1
      ? []
      : planPacket(programme, { colourway, months, size: wishes.size }).fabrics.map(({ fabric, plan }) =>
          'sheets' in plan
            ? drawn(plan.sheets, plan.usableWidth, fabric, 'one after the other')
            : drawn(plan.strips, plan.usableWidth, fabric, stripWords(plan.strips)),
        );
  const shared = shares.flatMap(({ fabric, strips, sheets, opened }) => [
    ...(strips.length > 0 ? [drawn(strips, fabric.usableWidth, fabric, `cut off ${stripWords(strips)}`)] : []),
    ...opened.map(({ w, h, rects }) =>
      drawn([{ length: h, rects: fromLeft(rects) }], w, fabric, 'from the end of a strip that you kept'),
    ),
    ...sheets.map(({ sheet: number, rects }) =>
      drawn([{ length: fabric.usableLength!, rects }], fabric.usableWidth, fabric, `${formName(fabric.form, 1)} ${number}`),
    ),
  ]);
  const pictures = [...whole, ...shared];
  if (pictures.length === 0) return [];
  return [
    { kind: 'heading', level: 3, text: `One way to cut it${wishes.left ? ', for left hands' : ''}` },
    { kind: 'pictures', pictures },
  ];
}

/** Pieces moved so that the first begins at the edge. */
function fromLeft(rects: readonly Rect[]): Rect[] {
  const left = rects.reduce((least, r) => (r.x.compare(least) < 0 ? r.x : least), rects[0]!.x);
  return rects.map((r) => ({ ...r, x: r.x.sub(left) }));
}

/** Whether a month's blocks are scrappy in a colourway, and how many ways each is laid. */
export function scrappyWords({ programme, month, colourway, sheet, wishes }: MonthContext): string {
  const ways = month.blocks.flatMap((entry) => castBlocks(programme, colourway, entry, wishes.size)?.length ?? []);
  const several = ways.filter((n) => n > 1);
  return [
    ...(several.length > 0
      ? [`The blocks are scrappy: they are laid in ${inWords(Math.max(...several))} ways, each told by itself.`]
      : []),
    ...(sheet.pools.length > 0
      ? ['Scrappy units are not named one by one: they come out of a pool, and any of its units will do.']
      : []),
  ].join(' ');
}

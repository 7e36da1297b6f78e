/** What is needed and what is cut, as paper: from the packet, the bag, or one's own fabric. */
import { formatLength, listed, soldText } from '../measure';
import {
  castBlocks,
  finishingOf,
  handedOf,
  monthInWords,
  monthShares,
  packetOfMonth,
  isPoolKey,
  wayOf,
  type Colourway,
  type KitKind,
  type Month,
  type MonthShare,
  type Programme,
} from '../programme';
import { finishingAmounts, type HandedAmount } from './handed-amounts';
import { inWords } from './in-words';
import { bagText, wholeText } from './keeping';
import type { MonthSheet, SheetCut } from './month-sheet';
import type { PaperCell, PaperPiece, PaperRow } from './paper';
import { takenFromPools } from './pool-paper';
import { starchWords, toolWords } from './tools';
import type { SheetWishes } from './wishes';
import { swatchOf } from './swatch';
import { words } from './words/need-paper';

/** What a month's paper is made from. */
export interface MonthContext {
  programme: Programme;
  month: Month;
  colourway: Colourway;
  sheet: MonthSheet;
  wishes: SheetWishes;
}

export const kindOf = ({ programme, wishes }: MonthContext): KitKind => wishes.kind ?? programme.kits.kind;

/** 'You will need': fabrics with what comes with this month and what was kept, or what is in the bag, or what to bring. */
export function needPieces(context: MonthContext): PaperPiece[] {
  const { sheet } = context;
  const tools: PaperPiece = {
    kind: 'text',
    tone: 'quiet',
    text: toolWords(context.wishes.level === 'versed' ? { ...sheet, helps: [] } : sheet),
  };
  const taken = takenFromPools(sheet.pools);
  const starched = starchWords(sheet, 'sew');
  switch (wayOf[kindOf(context)]) {
    case 'pieces':
      return [...inTheBag(context), ...taken, tools, ...(starched ? [{ kind: 'text', text: starched } as const] : [])];
    case 'list':
      return [...toBring(context), ...taken, tools];
    case 'lengths':
      return [...fromThePacket(context), ...taken, tools];
  }
}

export const sharesOf = ({ programme, month, colourway, wishes }: MonthContext): MonthShare[] =>
  monthShares(programme, month, { colourway, size: wishes.size, keep: wishes.keep ?? keepIn(programme, month) });

/** What the organiser chose for the packet of that month. */
const keepIn = (programme: Programme, month: Month) =>
  programme.kits.keepWhole.has(packetOfMonth(programme, month).months[0]!.id) ? 'whole' : 'cut';

function fromThePacket(context: MonthContext): PaperPiece[] {
  const { programme, month, sheet } = context;
  const { months, at, number } = packetOfMonth(programme, month);
  const shares = sharesOf(context);
  const bundled = keptTable(
    context,
    shares.filter((s) => s.from === 'bundle'),
  );
  const others = listed(months.filter((m) => m !== month).map(monthInWords));
  return [
    { kind: 'heading', level: 2, text: words.youWillNeed },
    ...(at > 0
      ? [
          {
            kind: 'text',
            text: [words.from, { bold: words.packet(number) }, words.whichYouStartedWith(monthInWords(months[0]!))],
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
                  text: words.packetHoldsYourFabricForAnd(number, monthInWords(month), others),
                } as const,
              ]
            : []),
          ...(sheet.handed.length > 0 ? [amountTable(sheet.handed, context)] : []),
        ]),
    ...(bundled.length > 0 ? [{ kind: 'text', text: [words.fromYour, { bold: words.bundle }, ':'] } as const, ...bundled] : []),
    ...(at > 0 ? finishingTable(context) : []),
  ];
}

const FABRIC_COLUMN = {
  get name() {
    return words.fabric;
  },
  share: 4,
};

function amountTable(amounts: readonly HandedAmount[], { sheet, wishes }: MonthContext): PaperPiece {
  return {
    kind: 'table',
    columns: [
      FABRIC_COLUMN,
      { name: words.number, share: 2 },
      { name: words.length(sheet.unit), right: true, share: 2.4 },
      { name: words.amount, right: true, share: 2 },
    ],
    groups: [
      amounts.map((f): PaperRow => ({
        cells: [
          {
            text: f.use && f.amount ? `${f.name} (${f.use})` : f.name,
            // What everybody finds has no colour to show.
            ...(f.amount && { swatch: swatchOf(f.colour, f.roles.join(' '), wishes) }),
          },
          { text: f.sku },
          { text: f.length },
          { text: f.amount, numeral: true },
        ],
        said: `${f.name}${f.roles.length > 0 ? ` (${f.roles.join(', ')})` : ''}${f.use ? `, ${f.use}` : ''}: ${f.amount ? `${f.amount}, ` : ''}${f.length} ${sheet.unit}${f.sku ? words.number2(f.sku) : ''}.`,
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
    const bagged = share.bagged.map((b) => words.alreadyCutWith(b.cutIn.name, bagText(b, sheet.unit)));
    const text = [...whole, ...bagged].join('; ');
    if (!text) return [];
    const { fabric, roles } = share;
    return [
      {
        cells: [fabricCell(fabric, roles, wishes), { text, numeral: true }],
        said: words.youKept(fabric.name, roles.join(', '), text),
      },
    ];
  });
  const columns = [
    { name: words.fabric, share: 2 },
    { name: words.youKept2, share: 5 },
  ];
  const wof = shares.some((s) => s.kept.some((k) => k.usedIn === month && k.of === 'length'));
  return rows.length > 0 ? [{ kind: 'table', columns, groups: [rows] }, ...(wof ? [WOF] : [])] : [];
}

/** Whether what was kept for the month is told by the width of the fabric. */
export function keptInWof(context: MonthContext): boolean {
  const { programme, month } = context;
  if (wayOf[kindOf(context)] !== 'lengths' || packetOfMonth(programme, month).at === 0) return false;
  return sharesOf(context).some((s) => s.kept.some((k) => k.usedIn === month && k.of === 'length'));
}

/** Said once, where it is first used. */
export const WOF: PaperPiece = {
  kind: 'text',
  tone: 'quiet',
  get text() {
    return words.wofIsTheWidthOfThe;
  },
};

export const fabricCell = (
  { name, colour }: Pick<MonthShare['fabric'], 'name' | 'colour'>,
  roles: readonly string[],
  wishes: SheetWishes,
): PaperCell => ({ text: name, swatch: swatchOf(colour, roles.join(' '), wishes) });

function inTheBag(context: MonthContext): PaperPiece[] {
  const { sheet, wishes } = context;
  return [
    { kind: 'heading', level: 2, text: words.inYourBag },
    { kind: 'text', text: words.thePiecesAreCutCountThem },
    {
      kind: 'table',
      columns: [
        FABRIC_COLUMN,
        { name: words.piece, share: 1.5 },
        { name: words.howMany, right: true, share: 1.5 },
        { name: words.size(sheet.unit), right: true, share: 3 },
        { name: words.forWords, share: 3 },
      ],
      groups: cutRows(sheet, wishes),
    },
    ...finishingTable(context),
  ];
}

/** A row for each cut, fabric by fabric. */
export function cutRows({ fabrics }: MonthSheet, wishes: SheetWishes): PaperRow[][] {
  return fabrics.flatMap((f) => {
    const { cuts } = f;
    if (cuts.length === 0) return [];
    return [
      cuts.map((cut, i) => ({
        cut: `${cut.block}:${cut.label}`,
        said: words.forWords2(
          f.name,
          f.roles.join(', '),
          cut.qty,
          cutPrefix(cut),
          cut.label,
          cut.size,
          cut.then ? `, ${cut.then}` : '',
          listed(cut.for),
        ),
        cells: [
          i === 0 ? { text: f.name, swatch: swatchOf(f.colour, f.roles.join(' '), wishes) } : { text: '' },
          { text: [{ bold: `${cutPrefix(cut)}${cut.label}` }] },
          { text: String(cut.qty) },
          { text: cut.size, numeral: true, why: cut.why },
          { text: [cut.for.join(', '), cut.then].filter(Boolean).join('; ') },
        ],
      })),
    ];
  });
}

/** The number of the block where there are several, or P for what is cut for pools. */
export const cutPrefix = ({ number, block }: SheetCut): string =>
  isPoolKey(block) ? 'P·' : number === undefined ? '' : `${number}·`;

function toBring(context: MonthContext): PaperPiece[] {
  const { programme, month, colourway, sheet, wishes } = context;
  const gets = handedOf(programme, { colourway, months: [month], size: wishes.size, kind: 'list' });
  if (gets.way !== 'list') return [];
  return [
    { kind: 'heading', level: 2, text: words.whatToBring },
    {
      kind: 'table',
      columns: [
        { name: words.fabric, share: 3 },
        { name: words.fromTheBolt, right: true, share: 2 },
        { name: words.orFatQuarters, right: true, share: 2 },
        { name: words.orScrapsNoSmallerThan(sheet.unit), share: 5 },
      ],
      groups: [
        gets.own.map(({ fabric, roles, yardage, fatQuarters, scraps }) => ({
          cells: [
            { text: fabric.name, swatch: swatchOf(fabric.colour, roles.join(' '), wishes) },
            { text: yardage ? soldText(yardage, programme.house) : words.noAPieceIsWider, numeral: true },
            { text: fatQuarters === undefined ? words.noAPieceIsLarger : String(fatQuarters) },
            {
              text: scraps
                .map((s) => words.byWords(s.qty, formatLength(s.w, sheet.unit), formatLength(s.h, sheet.unit)))
                .join('; '),
            },
          ],
        })),
      ],
    },
    ...finishingTable(context),
  ];
}

/** Whether a month's blocks are scrappy in a colourway, and how many ways each is laid. */
export function scrappyWords({ programme, month, colourway, sheet, wishes }: MonthContext): string {
  const ways = month.blocks.flatMap((entry) => castBlocks(programme, colourway, entry, wishes.size)?.length ?? []);
  const several = ways.filter((n) => n > 1);
  return [
    ...(several.length > 0 ? [words.thisBlockIsScrappyItIs(inWords(Math.max(...several)))] : []),
    ...(sheet.pools.length > 0 ? [words.scrappyUnitsAreNotNamedOne] : []),
  ].join(' ');
}

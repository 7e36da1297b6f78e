/** What is needed and what is cut, as paper: from the packet, the bag, or one's own cloth. */
import { formatLength, formatYardage, listed, type Rational } from '../measure';
import {
  castBlocks,
  formName,
  ownCloth,
  planCutting,
  planPacket,
  type Colourway,
  type Month,
  type PacketPlan,
  type Programme,
} from '../programme';
import { inWords } from './in-words';
import type { MonthSheet, SheetCut } from './month-sheet';
import type { PaperCell, PaperPiece, PaperRow } from './paper';
import { rulerPicture, stripsPicture } from './pictures';
import type { SheetWishes } from './wishes';

interface Context {
  programme: Programme;
  month: Month;
  colourway: Colourway;
  sheet: MonthSheet;
  wishes: SheetWishes;
}

const yards = (length: Rational, unit: 'in' | 'cm') => `${formatYardage(length, unit)} ${unit === 'in' ? 'yd' : 'm'}`;
const swatch = (colour: string, letter: string, { coloured }: SheetWishes) => ({
  colour: coloured === false ? '' : colour,
  letter,
});

/** 'What you need': fabrics with what to ask for, or what is in the bag, or what to bring. */
export function needPieces(context: Context): PaperPiece[] {
  const { programme, sheet, wishes } = context;
  const kind = wishes.kind ?? programme.kits.kind;
  const tools: PaperPiece = { kind: 'text', tone: 'quiet', text: `And: ${sheet.tools.join('; ')}.` };
  if (kind === 'pre-cut' || kind === 'die-cut') return [...inTheBag(context), tools];
  if (kind === 'list') return [...toBring(context), tools];
  return [...fromThePacket(context), tools];
}

function fromThePacket(context: Context): PaperPiece[] {
  const { month, sheet, wishes } = context;
  const heading: PaperPiece = { kind: 'heading', level: 2, text: 'What you need' };
  const table = (
    rows: { roles: string[]; name: string; sku: string; colour: string; length: string; ask: string }[],
  ): PaperPiece => ({
    kind: 'table',
    columns: [
      { name: 'Fabric', share: 4 },
      { name: 'Number', share: 2 },
      { name: `Length, ${sheet.unit}`, right: true, share: 2 },
      { name: 'Ask for', right: true, share: 2 },
    ],
    groups: [
      rows.map((f): PaperRow => ({
        cells: [
          { text: f.name, swatch: swatch(f.colour, f.roles.join(' '), wishes) },
          { text: f.sku },
          { text: f.length },
          { text: f.ask, numeral: true },
        ],
      })),
    ],
  });
  const packet = packetOf(context);
  if (!packet) return [heading, table(sheet.fabrics.map((f) => ({ ...f, ask: f.amount })))];
  const { plan, at, number } = packet;
  const others = listed(plan.months.filter((m) => m !== month).map((m) => m.name));
  const bundled = plan.bundled.length > 0 ? ` ${listed(plan.bundled.map((f) => f.name))} come from your bundle.` : '';
  if (at > 0) {
    const saved = savedTable(context, plan, at);
    const text = `Everything is in packet ${number}, which you had with ${plan.months[0]!.name}.${bundled}`;
    return [heading, { kind: 'text', text }, ...(saved ? [saved] : [])];
  }
  return [
    heading,
    {
      kind: 'text',
      text: `Packet ${number} is for ${month.name} and for ${others}: do not cut up what is to be kept.${bundled}`,
    },
    table(
      plan.fabrics.map(({ fabric, roles, plan: cloth }) => ({
        ...{ roles, name: fabric.name, sku: fabric.sku, colour: fabric.colour },
        length: 'sheets' in cloth ? '' : formatLength(cloth.lengthToBuy, sheet.unit),
        ask:
          'sheets' in cloth
            ? `${cloth.sheetsNeeded} ${formName(fabric.form, cloth.sheetsNeeded)}`
            : yards(cloth.lengthToBuy, sheet.unit),
      })),
    ),
  ];
}

/** The packet that holds this month and others; undefined where it stands alone. */
function packetOf({
  programme,
  month,
  colourway,
  wishes,
}: Context): { plan: PacketPlan; at: number; number: number } | undefined {
  const number = programme.kits.packets.findIndex((months) => months.includes(month));
  const months = programme.kits.packets[number];
  if (!months || months.length < 2) return undefined;
  return {
    plan: planPacket(programme, { colourway, months, size: wishes.size }),
    at: months.indexOf(month),
    number: number + 1,
  };
}

const pieceName = (label: string) => label.split(':').at(-1)!;

/** What earlier months of the packet have cut and put by for this one. */
function savedTable({ wishes }: Context, plan: PacketPlan, at: number): PaperPiece | undefined {
  const rows = plan.fabrics.flatMap(({ fabric, roles, stages }): PaperRow[] => {
    const saved = stages?.[at]?.saved ?? [];
    if (saved.length === 0) return [];
    const text = saved.map((p) => `${p.qty} ${pieceName(p.label)}`).join(', ');
    return [
      {
        cells: [
          { text: fabric.name, swatch: swatch(fabric.colour, roles.join(' '), wishes) },
          { text, numeral: true },
        ],
      },
    ];
  });
  if (rows.length === 0) return undefined;
  const columns = [
    { name: 'Fabric', share: 2 },
    { name: 'Cut already and saved with this month’s label', share: 5 },
  ];
  return { kind: 'table', columns, groups: [rows] };
}

function inTheBag({ sheet, wishes }: Context): PaperPiece[] {
  return [
    { kind: 'heading', level: 2, text: 'In your bag' },
    { kind: 'text', text: 'The pieces are cut. Count them before you begin, and lay them in piles with their labels.' },
    {
      kind: 'table',
      columns: [
        { name: 'Fabric', share: 4 },
        { name: 'Piece', share: 1.5 },
        { name: 'How many', right: true, share: 1.5 },
        { name: `Size, ${sheet.unit}`, right: true, share: 3 },
        { name: 'For', share: 3 },
      ],
      groups: cutRows(sheet, wishes),
    },
  ];
}

/** A row for each cut, fabric by fabric; `more` adds a cell before what it is for. */
function cutRows({ fabrics }: MonthSheet, wishes: SheetWishes, more?: (cut: SheetCut) => PaperCell): PaperRow[][] {
  return fabrics.map((f) =>
    f.cuts.map((cut, i) => ({
      cut: `${cut.block}:${cut.label}`,
      cells: [
        i === 0 ? { text: f.name, swatch: swatch(f.colour, f.roles.join(' '), wishes) } : { text: '' },
        { text: [{ bold: `${cut.number === undefined ? '' : `${cut.number}·`}${cut.label}` }] },
        { text: String(cut.qty) },
        { text: cut.size, numeral: true, why: cut.why },
        ...(more ? [more(cut)] : []),
        { text: [cut.for.join(', '), cut.then].filter(Boolean).join('; ') },
      ],
    })),
  );
}

function toBring({ programme, month, colourway, sheet, wishes }: Context): PaperPiece[] {
  const own = ownCloth(programme, { colourway, months: [month], size: wishes.size });
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
        own.map(({ fabric, roles, yardage, fatQuarters, scraps }) => ({
          cells: [
            { text: fabric.name, swatch: swatch(fabric.colour, roles.join(' '), wishes) },
            { text: yardage ? yards(yardage, sheet.unit) : 'no: a piece is wider', numeral: true },
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
  ];
}

/** 'Cut': by fabric, the largest first, with rulers where they are wanted, what to save, and strips drawn. Nothing for a kit that is cut. */
export function cutPieces(context: Context): PaperPiece[] {
  const { programme, sheet, wishes } = context;
  const kind = wishes.kind ?? programme.kits.kind;
  if (kind === 'pre-cut' || kind === 'die-cut') return [];
  const rulers = wishes.rulers ?? wishes.level === 'new';
  return [
    { kind: 'heading', level: 2, text: 'Cut' },
    { kind: 'text', tone: 'quiet', text: 'From each fabric, the largest first.' },
    {
      kind: 'table',
      columns: [
        { name: 'Fabric', share: 3.2 },
        { name: 'Cut', share: 1.2 },
        { name: 'How many', right: true, share: 1.3 },
        { name: `Size, ${sheet.unit}`, right: true, share: 2.6 },
        { name: 'On the ruler', share: 3 },
        { name: 'For', share: 3 },
      ],
      groups: cutRows(sheet, wishes, (cut) => ({
        text: cut.ruler,
        ...(rulers && { picture: rulerPicture(cut.w, sheet.unit, `The ruler at ${cut.size.split(' by ')[0]}`) }),
      })),
    },
    ...toSave(context),
    ...stripPieces(context),
  ];
}

/** What a packet of several months cuts now and saves, and what of it stays whole. */
function toSave(context: Context): PaperPiece[] {
  const packet = packetOf(context);
  if (!packet) return [];
  const { plan, at } = packet;
  const { unit } = context.sheet;
  const lines = plan.fabrics.flatMap(({ fabric, stages }) => {
    const stage = stages?.[at];
    if (!stage) return [];
    const save = stage.save.map((p) => `${p.qty} ${pieceName(p.label)} for ${plan.months[p.stage]!.name}`);
    return [
      ...(save.length > 0 ? [`${fabric.name}: cut now and save, each with its label pinned on, ${listed(save)}.`] : []),
      ...(stage.whole.compare(0) > 0
        ? [`${fabric.name}: keep at least ${formatLength(stage.whole, unit)} ${unit} of its length whole.`]
        : []),
    ];
  });
  if (lines.length === 0) return [];
  return [
    { kind: 'heading', level: 3, text: 'Save for later' },
    { kind: 'list', ordered: false, items: lines },
  ];
}

/** Each fabric's strips as they are cut off; left out for somebody versed. */
function stripPieces({ programme, month, colourway, sheet, wishes }: Context): PaperPiece[] {
  if (wishes.level === 'versed' || (wishes.kind ?? programme.kits.kind) === 'list') return [];
  const { fabrics } = planCutting(programme, { colourway, months: [month], basis: 'kit', participants: 1, size: wishes.size });
  const pictures = fabrics.map(({ fabric, plan }) => {
    const strips = 'sheets' in plan ? plan.sheets : plan.strips;
    const each = strips.map((s) => `${s.repeat > 1 ? `${s.repeat} × ` : ''}${formatLength(s.length, sheet.unit)}`).join(', ');
    const what = 'sheets' in plan ? 'one after the other' : `${strips.length === 1 ? 'a strip' : 'strips'} of ${each}`;
    return {
      ...stripsPicture(strips, {
        ...{ wide: 3.3, usableWidth: plan.usableWidth, left: wishes.left ?? false },
        colour: wishes.coloured === false ? '#ffffff' : fabric.colour,
        nameOf: (rect) => pieceName(rect.label),
        label: `How ${fabric.name} is cut`,
      }),
      caption: `${fabric.name}: ${what}`,
    };
  });
  if (pictures.length === 0) return [];
  return [
    { kind: 'heading', level: 3, text: `One way to cut it${wishes.left ? ', for left hands' : ''}` },
    { kind: 'pictures', pictures },
  ];
}

/** Whether a month's blocks are scrappy in a colourway, and how many ways each is laid. */
export function scrappyWords({ programme, month, colourway, wishes }: Context): string {
  const ways = month.blocks.flatMap((entry) => castBlocks(programme, colourway, entry, wishes.size)?.length ?? []);
  const several = ways.filter((n) => n > 1);
  if (several.length === 0) return '';
  return `The blocks are scrappy: they are laid in ${inWords(Math.max(...several))} ways, each told by itself.`;
}

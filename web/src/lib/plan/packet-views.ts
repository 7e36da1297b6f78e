/** Packets as their page shows them: what one participant is handed, drawn as it is cut month by month. */
import { subCuts } from '@aggrega/core/cutting';
import { formatLength, soldText, type Rational } from '@aggrega/core/measure';
import {
  formName,
  handedOf,
  handsOut,
  monthShares,
  pieceTitle,
  readPieceLabel,
  type Colourway,
  type Handed,
  type KitKind,
  type Month,
  type MonthShare,
  type PacketFabric,
  type Programme,
  type SizeOption,
} from '@aggrega/core/programme';
import { bagText, finishingAmounts, wholeText } from '@aggrega/core/sheet';
import { words } from './words';

export interface PacketStrip {
  month: number;
  repeat: number;
  length: string;
  tall: number;
  /** `later`: the month, from 0 in the packet, that it is saved for. */
  rects: { x: number; y: number; w: number; h: number; name: string; later?: number }[];
  how: string[];
}

export interface PacketFabricView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  ask: string;
  wide: number;
  /** In the order in which they are cut off. */
  strips: PacketStrip[];
  /** What each month cuts and bags for later ones, finds cut, and leaves whole. */
  months: { save: string[]; saved: string[]; whole: string[] }[];
  /** What the rounding of the shop leaves beyond the plan. */
  reserve: string;
  reserveTall: number;
}

/** What a participant brings who brings her own. */
export interface OwnClothView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  yardage: string;
  fatQuarters: string;
  /** '4 × 3 1/2' */
  scraps: string[];
}

/** Pieces of one fabric that the shop cuts for a kit. */
export interface BagView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  count: number;
  /** '4 × 3 1/2 (A1)' */
  pieces: string[];
}

export interface PacketView {
  number: number;
  months: string[];
  way: Handed['way'];
  /** Lengths, drawn as they are cut month by month; none where the shop cuts the pieces, or nothing is handed out. */
  fabrics: PacketFabricView[];
  bundled: string[];
  bag: BagView[];
  own: OwnClothView[];
  /** 'Backing: 4 1/4 yd of Frosted Pane'. */
  finishing: string[];
}

/** Every packet with a drawn month, of one kit of that kind. Throws PlanError. */
export function packetViews(
  programme: Programme,
  colourwayId: string,
  sizeId: string | undefined,
  kind: KitKind = programme.kits.kind,
): PacketView[] {
  const colourway = programme.colourways.find((c) => c.id === colourwayId) ?? programme.colourways[0]!;
  const size = programme.sizes.find((s) => s.id === sizeId);
  return programme.kits.packets.flatMap((months, i): PacketView[] =>
    months.some((m) => handsOut(programme, m)) ? [packetView(programme, { colourway, size, kind, months, number: i + 1 })] : [],
  );
}

interface Asked {
  colourway: Colourway;
  size: SizeOption | undefined;
  kind: KitKind;
  months: readonly Month[];
  number: number;
}

function packetView(programme: Programme, { number, months, ...asked }: Asked): PacketView {
  const gets = handedOf(programme, { ...asked, months });
  return {
    number,
    months: months.map((m) => m.name),
    way: gets.way,
    bundled: gets.way === 'lengths' ? gets.packet.bundled.map((f) => f.name) : [],
    finishing: finishingAmounts(programme, gets.finishing).map(({ use, name, amount, length }) =>
      amount ? words.useAmountOf(use[0]!.toUpperCase() + use.slice(1), amount, name) : `${name}: ${length} ${programme.unit}`,
    ),
    bag: gets.way === 'pieces' ? gets.pieces.map((p) => bagView(p, programme)) : [],
    own: gets.way === 'list' ? gets.own.map((o) => ownView(o, programme)) : [],
    fabrics: gets.way === 'lengths' ? lengthViews(gets.packet.fabrics, programme, { months, ...asked }) : [],
  };
}

type Of<Way extends Handed['way']> = Handed & { way: Way };
const sized = ({ w, h }: { w: Rational; h: Rational }, { unit }: Programme) =>
  w.equals(h) ? formatLength(w, unit) : `${formatLength(w, unit)} × ${formatLength(h, unit)}`;

function bagView({ fabric, roles, pieces }: Of<'pieces'>['pieces'][number], programme: Programme): BagView {
  return {
    ...{ id: fabric.id, name: fabric.name, colour: fabric.colour, roles },
    count: pieces.reduce((n, p) => n + p.qty, 0),
    pieces: pieces.map((p) => `${p.qty} × ${sized(p, programme)} (${readPieceLabel(p.label).of} ${pieceTitle(p.label)})`),
  };
}

function ownView(
  { fabric, roles, yardage, fatQuarters, scraps }: Of<'list'>['own'][number],
  programme: Programme,
): OwnClothView {
  const write = (x: Rational) => formatLength(x, programme.unit);
  return {
    ...{ id: fabric.id, name: fabric.name, colour: fabric.colour, roles },
    yardage: yardage ? soldText(yardage, programme.house) : words.aPieceIsWiderThan,
    fatQuarters: fatQuarters === undefined ? words.aPieceIsLargerThan : String(fatQuarters),
    scraps: scraps.map((s) => `${s.qty} × ${s.w.equals(s.h) ? write(s.w) : words.by(write(s.w), write(s.h))}`),
  };
}

function lengthViews(
  fabrics: readonly PacketFabric[],
  programme: Programme,
  { months, colourway, size }: Pick<Asked, 'months' | 'colourway' | 'size'>,
): PacketFabricView[] {
  const keep = programme.kits.keepWhole.has(months[0]!.id) ? ('whole' as const) : ('cut' as const);
  const shares = months.map((m) => monthShares(programme, m, { colourway, size, keep }));
  return fabrics.map(({ fabric, roles, plan, stages }): PacketFabricView => {
    const common = { id: fabric.id, name: fabric.name, colour: fabric.colour, roles, wide: plan.usableWidth.valueOf() };
    const none = { months: [], reserve: '', reserveTall: 0 };
    if ('sheets' in plan) {
      const tall = plan.usableLength.valueOf();
      const strips = stripViews(plan.sheets, 0, { months, programme }).map((s) => ({ ...s, tall }));
      return { ...common, ...none, ask: `${plan.sheetsNeeded} ${formName(fabric.form, plan.sheetsNeeded)}`, strips };
    }
    const reserve = plan.lengthToBuy.sub(plan.lengthNeeded);
    return {
      ...common,
      ask: soldText(plan.lengthToBuy, programme.house),
      strips: (stages ?? []).flatMap((s, n) => stripViews(s.strips, n, { months, programme })),
      months: shares.map((own) =>
        monthView(
          own.find((s) => s.fabric === fabric && s.from === 'packet'),
          programme,
        ),
      ),
      reserve: formatLength(reserve, programme.unit),
      reserveTall: reserve.valueOf(),
    };
  });
}

/** Strips that a month of a packet, from 0, cuts off. */
function stripViews(
  strips: NonNullable<PacketFabric['stages']>[number]['strips'],
  month: number,
  { months, programme: { unit } }: { months: readonly Month[]; programme: Programme },
): PacketStrip[] {
  const stageOf = (label: string) =>
    Math.max(
      0,
      months.findIndex((m) => m.id === readPieceLabel(label).month),
    );
  return strips.map((s) => ({
    ...{ month, repeat: s.repeat, length: formatLength(s.length, unit), tall: s.length.valueOf() },
    rects: s.rects.map((r) => ({
      ...{ x: r.x.valueOf(), y: r.y.valueOf(), w: r.w.valueOf(), h: r.h.valueOf() },
      name: pieceTitle(r.label),
      ...(stageOf(r.label) > month && { later: stageOf(r.label) }),
    })),
    how: subCuts(s).map((c) => `${c.times} × ${formatLength(c.width, unit)}`),
  }));
}

const monthView = (share: MonthShare | undefined, { unit }: Programme): PacketFabricView['months'][number] => ({
  save: share?.bag.map((b) => words.for(bagText(b, unit), b.usedIn.name)) ?? [],
  saved: share?.bagged.map((b) => bagText(b, unit)) ?? [],
  whole: share?.keep.map((k) => wholeText(k, share, unit)) ?? [],
});

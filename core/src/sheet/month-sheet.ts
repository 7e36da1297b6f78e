/**
 * What a participant's sheet for a month says, as data. Every number in it is computed from the drawing, the house and the
 * head count's one kit; nothing is typed. Rendered as a page and on paper.
 */
import { blockDrawing, type Block, type Drawing } from '../block';
import { extent, isLeaf, leaves, outermost, type Construction, type Cut, type Tree, type UnitPlan } from '../construction';
import { by, type Exact, formatLength, listed, type Rational, rulerWords } from '../measure';
import {
  blocksAsCast,
  type Colourway,
  constructSeries,
  dealtBlock,
  demandOf,
  mirroredInMonth,
  type Month,
  type MonthBlock,
  monthShares,
  monthTitle,
  packetOfMonth,
  pieceLabel,
  planPacket,
  poolKey,
  poolMaking,
  poolOfUnit,
  type Programme,
  QUILT,
  readLaidKey,
  readPieceLabel,
  type SettingPiece,
  settingPieces,
  type SizeOption,
} from '../programme';
import { inWords } from './in-words';
import { bagWords, keepWords } from './keeping';
import { finishingAmounts, handedAmounts, type HandedAmount } from './handed-amounts';
import { joinSteps, type JoinStep } from './joining';
import { roundStripsOf, type RoundStrips } from './round-strips';
import { sheetPools, type SheetPool } from './sheet-pool';
import { pieceName } from './piece-name';
import { isPlain, measured, sheetUnit, type SheetUnit } from './sheet-unit';
import { toolsOf, type SheetTools } from './tools';
import { whyCut, type Why } from './why';
import { words } from './words/month-sheet';
import { partName } from '../setting';

export interface SheetFabric {
  roles: string[];
  name: string;
  sku: string;
  colour: string;
  /** What is handed out of it with this month, for all months of its packet: '1/4 yd', '2 fat quarters'; '' where it came before. */
  amount: string;
  /** How long that is, or how large each piece. */
  length: string;
  cuts: SheetCut[];
}

export interface SheetCut {
  label: string;
  /** Its name in the demand: 'm1:cold-frame:A1'. */
  piece: string;
  qty: number;
  /** '7 3/4' for a square, '12 1/2 by 2 1/2' for a rectangle. */
  size: string;
  square: boolean;
  /** The side that stands on the ruler. */
  w: Rational;
  /** 'cut once on the diagonal' or '' */
  then: string;
  /** Whether that is twice. */
  twice?: true;
  ruler: string;
  /** Which block and units it is for; `number` where the month has several blocks. */
  block: string;
  number?: number;
  for: string[];
  why: Why;
}

export interface SheetBlock {
  key: string;
  /** Its number among the month's blocks, where there are several: cuts are told apart by it. */
  number?: number;
  /** With the size where the same block stands in the month at another one. */
  name: string;
  make: number;
  /** How many of them stand mirrored in the quilt, and are sewn as the mirror image of all that is drawn. */
  mirrored: number;
  finished: string;
  square: boolean;
  unfinished: string;
  /** Strips that are sewn round it before it is sewn to others, in order, with the size after each pair; none where it stands bare. */
  round: RoundStrips[];
  drawing: Drawing;
  /** The same with its pooled units as they are dealt to the first of these blocks. */
  dealt: Drawing;
  /** Where each unit lies in the drawing, to write its label there, and which way its own top looks. */
  marks: { label: string; x: number; y: number; up: readonly [number, number] }[];
  units: SheetUnit[];
  /** Plain patches, which are cut and not sewn: 'U2: cut A2, 4 of them'; `cut` is '' where they come out of a pool. */
  plain: { label: string; cut: string; make: number; pool?: SheetUnit['pool'] }[];
  joins: JoinStep[];
  /** How many crossings nest, in a sentence; '' where none cross. */
  nesting: string;
  /** Where each patch's cut and unit are named: patch index to labels. */
  patches: { cut: string; unit: string }[];
}

export interface MonthSheet extends SheetTools {
  programme: string;
  month: string;
  /** 'March: Cloche' */
  title: string;
  release?: string;
  colourway: string;
  /** The quilt's size, where it is not the plain one. */
  size: string;
  unit: 'in' | 'cm';
  seam: string;
  sizing: string;
  fabrics: SheetFabric[];
  /** Everything that comes with this month, for all months of its packet, backing and wadding last; nothing where it came before. */
  handed: HandedAmount[];
  /** What is cut and bagged, and what is kept whole, for later months, in sentences. */
  keeping: string[];
  blocks: SheetBlock[];
  /** Pools of units that are begun with this month; then those begun before that this month takes from. */
  pools: SheetPool[];
}

/** The sheet of a month in one colourway and size; pictures for a left hand where asked. Throws PlanError when a block or a fabric cannot be planned. */
export function monthSheet(
  programme: Programme,
  month: Month,
  colourway: Colourway,
  size?: SizeOption,
  { left = false }: { left?: boolean } = {},
): MonthSheet {
  const { unit, house } = programme;
  const blocks = blocksAsCast(programme, colourway, month, size);
  const several = blocks.length > 1;
  const series = constructSeries(programme, month, blocks, colourway, size);
  // Later months that use what this one has left over.
  const namedLater = programme.months
    .filter((m) => m.uses.includes(month.id))
    .flatMap((m) => constructSeries(programme, m, blocksAsCast(programme, colourway, m, size), colourway, size));
  const constructions = blocks.map((entry, i) => ({ entry, number: several ? i + 1 : undefined, c: series[i]! }));
  const { months, at } = packetOfMonth(programme, month);
  const packet = planPacket(programme, { colourway, months, size });
  const handed = at > 0 ? [] : handedAmounts(programme, packet, { colourway, size });
  const demand = demandOf(programme, { colourway, months: [month], basis: 'kit', participants: 1, size });
  const shares = monthShares(programme, month, { colourway, size });
  const quilt = settingPieces(programme, colourway, size, month);
  const seam = formatLength(house.seam, unit);
  const making = poolMaking(programme, colourway, month, size);
  const poolOf = (entry: MonthBlock, unit: UnitPlan): SheetUnit['pool'] => {
    const pool = poolOfUnit(programme, colourway, { entry, unit, size });
    return pool && { name: pool.name, ...(pool.month !== month && { madeWith: pool.month.name }) };
  };

  return {
    programme: programme.title,
    month: month.name,
    title: monthTitle(month),
    release: month.release,
    colourway: colourway.name,
    size: size?.name ?? '',
    unit,
    seam,
    sizing: sizingText(
      constructions.map(({ c }) => c),
      `${seam} ${unit}`,
    ),
    handed: [...handed, ...(at > 0 ? [] : finishingAmounts(programme, packet.finishing))],
    keeping: shares.flatMap((share) => [...bagWords(share, unit), ...keepWords(share, unit)]),
    fabrics: demand.map(({ fabric, roles }) => ({
      roles,
      name: fabric.name,
      sku: fabric.sku,
      colour: fabric.colour,
      ...amountOf(handed, fabric.name),
      cuts: constructions
        .flatMap(({ entry, number, c }) =>
          c.cuts.filter((cut) => colourway.fabrics.get(cut.role) === fabric).map((cut) => ({ cut, c, key: entry.key, number })),
        )
        .sort((a, b) => b.cut.w.mul(b.cut.h).compare(a.cut.w.mul(a.cut.h)))
        .map(({ cut, c, key, number }): SheetCut => ({
          ...sheetCut(cut, c, key),
          for: usesOf(cut, c),
          ...{ number, piece: `${month.id}:${key}:${cut.label}` },
        }))
        .concat(
          (making?.cuts ?? [])
            .filter((cut) => colourway.fabrics.get(cut.role) === fabric)
            .map((cut) => ({
              ...sheetCut(cut, { style: making!.pools[0]!.entry.style }, poolKey(size?.id)),
              piece: pieceLabel({ month: month.id, of: poolKey(size?.id), cut: cut.label }),
            })),
          quilt
            .filter((p) => p.fabric === fabric)
            .map((p) => ({ ...quiltCut(p, programme), piece: pieceLabel({ month: month.id, of: QUILT, cut: p.name }) })),
        ),
    })),
    blocks: constructions.map(({ entry, number, c }, i) => ({
      ...sheetBlock(entry.key, c, colourway, {
        later: [...series.slice(i + 1), ...namedLater],
        poolOf: (unit) => poolOf(entry, unit),
        dealt: dealtBlock(programme, colourway, entry, size),
        left,
      }),
      round: roundStripsOf(programme, entry, size),
      number,
      mirrored: mirroredInMonth(programme, colourway, { month, entry, size }),
    })),
    pools: sheetPools(programme, colourway, month, size, left),
    ...toolsOf(
      [
        ...constructions.map(({ entry, c }) => ({
          ...{ c, units: c.units.filter((u) => !u.pooled) },
          ...(several && { name: entry.block.name }),
        })),
        ...(making ? [{ units: making.units }] : []),
      ],
      `${seam} ${unit}`,
    ),
  };
}

/** Whether sizes are exact or cut large, as the blocks and their units are: said of all, or of each unit by its name. */
function sizingText(blocks: readonly Construction[], seam: string): string {
  const exact = words.sewAScantSeamAndMeasure(seam);
  const sewn = blocks.map((c) => c.units.filter((u) => !isPlain(u) && !u.places[0]!.inside && !u.pooled));
  const large = sewn.map((units) => units.filter((u) => (u.recipe.trims ?? 0) > 0));
  const count = (of: readonly UnitPlan[][]) => of.reduce((n, units) => n + units.length, 0);
  if (count(large) === 0) return words.sizesAreExact(exact);
  if (count(large) === count(sewn)) return words.unitsAreCutALittleLarge;
  const named = blocks.flatMap((c, i) => {
    const labels = listed(large[i]!.map((u) => u.label));
    return labels ? [blocks.length > 1 ? words.ofWords(labels, c.block.name) : labels] : [];
  });
  const several = count(large) > 1;
  return words.cutALittleLargeTrimTo(
    listed(named),
    several ? words.are : words.isWords,
    several ? words.eachOne : words.it,
    exact,
  );
}

const amountOf = (handed: readonly HandedAmount[], fabric: string) => {
  const found = handed.find((h) => h.name === fabric);
  return { amount: found?.amount ?? '', length: found?.length ?? '' };
};

function sheetCut(cut: Cut, c: Pick<Construction, 'style'>, key: string): Omit<SheetCut, 'piece'> {
  const { unit } = c.style;
  const square = cut.w.equals(cut.h);
  return {
    label: cut.label,
    qty: cut.qty,
    size: square ? formatLength(cut.w, unit) : by(formatLength(cut.w, unit), formatLength(cut.h, unit)),
    square,
    then: thenCut(cut),
    ...(cut.sub === 'twice' && { twice: true }),
    ruler: rulerWords(cut.w, unit),
    w: cut.w,
    block: key,
    for: cut.for,
    why: whyCut(cut, c.style),
  };
}

/** What becomes of a square once it is cut. */
const THEN = {
  none: '',
  get once() {
    return words.cutOnceOnTheDiagonal;
  },
  get twice() {
    return words.cutTwiceOnTheDiagonal;
  },
} as const;

function thenCut({ sub, template, reversed }: Cut): string {
  if (template) return words.cutAlongItsTemplate(reversed ? words.turnedOver : '');
  return THEN[sub];
}

/** The units that a cut is for; a plain patch goes into the units that it is sewn into, or straight into the block. */
function usesOf(cut: Cut, c: Construction): string[] {
  return cut.for.flatMap((label) => {
    const unit = c.units.find((u) => u.label === label)!;
    if (!isPlain(unit) || unit.places[0]!.inside) return [label];
    const around = c.units.filter((u) => {
      const { inside } = u.places[0]!;
      return inside && leaves(inside).some((leaf) => c.unitOf.get(leaf) === unit);
    });
    const laid = outermost(c.tree).some((leaf) => c.unitOf.get(leaf) === unit);
    return [...around.map((u) => u.label), ...(laid ? [words.theBlock] : [])];
  });
}

/** A part of the quilt among the month's cuts. */
function quiltCut(piece: SettingPiece, { unit, house }: Programme): Omit<SheetCut, 'piece'> {
  const label = readPieceLabel(pieceLabel({ of: QUILT, cut: piece.name })).cut;
  const long = piece.w.compare(piece.h) > 0;
  const [w, h] = [piece.w, piece.h].map((side) => formatLength(side, unit)) as [string, string];
  const square = piece.w.equals(piece.h);
  return {
    ...{ label: partName(label), qty: piece.qty, square, block: 'quilt', for: [words.theQuilt] },
    size: square ? w : by(w, h),
    then: THEN[piece.sub],
    ruler: rulerWords(long ? piece.h : piece.w, unit),
    w: long ? piece.h : piece.w,
    why: whyCut({ ...piece, label: partName(label) }, { unit, rounding: house.rounding }),
  };
}

function sheetBlock(
  key: string,
  c: Construction,
  colourway: Colourway,
  {
    later,
    poolOf,
    dealt,
    left,
  }: { later: readonly Construction[]; poolOf: (unit: UnitPlan) => SheetUnit['pool']; dealt: Block; left: boolean },
): Omit<SheetBlock, 'mirrored' | 'round'> {
  const size = ([w, h]: readonly [Exact, Exact]) => {
    const [across, down] = [measured(w, c), measured(h, c)];
    return w.equals(h) ? across : by(across, down);
  };
  const { crossings, nested } = c.pressing;
  return {
    key,
    name: nameOf(key, c, size(c.finished)),
    make: c.make,
    finished: size(c.finished),
    square: c.finished[0].equals(c.finished[1]),
    unfinished: size(c.unfinished),
    drawing: blockDrawing(c.block, c.finished),
    dealt: blockDrawing(dealt, c.finished),
    marks: layoutMarks(c),
    units: c.units.filter((u) => !isPlain(u)).map((u) => sheetUnit(u, c, colourway, { later, pool: poolOf(u), left })),
    plain: c.units.filter(isPlain).map((u) => ({
      ...{ label: u.label, make: u.make, pool: poolOf(u) },
      cut: c.cuts.find((cut) => cut.serves.includes(u))?.label ?? '',
    })),
    joins: joinSteps(c),
    nesting:
      crossings === 0
        ? ''
        : nested === crossings
          ? crossings === 1
            ? words.theSeamsNestWhereTheyCross
            : words.theSeamsNestAtCrossings(crossings === 2 ? words.both : words.all(inWords(crossings)))
          : words.theSeamsNestAtOfThe(inWords(nested), inWords(crossings)),
    patches: patchLabels(c),
  };
}

/** With its size where the block stands in the month at another one, and with its number where it is laid in several ways. */
function nameOf(key: string, { block }: Construction, size: string): string {
  const { block: plain, way } = readLaidKey(key);
  const sized = plain === block.id ? block.name : `${block.name}, ${size}`;
  return way ? words.asNo(sized, way) : sized;
}

function layoutMarks(c: Construction): SheetBlock['marks'] {
  const scale = c.cloth.tick.toNumber();
  return outermost(c.tree).flatMap((leaf) => {
    const [x, y, w, h] = extent(leaf.laid);
    const unit = c.unitOf.get(leaf)!;
    const label = unit.label && pieceName(unit, c);
    const turn = (leaf.seen.eighths * Math.PI) / 4;
    const up = [Math.sin(turn), -Math.cos(turn)] as const;
    return label ? [{ label, x: (x + w / 2) * scale, y: (y + h / 2) * scale, up }] : [];
  });
}

function patchLabels(c: Construction): SheetBlock['patches'] {
  const labels = c.block.patches.map(() => ({ cut: '', unit: '' }));
  for (const leaf of outermost(c.tree)) visit(leaf, c.unitOf.get(leaf)!.label);
  return labels;

  function visit(node: Tree, label: string): void {
    if (!isLeaf(node)) return node.parts.forEach((part) => visit(part, label));
    if (node.inside) return visit(node.inside, label);
    const unit = c.unitOf.get(node)!;
    const source = unit.recipe.pieces.length > 0 ? unit : unit.twin!;
    for (const { role, of } of node.laid)
      for (const index of of) {
        const cut = c.cuts.find((row) => row.role === role && row.serves.includes(source));
        labels[index] = { unit: label, cut: cut?.label ?? '' };
      }
  }
}

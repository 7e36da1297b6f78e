/**
 * What a participant's sheet for a month says, as data. Every number in it is computed from the drawing, the house and the
 * head count's one kit; nothing is typed. Rendered as a page and on paper.
 */
import { blockDrawing, type Drawing } from '../block';
import {
  extent,
  isLeaf,
  outermost,
  unitDrawing,
  unitLook,
  unitMeasure,
  type Construction,
  type Cut,
  type Piece,
  type Tree,
  type UnitPlan,
  type UnitPress,
  PER_SQUARE,
} from '../construction';
import { Exact, checkpoint, formatLength, rulerWords, listed, type Rational } from '../measure';
import {
  blocksAsCast,
  constructSeries,
  demandOf,
  mirroredInMonth,
  monthShares,
  packetOfMonth,
  planPacket,
  settingPieces,
  type Colourway,
  type Month,
  type Programme,
  type SettingPiece,
  type SizeOption,
} from '../programme';
import { cautions } from './cautions';
import { bagWords, keepWords } from './keeping';
import { finishingAmounts, handedAmounts, type HandedAmount } from './handed-amounts';
import { joinSteps, type JoinStep } from './joining';
import { roundStripsOf, type RoundStrips } from './round-strips';
import { whyCut, type Why } from './why';

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
  /** 'cut once, corner to corner' or '' */
  then: string;
  ruler: string;
  /** Which block and units it is for; `number` where the month has several blocks. */
  block: string;
  number?: number;
  for: string[];
  why: Why;
}

export interface SheetUnit {
  label: string;
  title: string;
  method: string;
  roles: { role: string; name: string; colour: string }[];
  make: number;
  /** Those among them that are left over from a block before. */
  given: number;
  /** What one batch is made of: '1 A1 and 1 B1'. */
  from: string;
  batches: number;
  yields: number;
  steps: string[];
  press: string;
  /** Unfinished size and what else to see; '3 1/2', or '6 1/2 by 3 1/2'. */
  size: string;
  square: boolean;
  /** Where to lay the ruler, when it is not across the sides; '' else. */
  along: string;
  /** The unit that it is the mirror image of. */
  mirrorOf?: string;
  look: string[];
  over: string;
  caution: string;
  drawing: Drawing;
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
  unfinished: string;
  /** Strips that are sewn round it before it is sewn to others, in order, with the size after each pair; none where it stands bare. */
  round: RoundStrips[];
  drawing: Drawing;
  /** Where each unit lies in the drawing, to write its label there, and which way its own top looks. */
  marks: { label: string; x: number; y: number; up: readonly [number, number] }[];
  units: SheetUnit[];
  /** Plain patches, which are cut and not sewn: 'U2: cut A2, 4 of them'. */
  plain: { label: string; cut: string; make: number }[];
  joins: JoinStep[];
  /** How many crossings nest, in a sentence; '' where none cross. */
  nesting: string;
  /** Where each patch's cut and unit are named: patch index to labels. */
  patches: { cut: string; unit: string }[];
}

export interface MonthSheet {
  programme: string;
  month: string;
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
  tools: string[];
  cautions: string[];
}

/** The sheet of a month in one colourway and size. Throws PlanError when a block or a fabric cannot be planned. */
export function monthSheet(programme: Programme, month: Month, colourway: Colourway, size?: SizeOption): MonthSheet {
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
  const tools = ['a rotary cutter, a mat and a ruler', `a foot or guide for a ${seam} ${unit} seam`];
  for (const { c } of constructions) for (const u of c.units) tools.push(...u.recipe.tools);

  return {
    programme: programme.title,
    month: month.name,
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
          ...{ number, piece: `${month.id}:${key}:${cut.label}` },
        }))
        .concat(
          quilt
            .filter((p) => p.fabric === fabric)
            .map((p) => ({ ...quiltCut(p, programme), piece: `${month.id}:quilt:${p.name}` })),
        ),
    })),
    blocks: constructions.map(({ entry, number, c }, i) => ({
      ...sheetBlock(entry.key, c, colourway, [...series.slice(i + 1), ...namedLater]),
      round: roundStripsOf(programme, entry, size),
      number,
      mirrored: mirroredInMonth(programme, colourway, { month, entry, size }),
    })),
    tools: [...new Set(tools)],
    cautions,
  };
}

/** Whether sizes are exact or cut large, as the blocks and their units are: said of all, or of each unit by its name. */
function sizingText(blocks: readonly Construction[], seam: string): string {
  const exact = `sew a scant ${seam} seam and measure at every checkpoint.`;
  const sewn = blocks.map((c) => c.units.filter((u) => !isPlain(u) && !u.places[0]!.inside));
  const large = sewn.map((units) => units.filter((u) => (u.recipe.trims ?? 0) > 0));
  const count = (of: readonly UnitPlan[][]) => of.reduce((n, units) => n + units.length, 0);
  if (count(large) === 0) return `Sizes are exact: ${exact}`;
  if (count(large) === count(sewn)) return 'Units are cut a little large: trim each one to the size of its checkpoint.';
  const named = blocks.flatMap((c, i) => {
    const labels = listed(large[i]!.map((u) => u.label));
    return labels ? [blocks.length > 1 ? `${labels} of ${c.block.name}` : labels] : [];
  });
  const several = count(large) > 1;
  return `${listed(named)} ${several ? 'are' : 'is'} cut a little large: trim ${several ? 'each one' : 'it'} to the size of its checkpoint. All other sizes are exact: ${exact}`;
}

const amountOf = (handed: readonly HandedAmount[], fabric: string) => {
  const found = handed.find((h) => h.name === fabric);
  return { amount: found?.amount ?? '', length: found?.length ?? '' };
};

function sheetCut(cut: Cut, c: Construction, key: string): Omit<SheetCut, 'piece'> {
  const { unit } = c.style;
  const square = cut.w.equals(cut.h);
  return {
    label: cut.label,
    qty: cut.qty,
    size: square ? formatLength(cut.w, unit) : `${formatLength(cut.w, unit)} by ${formatLength(cut.h, unit)}`,
    square,
    then: thenCut(cut),
    ruler: rulerWords(cut.w, unit),
    w: cut.w,
    block: key,
    for: cut.for,
    why: whyCut(cut, c.style),
  };
}

/** Cut, and not sewn before it goes into the block. */
const isPlain = (u: UnitPlan) => u.seen.picture.patches.length === 1;

function thenCut({ sub, template, reversed }: Cut): string {
  if (template) return `then along its template${reversed ? ', turned over' : ''}`;
  return { none: '', once: 'then once, corner to corner', twice: 'then twice, corner to corner' }[sub];
}

/** A part of the quilt among the month's cuts. */
function quiltCut(piece: SettingPiece, { unit, house }: Programme): Omit<SheetCut, 'piece'> {
  const [label] = piece.name.split('@') as [string];
  const long = piece.w.compare(piece.h) > 0;
  const [w, h] = [piece.w, piece.h].map((side) => formatLength(side, unit)) as [string, string];
  const square = piece.w.equals(piece.h);
  return {
    ...{ label, qty: piece.qty, square, block: 'quilt', for: ['the quilt'] },
    size: square ? w : `${w} by ${h}`,
    then: { none: '', once: 'then once, corner to corner', twice: 'then twice, corner to corner' }[piece.sub],
    ruler: rulerWords(long ? piece.h : piece.w, unit),
    w: long ? piece.h : piece.w,
    why: whyCut({ ...piece, label }, { unit, rounding: house.rounding }),
  };
}

function sheetBlock(
  key: string,
  c: Construction,
  colourway: Colourway,
  later: readonly Construction[],
): Omit<SheetBlock, 'mirrored' | 'round'> {
  const size = ([w, h]: readonly [Exact, Exact]) => {
    const [across, down] = [measured(w, c), measured(h, c)];
    return w.equals(h) ? across : `${across} by ${down}`;
  };
  const { crossings, nested } = c.pressing;
  return {
    key,
    name: nameOf(key, c, size(c.finished)),
    make: c.make,
    finished: size(c.finished),
    unfinished: size(c.unfinished),
    drawing: blockDrawing(c.block, c.finished),
    marks: layoutMarks(c),
    units: c.units.filter((u) => !isPlain(u)).map((u) => sheetUnit(u, c, colourway, later)),
    plain: c.units
      .filter(isPlain)
      .map((u) => ({ label: u.label, cut: c.cuts.find((cut) => cut.serves.includes(u))!.label, make: u.make })),
    joins: joinSteps(c),
    nesting:
      crossings === 0
        ? ''
        : nested === crossings
          ? crossings === 1
            ? 'Its one crossing nests.'
            : `All ${crossings} crossings nest.`
          : `${nested} of ${crossings} crossings nest; match the others with a pin.`,
    patches: patchLabels(c),
  };
}

/** With its size where the block stands in the month at another one, and with its number where it is laid in several ways. */
function nameOf(key: string, { block }: Construction, size: string): string {
  const [plain, copy] = key.split('#') as [string, string?];
  const sized = plain === block.id ? block.name : `${block.name}, ${size}`;
  return copy ? `${sized}, as no. ${copy}` : sized;
}

function measured(size: Exact, { style }: Construction): string {
  return checkpoint(size, style.rounding, style.unit);
}

function layoutMarks(c: Construction): SheetBlock['marks'] {
  const scale = c.cloth.tick.toNumber();
  return outermost(c.tree).flatMap((leaf) => {
    const [x, y, w, h] = extent(leaf.laid);
    const { label } = c.unitOf.get(leaf)!;
    const turn = (leaf.seen.eighths * Math.PI) / 4;
    const up = [Math.sin(turn), -Math.cos(turn)] as const;
    return label ? [{ label, x: (x + w / 2) * scale, y: (y + h / 2) * scale, up }] : [];
  });
}

/** What one batch of a unit is made from: '1 A1 and 2 B1', '3 triangles of C2', 'U1 and 2 triangles of A3'. */
function madeFrom(unit: UnitPlan, c: Construction): string[] {
  const { inside } = unit.places[0]!;
  if (inside) {
    const parts = outermost(inside).map((leaf) => c.unitOf.get(leaf)!);
    return [...new Set(parts)].map((part) => {
      const n = parts.filter((other) => other === part).length;
      if (part.label) return n === 1 ? part.label : `${n} ${part.label}`;
      return `${n} ${n === 1 ? 'triangle' : 'triangles'} of ${c.cuts.find((cut) => cut.serves.includes(part))!.label}`;
    });
  }
  const source = unit.recipe.pieces.length > 0 ? unit : unit.twin!;
  return source.recipe.pieces.map((piece) => {
    const cut = c.cuts.find(
      (row) => row.role === piece.role && row.sub === piece.sub && row.serves.includes(source) && sameSize(row, piece),
    )!;
    const pieces = piece.sub === 'none' || piece.needs % PER_SQUARE[piece.sub] === 0;
    return pieces
      ? `${piece.needs / PER_SQUARE[piece.sub]} ${cut.label}`
      : `${piece.needs} ${piece.needs === 1 ? 'triangle' : 'triangles'} of ${cut.label}`;
  });
}

function sameSize(cut: Cut, { w, h }: Piece): boolean {
  return (cut.exact[0].equals(w) && cut.exact[1].equals(h)) || (cut.exact[0].equals(h) && cut.exact[1].equals(w));
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

function sheetUnit(unit: UnitPlan, c: Construction, colourway: Colourway, later: readonly Construction[]): SheetUnit {
  const { recipe, kind, label } = unit;
  const fabrics = [...new Set(unit.roles)].map((role) => ({ role, fabric: colourway.fabrics.get(role)! }));
  // Mirror images that come out of the batches of their twins.
  const shared = unit.mirrored && recipe.mirrored !== undefined ? unit.twin : undefined;
  const size = unitMeasure(unit, c.style);
  return {
    label,
    title: unit.make === 1 ? kind.title : kind.plural,
    method: unit.method.title,
    roles: fabrics.map(({ role, fabric }) => ({ role, name: fabric.name, colour: fabric.colour })),
    make: unit.make,
    given: unit.given,
    mirrorOf: shared?.label,
    from: unit.batches === 0 ? '' : listed(madeFrom(unit, c)),
    batches: unit.batches,
    yields: unit.yields,
    steps: shared ? [] : [...recipe.steps, ...(recipe.bonus ? [recipe.bonus] : [])],
    press: pressUnit(unit, c.pressing.units.get(unit) ?? [], colourway),
    size: size.w.equals(size.h) ? measured(size.w, c) : `${measured(size.w, c)} by ${measured(size.h, c)}`,
    square: size.square,
    along: size.what,
    look: recipe.look,
    over: overText(unit, later),
    caution: shared ? '' : (recipe.caution ?? ''),
    drawing: unitDrawing(unit.seen),
  };
}

/** What becomes of units that are left over: the month's next block uses them, or there is something else that they are good for. */
function overText(unit: UnitPlan, later: readonly Construction[]): string {
  const { extra, kind } = unit;
  if (extra === 0) return '';
  const look = unitLook(unit);
  const user = later.find((c) => c.units.some((u) => u.given > 0 && unitLook(u) === look));
  const what = user ? user.block.name : (kind.surplus ?? 'a second, colour-swapped block or a scrappy border uses them');
  return `${extra} ${extra === 1 ? kind.title : kind.plural} will be left over. Keep ${extra === 1 ? 'it' : 'them'}${user ? ' for' : ':'} ${what}.`;
}

/** The pressing plan of a unit's seams in words. */
export function pressUnit({ kind, roles }: UnitPlan, seams: UnitPress[][], colourway: Colourway): string {
  if (kind.outward) return 'Press all seams outwards, away from the middle of the unit.';
  const fabric = (role: string) => colourway.fabrics.get(role)!;
  const side = ({ towards }: UnitPress) =>
    towards === 'open' ? 'open' : towards ? `towards ${fabric(towards).name}` : 'to one side';
  const said = seams.map((places) => {
    if (new Set(places.map(side)).size === 1) return side(places[0]!);
    return places.map((p) => `${p.count} ${side(p)}`).join(' and ');
  });
  if (seams.length === 0) return '';
  if (seams.length > 1)
    return new Set(said).size === 1
      ? `Press all seams ${said[0]}.`
      : `Press the seams in the order of sewing: ${said.join('; ')}.`;
  const [first, ...others] = seams[0]!;
  if (others.length > 0) return `Press the seam ${said[0]}, so that they nest in the block.`;
  const lightness = roles.map((role) => fabric(role).value);
  const darkest = roles.includes(first!.towards) && fabric(first!.towards).value === Math.min(...lightness);
  return `Press the seam ${said[0]}${darkest && new Set(lightness).size > 1 ? ', the darker fabric' : ''}.`;
}

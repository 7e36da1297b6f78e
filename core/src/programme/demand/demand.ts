/** Demand (docs/craft.md, How much for everybody): what is to be cut of each fabric, for one kit or for everybody, with spares, demo sets and step-outs. */
import { isLeaf, type Construction, type Cut } from '../../construction';
import type { Piece } from '../../cutting';
import { constructApart, constructMonthBlock, constructSeries, constructWith } from './constructing';
import type { Colourway, Fabric, Month, MonthBlock, Programme, SizeOption } from '../document/document';
import { kitsBySize, type SizeShare } from './kit-groups';
import { directionalIn } from '../document/directional';
import { mirrorBlock } from '../../block';
import { mirroredBlocks } from '../quilt/quilt';
import { making } from '../document/making';
import { castBlocks, poolMaking } from '../casting/scrappy';
import { settingPieces, type SettingPiece } from '../quilt/setting-pieces';
import { pieceLabel, poolKey, QUILT } from '../document/labels';

export type Basis = 'kit' | 'batch';

const mirrorImages = new WeakMap<MonthBlock, Map<string, { entry?: MonthBlock }>>();

/** The entry as its own mirror image, where that is cut otherwise; undefined where the same pieces make both. */
function inMirror(programme: Programme, colourway: Colourway, entry: MonthBlock): MonthBlock | undefined {
  const known = mirrorImages.get(entry) ?? new Map<string, { entry?: MonthBlock }>();
  mirrorImages.set(entry, known);
  const from = [...directionalIn(colourway)].sort().join();
  const image = known.get(from);
  if (image) return image.entry;
  const turned = { ...entry, block: mirrorBlock(entry.block), key: `${entry.key}-mirrored` };
  const cuts = (of: MonthBlock) =>
    constructWith(programme, of, colourway)
      .cuts.map(({ role, w, h, qty, sub, template, reversed }) =>
        JSON.stringify([role, `${w}`, `${h}`, qty, sub, template, reversed]),
      )
      .sort()
      .join();
  const found = { ...(cuts(entry) !== cuts(turned) && { entry: turned }) };
  known.set(from, found);
  return found.entry;
}

/** Stages at which a block is stopped for a step-out: cut; its units sewn; its sections sewn; whole. */
export function stagesOf({ tree, units }: Construction): number {
  const sewn = units.some((u) => u.kind.kind !== 'patch');
  const sections = !isLeaf(tree) && tree.parts.some((p) => !isLeaf(p));
  return 2 + Number(sewn) + Number(sections);
}

/** Blocks that are stopped at a stage for a month, however many. */
function stepOutBlocks(programme: Programme, month: Month, entry: MonthBlock, colourway: Colourway): number {
  return programme.kits.stepOuts
    .filter((s) => s.month === month.id && (s.colourway ?? colourway.id) === colourway.id)
    .reduce((n, { stages }) => n + (stages ?? stagesOf(constructMonthBlock(programme, entry, colourway))), 0);
}

export interface DemandRequest {
  colourway: Colourway;
  months: readonly Month[];
  basis: Basis;
  /** People; ignored for a kit, which is one person's. */
  participants: number;
  /** Whose kit it is; the plain size when left out. */
  size?: SizeOption;
  /** In a batch, the kits that are cut, instead of those of all participants. */
  kits?: readonly Pick<SizeShare, 'size' | 'kits'>[];
  /** In a batch, whether step-outs are cut with it (when left out), not, or alone. */
  stepOuts?: 'too' | 'none' | 'alone';
  /**
   * Which parts of the setting are cut: those that the months hand out (when left out), all of them whatever the months, or none. Labels
   * are 'm12:quilt:border' for a month's, 'quilt:border' where all are cut.
   */
  setting?: 'months' | 'all' | 'none';
}

/** A cut as a piece of the demand. */
export interface WantedPiece extends Piece {
  /** How it is cut out further: corner to corner, or round a template. */
  cut: Pick<Cut, 'sub' | 'template' | 'reversed'>;
}

export interface FabricDemand {
  fabric: Fabric;
  /** Letters that the colourway gives this fabric. */
  roles: string[];
  pieces: WantedPiece[];
}

/** What is to be cut, by fabric in the order of its letters. Labels, 'm1:cold-frame:A1', are unique within a fabric. */
export function demandOf(programme: Programme, request: DemandRequest): FabricDemand[] {
  const { colourway, basis, participants, size, stepOuts = 'too' } = request;
  const found = new Map<Fabric, { roles: Set<string>; pieces: Map<string, WantedPiece> }>();
  const batch = () => request.kits ?? kitsBySize(programme, colourway, participants);
  const shares = stepOuts === 'alone' ? [] : basis === 'kit' ? [{ size, make: size?.make ?? 1, kits: 1 }] : batch().map(makes);
  const cutting = basis === 'batch' && stepOuts !== 'none' && (stepOuts === 'alone' || shares.some((s) => s.kits > 0));
  for (const month of request.months) {
    for (const { size: of, kits } of shares)
      // A demand for nobody still names its pieces, so that a head count can be turned up from nothing.
      if (kits > 0 || colourway.pools.size === 0) {
        const entries = entriesOf(programme, colourway, month, of);
        constructSeries(programme, month, entries, colourway, of).forEach((c, i) => add(month, entries[i]!, c, kits));
        const pools = poolMaking(programme, colourway, month, of);
        if (pools) add(month, { key: poolKey(of?.id), make: 1 }, pools, kits);
      }
    for (const entry of month.blocks) {
      const stopped = cutting ? stepOutBlocks(programme, month, entry, colourway) : 0;
      const shown = making(castBlocks(programme, colourway, entry)?.[0]?.entry ?? entry, stopped);
      // A step-out is sewn by itself, for the class.
      if (stopped > 0) add(month, shown, constructApart(programme, shown, colourway), 1);
    }
  }
  for (const { size: of, kits } of shares)
    if (kits > 0) {
      if (request.setting === 'all') set(undefined, settingPieces(programme, colourway, of), kits);
      else if (request.setting !== 'none')
        for (const month of request.months) set(month.id, settingPieces(programme, colourway, of, month), kits);
    }
  const demands = [...found].map(([fabric, { roles, pieces }]) => ({
    fabric,
    roles: [...roles].sort(),
    pieces: [...pieces.values()],
  }));
  return demands.sort((a, b) => (a.roles[0]! < b.roles[0]! ? -1 : 1));

  function demandFor(fabric: Fabric, role: string) {
    const demand = found.get(fabric) ?? { roles: new Set(), pieces: new Map<string, WantedPiece>() };
    found.set(fabric, demand);
    demand.roles.add(role);
    return demand.pieces;
  }

  function set(month: string | undefined, pieces: SettingPiece[], kits: number): void {
    for (const { fabric, role, name, w, h, qty, sub } of pieces) {
      const known = demandFor(fabric, role);
      const plain = pieceLabel({ month, of: QUILT, cut: name });
      const fits = (piece?: WantedPiece) => !piece || (piece.w.equals(w) && piece.h.equals(h) && piece.cut.sub === sub);
      // Another size of the quilt has other lengths of the same name.
      let label = plain;
      for (let n = 2; !fits(known.get(label)); n += 1) label = `${plain}#${n}`;
      const piece = known.get(label);
      if (piece) piece.qty += qty * kits;
      else known.set(label, { label, w, h, qty: qty * kits, turnable: !fabric.directional, cut: { sub } });
    }
  }

  function add(month: Month, entry: Pick<MonthBlock, 'key' | 'make'>, c: Pick<Construction, 'cuts'>, kits: number): void {
    for (const cut of c.cuts) {
      const fabric = colourway.fabrics.get(cut.role)!;
      const pieces = demandFor(fabric, cut.role);
      const label = pieceLabel({ month: month.id, of: entry.key, cut: cut.label });
      const known = pieces.get(label);
      const same = known?.w.equals(cut.w) && known.h.equals(cut.h) && known.cut.sub === cut.sub;
      // Another number of blocks may be cut otherwise; then its pieces have names of their own.
      const name = !known || same ? label : pieceLabel({ month: month.id, of: `${entry.key}x${entry.make}`, cut: cut.label });
      const piece = pieces.get(name);
      if (piece) piece.qty += cut.qty * kits;
      else {
        pieces.set(name, { label: name, w: cut.w, h: cut.h, qty: cut.qty * kits, turnable: !fabric.directional, cut });
      }
    }
  }
}

/** What one person makes of a month in that size, as cast, and apart what stands mirrored and is cut otherwise. */
function entriesOf(programme: Programme, colourway: Colourway, month: Month, size?: SizeOption): MonthBlock[] {
  return month.blocks.flatMap((entry) => {
    const cast = castBlocks(programme, colourway, entry, size);
    if (cast) return cast.map((b) => (b.mirrored && inMirror(programme, colourway, b.entry)) || b.entry);
    const all = entry.make * (size?.make ?? 1);
    const turned = inMirror(programme, colourway, entry);
    const mirrored = turned ? Math.min(all, mirroredBlocks(programme, `${month.id}:${entry.key}`, size)) : 0;
    return [...(all > mirrored ? [making(entry, all - mirrored)] : []), ...(mirrored > 0 ? [making(turned!, mirrored)] : [])];
  });
}

const makes = ({ size, kits }: Pick<SizeShare, 'size' | 'kits'>) => ({ size, make: size?.make ?? 1, kits });

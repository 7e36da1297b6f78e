/** Demand (handbook 3): what is to be cut of each fabric, for one kit or for everybody, with spares, demo sets and step-outs. */
import { construct, isLeaf, type Construction, type Cut } from '../construction';
import type { Piece } from '../cutting';
import type { Colourway, Fabric, Month, MonthBlock, Programme, SizeOption } from './document';
import { kitsBySize, type SizeShare } from './kit-groups';
import { directionalIn } from './directional';
import { mirrorBlock, rolesOf } from '../block';
import { mirroredBlocks } from './quilt';
import { making } from './making';
import { castBlocks } from './scrappy';
import { settingPieces, type SettingPiece } from './setting-pieces';

export type Basis = 'kit' | 'batch';

/** An entry never changes, so what was worked out for it holds as long as it lives; by what else it follows from. */
const constructed = new WeakMap<MonthBlock, Map<string, Construction>>();

/**
 * How a month's block is cut and sewn, all its `make` counted together. In a colourway, seams are pressed to its own darker fabrics, and its own
 * directional prints keep their way up; without one, seams go to those that are darker on average, and whatever some colourway casts with a
 * directional print keeps its way up.
 */
export function constructMonthBlock(programme: Programme, entry: MonthBlock, colourway?: Colourway): Construction {
  const known = constructed.get(entry) ?? new Map<string, Construction>();
  constructed.set(entry, known);
  const lightness = colourway
    ? new Map([...colourway.fabrics].map(([role, fabric]) => [role, fabric.value]))
    : programme.lightness;
  const letters = rolesOf(entry.block);
  const directional = colourway ? directionalIn(colourway) : programme.directional;
  const from = letters.map((role) => `${role}${directional.has(role) ? '!' : ''} ${lightness.get(role)}`).join();
  let construction = known.get(from);
  if (!construction) {
    construction = construct(entry.block, { ...entry, directional, lightness });
    known.set(from, construction);
  }
  return construction;
}

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
    constructMonthBlock(programme, of, colourway)
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
  for (const month of request.months)
    for (const entry of month.blocks) {
      for (const { size: of, make, kits } of shares) {
        const cast = castBlocks(programme, colourway, entry, of);
        if (cast) {
          if (kits > 0)
            for (const b of cast) add(month, (b.mirrored && inMirror(programme, colourway, b.entry)) || b.entry, kits);
          continue;
        }
        const all = entry.make * make;
        const turned = inMirror(programme, colourway, entry);
        const mirrored = turned ? Math.min(all, mirroredBlocks(programme, `${month.id}:${entry.key}`, of)) : 0;
        if (all > mirrored) add(month, making(entry, all - mirrored), kits);
        if (mirrored > 0) add(month, making(turned!, mirrored), kits);
      }
      const stopped = cutting ? stepOutBlocks(programme, month, entry, colourway) : 0;
      const shown = castBlocks(programme, colourway, entry)?.[0]?.entry ?? entry;
      if (stopped > 0) add(month, making(shown, stopped), 1);
    }
  for (const { size: of, kits } of shares)
    if (kits > 0) {
      if (request.setting === 'all') set('quilt', settingPieces(programme, colourway, of), kits);
      else if (request.setting !== 'none')
        for (const month of request.months) set(`${month.id}:quilt`, settingPieces(programme, colourway, of, month), kits);
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

  function set(where: string, pieces: SettingPiece[], kits: number): void {
    for (const { fabric, role, name, w, h, qty, sub } of pieces) {
      const known = demandFor(fabric, role);
      const plain = `${where}:${name}`;
      const fits = (piece?: WantedPiece) => !piece || (piece.w.equals(w) && piece.h.equals(h) && piece.cut.sub === sub);
      // Another size of the quilt has other lengths of the same name.
      let label = plain;
      for (let n = 2; !fits(known.get(label)); n += 1) label = `${plain}#${n}`;
      const piece = known.get(label);
      if (piece) piece.qty += qty * kits;
      else known.set(label, { label, w, h, qty: qty * kits, turnable: !fabric.directional, cut: { sub } });
    }
  }

  function add(month: Month, entry: MonthBlock, kits: number): void {
    for (const cut of constructMonthBlock(programme, entry, colourway).cuts) {
      const fabric = colourway.fabrics.get(cut.role)!;
      const pieces = demandFor(fabric, cut.role);
      const label = `${month.id}:${entry.key}:${cut.label}`;
      const known = pieces.get(label);
      const same = known?.w.equals(cut.w) && known.h.equals(cut.h) && known.cut.sub === cut.sub;
      // Another number of blocks may be cut otherwise; then its pieces have names of their own.
      const name = !known || same ? label : `${month.id}:${entry.key}x${entry.make}:${cut.label}`;
      const piece = pieces.get(name);
      if (piece) piece.qty += cut.qty * kits;
      else {
        pieces.set(name, { label: name, w: cut.w, h: cut.h, qty: cut.qty * kits, turnable: !fabric.directional, cut });
      }
    }
  }
}

const makes = ({ size, kits }: Pick<SizeShare, 'size' | 'kits'>) => ({ size, make: size?.make ?? 1, kits });

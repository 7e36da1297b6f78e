/** From a month and a head count to the cloth: demand per fabric, and the plan for one kit or for all. */
import type { Problem } from '../block';
import { construct, type Construction } from '../construction';
import {
  DoesNotFit,
  labourOf as cuttingLabour,
  longestStrip,
  planFabric,
  planSheets,
  type FabricPlan,
  type Labour,
  type Piece,
  type Reading,
  type Rect,
  type SheetPlan,
} from '../cutting';
import { value } from '../fabric';
import { formatLength } from '../measure';
import { formName } from './forms';
import type { Colourway, Fabric, Month, MonthBlock, Programme } from './document';

/** The plan cannot be made; each problem names its place in the document. */
export class PlanError extends Error {
  constructor(readonly problems: Problem[]) {
    super(problems.map((p) => p.message).join('; '));
  }
}

export type Basis = 'kit' | 'batch';

export interface PlannedFabric {
  fabric: Fabric;
  /** Letters that the colourway gives this fabric. */
  roles: string[];
  plan: FabricPlan | SheetPlan;
}

export interface CuttingPlan {
  colourway: Colourway;
  basis: Basis;
  reading: Reading;
  /** People that it serves. */
  participants: number;
  /** All kits that are cut: people, spares and demo sets. */
  kits: number;
  fabrics: PlannedFabric[];
}

/** An entry belongs to one reading of one document, so what was worked out for it holds as long as it lives. */
const constructed = new WeakMap<MonthBlock, Map<Colourway | undefined, Construction>>();

/**
 * How a month's block is cut and sewn, all its `make` counted together. In a colourway, seams are pressed to its own darker fabrics;
 * without one, to those that are darker on average. Nothing else differs.
 */
export function constructMonthBlock(programme: Programme, entry: MonthBlock, colourway?: Colourway): Construction {
  const known = constructed.get(entry) ?? new Map<Colourway | undefined, Construction>();
  constructed.set(entry, known);
  let construction = known.get(colourway);
  if (!construction) {
    const lightness = colourway
      ? new Map([...colourway.fabrics].map(([role, fabric]) => [role, value(fabric.colour)]))
      : programme.lightness;
    construction = construct(entry.block, { ...entry, directional: programme.directional, lightness });
    known.set(colourway, construction);
  }
  return construction;
}

/** Kits to cut for so many people: spares below 1 are a fraction, rounded up; from 1 on they are kits. */
export function kitCount(programme: Programme, participants: number): number {
  const { spares, demoSets } = programme.kits;
  if (participants === 0) return 0;
  // 0.1 of 30 is 3, not 4: the fraction is taken in millionths, where a float's dust is gone.
  const spare = spares < 1 ? Math.ceil((Math.round(spares * 1e6) * participants) / 1e6) : Math.ceil(spares);
  return participants + spare + demoSets;
}

export interface PlanRequest {
  colourway: Colourway;
  months: readonly Month[];
  basis: Basis;
  /** People; ignored for a kit, which is one person's. */
  participants: number;
  /** What 'best' means; the thriftiest when left out. */
  reading?: Reading;
  /** The plan that is found at once, instead of the final one. */
  first?: boolean;
}

/** The cutting plan of some months for one colourway. Throws PlanError with every problem found. */
export function planCutting(programme: Programme, request: PlanRequest): CuttingPlan {
  const { colourway, basis } = request;
  const participants = basis === 'kit' ? 1 : request.participants;
  const kits = basis === 'kit' ? 1 : kitCount(programme, participants);
  const problems: Problem[] = [];
  const demands = new Map<Fabric, { roles: Set<string>; pieces: Piece[] }>();
  for (const month of request.months) {
    for (const entry of month.blocks) {
      for (const cut of constructMonthBlock(programme, entry).cuts) {
        const fabric = colourway.fabrics.get(cut.role)!;
        const demand = demands.get(fabric) ?? { roles: new Set(), pieces: [] };
        demand.roles.add(cut.role);
        const label = `${month.id}:${entry.key}:${cut.label}`;
        demand.pieces.push({ label, w: cut.w, h: cut.h, qty: cut.qty * kits, turnable: !programme.directional.has(cut.role) });
        demands.set(fabric, demand);
      }
    }
  }
  const fabrics = [...demands].map(([fabric, { roles, pieces }]) => {
    const plan = attempt(() => planOne(programme, fabric, pieces, request));
    return plan && { fabric, roles: [...roles].sort(), plan };
  });
  if (problems.length > 0) throw new PlanError(problems);
  const planned = fabrics.filter((f) => f !== undefined).sort((a, b) => (a.roles[0]! < b.roles[0]! ? -1 : 1));
  return { colourway, basis, reading: request.reading ?? 'thriftiest', participants, kits, fabrics: planned };

  function attempt<T>(make: () => T): T | undefined {
    try {
      return make();
    } catch (error) {
      if (!(error instanceof PlanError)) throw error;
      problems.push(...error.problems);
      return undefined;
    }
  }
}

function planOne(
  programme: Programme,
  fabric: Fabric,
  pieces: Piece[],
  { reading, first }: PlanRequest,
): FabricPlan | SheetPlan {
  const index = programme.fabrics.indexOf(fabric);
  // A document without colourways is planned on plain fabric of the house's width.
  const path = index >= 0 ? `/fabrics/${index}` : '/house/wof';
  const { form, usableWidth, usableLength, name } = fabric;
  try {
    if (form === 'yardage') {
      const ruler = longestStrip[programme.unit];
      return planFabric(pieces, usableWidth, programme.house, { reading, first, ruler });
    }
    if (usableLength) return planSheets(pieces, usableWidth, usableLength);
  } catch (error) {
    if (!(error instanceof DoesNotFit)) throw error;
    throw new PlanError([{ path: index >= 0 ? `${path}/usableWidth` : path, message: error.message }]);
  }
  throw new PlanError([
    {
      path: `${path}/form`,
      message: `'${name}' comes as a ${formName(form, 1)}: say how much of it can be used, in usableWidth and usableLength`,
    },
  ]);
}

/** A plan as the command line prints it (docs/formats.md). */
export function planContract({ colourway, basis, reading, participants, kits, fabrics }: CuttingPlan, programme: Programme) {
  const write = (x: Parameters<typeof formatLength>[0]) => formatLength(x, programme.unit);
  return {
    colourway: colourway.id,
    basis,
    reading,
    participants,
    kits,
    fabrics: fabrics.map(({ fabric, plan }) => ({
      fabric: fabric.id,
      form: fabric.form,
      usableWidth: write(plan.usableWidth),
      ...('sheets' in plan && { usableLength: write(plan.usableLength) }),
      demand: plan.demand.map((p) => ({ label: p.label, w: write(p.w), h: write(p.h), qty: p.qty })),
      lowerBound: plan.lowerBound,
      proof: plan.proof,
      yield: Math.round(plan.yield * 1e4) / 1e4,
      ...labourContract(labourOf(programme, plan)),
      surplus: plan.surplus,
      ...('sheets' in plan
        ? {
            sheetsNeeded: plan.sheetsNeeded,
            sheets: plan.sheets.map(({ repeat, rects }) => ({ repeat, rects: rects.map(rect) })),
          }
        : {
            lengthNeeded: write(plan.lengthNeeded),
            lengthToBuy: write(plan.lengthToBuy),
            strips: plan.strips.map((s) => ({ length: write(s.length), repeat: s.repeat, rects: s.rects.map(rect) })),
          }),
    })),
  };

  function rect(r: Rect) {
    return { x: write(r.x), y: write(r.y), w: write(r.w), h: write(r.h), label: r.label };
  }
}

/** What cutting a plan costs in this house. */
export function labourOf({ house }: Programme, plan: FabricPlan | SheetPlan): Labour {
  return cuttingLabour({ strips: 'sheets' in plan ? plan.sheets : plan.strips, settings: plan.settings }, house.layers);
}

const labourContract = ({ settings, passes, minutes }: Labour) => ({
  settings,
  passes,
  minutes: Math.round(minutes * 10) / 10,
});

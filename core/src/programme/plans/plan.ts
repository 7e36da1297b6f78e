/** From a month and a head count to the cloth: demand per fabric, and the plan for one kit or for all. */
import type { Problem } from '../../block';
import {
  DoesNotFit,
  gramsOf,
  wasteOf,
  labourOf as cuttingLabour,
  lengthToBuy,
  longestStrip,
  planFabric,
  planSheets,
  type FabricPlan,
  type Labour,
  type Piece,
  type PlanAim,
  type Rect,
  type SheetPlan,
} from '../../cutting';
import { formatLength } from '../../measure';
import { formName } from '../document/forms';
import { demandOf, type Basis, type DemandRequest } from '../demand/demand';
import { kitsBySize } from '../demand/kit-groups';
import type { Colourway, Fabric, Programme, SizeOption } from '../document/document';
import { PlanError } from '../document/plan-error';
import { backingCloth, type BackingCloth } from '../quilt/setting-pieces';
import { words } from './words';

export interface PlannedFabric {
  fabric: Fabric;
  /** Letters that the colourway gives this fabric. */
  roles: string[];
  plan: FabricPlan | SheetPlan;
}

export interface CuttingPlan {
  colourway: Colourway;
  basis: Basis;
  /** 'chosen' where nobody asked for one and a fabric has one of its own. */
  reading: PlanAim | 'chosen';
  /** People that it serves. */
  participants: number;
  /** All kits that are cut: people, spares and demo sets. */
  kits: number;
  fabrics: PlannedFabric[];
  /** Cloth for the backs that are handed out, by size, and how many of each. */
  backings: { size?: SizeOption; cloth: BackingCloth; quilts: number }[];
}

export interface PlanRequest extends DemandRequest {
  /** What 'best' means for all fabrics; when left out, what each fabric is planned for, or else the least cloth. */
  reading?: PlanAim;
  /** The plan that is found at once, instead of the final one. */
  first?: boolean;
}

/** The cutting plan of some months for one colourway. Throws PlanError with every problem found. */
export function planCutting(programme: Programme, request: PlanRequest): CuttingPlan {
  const { colourway, basis } = request;
  const participants = basis === 'kit' ? 1 : request.participants;
  const kits = kitsIn(programme, request);
  const problems: Problem[] = [];
  const fabrics = demandOf(programme, request).map(({ fabric, roles, pieces }) => {
    const plan = attempt(() => planPieces(programme, fabric, pieces, request));
    return plan && { fabric, roles, plan };
  });
  if (problems.length > 0) throw new PlanError(problems);
  const planned = fabrics.filter((f) => f !== undefined);
  const plan = { colourway, basis, reading: readingOf(request, planned), participants, kits, fabrics: planned };
  return { ...plan, backings: backingsOf(programme, request) };

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

/** What a plan of these fabrics is best for. */
export const readingOf = ({ reading }: PlanRequest, fabrics: readonly { fabric: Fabric }[]): CuttingPlan['reading'] =>
  reading ?? (fabrics.some(({ fabric }) => fabric.planFor) ? 'chosen' : 'thriftiest');

/** How many kits a request is for. */
export function kitsIn(programme: Programme, { colourway, basis, participants, kits }: PlanRequest): number {
  if (basis === 'kit') return 1;
  return (kits ?? kitsBySize(programme, colourway, participants)).reduce((n, share) => n + share.kits, 0);
}

/** Cloth for the backs of the kits, where they are asked for. Throws PlanError. */
export function backingsOf(programme: Programme, request: PlanRequest): CuttingPlan['backings'] {
  const { colourway, basis, participants, kits: asked, setting = 'months', months, stepOuts } = request;
  if (setting === 'none' || stepOuts === 'alone') return [];
  const shares =
    basis === 'kit' ? [{ size: request.size, kits: 1 }] : (asked ?? kitsBySize(programme, colourway, participants));
  return shares.flatMap(({ size, kits: quilts }) => {
    const month = (size?.setting ?? programme.setting)?.months.get('backing');
    const wanted = setting === 'all' || months.some((m) => m.id === month);
    const cloth = wanted && quilts > 0 ? backingCloth(programme, colourway, size) : undefined;
    return cloth ? [{ ...(size && { size }), cloth, quilts }] : [];
  });
}

/** The plan of one fabric for these pieces. Throws PlanError. */
export function planPieces(
  programme: Programme,
  fabric: Fabric,
  pieces: readonly Piece[],
  { reading, first }: Pick<PlanRequest, 'reading' | 'first'> = {},
): FabricPlan | SheetPlan {
  const index = programme.fabrics.indexOf(fabric);
  // A document without colourways is planned on plain fabric of the house's width.
  const path = index >= 0 ? `/fabrics/${index}` : '/house/wof';
  const { form, usableWidth, usableLength, name } = fabric;
  try {
    if (form === 'yardage') {
      const ruler = longestStrip[programme.unit];
      const aim = reading ?? fabric.planFor;
      return planFabric(pieces, usableWidth, programme.house, { reading: aim, first, ruler });
    }
    if (usableLength) return planSheets(pieces, usableWidth, usableLength);
  } catch (error) {
    if (!(error instanceof DoesNotFit)) throw error;
    // A print that must keep its way up cannot be laid along the fabric: say which it is, and what helps.
    const upright = fabric.directional ? words.isADirectionalPrintPieceIt(name) : '';
    throw new PlanError([{ path: index >= 0 ? `${path}/usableWidth` : path, message: `${error.message}${upright}` }]);
  }
  throw new PlanError([
    {
      path: `${path}/form`,
      message: words.isSoldAsAEnterIts(name, formName(form, 1)),
    },
  ]);
}

/** A plan as the command line prints it (docs/formats.md). */
export function planContract(plan: CuttingPlan, programme: Programme) {
  const { colourway, basis, reading, participants, kits, fabrics, backings } = plan;
  const write = (x: Parameters<typeof formatLength>[0]) => formatLength(x, programme.unit);
  return {
    colourway: colourway.id,
    basis,
    reading,
    participants,
    kits,
    ...(backings.length > 0 && { backing: backings.map(backingContract) }),
    fabrics: fabrics.map(({ fabric, plan }) => ({
      fabric: fabric.id,
      form: fabric.form,
      ...(fabric.planFor && { planFor: fabric.planFor }),
      usableWidth: write(plan.usableWidth),
      ...('sheets' in plan && { usableLength: write(plan.usableLength) }),
      demand: plan.demand.map((p) => ({ label: p.label, w: write(p.w), h: write(p.h), qty: p.qty })),
      lowerBound: plan.lowerBound,
      proof: plan.proof,
      yield: Math.round(plan.yield * 1e4) / 1e4,
      ...labourContract(labourOf(programme, plan)),
      surplus: plan.surplus,
      waste: wasteContract(plan),
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

  function backingContract({ size, cloth, quilts }: CuttingPlan['backings'][number]) {
    return {
      ...(size && { size: size.id }),
      ...{ fabric: cloth.fabric.id, w: write(cloth.w), h: write(cloth.h), seams: cloth.seams, panels: cloth.panels, quilts },
      lengthEach: write(lengthToBuy(cloth.length, programme.house)),
    };
  }

  function wasteContract(plan: FabricPlan | SheetPlan) {
    const { keep, scrap } = wasteOf(plan, programme.unit);
    return {
      keep: keep.map(({ w, h, qty }) => ({ w: write(w), h: write(h), qty })),
      scrapGrams: Math.round(gramsOf(scrap, programme.unit)),
    };
  }

  function rect(r: Rect) {
    return { x: write(r.x), y: write(r.y), w: write(r.w), h: write(r.h), label: r.label };
  }
}

/** What cutting a plan costs in this house. */
export function labourOf({ house }: Programme, plan: FabricPlan | SheetPlan): Labour {
  return cuttingLabour(
    { strips: 'sheets' in plan ? plan.sheets : plan.strips, settings: plan.settings },
    house.layers,
    house.rates,
  );
}

const labourContract = ({ settings, passes, minutes }: Labour) => ({
  settings,
  passes,
  minutes: Math.round(minutes * 10) / 10,
});

/** What one participant is handed: packets of one month or several, and the bundle for the whole programme (docs/craft.md, Kits and packets). */
import {
  DoesNotFit,
  lengthToBuy,
  planBundle,
  planFabric,
  stagesOfPlan,
  type BundlePlan,
  type FabricPlan,
  type Piece,
  type SheetPlan,
  type Stage,
} from '../../cutting';
import { by, formatLength, ratio, type Rational, soldText } from '../../measure';
import { demandOf } from '../demand/demand';
import type { Colourway, Fabric, Month, Programme, SizeOption } from '../document/document';
import { formName } from '../document/forms';
import { planPieces } from '../plans/plan';
import { backingCloth, waddingOf, type BackingCloth, type Wadding } from '../quilt/setting-pieces';
import { lettersOfFabric } from '../document/letters';
import { PlanError } from '../document/plan-error';
import { words } from './words';
import { KeptWords } from '../../words';
import { pieceTitle, readPieceLabel } from '../document/labels';

export interface PacketFabric {
  fabric: Fabric;
  roles: string[];
  plan: FabricPlan | SheetPlan;
  /** For cloth from the bolt: what each of the packet's months cuts, saves and keeps whole. */
  stages?: Stage[];
  /** For a cut form that serves several months: how each piece of it is cut month by month. */
  bundle?: BundlePlan;
}

/** What the quilt is finished with, where one of the months hands it out. */
export interface Finishing {
  /** With the length to buy. */
  backing?: BackingCloth & { toBuy: Rational };
  /** With the length to buy, where the shop cuts it. */
  wadding?: Wadding & { toBuy?: Rational };
}

export interface PacketPlan {
  months: readonly Month[];
  fabrics: PacketFabric[];
  finishing: Finishing;
  /** Fabrics that come with the programme's bundle instead. */
  bundled: Fabric[];
}

interface WhosePacket {
  colourway: Colourway;
  months: readonly Month[];
  size?: SizeOption;
}

const planned = new KeptWords<Programme, Map<string, PacketPlan>>();

/** One participant's packet; a programme's is worked out once. Throws PlanError. */
export function planPacket(programme: Programme, whose: WhosePacket): PacketPlan {
  const known = planned.get(programme) ?? new Map<string, PacketPlan>();
  planned.set(programme, known);
  const key = JSON.stringify([whose.colourway.id, whose.size?.id, whose.months.map((m) => m.id)]);
  const found = known.get(key) ?? packetOf(programme, whose);
  known.set(key, found);
  return found;
}

function packetOf(programme: Programme, { colourway, months, size }: WhosePacket): PacketPlan {
  const demands = demandOf(programme, { colourway, months, basis: 'kit', participants: 1, size });
  const inBundle = (fabric: Fabric) => programme.kits.bundle.has(fabric.id);
  const fabrics = demands
    .filter((d) => !inBundle(d.fabric))
    .map(({ fabric, roles, pieces }): PacketFabric => {
      const joint = planPieces(programme, fabric, pieces);
      if ('sheets' in joint) {
        if (months.length < 2) return { fabric, roles, plan: joint };
        const own = months.map((month) => pieces.filter((p) => readPieceLabel(p.label).month === month.id));
        return { fabric, roles, plan: joint, bundle: planBundle(own, joint.usableWidth, joint.usableLength) };
      }
      const apart = monthByMonth(programme, fabric, pieces, months);
      // Nothing needs to be saved where cutting month by month asks for no more cloth.
      const plan = apart.lengthToBuy.compare(joint.lengthToBuy) <= 0 ? apart : joint;
      const monthOf = new Map(months.map((m, i) => [m.id, i]));
      const stageOf = (label: string) => monthOf.get(readPieceLabel(label).month!)!;
      return { fabric, roles, plan, stages: stagesOfPlan(plan, stageOf, months.length) };
    });
  return {
    ...{ months, fabrics, finishing: finishingOf(programme, { colourway, months, size }) },
    bundled: demands.filter((d) => inBundle(d.fabric)).map((d) => d.fabric),
  };
}

/** Backing and wadding for one participant, where one of the months hands them out. Throws PlanError. */
export function finishingOf(programme: Programme, { colourway, months, size }: WhosePacket): Finishing {
  const setting = size?.setting ?? programme.setting;
  const comes = (part: 'backing' | 'wadding') => months.some((m) => m.id === setting?.months.get(part));
  const toBuy = (length: Rational) => lengthToBuy(length, programme.house);
  const back = comes('backing') ? backingCloth(programme, colourway, size) : undefined;
  const wadding = comes('wadding') ? waddingOf(programme, colourway, size) : undefined;
  return {
    ...(back && { backing: { ...back, toBuy: toBuy(back.length) } }),
    ...(wadding && { wadding: { ...wadding, ...(wadding.cloth && { toBuy: toBuy(wadding.cloth.length) }) } }),
  };
}

/** Each month from strips of its own, in the order of the months. */
function monthByMonth(programme: Programme, fabric: Fabric, pieces: readonly Piece[], months: readonly Month[]): FabricPlan {
  const own = months.map((month) => pieces.filter((p) => readPieceLabel(p.label).month === month.id));
  const plans = own.filter((p) => p.length > 0).map((p) => planPieces(programme, fabric, p) as FabricPlan);
  const total = (of: (plan: FabricPlan) => number) => plans.reduce((n, plan) => n + of(plan), 0);
  const lengthNeeded = plans.reduce((sum, plan) => sum.add(plan.lengthNeeded), ratio(0));
  return {
    ...plans[0]!,
    demand: pieces,
    strips: plans.flatMap((plan) => plan.strips),
    settings: total((plan) => plan.settings),
    kinds: total((plan) => plan.kinds),
    surplus: plans.flatMap((plan) => plan.surplus),
    lengthNeeded,
    lengthToBuy: lengthToBuy(lengthNeeded, programme.house),
    // Months that are cut apart cannot undercut any of their own bounds. They are thousandths: added whole, without a float's dust.
    lowerBound: total((plan) => Math.round(plan.lowerBound * 1000)) / 1000,
    yield: total((plan) => plan.yield * plan.lengthNeeded.valueOf()) / (lengthNeeded.valueOf() || 1),
  };
}

export interface BundledFabric {
  fabric: Fabric;
  roles: string[];
  plan: BundlePlan;
  /** Plain sentences; empty when everything fits. */
  lacking: string[];
  remedies: string[];
}

const bundles = new KeptWords<Programme, Map<string, BundledFabric[]>>();

/** The bundle of one participant, fabric by fabric, over all months of the programme; worked out once. Throws PlanError. */
export function planBundles(programme: Programme, whose: Pick<WhosePacket, 'colourway' | 'size'>): BundledFabric[] {
  const known = bundles.get(programme) ?? new Map<string, BundledFabric[]>();
  bundles.set(programme, known);
  const key = JSON.stringify([whose.colourway.id, whose.size?.id]);
  const found = known.get(key) ?? bundlesOf(programme, whose);
  known.set(key, found);
  return found;
}

function bundlesOf(programme: Programme, { colourway, size }: Pick<WhosePacket, 'colourway' | 'size'>): BundledFabric[] {
  const fabrics = [...new Set(colourway.fabrics.values())].filter((f) => programme.kits.bundle.has(f.id));
  // A colourway without a bundle is not stopped by what is wrong with a month far ahead.
  if (fabrics.length === 0) return [];
  const byMonth = programme.months.map((month) => {
    const request = { colourway, months: [month], basis: 'kit' as const, participants: 1, size };
    try {
      return demandOf(programme, request);
    } catch (error) {
      // A quilt that cannot be set yet says so itself; the blocks of the other months are cut all the same.
      if (error instanceof PlanError) return demandOf(programme, { ...request, setting: 'none' });
      throw error;
    }
  });
  return fabrics.flatMap((fabric) => {
    const months = byMonth.map((demands) => demands.find((d) => d.fabric === fabric)?.pieces ?? []);
    const roles = lettersOfFabric(colourway, fabric);
    const { usableWidth, usableLength, name, form } = fabric;
    const path = `/fabrics/${programme.fabrics.indexOf(fabric)}`;
    if (!usableLength) {
      const message = words.isSoldAsAEnterIts(name, formName(form, 1));
      throw new PlanError([{ path: `${path}/form`, message }]);
    }
    try {
      const plan = planBundle(months, usableWidth, usableLength, programme.kits.bundle.get(fabric.id));
      const bundled = { fabric, roles, plan, lacking: lacking(programme, fabric, roles, plan, months) };
      return [{ ...bundled, remedies: remedies(programme, fabric, plan, months) }];
    } catch (error) {
      if (!(error instanceof DoesNotFit)) throw error;
      throw new PlanError([{ path: `${path}/usableWidth`, message: error.message }]);
    }
  });
}

/** 'month 9 (September, Trellis), fabric C (Elderberry), lacks 3 squares of 3 7/8 in (C2)' */
function lacking(
  { months: all, unit }: Programme,
  { name }: Fabric,
  roles: readonly string[],
  { lacks }: BundlePlan,
  months: readonly (readonly Piece[])[],
): string[] {
  return lacks.map(({ month, label, qty }) => {
    const { w, h } = months[month]!.find((p) => p.label === label)!;
    const shape = w.equals(h) ? words.square : words.rectangle;
    const size = w.equals(h) ? formatLength(w, unit) : by(formatLength(w, unit), formatLength(h, unit));
    return words.monthFabricLacksOf(
      month + 1,
      all[month]!.name,
      roles.join(', '),
      name,
      qty,
      shape,
      size,
      unit,
      pieceTitle(label),
    );
  });
}

function remedies(
  programme: Programme,
  fabric: Fabric,
  { lacks, needed }: BundlePlan,
  months: readonly (readonly Piece[])[],
): string[] {
  if (lacks.length === 0) return [];
  const { house } = programme;
  const pieces = lacks.map(({ month, label, qty }) => ({ ...months[month]!.find((p) => p.label === label)!, qty }));
  const more = words.putIntoEachBundleTheyHold(needed, formName(fabric.form, needed));
  try {
    const { lengthToBuy: length } = planFabric(pieces, house.wof, house);
    const yards = soldText(length, house);
    return [more, words.orAddOfFromTheBolt(yards, fabric.name)];
  } catch (error) {
    if (error instanceof DoesNotFit) return [more];
    throw error;
  }
}

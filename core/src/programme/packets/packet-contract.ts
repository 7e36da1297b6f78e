/** Packets, bundles, bolts and orders as the command line prints them (docs/command-line.md). */
import { formatLength, type Rational, type LengthUnit } from '../../measure';
import type { OwnCloth } from '../demand/own-cloth';
import type { BundledFabric, PacketPlan } from './packets';
import type { FabricStock } from '../stock/stock';

const writer = (unit: LengthUnit) => (x: Rational) => formatLength(x, unit);

/** One participant's packet: what to cut month by month, what to save, what stays whole. */
export function packetContract({ months, fabrics, finishing: { backing, wadding }, bundled }: PacketPlan, unit: LengthUnit) {
  const write = writer(unit);
  return {
    months: months.map((m) => m.id),
    fabrics: fabrics.map(({ fabric, plan, stages }) => ({
      fabric: fabric.id,
      ...('sheets' in plan
        ? { sheetsNeeded: plan.sheetsNeeded }
        : { lengthNeeded: write(plan.lengthNeeded), lengthToBuy: write(plan.lengthToBuy) }),
      stages: stages?.map(({ strips, save, saved, whole }, i) => ({
        month: months[i]!.id,
        strips: strips.map((s) => ({
          length: write(s.length),
          repeat: s.repeat,
          rects: s.rects.map((r) => ({ x: write(r.x), y: write(r.y), w: write(r.w), h: write(r.h), label: r.label })),
        })),
        save: save.map(({ label, qty, stage }) => ({ label, qty, for: months[stage]!.id })),
        saved,
        whole: write(whole),
      })),
    })),
    ...(backing && {
      backing: {
        ...{
          fabric: backing.fabric.id,
          w: write(backing.w),
          h: write(backing.h),
          seams: backing.seams,
          panels: backing.panels,
        },
        ...{ length: write(backing.length), lengthToBuy: write(backing.toBuy) },
      },
    }),
    ...(wadding && {
      wadding: {
        ...{ w: write(wadding.w), h: write(wadding.h), packaged: wadding.packaged?.name },
        ...(wadding.cloth && { fabric: wadding.cloth.fabric.id, lengthToBuy: write(wadding.toBuy!) }),
      },
    }),
    bundled: bundled.map((f) => f.id),
  };
}

/** A fabric of the bundle: its pieces of cloth, what each month cuts from which, and what stays in one piece. */
export function bundleContract(
  { fabric, plan, lacking, remedies }: BundledFabric,
  months: readonly { id: string }[],
  unit: LengthUnit,
) {
  const write = writer(unit);
  const box = (r: { x: Rational; y: Rational; w: Rational; h: Rational }) => ({
    x: write(r.x),
    y: write(r.y),
    w: write(r.w),
    h: write(r.h),
  });
  return {
    fabric: fabric.id,
    form: fabric.form,
    sheets: plan.sheets,
    sheetsNeeded: plan.needed,
    lowerBound: plan.lowerBound,
    months: plan.months.map(({ cuts, remainders }, i) => ({
      month: months[i]!.id,
      cuts: cuts.map((c) => ({
        sheet: c.sheet + 1,
        ...box(c),
        label: c.label,
        ...(c.saveFor !== undefined && { saveFor: months[c.saveFor]!.id }),
      })),
      remainders: remainders.map((r) => ({ sheet: r.sheet + 1, ...box(r) })),
    })),
    ...{ lacking, remedies },
  };
}

/** A fabric on the shelf: what is cut from which bolt, what remains, what to order. */
export function stockContract({ fabric, wanted, shelf, bolts, pieces, order }: FabricStock, unit: LengthUnit) {
  const write = writer(unit);
  return {
    fabric: fabric.id,
    supplier: fabric.supplier,
    wanted: write(wanted),
    shelf: write(shelf),
    pieces,
    bolts: bolts?.bolts.map(({ bolt, cuts, rest }) => ({
      bolt: bolt.id,
      dyeLot: bolt.dyeLot,
      length: write(bolt.length),
      cuts: cuts.map((c) => ({ label: c.label, length: write(c.length), qty: c.qty })),
      rest: write(rest),
    })),
    waste: bolts && write(bolts.waste),
    proven: bolts?.proven,
    order: { ...order, length: write(order.length) },
  };
}

/** What a participant brings who brings her own. */
export function ownClothContract({ fabric, yardage, fatQuarters, scraps }: OwnCloth, unit: LengthUnit) {
  const write = writer(unit);
  return {
    fabric: fabric.id,
    yardage: yardage && write(yardage),
    fatQuarters,
    scraps: scraps.map((s) => ({ label: s.label, w: write(s.w), h: write(s.h), qty: s.qty })),
  };
}

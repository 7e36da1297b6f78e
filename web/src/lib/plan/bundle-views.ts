/** The start-up bundle as its page shows it, month by month. */
import { formatLength, type Rational } from '@aggrega/core/measure';
import { formName, pieceTitle, planBundles, type Programme } from '@aggrega/core/programme';
import { words } from './words';

export interface BundleView {
  id: string;
  name: string;
  colour: string;
  roles: string[];
  /** '2 fat quarters' */
  ask: string;
  one: string;
  wide: number;
  tall: number;
  sheets: number;
  needed: number;
  lacking: string[];
  remedies: string[];
  months: {
    name: string;
    cuts: { sheet: number; x: number; y: number; w: number; h: number; name: string; later?: string }[];
    /** The largest piece that is still whole. */
    largest?: { sheet: number; x: number; y: number; w: number; h: number; size: string };
  }[];
}

/** The bundle of one participant; empty where the programme has none. Throws PlanError. */
export function bundleViews(programme: Programme, colourwayId: string, sizeId: string | undefined): BundleView[] {
  const colourway = programme.colourways.find((c) => c.id === colourwayId) ?? programme.colourways[0]!;
  const size = programme.sizes.find((s) => s.id === sizeId);
  const write = (x: Rational) => formatLength(x, programme.unit);
  const box = (r: { sheet: number; x: Rational; y: Rational; w: Rational; h: Rational }) => ({
    sheet: r.sheet,
    x: r.x.valueOf(),
    y: r.y.valueOf(),
    w: r.w.valueOf(),
    h: r.h.valueOf(),
  });
  return planBundles(programme, { colourway, size }).map(({ fabric, roles, plan, lacking, remedies }) => ({
    ...{ id: fabric.id, name: fabric.name, colour: fabric.colour, roles, lacking, remedies, needed: plan.needed },
    ask: `${plan.sheets} ${formName(fabric.form, plan.sheets)}`,
    one: formName(fabric.form, 1),
    wide: plan.usableWidth.valueOf(),
    tall: plan.usableLength.valueOf(),
    sheets: plan.sheets,
    months: plan.months.map(({ cuts, remainders }, i) => ({
      name: programme.months[i]!.name,
      cuts: cuts.map((c) => ({
        ...box(c),
        name: pieceTitle(c.label),
        ...(c.saveFor !== undefined && { later: programme.months[c.saveFor]!.name }),
      })),
      ...(remainders[0] && {
        largest: { ...box(remainders[0]), size: words.by(write(remainders[0].w), write(remainders[0].h)) },
      }),
    })),
  }));
}

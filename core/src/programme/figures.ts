/** The year in figures: cloth and what is left of it month by month, cost as the head count grows, and the weeks' load at the table. */
import { lengthToBuy, wasteOf, gramsOf, type FabricPlan, type SheetPlan } from '../cutting';
import { kitCount } from './demand';
import type { Colourway, Fabric, Month, Programme } from './document';
import { yardsOf } from './forms';
import { handsOut } from './set-blocks';
import { labourOf, planCutting, type CuttingPlan, type PlannedFabric } from './plan';

/** What the cloth to buy costs; undefined without a price, and for forms that are not cut from yards. */
export function costOfFabric({ fabric, plan }: PlannedFabric, { unit }: Programme): number | undefined {
  // What a participant brings costs the shop nothing.
  if (fabric.own) return 0;
  if (fabric.pricePerYard === undefined) return undefined;
  // The price is per yard, in a metric house as well: a yard is 91.44 cm.
  if (!('sheets' in plan)) return (plan.lengthToBuy.valueOf() / yard(unit)) * fabric.pricePerYard;
  const yards = yardsOf(fabric.form);
  return yards && plan.sheetsNeeded * yards * fabric.pricePerYard;
}

/** What the cloth of a plan costs; undefined while a fabric has no price. */
export function costOfPlan(plan: CuttingPlan, programme: Programme): number | undefined {
  let sum = 0;
  for (const fabric of plan.fabrics) {
    const cost = costOfFabric(fabric, programme);
    if (cost === undefined) return undefined;
    sum += cost;
  }
  for (const { cloth, quilts } of plan.backings) {
    if (cloth.fabric.pricePerYard === undefined) return undefined;
    const length = lengthToBuy(cloth.length, programme.house).valueOf() * quilts;
    sum += (length / yard(programme.unit)) * cloth.fabric.pricePerYard;
  }
  return sum;
}

const yard = (unit: Programme['unit']) => (unit === 'in' ? 36 : 91.44);

export interface MonthFigures {
  month: Month;
  /** Cloth that is cut up, as a length in the document's unit. */
  cloth: { fabric: Fabric; length: number }[];
  /** Shares of the cloth's area: sewn, kept as remainders, scraps. They add up to 1 when anything is cut. */
  sewn: number;
  kept: number;
  scrap: number;
  scrapGrams: number;
  /** Minutes at the cutting table, by the rates. */
  minutes: number;
}

/** Every drawn month, all colourways and all kits together. Throws PlanError. */
export function* monthFigures(programme: Programme, people: Readonly<Record<string, number>> = {}): Generator<MonthFigures> {
  for (const month of programme.months) {
    if (!handsOut(programme, month)) continue;
    const cloth = new Map<Fabric, number>();
    const area = { all: 0, sewn: 0, kept: 0 };
    let minutes = 0;
    for (const colourway of programme.colourways) {
      const participants = people[colourway.id] ?? programme.participants.get(colourway.id) ?? 0;
      const plan = planCutting(programme, { colourway, months: [month], basis: 'batch', participants, first: true });
      for (const { fabric, plan: cut } of plan.fabrics) {
        cloth.set(fabric, (cloth.get(fabric) ?? 0) + boughtAs(fabric, cut, programme.unit));
        minutes += labourOf(programme, cut).minutes;
        const all = areaOf(cut);
        area.all += all;
        area.sewn += all * cut.yield;
        area.kept += wasteOf(cut, programme.unit).keep.reduce((n, r) => n + r.qty * r.w.mul(r.h).valueOf(), 0);
      }
    }
    const share = (part: number) => (area.all === 0 ? 0 : part / area.all);
    const scrap = area.all - area.sewn - area.kept;
    yield {
      month,
      cloth: [...cloth].map(([fabric, length]) => ({ fabric, length })),
      ...{ sewn: share(area.sewn), kept: share(area.kept), scrap: share(scrap) },
      scrapGrams: gramsOf(scrap, programme.unit),
      minutes,
    };
  }
}

/** A fat quarter counts as the quarter of a yard that it is sold as; a form that is not cut from yards as its own length. */
function boughtAs(fabric: Fabric, plan: FabricPlan | SheetPlan, unit: Programme['unit']): number {
  const yards = 'sheets' in plan ? yardsOf(fabric.form) : undefined;
  return 'sheets' in plan && yards ? plan.sheetsNeeded * yards * yard(unit) : lengthOf(plan);
}

/** Sheets end to end, as if they had been cut from cloth as wide as they are. */
const lengthOf = (plan: FabricPlan | SheetPlan) =>
  'sheets' in plan ? plan.sheetsNeeded * plan.usableLength.valueOf() : plan.lengthNeeded.valueOf();
const areaOf = (plan: FabricPlan | SheetPlan) => lengthOf(plan) * plan.usableWidth.valueOf();

export interface CostPoint {
  people: number;
  /** Cloth for one participant, the whole year: all kits cut together, and each kit from lengths of its own. */
  together?: number;
  apart?: number;
}

/** What a participant's cloth costs as the head count of a colourway grows. Throws PlanError. */
export function* costCurve(programme: Programme, colourway: Colourway, heads: readonly number[]): Generator<CostPoint> {
  const months = programme.months.filter((m) => handsOut(programme, m));
  const cost = (basis: 'kit' | 'batch', participants: number) =>
    months.reduce<number | undefined>((sum, month) => {
      const plan = planCutting(programme, { colourway, months: [month], basis, participants, first: true });
      const own = costOfPlan(plan, programme);
      return sum === undefined || own === undefined ? undefined : sum + own;
    }, 0);
  const kit = cost('kit', 1);
  for (const people of heads) {
    const all = cost('batch', people);
    // Spares and demo sets are paid for by those who take part.
    const apart = kit === undefined ? undefined : (kit * kitCount(programme, people)) / people;
    yield { people, together: all === undefined ? undefined : all / people, apart };
  }
}

export interface WeekLoad {
  /** ISO date of its Monday. */
  monday: string;
  minutes: number;
  months: Month[];
}

/** Cutting falls into the week before the release. A rule of our own, until the calendar says otherwise. */
const DAYS_BEFORE = 7;

/** The weeks in which something is cut, in order; a month without a date is in none. */
export function loadByWeek(figures: readonly MonthFigures[]): WeekLoad[] {
  const weeks = new Map<string, WeekLoad>();
  for (const { month, minutes } of figures) {
    if (!month.release) continue;
    const day = new Date(`${month.release}T00:00:00Z`);
    day.setUTCDate(day.getUTCDate() - DAYS_BEFORE);
    day.setUTCDate(day.getUTCDate() - ((day.getUTCDay() + 6) % 7));
    const monday = day.toISOString().slice(0, 10);
    const week = weeks.get(monday) ?? { monday, minutes: 0, months: [] };
    week.minutes += minutes;
    week.months.push(month);
    weeks.set(monday, week);
  }
  return [...weeks.values()].sort((a, b) => (a.monday < b.monday ? -1 : 1));
}

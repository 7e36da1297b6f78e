/** What a month's Cutting page shows of its final plans, as plain data: worked out once, and sent with the page. */
import { planAims, type PlanAim } from '@aggrega/core/cutting';
import type { Colourway, Month, Programme } from '@aggrega/core/programme';
import { boughtView, type BoughtView } from './bought-view';
import { planMonth, type MonthPlan } from './month-plan';

export interface MonthFinals {
  /** As it is chosen, fabric by fabric. */
  plan: MonthPlan;
  /** What one more participant would add to the cost of the cloth; undefined while a fabric has no price. */
  next?: number;
  /** By fabric id, where something of it is bought with the month's packet. */
  bought: Record<string, BoughtView>;
}

/** A month's final plan for as many as take part, by colourway id. */
export function monthFinals(
  programme: Programme,
  { month, colourway, people }: { month: Month; colourway: Colourway; people: Record<string, number> },
): MonthFinals {
  const own = people[colourway.id] ?? 0;
  const plan = planMonth(programme, month, colourway, own);
  const next = nextCost(programme, month, colourway, own);
  // Bought with the first month of its packet.
  const packet = programme.kits.packets.findIndex((months) => months[0] === month);
  const fabrics = plan.ok && packet >= 0 ? plan.batch.fabrics : [];
  const bought = fabrics.flatMap(({ id }) => {
    const view = boughtView(programme, { packet, colourway, fabric: id, people });
    return view ? [[id, view] as const] : [];
  });
  return { plan, ...(next !== undefined && { next }), bought: Object.fromEntries(bought) };
}

/** What one more participant than `people` adds to the cost of a month's cloth; undefined while a fabric has no price. */
export function nextCost(programme: Programme, month: Month, colourway: Colourway, people: number): number | undefined {
  const cost = (n: number) => {
    const plan = planMonth(programme, month, colourway, n);
    return plan.ok && plan.batch.costPerKit !== undefined ? plan.batch.costPerKit * plan.batch.kits : undefined;
  };
  const [now, more] = [cost(people), cost(people + 1)];
  return now === undefined || more === undefined ? undefined : more - now;
}

/** A month's final plan for so many people by every reading. */
export const monthReadings = (
  programme: Programme,
  { month, colourway, people }: { month: Month; colourway: Colourway; people: number },
): Record<PlanAim, MonthPlan> =>
  Object.fromEntries(
    planAims.map((reading) => [reading, planMonth(programme, month, colourway, people, { reading, first: false })]),
  ) as Record<PlanAim, MonthPlan>;

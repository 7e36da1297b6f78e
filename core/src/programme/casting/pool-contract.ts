/** Pools of units as the command line prints them (docs/command-line.md). */
import { Exact, formatLength, toRuler } from '../../measure';
import type { Colourway, Programme, SizeOption } from '../document/document';
import { scatteredOf } from './scrappy';
import { cutsOfPool, homeworkOf, type PoolMaking, type PoolOfUnits } from './unit-pools';

/** A colourway's pools, in the order of their numbers, and what could not be had. Throws PlanError. */
export function poolsContract(programme: Programme, colourway: Colourway, size?: SizeOption) {
  const scattered = scatteredOf(programme, colourway, size);
  return {
    colourway: colourway.id,
    ...(size && { size: size.id }),
    pools: [...(scattered?.makings.values() ?? [])].flatMap((making) =>
      making.pools.map((pool) => poolContract(programme, colourway, making, pool)),
    ),
    doubts: scattered?.doubts ?? [],
  };
}

function poolContract({ unit, house }: Programme, colourway: Colourway, making: PoolMaking, pool: PoolOfUnits) {
  const { name, scope, month, months, like, kinds, taken, made } = pool;
  const write = (x: Parameters<typeof toRuler>[0]) => formatLength(toRuler(x, house.rounding), unit);
  const homework = homeworkOf(pool);
  return {
    pool: name,
    ...{ for: scope, kind: like.kind.kind, method: like.method.name, roles: [...new Set(like.roles)] },
    unfinished: [like.w, like.h].map((side) => write(side.plus(Exact.of(house.seam).times(2)))),
    ...{ month: month.id, made },
    months: months.map((m) => ({ month: m.id, takes: taken.get(m), sewnByEnd: homework.get(m) })),
    pairings: kinds.map(({ roles, unit: plan, twin }) => ({
      fabrics: Object.fromEntries([...roles].map(([role, cast]) => [role, colourway.fabrics.get(cast)!.id])),
      batches: Math.max(plan.batches, twin?.batches ?? 0),
      make: plan.make,
      ...(twin && { mirrored: twin.make }),
    })),
    cuts: cutsOfPool(making, pool).map(({ label, role, w, h, qty, sub }) => ({
      label,
      fabric: colourway.fabrics.get(role)!.id,
      ...{ w: formatLength(w, unit), h: formatLength(h, unit), qty, sub },
    })),
  };
}

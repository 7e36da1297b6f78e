/** How a month's blocks are cut and sewn, in a colourway or for all, with what other blocks have left over. */
import { rolesOf } from '../../block';
import { construct, leftOverUnits, unitLook, type Construction } from '../../construction';
import { directionalIn } from '../document/directional';
import type { Colourway, Month, MonthBlock, Programme, SizeOption } from '../document/document';
import { making } from '../document/making';
import { KeptWords } from '../../words';

/** An entry never changes, so what was worked out for it holds as long as it lives; by what else it follows from. */
const constructed = new KeptWords<MonthBlock, Map<string, Construction>>();

/**
 * How a month's block is cut and sewn, all its `make` counted together. In a colourway, seams are pressed to its own darker fabrics, and its own
 * directional prints keep their way up; without one, seams go to those that are darker on average, and whatever some colourway casts with a
 * directional print keeps its way up.
 */
export function constructMonthBlock(programme: Programme, entry: MonthBlock, colourway?: Colourway): Construction {
  const series = programme.months.find((m) => m.blocks.includes(entry));
  // A month's second block uses what its first has left over.
  if (series && (series.blocks.length > 1 || series.uses.length > 0))
    return constructSeries(programme, series, series.blocks, colourway)[series.blocks.indexOf(entry)]!;
  return constructWith(programme, entry, colourway);
}

/** Units that are there already, by their look. */
type Given = ReadonlyMap<string, number>;
const NOTHING: Given = new Map();

/**
 * A month's blocks one after the other, as somebody makes them: what the first leaves over is used by the second, and what months that it names have
 * left over before both. `entries` are the month's own, or those of a larger size or as cast, in the same order.
 */
export function constructSeries(
  programme: Programme,
  month: Month,
  entries: readonly MonthBlock[],
  colourway?: Colourway,
  size?: SizeOption,
): Construction[] {
  const pool = new Map(month.uses.length > 0 ? leftOf(programme, month, colourway, size) : NOTHING);
  let named = 0;
  return entries.map((entry) => {
    const c = constructWith(programme, entry, colourway, { given: pool, named });
    named += c.units.length;
    takeGiven(c, [pool]);
    for (const [look, n] of leftOverUnits(c)) pool.set(look, (pool.get(look) ?? 0) + n);
    return c;
  });
}

/** What the months that a month names have left over by then: what months between them have used is gone. */
function leftOf(programme: Programme, month: Month, colourway?: Colourway, size?: SizeOption): Given {
  const left = new Map<string, Map<string, number>>();
  const named = (of: Month) => of.uses.flatMap((id) => left.get(id) ?? []);
  for (const earlier of programme.months.slice(0, programme.months.indexOf(month))) {
    const own = new Map<string, number>();
    const pools = [own, ...named(earlier)];
    for (const entry of monthEntries(earlier, size)) {
      const c = constructWith(programme, entry, colourway, { given: together(pools) });
      takeGiven(c, pools);
      for (const [look, n] of leftOverUnits(c)) own.set(look, (own.get(look) ?? 0) + n);
    }
    left.set(earlier.id, own);
  }
  return together(named(month));
}

/** Earlier months that have units left over which this month's blocks could use, and how many. */
export function usefulLeftovers(programme: Programme, month: Month): { month: Month; units: number }[] {
  const needed = new Set(month.blocks.flatMap((e) => constructWith(programme, e).units.map((u) => unitLook(u))));
  return programme.months.slice(0, programme.months.indexOf(month)).flatMap((earlier) => {
    const pool = new Map<string, number>();
    for (const c of constructSeries(programme, earlier, earlier.blocks)) {
      takeGiven(c, [pool]);
      for (const [look, n] of leftOverUnits(c)) pool.set(look, (pool.get(look) ?? 0) + n);
    }
    const units = [...pool].reduce((n, [look, left]) => (needed.has(look) ? n + left : n), 0);
    return units > 0 ? [{ month: earlier, units }] : [];
  });
}

function together(pools: readonly Given[]): Map<string, number> {
  const all = new Map<string, number>();
  for (const pool of pools) for (const [look, n] of pool) all.set(look, (all.get(look) ?? 0) + n);
  return all;
}

/** Takes what a construction found there already out of the leftovers. */
function takeGiven({ units }: Construction, pools: readonly Map<string, number>[]): void {
  for (const unit of units) if (!unit.pooled) use(unitLook(unit), unit.given, pools);
}

/** Takes so many out of the leftovers, the first before the others. */
function use(look: string, count: number, pools: readonly Map<string, number>[]): void {
  let wanted = count;
  for (const pool of pools) {
    const taken = Math.min(wanted, pool.get(look) ?? 0);
    if (taken > 0) pool.set(look, pool.get(look)! - taken);
    wanted -= taken;
  }
}

const monthEntries = (month: Month, size?: SizeOption) => month.blocks.map((e) => making(e, e.make * (size?.make ?? 1)));

/** A block that is cut and sewn by itself, with nothing out of a pool: for a step-out, or to show. */
export function constructApart(programme: Programme, entry: MonthBlock, colourway: Colourway): Construction {
  return constructWith(programme, entry, colourway, { apart: true });
}

/** A month's block with all its units sewn for it, those that come out of a pool too. */
export function constructSewn(programme: Programme, entry: MonthBlock, colourway: Colourway): Construction {
  const cast = constructMonthBlock(programme, entry, colourway);
  return [...cast.units, ...cast.loose].some((u) => u.pooled) ? constructApart(programme, entry, colourway) : cast;
}

/**
 * A block for a colourway, or for all. `given`: units that are there already; `named`: how many the sheet has named before it; `apart`:
 * nothing comes out of a pool.
 */
export function constructWith(
  programme: Programme,
  entry: MonthBlock,
  colourway?: Colourway,
  { given = NOTHING, named = 0, apart = false }: { given?: Given; named?: number; apart?: boolean } = {},
): Construction {
  const known = constructed.get(entry) ?? new Map<string, Construction>();
  constructed.set(entry, known);
  const lightness = colourway
    ? new Map([...colourway.fabrics].map(([role, fabric]) => [role, fabric.value]))
    : programme.lightness;
  const letters = rolesOf(entry.block);
  const directional = colourway ? directionalIn(colourway) : programme.directional;
  const pooled = new Set(apart || !colourway ? [] : letters.filter((role) => colourway.pools.get(role)?.units));
  const mark = (role: string) => `${directional.has(role) ? '!' : ''}${pooled.has(role) ? '*' : ''}`;
  const from = `${named} ${letters.map((role) => `${role}${mark(role)} ${lightness.get(role)}`).join()}`;
  const there = [...given].filter(([, n]) => n > 0);
  const key = there.length > 0 ? `${from} | ${there.map(([look, n]) => `${n} ${look}`).join(' | ')}` : from;
  let construction = known.get(key);
  if (!construction) {
    construction = construct(entry.block, {
      ...entry,
      directional,
      lightness,
      pooled,
      named,
      ...(there.length > 0 && { given }),
    });
    // What is not used makes no difference, and is not remembered apart.
    if (there.length > 0 && construction.units.every((u) => u.given === 0 || u.pooled))
      construction = constructWith(programme, entry, colourway, { named, apart });
    known.set(key, construction);
  }
  return construction;
}

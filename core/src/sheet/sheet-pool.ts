/** Pools of units as a sheet tells them: what is made for them, of which fabrics, and how many each month takes. */
import type { Drawing } from '../block';
import {
  PER_SQUARE,
  batchOf,
  lieInBlock,
  stepsInOrder,
  unitDrawing,
  unitLook,
  unitMeasure,
  type Recipe,
} from '../construction';
import { by, formatLength, listed, toRuler } from '../measure';
import {
  drawnWith,
  homeworkOf,
  scatteredOf,
  type Colourway,
  type Month,
  type PoolOfUnits,
  type Programme,
  type SizeOption,
} from '../programme';
import { handOf } from './hand';
import { drawnSteps, type SheetStep } from './sheet-step';
import { directionalNames, fabricWord, isPlain, measured, pressWords } from './sheet-unit';
import { unitStep, type WalkStep } from './walk';
import { words } from './words/sheet-pool';

export interface PoolRow {
  /** The fabrics of a row: one, or where a unit has three scrappy letters or more, all but the last. */
  fabrics: { role: string; name: string; colour: string }[];
  /** Letters that they are paired with, 'Ca, Cb, Cd × 2'; '' where there is nothing to pair. */
  with: string;
  batches: number;
  makes: number;
}

export interface SheetPool {
  name: string;
  /** 'half-square triangles' */
  title: string;
  /** 'a light and a dark', 'fabric C and Moth' */
  of: string;
  method: string;
  /** Cut, and not sewn before they go into a block. */
  plain: boolean;
  /** A pool before it that is sewn just like it: only prints that keep their way up tell them apart. */
  sewnAs?: { pool: string; prints: string[]; stands: boolean };
  /** The month that begins it, where that was before. */
  madeWith?: string;
  made: number;
  /** Units that are good for nothing else. */
  over: number;
  /** What this month takes, and later ones. */
  takes: number;
  later: { month: string; takes: number }[];
  /** What one batch takes: '1 A square and 1 C square, 3 7/8 in'. */
  from: string;
  yields: number;
  rows: PoolRow[];
  steps: SheetStep[];
  press: string;
  caution: string;
  size: string;
  square: boolean;
  along: string;
  look: string[];
  drawing: Drawing;
  step?: WalkStep;
  /** Units to have sewn when the next month that takes some begins; undefined with the last month, and for what is only cut. */
  sewn?: number;
}

/** The pools that a month begins, then those that it takes from; in the order of their numbers. */
export function sheetPools(
  programme: Programme,
  colourway: Colourway,
  month: Month,
  size?: SizeOption,
  left = false,
): SheetPool[] {
  const makings = scatteredOf(programme, colourway, size)?.makings ?? new Map<Month, never>();
  const all = [...makings.values()].flatMap((making) => making.pools);
  const told = all
    .filter((pool) => pool.months.includes(month))
    .sort((a, b) => Number(a.month !== month) - Number(b.month !== month));
  return told.map((pool, i) => {
    const before = told.slice(0, i).find((p) => p.month === pool.month && differInLieAlone(p, pool));
    return {
      ...sheetPool(programme, colourway, { month, pool, left }),
      ...(before && {
        sewnAs: { pool: before.name, prints: directionalNames(colourway, pool.like.roles), stands: standing(pool) },
      }),
    };
  });
}

const differInLieAlone = (a: PoolOfUnits, b: PoolOfUnits) =>
  unitLook(a.like, false) === unitLook(b.like, false) && standing(a) !== standing(b);

/** Whether an oblong unit stands in its block, and does not lie. */
function standing({ like: { seen, w, h } }: PoolOfUnits): boolean {
  const turned = lieInBlock(seen).eighths % 4 === 2;
  return w.compare(h) < 0 !== turned;
}

function sheetPool(
  programme: Programme,
  colourway: Colourway,
  { month, pool, left }: { month: Month; pool: PoolOfUnits; left: boolean },
): SheetPool {
  const { like, entry, kinds, months, taken } = pool;
  const c = drawnWith(programme, colourway, pool);
  const recipe = batchOf(like, entry.style, kinds[0]!.unit.make || kinds[0]!.unit.yields);
  const size = unitMeasure(like, entry.style);
  const press = pressWords(like, c, colourway)();
  const needed = [...taken.values()].reduce((n, k) => n + k, 0);
  const plain = isPlain(like);
  const at = months.indexOf(month);
  return {
    name: pool.name,
    title: needed === 1 ? like.kind.title : like.kind.plural,
    of: sidesWords(colourway, like.roles),
    method: like.method.title,
    plain,
    ...(pool.month !== month && { madeWith: pool.month.name }),
    made: pool.made,
    over: pool.made - needed,
    takes: taken.get(month)!,
    later: months.slice(at + 1).map((m) => ({ month: m.name, takes: taken.get(m)! })),
    from: fromWords(recipe, colourway, programme),
    yields: recipe.yields + (recipe.mirrored ?? 0),
    rows: rowsOf(pool, colourway),
    steps: drawnSteps(stepsInOrder(recipe.steps, pressWords(like, c, colourway)), handOf(like, c, left)),
    press,
    caution: recipe.caution ?? '',
    size: size.w.equals(size.h) ? measured(size.w, c) : by(measured(size.w, c), measured(size.h, c)),
    square: size.square,
    along: size.what,
    look: recipe.look,
    drawing: unitDrawing(like.seen),
    ...(!plain && {
      step: { ...unitStep(like, c, { press: pressWords(like, c, colourway), left }), name: pool.name, patches: [] },
    }),
    ...(!plain && at < months.length - 1 && { sewn: homeworkOf(pool).get(month)! }),
  };
}

/** The fabrics of a unit as a pool knows them: 'a light and a dark', 'fabric C and Moth'. */
export const sidesWords = (colourway: Colourway, roles: readonly string[]): string =>
  listed(
    [...new Set(roles)].map((role) => {
      const as = colourway.pools.get(role)?.units?.as;
      return as ? words[as] : fabricWord(colourway, role);
    }),
  );

/** '1 A square and 1 C square, 3 7/8 in' */
function fromWords({ pieces }: Recipe, colourway: Colourway, { unit, house }: Programme): string {
  const said = pieces.map(({ role, w, h, sub, needs }) => {
    const [across, down] = [w, h].map((x) => formatLength(toRuler(x, house.rounding), unit)) as [string, string];
    const size = across === down ? across : by(across, down);
    const whole = sub === 'none' || needs % PER_SQUARE[sub] === 0;
    const n = whole ? needs / PER_SQUARE[sub] : needs;
    const as = colourway.pools.get(role)?.units?.as;
    const letter = as ? words[`${as}Ones`] : role;
    const what = whole ? (w.equals(h) ? words.squares(n, letter) : words.rectangles(n, letter)) : words.triangles(n, letter);
    return { what, size };
  });
  const sizes = new Set(said.map((s) => s.size));
  if (sizes.size === 1) return `${listed(said.map((s) => s.what))}, ${said[0]!.size} ${unit}`;
  return listed(said.map((s) => words.ofWords(s.what, s.size, unit)));
}

function rowsOf({ kinds, letters }: PoolOfUnits, colourway: Colourway): PoolRow[] {
  const rows = new Map<string, PoolRow & { partners: [string, number][] }>();
  const paired = letters.length > 1;
  for (const { roles, unit, twin } of kinds) {
    const cast = letters.map(({ role }) => roles.get(role)!);
    const lead = paired ? cast.slice(0, -1) : cast;
    const batches = Math.max(unit.batches, twin?.batches ?? 0);
    const makes = [unit, ...(twin ? [twin] : [])].reduce((n, u) => n + u.make + u.extra + u.extraMirrored, 0);
    const known = rows.get(lead.join()) ?? {
      ...{ with: '', batches: 0, makes: 0, partners: [] },
      fabrics: lead.map((role) => ({ role, ...look(role) })),
    };
    known.batches += batches;
    known.makes += makes;
    if (paired) known.partners.push([cast.at(-1)!, batches]);
    rows.set(lead.join(), known);
  }
  const inOrder = (a: string, b: string) => a.length - b.length || (a < b ? -1 : 1);
  return [...rows.values()]
    .sort((a, b) => inOrder(a.fabrics[0]!.role, b.fabrics[0]!.role))
    .map(({ partners, ...row }) => ({
      ...row,
      with: partners
        .sort(([a], [b]) => inOrder(a, b))
        .map(([role, n]) => (n > 1 ? `${role} × ${n}` : role))
        .join(', '),
    }));

  function look(role: string): { name: string; colour: string } {
    const { name, colour } = colourway.fabrics.get(role)!;
    return { name, colour };
  }
}

/** What to have done by the next month: the organiser's words, and how many units of each pool. */
export function homeworkWords(programme: Programme, month: Month, colourway?: Colourway, size?: SizeOption): string {
  const pools = colourway ? sheetPools(programme, colourway, month, size) : [];
  const counts = pools.flatMap(({ sewn, made, title, name }) =>
    sewn === undefined ? [] : [words.haveOfPoolSewn(sewn === made ? words.all(made) : words.ofThe(sewn, made), title, name)],
  );
  // The organiser's words stand first; each sentence after another begins as one.
  return [...(month.homework ? [month.homework] : []), ...counts]
    .map((text, i) => (i === 0 ? text : `${text[0]!.toUpperCase()}${text.slice(1)}`))
    .join(' ');
}

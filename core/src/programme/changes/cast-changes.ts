/** Changes to a cast, as the document is changed by them: a letter has a fabric, is everybody's own choice, or is scrappy. */
import { bandOf } from '../../fabric';
import { same, type Change } from './changes';
import type {
  Colourway,
  ColourwayFile,
  PoolFile,
  PoolPer,
  ProgrammeFile,
  ScatterFile,
  UnitPooling,
} from '../document/document';

/** The three ways in which a letter can be cast. */
const WAYS = ['fabrics', 'choices', 'pools'] as const;
type Way = (typeof WAYS)[number];

const entryOf = (file: ProgrammeFile, id: string): ColourwayFile | undefined => file.colourways?.find((c) => c.id === id);

/** Casts a letter in one way, and takes it out of the others; `to` left out leaves it uncast. */
function castAs(file: ProgrammeFile, colourway: string, role: string, way: Way, to: unknown): Change[] {
  const entry = entryOf(file, colourway);
  return WAYS.flatMap((key): Change[] => {
    const path = `/colourways/${colourway}/${key}/${role}`;
    const now = entry?.[key]?.[role];
    if (key === way) return [{ path, from: now, to }];
    return now === undefined ? [] : [{ path, from: now }];
  });
}

/** Casts a letter with a fabric of the programme. */
export const castChanges = (file: ProgrammeFile, colourway: string, role: string, fabric: string): Change[] =>
  castAs(file, colourway, role, 'fabrics', fabric);

/** Leaves a letter to every participant's own choice, of that value. */
export const choiceChanges = (
  file: ProgrammeFile,
  colourway: string,
  role: string,
  band: 'light' | 'medium' | 'dark',
): Change[] => castAs(file, colourway, role, 'choices', band);

/** Makes a letter scrappy, or changes its pool. */
export const poolChanges = (file: ProgrammeFile, colourway: string, role: string, pool: PoolFile): Change[] =>
  castAs(file, colourway, role, 'pools', pool);

/** Puts a fabric into a letter's pool or takes it out; the first makes it scrappy, beside the fabric that it had. */
export function pooledChanges(file: ProgrammeFile, colourway: string, role: string, fabric: string): Change[] {
  const entry = entryOf(file, colourway);
  const had = entry?.fabrics[role];
  const pool = entry?.pools?.[role] ?? { fabrics: had ? [had] : [] };
  const inside = pool.fabrics.includes(fabric);
  const fabrics = inside ? pool.fabrics.filter((f) => f !== fabric) : [...pool.fabrics, fabric];
  // The last one of a pool is simply the letter's fabric again.
  if (fabrics.length === 0) return [];
  if (fabrics.length === 1 && inside) return castChanges(file, colourway, role, fabrics[0]!);
  return poolChanges(file, colourway, role, { ...pool, fabrics });
}

/** Exchanges what two letters are cast with. */
export function swapChanges(file: ProgrammeFile, colourway: string, a: string, b: string): Change[] {
  const entry = entryOf(file, colourway);
  if (!entry) return [];
  return WAYS.flatMap((key) =>
    [
      [a, b],
      [b, a],
    ].flatMap(([to, from]): Change[] => {
      const [now, then] = [entry[key]?.[to!], entry[key]?.[from!]];
      return now === then ? [] : [{ path: `/colourways/${colourway}/${key}/${to}`, from: now, to: then }];
    }),
  );
}

/** Casts every letter that is not locked as another colourway does. */
export function copyChanges(file: ProgrammeFile, to: string, from: string): Change[] {
  const [target, source] = [entryOf(file, to), entryOf(file, from)];
  if (!target || !source) return [];
  const locked = new Set(target.locked);
  return WAYS.flatMap((way) =>
    Object.entries(source[way] ?? {}).flatMap(([role, cast]) =>
      locked.has(role) || JSON.stringify(target[way]?.[role]) === JSON.stringify(cast) ? [] : castAs(file, to, role, way, cast),
    ),
  );
}

/** Schools of scrappy (docs/craft.md, Scrappy fabrics): what has a fabric of its own, for light pools and for all others. */
export const schools = {
  'all-different': { light: 'once', other: 'once' },
  'two-fabrics': { light: 'block', other: 'block' },
  'one-light': { light: 'quilt', other: 'patch' },
  'light-per-block': { light: 'block', other: 'patch' },
} as const satisfies Record<string, { light: PoolPer; other: PoolPer }>;
export type School = keyof typeof schools;

const averageValue = (fabrics: readonly { value: number }[]) => fabrics.reduce((sum, f) => sum + f.value, 0) / fabrics.length;

/** What each pool has a fabric of its own for, in that school. */
const wanted = ({ pools }: Colourway, school: School) =>
  [...pools].map(([role, { fabrics, per }]) => {
    const light = bandOf(averageValue(fabrics)) === 'light';
    return { role, now: per, per: schools[school][light ? 'light' : 'other'] };
  });

/** The schools whose way all pools of a colourway follow. */
export const schoolsOf = (colourway: Colourway): School[] =>
  (Object.keys(schools) as School[]).filter((school) => wanted(colourway, school).every((p) => p.now === p.per));

/** A pool with a fabric of its own for each of those. One fabric for a block or the quilt leaves nothing for a pool of units to deal. */
export function withPer(pool: PoolFile, per: PoolPer): PoolFile {
  const { units, ...others } = pool;
  return { ...others, per, ...(units && (per === 'patch' || per === 'once') && { units }) };
}

/** How the units of a scrappy letter are made: as a pool, or with every patch named where `units` is left out. */
export function unitsChanges(file: ProgrammeFile, colourway: string, role: string, units?: UnitPooling): Change[] {
  const pool = entryOf(file, colourway)?.pools?.[role];
  if (!pool) return [];
  const { units: before, ...others } = pool;
  return same(before, units)
    ? []
    : [{ path: `/colourways/${colourway}/pools/${role}`, from: pool, to: { ...others, ...(units && { units }) } }];
}

/** Sets every pool of a colourway to a school. */
export function schoolChanges(file: ProgrammeFile, colourway: Colourway, school: School): Change[] {
  return wanted(colourway, school).flatMap(({ role, now, per }): Change[] => {
    const pool = entryOf(file, colourway.id)?.pools?.[role];
    return !pool || now === per
      ? []
      : [{ path: `/colourways/${colourway.id}/pools/${role}`, from: pool, to: withPer(pool, per) }];
  });
}

/** Changes how the pools of a colourway are scattered. */
export function scatterChange(file: ProgrammeFile, colourway: string, wish: Partial<ScatterFile>): Change {
  const from = entryOf(file, colourway)?.scatter;
  return { path: `/colourways/${colourway}/scatter`, from, to: { ...from, ...wish } };
}

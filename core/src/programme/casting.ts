/** Casting: what a colourway's letters are, how they meet, and what would change it. */
import { judge, mends, roleSeams, type Mend, type RoleSeam, type Verdict } from '../fabric';
import type { Change } from './changes';
import type { Colourway, ColourwayFile, Fabric, Month, Programme, ProgrammeFile } from './document';

export interface CastSeam {
  roles: readonly [string, string];
  fabrics: readonly [Fabric, Fabric];
  /** Of all blocks together, in cells. */
  length: number;
  months: Month[];
  /** Between the values, in L*. */
  difference: number;
  verdict: Verdict;
  /** Marked as meant to melt together, or the same fabric twice. */
  melts: boolean;
}

/** Every pair of letters that meet in a block, worst first and then longest. */
export function castSeams(programme: Programme, colourway: Colourway, months: readonly Month[] = programme.months): CastSeam[] {
  const rank: Record<Verdict, number> = { lost: 0, weak: 1, clear: 2 };
  return seamsOf(months)
    .flatMap(({ roles, length, months: where }): CastSeam[] => {
      const fabrics = roles.map((role) => colourway.fabrics.get(role)) as [Fabric | undefined, Fabric | undefined];
      if (!fabrics[0] || !fabrics[1]) return [];
      const both = fabrics as [Fabric, Fabric];
      const melts = programme.melts.has(roles.join(' ')) || both[0] === both[1];
      return [{ roles, fabrics: both, length, months: where, ...judge(...both), melts }];
    })
    .sort((a, b) => Number(a.melts) - Number(b.melts) || rank[a.verdict] - rank[b.verdict] || b.length - a.length);
}

interface MonthSeam extends RoleSeam {
  months: Month[];
}

function seamsOf(months: readonly Month[]): MonthSeam[] {
  const found = new Map<string, MonthSeam>();
  for (const month of months)
    for (const { block, make } of month.blocks)
      for (const { roles, length } of roleSeams(block)) {
        const known = found.get(roles.join(' ')) ?? { roles, length: 0, months: [] };
        known.length += length * make;
        if (!known.months.includes(month)) known.months.push(month);
        found.set(roles.join(' '), known);
      }
  return [...found.values()];
}

/** Fabrics of the programme that would mend a seam, nearest in colour first; locked letters and others' own choices stay. */
export function castMends(programme: Programme, colourway: Colourway, roles: readonly [string, string]): Mend<Fabric>[] {
  const fixed = [...colourway.fabrics].filter(([, f]) => f.own).map(([role]) => role);
  return mends(roles, colourway.fabrics, {
    shelf: programme.fabrics,
    seams: seamsOf(programme.months),
    locked: new Set([...colourway.locked, ...fixed]),
  });
}

const entryOf = (file: ProgrammeFile, id: string): ColourwayFile | undefined => file.colourways?.find((c) => c.id === id);

/** Casts a letter with a fabric of the programme. */
export function castChanges(file: ProgrammeFile, colourway: string, role: string, fabric: string): Change[] {
  const entry = entryOf(file, colourway);
  const path = `/colourways/${colourway}`;
  return [
    { path: `${path}/fabrics/${role}`, from: entry?.fabrics[role], to: fabric },
    ...(entry?.choices?.[role] ? [{ path: `${path}/choices/${role}`, from: entry.choices[role] }] : []),
  ];
}

/** Leaves a letter to every participant's own choice, of that value. */
export function choiceChanges(
  file: ProgrammeFile,
  colourway: string,
  role: string,
  band: 'light' | 'medium' | 'dark',
): Change[] {
  const entry = entryOf(file, colourway);
  const path = `/colourways/${colourway}`;
  return [
    { path: `${path}/choices/${role}`, from: entry?.choices?.[role], to: band },
    ...(entry?.fabrics[role] ? [{ path: `${path}/fabrics/${role}`, from: entry.fabrics[role] }] : []),
  ];
}

/** Exchanges what two letters are cast with. */
export function swapChanges(file: ProgrammeFile, colourway: string, a: string, b: string): Change[] {
  const entry = entryOf(file, colourway);
  if (!entry) return [];
  return (['fabrics', 'choices'] as const).flatMap((key) =>
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
  return Object.entries(source.fabrics).flatMap(([role, fabric]) =>
    locked.has(role) || target.fabrics[role] === fabric ? [] : castChanges(file, to, role, fabric),
  );
}

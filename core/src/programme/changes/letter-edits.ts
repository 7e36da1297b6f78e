/** What is done to the letters of a design: in every drawing, every colourway and every part of the quilt at once. */
import type { ColourwayFile, ProgrammeFile } from '../document/document';

/** Letters that a document uses anywhere: in drawings, in colourways, in the quilt. */
export function lettersIn(file: ProgrammeFile): string[] {
  const found = new Set((file.colourways ?? []).flatMap((c) => [...Object.keys(c.fabrics), ...Object.keys(c.pools ?? {})]));
  withRoles(file, (role) => {
    found.add(role);
    return role;
  });
  return [...found].sort();
}

/** A letter by another name. Where that is one already, the two are exchanged: letters are never merged in silence. */
export function withLetterRenamed(file: ProgrammeFile, from: string, to: string): ProgrammeFile {
  const other = (role: string) => (role === from ? to : role === to ? from : role);
  return recoloured(withRoles(file, other), other);
}

/** One letter more, the next that is free, in every colourway with the fabric that `fabricFor` gives. */
export function withLetter(
  file: ProgrammeFile,
  fabricFor: (colourway: string) => string,
): { file: ProgrammeFile; letter: string } {
  const taken = new Set(lettersIn(file));
  const letter = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'].find((l) => !taken.has(l)) ?? 'Z1';
  const colourways = (file.colourways ?? []).map((c) => ({ ...c, fabrics: { ...c.fabrics, [letter]: fabricFor(c.id) } }));
  return { file: { ...file, colourways }, letter };
}

/** Without a letter: whatever has it has `instead`. */
export function withoutLetter(file: ProgrammeFile, letter: string, instead: string): ProgrammeFile {
  const drawn = withRoles(file, (role) => (role === letter ? instead : role));
  const without = <T>(all: Readonly<Record<string, T>>) =>
    Object.fromEntries(Object.entries(all).filter(([role]) => role !== letter));
  const melts = file.melts?.filter((pair) => !pair.includes(letter));
  return {
    ...drawn,
    ...(melts && { melts }),
    ...(file.colourways && {
      colourways: file.colourways.map((c) => ({
        ...eachOf(c, without),
        ...(c.locked && { locked: c.locked.filter((role) => role !== letter) }),
      })),
    }),
  };
}

/** How many patches of which drawings have a letter, and whether the quilt uses it: what follows when it goes. */
export function usesOfLetter(file: ProgrammeFile, letter: string): { patches: number; blocks: string[]; quilt: boolean } {
  const blocks = file.blocks.filter((b) => b.patches.some((p) => p.role === letter));
  let quilt = false;
  withRoles({ ...file, blocks: [] }, (role) => {
    quilt ||= role === letter;
    return role;
  });
  return {
    patches: blocks.reduce((n, b) => n + b.patches.filter((p) => p.role === letter).length, 0),
    blocks: blocks.map((b) => b.name ?? b.id),
    quilt,
  };
}

function recoloured(file: ProgrammeFile, other: (role: string) => string): ProgrammeFile {
  const renamed = <T>(all: Readonly<Record<string, T>>) =>
    Object.fromEntries(
      Object.entries(all)
        .map(([role, value]) => [other(role), value] as const)
        .sort(([a], [b]) => (a < b ? -1 : 1)),
    );
  const melts = file.melts?.map(([a, b]): [string, string] => [other(a), other(b)]);
  return {
    ...file,
    ...(melts && { melts }),
    ...(file.colourways && {
      colourways: file.colourways.map((c) => ({ ...eachOf(c, renamed), ...(c.locked && { locked: c.locked.map(other) }) })),
    }),
  };
}

/** A colourway with everything that it holds by letter changed alike. */
const eachOf = (c: ColourwayFile, change: <T>(all: Readonly<Record<string, T>>) => Record<string, T>): ColourwayFile => ({
  ...c,
  fabrics: change(c.fabrics),
  ...(c.choices && { choices: change(c.choices) }),
  ...(c.pools && { pools: change(c.pools) }),
});

/** The document with the letters of its patches and of the parts of its quilt changed. */
function withRoles(file: ProgrammeFile, change: (role: string) => string): ProgrammeFile {
  return {
    ...file,
    blocks: changedRoles(file.blocks, change),
    ...(file.setting && { setting: changedRoles(file.setting, change) }),
    ...(file.sizes && { sizes: changedRoles(file.sizes, change) }),
  };
}

/** Everything that is named `role`, however deep; what stays as it is stays the same object. */
function changedRoles<T>(value: T, change: (role: string) => string): T {
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) {
    const list = value.map((entry: unknown) => changedRoles(entry, change));
    return (list.every((entry, i) => entry === value[i]) ? value : list) as T;
  }
  const entries = Object.entries(value).map(
    ([name, own]) => [name, name === 'role' && typeof own === 'string' ? change(own) : changedRoles(own, change)] as const,
  );
  return (
    entries.every(([name, own]) => own === (value as Record<string, unknown>)[name]) ? value : Object.fromEntries(entries)
  ) as T;
}

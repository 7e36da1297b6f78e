/** What is done to the months of a document and to the blocks in them: a document in, another one out. `differences` makes changes of it. */
import type { MonthBlockFile, MonthFile, ProgrammeFile } from '../document/document';

/** The months in that order. Days stay with their place in the year: whatever comes third comes out on the third day. */
export function withMonthsInOrder(file: ProgrammeFile, ids: readonly string[]): ProgrammeFile {
  const months = file.months ?? [];
  const found = ids.flatMap((id) => months.find((m) => m.id === id) ?? []);
  return {
    ...file,
    months: dated(
      [...found, ...months.filter((m) => !ids.includes(m.id))],
      months.map((m) => m.release),
    ),
  };
}

/** One month more, at that place: it comes out on the day of its place, the later ones each on the day of the next, the last on `last`. */
export function withMonth(file: ProgrammeFile, at: number, { name, last }: { name: string; last?: string }): ProgrammeFile {
  const months = file.months ?? [];
  const added = [
    ...months.slice(0, at),
    {
      id: freeId(
        'm',
        months.map((m) => m.id),
        months.length + 1,
      ),
      name,
    },
    ...months.slice(at),
  ];
  return { ...file, months: dated(added, [...months.map((m) => m.release), last]) };
}

/** A month as another one, right after it, with its blocks; the later ones come out on the day of the next. */
export function withMonthCopied(
  file: ProgrammeFile,
  id: string,
  { name, last }: { name: string; last?: string },
): ProgrammeFile {
  const at = (file.months ?? []).findIndex((m) => m.id === id) + 1;
  const grown = withMonth(file, at, { name, last });
  const { blocks, homework } = file.months![at - 1]!;
  const same = { ...(blocks && { blocks }), ...(homework !== undefined && { homework }) };
  return { ...grown, months: grown.months!.map((m, i) => (i === at ? { ...m, ...same } : m)) };
}

/** Without a month, and without what names it: in packets, step-outs, units made ahead, places of the quilt. The others keep their days. */
export function withoutMonth(file: ProgrammeFile, id: string): ProgrammeFile {
  const months = (file.months ?? []).filter((m) => m.id !== id).map((m) => partedFrom(m, id));
  const gone = (file.months ?? []).find((m) => m.id === id);
  const { packets, stepOuts } = file.kits ?? {};
  const left = packets?.map((p) => p.filter((m) => m !== id)).filter((p) => p.length > 0);
  const kits = file.kits && {
    ...file.kits,
    ...(packets && { packets: left }),
    ...(stepOuts && { stepOuts: stepOuts.filter((s) => s.month !== id) }),
  };
  const shorter = { ...file, months, ...(kits && { kits }) };
  return withoutDrawings(
    withSettings(shorter, (setting) => settingWithout(setting, id)),
    gone?.blocks ?? [],
  );
}

function partedFrom({ unitsWith, uses, ...month }: MonthFile, id: string): MonthFile {
  const left = uses?.filter((u) => u !== id);
  return {
    ...month,
    ...(unitsWith !== undefined && unitsWith !== id && { unitsWith }),
    ...(left && left.length > 0 && { uses: left }),
  };
}

type SettingFile = NonNullable<ProgrammeFile['setting']>;

function settingWithout(setting: SettingFile, month: string, block?: string): SettingFile {
  const names = (key: string | undefined) =>
    key !== undefined && (block === undefined ? key.startsWith(`${month}:`) : key === `${month}:${block}`);
  const places = setting.places && Object.entries(setting.places).filter(([, choice]) => !names(choice.block));
  const given = setting.months && Object.entries(setting.months).filter(([, id]) => block !== undefined || id !== month);
  return {
    ...setting,
    ...(places && { places: Object.fromEntries(places) }),
    ...(given && { months: Object.fromEntries(given) }),
  };
}

function withSettings(file: ProgrammeFile, change: (setting: SettingFile) => SettingFile): ProgrammeFile {
  return {
    ...file,
    ...(file.setting && { setting: change(file.setting) }),
    ...(file.sizes && { sizes: file.sizes.map((s) => ({ ...s, ...(s.setting && { setting: change(s.setting) }) })) }),
  };
}

/** Drawings that nothing uses any more go with the blocks that used them. */
function withoutDrawings(file: ProgrammeFile, gone: readonly MonthBlockFile[]): ProgrammeFile {
  const used = new Set((file.months ?? []).flatMap((m) => (m.blocks ?? []).map((b) => b.block)));
  const idle = new Set(gone.map((b) => b.block).filter((id) => !used.has(id)));
  return { ...file, blocks: file.blocks.filter((b) => !idle.has(b.id)) };
}

const changedMonth = (
  file: ProgrammeFile,
  id: string,
  change: (blocks: MonthBlockFile[]) => MonthBlockFile[],
): ProgrammeFile => ({
  ...file,
  months: (file.months ?? []).map((m) => (m.id === id ? { ...m, blocks: change(m.blocks ?? []) } : m)),
});

/** A month's blocks with the one at `from` moved to `to`. */
export const withBlockMoved = (file: ProgrammeFile, month: string, from: number, to: number): ProgrammeFile =>
  changedMonth(file, month, (blocks) => {
    const rest = blocks.filter((_, i) => i !== from);
    return [...rest.slice(0, to), blocks[from]!, ...rest.slice(to)];
  });

/** A block given to another month, at its end. */
export function withBlockInMonth(file: ProgrammeFile, month: string, at: number, to: string): ProgrammeFile {
  const entry = file.months?.find((m) => m.id === month)?.blocks?.[at];
  if (!entry || month === to) return file;
  const moved = changedMonth(
    changedMonth(file, month, (blocks) => blocks.filter((_, i) => i !== at)),
    to,
    (blocks) => [...blocks, entry],
  );
  return withSettings(moved, (setting) => settingWithout(setting, month, entry.block));
}

/** A drawing of its own after the block that it is a copy of, so that one can be changed without the other. */
export function withBlockCopied(file: ProgrammeFile, month: string, at: number, name: string): ProgrammeFile {
  const entry = file.months?.find((m) => m.id === month)?.blocks?.[at];
  const drawing = file.blocks.find((b) => b.id === entry?.block);
  if (!entry || !drawing) return file;
  const id = freeId(
    `${drawing.id}-`,
    file.blocks.map((b) => b.id),
    2,
  );
  const copied = changedMonth(file, month, (blocks) => [
    ...blocks.slice(0, at + 1),
    { ...entry, block: id },
    ...blocks.slice(at + 1),
  ]);
  return { ...copied, blocks: [...file.blocks, { ...drawing, id, name }] };
}

/** Without a block of a month, and without its drawing where no other month has it. */
export function withoutBlock(file: ProgrammeFile, month: string, at: number): ProgrammeFile {
  const entry = file.months?.find((m) => m.id === month)?.blocks?.[at];
  if (!entry) return file;
  const shorter = changedMonth(file, month, (blocks) => blocks.filter((_, i) => i !== at));
  return withoutDrawings(
    withSettings(shorter, (setting) => settingWithout(setting, month, entry.block)),
    [entry],
  );
}

/** The months with these days, one after the other; a month without a day keeps none. */
const dated = (months: readonly MonthFile[], days: readonly (string | undefined)[]): MonthFile[] =>
  months.map((month, i) => {
    const { id, name, release, ...rest } = month;
    if (release === days[i]) return month;
    return { id, ...(name !== undefined && { name }), ...(days[i] !== undefined && { release: days[i] }), ...rest };
  });

function freeId(base: string, taken: readonly string[], from: number): string {
  let n = from;
  while (taken.includes(`${base}${n}`)) n += 1;
  return `${base}${n}`;
}

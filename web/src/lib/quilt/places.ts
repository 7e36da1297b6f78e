/** What can be done to one place of a quilt: moved to, turned, swapped, given back to the order of the months. */
import type { Change, PicturePlace, ProgrammeFile, SettingFile } from '@aggrega/core/programme';

type Places = NonNullable<SettingFile['places']>;

/** Where the setting of a size is written in the document, with what stands there. */
export function settingAt(document: ProgrammeFile, size: string): { path: string; own: SettingFile; all: SettingFile } {
  if (!size) return { path: '/setting', own: document.setting ?? {}, all: document.setting ?? {} };
  const own = document.sizes?.find((s) => s.id === size)?.setting ?? {};
  // Places belong to one layout: a size that says how many lie across and down does not take those of the plain one.
  const places = (own.across ?? own.down) !== undefined ? { places: own.places } : {};
  return { path: `/sizes/${size}/setting`, own, all: { ...document.setting, ...places, ...own } };
}

/** A change of one field of a setting. */
export function fieldChange<Key extends keyof SettingFile>(
  document: ProgrammeFile,
  size: string,
  key: Key,
  to: SettingFile[Key] | undefined,
): Change {
  const { path, own } = settingAt(document, size);
  return { path: `${path}/${key}`, from: own[key], to };
}

/** Sets some places otherwise; an empty choice gives one back to the order. */
export function placesChange(document: ProgrammeFile, size: string, changes: Places): Change {
  const { all } = settingAt(document, size);
  const places = { ...all.places };
  for (const [at, choice] of Object.entries(changes)) {
    if (Object.keys(choice).length === 0) delete places[at];
    else places[at] = choice;
  }
  return fieldChange(document, size, 'places', Object.keys(places).length > 0 ? places : undefined);
}

/** Two places with their blocks exchanged; each block keeps the way it is turned. */
export function swapped(a: PicturePlace, b: PicturePlace): Places {
  const as = (p: PicturePlace) => ({ block: p.key, turn: p.turn, ...(p.mirrored && { mirrored: true }) });
  return { [a.at]: as(b), [b.at]: as(a) };
}

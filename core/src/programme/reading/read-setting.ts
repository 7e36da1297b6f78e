/** Reads how the quilt is set, for the plain size and for the others. */
import type { Problem } from '../../block';
import type { Rational, LengthUnit } from '../../measure';
import { partGroups, settingKind, SettingError, type PartGroup, type Setting } from '../../setting';
import type { Programme, ProgrammeFile, SettingFile } from '../document/document';
import type { ReadLength, Refuse } from './read-length';
import { topOf } from '../quilt/quilt';
import { blocksInOrder, setBlocks } from '../document/set-blocks';
import { words } from './words';

const DEFAULTS = {
  in: { over: '12', overage: '4', seam: '1/2', widest: 60 },
  cm: { over: '30', overage: '10', seam: '1.25', widest: 150 },
};

interface Known {
  unit: LengthUnit;
  fabrics: ReadonlyMap<string, unknown>;
  months: Programme['months'];
  length: ReadLength;
  refuse: Refuse;
}

/** The settings of the plain size and of each size option, in the order of the document; undefined where none is described. */
export function readSettings(file: ProgrammeFile, known: Known): { plain?: Setting; sizes: (Setting | undefined)[] } {
  const plain = file.setting && readSetting(file.setting, '/setting', 1, known);
  const sizes = (file.sizes ?? []).map(({ setting, make }, i) =>
    setting || file.setting
      ? // Places belong to one layout: a size that says how many blocks lie across and down starts without them.
        readSetting(
          { ...file.setting, ...((setting?.across || setting?.down) && { places: {} }), ...setting },
          `/sizes/${i}/setting`,
          make,
          known,
        )
      : undefined,
  );
  return { plain, sizes };
}

function readSetting(file: SettingFile, path: string, make: number, { unit, fabrics, months, length, refuse }: Known): Setting {
  const usual = DEFAULTS[unit];
  const strip = (written: { finished: string | number; role: string }, at: string) => ({
    finished: length(written.finished, `${path}/${at}/finished`, { limit: usual.widest }),
    role: written.role,
  });
  const blocks = setBlocks(months).reduce((n, { times }) => n + times, 0) * make;
  const { across, down } = gridFor(file, Math.max(1, blocks));
  for (const [group, id] of Object.entries(file.months ?? {}))
    if (partGroups.includes(group as PartGroup) && !months.some((m) => m.id === id))
      refuse(`${path}/months/${group}`, words.thereIsNoMonth(id));
  const { sashing, frame, triangles, binding, backing, wadding } = file;
  if (wadding?.fabric !== undefined && !fabrics.has(wadding.fabric))
    refuse(`${path}/wadding/fabric`, words.thereIsNoFabric(wadding.fabric));
  const given = new Map(Object.entries(file.months ?? {}) as [PartGroup, string][]);
  const withBacking = given.get('backing');
  const wide = (written: string | number | undefined, at: string, fallback: string, zero = true): Rational =>
    length(written, `${path}/${at}`, { fallback, zero, limit: usual.widest * 3 });
  return {
    kind: file.kind ?? 'straight',
    ...{ across, down, turning: file.turning ?? 'one-way' },
    ...(sashing && { sashing: { ...strip(sashing, 'sashing'), outer: sashing.outer ?? true } }),
    ...(frame && { frame: strip(frame, 'frame') }),
    ...{ cornerstone: file.cornerstone, coping: file.coping, alternate: file.alternate },
    ...(triangles && { triangles: { role: triangles.role, float: wide(triangles.float, 'triangles/float', '0') } }),
    rounds: (file.rounds ?? []).map((round, i) => ({
      finished: length(round.finished, `${path}/rounds/${i}/finished`, { limit: usual.widest }),
      role: round.role,
    })),
    borders: (file.borders ?? []).map(({ corners = 'butted', strips = 'whole', ...border }, i) => ({
      ...strip(border, `borders/${i}`),
      ...{ corners, strips },
    })),
    ...(binding && {
      binding: {
        role: binding.role,
        cut: length(binding.cut, `${path}/binding/cut`, { limit: usual.widest / 2 }),
        over: wide(binding.over, 'binding/over', usual.over),
      },
    }),
    ...(backing && {
      backing: {
        role: backing.role,
        seams: backing.seams ?? 'least',
        overage: wide(backing.overage, 'backing/overage', usual.overage),
        seam: wide(backing.seam, 'backing/seam', usual.seam),
        ...(backing.width !== undefined && { width: wide(backing.width, 'backing/width', '108', false) }),
      },
    }),
    ...(wadding?.fabric && { wadding: { fabric: wadding.fabric } }),
    leftOver: file.leftOver ?? 0,
    places: new Map(Object.entries(file.places ?? {})),
    // Wadding comes with the backing, unless a month of its own is named.
    months: withBacking && !given.has('wadding') ? given.set('wadding', withBacking) : given,
  };
}

/** What is left out of across and down: a quilt a little longer than it is wide that holds all blocks. */
function gridFor({ across, down, kind }: SettingFile, blocks: number): { across: number; down: number } {
  const perPlace = kind && settingKind(kind).plain === 'in turn' ? 2 : 1;
  const places = blocks * perPlace;
  const c = across ?? (down ? Math.ceil(places / down) : Math.max(1, Math.round(Math.sqrt(places * 0.8))));
  return { across: Math.min(60, c), down: Math.min(60, down ?? Math.ceil(places / c)) };
}

/** Every letter that a setting needs a fabric for, with where it says so. */
export function rolesOfSetting(setting: Setting, path = '/setting'): { role: string; path: string; part: string }[] {
  const named = (
    ['sashing', 'cornerstone', 'frame', 'coping', 'alternate', 'triangles', 'binding', 'backing'] as const
  ).flatMap((part) =>
    setting[part] ? [{ role: setting[part].role, path: `${path}/${part}/role`, part: part as string }] : [],
  );
  const rounds = setting.rounds.flatMap((r, i) =>
    r.role ? [{ role: r.role, path: `${path}/rounds/${i}/role`, part: words.round(i + 1) }] : [],
  );
  const borders = setting.borders.map((b, i) => ({
    role: b.role,
    path: `${path}/borders/${i}/role`,
    part: words.border(i + 1),
  }));
  return [...named, ...rounds, ...borders];
}

/** Where one kit does not make the quilt: how many places and blocks there are; undefined where they agree. */
export function placesAndBlocks({ leftOver }: Setting, places: number, made: number): string | undefined {
  if (made === places + leftOver) return undefined;
  const over = leftOver > 0 ? words.ofWhichLeftOver(leftOver) : '';
  return words.theQuiltNeedsBlocksButThe(places, made, over);
}

/** Worth a warning: a setting that cannot be sewn as it stands, places that no block is made for, letters without a fabric. */
export function settingWarnings(programme: Programme): Problem[] {
  const settings = [
    { setting: programme.setting, path: '/setting', make: 1 },
    ...programme.sizes.map(({ setting, make }, i) => ({ setting, make, path: `/sizes/${i}/setting` })),
  ];
  const blocks = setBlocks(programme.months);
  const warnings = settings.flatMap(({ setting, path, make }): Problem[] => {
    if (!setting || blocks.length === 0) return [];
    const uncast = rolesOfSetting(setting, path).flatMap(({ role, path: at, part }) =>
      programme.colourways.some((c) => !c.fabrics.has(role))
        ? [{ path: at, message: words.fabricOfTheIsNotCast(role, part) }]
        : [],
    );
    try {
      const { places } = topOf(setting, blocksInOrder(programme.months));
      const made = blocks.reduce((n, { times }) => n + times * make, 0);
      const disagree = placesAndBlocks(setting, places.filter((p) => p.block).length, made);
      return [...uncast, ...(disagree ? [{ path, message: disagree }] : [])];
    } catch (error) {
      if (!(error instanceof SettingError)) throw error;
      return [...uncast, { path: `${path}${error.path}`, message: error.message }];
    }
  });
  // A size that only inherits says nothing twice.
  return warnings.filter((w, i) => warnings.findIndex((o) => o.message === w.message) === i);
}

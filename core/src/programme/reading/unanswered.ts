/** Names in a document that nothing answers to: kept as they are, but worth a warning, since they are often slips of spelling. */
import type { Problem } from '../../block';
import { canJoin, kindOfName, otherReadings, unitKinds } from '../../construction';
import { SettingError } from '../../setting';
import { constructMonthBlock } from '../demand/constructing';
import type { Programme, ProgrammeFile } from '../document/document';
import { letterOf } from '../document/letters';
import { topOf } from '../quilt/quilt';
import { rolesOfSetting } from './read-setting';
import { blocksInOrder } from '../document/set-blocks';
import { words } from './words';

const kinds = new Map(unitKinds.map((kind) => [kind.kind, new Set(kind.methods.map((m) => m.name))]));
/** Kinds that a house or a month may choose a method for. */
const chosen = [...kinds].filter(([, methods]) => methods.size > 1).map(([kind]) => kind);

/** Kinds and methods that there are not, letters that no drawing uses, places that a quilt does not have. */
export function unansweredNames(file: ProgrammeFile, programme: Programme): Problem[] {
  return [
    ...methodsOf(file.house?.methods, '/house/methods'),
    ...(file.months ?? []).flatMap((month, i) =>
      (month.blocks ?? []).flatMap((block, j) => methodsOf(block.methods, `/months/${i}/blocks/${j}/methods`)),
    ),
    ...letters(file, programme),
    ...places(programme),
  ];
}

/** By kind, 'hst'; a name of one unit, 'hst:A+B@1x1', is asked of its block by `unansweredUnits`. */
function methodsOf(methods: Record<string, string> | undefined, path: string): Problem[] {
  return Object.entries(methods ?? {}).flatMap(([key, name]): Problem[] => {
    const kind = kindOfName(key);
    const known = kinds.get(kind);
    if (!known) return [{ path: `${path}/${key}`, message: words.thereIsNoUnitKindMethods(kind, chosen.join(', ')) }];
    if (known.has(name)) return [];
    return [{ path: `${path}/${key}`, message: words.thereIsNoMethodForThere(name, kind, [...known].join(', ')) }];
  });
}

function letters(file: ProgrammeFile, programme: Programme): Problem[] {
  if (programme.months.every((m) => m.blocks.length === 0)) return [];
  const settings = [programme.setting, ...programme.sizes.map((s) => s.setting)].flatMap((s) => (s ? [s] : []));
  const used = new Set([
    ...programme.months.flatMap((m) => m.blocks.flatMap((b) => b.block.patches.map((p) => p.role))),
    ...settings.flatMap((s) => rolesOfSetting(s).map((r) => r.role)),
  ]);
  return (file.colourways ?? []).flatMap(({ fabrics, pools, choices }, i) =>
    [
      ...Object.keys(fabrics ?? {}).map((role) => [role, 'fabrics'] as const),
      ...Object.keys(pools ?? {}).map((role) => [role, 'pools'] as const),
      ...Object.keys(choices ?? {}).map((role) => [role, 'choices'] as const),
    ].flatMap(([role, part]) =>
      used.has(letterOf(role)) ? [] : [{ path: `/colourways/${i}/${part}/${role}`, message: words.noBlockAndNoPartOf(role) }],
    ),
  );
}

function places({ setting, sizes, months }: Programme): Problem[] {
  const all = [{ setting, path: '/setting' }, ...sizes.map((s, i) => ({ setting: s.setting, path: `/sizes/${i}/setting` }))];
  const blocks = blocksInOrder(months);
  return all.flatMap(({ setting: own, path }) => {
    if (!own || own.places.size === 0 || blocks.length === 0) return [];
    try {
      const known = new Set(topOf(own, blocks).places.map((p) => p.at));
      return [...own.places.keys()].flatMap((at) =>
        known.has(at) ? [] : [{ path: `${path}/places/${at}`, message: words.theQuiltHasNoPlace(at) }],
      );
    } catch (error) {
      // A setting that cannot be sewn says so itself.
      if (error instanceof SettingError) return [];
      throw error;
    }
  });
}

/** Units that a month names, for a method or another reading, and that its block does not have. It takes every block apart. */
export function unansweredUnits(file: ProgrammeFile, programme: Programme): Problem[] {
  return (file.months ?? []).flatMap((month, i) =>
    (month.blocks ?? []).flatMap((block, j) => {
      const path = `/months/${i}/blocks/${j}`;
      const methods = Object.keys(block.methods ?? {}).filter((key) => key.includes(':'));
      const readings = Object.keys(block.readings ?? {});
      const entry = programme.months[i]!.blocks.find((e) => e.path === path);
      const told = methods.length + readings.length + Number(block.joining !== undefined) + Number(block.slip !== undefined);
      if (!entry || told === 0) return [];
      const c = constructMonthBlock(programme, entry);
      const units = new Set(c.units.map((u) => u.name));
      const others = new Set([...units, ...otherReadings(c).map((r) => r.name)]);
      const missing = (part: string, key: string) => ({
        path: `${path}/${part}/${key}`,
        message: words.hasNoUnitAtThisSize(entry.block.name, key),
      });
      const lost = block.joining !== undefined && !canJoin(c, block.joining);
      return [
        ...(lost
          ? [
              {
                path: `${path}/joining`,
                message: words.cannotBePutTogetherSoIt(entry.block.name),
              },
            ]
          : []),
        ...methods.filter((key) => !units.has(key)).map((key) => missing('methods', key)),
        ...readings.filter((key) => !others.has(key)).map((key) => missing('readings', key)),
        ...(block.slip?.unit !== undefined && !units.has(block.slip.unit) ? [missing('slip', block.slip.unit)] : []),
      ];
    }),
  );
}

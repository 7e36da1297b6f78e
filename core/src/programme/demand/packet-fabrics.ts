/** Which fabrics a packet hands out, without planning it: for days and lists, where no length is asked for. */
import { kitGroups } from './kit-groups';
import type { Colourway, Fabric, Month, Programme, SizeOption } from '../document/document';
import { demandOf } from './demand';
import { PlanError } from '../document/plan-error';
import type { PartGroup, Setting } from '../../setting';

/** The shop's fabrics of the colourways that get kits, in the order of the programme. */
export const fabricsOfPacket = (programme: Programme, months: readonly Month[]): Fabric[] =>
  fabricsOf(programme, months, (colourway, size) =>
    colourway.pools.size > 0 ? scatteredFabrics(programme, colourway, months, size) : undefined,
  );

/** As fabricsOfPacket, with every fabric of a pool, though not every one comes in every month: nothing has to be scattered for it. */
export const mayBeIn = (programme: Programme, months: readonly Month[]): Fabric[] =>
  fabricsOf(programme, months, () => undefined);

type Scattering = (colourway: Colourway, size?: SizeOption) => Fabric[] | undefined;

function fabricsOf(programme: Programme, months: readonly Month[], scattered: Scattering): Fabric[] {
  const found = new Set<Fabric>();
  for (const colourway of programme.colourways)
    for (const { size, kits } of kitGroups(programme, colourway))
      if (kits > 0)
        for (const fabric of fabricsFor(programme, { colourway, months, size }, scattered(colourway, size))) found.add(fabric);
  return programme.fabrics.filter((f) => found.has(f));
}

interface Asked {
  colourway: Colourway;
  months: readonly Month[];
  size?: SizeOption;
}

function fabricsFor(programme: Programme, { colourway, months, size }: Asked, scattered: Fabric[] | undefined): Fabric[] {
  const setting = size?.setting ?? programme.setting;
  const cast = scattered ?? [
    ...[...lettersOfMonths(months, setting)].flatMap(
      (role) => colourway.pools.get(role)?.fabrics ?? colourway.fabrics.get(role) ?? [],
    ),
  ];
  const wadding = setting && comesWith(setting, months, 'wadding') ? setting.wadding?.fabric : undefined;
  return [...cast, ...programme.fabrics.filter((f) => f.id === wadding)];
}

/**
 * What some months cut of a scrappy colourway: not every fabric of a pool comes in every month, and what is made as a pool of units comes with the
 * month that begins it. Undefined where the quilt cannot be set.
 */
function scatteredFabrics(programme: Programme, colourway: Colourway, months: readonly Month[], size?: SizeOption) {
  const setting = size?.setting ?? programme.setting;
  const back = setting?.backing && comesWith(setting, months, 'backing') && colourway.fabrics.get(setting.backing.role);
  try {
    const demand = demandOf(programme, { colourway, months, basis: 'kit', participants: 1, size });
    return [...demand.map((d) => d.fabric), ...(back ? [back] : [])];
  } catch (error) {
    if (error instanceof PlanError) return undefined;
    throw error;
  }
}

/** The letters that some months use: of their blocks, and of the parts of the quilt that they hand out. */
export function lettersOfMonths(months: readonly Month[], setting: Setting | undefined): Set<string> {
  const blocks = months.flatMap((m) => m.blocks);
  const letters = blocks.flatMap((b) => b.block.patches.map((p) => p.role));
  return new Set([...letters, ...(setting ? rolesHandedOut(setting, months, blocks.length > 0) : [])]);
}

const comesWith = ({ months: given }: Setting, months: readonly Month[], group: PartGroup) =>
  months.some((m) => m.id === given.get(group));

/** Letters of the setting's parts that these months hand out; frames and coping come with the blocks that they go round. */
function rolesHandedOut(setting: Setting, months: readonly Month[], blocks: boolean): string[] {
  const parts: [PartGroup | undefined, string | undefined][] = [
    ['sashing', setting.sashing?.role],
    ['sashing', setting.cornerstone?.role],
    [undefined, setting.frame?.role],
    [undefined, setting.coping?.role],
    ['alternate', setting.alternate?.role],
    ['triangles', setting.triangles?.role],
    ...setting.rounds.map((r): [PartGroup, string | undefined] => ['rounds', r.role]),
    ...setting.borders.map((b): [PartGroup, string] => ['borders', b.role]),
    ['binding', setting.binding?.role],
    ['backing', setting.backing?.role],
  ];
  return parts.flatMap(([group, role]) => (role && (group ? comesWith(setting, months, group) : blocks) ? [role] : []));
}

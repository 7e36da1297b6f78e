/** Which fabrics a packet hands out, without planning it: for days and lists, where no length is asked for. */
import { kitGroups } from './kit-groups';
import type { Colourway, Fabric, Month, Programme, SizeOption } from './document';
import { blocksAsCast, poolMaking } from './scrappy';
import type { PartGroup, Setting } from '../setting';

/** The shop's fabrics of the colourways that get kits, in the order of the programme. */
export function fabricsOfPacket(programme: Programme, months: readonly Month[]): Fabric[] {
  const found = new Set<Fabric>();
  for (const colourway of programme.colourways)
    for (const { size, kits } of kitGroups(programme, colourway))
      if (kits > 0) for (const fabric of fabricsFor(programme, colourway, months, size)) found.add(fabric);
  return programme.fabrics.filter((f) => found.has(f));
}

function fabricsFor(programme: Programme, colourway: Colourway, months: readonly Month[], size?: SizeOption): Fabric[] {
  const setting = size?.setting ?? programme.setting;
  const fabricsOf = (roles: Iterable<string>) =>
    [...roles].flatMap((role) => colourway.pools.get(role)?.fabrics ?? colourway.fabrics.get(role) ?? []);
  // What comes out of a pool of units is handed out with the month that begins the pool, by the letters of its fabrics.
  const pooled = [...colourway.pools.values()].some((p) => p.units);
  const cast = pooled
    ? [
        ...fabricsOf(months.flatMap((m) => lettersCut(programme, colourway, m, size))),
        ...fabricsOf(setting ? rolesHandedOut(setting, months, hasBlocks(months)) : []),
      ]
    : fabricsOf(lettersOfMonths(months, setting));
  const wadding = setting && comesWith(setting, months, 'wadding') ? setting.wadding?.fabric : undefined;
  return [...cast, ...programme.fabrics.filter((f) => f.id === wadding)];
}

const hasBlocks = (months: readonly Month[]) => months.some((m) => m.blocks.length > 0);

/** The letters that a month cuts, for its blocks as they are cast and for the pools that it begins. */
function lettersCut(programme: Programme, colourway: Colourway, month: Month, size?: SizeOption): string[] {
  const taken = (role: string) => colourway.pools.get(role)?.units !== undefined;
  const blocks = blocksAsCast(programme, colourway, month, size).flatMap((e) => e.block.patches.map((p) => p.role));
  const pools = poolMaking(programme, colourway, month, size)?.cuts ?? [];
  return [...blocks.filter((role) => !taken(role)), ...pools.map((cut) => cut.role)];
}

/** The letters that some months use: of their blocks, and of the parts of the quilt that they hand out. */
export function lettersOfMonths(months: readonly Month[], setting: Setting | undefined): Set<string> {
  const blocks = months.flatMap((m) => m.blocks);
  const letters = blocks.flatMap((b) => b.block.patches.map((p) => p.role));
  return new Set([...letters, ...(setting ? rolesHandedOut(setting, months, hasBlocks(months)) : [])]);
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

/** Small readings of a programme that several screens share. */
import { words } from './words';
import { roleShares } from '@aggrega/core/block';
import { value } from '@aggrega/core/fabric';
import {
  PlanError,
  isLesson,
  kitGroups,
  kitsBySize,
  kitsFor,
  type Colourway,
  type Month,
  type Programme,
} from '@aggrega/core/programme';
import type { PartGroup, Setting } from '@aggrega/core/setting';
import { monthDoubts, monthSheet, type MonthSheet } from '@aggrega/core/sheet';
import { keptFor } from '$lib/look/kept-for';

/** Fabric colour per letter, for drawing. */
export function coloursOf(colourway: Colourway): ReadonlyMap<string, string> {
  return new Map([...colourway.fabrics].map(([role, fabric]) => [role, fabric.colour]));
}

/** The fabric that a month is from across the room: the largest share, the colourway's lightest fabric left out as background. */
export function dominantColour(programme: Programme, month: Month, colourway: Colourway): string | undefined {
  const { setting } = programme;
  const colours = coloursOf(colourway);
  const lightest = [...colours.values()].sort((a, b) => value(b) - value(a))[0];
  const covered = new Map<string, number>();
  for (const { block } of month.blocks)
    for (const { role, share } of roleShares(block)) {
      const colour = colours.get(role)!;
      covered.set(colour, (covered.get(colour) ?? 0) + share);
    }
  // A lesson is without fabric: a plain light disc.
  if (isLesson(programme, month)) return lightest;
  // A month of the quilt's own parts is known by the first of them.
  if (month.blocks.length === 0)
    for (const [group, id] of setting?.months ?? []) {
      const role = id === month.id ? roleOfPart(setting!, group) : undefined;
      if (role) return colours.get(role);
    }
  const largest = [...covered].sort((a, b) => b[1] - a[1]).map(([colour]) => colour);
  return largest.find((colour) => colour !== lightest) ?? largest[0];
}

/** The letter that a part of the quilt is cut from. */
function roleOfPart(setting: Setting, group: PartGroup): string | undefined {
  const { sashing, triangles, alternate, rounds, borders, binding, backing } = setting;
  const parts: Record<PartGroup, { role?: string } | undefined> = {
    ...{ sashing, triangles, alternate, binding, backing, wadding: undefined },
    ...{ rounds: rounds.find((r) => r.role), borders: borders[0] },
  };
  return parts[group]?.role;
}

/** '27 kits: 24 people, 2 spare, 1 demo (4 Double bed)': those of a larger size are among them. */
export function kitsText(programme: Programme, colourway: Colourway, people: number): string {
  const kits = kitsFor(programme, colourway, people);
  const demoSets = kits > 0 ? programme.kits.demoSets : 0;
  const own = kitGroups(programme, colourway, people);
  const lists = programme.kits.kind === 'list' ? 0 : own.filter((g) => g.kind === 'list').reduce((n, g) => n + g.people, 0);
  const made = people - lists;
  const spares = kits - made - demoSets;
  const parts = [
    words.persons(made),
    ...(spares > 0 ? [words.spare(spares)] : []),
    ...(demoSets > 0 ? [words.demo(demoSets)] : []),
  ];
  const sizes = kitsBySize(programme, colourway, people).flatMap((s) =>
    s.size && s.kits > 0 ? [`${s.kits} ${s.size.name}`] : [],
  );
  const all = `${words.kits(kits)}${parts.length > 1 ? `: ${parts.join(', ')}` : ''}`;
  const sized = sizes.length > 0 ? `${all} (${sizes.join(', ')})` : all;
  return lists > 0 ? words.bringTheirOwnFabric(sized, lists) : sized;
}

/** The sheet of a month, or why it cannot be written: with the places. */
export function workOut(
  programme: Programme,
  month: Month,
  colourway: Colourway,
): { sheet?: MonthSheet; problems: { path: string; message: string }[] } {
  return keptFor(programme, `sheet ${month.id} ${colourway.id}`, () => {
    try {
      return { sheet: monthSheet(programme, month, colourway), problems: [] };
    } catch (error) {
      if (error instanceof PlanError) return { problems: error.problems };
      throw error;
    }
  });
}

/** The doubts about a month, worked out once for a programme as it stands. */
export const doubtsOf = (programme: Programme, month: Month, colourway: Colourway): ReturnType<typeof monthDoubts> =>
  keptFor(programme, `doubts ${month.id} ${colourway.id}`, () => monthDoubts(programme, month, colourway));

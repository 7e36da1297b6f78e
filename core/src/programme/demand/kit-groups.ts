/** Who is handed what: the people of a colourway by size and kind of kit, with the kits that are cut for nobody. */
import type { Colourway, KitKind, Programme, SizeOption } from '../document/document';

/** People who are handed the same, and the kits that are cut for them. */
export interface KitGroup {
  colourway: Colourway;
  /** Undefined for the plain size. */
  size?: SizeOption;
  kind: KitKind;
  people: number;
  /** With spares and demo sets; 0 for those who bring their own. */
  kits: number;
}

export interface SizeShare {
  /** Undefined for the plain size. */
  size?: SizeOption;
  people: number;
  /** With spares; the plain size holds the demo sets. */
  kits: number;
}

/** Kits to cut for so many people who get one: spares below 1 are a fraction, rounded up; from 1 on they are kits. */
export function kitCount(programme: Programme, people: number): number {
  return people === 0 ? 0 : people + sparesFor(programme, people) + programme.kits.demoSets;
}

function sparesFor({ kits: { spares } }: Programme, people: number): number {
  if (people === 0) return 0;
  // 0.1 of 30 is 3, not 4: the fraction is taken in millionths, where a float's dust is gone.
  return spares < 1 ? Math.ceil((Math.round(spares * 1e6) * people) / 1e6) : Math.ceil(spares);
}

/**
 * So many people of a colourway by size and kind of kit, the plain size and the programme's own kind first. A number that is only tried out
 * is shared among the sizes as those enrolled are; whoever comes beyond them takes the programme's own kind, as when they enrol. Spares follow the same shares among those who get a kit (largest remainders). Demo sets are of the plain
 * size and the programme's kind; where that is a list, the organiser still sews from lengths. Groups without people or kits are left out.
 */
export function kitGroups(programme: Programme, colourway: Colourway, people = enrolled(programme, colourway)): KitGroup[] {
  const { kits } = programme;
  const own = groupsOf(programme, colourway, people);
  const counts = own.map((g) => g.people);
  const gets = own.map((g, i) => (g.kind === 'list' ? 0 : counts[i]!));
  const spares = shared(sparesFor(programme, sum(gets)), gets);
  const groups = own.map((group, i) => ({ ...group, people: counts[i]!, kits: gets[i]! + (gets[i]! > 0 ? spares[i]! : 0) }));
  if (people > 0 && kits.demoSets > 0) {
    const kind = kits.kind === 'list' ? 'yardage' : kits.kind;
    const plain = groups.find((g) => !g.size && g.kind === kind);
    if (plain) plain.kits += kits.demoSets;
    else groups.push({ colourway, kind, people: 0, kits: kits.demoSets });
  }
  return groups.filter((g) => g.people > 0 || g.kits > 0);
}

const enrolled = ({ participants }: Programme, { id }: Colourway) => participants.get(id) ?? 0;
const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);

/** So many people by size and then by kind. */
function groupsOf(programme: Programme, colourway: Colourway, people: number): Omit<KitGroup, 'kits'>[] {
  const { kits, sizes } = programme;
  const taking = sizes.map((size) => size.participants.get(colourway.id) ?? 0);
  const inSize = shared(people, [Math.max(0, enrolled(programme, colourway) - sum(taking)), ...taking]);
  return [undefined, ...sizes].flatMap((size, i) => {
    const others = kits.otherKinds.filter((o) => o.colourway === colourway.id && o.size === size?.id && o.kind !== kits.kind);
    const byKind = new Map<KitKind, number>();
    for (const { kind, people: own } of others) byKind.set(kind, (byKind.get(kind) ?? 0) + own);
    const named = [...byKind.values()];
    const fit = sum(named) > inSize[i]! ? shared(inSize[i]!, named) : named;
    const usual = { kind: kits.kind, people: inSize[i]! - sum(fit) };
    return [usual, ...[...byKind.keys()].map((kind, k) => ({ kind, people: fit[k]! }))].map((group) => ({
      ...{ colourway, ...group },
      ...(size && { size }),
    }));
  });
}

/**
 * The kits of so many people by size option, whatever kind they are: the plain size first, then every other. Who brings her own in a programme
 * that hands out kits has none; where all bring their own, all are counted, since their lists say how much to buy.
 */
export function kitsBySize(programme: Programme, colourway: Colourway, people: number): SizeShare[] {
  const { kits, sizes } = programme;
  const cut = kits.kind === 'list' ? { ...programme, kits: { ...kits, kind: 'yardage' as const, otherKinds: [] } } : programme;
  const groups = kitGroups(cut, colourway, people).filter((g) => g.kits > 0);
  return [undefined, ...sizes].map((size) => {
    const own = groups.filter((g) => g.size === size);
    return { ...(size && { size }), people: sum(own.map((g) => g.people)), kits: sum(own.map((g) => g.kits)) };
  });
}

/** All kits that are cut for so many people of a colourway. */
export const kitsFor = (programme: Programme, colourway: Colourway, people: number): number =>
  sum(kitsBySize(programme, colourway, people).map((s) => s.kits));

/** A whole number shared in proportion to weights; all to the first where there are none. */
function shared(total: number, weights: readonly number[]): number[] {
  const all = sum(weights);
  if (all === 0) return weights.map((_, i) => (i === 0 ? total : 0));
  const parts = weights.map((w) => Math.floor((total * w) / all));
  const rest = weights.map((w, i) => ({ i, over: (total * w) % all })).sort((a, b) => b.over - a.over || a.i - b.i);
  for (const { i } of rest.slice(0, total - sum(parts))) parts[i]! += 1;
  return parts;
}

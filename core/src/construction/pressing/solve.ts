/**
 * The pressing plan as a problem of choices. Seams that meet end to end across another one must go opposite ways to nest. A seam
 * has two ends, so such seams form chains along a line, and every chain can be pressed in exactly two ways: all crossings nest. What is
 * left to choose is which of the two; the lower wishes decide, in their order, and where they leave it open, the iron that turns less often.
 */

/** Seams that hang together: each with the side it takes (1 or −1) when the chain is pressed the first way. */
export interface Chain {
  members: { seam: number; side: 1 | -1 }[];
}

export interface Wishes {
  /** Group of each seam, or −1: seams of like units, which are best pressed alike. */
  group: readonly number[];
  groups: number;
  /** What a seam gains by side 1 and loses by −1, most important first. */
  gains: readonly (readonly number[])[];
  /** Seams that lie side by side in one row: the iron turns between them where they go opposite ways. */
  beside?: readonly (readonly [number, number])[];
}

export interface Solved {
  side: (1 | -1)[];
  /** Seams of like units that are pressed unlike the most of them. */
  unlike: number;
  /** Whether all choices were weighed; only blocks with very many kinds of seams are not. */
  proven: boolean;
}

/** Groups that are weighed against each other in full. */
const WEIGHED = 14;

/** The best way for every chain: fewest unlike seams in all groups together, then the gains in their order. */
export function solve(seams: number, chains: readonly Chain[], wishes: Wishes): Solved {
  // A group matters for the choice only where one of its chains holds more than one seam.
  const tied = new Set(
    chains
      .filter((c) => c.members.length > 1)
      .flatMap((c) => c.members.map((m) => wishes.group[m.seam]!).filter((g) => g >= 0)),
  );
  const open = [...tied];
  const proven = open.length <= WEIGHED;
  const usual = new Array<1 | -1 | 0>(wishes.groups).fill(0);
  // A group that nothing ties follows its own gains, all members alike.
  for (let g = 0; g < wishes.groups; g += 1) if (!tied.has(g)) usual[g] = preference(g, wishes);

  let best: { cost: number[]; ways: (1 | -1)[] } | undefined;
  const weigh = () => {
    const ways = chains.map((chain) => better(chain, usual, wishes));
    const cost = ways.reduce<number[]>((sum, { cost }) => cost.map((n, i) => n + (sum[i] ?? 0)), []);
    if (!best || less(cost, best.cost)) best = { cost, ways: ways.map((w) => w.way) };
    return cost;
  };
  if (proven) {
    for (let choice = 0; choice < 2 ** open.length; choice += 1) {
      open.forEach((g, i) => void (usual[g] = (choice >> i) & 1 ? -1 : 1));
      weigh();
    }
  } else {
    for (const g of open) usual[g] = preference(g, wishes);
    weigh();
    for (let improved = true; improved;) {
      improved = false;
      for (const g of open) {
        const before = best!.cost;
        usual[g] = usual[g] === 1 ? -1 : 1;
        if (less(weigh(), before)) improved = true;
        else usual[g] = usual[g] === 1 ? -1 : 1;
      }
    }
  }
  const side = new Array<1 | -1>(seams).fill(1);
  chains.forEach((chain, i) => {
    for (const m of chain.members) side[m.seam] = (m.side * (best?.ways[i] ?? 1)) as 1 | -1;
  });
  fewerTurns(side, chains, wishes);
  return { side, unlike: best?.cost[0] ?? 0, proven };
}

/** Turns over what may lie either way: chains that hang together by their groups, where the gains of all of them are level. */
function fewerTurns(side: (1 | -1)[], chains: readonly Chain[], { group, gains, beside = [] }: Wishes): void {
  const level = (seams: readonly number[]) =>
    (gains[0] ?? []).every((_, at) => seams.reduce((sum, s) => sum + gains[s]![at]! * side[s]!, 0) === 0);
  const free = partsOf(chains, group).filter(level);
  const partOf = new Map(free.flatMap((seams, i) => seams.map((s) => [s, i] as const)));
  const edges = free.map((_, i) => beside.filter(([a, b]) => (partOf.get(a) === i) !== (partOf.get(b) === i)));
  const turns = (i: number) => edges[i]!.filter(([a, b]) => side[a] !== side[b]).length;
  // Every turning over takes turns away, so it ends.
  for (let improved = true; improved;) {
    improved = false;
    free.forEach((seams, i) => {
      if (turns(i) * 2 <= edges[i]!.length) return;
      for (const s of seams) side[s] = side[s] === 1 ? -1 : 1;
      improved = true;
    });
  }
}

/** The seams of chains that share a group, together. */
function partsOf(chains: readonly Chain[], group: readonly number[]): number[][] {
  const home = new Map<number, number[]>();
  const parts = new Set<number[]>();
  for (const { members } of chains) {
    const own = members.map((m) => m.seam);
    const joined = new Set(own.flatMap((s) => (home.has(group[s]!) ? [home.get(group[s]!)!] : [])));
    for (const other of joined) {
      own.push(...other);
      parts.delete(other);
    }
    parts.add(own);
    for (const s of own) if (group[s]! >= 0) home.set(group[s]!, own);
  }
  return [...parts];
}

/** The side that most of a group gains by. */
function preference(g: number, { group, gains }: Wishes): 1 | -1 {
  const total =
    gains[0]?.map((_, level) => group.reduce((sum, own, seam) => sum + (own === g ? gains[seam]![level]! : 0), 0)) ?? [];
  return (total.find((n) => n !== 0) ?? 1) < 0 ? -1 : 1;
}

/** The better of a chain's two ways, and what it costs: unlike seams first, then gains with their sign turned. */
function better({ members }: Chain, usual: readonly (1 | -1 | 0)[], { group, gains }: Wishes): { way: 1 | -1; cost: number[] } {
  const costs = ([1, -1] as const).map((way) => {
    let unlike = 0;
    const gained = gains[0]?.map(() => 0) ?? [];
    for (const { seam, side } of members) {
      const pressed = side * way;
      const g = group[seam]!;
      if (g >= 0 && usual[g] !== pressed) unlike += 1;
      gains[seam]!.forEach((gain, level) => void (gained[level]! -= gain * pressed));
    }
    return { way, cost: [unlike, ...gained] };
  });
  return less(costs[1]!.cost, costs[0]!.cost) ? costs[1]! : costs[0]!;
}

export function less(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((n, i) => n !== b[i]);
  return at >= 0 && a[at]! < b[at]!;
}

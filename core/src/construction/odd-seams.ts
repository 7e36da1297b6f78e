/**
 * Taking apart what no straight seam takes apart (docs/craft.md, Sewing order): by a partial seam, which is begun, left open and finished last;
 * else by setting a part in at an inner corner. Everything follows from which patches touch along which straight line.
 */
import type { Point } from '../block';
import type { LaidPatch } from './picture';

/** Two patches that touch along part of a chain. */
interface Contact {
  a: number;
  b: number;
  chain: number;
  /** Where along the chain. */
  from: number;
  to: number;
}

export interface OddSplit {
  seam: 'straight' | 'partial' | 'set-in';
  /** Direction of the seam, for a straight one. */
  direction?: readonly [number, number];
  /** In the order of sewing; a partial seam lies between the first two. */
  parts: LaidPatch[][];
}

/** Regions with more patches than this and no straight seam are sewn patch by patch: no drawing that people sew is like that. */
const SEARCHED = 60;

/** How a connected region of several patches comes apart. `rank` puts equal choices in an order that does not depend on how they lie. */
export function oddSplit(laid: readonly LaidPatch[], rank: (parts: LaidPatch[][]) => string): OddSplit {
  const { contacts, lines } = touching(laid);
  const chains = [...lines.keys()];
  const all = new Set(laid.keys());
  const take = (parts: number[][]) => parts.map((part) => part.map((i) => laid[i]!));
  const best = (splits: OddSplit[]): OddSplit | undefined => {
    const few = Math.min(...splits.map((s) => s.parts.length));
    const fewest = splits.filter((s) => s.parts.length === few);
    if (fewest.length < 2) return fewest[0];
    const ranked = fewest.map((split) => ({ split, key: rank(split.parts) }));
    return ranked.reduce((p, q) => (q.key < p.key ? q : p)).split;
  };

  if (laid.length > SEARCHED) return { seam: 'set-in', parts: take(oneByOne()) };
  const straight = chains.flatMap((chain): OddSplit[] => {
    const parts = components(all, contacts, (c) => c.chain !== chain);
    return parts.length > 1 ? [{ seam: 'straight', direction: lines[chain]!.direction, parts: take(parts) }] : [];
  });
  if (straight.length > 0) return best(straight)!;

  const partial = chains.flatMap((slit): OddSplit[] => {
    // Small parts left over first, or large ones: neither is always shorter.
    return ([1, -1] as const).flatMap((order): OddSplit[] => {
      const parts = aroundSlit(slit, order);
      return parts ? [{ seam: 'partial', parts: take(parts) }] : [];
    });
  });
  if (partial.length > 0) return best(partial)!;
  const corners = chains.flatMap((first, i) =>
    chains.slice(i + 1).flatMap((second): OddSplit[] => {
      const parts = components(all, contacts, (c) => c.chain !== first && c.chain !== second);
      return parts.length === 2 ? [{ seam: 'set-in', parts: take(larger(parts)) }] : [];
    }),
  );
  if (corners.length > 0) return best(corners)!;
  return { seam: 'set-in', parts: take(onePatchOut()) };

  /** With the slit left open, full seams until the rest falls apart along the slit itself; undefined when they do not get there. */
  function aroundSlit(slit: number, order: 1 | -1): number[][] | undefined {
    let rest = all;
    const peeled: number[][] = [];
    for (;;) {
      const ends = components(rest, contacts, (c) => c.chain !== slit);
      if (ends.length > 1) return ends.length === 2 && peeled.length > 0 ? [...larger(ends), ...peeled.reverse()] : undefined;
      const outer = chains
        .filter((chain) => chain !== slit)
        .flatMap((chain) => {
          const parts = components(rest, contacts, (c) => c.chain !== slit && c.chain !== chain);
          return parts.length > 1 ? parts : [];
        })
        .sort((p, q) => (p.length - q.length) * order)
        .find((part) => canLeave(new Set(part)));
      if (!outer) return undefined;
      peeled.push(outer);
      rest = new Set([...rest].filter((i) => !outer.includes(i)));
    }

    /** Whether a part can be sewn on last: what remains hangs together, and still has the open seam in it. */
    function canLeave(part: ReadonlySet<number>): boolean {
      const left = new Set([...rest].filter((i) => !part.has(i)));
      return holdsSlit(left) && components(left, contacts, () => true).length === 1;
    }

    function holdsSlit(inside: ReadonlySet<number>): boolean {
      return contacts.some((c) => c.chain === slit && inside.has(c.a) && inside.has(c.b));
    }
  }

  /** Every patch by itself, each beside one that came before it. */
  function oneByOne(): number[][] {
    const beside = new Map<number, number[]>();
    for (const { a, b } of contacts) {
      beside.set(a, [...(beside.get(a) ?? []), b]);
      beside.set(b, [...(beside.get(b) ?? []), a]);
    }
    const order = new Set([0]);
    for (const i of order) for (const j of beside.get(i) ?? []) order.add(j);
    return [...order].map((i) => [i]);
  }

  /** The patch with the fewest seams around it whose leaving keeps the rest together. */
  function onePatchOut(): number[][] {
    const around = (i: number) => new Set(contacts.filter((c) => c.a === i || c.b === i).map((c) => c.chain)).size;
    const order = [...all].sort((i, j) => around(i) - around(j));
    for (const i of order) {
      const rest = components(new Set([...all].filter((j) => j !== i)), contacts, () => true);
      if (rest.length === 1) return [rest[0]!, [i]];
    }
    throw new Error('every connected region has a patch that can be taken away');
  }
}

const larger = (parts: number[][]) => [...parts].sort((p, q) => q.length - p.length);

/** The groups of patches that hang together by the kept contacts, in the order of their first patches. */
function components(among: ReadonlySet<number>, contacts: readonly Contact[], keep: (c: Contact) => boolean): number[][] {
  const parent: number[] = [];
  for (const i of among) parent[i] = i;
  const root = (i: number): number => {
    while (parent[i] !== i) i = parent[i] = parent[parent[i]!]!;
    return i;
  };
  for (const c of contacts)
    if (among.has(c.a) && among.has(c.b) && keep(c)) {
      const [p, q] = [root(c.a), root(c.b)];
      if (p !== q) parent[p] = q;
    }
  const groups = new Map<number, number[]>();
  for (const i of among) {
    const r = root(i);
    const group = groups.get(r);
    if (group) group.push(i);
    else groups.set(r, [i]);
  }
  return [...groups.values()];
}

interface Edge {
  patch: number;
  from: number;
  to: number;
  /** Which side of the line the patch lies on. */
  ahead: boolean;
}

/** Who touches whom, and along which unbroken straight line. */
export function touching(laid: readonly LaidPatch[]) {
  const grouped = new Map<string, { direction: readonly [number, number]; across: number; edges: Edge[] }>();
  laid.forEach(({ points }, patch) =>
    points.forEach((p, i) => {
      const q = points[(i + 1) % points.length]!;
      const direction = heading(q[0] - p[0], q[1] - p[1]);
      const [dx, dy] = direction;
      const along = (x: number, y: number) => x * dx + y * dy;
      const [a, b] = [along(...p), along(...q)];
      const across = p[0] * dy - p[1] * dx;
      const key = `${dx} ${dy} ${across}`;
      const line = grouped.get(key) ?? { direction, across, edges: [] };
      line.edges.push({ patch, from: Math.min(a, b), to: Math.max(a, b), ahead: a < b });
      grouped.set(key, line);
    }),
  );
  const contacts: Contact[] = [];
  const lines: { direction: readonly [number, number]; across: number }[] = [];
  for (const { direction, across, edges } of grouped.values()) {
    const [ahead, back] = [edges.filter((e) => e.ahead), edges.filter((e) => !e.ahead)];
    const meetings = ahead
      .flatMap((e) => back.map((f) => ({ a: e.patch, b: f.patch, from: Math.max(e.from, f.from), to: Math.min(e.to, f.to) })))
      .filter((m) => m.from < m.to)
      .sort((m, n) => m.from - n.from);
    let reach = -Infinity;
    for (const m of meetings) {
      if (m.from > reach) lines.push({ direction, across });
      reach = Math.max(reach, m.to);
      contacts.push({ ...m, chain: lines.length - 1 });
    }
  }
  return { contacts, lines };
}

/** The smallest whole-number step along a direction, the same for both ways of going. */
export function heading(dx: number, dy: number): readonly [number, number] {
  let [a, b] = [Math.abs(dx), Math.abs(dy)];
  while (b > 0) [a, b] = [b, a % b];
  const sign = dx < 0 || (dx === 0 && dy < 0) ? -1 : 1;
  return [(dx / a) * sign, (dy / a) * sign];
}

/** For every part after the first, the straight lines along which it touches the parts before it, each from end to end. */
export function joinLines(parts: readonly (readonly LaidPatch[])[]): { from: Point; to: Point }[][] {
  const partOf = parts.flatMap((part, i) => part.map(() => i));
  const { contacts, lines } = touching(parts.flat());
  const spans = parts.map(() => new Map<number, [number, number]>());
  for (const { a, b, chain, from, to } of contacts) {
    const [p, q] = [partOf[a]!, partOf[b]!];
    if (p === q) continue;
    const own = spans[Math.max(p, q)]!;
    const [near, far] = own.get(chain) ?? [from, to];
    own.set(chain, [Math.min(near, from), Math.max(far, to)]);
  }
  return spans.slice(1).map((own) =>
    [...own].map(([chain, [near, far]]) => {
      const { direction, across } = lines[chain]!;
      const [dx, dy] = direction;
      const square = dx * dx + dy * dy;
      // A point with x·dx + y·dy = t and x·dy − y·dx = across.
      const at = (t: number): Point => [(t * dx + across * dy) / square, (t * dy - across * dx) / square];
      return { from: at(near), to: at(far) };
    }),
  );
}

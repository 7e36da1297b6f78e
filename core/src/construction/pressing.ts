/**
 * Which way each straight seam is pressed so that crossings nest (handbook 4): where two seams meet end to end across a
 * third, they must go opposite ways. That is a two-colouring of the seams; what cannot be had is counted, never hidden.
 */
import type { Branch, SeamWay, Tree } from './seam-tree';

/** The way of a seam's allowance: level seams go up or down, upright ones left or right. */
export type Press = 'up' | 'down' | 'left' | 'right';

export interface Pressing {
  /** Directions of the seams between the parts of each branch, in order. */
  ways: Map<Branch, Press[]>;
  /** Four-way crossings of straight seams, and how many of them nest. */
  crossings: number;
  nested: number;
  openSeams: number;
}

interface Seam {
  branch: Branch;
  index: number;
  way: SeamWay;
  at: number;
  from: number;
  to: number;
  /** 1: towards the part after the seam (right or down); −1: towards the one before. */
  side: 1 | -1 | 0;
  /** How much plainer the part after the seam is: seams prefer to lie on the part with fewer seams. */
  pull: number;
}

/** The pressing plan of a seam tree. */
export function pressingPlan(tree: Tree): Pressing {
  const seams = collect(tree);
  const crossed = crossings(seams);
  const partners = new Map<Seam, Seam[]>();
  for (const [a, b] of crossed) {
    partners.set(a, [...(partners.get(a) ?? []), b]);
    partners.set(b, [...(partners.get(b) ?? []), a]);
  }
  for (const start of seams) {
    if (start.side !== 0) continue;
    const group = colour(start, partners);
    // Either colouring of a group nests equally well; the one that lies on the plainer parts wins.
    const comfort = group.reduce((sum, s) => sum + s.side * s.pull, 0);
    if (comfort < 0) for (const s of group) s.side = s.side === 1 ? -1 : 1;
  }
  const ways = new Map<Branch, Press[]>();
  for (const s of seams) {
    const list = ways.get(s.branch) ?? [];
    list[s.index] = s.way === 'v' ? (s.side === 1 ? 'right' : 'left') : s.side === 1 ? 'down' : 'up';
    ways.set(s.branch, list);
  }
  const nested = crossed.filter(([a, b]) => a.side !== b.side).length;
  return { ways, crossings: crossed.length, nested, openSeams: 0 };
}

function collect(tree: Tree): Seam[] {
  if ('seen' in tree) return [];
  const level = tree.seam === 'h';
  const own = tree.parts.slice(1).map((part, index): Seam => {
    const { box } = tree;
    return {
      branch: tree,
      index,
      way: tree.seam,
      at: level ? part.box.y : part.box.x,
      from: level ? box.x : box.y,
      to: level ? box.x + box.w : box.y + box.h,
      side: 0,
      pull: seamCount(tree.parts[index]!) - seamCount(part),
    };
  });
  return [...own, ...tree.parts.flatMap(collect)];
}

/** Seams inside a part, those of its units counted. */
function seamCount(tree: Tree): number {
  if ('seen' in tree) return tree.patches.length - 1;
  return tree.parts.length - 1 + tree.parts.reduce((sum, part) => sum + seamCount(part), 0);
}

/** Pairs of seams that meet end to end in the inside of a third. */
function crossings(seams: Seam[]): [Seam, Seam][] {
  const starts = new Map<string, Seam>();
  const point = (way: SeamWay, at: number, along: number) => `${way} ${at} ${along}`;
  for (const s of seams) starts.set(point(s.way, s.at, s.from), s);
  return seams.flatMap((s): [Seam, Seam][] => {
    const next = starts.get(point(s.way, s.at, s.to));
    // Two ends that touch do so across the seam they both stop at.
    return next ? [[s, next]] : [];
  });
}

/** Gives all seams that `start` is linked with alternating sides; returns them. */
function colour(start: Seam, partners: Map<Seam, Seam[]>): Seam[] {
  start.side = 1;
  const group = [start];
  for (const s of group) {
    for (const other of partners.get(s) ?? []) {
      if (other.side !== 0) continue;
      other.side = s.side === 1 ? -1 : 1;
      group.push(other);
    }
  }
  return group;
}

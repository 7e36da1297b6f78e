/**
 * Which way each seam is pressed (docs/craft.md, Pressing), in this order of wishes: crossings nest; crowded crossings are spun or opened; like
 * units are pressed alike; seams lie on the plainer part; seams lie on the darker fabric.
 */
import type { Point } from '../../block';
import type { Exact } from '../../measure';
import type { UnitPlan } from '../construct';
import { heading } from '../odd-seams';
import { isLeaf, leaves, type Branch, type Leaf, type Tree } from '../seam-tree';
import type { SewingStyle } from '../style';
import { allSeams, type Seam } from './seams';
import { solve, type Chain } from './solve';
import { words } from './words';

/** The way of a seam's allowance as the block lies before you; two words for slanting seams. */
export type Press = 'up' | 'down' | 'left' | 'right' | 'up left' | 'up right' | 'down left' | 'down right' | 'open';

export interface PressedSeam extends Seam {
  /** Where the allowance lies; undefined for a seam pressed open. */
  towards?: Point;
}

export interface Crossing {
  at: Point;
  nested: boolean;
  /** Where the last stitches are opened so that the centre fans out. */
  spun: boolean;
}

export interface UnitPress {
  /** Fabric that the seam lies on, and how many of the unit's places have it so; '' where both sides are sewn parts. */
  towards: string;
  count: number;
}

export interface PressVariant {
  ways: Press[];
  places: Leaf[];
}

export interface Pressing {
  /** Directions of the seams between the parts of each branch, in order, as the branch lies straight: a unit's inside as the unit is made. */
  ways: Map<Branch, Press[]>;
  /**
   * The same of units that are sewn from others, branch by branch (see branchesOf), with the places that have it so: several where like
   * parts are pressed in turn, so that they nest.
   */
  variants: Map<UnitPlan, Map<string, PressVariant[]>>;
  /** How the seams inside each unit lie, seam by seam; several entries where not all of its places are alike. */
  units: Map<UnitPlan, UnitPress[][]>;
  seams: PressedSeam[];
  /** Four-way crossings of straight seams, and how many of them nest. */
  crossings: number;
  nested: number;
  openSeams: number;
  at: Crossing[];
  /** Wishes that could not be had, in sentences. */
  givenUp: string[];
  proven: boolean;
}

/** More seam ends than this in one spot are too many layers: the last seam through it is pressed open. */
const CROWDED = 8;

interface Context {
  tick: Exact;
  lightness?: ReadonlyMap<string, number>;
  house?: SewingStyle['pressing'];
}

/** The pressing plan of a seam tree. */
export function pressingPlan(
  tree: Tree,
  unitOf: ReadonlyMap<Leaf, UnitPlan>,
  { tick, lightness, house = 'nest' }: Context,
): Pressing {
  const seams = allSeams(tree, unitOf, tick);
  const meets = crossings(seams);
  const groups = new Map<string, number>();
  const likes = new Map<string, number>();
  for (const { group } of seams) if (group) likes.set(group, (likes.get(group) ?? 0) + 1);
  const group = seams.map(({ group }) => {
    // A unit that the block has once is like no other.
    if (group === undefined || likes.get(group) === 1) return -1;
    if (!groups.has(group)) groups.set(group, groups.size);
    return groups.get(group)!;
  });
  // What comes out of a pool is pressed before anybody knows where it will lie: to its darker fabric, whatever it meets.
  const fixed = (seam: number) => seams[seam]!.unit?.pooled ?? false;
  const gains = seams.map((s) =>
    house === 'dark' || s.unit?.pooled
      ? [darker(s, lightness), Math.sign(s.plainer)]
      : [Math.sign(s.plainer), darker(s, lightness)],
  );
  // A house that presses to the dark, or open, does not ask for nests.
  const nests = house === 'nest' ? meets.filter((m) => !fixed(m.a) && !fixed(m.b)) : [];
  const solved = solve(seams.length, chainsOf(seams, nests), { group, groups: groups.size, gains, beside: besideOf(seams) });

  const ends = countEnds(seams);
  const inPair = new Set(meets.flatMap((m) => [m.a, m.b]));
  const open = new Set<number>();
  seams.forEach((seam, i) => void ((house === 'open' || (seam.odd && !inPair.has(i))) && open.add(i)));
  for (const { at, through } of meets) if ((ends.get(at.join()) ?? 0) > CROWDED && !inPair.has(through)) open.add(through);

  const pressed = seams.map((seam, i): PressedSeam => {
    const side = solved.side[i]!;
    return open.has(i) ? seam : { ...seam, towards: [seam.after[0] * side, seam.after[1] * side] };
  });
  const at = meets.map((m): Crossing => ({
    at: m.at,
    nested: !open.has(m.a) && !open.has(m.b) && solved.side[m.a]! * solved.side[m.b]! === m.opposite,
    spun: house === 'nest' && m.centre && !open.has(m.through),
  }));
  return {
    ways: waysOf(pressed),
    variants: variantsOf(tree, pressed, unitOf),
    units: unitPresses(pressed),
    seams: pressed,
    crossings: at.length,
    nested: at.filter((c) => c.nested).length,
    openSeams: open.size,
    at,
    givenUp: house === 'nest' ? givenUp(pressed, solved.unlike, open.size, solved.side, gains) : [],
    proven: solved.proven,
  };
}

/** Seams of one row or column that lie side by side, in one place. */
function besideOf(seams: readonly Seam[]): [number, number][] {
  const at = new Map<Branch, Map<number, number>>();
  seams.forEach(({ branch, index, odd }, i) => {
    if (odd) return;
    const own = at.get(branch) ?? new Map<number, number>();
    at.set(branch, own.set(index, i));
  });
  return [...at.values()].flatMap((own) =>
    [...own].flatMap(([index, seam]): [number, number][] => (own.has(index + 1) ? [[seam, own.get(index + 1)!]] : [])),
  );
}

/** 1 when the part after is the darker fabric, −1 when the one before is; 0 where either is sewn, or neither is known. */
function darker({ before, beyond }: Seam, lightness: ReadonlyMap<string, number> | undefined): number {
  if (!before || !beyond || !lightness) return 0;
  return Math.sign((lightness.get(before) ?? 50) - (lightness.get(beyond) ?? 50));
}

interface Meeting {
  at: Point;
  /** Seams that end here from both sides of the seam through. */
  a: number;
  b: number;
  through: number;
  /** The product of their sides when they nest. */
  opposite: 1 | -1;
  /** The two long seams of a part that comes in four equal quarters. */
  centre: boolean;
}

/**
 * Four-way crossings: pairs of seams that meet end to end, square across a third. Slanting seams that happen to meet there are pressed
 * with the units that they belong to.
 */
function crossings(seams: readonly Seam[]): Meeting[] {
  const ending = new Map<string, { seam: number; out: readonly [number, number] }[]>();
  const lines = new Map<string, number[]>();
  seams.forEach(({ from, to }, seam) => {
    for (const [p, q] of [
      [from, to],
      [to, from],
    ] as const) {
      const [dx, dy] = heading(q[0] - p[0], q[1] - p[1]);
      const forth = dx * (q[0] - p[0]) + dy * (q[1] - p[1]) > 0 ? 1 : -1;
      const list = ending.get(p.join()) ?? [];
      list.push({ seam, out: [dx * forth, dy * forth] });
      ending.set(p.join(), list);
    }
    const direction = heading(to[0] - from[0], to[1] - from[1]);
    const key = lineKey(from, direction);
    lines.set(key, [...(lines.get(key) ?? []), seam]);
  });
  const directions = [...new Set(seams.map((s) => heading(s.to[0] - s.from[0], s.to[1] - s.from[1]).join()))].map(
    (text) => text.split(',').map(Number) as [number, number],
  );
  const found: Meeting[] = [];
  for (const [key, list] of ending) {
    const at = key.split(',').map(Number) as unknown as Point;
    list.forEach((a, i) => {
      for (const b of list.slice(i + 1)) {
        if (a.out[0] !== -b.out[0] || a.out[1] !== -b.out[1]) continue;
        const through = passing(at, a.out);
        if (through === undefined) continue;
        // On a common scale: the side of each that lies to the left of a's way out.
        const left: Point = [a.out[1], -a.out[0]];
        const same = sideOf(seams[a.seam]!.after, left) * sideOf(seams[b.seam]!.after, left);
        const quarters = [seams[through]!, seams[a.seam]!, seams[b.seam]!].every(({ branch }) => branch.parts.length === 2);
        const centre = quarters && isCentre(seams[through]!, at) && length(seams[a.seam]!) === length(seams[b.seam]!);
        found.push({ at, a: a.seam, b: b.seam, through, opposite: (same > 0 ? -1 : 1) as 1 | -1, centre });
      }
    });
  }
  return found;

  /** The seam that runs through the point, square to the direction. */
  function passing(at: Point, out: readonly [number, number]): number | undefined {
    for (const d of directions) {
      if (d[0] * out[0] + d[1] * out[1] !== 0) continue;
      const inside = lines.get(lineKey(at, d))?.find((i) => {
        const { from, to } = seams[i]!;
        const t = (p: Point) => p[0] * d[0] + p[1] * d[1];
        return t(at) > Math.min(t(from), t(to)) && t(at) < Math.max(t(from), t(to));
      });
      if (inside !== undefined) return inside;
    }
    return undefined;
  }
}

function lineKey(p: Point, [dx, dy]: readonly [number, number]): string {
  return `${dx} ${dy} ${p[0] * dy - p[1] * dx}`;
}

const sideOf = (v: Point, w: Point) => Math.sign(v[0] * w[0] + v[1] * w[1]);
const length = ({ from, to }: Seam) => Math.hypot(to[0] - from[0], to[1] - from[1]);

function isCentre({ from, to }: Seam, at: Point): boolean {
  return from[0] + to[0] === 2 * at[0] && from[1] + to[1] === 2 * at[1];
}

function countEnds(seams: readonly Seam[]): Map<string, number> {
  const count = new Map<string, number>();
  for (const { from, to } of seams) for (const p of [from, to]) count.set(p.join(), (count.get(p.join()) ?? 0) + 1);
  return count;
}

/** Follows every seam along its line from crossing to crossing. */
function chainsOf(seams: readonly Seam[], meets: readonly Meeting[]): Chain[] {
  const next = new Map<number, { seam: number; opposite: 1 | -1 }[]>();
  const link = (a: number, b: number, opposite: 1 | -1) => next.set(a, [...(next.get(a) ?? []), { seam: b, opposite }]);
  for (const m of meets) {
    link(m.a, m.b, m.opposite);
    link(m.b, m.a, m.opposite);
  }
  const taken = new Set<number>();
  return [...seams.keys()].flatMap((start) => {
    if (taken.has(start)) return [];
    taken.add(start);
    const members: Chain['members'] = [{ seam: start, side: 1 }];
    for (const m of members)
      for (const { seam, opposite } of next.get(m.seam) ?? []) {
        if (taken.has(seam)) continue;
        taken.add(seam);
        members.push({ seam, side: (m.side * opposite) as 1 | -1 });
      }
    return [{ members }];
  });
}

function waysOf(seams: readonly PressedSeam[]): Map<Branch, Press[]> {
  const ways = new Map<Branch, Press[]>();
  for (const seam of seams) {
    const { branch, index, unit } = seam;
    if (unit && ways.get(branch)?.[index]) continue;
    const list = ways.get(branch) ?? [];
    list[index] = wayOf(seam);
    ways.set(branch, list);
  }
  return ways;
}

/** As the part lies before whoever sews it. */
function wayOf({ towards, after, ahead }: PressedSeam): Press {
  const on = towards && sideOf(towards, after) > 0;
  return towards ? direction(on ? ahead : [-ahead[0], -ahead[1]]) : 'open';
}

/** Of every part of a unit: the ways that its seams are pressed, with the places of the unit that have it so. */
function variantsOf(
  tree: Tree,
  seams: readonly PressedSeam[],
  unitOf: ReadonlyMap<Leaf, UnitPlan>,
): Map<UnitPlan, Map<string, PressVariant[]>> {
  const ofBranch = new Map<Branch, Press[]>();
  for (const seam of seams) {
    const list = ofBranch.get(seam.branch) ?? [];
    list[seam.index] ??= wayOf(seam);
    ofBranch.set(seam.branch, list);
  }
  const found = new Map<UnitPlan, Map<string, PressVariant[]>>();
  for (const place of leaves(tree)) {
    const unit = unitOf.get(place);
    if (!unit || !place.inside) continue;
    const own = found.get(unit) ?? new Map<string, PressVariant[]>();
    found.set(unit, own);
    for (const [path, branch] of branchesOf(place.inside)) {
      const ways = ofBranch.get(branch) ?? [];
      const variants = own.get(path) ?? [];
      own.set(path, variants);
      const known = variants.find((v) => v.ways.join() === ways.join());
      if (known) known.places.push(place);
      else variants.push({ ways, places: [place] });
    }
  }
  return found;
}

/** All branches of a tree by where they are in it: '' for itself, '0', '0.1'. */
export function branchesOf(tree: Tree, path = ''): [path: string, branch: Branch][] {
  if (isLeaf(tree)) return [];
  return [[path, tree], ...tree.parts.flatMap((part, i) => branchesOf(part, path ? `${path}.${i}` : String(i)))];
}

export function direction([x, y]: Point): Press {
  const level = x < 0 ? 'left' : x > 0 ? 'right' : '';
  const upright = y < 0 ? 'up' : y > 0 ? 'down' : '';
  return [upright, level].filter(Boolean).join(' ') as Press;
}

function unitPresses(seams: readonly PressedSeam[]): Map<UnitPlan, UnitPress[][]> {
  const found = new Map<UnitPlan, Map<string, UnitPress[]>>();
  // In the order of sewing: what lies deepest is sewn first.
  for (const { unit, group, towards, after, before, beyond } of [...seams].sort((a, b) => b.depth - a.depth)) {
    if (!unit || !group) continue;
    const bySeam = found.get(unit) ?? new Map<string, UnitPress[]>();
    const list = bySeam.get(group) ?? [];
    const ahead = towards && sideOf(towards, after) > 0;
    const fabric = towards ? ((ahead ? beyond : before) ?? '') : 'open';
    const known = list.find((p) => p.towards === fabric);
    if (known) known.count += 1;
    else list.push({ towards: fabric, count: 1 });
    found.set(unit, bySeam.set(group, list));
  }
  return new Map([...found].map(([unit, bySeam]) => [unit, [...bySeam.values()]]));
}

function givenUp(
  seams: readonly PressedSeam[],
  unlike: number,
  open: number,
  side: readonly number[],
  gains: readonly (readonly number[])[],
): string[] {
  const said: string[] = [];
  if (open > 0) said.push(words.pressedOpenWhereTooManyLayers(count(open, words.seamIs, words.seamsAre)));
  if (unlike > 0) said.push(words.theOtherWayThanInIts(count(unlike, words.seamInsideAUnitGoes, words.seamsInsideUnitsGo)));
  const lost = (level: number) => seams.filter((s, i) => s.towards && !s.unit && gains[i]![level]! * side[i]! < 0).length;
  const [crowded] = [lost(0)];
  if (crowded > 0) said.push(words.onThePartWithMoreSeams(count(crowded, words.seamLies, words.seamsLie)));
  const light = seams.filter((s, i) => s.towards && !s.unit?.kind.outward && gains[i]![1]! * side[i]! < 0).length;
  if (light > 0) said.push(words.onTheLighterFabric(count(light, words.seamLies, words.seamsLie)));
  return said;
}

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

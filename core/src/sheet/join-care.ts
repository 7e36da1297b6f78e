/** What a seam between parts asks of hands beside sewing: crossings to pin, and points that it must not cut off. */
import type { Point } from '../block';
import { isLeaf, outermost, type Branch, type Construction, type PressedSeam, type Tree } from '../construction';
import { listed } from '../measure';
import { inWords } from './in-words';
import { words } from './words/join-care';

/** Sentences for the seams of a branch. `nameOf`: what a part is called; `told`: whether the sheet has said what an X is. */
export function careWords(
  branch: Branch,
  c: Construction,
  { nameOf, told }: { nameOf: (part: Tree) => string; told: boolean },
): { pins: string; points: string } {
  const seams = c.pressing.seams.filter((s) => s.branch === branch).slice(0, branch.parts.length - 1);
  return { pins: pinWords(seams, c), points: pointWords(seams, branch, { nameOf, told }) };
}

const onLine = ([x, y]: Point, from: Point, to: Point) => {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const along = (x - from[0]) * dx + (y - from[1]) * dy;
  return (x - from[0]) * dy === (y - from[1]) * dx && along > 0 && along < dx * dx + dy * dy;
};

/** Crossings that these seams make. */
function pinWords(seams: readonly PressedSeam[], { pressing }: Construction): string {
  const crossed = pressing.at.filter(({ at }) => seams.some(({ from, to }) => onLine(at, from, to)));
  const n = crossed.length;
  if (n === 0) return '';
  const which = n === 1 ? words.theCrossing : n === 2 ? words.bothCrossings : words.theCrossings(inWords(n));
  return words.andPin(crossed.every((x) => x.nested) ? words.nest : words.match, which);
}

/** Points that end on these seams: on the back, two slanting seams make an X there. */
function pointWords(
  seams: readonly PressedSeam[],
  branch: Branch,
  { nameOf, told }: { nameOf: (part: Tree) => string; told: boolean },
): string {
  const names: string[] = [];
  let several = false;
  for (const { index, straight } of seams) {
    const sides = [branch.parts[index]!, branch.parts[index + 1]!]
      .map((part) => ({ part, tips: tipsOn(part, straight) }))
      .filter(({ tips }) => tips > 0)
      .sort((a, b) => b.tips - a.tips);
    const [most] = sides;
    if (!most) continue;
    several ||= most.tips > 1;
    const name = nameOf(most.part);
    if (!names.includes(name)) names.push(name);
  }
  if (names.length === 0) return '';
  const where = several ? words.eachX : words.theX;
  const top = words.withOnTopSewThroughThe(listed(names), where);
  return told ? `${top}.` : words.whereTwoSeamsCrossThenThe(top, several ? words.pointsStay : words.pointStays);
}

/** How many points of a part end within a seam: corners where two of its seams come in from different slants. */
export function tipsOn(part: Tree, { from, to }: { from: Point; to: Point }): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const slants = new Map<string, Set<string>>();
  for (const leaf of isLeaf(part) ? [part] : outermost(part))
    for (const { points } of leaf.laid)
      points.forEach((corner, i) => {
        if (!onLine(corner, from, to)) return;
        for (const other of [points[(i + 1) % points.length]!, points.at(i - 1)!]) {
          const [ex, ey] = [other[0] - corner[0], other[1] - corner[1]];
          // Along the seam, or square to it, there is no slant.
          if (ex * dy === ey * dx || ex * dx + ey * dy === 0) continue;
          const known = slants.get(corner.join()) ?? new Set<string>();
          slants.set(corner.join(), known.add(String(Math.atan2(ey, ex).toFixed(6))));
        }
      });
  return [...slants.values()].filter((found) => found.size > 1).length;
}

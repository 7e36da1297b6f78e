/**
 * An independent check for the tests: lays the units of a construction where its tree says, sews the parts, and says what does not
 * fit. It knows how a unit is turned and mirrored, and that straight seams are straight; nothing of how a tree is found.
 */
import { tidy, type Point } from '../src/block';
import { extent, isLeaf, type Construction, type LaidPatch, type Leaf, type Tree } from '../src/construction';

/** Everything that is wrong with a construction, in sentences; empty when it can be sewn and gives the drawing. */
export function faultsOf(c: Construction): string[] {
  const faults: string[] = [];
  const drawn = c.cloth.patches.map(shape).sort();
  const sewn = sew(c.tree).map(shape).sort();
  const merged = sewn.length !== drawn.length;
  if (!merged && sewn.join() !== drawn.join()) faults.push('the sewn block is not the drawing');
  const used = leavesOf(c.tree).flatMap((leaf) => leaf.laid.flatMap((p) => p.of));
  if (new Set(used).size !== c.block.patches.length) faults.push('a patch is lost');
  return faults;

  /** The patches of a part as its units show them. */
  function sew(node: Tree): LaidPatch[] {
    if (isLeaf(node)) {
      const shown = place(node);
      if (shown.map(shape).sort().join() !== node.laid.map(shape).sort().join())
        faults.push(`a ${node.seen.kind} is not its place`);
      if (node.inside) {
        const inner = sew(node.inside);
        if (inner.map(shape).sort().join() !== node.seen.picture.patches.map(shape).sort().join())
          faults.push(`the inside of a ${node.seen.kind} is not the unit`);
      }
      return shown;
    }
    const parts = node.parts.map(sew);
    if (parts.length < 2) faults.push('a seam joins a single part');
    const [dx, dy] = { h: [0, 1], v: [1, 0], d: [0, 0], a: [0, 0], partial: [0, 0], 'set-in': [0, 0] }[node.seam] as [
      number,
      number,
    ];
    if (dx + dy > 0) {
      const spans = parts.map((part) => {
        const along = part.flatMap((p) => p.points.map(([x, y]) => x * dx + y * dy));
        return [Math.min(...along), Math.max(...along)] as const;
      });
      spans.slice(1).forEach(([near], i) => near === spans[i]![1] || faults.push(`a ${node.seam} seam is not straight`));
    } else if (node.seam === 'd' || node.seam === 'a') {
      parts.slice(1).forEach((part, i) => separable(parts[i]!, part) || faults.push(`a slanting seam is not straight`));
    }
    return parts.flat();
  }
}

/** A unit's straightened picture, mirrored and turned to its place. */
function place({ laid, seen }: Leaf): LaidPatch[] {
  const turn = ([x, y]: Point): Point => {
    let p: Point = seen.mirrored ? [-x, y] : [x, y];
    for (let i = 0; i < Math.floor(seen.eighths / 2); i += 1) p = [-p[1], p[0]];
    return seen.eighths % 2 === 0 ? p : [(p[0] - p[1]) / 2, (p[0] + p[1]) / 2];
  };
  const turned = seen.picture.patches.map((p) => ({ ...p, points: p.points.map(turn) }));
  const [x, y] = extent(laid);
  const [tx, ty] = extent(turned);
  return turned.map((p) => ({ ...p, points: tidy(p.points.map(([px, py]): Point => [px - tx + x, py - ty + y])) }));
}

const shape = ({ role, points }: LaidPatch) => `${role} ${points.join(' ')}`;

/** Whether some edge's line has all of one group on one side and all of the other on the other. */
function separable(before: readonly LaidPatch[], after: readonly LaidPatch[]): boolean {
  return before.some(({ points }) =>
    points.some((p, i) => {
      const q = points[(i + 1) % points.length]!;
      const side = (laid: readonly LaidPatch[]) =>
        laid.flatMap((l) => l.points.map(([x, y]) => (q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0])));
      return side(before).every((n) => n >= 0) && side(after).every((n) => n <= 0);
    }),
  );
}

export function leavesOf(node: Tree): Leaf[] {
  return isLeaf(node) ? [node] : node.parts.flatMap(leavesOf);
}

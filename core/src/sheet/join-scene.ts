/** Two parts laid right sides together for the seam that joins them, as it lies under the needle. */
import type { Branch, Construction, Tree } from '../construction';
import { outlineWithSeam } from '../construction';
import { tipsOn } from './join-care';
import { beneath, boxOf, grown, marks, scene, turnedOver, type DirectedLine, type Ply, type Scene, type Spot } from '../hands';

/**
 * The first two parts of a branch face to face, one on top with its wrong side up, the seam sewn; undefined for seams that bend. All
 * in the document's unit, the parts as they lie in the branch.
 */
export function joinScene(branch: Branch, c: Construction): Scene | undefined {
  const [first, second] = branch.parts;
  const { seam } = branch;
  if (!first || !second || seam === 'partial' || seam === 'set-in') return undefined;
  const found = c.pressing.seams.find((s) => s.branch === branch && s.index === 0);
  if (!found) return undefined;
  const tick = c.cloth.tick.toNumber();
  const at = ([x, y]: Spot): Spot => [x * tick, y * tick];
  const line: DirectedLine = { from: at(found.straight.from), to: at(found.straight.to) };
  const allowance = c.style.seam.valueOf();
  // What has points to mind lies on top, where its seams are seen.
  const [low, high] = tipsOn(first, found.straight) > tipsOn(second, found.straight) ? [second, first] : [first, second];
  const under = beneath(pliesOf(low, tick, allowance));
  const over = turnedOver(pliesOf(high, tick, allowance), line);
  const [dx, dy] = [line.to[0] - line.from[0], line.to[1] - line.from[1]];
  const more = allowance / Math.hypot(dx, dy);
  // From raw edge to raw edge.
  const stitches: DirectedLine = {
    from: [line.from[0] - dx * more, line.from[1] - dy * more],
    to: [line.to[0] + dx * more, line.to[1] + dy * more],
  };
  return scene([...under, ...over], { marks: marks('sewn', stitches) });
}

/** A part with its seam allowance: its patches, and at its edges what of them reaches beyond the seam line. */
function pliesOf({ laid }: Tree, tick: number, allowance: number): Ply[] {
  const outlines = laid.map(({ role, points }) => ({
    ...{ role, right: true },
    outline: points.map(([x, y]): Spot => [x * tick, y * tick]),
  }));
  const edge = outlineWithSeam(laid, tick, allowance).map(([x, y]): Spot => [x, y]);
  const [ex, ey, ew, eh] = boxOf([{ outline: edge }]);
  const clamp = ([x, y]: Spot): Spot => [Math.min(Math.max(x, ex), ex + ew), Math.min(Math.max(y, ey), ey + eh)];
  // Sharp corners of a patch would reach beyond the part's own edge.
  const beyond = outlines.map((ply) => ({ ...ply, outline: grown(ply.outline, allowance).map(clamp) }));
  return [...beyond, ...outlines];
}

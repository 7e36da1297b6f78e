/** The order of sewing a block together: sections from the smallest up, then rows, then the block. */
import { blockDrawing, type Drawing } from '../block';
import type { Branch, Construction, Press, Tree } from '../construction';
import { Exact, checkpoint } from '../measure';

export interface JoinStep {
  /** 'Row 1', 'Section 2', 'The block' */
  name: string;
  text: string;
  /** How the seams are pressed, as a sentence. */
  press: string;
  /** Unfinished size to measure before going on. */
  size: [string, string];
  drawing: Drawing;
}

/** All joins of a block in the order of sewing; empty for a block that is a single unit. */
export function joinSteps(c: Construction): JoinStep[] {
  const names = new Map<Tree, string>();
  const steps: JoinStep[] = [];
  const count = { Row: 0, Column: 0, Section: 0 };
  if (!('seen' in c.tree)) visit(c.tree, 0, c.tree.seam);
  return steps;

  function visit(branch: Branch, depth: number, parent: Branch['seam']): void {
    for (const part of branch.parts) if (!('seen' in part)) visit(part, depth + 1, branch.seam);
    const kind = depth > 1 ? 'Section' : parent === 'h' ? 'Row' : 'Column';
    const name = depth === 0 ? 'The block' : `${kind} ${(count[kind] += 1)}`;
    names.set(branch, name);
    const parts = branch.parts.map((part) => ('seen' in part ? c.unitOf.get(part)!.label : names.get(part)!.toLowerCase()));
    const across = branch.seam === 'v' ? 'from left to right' : 'from top to bottom';
    steps.push({
      name,
      text: `Sew ${list(parts)}, ${across}.`,
      press: pressSentence(c.pressing.ways.get(branch)!, branch.seam),
      size: sizeOf(branch),
      drawing: blockDrawing(c.block, c.finished, branch.box),
    });
  }

  function sizeOf(branch: Branch): [string, string] {
    const side = (twelfths: number, axis: 0 | 1) => {
      const exact = c.finished[axis].over(c.block.grid[axis]).times(twelfths).over(12).plus(Exact.of(c.style.seam).times(2));
      return checkpoint(exact, c.style.rounding, c.style.unit);
    };
    return [side(branch.box.w, 0), side(branch.box.h, 1)];
  }
}

function list(parts: string[]): string {
  // 'U2, U1, U1, U2' reads better than a sentence with four ands.
  return parts.length === 2 ? `${parts[0]} to ${parts[1]}` : parts.join(', ');
}

const TOWARDS: Record<Press, string> = { left: 'to the left', right: 'to the right', up: 'upwards', down: 'downwards' };

function pressSentence(ways: Press[], seam: Branch['seam']): string {
  if (new Set(ways).size === 1) return `Press ${ways.length === 1 ? 'the seam' : 'all seams'} ${TOWARDS[ways[0]!]}.`;
  return `Press the seams, ${seam === 'v' ? 'from the left' : 'from the top'}: ${ways.map((way) => TOWARDS[way]).join(', ')}.`;
}

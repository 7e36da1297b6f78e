/** The drafting tools in hand, and what they do to a drawing: every step keeps it tiling, or says why it cannot be had. */
import { toolHelp, toolNames, words } from './words';
import {
  drawSeam,
  images,
  joinPatches,
  laidStamp,
  patchAt,
  recast,
  stamp,
  stamps,
  turnPart,
  type Block,
  type Drafted,
  type Point,
  type Symmetry,
} from '@aggrega/core/block';

export type Tool = 'look' | 'fabric' | 'seam' | 'join' | 'unit' | 'turn';

/** Key, name and what to do with each tool. */
const KEYS: Record<Tool, string> = { look: 'Esc', fabric: 'f', seam: 's', join: 'j', unit: 'u', turn: 'r' };
export const TOOLS: readonly { id: Tool; key: string; readonly name: string; readonly help: string }[] = (
  Object.keys(KEYS) as Tool[]
).map((id) => ({
  id,
  key: KEYS[id],
  get name() {
    return toolNames[id];
  },
  get help() {
    return toolHelp[id];
  },
}));

export class Drafter {
  tool: Tool = $state('look');
  role = $state('A');
  second = $state('B');
  stampId = $state('hst');
  /** Cells to a side of the unit that is laid. */
  size = $state(1);
  quarters = $state(0);
  mirrored = $state(false);
  symmetry: Symmetry = $state('none');
  /** How fine the points are that a seam snaps to, in twelfths of a cell. */
  step = $state(12);
  /** Where a seam or a join was begun. */
  begun: Point | undefined = $state.raw();
  trouble = $state('');

  take(tool: Tool): void {
    this.tool = tool;
    this.begun = undefined;
    this.trouble = '';
  }

  cast(role: string): void {
    if (role === this.role) return;
    this.second = this.role;
    this.role = role;
  }

  snap([x, y]: Point): Point {
    const to = this.tool === 'unit' ? Math.min(12, this.step) : this.step;
    return [Math.round(x / to) * to, Math.round(y / to) * to];
  }

  /** The unit as it would lie with its upper left corner in the cell under a point. */
  laid([x, y]: Point) {
    const { w, h, patches } = laidStamp(
      stamps.find((s) => s.id === this.stampId)!,
      this.size,
      [this.role, this.second],
      this.quarters,
      this.mirrored,
    );
    const to = Math.min(12, this.step);
    const [cx, cy] = [Math.floor(x / to) * to, Math.floor(y / to) * to];
    return patches.map((p) => ({ ...p, points: p.points.map(([px, py]): Point => [px + cx, py + cy]), w, h }));
  }

  /**
   * Uses the tool at a point of the block; `unitAt` names the patches of the unit under a point. Gives the new drawing and what was
   * done, or nothing while a step is only begun or cannot be had.
   */
  use(
    block: Block,
    at: Point,
    shift: boolean,
    unitAt: (at: Point) => ReadonlySet<number>,
  ): { block: Block; said: string } | undefined {
    this.trouble = '';
    const moves = images(block, this.symmetry);
    switch (this.tool) {
      case 'look':
        return undefined;
      case 'fabric': {
        const cast = recast(
          block,
          moves.map((move) => move(at)),
          this.role,
        );
        return { block: cast, said: words.recastTo(this.role) };
      }
      case 'seam': {
        const point = this.snap(at);
        if (!this.begun) {
          this.begun = point;
          return undefined;
        }
        const from = this.begun;
        this.begun = undefined;
        return this.#each(block, moves, 'a seam', (b, move) => drawSeam(b, move(from), move(point)));
      }
      case 'join': {
        if (!this.begun) {
          if (patchAt(block, at) >= 0) this.begun = at;
          return undefined;
        }
        const from = this.begun;
        this.begun = undefined;
        return this.#each(block, moves, words.twoPatchesJoined, (b, move) => joinPatches(b, move(from), move(at)));
      }
      case 'unit': {
        const laid = this.laid(at);
        return this.#each(block, moves, words.aUnitLaid, (b, move) => {
          const shapes = laid.map(({ role, points }) => ({ role, points: points.map(move) }));
          const xs = shapes.flatMap((s) => s.points.map((p) => p[0]));
          const ys = shapes.flatMap((s) => s.points.map((p) => p[1]));
          const [x, y] = [Math.min(...xs), Math.min(...ys)];
          const box = { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y };
          const within = shapes.map((s) => ({ ...s, points: s.points.map(([px, py]): Point => [px - x, py - y]) }));
          return stamp(b, box, within);
        });
      }
      case 'turn': {
        const chosen = unitAt(at);
        if (chosen.size === 0) return undefined;
        const drafted = turnPart(block, chosen, shift ? 0 : 1, shift);
        if ('trouble' in drafted) return this.#refuse(drafted.trouble);
        return { block: drafted.block, said: shift ? words.aUnitMirrored : words.aUnitTurned };
      }
    }
  }

  /** The step itself, and its repetitions where they are others. */
  #each(block: Block, moves: ((p: Point) => Point)[], said: string, step: (b: Block, move: (p: Point) => Point) => Drafted) {
    let now = block;
    for (const [i, move] of moves.entries()) {
      const drafted = step(now, move);
      if (!('trouble' in drafted)) now = drafted.block;
      // A repetition that meets its own original has nothing left to do.
      else if (i === 0) return this.#refuse(drafted.trouble);
    }
    return { block: now, said };
  }

  #refuse(trouble: string): undefined {
    this.trouble = `${trouble[0]!.toUpperCase()}${trouble.slice(1)}.`;
    return undefined;
  }
}

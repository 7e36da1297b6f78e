/** A drawing that is not yet one of ours: its grid, and the letters of its colours, until both are seen and right. */
import { rolesOf, roleShares, type Block } from '@aggrega/core/block';
import { blockOfTracing, likelyGrids, likelyLetters, trace, type Grid, type Paint, type SvgDrawing } from '@aggrega/core/svg';

export type Source = { block: Block } | { drawing: SvgDrawing; name: string };

export class Taking {
  grid: Grid = $state.raw([1, 1]);
  /** What she chose herself, by paint. */
  private chosen: ReadonlyMap<string, string> = $state.raw(new Map());
  readonly grids: readonly Grid[];
  private readonly laid = $derived.by(() => ('drawing' in this.source ? trace(this.source.drawing, this.grid) : undefined));
  readonly tracing = $derived(this.laid && 'tracing' in this.laid ? this.laid.tracing : undefined);
  readonly trouble = $derived(this.laid && 'trouble' in this.laid ? this.laid : undefined);
  readonly paints: readonly Paint[] = $derived.by(
    () => this.tracing?.paints ?? ('block' in this.source ? rolePaints(this.source.block) : []),
  );
  readonly letters: ReadonlyMap<string, string> = $derived.by(
    () => new Map([...likelyLetters(this.paints, this.colours), ...this.chosen]),
  );
  readonly block: Block | undefined = $derived.by(() => {
    if ('drawing' in this.source) return this.tracing && blockOfTracing(this.tracing, this.letters, this.source.name);
    const { block } = this.source;
    return { ...block, patches: block.patches.map((p) => ({ ...p, role: this.letters.get(p.role) ?? p.role })) };
  });
  /** Nothing is left to look at: the drawing named its grid and its letters itself, and all of them are ours. */
  readonly plain = $derived.by(() => {
    if (this.paints.some((p) => p.letter === undefined || !this.colours.has(p.letter))) return false;
    if (!('drawing' in this.source)) return true;
    const { grid, curved, other } = this.source.drawing;
    return (
      grid !== undefined && this.tracing?.moved === 0 && this.tracing.added.length + this.tracing.loose + curved + other === 0
    );
  });

  /** `colours`: the letters that may be drawn with, and their fabrics' colours. */
  constructor(
    readonly source: Source,
    readonly colours: ReadonlyMap<string, string>,
  ) {
    this.grids = 'drawing' in source ? likelyGrids(source.drawing.shapes).map((g) => g.grid) : [];
    if ('drawing' in source) this.grid = source.drawing.grid ?? this.grids[0]!;
  }

  give(paint: string, letter: string): void {
    this.chosen = new Map([...this.chosen, [paint, letter]]);
  }
}

/** A block's letters as paints. */
export function rolePaints(block: Block): (Paint & { letter: string })[] {
  const shares = new Map(roleShares(block).map(({ role, share }) => [role, share]));
  return rolesOf(block).map((role) => ({
    ...{ id: role, letter: role, share: shares.get(role)! },
    patches: block.patches.filter((p) => p.role === role).length,
  }));
}

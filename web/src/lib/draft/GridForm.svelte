<!-- The grid of a drawing: how many cells, finer or coarser; the whole block turned or mirrored. -->
<script lang="ts">
  import { words } from './words';
  import { mirrorBlock, refineGrid, resizeGrid, turnBlock, type Block, type Drafted } from '@aggrega/core/block';

  interface Props {
    block: Block;
    /** The letter of new cells. */
    role: string;
    onchange: (block: Block, said: string) => void;
  }
  let { block, role, onchange }: Props = $props();
  let trouble = $state('');

  function take(drafted: Drafted, said: string) {
    trouble = 'trouble' in drafted ? `${drafted.trouble[0]!.toUpperCase()}${drafted.trouble.slice(1)}.` : '';
    if (!('trouble' in drafted)) onchange(drafted.block, said);
  }
  function resize(axis: 0 | 1, text: string) {
    const n = Number(text);
    if (!Number.isInteger(n) || n < 1 || n > 64) {
      trouble = words.typeAWholeNumberOf;
      return;
    }
    if (n === block.grid[axis]) return;
    take(resizeGrid(block, axis === 0 ? [n, block.grid[1]] : [block.grid[0], n], role), words.anotherGrid);
  }
</script>

<section class="no-print mt-6" aria-label={words.grid2}>
  <h3 class="text-lead">{words.grid2}</h3>
  <div class="mt-1 flex flex-wrap items-end gap-2 border-t border-ink pt-2">
    {#each [words.squaresAcross, words.squaresDown] as name, axis (name)}
      <label class="block w-24"
        ><span class="text-note text-quiet">{name}</span>
        <input
          class="input"
          inputmode="numeric"
          value={block.grid[axis]}
          onchange={(e) => {
            resize(axis as 0 | 1, e.currentTarget.value);
            e.currentTarget.value = String(block.grid[axis]);
          }}
        /></label
      >
    {/each}
    <button class="btn" onclick={() => take(refineGrid(block, 2), words.aFinerGrid)}>{words.finerGrid2}</button>
    <button class="btn" onclick={() => take(refineGrid(block, 0.5), words.aCoarserGrid)}>{words.coarserGrid2}</button>
    <button class="btn" onclick={() => onchange(turnBlock(block, 1), 'turned')}>{words.turnTheBlock}</button>
    <button class="btn" onclick={() => onchange(mirrorBlock(block), 'mirrored')}>{words.mirrorTheBlock}</button>
  </div>
  {#if trouble}<p class="mt-1 text-madder" role="alert">{trouble}</p>{/if}
</section>

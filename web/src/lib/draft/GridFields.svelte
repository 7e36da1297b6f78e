<!-- How many squares a drawing's grid has, or how many blocks lie in a photo, across and down. -->
<script lang="ts">
  import { words } from './words';

  interface Props {
    grid: readonly [number, number];
    /** To a side. */
    most: number;
    /** What is counted across, and down. */
    what?: readonly [string, string];
    onset: (grid: readonly [number, number]) => void;
  }
  let { grid, most, what = [words.squaresAcross, words.squaresDown], onset }: Props = $props();

  function set(axis: 0 | 1, input: HTMLInputElement) {
    const n = Math.min(most, Math.max(1, Math.round(input.valueAsNumber) || 1));
    input.value = String(n);
    onset(axis === 0 ? [n, grid[1]] : [grid[0], n]);
  }
</script>

<div class="mt-3 flex flex-wrap items-end gap-3">
  {#each [0, 1] as const as axis (axis)}
    <label class="block w-24"
      ><span class="text-note text-quiet">{what[axis]}</span>
      <input
        class="input numeral"
        type="number"
        min="1"
        max={most}
        value={grid[axis]}
        onchange={(e) => set(axis, e.currentTarget)}
      /></label
    >
  {/each}
</div>

<!-- Which way seams are pressed: an arrow across each, or a bar with two ends for one that is pressed open. Inside a drawing. -->
<script lang="ts">
  import type { Arrow } from '@aggrega/core/sheet';

  let { arrows, line }: { arrows: readonly Arrow[]; line: number } = $props();

  /** Shaft and head: a hem turned over, drawn as a foot at the start and a point at the end. */
  function path({ from, to, open }: Arrow): string {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const length = Math.hypot(dx, dy) || 1;
    const [ux, uy] = [dx / length, dy / length];
    const head = (at: readonly [number, number], sign: number) => {
      const back = [at[0] - ux * sign * line * 5, at[1] - uy * sign * line * 5] as const;
      return `M${back[0] - uy * line * 3.5},${back[1] + ux * line * 3.5} L${at[0]},${at[1]} L${back[0] + uy * line * 3.5},${back[1] - ux * line * 3.5}`;
    };
    return `M${from.join(',')} L${to.join(',')} ${head(to, 1)}${open ? ` ${head(from, -1)}` : ''}`;
  }
</script>

{#each arrows as arrow, i (i)}
  <path d={path(arrow)} fill="none" stroke="#fff" stroke-width={line * 4.5} stroke-linecap="round" stroke-linejoin="round" />
  <path d={path(arrow)} fill="none" stroke="#1c2a4a" stroke-width={line * 2} stroke-linecap="round" stroke-linejoin="round" />
{/each}

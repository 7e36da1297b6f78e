<!-- A drawing as its file paints it, under the lines of the grid that it is laid on, with what was added marked. -->
<script lang="ts">
  import { words } from './words';
  import { PER_CELL } from '@aggrega/core/block';
  import { extentOf, type Grid, type SvgDrawing, type Tracing } from '@aggrega/core/svg';

  interface Props {
    drawing: SvgDrawing;
    grid: Grid;
    tracing: Tracing | undefined;
    /** Where the grid does not fit, in twelfths of a cell. */
    at?: readonly [number, number];
  }
  let { drawing, grid, tracing, at }: Props = $props();
  const extent = $derived(extentOf(drawing.shapes));
  const side = $derived(Math.max(extent.w, extent.h));
  const d = (outlines: SvgDrawing['shapes'][number]['outlines'], closed: boolean) =>
    outlines.map((o) => `M${o.map((p) => p.join(' ')).join('L')}${closed ? 'Z' : ''}`).join('');
  const place = ([x, y]: readonly [number, number]): [number, number] => [
    extent.x + (x / PER_CELL / grid[0]) * extent.w,
    extent.y + (y / PER_CELL / grid[1]) * extent.h,
  ];
  const lines = $derived([
    ...Array.from(
      { length: grid[0] + 1 },
      (_, i) => [place([i * PER_CELL, 0]), place([i * PER_CELL, grid[1] * PER_CELL])] as const,
    ),
    ...Array.from(
      { length: grid[1] + 1 },
      (_, i) => [place([0, i * PER_CELL]), place([grid[0] * PER_CELL, i * PER_CELL])] as const,
    ),
  ]);
</script>

<svg
  class="w-full"
  viewBox="{extent.x - side / 60} {extent.y - side / 60} {extent.w + side / 30} {extent.h + side / 30}"
  role="img"
  aria-label={words.theDrawingOnAGrid(grid[0], grid[1])}
>
  {#each drawing.shapes as shape, i (i)}
    <path
      d={d(shape.outlines, shape.fill !== undefined)}
      fill={shape.fill?.startsWith('#') ? shape.fill : shape.fill ? 'var(--color-edge)' : 'none'}
      fill-rule={shape.evenOdd ? 'evenodd' : 'nonzero'}
      stroke={shape.fill ? 'none' : 'var(--color-ink)'}
      stroke-width={side / 300}
    />
  {/each}
  {#each lines as [from, to], i (i)}
    <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="#ffffff" stroke-width={side / 160} stroke-opacity="0.7" />
    <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="#1c2a4a" stroke-width={side / 500} />
  {/each}
  {#each (tracing?.added ?? []).map(([a, b]) => [place(a), place(b)] as const) as [from, to], i (i)}
    <line
      x1={from[0]}
      y1={from[1]}
      x2={to[0]}
      y2={to[1]}
      stroke="var(--color-madder)"
      stroke-width={side / 120}
      stroke-dasharray="{side / 40} {side / 60}"
    />
  {/each}
  {#if at}
    <circle
      cx={place(at)[0]}
      cy={place(at)[1]}
      r={side / 40}
      fill="none"
      stroke="var(--color-madder)"
      stroke-width={side / 100}
    />
  {/if}
</svg>

<!-- Parts before they are sewn: apart from each other, each with its seam allowance as a dashed edge. -->
<script lang="ts">
  import type { WalkStep } from '@aggrega/core/sheet';

  interface Props {
    apart: WalkStep['apart'];
    colours: ReadonlyMap<string, string>;
    label: string;
    class?: string;
  }
  let { apart, colours, label, class: className = '' }: Props = $props();
  const size = $derived(Math.max(apart.width, apart.height));
  const points = (list: readonly (readonly [number, number])[]) => list.map((p) => p.join(',')).join(' ');
</script>

<svg class={className} viewBox="0 0 {apart.width} {apart.height}" role="img" aria-label={label}>
  {#each apart.parts as part, i (i)}
    <g transform="translate({part.x} {part.y})">
      <polygon
        points={points(part.allowance)}
        fill="color-mix(in srgb, var(--color-ink) 6%, transparent)"
        stroke="var(--color-quiet)"
        stroke-width={size / 300}
        stroke-dasharray="{size / 60} {size / 90}"
      />
      {#each part.drawing.shapes as shape, j (j)}
        <polygon
          points={points(shape.points)}
          fill={colours.get(shape.role) ?? 'var(--color-edge)'}
          stroke="color-mix(in srgb, var(--color-ink) 35%, transparent)"
          stroke-width={size / 400}
        />
      {/each}
      {#if part.label}
        <text
          x={part.mark[0]}
          y={part.mark[1]}
          font-size={Math.min(size / 16, part.drawing.height / 1.6)}
          text-anchor="middle"
          stroke-width={size / 110}
          dominant-baseline="central">{part.label}</text
        >
      {/if}
    </g>
  {/each}
</svg>

<style>
  text {
    font-weight: 600;
    fill: #1c2a4a;
    stroke: #fff;
    stroke-linejoin: round;
    paint-order: stroke;
  }
</style>

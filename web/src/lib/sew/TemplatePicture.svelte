<!-- A template: where to cut, where the seam will run, and how the grain lies. -->
<script lang="ts">
  import type { TemplateDrawing } from '@aggrega/core/construction';

  let { drawing, label, class: className = '' }: { drawing: TemplateDrawing; label: string; class?: string } = $props();
  const line = $derived(Math.max(drawing.width, drawing.height) / 100);
  const points = (list: readonly (readonly [number, number])[]) => list.map((p) => p.join(',')).join(' ');
</script>

<svg
  class={className}
  viewBox="{-line} {-line} {drawing.width + line * 2} {drawing.height + line * 2}"
  role="img"
  aria-label={label}
  fill="none"
  stroke="currentColor"
  stroke-width={line}
>
  <polygon points={points(drawing.cut)} fill="var(--color-edge)" />
  <polygon points={points(drawing.sew)} stroke-dasharray="{line * 4} {line * 3}" />
  <line
    x1={drawing.grain[0][0]}
    y1={drawing.grain[0][1]}
    x2={drawing.grain[1][0]}
    y2={drawing.grain[1][1]}
    stroke-width={line * 2}
  />
  {#each drawing.grain as [x, y], i (i)}<circle cx={x} cy={y} r={line * 2.5} fill="currentColor" stroke="none" />{/each}
</svg>

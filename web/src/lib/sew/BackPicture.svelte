<!-- The block from the back: pale cloth, the seams, and the allowances where they lie. -->
<script lang="ts">
  import type { BackView } from '@aggrega/core/sheet';

  interface Props {
    view: BackView;
    colours: ReadonlyMap<string, string>;
    label: string;
    class?: string;
  }
  let { view, colours, label, class: className = '' }: Props = $props();
  const id = $props.id();
  const { drawing } = $derived(view);
  const line = $derived(Math.max(drawing.width, drawing.height) / 400);
  const points = (list: readonly (readonly [number, number])[]) => list.map((p) => p.join(',')).join(' ');
</script>

<svg
  class={className}
  viewBox="{-line * 8} {-line * 8} {drawing.width + line * 16} {drawing.height + line * 16}"
  role="img"
  aria-label={label}
>
  {#each drawing.shapes as shape, i (i)}
    <!-- The back of a print is a paler self. -->
    <polygon
      points={points(shape.points)}
      fill="color-mix(in srgb, {colours.get(shape.role) ?? '#9aa3b0'} 38%, #ffffff)"
      stroke="#1c2a4a"
      stroke-width={line}
    />
  {/each}
  <!-- Allowances that reach over the edge belong to the next block. -->
  <clipPath {id}><rect width={drawing.width} height={drawing.height} /></clipPath>
  <g clip-path="url(#{id})">
    {#each view.bands as band, i (i)}
      <polygon
        points={points(band.points)}
        fill={band.open ? 'none' : '#1c2a4a'}
        fill-opacity="0.3"
        stroke="#1c2a4a"
        stroke-width={line * 0.8}
        stroke-dasharray={band.open ? `${line * 4} ${line * 3}` : undefined}
      />
    {/each}
  </g>
  {#each view.spun as [x, y], i (i)}
    <circle cx={x} cy={y} r={line * 9} fill="#f2d21b" stroke="#1c2a4a" stroke-width={line} />
  {/each}
</svg>

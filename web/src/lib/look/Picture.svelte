<!-- The one renderer of core's drawings: shapes in real lengths become SVG, on the page and on paper. -->
<script lang="ts">
  import type { Drawing } from '@aggrega/core/block';
  import ClothDefs from './ClothDefs.svelte';
  import { fillOf, paintsOf, type Cast } from './cast';
  import type { View } from '@aggrega/core/fabric';
  import type { Snippet } from 'svelte';

  interface Props {
    drawing: Drawing;
    /** Fabric colour per letter; a letter without one stays uncoloured. */
    colours?: ReadonlyMap<string, string>;
    /** Or their fabrics, with prints at the drawing's scale, and how they are looked at. */
    cast?: Cast;
    view?: View;
    label: string;
    /** Patches that are in hand. */
    lit?: (patch: number) => boolean;
    onpatch?: (patch: number | undefined) => void;
    /** Drawn on top, in the drawing's own lengths. */
    over?: Snippet;
    class?: string;
  }
  let { drawing, colours, cast, view = 'colour', label, lit, onpatch, over, class: className = '' }: Props = $props();

  const uid = $props.id();
  const line = $derived(Math.max(drawing.width, drawing.height) / 400);
  const points = (shape: Drawing['shapes'][number]) => shape.points.map((p) => p.join(',')).join(' ');
  const litShapes = $derived(lit ? drawing.shapes.filter((s) => s.patch !== undefined && lit(s.patch)) : []);
</script>

<svg
  class={className}
  viewBox="{-line} {-line} {drawing.width + 2 * line} {drawing.height + 2 * line}"
  role="img"
  aria-label={label}
  style={cast ? paintsOf(cast, uid, { view }) : undefined}
  onpointerleave={() => onpatch?.(undefined)}
>
  {#if cast}<defs><ClothDefs {uid} {cast} {view} /></defs>{/if}
  {#each drawing.shapes as shape, i (i)}
    <polygon
      points={points(shape)}
      fill={cast ? fillOf(shape.role) : (colours?.get(shape.role) ?? 'var(--color-edge)')}
      stroke="color-mix(in srgb, var(--color-ink) 35%, transparent)"
      stroke-width={line}
      stroke-linejoin="round"
      role="presentation"
      data-patch={shape.patch}
      onpointerenter={() => onpatch?.(shape.patch)}
    />
  {/each}
  {#each litShapes as shape (shape.patch)}
    <polygon
      points={points(shape)}
      fill="none"
      stroke="var(--color-weld)"
      stroke-width={line * 5}
      stroke-linejoin="round"
      pointer-events="none"
    />
  {/each}
  {@render over?.()}
</svg>

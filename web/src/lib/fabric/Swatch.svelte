<!-- A piece of a fabric, its print at true scale: 24 points to an inch. -->
<script lang="ts">
  import PrintPattern from '$lib/look/PrintPattern.svelte';
  import { asSeen, type View } from '@aggrega/core/fabric';
  import { patterned, type FabricLook } from '$lib/look/cast';

  interface Props {
    fabric: FabricLook & { name: string };
    unit: 'in' | 'cm';
    view?: View;
    width?: number;
    height?: number;
  }
  let { fabric, unit, view = 'colour', width = 40, height = 28 }: Props = $props();
  const uid = $props.id();
  const scale = $derived(unit === 'in' ? 24 : 24 / 2.54);
</script>

<svg {width} {height} class="block shrink-0" role="img" aria-label={fabric.name}>
  {#if patterned(fabric, view)}
    <defs><PrintPattern id="swatch-{uid}" cloth={fabric} {view} {scale} /></defs>
  {/if}
  <rect
    x="0.5"
    y="0.5"
    width={width - 1}
    height={height - 1}
    fill={patterned(fabric, view) ? `url(#swatch-${uid})` : asSeen(fabric.colour, view)}
    stroke="color-mix(in srgb, var(--color-ink) 32%, transparent)"
  />
</svg>

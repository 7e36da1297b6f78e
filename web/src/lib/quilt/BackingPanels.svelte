<!-- The back of a quilt with its seams, to scale. -->
<script lang="ts">
  import { words } from './words';
  import { inWords } from '@aggrega/core/sheet';
  import Say from '$lib/look/Say.svelte';
  import { inkOn } from '@aggrega/core/fabric';
  import { formatLength } from '@aggrega/core/measure';
  import type { BackingCloth } from '@aggrega/core/programme';

  let { cloth, colour, unit }: { cloth: BackingCloth; colour: string; unit: 'in' | 'cm' } = $props();
  const [w, h] = $derived([cloth.w.valueOf(), cloth.h.valueOf()]);
  const along = $derived(cloth.seams === 'upright' ? w : h);
  const seams = $derived(Array.from({ length: cloth.panels - 1 }, (_, i) => (along * (i + 1)) / cloth.panels));
  const line = $derived(Math.max(w, h) / 160);
</script>

<figure class="mt-4 flex items-end gap-5">
  <svg
    viewBox="{-line} {-line} {w + 2 * line} {h + 2 * line}"
    class="h-32"
    role="img"
    aria-label={words.theBackPanels(cloth.panels)}
  >
    <rect
      width={w}
      height={h}
      fill={colour}
      stroke="color-mix(in srgb, var(--color-ink) 40%, transparent)"
      stroke-width={line}
    />
    {#each seams as at (at)}
      <path
        d={cloth.seams === 'upright' ? `M${at} 0V${h}` : `M0 ${at}H${w}`}
        stroke={inkOn(colour)}
        stroke-width={line}
        stroke-dasharray="{line * 4} {line * 2}"
      />
    {/each}
  </svg>
  <figcaption class="max-w-prose text-quiet">
    {words.pieceTheBackingFromWidths(
      inWords(cloth.panels),
      cloth.panels === 2 ? words.a : '',
      cloth.seams === 'upright' ? words.vertical : words.horizontal,
      cloth.panels === 2 ? words.seam : words.seams,
    )}<Say text={formatLength(cloth.length, unit)} />
    {words.toCentreTrimAllPanels(unit, cloth.panels === 2 ? words.theSeam : words.theSeams)}
  </figcaption>
</figure>

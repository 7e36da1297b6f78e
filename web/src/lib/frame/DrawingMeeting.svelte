<!-- A drawing that two people changed at once: as it was, theirs, yours; what is different is outlined. -->
<script lang="ts">
  import { words } from './words';
  import { blockDrawing } from '@aggrega/core/block';
  import { Exact } from '@aggrega/core/measure';
  import Picture from '$lib/look/Picture.svelte';
  import { coloursOf } from './programme-view';
  import { useWorkbench } from './workbench.svelte';
  import { page } from '$app/state';
  import type { DrawingMet } from './drawing-meeting';

  let { name, versions }: { name: string; versions: DrawingMet['versions'] } = $props();
  const bench = useWorkbench();
  const colours = $derived(coloursOf(bench.colourway(page.url.searchParams.get('colourway'))));
  const shown = $derived([
    { said: words.drawingWas, version: versions.was },
    { said: words.drawingTheirs, version: versions.theirs },
    { said: words.drawingYours, version: versions.yours },
  ]);
</script>

<section class="mt-5" aria-label={name} data-drawing-met>
  <h3 class="font-semibold">{name}</h3>
  <div class="mt-2 grid grid-cols-3 gap-4">
    {#each shown as { said, version } (said)}
      {@const [w, h] = version.block.grid}
      <figure>
        <Picture
          class="w-full"
          drawing={blockDrawing(version.block, [Exact.of(w), Exact.of(h)])}
          {colours}
          lit={(patch) => version.changed.has(patch)}
          label={said}
        />
        <figcaption class="mt-1">
          {said}<span class="block text-note text-quiet"
            >{version === versions.was ? words.asItWas : words.changedPatches(version.changed.size)}</span
          >
        </figcaption>
      </figure>
    {/each}
  </div>
</section>

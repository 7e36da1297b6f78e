<!-- Whole years to begin with: six that are ready, and one to ask for. -->
<script lang="ts">
  import { words } from './words';
  import { readyNote, readyTitle, readyYears } from '@aggrega/core/compose';
  import { fabricsOfCast, readyCasts } from '@aggrega/core/fabric';
  import LayoutGrid from '@lucide/svelte/icons/layout-grid';
</script>

<section class="mt-6 border-t-2 border-ink pt-4" aria-label={words.aWholeYear}>
  <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
    <p class="mr-auto max-w-prose">{words.sayWhatYouTeach}</p>
    <a class="btn btn-primary" href="/programmes/compose"><LayoutGrid size={17} aria-hidden="true" /> {words.composeAYear}</a>
  </div>
  <h2 class="mt-6 text-note text-quiet">{words.orTakeOneOfThese}</h2>
  <ul class="mt-1 grid grid-cols-3 gap-x-6 max-[50rem]:grid-cols-2 max-[32.5rem]:grid-cols-1">
    {#each readyYears as ready (ready.id)}
      {@const cast = readyCasts.find((c) => c.id === ready.cast)!}
      <li>
        <a class="block border-b border-rule py-3 hover:bg-edge" href="/programmes/compose?from={ready.id}">
          <span class="flex h-4" aria-hidden="true"
            >{#each fabricsOfCast(cast, ready.letters) as [name, colour] (name)}<span
                class="cloth flex-1"
                style:background={colour}
              ></span>{/each}</span
          >
          <span class="mt-1 block font-semibold">{readyTitle(ready)}</span>
          <span class="block text-note text-quiet">{readyNote(ready)}</span>
        </a>
      </li>
    {/each}
  </ul>
</section>

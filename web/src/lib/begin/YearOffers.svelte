<!-- The years that were found, each by its quilt; one is looked at. -->
<script lang="ts">
  import { words } from './words';
  import type { Offer } from './composer.svelte';
  import { svgAddress } from './svg-address';

  let { offers, chosen = $bindable() }: { offers: readonly Offer[]; chosen: number } = $props();
</script>

<div class="grid grid-cols-4 gap-x-5 max-[40rem]:grid-cols-2" role="radiogroup" aria-label={words.yearsFound}>
  {#each offers as offer, i (offer)}
    <label
      class="flex cursor-pointer flex-col border-b-4 p-1.5 hover:bg-edge has-checked:border-weld has-focus-visible:outline-3 {chosen ===
      i
        ? ''
        : 'border-transparent'}"
    >
      <input type="radio" class="sr-only" name="year" value={i} bind:group={chosen} aria-label={words.year(i + 1)} />
      <img class="mx-auto h-56 w-full object-contain max-[68.75rem]:h-40" src={svgAddress(offer.pictures[0]!.svg)} alt="" />
      <span class="mt-1 text-note {chosen === i ? 'font-semibold' : 'text-quiet'}">
        {words.year(i + 1)} · {words.sizeText(offer.size.w, offer.size.h, offer.year.file.unit)}
        {#if offer.proof && offer.proof.broken.length > 0}<span class="block text-madder"
            >{words.notKept(offer.proof.broken.length)}</span
          >{/if}
      </span>
    </label>
  {/each}
</div>

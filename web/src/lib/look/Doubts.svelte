<!-- Plain doubts: sentences with a place and a remedy, under what they would cost. -->
<script lang="ts">
  import { words } from './words';
  import type { Doubt, Rank } from '@aggrega/core/sheet';
  import Say from './Say.svelte';

  let { doubts, kits }: { doubts: Doubt[]; kits: number } = $props();
  const titles: Record<Rank, string> = $derived({
    ruin: words.willRuinKitsFixBefore(kits),
    waste: words.willWasteFabric,
    know: words.worthKnowing,
  });
</script>

{#each doubts as doubt, i (i)}
  <article class="border-t border-rule py-3" class:border-ink={i === 0}>
    {#if i === 0 || doubts[i - 1]?.rank !== doubt.rank}
      <h3 class="font-sans text-body {doubt.rank === 'ruin' ? 'text-madder' : ''}">{titles[doubt.rank]}</h3>
    {/if}
    <p><Say text={doubt.text} /></p>
    {#if doubt.remedy}<p class="text-quiet"><Say text={doubt.remedy} /></p>{/if}
  </article>
{/each}

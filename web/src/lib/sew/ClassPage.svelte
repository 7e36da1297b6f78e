<!-- The month's blocks, and the quilt, laid out before a class: the table that the participants practise at. -->
<script lang="ts">
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Tools from '$lib/frame/Tools.svelte';
  import Practice from '$lib/practice/Practice.svelte';
  import { words as practice } from '$lib/practice/words';
  import { blocksToLay } from './to-lay';
  import { words } from './words';
  import { averageColour } from '@aggrega/core/fabric';
  import { monthTitle } from '@aggrega/core/programme';

  let { seed }: { seed: number } = $props();
  const bench = useWorkbench();
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const blocks = $derived(blocksToLay(bench.programme, colourway, month));
  const seen = $derived(
    Object.fromEntries(month.blocks.map(({ key, style }) => [key, style.slip ? [{ unit: '', ...style.slip }] : []])),
  );
  const fabrics = $derived(
    [...colourway.fabrics].map(([letter, { name, colour, print }]) => ({ letter, name, colour: averageColour(colour, print) })),
  );
</script>

<svelte:head><title>{practice.title(monthTitle(month))}</title></svelte:head>

<main id="page" tabindex="-1" class="px-8 pb-16 max-md:px-4">
  <header class="flex flex-wrap items-center gap-2 pt-4 pb-3">
    <h1 class="mr-auto text-title">{practice.title(monthTitle(month))}</h1>
    <a class="btn" href="../sew{page.url.search}">{words.backToPiecing}</a>
    <Tools />
  </header>
  {#if blocks.length === 0}
    <p>{practice.nothingToLay}</p>
  {:else}
    {#key colourway.id}<Practice {blocks} {fabrics} {seen} {seed} />{/key}
  {/if}
</main>

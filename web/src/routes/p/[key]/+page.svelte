<!-- A participant's own page: what is out, how far she is, what to do next. -->
<script lang="ts">
  import { words } from '$lib/participant-page/words';
  import AskForm from '$lib/participant-page/AskForm.svelte';
  import CatchUp from '$lib/participant-page/CatchUp.svelte';
  import MeasureHelp from '$lib/participant-page/MeasureHelp.svelte';
  import OwnMonths from '$lib/participant-page/OwnMonths.svelte';
  import OwnPictures from '$lib/participant-page/OwnPictures.svelte';
  import SheetWays from '$lib/participant-page/SheetWays.svelte';
  import { Own } from '$lib/participant-page/own.svelte';
  import Tools from '$lib/frame/Tools.svelte';
  import PageDoor from '$lib/participant-page/PageDoor.svelte';
  import { untrack } from 'svelte';

  let { data } = $props();
  const { view, key } = $derived(data);
  const own = untrack(() => new Own(data.key));
</script>

<svelte:head><title>{view.title}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-2xl px-4 pb-16">
  <header class="flex items-start gap-4 pt-6">
    <div class="mr-auto">
      <p class="text-quiet">{view.name} · {[view.colourway, view.size].filter(Boolean).join(', ')}</p>
      <h1 class="text-title">{view.title}</h1>
    </div>
    <Tools />
  </header>
  {#if view.left}<p class="mt-3">{words.youHaveLeftThisProgramme}</p>{/if}
  {#if own.trouble}<p class="sticky top-0 mt-3 border-l-4 border-madder bg-ground py-2 pl-3 text-madder" role="alert">
      {own.trouble}
    </p>{/if}
  <OwnMonths {view} {key} {own} />
  <CatchUp {view} />
  {#if view.fabrics.length > 0}
    <section aria-label={words.yourFabrics} class="mt-8">
      <h2 class="border-b-2 border-ink pb-1 text-head">{words.yourFabrics}</h2>
      <ul class="mt-2">
        {#each view.fabrics as fabric, i (i)}
          <li class="flex items-center gap-3 border-b border-rule py-1.5">
            <span class="numeral w-10">{fabric.letters}</span>
            <span class="cloth block h-7 w-7 shrink-0" style:background={fabric.colour || undefined} aria-hidden="true"></span>
            <span class="mr-auto">{fabric.name}</span>
            <span class="text-note text-quiet">{fabric.sku}</span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <MeasureHelp {view} {own} />
  <AskForm {view} {own} />
  <OwnPictures {view} {key} {own} />
  <SheetWays {view} {own} />
  <PageDoor door={data.door} isNew={data.newDevice} {key} {own} />
  <section aria-label={words.downloads} class="mt-8">
    <h2 class="border-b-2 border-ink pb-1 text-head">{words.downloads}</h2>
    <p class="mt-3 flex flex-wrap gap-2">
      <a class="btn" href="/p/{key}/files/first-packet.pdf" download>{words.welcomePackWithRulerPage}</a>
      <a class="btn" href="/p/{key}/calendar.ics" download>{words.calendar}</a>
    </p>
    <p class="mt-2 text-note text-quiet">
      {words.printTheRulerPageOnce}
    </p>
  </section>
</main>

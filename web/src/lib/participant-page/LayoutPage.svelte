<!-- Her units photographed as they lie, before she sews them: which one is turned. -->
<script lang="ts">
  import { words as practice } from '$lib/practice/words';
  import { LAYOUT } from './words';
  import { keepPage } from '$lib/ask/keep-page';
  import CornersPicture from '$lib/eye/CornersPicture.svelte';
  import PhotoDrop from '$lib/eye/PhotoDrop.svelte';
  import Tools from '$lib/frame/Tools.svelte';
  import LaidChoice from '$lib/practice/LaidChoice.svelte';
  import LayoutPicture from './LayoutPicture.svelte';
  import TellChoice from './TellChoice.svelte';
  import { Checking } from './checking.svelte';
  import { onMount, untrack } from 'svelte';
  import type { OwnLayouts } from '$lib/server/participant-page/own-layout';

  let { data }: { data: OwnLayouts } = $props();
  const checking = new Checking(untrack(() => data));
  const { photo, telling } = checking;
  const sheet = $derived(`/p/${data.key}/months/${data.month}`);
  const block = $derived(data.blocks[checking.block]);
  const colours = $derived(new Map(data.fabrics.map(({ letter, colour }) => [letter, colour])));
  const right = $derived(checking.units.filter((unit) => checking.lie(unit)?.kind === 'right').length);

  onMount(() => {
    // The eye is loaded with the page, so that it is there without a connection too.
    void photo.eye;
    void keepPage(`${page()}/__data.json`);
    void telling.send();
    return () => {
      void telling.done();
      photo.close();
    };
  });
  const page = () => `${sheet}/layout`;
</script>

<svelte:window onpagehide={() => void telling.done()} ononline={() => void telling.send()} />
<svelte:head><title>{LAYOUT.title(data.name)}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-4xl px-4 pb-16">
  <header class="flex flex-wrap items-center gap-2 pt-4 pb-3">
    <h1 class="mr-auto text-lead">{LAYOUT.title(data.name)}</h1>
    <a class="btn" href="{sheet}/practise">{practice.open}</a>
    <a class="btn" href={sheet}>{LAYOUT.backToTheSheet}</a>
    <Tools />
  </header>
  {#if !block}
    <p>{LAYOUT.nothingToLay}</p>
  {:else}
    <p class="max-w-prose">{block.id === undefined ? LAYOUT.howBlocks : LAYOUT.howItWorks}</p>
    <div class="mt-4">
      <LaidChoice
        blocks={data.blocks}
        block={checking.block}
        laid={checking.laid}
        onchoose={(block, laid) => checking.choose(block, laid)}
      />
    </div>
    <div class="mt-4 grid grid-cols-2 gap-6 max-md:grid-cols-1">
      <section class="min-w-0">
        {#if photo.trouble || checking.trouble}
          <p class="mb-3 font-semibold text-madder" role="alert">{photo.trouble || checking.trouble}</p>
        {/if}
        {#if photo.address}
          <CornersPicture {photo} onset={() => void checking.check()} />
          <p class="mt-1 text-note text-quiet">{LAYOUT.putTheHandles}</p>
          <div class="mt-3 flex flex-wrap gap-2">
            <button class="btn" onclick={() => checking.again()}>{LAYOUT.anotherPhoto}</button>
          </div>
        {:else}
          <PhotoDrop camera onphoto={(file) => void checking.open(file)} />
        {/if}
      </section>
      <section class="min-w-0">
        <div role="status" data-told={checking.answer && !checking.looking ? '' : undefined}>
          {#if (checking.looking || photo.opening) && !photo.trouble}
            <p>{LAYOUT.looking}</p>
          {:else if checking.answer}
            <ul class="space-y-2">
              {#each checking.said as { text } (text)}<li class="border-l-4 border-weld pl-3 font-semibold">{text}</li>{/each}
            </ul>
            {#if checking.said.length === 0}
              <p class="text-lead font-semibold">{LAYOUT.allRight(right)}</p>
            {:else if right > 0}
              <p class="mt-2">{LAYOUT.theRest(right)}</p>
            {/if}
            {#if checking.answer.turned > 0}<p class="mt-2 text-quiet">{LAYOUT.fromAnotherSide}</p>{/if}
          {/if}
        </div>
        {#if block.id !== undefined}
          <TellChoice {telling} />
        {/if}
        <h2 class="mt-4 mb-2 text-head">{LAYOUT.asItShouldLie}</h2>
        <LayoutPicture
          layout={block.layout}
          units={checking.units}
          {colours}
          lie={(unit) => checking.lie(unit)}
          label={LAYOUT.asItShouldLieIn(block.name, checking.units.length)}
        />
      </section>
    </div>
  {/if}
</main>

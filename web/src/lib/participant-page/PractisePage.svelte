<!-- Her month's blocks, and the quilt, laid out on screen before she sews them. -->
<script lang="ts">
  import { keepPage } from '$lib/ask/keep-page';
  import Tools from '$lib/frame/Tools.svelte';
  import Practice from '$lib/practice/Practice.svelte';
  import { words as practice } from '$lib/practice/words';
  import TellChoice from './TellChoice.svelte';
  import { Telling } from './telling.svelte';
  import { LAYOUT } from './words';
  import { onMount, untrack } from 'svelte';
  import type { OwnLayouts } from '$lib/server/participant-page/own-layout';

  let { data }: { data: OwnLayouts } = $props();
  const telling = untrack(() => new Telling(data.key, data.tells));
  const sheet = $derived(`/p/${data.key}/months/${data.month}`);

  onMount(() => {
    void keepPage(`${sheet}/practise/__data.json`);
    void telling.send();
  });
  function tell(block: string, found: Parameters<Telling['note']>[0]['found']) {
    telling.note({ month: data.month, block, found });
    void telling.done();
  }
</script>

<svelte:window ononline={() => void telling.send()} />
<svelte:head><title>{practice.title(data.name)}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-5xl px-4 pb-16">
  <header class="flex flex-wrap items-center gap-2 pt-4 pb-3">
    <h1 class="mr-auto text-lead">{practice.title(data.name)}</h1>
    <a class="btn" href="{sheet}/layout">{LAYOUT.open}</a>
    <a class="btn" href={sheet}>{LAYOUT.backToTheSheet}</a>
    <Tools />
  </header>
  {#if data.blocks.length === 0}
    <p>{practice.nothingToLay}</p>
  {:else}
    <Practice blocks={data.blocks} fabrics={data.fabrics} seen={data.seen} seed={data.seed} onfound={tell} />
    <TellChoice {telling} />
  {/if}
</main>

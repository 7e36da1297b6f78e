<!-- Her own sheet of a month that is out. -->
<script lang="ts">
  import { words } from './words';
  import { preloadCode } from '$app/navigation';
  import { page } from '$app/state';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import PaperView from '$lib/look/PaperView.svelte';
  import { keepPage } from '$lib/ask/keep-page';
  import { words as practice } from '$lib/practice/words';
  import { LAYOUT, READER } from './words';
  import { onMount } from 'svelte';
  import Tools from '$lib/frame/Tools.svelte';
  import type { OwnPaper } from '$lib/server/participant-page/own-paper';

  let { data }: { data: OwnPaper & { key: string; month: string } } = $props();
  const files = $derived(`/p/${data.key}/months/${data.month}/files`);
  let lit: string[] = $state.raw([]);
  /** Once opened, it is read without a connection too, step by step as well. */
  onMount(async () => {
    const also = ['steps', 'layout', 'practise'].map((name) => `${page.url.pathname}/${name}`);
    await Promise.all(also.map((path) => preloadCode(path)));
    await keepPage(...also.flatMap((path) => [path, `${path}/__data.json`]));
  });
</script>

<svelte:head><title>{data.name}</title></svelte:head>

<header class="no-print mx-auto flex max-w-4xl flex-wrap items-center gap-2 px-4 pt-4">
  <a class="btn mr-auto" href="/p/{data.key}">{words.backToYourPage}</a>
  <a class="btn btn-primary" href="/p/{data.key}/months/{data.month}/steps">{READER.open}</a>
  <a class="btn" href="/p/{data.key}/months/{data.month}/layout">{LAYOUT.open}</a>
  <a class="btn" href="/p/{data.key}/months/{data.month}/practise">{practice.open}</a>
  <a class="btn" href="{files}/sheet.pdf" download>{words.pdfA4}</a>
  <a class="btn" href="{files}/sheet.pdf?page=letter" download>{words.pdfUsLetter}</a>
  <a class="btn" href="{files}/sheet.txt" download>{words.text}</a>
  <Tools />
</header>
<main id="page" tabindex="-1" class="mx-auto max-w-4xl overflow-x-auto px-4 pb-16">
  <PaperView
    photoAt={(photo) => `/p/${data.key}/photos/${photo}`}
    paper={data.paper}
    unit={data.unit}
    lit={(cut) => lit.includes(cut)}
    onlight={(cuts) => (lit = cuts)}
  />
  <div class="no-print mt-6"><PaperChoice what={words.printTheSheet} /></div>
</main>

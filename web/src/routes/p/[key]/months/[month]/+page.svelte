<!-- Her own sheet of a month that is out. -->
<script lang="ts">
  import { page } from '$app/state';
  import PaperChoice from '$lib/ui/PaperChoice.svelte';
  import PaperView from '$lib/ui/PaperView.svelte';
  import Tools from '$lib/ui/Tools.svelte';

  let { data } = $props();
  const files = $derived(`/p/${data.key}/months/${data.month}/files`);
  let lit: string[] = $state.raw([]);
</script>

<svelte:head><title>{data.name}</title></svelte:head>

<header class="no-print mx-auto flex max-w-4xl flex-wrap items-center gap-2 px-4 pt-4">
  <a class="act mr-auto" href="/p/{data.key}">Back to your page</a>
  <a class="act" href="{files}/sheet.pdf?locale={page.data.locale}" download>PDF, A4</a>
  <a class="act" href="{files}/sheet.pdf?page=letter&locale={page.data.locale}" download>Letter</a>
  <a class="act" href="{files}/sheet.txt?locale={page.data.locale}" download>text</a>
  <Tools />
</header>
<main class="mx-auto max-w-4xl overflow-x-auto px-4 pb-16">
  <PaperView paper={data.paper} unit={data.unit} lit={(cut) => lit.includes(cut)} onlight={(cuts) => (lit = cuts)} />
  <div class="no-print mt-6"><PaperChoice what="Print the sheet" /></div>
</main>

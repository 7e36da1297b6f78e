<!-- Her own sheet of a month that is out, read step by step. -->
<script lang="ts">
  import { words } from './words';
  import { keepPage } from '$lib/ask/keep-page';
  import StepReader from './StepReader.svelte';
  import { LAYOUT, READER } from './words';
  import Tools from '$lib/frame/Tools.svelte';
  import { onMount } from 'svelte';
  import type { OwnSteps } from '$lib/server/participant-page/own-sewing';

  let { data }: { data: OwnSteps } = $props();
  const sheet = $derived(`/p/${data.key}/months/${data.month}`);
  onMount(() => void keepPage(sheet, `${sheet}/steps/__data.json`));
</script>

<svelte:head><title>{words.stepByStep(data.name)}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-3xl px-4 pb-6">
  <header class="flex flex-wrap items-center gap-2 pt-4 pb-3">
    <h1 class="mr-auto text-lead">{data.name}</h1>
    <a class="btn" href="{sheet}/layout">{LAYOUT.open}</a>
    <a class="btn" href={sheet}>{READER.sheet}</a>
    <Tools />
  </header>
  <StepReader
    paper={data.paper}
    unit={data.unit}
    seam={data.seam}
    sheet={{ key: data.key, month: data.month, version: data.version, marks: data.marks }}
    photoAt={(photo) => `/p/${data.key}/photos/${photo}`}
  />
</main>

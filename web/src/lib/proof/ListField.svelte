<!-- Where a list comes in: typed, pasted, a file opened or dropped, or one of the month's own published sheets. -->
<script lang="ts">
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { dayText } from '$lib/look/day-text';
  import { textOfFile } from './file-text';
  import type { ProofDesk } from './proof-desk.svelte';
  import { words } from './words';
  import type { Month } from '@aggrega/core/programme';
  import { onMount } from 'svelte';

  let { desk, month, colourway }: { desk: ProofDesk; month: Month; colourway: string } = $props();
  const bench = useWorkbench();
  let over = $state(false);
  let reading = $state(false);
  let trouble = $state('');
  let versions: { version: number; published: string }[] = $state.raw([]);
  const TROUBLE = { empty: words.noTextInIt, unreadable: words.cantBeOpened, long: words.tooLong };

  onMount(async () => {
    const answer = await fetch(`/api/programmes/${bench.slug}/sheets/${month.id}`).catch(() => undefined);
    if (answer?.ok) ({ versions } = (await answer.json()) as { versions: typeof versions });
  });

  async function open(file: File | undefined) {
    if (!file) return;
    [reading, trouble] = [true, ''];
    const found = await textOfFile(file);
    reading = false;
    if ('trouble' in found) trouble = TROUBLE[found.trouble];
    else desk.put(found.text);
  }
  async function ownSheet(version: number) {
    [reading, trouble] = [true, ''];
    const asked = new URLSearchParams({ colourway, version: String(version) });
    const answer = await fetch(`/programmes/${bench.slug}/months/${month.id}/sheet/files/sheet.txt?${asked}`).catch(
      () => undefined,
    );
    reading = false;
    if (answer?.ok) desk.put(await answer.text());
    else trouble = words.cantBeLoaded;
  }
</script>

<div
  class="border border-dashed p-3 {over ? 'border-ink bg-edge' : 'border-rule'}"
  role="group"
  aria-label={words.textTableOrPdf}
  ondragover={(e) => {
    if (!e.dataTransfer?.types.includes('Files')) return;
    e.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={(e) => {
    over = false;
    const file = e.dataTransfer?.files[0];
    if (!file) return;
    e.preventDefault();
    void open(file);
  }}
>
  <label class="block"
    ><span class="text-lead">{words.theList}</span>
    <textarea
      class="textarea mt-1 min-h-80 w-full font-mono text-note"
      placeholder={words.likeThis}
      spellcheck="false"
      bind:value={desk.text}></textarea></label
  >
  <div class="mt-2 flex flex-wrap items-center gap-2">
    <label class="btn"
      >{words.openAFile}<input
        class="sr-only"
        type="file"
        accept=".txt,.csv,.tsv,.md,.pdf,text/plain,text/csv,application/pdf"
        onchange={(e) => {
          void open(e.currentTarget.files?.[0]);
          e.currentTarget.value = '';
        }}
      /></label
    >
    {#if desk.text !== ''}<button class="btn" onclick={() => desk.put('')}>{words.clear}</button>{/if}
    <span class="text-note text-quiet">{words.textTableOrPdf}</span>
  </div>
  {#if reading}<p class="mt-2" role="status">{words.reading}</p>{/if}
  {#if trouble}<p class="mt-2 font-semibold text-madder" role="alert">{trouble}</p>{/if}
</div>
{#if versions.length > 0}
  <p class="mt-3">{words.ourOwn}</p>
  <ul>
    {#each versions as { version, published } (version)}
      <li>
        <button class="link" onclick={() => void ownSheet(version)}
          >{words.version(version, dayText(published.slice(0, 10), page.data.locale))}</button
        >
      </li>
    {/each}
  </ul>
{/if}

<!-- The programme as it was after a save, beside what it is now; it comes back as a whole, or part by part. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { goto } from '$app/navigation';
  import { dayText, format } from '$lib/look/day-text';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { differentParts, partTitle, withParts, type DocumentPart } from '@aggrega/core/programme';
  import type { ProgrammeState } from '$lib/server/history/states';

  let { data }: { data: { state: ProgrammeState; revision: number } } = $props();
  const bench = useWorkbench();
  const { document, at, by } = $derived(data.state);
  const parts = $derived(differentParts(bench.saver.document, document));
  /** What lies on the shelf and who is enrolled goes on, whatever is drawn: it comes back only when it is asked for. */
  const GOES_ON: readonly DocumentPart[] = ['stock', 'kits'];
  let chosen: DocumentPart[] | undefined = $state();
  const back = $derived(chosen ?? parts.map((p) => p.part).filter((p) => !GOES_ON.includes(p)));
  let trouble = $state('');
  const when = $derived.by(() => {
    const zone = { timeZone: bench.programme.calendar.timeZone };
    const day = format('sv-SE', { ...zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(at);
    return `${dayText(day, page.data.locale)}, ${format(page.data.locale, { ...zone, timeStyle: 'short' }).format(at)}`;
  });
  const LINES = 10;

  function choose(part: DocumentPart, on: boolean) {
    chosen = parts.map((p) => p.part).filter((p) => (p === part ? on : back.includes(p)));
  }
  async function restore() {
    trouble = bench.become(words.backTo(when), withParts(bench.saver.document, document, back));
    if (trouble) trouble = words.thesePartsBelongTogether(trouble);
    else await goto(`/programmes/${bench.slug}`);
  }
</script>

<YearFrame about={words.asItWas(when)} colourways={false}>
  <p class="mt-4"><a class="link" href="/programmes/{bench.slug}/record">{words.history}</a></p>
  <div class="mt-4 grid max-w-2xl grid-cols-2 gap-x-8">
    {#each [{ name: by ? words.thenBy(by) : words.then, src: `${page.url.pathname}/quilt.svg` }, { name: words.now, src: `/programmes/${bench.slug}/quilt/files/quilt.svg?at=${bench.saver.revision}` }] as { name, src } (src)}
      <figure>
        <img class="max-h-80 w-full object-contain object-left-top" {src} alt={words.theQuilt(name)} />
        <figcaption class="mt-1 text-note text-quiet">{name}</figcaption>
      </figure>
    {/each}
  </div>
  {#if parts.length === 0}
    <p class="mt-6 text-lead">{words.nothingIsDifferent}</p>
  {:else}
    <h2 class="mt-8 border-b-2 border-ink pb-1 text-head">{words.whatComesBack}</h2>
    <ul>
      {#each parts as { part, lines } (part)}
        <li class="border-b border-rule py-2">
          <label class="flex items-center gap-2 font-semibold"
            ><input
              type="checkbox"
              class="h-5 w-5"
              checked={back.includes(part)}
              onchange={(e) => choose(part, e.currentTarget.checked)}
            />{partTitle(part)}</label
          >
          <ul class="mt-1 list-disc pl-12 text-note">
            {#each lines.slice(0, LINES) as line, i (i)}<li>{line}</li>{/each}
            {#if lines.length > LINES}<li class="text-quiet">{words.andMoreLines(lines.length - LINES)}</li>{/if}
          </ul>
        </li>
      {/each}
    </ul>
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
    <p class="no-print mt-5 flex flex-wrap items-center gap-3">
      <button class="btn btn-primary" disabled={back.length === 0} onclick={() => void restore()}>{words.bringBack}</button>
      <span class="text-note text-quiet">{words.itCanBeUndone}</span>
    </p>
  {/if}
  {#snippet side()}<p class="mt-4 text-note text-quiet">{words.whatIsNotInASave}</p>{/snippet}
</YearFrame>

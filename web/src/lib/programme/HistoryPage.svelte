<!-- The record: who changed what and when; a save can be taken back, what was deleted brought back. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { dayText, format } from '$lib/look/day-text';
  import type { RecordEntry, RecordPage } from '$lib/server/history/record';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';

  let { data }: { data: { record: RecordPage; older: boolean } } = $props();
  const bench = useWorkbench();
  let trouble = $state('');
  let told = $state('');
  const zone = $derived(bench.programme.calendar.timeZone);
  const dayOf = (at: Date) => format('sv-SE', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(at);
  const timeOf = (at: Date) => format(page.data.locale, { timeZone: zone, timeStyle: 'short' }).format(at);
  const days = $derived.by(() => {
    const found = new Map<string, RecordEntry[]>();
    for (const entry of data.record.entries) found.set(dayOf(entry.at), [...(found.get(dayOf(entry.at)) ?? []), entry]);
    return [...found];
  });

  async function undo(entry: RecordEntry) {
    [trouble, told] = ['', ''];
    const answer = await trySendOnce(`/api/programmes/${bench.slug}/record`, { body: { way: entry.way, id: entry.id } });
    if (answer?.ok) told = entry.way === 'undo' ? words.undone : words.restored;
    else {
      const said = (await answer?.json().catch(() => undefined)) as { message?: string } | undefined;
      trouble = said?.message ?? words.weCantReachTheServer;
    }
    await invalidateAll();
  }
</script>

<YearFrame about={words.whoChangedWhatAndWhen} colourways={false}>
  <p class="mt-4 min-h-6" role="status">{told}</p>
  {#if trouble}<p class="text-madder" role="alert">{trouble}</p>{/if}
  {#if data.record.entries.length === 0}
    <p class="mt-4 max-w-prose text-lead">{words.nothingHasBeenChangedYet}</p>
  {/if}
  {#each days as [day, entries] (day)}
    <section class="mt-4" aria-label={day}>
      <h2 class="border-b-2 border-ink pb-1 text-head">{dayText(day, page.data.locale)}</h2>
      <ul>
        {#each entries as entry (entry.id)}
          <li class="flex flex-wrap gap-x-4 gap-y-1 border-b border-rule py-2" data-entry={entry.id}>
            <span class="tabular w-14 shrink-0 text-quiet">{timeOf(entry.at)}</span>
            <span class="w-36 shrink-0">{entry.by}</span>
            <span class="mr-auto min-w-0 flex-1 basis-60 break-words"
              >{#each entry.says as line, i (i)}<span class="block">{line}</span>{:else}{words.savedNoChanges}{/each}</span
            >
            {#if entry.revision}
              <a class="no-print shrink-0" href="/programmes/{bench.slug}/record/{entry.revision}" aria-label={words.lookAtIt}
                ><img
                  class="h-12 w-12 object-contain"
                  src="/programmes/{bench.slug}/record/{entry.revision}/quilt.svg"
                  alt={words.lookAtIt}
                  loading="lazy"
                /></a
              >
            {/if}
            {#if entry.way && entry.says.length > 0}
              <button class="no-print link shrink-0 self-start text-note" onclick={() => void undo(entry)}
                >{entry.way === 'undo' ? words.undo : words.restoreIt}</button
              >
            {/if}
          </li>
        {/each}
      </ul>
    </section>
  {/each}
  <p class="no-print mt-4 flex gap-4">
    {#if data.older}<a class="link" href="/programmes/{bench.slug}/record">{words.newest}</a>{/if}
    {#if data.record.next}<a class="link" href="?before={data.record.next}">{words.older}</a>{/if}
  </p>
  {#snippet side()}
    <p class="mt-4 text-note text-quiet">
      {words.undoingASaveAddsA}
    </p>
  {/snippet}
</YearFrame>

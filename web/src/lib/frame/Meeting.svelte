<!-- Two people changed the same thing: both versions side by side, and the second decides. Nothing was overwritten. -->
<script lang="ts">
  import { words } from './words';
  import type { Saver } from '$lib/ask/saver.svelte';
  import { placeName } from '$lib/look/place-name';
  import DrawingMeeting from './DrawingMeeting.svelte';
  import { drawingsMet } from './drawing-meeting';

  let { saver }: { saver: Saver } = $props();
  let dialog: HTMLDialogElement | undefined = $state();
  const show = (value: unknown) =>
    value === undefined ? words.nothing : typeof value === 'object' ? JSON.stringify(value) : String(value);

  const drawn = $derived(saver.meeting ? drawingsMet(saver.document, saver.meeting.conflicts) : []);

  /** What is not shown as a picture. */
  const rest = $derived(
    (saver.meeting?.conflicts ?? []).filter(
      (c) => !drawn.some(({ id }) => /^\/(patches|grid)$/.test(c.path.replace(`/blocks/${id}`, ''))),
    ),
  );

  $effect(() => {
    if (saver.meeting) dialog?.showModal();
    else dialog?.close();
  });
</script>

<dialog bind:this={dialog} class="modal no-print" aria-labelledby="meeting-title" oncancel={(e) => e.preventDefault()}>
  {#if saver.meeting}
    <div class="modal-box max-w-2xl border border-ink bg-ground p-7 shadow-none">
      <h2 id="meeting-title" class="text-head">{words.someoneElseHasChangedThis}</h2>
      <p class="mt-2">{words.bothVersionsAreKeptUntil}</p>
      {#each drawn as d (d.id)}<DrawingMeeting name={d.name} versions={d.versions} />{/each}
      {#if rest.length > 0}<table class="mt-5 w-full">
          <thead>
            <tr class="border-b border-ink">
              <th class="py-1 pr-3">{words.what}</th>
              <th class="py-1 pr-3">{words.was}</th>
              <th class="py-1 pr-3">{words.theirsSaved}</th>
              <th class="py-1">{words.yours}</th>
            </tr>
          </thead>
          <tbody>
            {#each rest as c (c.path)}
              <tr class="border-b border-rule">
                <td class="py-2 pr-3">{placeName(saver.document, c.path)}</td>
                <td class="py-2 pr-3 text-walnut">{show(c.from)}</td>
                <td class="py-2 pr-3 font-semibold">{show(c.now)}</td>
                <td class="py-2 font-semibold">{show(c.to)}</td>
              </tr>
            {/each}
          </tbody>
        </table>{/if}
      <p class="mt-4 text-quiet">{words.theOtherCanBeBrought}</p>
      <div class="mt-6 flex justify-end gap-3">
        <button class="btn" onclick={() => saver.decide(false)}>{words.keepTheirs}</button>
        <button class="btn btn-primary" onclick={() => saver.decide(true)}>{words.useMine}</button>
      </div>
    </div>
  {/if}
</dialog>

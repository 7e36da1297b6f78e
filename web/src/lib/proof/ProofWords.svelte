<!-- The list's sentences that cut nothing: those that are ticked go among the organiser's own notes. -->
<script lang="ts">
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { words } from './words';
  import { notesOf, type Month } from '@aggrega/core/programme';
  import type { ProofText } from '@aggrega/core/proof';

  let { proof, month }: { proof: ProofText; month: Month } = $props();
  const bench = useWorkbench();
  /** A sentence has words enough to say something. */
  const LEAST_WORDS = 4;
  const file = $derived(bench.saver.document.months?.find((m) => m.id === month.id));
  const notes = $derived(notesOf(file?.notes?.units));
  const sentences = $derived([
    ...new Set(
      proof.lines
        .filter(({ is, text }) => is === 'aside' && (text.match(/\p{L}{2,}/gu)?.length ?? 0) >= LEAST_WORDS)
        .map(({ text }) => text),
    ),
  ]);
  const open = $derived(sentences.filter((text) => !notes.some((note) => note.text === text)));
  let ticked: string[] = $state([]);
  const chosen = $derived(open.filter((text) => ticked.includes(text)));
  let there = $state(false);

  function take() {
    const to = [...notes, ...chosen.map((text) => ({ text }))];
    bench.saver.do(words.wordsTaken(month.name), [{ path: `/months/${month.id}/notes/units`, from: file?.notes?.units, to }]);
    [ticked, there] = [[], true];
  }
</script>

{#if proof.of > 0 && open.length > 0}
  <h2 class="mt-8 border-b border-ink pb-1 text-lead">{words.itsWords}</h2>
  <p class="mt-1 text-note text-quiet">{words.itsWordsNote}</p>
  <ul>
    {#each open as text (text)}
      <li class="py-1">
        <label class="flex items-start gap-2"
          ><input class="checkbox mt-0.5" type="checkbox" value={text} bind:group={ticked} />{text}</label
        >
      </li>
    {/each}
  </ul>
  <button class="btn mt-2" disabled={chosen.length === 0} onclick={take}
    >{chosen.length === 0 ? words.takeTicked : words.takeWords(chosen.length)}</button
  >
{/if}
{#if there}<p class="mt-2" role="status">{words.wordsAreThere}</p>{/if}

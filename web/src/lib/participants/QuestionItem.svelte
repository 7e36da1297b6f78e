<!-- One question: who asked it and when, and the answer, or the place for it. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { AskedQuestion } from '$lib/server/db/questions';

  interface Props {
    question: AskedQuestion;
    /** Sends the answer; false where it was not taken. */
    onanswer: (answer: string) => Promise<boolean>;
  }
  let { question: q, onanswer }: Props = $props();
  const bench = useWorkbench();
  const month = $derived(bench.programme.months.find((m) => m.id === q.month)?.name);
  let draft = $state('');

  async function reply() {
    if (draft.trim() && (await onanswer(draft.trim()))) draft = '';
  }
</script>

<p class="text-note text-quiet">
  <a class="link" href="/programmes/{bench.slug}/roster?find={encodeURIComponent(q.name)}&person={q.participant}">{q.name}</a>, {dayText(
    new Date(q.asked).toISOString().slice(0, 10),
    page.data.locale,
  )}{month ? `, ${month}` : ''}
</p>
<p class="mt-1 max-w-prose whitespace-pre-line">{q.asks}</p>
{#if q.answered}
  <p class="mt-1 max-w-prose border-l-4 border-walnut pl-3 whitespace-pre-line text-walnut">{q.answer}</p>
{:else}
  <div class="no-print mt-2 flex max-w-2xl items-end gap-2">
    <textarea class="textarea" rows="2" maxlength="4000" aria-label={words.answerTo(q.name)} bind:value={draft}></textarea>
    <button class="btn btn-primary shrink-0" disabled={!draft.trim()} onclick={() => void reply()}>{words.answer}</button>
  </div>
  {#if !q.email}<p class="mt-1 text-note text-quiet">{words.noEmailAddressYourAnswer}</p>{/if}
{/if}

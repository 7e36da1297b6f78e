<!-- Questions to whoever runs the programme, and their answers. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import type { Own } from './own.svelte';

  let { view, own }: { view: ParticipantView; own: Own } = $props();
  let [asks, month] = $state(['', '']);
  let sent = $state(false);
  const nameOf = (id: string) => view.months.find((m) => m.id === id)?.name;
  const day = (at: Date) => dayText(at.toISOString().slice(0, 10), page.data.locale);

  async function ask(e: SubmitEvent) {
    e.preventDefault();
    sent = await own.do({ deed: 'ask', month, asks: asks.trim() });
    if (sent) asks = '';
  }
</script>

<section aria-label={words.ask} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.ask}</h2>
  {#if view.contact}<p class="mt-2 text-quiet">{words.or(view.contact)}</p>{/if}
  <form class="mt-3 flex flex-col gap-2" onsubmit={(e) => void ask(e)}>
    <label class="block"
      ><span class="block text-note text-quiet">{words.yourQuestion}</span><textarea
        class="textarea"
        rows="3"
        maxlength="4000"
        required
        bind:value={asks}></textarea></label
    >
    <div class="flex flex-wrap items-end gap-3">
      <label class="block"
        ><span class="block text-note text-quiet">{words.about}</span>
        <select class="select w-auto" bind:value={month}
          ><option value="">{words.anything}</option>{#each view.months as m (m.id)}<option value={m.id}>{m.name}</option
            >{/each}</select
        ></label
      >
      <button class="btn" disabled={own.working || !asks.trim()}>{words.ask}</button>
      {#if sent}<span role="status">{words.sentWellAnswerHere(view.months.length ? words.andByEmail : '')}</span>{/if}
    </div>
  </form>
  <ul class="mt-3">
    {#each view.questions as q (q.id)}
      <li class="border-b border-rule py-2">
        <p class="text-note text-quiet">{day(q.asked)}{nameOf(q.month) ? `, ${nameOf(q.month)}` : ''}</p>
        <p class="whitespace-pre-line">{q.asks}</p>
        {#if q.answered}<p class="mt-1 border-l-4 border-weld pl-2 whitespace-pre-line">{q.answer}</p>
        {:else}<p class="mt-1 text-note text-quiet">{words.notAnsweredYet}</p>{/if}
      </li>
    {/each}
  </ul>
</section>

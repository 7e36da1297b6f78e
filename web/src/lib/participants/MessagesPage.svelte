<!-- Post: questions that wait for an answer, and every letter that went out or could not. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import BehindForm from './BehindForm.svelte';
  import { askPage, doPost } from './post';
  import QuestionItem from './QuestionItem.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { PostOffice } from '$lib/server/mail/post-office';

  let { data }: { data: { post: PostOffice; asked: { state: string; month: string; find: string; page: number } } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { mails, found, questions, way, behind } = $derived(data.post);
  const open = $derived(questions.filter((q) => !q.answered));
  const STATES = { waiting: words.queued, sending: words.sending, sent: words.sent, failed: words.failedState };
  const PAGE = 100;
  let trouble = $state('');
  const day = (at: Date) => dayText(new Date(at).toISOString().slice(0, 10), page.data.locale);
  const failed = $derived(mails.some((m) => m.state === 'failed'));

  async function send(deed: Record<string, unknown>): Promise<{ letters?: number } | undefined> {
    const done = await doPost(bench.slug, deed);
    trouble = done ? '' : words.weCantReachTheServer;
    return done;
  }
  const remind = async (text: string) => (await send({ deed: 'remind', text }))?.letters;
  const reply = async (question: string, answer: string) => Boolean(await send({ deed: 'answer', question, answer }));
  const ask = (to: Record<string, string>) => askPage(page.url, to);
</script>

<YearFrame about={words.questionsToAnswerEmails(open.length, found)} colourways={false}>
  {#if trouble}<p class="mt-4 text-madder" role="alert">{trouble}</p>{/if}
  <section class="mt-5" aria-label={words.questions}>
    <h2 class="border-b-2 border-ink pb-1 text-head">{words.questions}</h2>
    {#if questions.length === 0}<p class="mt-2 text-quiet">{words.noQuestionsYetParticipantsAsk}</p>{/if}
    <ul>
      {#each questions as q (q.id)}
        <li class="border-b border-rule py-3" data-question={q.name}>
          <QuestionItem question={q} onanswer={(answer) => reply(q.id, answer)} />
        </li>
      {/each}
    </ul>
  </section>
  <BehindForm {behind} onsend={remind} />
  <section class="mt-8" aria-label={words.emails}>
    <h2 class="text-head">{words.emails}</h2>
    <div class="no-print mt-2 flex flex-wrap items-end gap-3">
      <label class="block w-48"
        ><span class="block text-note text-quiet">{words.searchByNameOrSubject}</span><input
          class="input"
          type="search"
          value={data.asked.find}
          onchange={(e) => ask({ find: e.currentTarget.value })}
        /></label
      >
      <label class="block"
        ><span class="block text-note text-quiet">{words.state2}</span>
        <select class="select w-auto" value={data.asked.state} onchange={(e) => ask({ state: e.currentTarget.value })}
          ><option value="">{words.all2}</option>{#each Object.entries(STATES) as [id, name] (id)}<option value={id}
              >{name}</option
            >{/each}</select
        ></label
      >
      <label class="block"
        ><span class="block text-note text-quiet">{words.month}</span>
        <select class="select w-auto" value={data.asked.month} onchange={(e) => ask({ month: e.currentTarget.value })}
          ><option value="">{words.all2}</option>{#each programme.months as m (m.id)}<option value={m.id}>{m.name}</option
            >{/each}</select
        ></label
      >
      {#if failed}<button class="btn" onclick={() => void send({ deed: 'retry' })}>{words.retryFailedEmails}</button>{/if}
    </div>
    {#if mails.length === 0}
      <p class="mt-3 text-quiet">
        {data.asked.find || data.asked.state || data.asked.month ? words.noEmailsMatch : words.noEmailsYetTheyAre}
      </p>
    {:else}
      <table class="mt-2 w-full">
        <thead
          ><tr class="border-b-2 border-ink"
            ><th class="py-1">{words.to}</th><th>{words.subject}</th><th>{words.state2}</th><th>{words.when}</th></tr
          ></thead
        >
        <tbody>
          {#each mails as mail (mail.id)}
            <tr class="border-b border-rule align-baseline" data-letter={mail.recipient}>
              <td class="py-1.5 pr-3">{mail.recipient}</td>
              <td class="pr-3">{mail.subject}</td>
              <td class="pr-3 {mail.state === 'failed' ? 'text-madder' : ''}"
                >{STATES[mail.state]}{#if mail.trouble}<span class="block text-note">{mail.trouble}</span>{/if}</td
              >
              <td class="whitespace-nowrap">{day(mail.sent ?? mail.written)}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      {#if found > PAGE}
        {@const at = data.asked.page}
        <nav class="no-print mt-3 flex items-center gap-3" aria-label={words.pagesOfEmails}>
          <button class="btn" disabled={at === 0} onclick={() => ask({ page: String(at - 1) })}>{words.newer}</button>
          <span class="tabular">{words.toOf(at * PAGE + 1, Math.min(found, (at + 1) * PAGE), found)}</span>
          <button class="btn" disabled={(at + 1) * PAGE >= found} onclick={() => ask({ page: String(at + 1) })}
            >{words.older}</button
          >
        </nav>
      {/if}
    {/if}
  </section>
  {#snippet side()}
    <section class="mt-4" aria-label={words.howEmailsAreSent}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.howEmailsAreSent}</h2>
      {#if way === 'smtp'}
        <p class="mt-2 text-quiet">{words.sentThroughYourMailServer}</p>
      {:else}
        <p class="mt-2 text-quiet">
          {words.keptInADemoMailbox}
        </p>
        <p class="mt-2"><a class="link" href="/outside/mail">{words.openTheDemoMailbox}</a></p>
      {/if}
    </section>
  {/snippet}
</YearFrame>

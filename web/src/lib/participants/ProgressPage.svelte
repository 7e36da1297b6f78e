<!-- How far everybody is, and what they sent: questions, pictures and measurements in one place, each with who may see it. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import LayoutChecks from './LayoutChecks.svelte';
  import MonthsDone from './MonthsDone.svelte';
  import PeopleDone from './PeopleDone.svelte';
  import { askPage, doPost } from './post';
  import QuestionItem from './QuestionItem.svelte';
  import SentMeasurement from './SentMeasurement.svelte';
  import { dayText } from '$lib/look/day-text';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { ProgressQuestion, ProgressView } from '$lib/server/participants/progress';

  let { data }: { data: { progress: ProgressView; asked: ProgressQuestion } } = $props();
  const bench = useWorkbench();
  const { questions, pictures, measurements, laid, hidden, months } = $derived(data.progress);
  const open = $derived(questions.filter((q) => !q.answered).length);
  const nothing = $derived(questions.length + pictures.length + measurements.length + laid.length + hidden === 0);
  let trouble = $state('');
  const nameOf = (id: string) => bench.programme.months.find((m) => m.id === id)?.name ?? '';
  const about = (of: { month: string; at: Date }) =>
    [nameOf(of.month), dayText(new Date(of.at).toISOString().slice(0, 10), page.data.locale)].filter(Boolean).join(', ');
  const personAt = (id: string, name: string) =>
    `/programmes/${bench.slug}/roster?find=${encodeURIComponent(name)}&person=${id}`;

  const ask = (to: Record<string, string>) => askPage(page.url, to);
  async function reply(question: string, answer: string): Promise<boolean> {
    const done = await doPost(bench.slug, { deed: 'answer', question, answer });
    trouble = done ? '' : words.weCantReachTheServer;
    return done !== undefined;
  }
</script>

<YearFrame about={words.howTheyGetOn} colourways={false}>
  {#if trouble}<p class="mt-4 text-madder" role="alert">{trouble}</p>{/if}
  {#if months.length === 0}
    <p class="mt-5 max-w-prose text-lead">{words.nothingIsOutYet}</p>
  {:else}
    <MonthsDone {months} people={data.progress.people} chosen={data.asked.month} onchoose={(month) => ask({ month })} />
  {/if}
  <section class="mt-8" aria-label={words.whatTheySent} data-sent>
    <div class="flex flex-wrap items-baseline gap-x-4 border-b-2 border-ink pb-1">
      <h2 class="text-head">{words.whatTheySent}</h2>
      {#if data.asked.month || data.asked.person}
        <span class="text-quiet">{[nameOf(data.asked.month), data.progress.name].filter(Boolean).join(', ')}</span>
        <button class="link" onclick={() => ask({ month: '', person: '' })}>{words.everythingOfEverybody}</button>
      {/if}
    </div>
    {#if nothing}<p class="mt-2 text-quiet">{words.nothingWasSentYet}</p>{/if}
    {#if questions.length > 0}
      <h3 class="mt-4 font-semibold">{words.questionsCount(questions.length, open)}</h3>
      <ul>
        {#each questions as q (q.id)}
          <li class="border-b border-rule py-3" data-question={q.name}>
            <QuestionItem question={q} onanswer={(answer) => reply(q.id, answer)} />
          </li>
        {/each}
      </ul>
    {/if}
    {#if pictures.length + hidden > 0}
      <h3 class="mt-5 font-semibold">{words.pictures}</h3>
      <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-4">
        {#each pictures as picture (picture.id)}
          <li data-picture={picture.name}>
            <img
              class="cloth aspect-square w-full object-cover"
              src="/programmes/{bench.slug}/progress/pictures/{picture.id}"
              alt={words.pictureOf(picture.name, nameOf(picture.month))}
              loading="lazy"
            />
            <p><a class="link" href={personAt(picture.participant, picture.name)}>{picture.name}</a></p>
            <p class="text-note text-quiet">{about(picture)}</p>
            <p class="text-note">{picture.shows ? words.groupMaySee : words.onlyYouMaySee}</p>
          </li>
        {/each}
      </ul>
      {#if hidden > 0}<p class="mt-2 text-quiet">{words.keptPrivate(hidden)}</p>{/if}
    {/if}
    {#if measurements.length > 0}
      <h3 class="mt-5 font-semibold">{words.measurements}</h3>
      <ul>
        {#each measurements as sent (sent.id)}
          <li class="border-b border-rule py-3" data-measured={sent.name}>
            <p class="text-note text-quiet">
              <a class="link" href={personAt(sent.participant, sent.name)}>{sent.name}</a>, {about(sent)} · {words.sentToYou}
            </p>
            <SentMeasurement sizes={sent.sizes} />
          </li>
        {/each}
      </ul>
    {/if}
    {#if laid.length > 0}
      <h3 class="mt-5 font-semibold">{words.checkedLayouts}</h3>
      <LayoutChecks {laid} />
    {/if}
  </section>
  {#if months.length > 0}
    <PeopleDone
      rows={data.progress.rows}
      {months}
      people={data.asked.person ? data.progress.rows.length : data.progress.people}
      at={data.asked.page}
      onperson={(person) => ask({ person })}
      onpage={(at) => ask({ page: at > 0 ? String(at) : '' })}
    />
  {/if}
  {#snippet side()}
    <section class="mt-4" aria-label={words.whoSeesWhat}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.whoSeesWhat}</h2>
      <p class="mt-2 text-quiet">{words.picturesAreTheirs}</p>
      <p class="mt-2 text-quiet">{words.ticksAreTheirOwn}</p>
    </section>
    <p class="mt-4"><a class="btn" href="/programmes/{bench.slug}/post">{words.writeToThoseBehind}</a></p>
  {/snippet}
</YearFrame>

<!-- The calendar: what is to be done by when, week by week, with the hours it takes against those there are. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import CalendarForm from './CalendarForm.svelte';
  import { tableJobs } from './jobs';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { figuresQuestion } from '$lib/plan/year-questions';
  import { dayText } from '$lib/look/day-text';
  import Chart from '$lib/look/Chart.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { calendarSteps, mondayOf, releaseDays, stepNames, tableLoad, type CalendarStep } from '@aggrega/core/running';
  import Download from '@lucide/svelte/icons/download';
  import { onDestroy, untrack } from 'svelte';
  import type { KitBoard } from '$lib/server/kits/kits';

  let { data }: { data: { board: KitBoard; pace: number; feed: string | undefined; figures?: Ready<'figures'> } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const locale = $derived(page.data.locale as string);
  const today = $derived(page.data.today as string);
  const asker = new YearAsker<'figures'>(untrack(() => data.figures));
  onDestroy(() => asker.close());
  const people = $derived(Object.fromEntries(programme.colourways.map((c) => [c.id, bench.enrolled(c)])));
  $effect(() => {
    const question = figuresQuestion(programme);
    untrack(() => asker.ask(bench, question));
  });
  const enrolled = $derived(Object.values(people).reduce((a, b) => a + b, 0));
  const minutes = $derived(new Map((asker.answer?.packets ?? []).map((p) => [p.id, p.minutes * data.pace])));
  const short = (iso: string) => dayText(iso, locale, 'brief');
  const weekday = (iso: string) => dayText(iso, locale, 'weekday');
  const load = $derived(
    tableLoad(tableJobs(programme, minutes, data.board, { people: enrolled, today }), programme.calendar, today, short),
  );
  const weeks = $derived(load.weeks.slice(0, 60));

  let past = $state(false);
  const steps = $derived(calendarSteps(programme));
  const stateOf = (id: string) => (page.data.releases as { month: string; state: string }[]).find((r) => r.month === id)?.state;
  /** Whether a step is done as far as anybody has noted: kits by the board, sheets by their release. */
  const boardOf = (id: string, states: readonly string[]) =>
    data.board.counts.filter((c) => c.month === id && states.includes(c.state)).reduce((n, c) => n + c.kits, 0);
  function done({ kind, month }: CalendarStep): boolean {
    if (kind === 'release') return stateOf(month.id) === 'released';
    if (kind === 'proof') return stateOf(month.id) !== undefined;
    // What late joiners still wait for is cut with what comes next, and stands at Kits.
    if (stateOf(month.id) === 'released') return true;
    const all = boardOf(month.id, ['planned', 'cut', 'packed', 'handed']);
    if (kind === 'cut') return all > 0 && boardOf(month.id, ['planned']) === 0;
    if (kind === 'pack') return all > 0 && boardOf(month.id, ['planned', 'cut']) === 0;
    // Nobody notes the rest: once its kits are cut, its cloth was there.
    return all > 0 && boardOf(month.id, ['planned']) === 0;
  }
  const shown = $derived(steps.filter((s) => past || s.day >= mondayOf(today) || !done(s)));
  const byWeek = $derived.by(() => {
    const found: { monday: string; steps: CalendarStep[] }[] = [];
    for (const step of shown) {
      const monday = mondayOf(step.day);
      if (found.at(-1)?.monday !== monday) found.push({ monday, steps: [] });
      found.at(-1)!.steps.push(step);
    }
    return found;
  });
  const moved = $derived(
    releaseDays(programme.calendar, programme.months.length).flatMap(({ day, instead }, i) =>
      instead && programme.months[i]!.release === day
        ? [words.movedFromTo(programme.months[i]!.name, dayText(instead.day, locale), dayText(day, locale), instead.because)]
        : [],
    ),
  );
  /** What does not fit at all comes first, then days that are not the usual ones, then what moves. */
  const says = $derived([...load.says.slice(0, load.over.length), ...moved, ...load.says.slice(load.over.length)]);
  let all = $state(false);
  const STATION: Partial<Record<CalendarStep['kind'], string>> = {
    proof: 'release',
    release: 'release',
    cut: 'cut',
    pack: 'kits',
    sample: 'sew',
  };
  const address = $derived(data.feed && new URL(data.feed, page.url).href.replace(/^https?:/, 'webcal:'));
</script>

<YearFrame about={words.whatIsToBeDone(enrolled)} colourways={false}>
  <Working progress={asker.progress} what={words.workingOutTheHours} />
  {#if steps.length === 0}
    <p class="mt-8 max-w-prose text-lead">
      {words.noReleaseDatesYetSet}
    </p>
  {:else}
    {#if says.length > 0}
      <ul class="mt-4 border-l-4 border-weld pl-4">
        {#each says.slice(0, all ? undefined : 4) as line (line)}<li class="max-w-prose">{line}</li>{/each}
        {#if says.length > 4}<li>
            <button class="link no-print text-note" onclick={() => (all = !all)}
              >{all ? words.fewer : words.more(says.length - 4)}</button
            >
          </li>{/if}
      </ul>
    {/if}
    {#if weeks.some((w) => w.parts.length > 0)}
      <Chart
        title={words.hoursAtTheTableWeek}
        unit={words.h}
        type="bar"
        stacked
        labels={weeks.map((w) => short(w.monday))}
        series={[
          {
            name: words.cutting,
            colour: '#d9b90f',
            values: weeks.map((w) => w.parts.filter((p) => p.job.kind === 'cut').reduce((n, p) => n + p.hours, 0)),
          },
          {
            name: words.packing,
            colour: '#7c8db5',
            values: weeks.map((w) => w.parts.filter((p) => p.job.kind === 'pack').reduce((n, p) => n + p.hours, 0)),
          },
          {
            name: words.hoursLeft,
            colour: 'transparent',
            values: weeks.map((w) => Math.max(0, w.has - w.parts.reduce((n, p) => n + p.hours, 0))),
          },
        ]}
      />
    {/if}
    <section class="mt-8" aria-label={words.weekByWeek}>
      <div class="flex items-baseline border-b-2 border-ink pb-1">
        <h2 class="mr-auto text-head">{words.weekByWeek}</h2>
        <button class="link no-print text-note" aria-pressed={past} onclick={() => (past = !past)}
          >{past ? words.hidePast : words.showPast}</button
        >
      </div>
      {#each byWeek as { monday, steps: own } (monday)}
        <div class="flex gap-5 border-b border-rule py-2" data-week={monday}>
          <p class="w-28 shrink-0 {monday === mondayOf(today) ? 'font-semibold' : 'text-quiet'}">
            {monday === mondayOf(today) ? words.thisWeek : short(monday)}
          </p>
          <ul class="min-w-0 flex-1">
            {#each own as step (step.kind + step.month.id)}
              {@const isDone = done(step)}
              {@const late = !isDone && step.day < today}
              <li
                class="flex items-baseline gap-3 py-0.5 {isDone ? 'text-walnut' : late ? 'text-madder' : ''}"
                data-step="{step.kind} {step.month.id}"
              >
                <span class="w-24 shrink-0 tabular">{weekday(step.day)}</span>
                <a
                  class="hover:underline {step.kind === 'release' ? 'font-semibold' : ''}"
                  href={STATION[step.kind]
                    ? `/programmes/${bench.slug}/months/${step.month.id}/${STATION[step.kind]}${page.url.search}`
                    : `/programmes/${bench.slug}/bolts`}>{step.month.name}: {stepNames[step.kind]}</a
                >
                {#if isDone}<span class="text-note">{words.done}</span>{:else if late}<span class="text-note"
                    >{words.overdue}</span
                  >{/if}
                {#if step.earlier}<span class="text-note text-quiet">{words.broughtForward(step.earlier)}</span>{/if}
              </li>
              {#if step.kind === 'release' && step.month.homework}
                <li class="pl-27 text-note text-quiet">{words.homework(step.month.homework)}</li>
              {/if}
            {/each}
          </ul>
        </div>
      {/each}
    </section>
  {/if}
  {#snippet side()}
    <CalendarForm />
    <section class="mt-6" aria-label={words.inYourOwnCalendar}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.inYourOwnCalendar}</h2>
      <p class="mt-2">
        <a class="btn" href="/programmes/{bench.slug}/calendar/work.ics" download><Download size={17} /> {words.download}</a>
      </p>
      {#if address}
        <p class="mt-2 text-note text-quiet">
          {words.orSubscribeAnyoneWithThis}
        </p>
        <p class="mt-1"><a class="link text-note break-all" href={address}>{address}</a></p>
      {/if}
    </section>
  {/snippet}
</YearFrame>

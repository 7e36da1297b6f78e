<script lang="ts">
  import { words } from './words';
  import { dayText } from '$lib/look/day-text';
  import { page } from '$app/state';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { costQuestion, figuresQuestion } from '$lib/plan/year-questions';
  import Chart from '$lib/look/Chart.svelte';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { onDestroy, untrack } from 'svelte';

  let { data }: { data: { pace: number; figures?: Ready<'figures'>; cost?: Ready<'cost'> } } = $props();
  const bench = useWorkbench();
  // What a page was sent with is its first answer; later ones come by asking.
  const sent = untrack(() => data);
  const year = new YearAsker<'figures'>(sent.figures);
  const cost = new YearAsker<'cost'>(sent.cost);
  onDestroy(() => {
    year.close();
    cost.close();
  });
  const { programme } = $derived(bench);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  $effect(() => {
    const question = figuresQuestion(programme, bench.tried);
    untrack(() => year.ask(bench, question));
  });
  $effect(() => {
    const question = costQuestion(colourway.id);
    void bench.saver.document;
    untrack(() => cost.ask(bench, question));
  });
  const figures = $derived(year.answer);
  const problems = $derived(year.problems.length > 0 ? year.problems : cost.problems);
  const yd = $derived(programme.house.soldBy);
  /** 'February, March' of months that are handed out together. */
  const shortNames = (ids: readonly string[]) =>
    ids.map((id) => programme.months.find((m) => m.id === id)?.name ?? id).join(', ');
  const months = $derived(figures?.packets.map((p) => shortNames(p.months)) ?? []);
  const percent = (of: (m: NonNullable<typeof figures>['packets'][number]) => number) =>
    figures?.packets.map((p) => of(p) * 100) ?? [];
  const lengthOf = (p: NonNullable<typeof figures>['packets'][number], id: string) =>
    Object.values(p.cloth).reduce((n, lengths) => n + (lengths[id] ?? 0), 0);
  const shortDate = (iso: string) => dayText(iso, page.data.locale, 'brief');
  const hours = (minutes: number) => (minutes * data.pace) / 60;
  const priced = $derived((cost.answer ?? []).some((p) => p.together !== undefined));
  const scraps = $derived((figures?.packets ?? []).reduce((n, p) => n + p.scrapGrams, 0) / 1000);
  const total = $derived(
    (figures?.packets ?? []).reduce(
      (n, p) =>
        n +
        Object.values(p.cloth)
          .flatMap((lengths) => Object.values(lengths))
          .reduce((a, b) => a + b, 0),
      0,
    ),
  );
</script>

<YearFrame about={words.fabricWasteCostAndHours}>
  <Working progress={year.progress ?? cost.progress} what={words.workingOutTheYear} />
  {#if problems.length > 0}
    <Problems {problems} document={bench.saver.document} title={words.theTotalsCantBeWorked} />
  {:else if figures && figures.packets.length === 0}
    <p class="mt-6 max-w-prose text-lead">{words.thereIsNothingToCount}</p>
  {/if}
  {#if figures && figures.packets.length > 0}
    <Chart
      title={words.fabricByPacket}
      unit={yd}
      type="bar"
      stacked
      labels={months}
      series={figures.fabrics.map((f) => ({
        name: f.name,
        colour: f.colour,
        values: figures.packets.map((p) => lengthOf(p, f.id)),
      }))}
    />
    <Chart
      title={words.leftOverAndWasteBy}
      unit={words.ofTheFabric}
      type="bar"
      stacked
      labels={months}
      series={[
        { name: words.remaindersWorthKeeping, colour: '#7c8db5', values: percent((m) => m.kept) },
        { name: words.scrapsOfIt, colour: '#6b5848', values: percent((m) => m.scrap) },
      ]}
    />
    {#if cost.answer && priced}
      <Chart
        title={words.fabricForOneParticipantOf(colourway.name)}
        unit={programme.currency ?? words.anyMoney}
        type="line"
        labels={cost.answer.map((p) => String(p.people))}
        series={[
          { name: words.cutAllTogether, colour: '#3f6fb5', values: cost.answer.map((p) => p.together) },
          { name: words.aLengthForEachKit, colour: '#6b5848', values: cost.answer.map((p) => p.apart), dashed: true },
        ]}
        write={(n) => n.toFixed(2)}
      />
      <p class="text-note text-quiet">
        {words.peopleInAlongTheBottom(colourway.name)}
      </p>
    {:else if cost.answer}
      <p class="mt-6">{words.addAPriceForEvery(colourway.name)}</p>
    {/if}
    <Chart
      title={words.hoursAtTheCuttingTable}
      unit={words.h}
      type="bar"
      labels={figures.weeks.map((w) => shortDate(w.monday))}
      series={[{ name: words.everyoneTogether, colour: '#d9b90f', values: figures.weeks.map((w) => hours(w.minutes)) }]}
    />
    <p class="text-note text-quiet">
      {words.eachPacketIsCutIn(
        data.pace === 1 ? words.hoursAreEstimatesUntilYou : words.atYourOwnPaceOur(data.pace.toFixed(2)),
      )}
    </p>
  {/if}
  {#snippet side()}
    {#if figures && figures.packets.length > 0}
      <dl class="mt-4">
        {#each [[words.fabricBought, `${total.toFixed(1)} ${yd}`], [words.scraps, `${scraps.toFixed(1)} kg`], [words.hoursAtTheTable, figures.packets
              .reduce((n, p) => n + hours(p.minutes), 0)
              .toFixed(1)]] as [name, value] (name)}
          <div class="flex items-baseline border-b border-rule py-1.5">
            <dt class="mr-auto">{name}</dt>
            <dd class="numeral text-lead">{value}</dd>
          </div>
        {/each}
      </dl>
      <p class="mt-2 text-note text-quiet">
        {words.forEveryoneEnrolledWithBacking}
      </p>
    {/if}
    <div class="mt-6"><PaperChoice what={words.printTheTotals} /></div>
  {/snippet}
</YearFrame>

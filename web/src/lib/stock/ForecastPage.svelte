<!-- Forecast: how many will still take part, by the programme's own leavers and late joiners, and what cloth to buy now. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { figuresQuestion } from '$lib/plan/year-questions';
  import { dayText } from '$lib/look/day-text';
  import Chart from '$lib/look/Chart.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { adviceFor, oddsFor, outlookOf } from './outlook';
  import { enoughFor } from '@aggrega/core/running';
  import { onDestroy, untrack } from 'svelte';
  import type { StoredPerson } from '$lib/server/db/participants';

  let {
    data,
  }: { data: { people: Pick<StoredPerson, 'state' | 'joined' | 'left' | 'colourway' | 'kit'>[]; figures?: Ready<'figures'> } } =
    $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const today = $derived(page.data.today as string);
  const locale = $derived(page.data.locale as string);
  const asker = new YearAsker<'figures'>(untrack(() => data.figures));
  onDestroy(() => asker.close());
  const heads = $derived(Object.fromEntries(programme.colourways.map((c) => [c.id, bench.enrolled(c)])));
  $effect(() => {
    const question = figuresQuestion(programme);
    untrack(() => asker.ask(bench, question));
  });
  const outlook = $derived(outlookOf(programme, data.people, heads, today));
  const { people, seen, past, ahead } = $derived(outlook);
  let at = $state('');
  const chosen = $derived(ahead.find((m) => m.id === at) ?? ahead.at(-1));
  const then = $derived(chosen && oddsFor(outlook, chosen, today));
  type Odds = NonNullable<typeof then>;
  /** What was, up to today, and then what may be. */
  const labels = $derived([...past.map((p) => p.month.name), words.today, ...ahead.map((m) => m.name)]);
  const soFar = $derived([...past.map((p) => p.people), people]);
  const row = (of: (m: Odds) => number) => [
    ...past.map(() => undefined),
    people,
    ...ahead.map((m) => of(oddsFor(outlook, m, today)!)),
  ];

  /** A fabric of which a kit too few would have to be told to somebody, and one too many be sold as a remainder. */
  const GONE = [
    [0.05, words.yes],
    [0.3, words.perhaps],
    [0.7, words.unlikely],
    [1, words.lastOfIt],
  ] as const;
  const yard = $derived(programme.house.soldBy);
  const advice = $derived(
    asker.answer && chosen ? adviceFor(programme, outlook, heads, { packets: asker.answer.packets, month: chosen, today }) : [],
  );
  /** Lengths to buy are rounded up, to a tenth. */
  const up = (n: number) => (Math.ceil(n * 10 - 1e-9) / 10).toFixed(1);
  const percent = (n: number) => `${Math.round(n * 100)}%`;
  function setGone(id: string, text: string) {
    const from = bench.saver.document.fabrics?.find((f) => f.id === id)?.gone;
    bench.saver.do(words.stillAvailableLater2(id), [
      { path: `/fabrics/${id}/gone`, from, to: text === '' ? undefined : Number(text) },
    ]);
  }
</script>

<YearFrame about={words.howManyWillStillTake} colourways={false}>
  <Working progress={asker.progress} what={words.workingOutTheFabric} />
  {#if people === 0 || ahead.length === 0}
    <p class="mt-8 max-w-prose text-lead">
      {people === 0 ? words.noParticipantsYetSoThere : words.noReleasesAheadSetRelease}
    </p>
  {:else}
    <Chart
      title={words.peopleWhoTakePartMonth}
      unit={words.people}
      type="line"
      {labels}
      series={[
        { name: words.soFar, colour: '#d9b90f', values: soFar },
        { name: words.high, colour: '#7c8db5', values: row((m) => enoughFor(m, 0.95)), dashed: true },
        { name: words.average, colour: '#3f6fb5', values: row((m) => m.mean) },
        { name: words.low, colour: '#7c8db5', values: row((m) => enoughFor(m, 0.05)), dashed: true },
      ]}
      write={(n) => n.toFixed(0)}
    />
    {#if then && chosen}
      <div class="no-print mt-6">
        <label class="block w-64"
          ><span class="block text-note text-quiet">{words.chancesFor}</span>
          <select class="select" value={chosen.id} onchange={(e) => (at = e.currentTarget.value)}
            >{#each ahead as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</select
          ></label
        >
      </div>
      <Chart
        title={words.howLikelyEachHeadCount(dayText(chosen.release, locale))}
        unit="%"
        type="bar"
        labels={then.chances.map((_, i) => String(then.from + i))}
        series={[{ name: words.chance, colour: '#d9b90f', values: then.chances.map((c) => c * 100) }]}
      />
    {/if}
    {#if advice.length > 0}
      <section class="mt-8" aria-label={words.whatToBuyNow}>
        <h2 class="text-head">{words.whatToBuyNowTo(dayText(chosen?.release, locale))}</h2>
        <div class="overflow-x-auto print:overflow-visible">
          <table class="mt-2 w-full">
            <thead
              ><tr class="border-b-2 border-ink"
                ><th class="py-1">{words.fabric}</th><th>{words.for}</th><th class="no-print">{words.stillAvailableLater}</th
                ><th class="text-right">{words.kitsToPlanFor}</th><th class="text-right">{words.fabricNeeded}</th><th
                  class="text-right">{words.inStock2}</th
                ><th class="text-right">{words.buyNow}</th><th class="text-right">{words.chanceItIsEnough}</th><th
                  class="text-right">{words.likelyLeftOver}</th
                ></tr
              ></thead
            >
            <tbody>
              {#each advice as a (a.fabric.id + a.colourway.id)}
                <tr class="border-b border-rule" data-advice={a.fabric.id}>
                  <td class="py-1.5 pr-3"
                    ><span
                      class="cloth mr-2 inline-block h-4 w-4 align-[-0.15em]"
                      style:background={a.fabric.colour}
                      aria-hidden="true"
                    ></span>{a.fabric.name}</td
                  >
                  <td class="pr-3">{a.colourway.name}</td>
                  <td class="no-print pr-3"
                    ><select
                      class="select w-auto"
                      aria-label={words.isStillAvailableLater(a.fabric.name)}
                      value={a.fabric.gone === undefined ? '' : String(a.fabric.gone)}
                      onchange={(e) => setGone(a.fabric.id, e.currentTarget.value)}
                      ><option value="">{words.notKnown}</option>{#each GONE as [value, says] (value)}<option
                          value={String(value)}>{says}</option
                        >{/each}</select
                    ></td
                  >
                  <td class="numeral pr-3 text-right">{a.buy.now}</td>
                  <td class="numeral pr-3 text-right">{a.wanted.toFixed(1)}</td>
                  <td class="numeral pr-3 text-right">{a.hand.toFixed(1)}</td>
                  <td class="numeral pr-3 text-right">{a.lacking > 0 ? `${up(a.lacking)} ${yard}` : words.nothing}</td>
                  <td class="pr-3 text-right">{percent(a.buy.enough)}</td>
                  <td class="text-right">{words.kits(a.buy.over.toFixed(1))}</td>
                </tr>
              {/each}
            </tbody>
          </table>
        </div>
        <p class="mt-2 max-w-prose text-note text-quiet">
          {words.coversTheMonthsStillTo}
        </p>
      </section>
    {/if}
  {/if}
  {#snippet side()}
    <section class="mt-4" aria-label={words.basedOn}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.basedOn}</h2>
      <dl>
        {#each [[words.participantsNow, String(people)], [words.leftSinceTheFirstRelease, String(seen.left)], [words.joinedLate, String(seen.joined)], [words.monthsOfHistory, seen.peopleMonths.toFixed(0)]] as [name, value] (name)}
          <div class="flex items-baseline border-b border-rule py-1.5">
            <dt class="mr-auto">{name}</dt>
            <dd class="numeral text-lead">{value}</dd>
          </div>
        {/each}
      </dl>
      <p class="mt-2 text-note text-quiet">
        {words.untilThereIsEnoughHistory}
      </p>
    </section>
  {/snippet}
</YearFrame>

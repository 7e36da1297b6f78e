<!-- Forecast: how many will still take part, by the programme's own leavers and late joiners, and what cloth to buy now. -->
<script lang="ts">
  import { page } from '$app/state';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { dayText } from '$lib/look/day-text';
  import Chart from '$lib/look/Chart.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { clothToBuy, daysBetween, enoughFor, forecast, seenSince } from '@aggrega/core/running';
  import { onDestroy, untrack } from 'svelte';

  let { data } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const today = $derived(page.data.today as string);
  const locale = $derived(page.data.locale as string);
  const asker = new YearAsker<'figures'>();
  onDestroy(() => asker.close());
  const heads = $derived(Object.fromEntries(programme.colourways.map((c) => [c.id, bench.enrolled(c)])));
  $effect(() => {
    const question = { kind: 'figures' as const, people: heads };
    const document = bench.saver.document;
    untrack(() => asker.ask(document, question));
  });
  const first = $derived(programme.months.find((m) => m.release)?.release ?? '');
  const seen = $derived(seenSince(data.people, first, today));
  const people = $derived(Object.values(heads).reduce((a, b) => a + b, 0));
  const ahead = $derived(programme.months.filter((m) => m.release && m.release > today));
  const monthsTo = (day: string) => Math.max(1, Math.round(daysBetween(today, day) / 30.4375));
  const longest = $derived(Math.max(1, ...ahead.map((m) => monthsTo(m.release!))));
  const all = $derived(people > 0 ? forecast(people, seen, Math.min(24, longest)) : []);
  let at = $state('');
  const chosen = $derived(ahead.find((m) => m.id === at) ?? ahead.at(-1));
  const then = $derived(chosen && all[monthsTo(chosen.release!) - 1]);
  const names = $derived(ahead.map((m) => m.name));
  const row = (of: (m: (typeof all)[number]) => number) => ahead.map((m) => of(all[monthsTo(m.release!) - 1]!));

  /** A fabric of which a kit too few would have to be told to somebody, and one too many be sold as a remainder. */
  const GONE = [
    [0.05, 'yes'],
    [0.3, 'perhaps'],
    [0.7, 'unlikely'],
    [1, 'last of it'],
  ] as const;
  const yard = $derived(programme.unit === 'in' ? 'yd' : 'm');
  const advice = $derived.by(() => {
    if (!asker.answer || !chosen || people === 0) return [];
    const left = new Set(ahead.map((m) => m.id));
    // Fabric is bought with the month that starts its packet.
    const cloth: Record<string, Record<string, number>> = {};
    for (const packet of asker.answer.packets.filter((p) => left.has(p.id)))
      for (const [colourway, lengths] of Object.entries(packet.cloth))
        for (const [id, length] of Object.entries(lengths))
          (cloth[colourway] ??= {})[id] = (cloth[colourway]?.[id] ?? 0) + length;
    const months = Math.min(24, monthsTo(chosen.release!));
    return clothToBuy(programme, { seen, people: heads, cloth, releases: ahead.length, ahead: months });
  });
  /** Lengths to buy are rounded up, to a tenth. */
  const up = (n: number) => (Math.ceil(n * 10 - 1e-9) / 10).toFixed(1);
  const percent = (n: number) => `${Math.round(n * 100)}%`;
  function setGone(id: string, text: string) {
    const from = bench.saver.document.fabrics?.find((f) => f.id === id)?.gone;
    bench.saver.do(`${id}, still available later`, [
      { path: `/fabrics/${id}/gone`, from, to: text === '' ? undefined : Number(text) },
    ]);
  }
</script>

<YearFrame name="Forecast" about="How many will still take part, and what to buy for them now" colourways={false}>
  <Working progress={asker.progress} what="Working out the fabric" />
  {#if people === 0 || ahead.length === 0}
    <p class="mt-8 max-w-prose text-lead">
      {people === 0
        ? 'No participants yet, so there is nothing to forecast.'
        : 'No releases ahead. Set release dates under Calendar.'}
    </p>
  {:else}
    <Chart
      title="People who take part, month by month"
      unit="people"
      type="line"
      labels={names}
      series={[
        { name: 'high (95%)', colour: '#7c8db5', values: row((m) => enoughFor(m, 0.95)), dashed: true },
        { name: 'average', colour: '#3f6fb5', values: row((m) => m.mean) },
        { name: 'low (5%)', colour: '#7c8db5', values: row((m) => enoughFor(m, 0.05)), dashed: true },
      ]}
      write={(n) => n.toFixed(0)}
    />
    {#if then && chosen}
      <div class="no-print mt-6">
        <label class="block w-64"
          ><span class="block text-note text-quiet">Chances for</span>
          <select class="field" value={chosen.id} onchange={(e) => (at = e.currentTarget.value)}
            >{#each ahead as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</select
          ></label
        >
      </div>
      <Chart
        title="How likely each head count is, {dayText(chosen.release, locale)}"
        unit="%"
        type="bar"
        labels={then.chances.map((_, i) => String(then.from + i))}
        series={[{ name: 'chance', colour: '#d9b90f', values: then.chances.map((c) => c * 100) }]}
      />
    {/if}
    {#if advice.length > 0}
      <section class="mt-8" aria-label="What to buy now">
        <h2 class="text-head">What to buy now, to last until {dayText(chosen?.release, locale)}</h2>
        <table class="mt-2 w-full">
          <thead
            ><tr class="border-b-2 border-ink"
              ><th class="py-1">Fabric</th><th>For</th><th class="no-print">Still available later?</th><th class="text-right"
                >Kits to plan for</th
              ><th class="text-right">Fabric needed</th><th class="text-right">In stock</th><th class="text-right">Buy now</th
              ><th class="text-right">Chance it is enough</th><th class="text-right">Likely left over</th></tr
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
                    class="field w-auto"
                    aria-label="Is {a.fabric.name} still available later?"
                    value={a.fabric.gone === undefined ? '' : String(a.fabric.gone)}
                    onchange={(e) => setGone(a.fabric.id, e.currentTarget.value)}
                    ><option value="">not known</option>{#each GONE as [value, says] (value)}<option value={String(value)}
                        >{says}</option
                      >{/each}</select
                  ></td
                >
                <td class="numeral pr-3 text-right">{a.buy.now}</td>
                <td class="numeral pr-3 text-right">{a.wanted.toFixed(1)}</td>
                <td class="numeral pr-3 text-right">{a.hand.toFixed(1)}</td>
                <td class="numeral pr-3 text-right">{a.lacking > 0 ? `${up(a.lacking)} ${yard}` : 'nothing'}</td>
                <td class="pr-3 text-right">{percent(a.buy.enough)}</td>
                <td class="text-right">{a.buy.over.toFixed(1)} kits</td>
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="mt-2 max-w-prose text-note text-quiet">
          Covers the months still to come; ‘in stock’ includes what is on order. If a print may sell out, we suggest buying more
          now, because running short costs more than having some over. Lead times are under Stock & orders.
        </p>
      </section>
    {/if}
  {/if}
  {#snippet side()}
    <section class="mt-4" aria-label="Based on">
      <h2 class="border-b border-ink pb-1 text-lead">Based on</h2>
      <dl>
        {#each [['Participants now', String(people)], ['Left since the first release', String(seen.left)], ['Joined late', String(seen.joined)], ['Months of history', seen.peopleMonths.toFixed(0)]] as [name, value] (name)}
          <div class="flex items-baseline border-b border-rule py-1.5">
            <dt class="mr-auto">{name}</dt>
            <dd class="numeral text-lead">{value}</dd>
          </div>
        {/each}
      </dl>
      <p class="mt-2 text-note text-quiet">
        Until there is enough history we assume that 1.5% leave each month and 1 in 50 joins late. A year of your own figures
        replaces this.
      </p>
    </section>
  {/snippet}
</YearFrame>

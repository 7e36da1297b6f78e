<!-- Money: what kits cost as they are cut, what comes in, and from how many people on the year pays for itself. -->
<script lang="ts">
  import MoneyForm from '$lib/money/MoneyForm.svelte';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import Chart from '$lib/look/Chart.svelte';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { monthCosts, yearMoney } from '@aggrega/core/running';
  import { onDestroy, untrack } from 'svelte';

  let { data } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const asker = new YearAsker<'figures'>();
  onDestroy(() => asker.close());
  const heads = $derived(Object.fromEntries(programme.colourways.map((c) => [c.id, bench.people(c)])));
  $effect(() => {
    const question = { kind: 'figures' as const, people: heads };
    const document = bench.saver.document;
    untrack(() => asker.ask(document, question));
  });
  const costs = $derived(
    monthCosts(
      (asker.answer?.packets ?? []).map(({ months, ...p }) => ({
        ...p,
        months: months.flatMap((id) => programme.months.find((m) => m.id === id) ?? []),
      })),
      data.pace,
    ),
  );
  const year = $derived(yearMoney(programme, costs, { posted: data.posted }));
  const money = (n: number | undefined) =>
    n === undefined
      ? '–'
      : programme.currency
        ? n.toLocaleString(page.data.locale, { style: 'currency', currency: programme.currency })
        : n.toLocaleString(page.data.locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 });
  const names = $derived(year.months.map((m) => m.month.name));
  const priced = $derived(year.cost !== undefined);
  const unpriced = $derived((asker.answer?.fabrics ?? []).filter((f) => !f.priced).map((f) => f.name));
</script>

<YearFrame name="Money" about="The year’s money, for {year.people} people and {year.kits} kits a packet" colourways={false}>
  <Working progress={asker.progress} what="Working out the cloth" />
  {#if asker.answer && costs.length === 0}
    <p class="mt-8 max-w-prose text-lead">No month is drawn yet, so nothing costs anything.</p>
  {:else if asker.answer}
    {#if unpriced.length > 0}
      <p class="mt-4 max-w-prose border-l-4 border-weld pl-4">
        Without a price of {unpriced.slice(0, 4).join(', ')}{unpriced.length > 4 ? ` and ${unpriced.length - 4} more` : ''} the cost
        is not known. Prices stand at
        <a class="plain" href="/programmes/{bench.slug}/fabrics">Fabrics</a>.
      </p>
    {/if}
    <dl class="mt-5 grid grid-cols-3 gap-x-8 border-t-2 border-ink max-[700px]:grid-cols-1">
      {#each [['A kit costs, on average', money(year.perKit)], ['What remains of the year', money(year.margin)], ['It pays from', year.breakEven === undefined ? '–' : `${year.breakEven} people`], ['All kits cost', money(year.cost)], ['Comes in, without tax', money(year.income)], ['Spares and demo sets cost', money(year.unsold)]] as [name, value] (name)}
        <div class="border-b border-rule py-2" data-sum={name}>
          <dt class="text-note text-quiet">{name}</dt>
          <dd class="numeral text-head">{value}</dd>
        </div>
      {/each}
    </dl>
    {#if priced}
      <Chart
        title="What a month costs, and what comes in"
        unit={programme.currency ?? 'money'}
        type="bar"
        labels={names}
        series={[
          { name: 'cost', colour: '#6b5848', values: year.months.map((m) => m.cost) },
          { name: 'comes in', colour: '#7c8db5', values: year.months.map((m) => m.income) },
        ]}
        write={(n) => n.toFixed(2)}
      />
    {/if}
    <table class="mt-6 w-full">
      <thead
        ><tr class="border-b-2 border-ink"
          ><th class="py-1">Month</th
          >{#each ['Fabric', 'Print and bags', 'Postage', 'Hours', 'Costs', 'Comes in', 'Remains'] as h (h)}<th
              class="text-right">{h}</th
            >{/each}</tr
        ></thead
      >
      <tbody>
        {#each year.months as m (m.month.id)}
          <tr class="border-b border-rule" data-money={m.month.id}>
            <td class="py-1.5 pr-3">{m.month.name}</td>
            {#each [m.cloth, m.paper, m.postage, m.labour, m.cost, m.income, m.margin] as value, i (i)}
              <td
                class="tabular pl-3 text-right whitespace-nowrap {i > 3 ? 'font-semibold' : ''} {value !== undefined &&
                value < 0
                  ? 'text-madder'
                  : ''}">{money(value)}</td
              >
            {/each}
          </tr>
        {/each}
        {#if year.fixed > 0}
          <tr class="border-b border-rule"
            ><td class="py-1.5">Fixed</td><td colspan="4"></td><td class="tabular text-right font-semibold"
              >{money(year.fixed)}</td
            ><td colspan="2"></td></tr
          >
        {/if}
      </tbody>
    </table>
    <p class="mt-2 max-w-prose text-note text-quiet">
      Fabric is what is cut for everybody and bought for it: quilt tops, backing, spares, demo sets and step-outs, with the
      month that starts its packet. <a class="plain" href="/programmes/{bench.slug}/bolts">Bolts</a> takes off what is in stock
      and adds what whole bolts leave over. {data.loose > 0 ? `${data.loose} kits are made and nobody’s just now.` : ''}
    </p>
  {/if}
  {#snippet side()}
    <MoneyForm />
    <div class="mt-6"><PaperChoice what="Print the money" /></div>
  {/snippet}
</YearFrame>

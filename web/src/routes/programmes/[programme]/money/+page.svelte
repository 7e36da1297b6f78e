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
  <Working progress={asker.progress} what="Working out the fabric" />
  {#if asker.answer && costs.length === 0}
    <p class="mt-8 max-w-prose text-lead">There is nothing to cost yet. Draw a block first.</p>
  {:else if asker.answer}
    {#if unpriced.length > 0}
      <p class="mt-4 max-w-prose border-l-4 border-weld pl-4">
        Add a price for {unpriced.slice(0, 4).join(', ')}{unpriced.length > 4 ? ` and ${unpriced.length - 4} more` : ''} (under
        <a class="plain" href="/programmes/{bench.slug}/fabrics">Fabrics</a>) to see the cost.
      </p>
    {/if}
    <dl class="mt-5 grid grid-cols-3 gap-x-8 border-t-2 border-ink max-[700px]:grid-cols-1">
      {#each [['Average cost of a kit', money(year.perKit)], ['Profit for the year', money(year.margin)], ['Breaks even at', year.breakEven === undefined ? '–' : `${year.breakEven} people`], ['Cost of all kits', money(year.cost)], ['Income before tax', money(year.income)], ['Cost of spares and demo sets', money(year.unsold)]] as [name, value] (name)}
        <div class="border-b border-rule py-2" data-sum={name}>
          <dt class="text-note text-quiet">{name}</dt>
          <dd class="numeral text-head">{value}</dd>
        </div>
      {/each}
    </dl>
    {#if priced}
      <Chart
        title="Cost and income by month"
        unit={programme.currency ?? 'money'}
        type="bar"
        labels={names}
        series={[
          { name: 'cost', colour: '#6b5848', values: year.months.map((m) => m.cost) },
          { name: 'income', colour: '#7c8db5', values: year.months.map((m) => m.income) },
        ]}
        write={(n) => n.toFixed(2)}
      />
    {/if}
    <table class="mt-6 w-full">
      <thead
        ><tr class="border-b-2 border-ink"
          ><th class="py-1">Month</th
          >{#each ['Fabric', 'Print and bags', 'Postage', 'Hours', 'Cost', 'Income', 'Profit'] as h (h)}<th class="text-right"
              >{h}</th
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
      Fabric cost includes waste, spares, demo sets and step-outs, in the month that starts the packet; per kit it rises a
      little when fewer take part. <a class="plain" href="/programmes/{bench.slug}/bolts">Stock & orders</a> takes off what is
      in stock and adds what is left on whole bolts. {data.loose > 0 ? `${data.loose} kits are unassigned.` : ''}
    </p>
  {/if}
  {#snippet side()}
    <MoneyForm />
    <div class="mt-6"><PaperChoice what="Print the money" /></div>
  {/snippet}
</YearFrame>

<!-- Money: what kits cost as they are cut, what comes in, and from how many people on the year pays for itself. -->
<script lang="ts">
  import { words } from './words';
  import MoneyForm from './MoneyForm.svelte';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { figuresQuestion } from '$lib/plan/year-questions';
  import Chart from '$lib/look/Chart.svelte';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { monthCosts, yearMoney } from '@aggrega/core/running';
  import { onDestroy, untrack } from 'svelte';

  let { data }: { data: { posted: number; loose: number; pace: number; figures?: Ready<'figures'> } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const asker = new YearAsker<'figures'>(untrack(() => data.figures));
  onDestroy(() => asker.close());
  $effect(() => {
    const question = figuresQuestion(programme, bench.tried);
    untrack(() => asker.ask(bench, question));
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

<YearFrame about={words.theYearsMoneyForPeople(year.people, year.kits)} colourways={false}>
  <Working progress={asker.progress} what={words.workingOutTheFabric} />
  {#if asker.answer && costs.length === 0}
    <p class="mt-8 max-w-prose text-lead">{words.thereIsNothingToCost}</p>
  {:else if asker.answer}
    {#if unpriced.length > 0}
      <p class="mt-4 max-w-prose border-l-4 border-weld pl-4">
        {words.addAPriceForUnder(
          unpriced.slice(0, 4).join(', '),
          unpriced.length > 4 ? words.andMore(unpriced.length - 4) : '',
        )}
        <a class="link" href="/programmes/{bench.slug}/fabrics">{words.fabrics}</a>{words.toSeeTheCost}
      </p>
    {/if}
    <dl class="mt-5 grid grid-cols-3 gap-x-8 border-t-2 border-ink max-[43.75rem]:grid-cols-1">
      {#each [[words.averageCostOfAKit, money(year.perKit)], [words.profitForTheYear, money(year.margin)], [words.breaksEvenAt, year.breakEven === undefined ? '–' : words.people(year.breakEven)], [words.costOfAllKits, money(year.cost)], [words.incomeBeforeTax, money(year.income)], [words.costOfSparesAndDemo, money(year.unsold)]] as [name, value] (name)}
        <div class="border-b border-rule py-2" data-sum={name}>
          <dt class="text-note text-quiet">{name}</dt>
          <dd class="numeral text-head">{value}</dd>
        </div>
      {/each}
    </dl>
    {#if priced}
      <Chart
        title={words.costAndIncomeByMonth}
        unit={programme.currency ?? words.anyMoney}
        type="bar"
        labels={names}
        series={[
          { name: words.costs, colour: '#6b5848', values: year.months.map((m) => m.cost) },
          { name: words.incomes, colour: '#7c8db5', values: year.months.map((m) => m.income) },
        ]}
        write={(n) => n.toFixed(2)}
      />
    {/if}
    <div class="overflow-x-auto print:overflow-visible">
      <table class="mt-6 w-full">
        <thead
          ><tr class="border-b-2 border-ink"
            ><th class="py-1">{words.month}</th
            >{#each [words.fabric, words.printAndBags, words.postage, words.hours, words.cost, words.income, words.profit] as h (h)}<th
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
              ><td class="py-1.5">{words.fixed}</td><td colspan="4"></td><td class="tabular text-right font-semibold"
                >{money(year.fixed)}</td
              ><td colspan="2"></td></tr
            >
          {/if}
        </tbody>
      </table>
    </div>
    <p class="mt-2 max-w-prose text-note text-quiet">
      {words.fabricCostIncludesWasteSpares} <a class="link" href="/programmes/{bench.slug}/bolts">{words.stockOrders}</a>
      {words.takesOffWhatIsIn(data.loose > 0 ? words.kitsAreUnassigned(data.loose) : '')}
    </p>
  {/if}
  {#snippet side()}
    <MoneyForm />
    <div class="mt-6"><PaperChoice what={words.printTheMoney} /></div>
  {/snippet}
</YearFrame>

<script lang="ts">
  import { words } from './words';
  import { dayText } from '$lib/look/day-text';
  import { handsOut, newOrder } from '@aggrega/core/programme';
  import { page } from '$app/state';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { packetsAhead, stockQuestion } from '$lib/plan/year-questions';
  import BoltBar from './BoltBar.svelte';
  import OrderDesk from './OrderDesk.svelte';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import Say from '$lib/look/Say.svelte';
  import ShelfForm from './ShelfForm.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { onDestroy, untrack } from 'svelte';

  let { data }: { data: { stock?: Ready<'stock'> } } = $props();
  const bench = useWorkbench();
  const asker = new YearAsker<'stock'>(untrack(() => data.stock));
  onDestroy(() => asker.close());
  const { programme } = $derived(bench);
  const { unit } = $derived(programme);
  const packets = $derived(
    programme.kits.packets.map((months, i) => ({ i, months, drawn: months.some((m) => handsOut(programme, m)) })),
  );
  const today = $derived(page.data.today as string);
  /** Packets that are left out; those that were handed out long ago are, until somebody says otherwise. */
  let chosen: Record<number, boolean> = $state({});
  const ahead = $derived(packetsAhead(programme, today));
  const isChosen = (i: number) => chosen[i] ?? ahead.includes(i);
  const wanted = $derived(packets.filter((p) => p.drawn && isChosen(p.i)).map((p) => p.i));
  const tried = $derived(programme.colourways.filter((c) => bench.people(c) !== bench.enrolled(c)));
  $effect(() => {
    const question = stockQuestion(programme, wanted, bench.tried);
    untrack(() => asker.ask(bench, question));
  });
  const fabrics = $derived(asker.answer ?? []);
  const orders = $derived(fabrics.filter((f) => f.order));
  const suppliers = $derived([...new Set(orders.map((f) => f.supplier))].sort());
  const longest = $derived(Math.max(unit === 'in' ? 36 : 100, ...fabrics.flatMap((f) => f.bolts.map((b) => b.long))));
  const money = $derived(
    new Intl.NumberFormat(
      page.data.locale,
      programme.currency ? { style: 'currency', currency: programme.currency } : { minimumFractionDigits: 2 },
    ),
  );
  const shortDate = (iso: string) => dayText(iso, page.data.locale, 'short');
  let ordering = $state('');
  let trouble = $state('');
  /** Handed in first, then written down with the day that is promised, as one deed. */
  async function order(supplier: string) {
    ordering = supplier;
    trouble = '';
    const lines = orders.filter((f) => f.supplier === supplier).map((f) => ({ fabric: f.id, ...f.order!.amount }));
    const made = newOrder(bench.saver.document, supplier, today, lines);
    try {
      const answer = await fetch(`/api/programmes/${bench.slug}/desk`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(made),
      });
      const told = (await answer.json()) as { due?: string; message?: string };
      if (told.due) bench.saver.do(words.orderedOf(supplier), [{ path: `/orders/${made.id}`, to: { ...made, due: told.due } }]);
      else trouble = words.didNotTakeTheOrder(supplier, told.message);
    } catch {
      trouble = words.weCantReachNothingWas(supplier);
    }
    ordering = '';
  }
  const csv = $derived(
    `bolts/order.csv?packets=${wanted.map((i) => i + 1).join(',')}${tried.map((c) => `&people.${c.id}=${bench.people(c)}`).join('')}`,
  );
</script>

<YearFrame colourways={false} about={words.whatIsInStockHow}>
  <Working progress={asker.progress} what={words.layingTheLengthsOnThe} />
  {#if asker.problems.length > 0}
    <Problems problems={asker.problems} document={bench.saver.document} title={words.theBoltsCantBePlanned} />
  {/if}
  {#if tried.length > 0}
    <p class="mt-3 border-l-4 border-weld bg-edge px-4 py-2">
      {words.trying(tried.map((c) => words.peopleInEnrolled(bench.people(c), c.name, bench.enrolled(c))).join('; '))}
    </p>
  {/if}

  {#if asker.answer}
    <section class="mt-5" aria-label={words.toOrder}>
      <h2 class="border-b-2 border-ink pb-1 text-head">{words.toOrder}</h2>
      {#if orders.length === 0}
        <p class="mt-2 text-lead">
          {wanted.length === 0 ? words.chooseThePacketsStillTo : words.nothingToOrderItsAll}
        </p>
      {/if}
      {#each suppliers as supplier (supplier)}
        <div class="mt-3 flex flex-wrap items-center justify-between gap-3">
          <h3>{supplier || words.noSupplierGiven}</h3>
          {#if supplier}<button
              class="btn no-print"
              disabled={tried.length > 0 || ordering !== ''}
              title={tried.length > 0 ? words.youAreOnlyTryingThis : undefined}
              onclick={() => void order(supplier)}>{words.orderFrom(supplier)}</button
            >{/if}
        </div>
        <table class="w-full table-fixed">
          <tbody>
            {#each orders.filter((f) => f.supplier === supplier) as f (f.id)}
              <tr class="border-b border-rule align-top" data-order={f.id}>
                <td class="w-9 py-1.5"
                  ><span class="cloth inline-block h-6 w-6" style:background={f.colour} aria-hidden="true"></span></td
                >
                <td class="w-[38%] py-1.5">{f.name} <span class="text-quiet">{f.sku}</span></td>
                <td class="numeral py-1.5 text-right text-lead"><Say text={f.order!.ask} /></td>
                <td class="py-1.5 pl-4 text-right"
                  >{f.order!.by ? words.orderBy(shortDate(f.order!.by)) : ''}{#if f.order!.by && f.order!.by < today}<span
                      class="block text-note text-madder">{words.alreadyLateDaysLeadTime(f.order!.leadDays)}</span
                    >{/if}</td
                >
                <td class="tabular py-1.5 pl-4 text-right">{f.order!.cost === undefined ? '' : money.format(f.order!.cost)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/each}
    </section>

    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
    <OrderDesk />

    {#each fabrics.filter((f) => f.bolts.length > 0) as f (f.id)}
      <section class="mt-6 break-inside-avoid" aria-label={f.name} data-bolts={f.id}>
        <h2 class="flex flex-wrap items-center gap-3 border-b border-ink pb-1 text-head">
          <span class="cloth inline-block h-7 w-7" style:background={f.colour} aria-hidden="true"></span>
          {f.name}
          <span class="font-sans text-body font-normal text-quiet"
            >{words.needs}
            <Say text={f.wanted} />{words.inStock}
            <Say text={f.shelf} />{#if f.coming}{words.onOrder} <Say text={f.coming} />{/if}</span
          >
        </h2>
        <div class="mt-1">
          {#each f.bolts as bolt (bolt.id)}<BoltBar {bolt} colour={f.colour} {unit} {longest} />{/each}
        </div>
        <p class="text-note text-quiet">
          {#if f.order}{words.fromTheOrder(f.order.kits.join('; '))}{/if}
          {f.proven ? words.bestPossibleLayout : words.searchStoppedEarlyThereMay}
        </p>
      </section>
    {/each}
  {/if}

  {#snippet side()}
    <fieldset class="mt-4">
      <legend class="w-full border-b border-ink pb-1 font-title text-lead font-bold">{words.packetsStillToBeCut}</legend>
      {#each packets as p (p.i)}
        <label class="flex cursor-pointer items-center gap-2 border-b border-rule py-1.5 {p.drawn ? '' : 'text-quiet'}">
          <input
            type="checkbox"
            class="h-5 w-5 accent-[var(--color-ink)]"
            disabled={!p.drawn}
            checked={p.drawn && isChosen(p.i)}
            onchange={(e) => (chosen[p.i] = e.currentTarget.checked)}
          />
          <span>{p.i + 1}. {p.months.map((m) => m.name).join(words.and)}{p.drawn ? '' : words.nothingToCut}</span>
        </label>
      {:else}<p class="mt-2 text-quiet">{words.thereAreNoMonthsYet}</p>{/each}
    </fieldset>
    <ShelfForm />
    <div class="mt-6"><PaperChoice what={words.printStockAndOrders} /></div>
    <p class="mt-3 text-note">{words.download} <a class="link" href={csv} download>{words.orderList}</a></p>
  {/snippet}
</YearFrame>

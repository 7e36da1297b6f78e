<!-- Orders: sent to a supplier, due, late or short, and booked into stock. -->
<script lang="ts">
  import { words } from './words';
  import { dayText } from '$lib/look/day-text';
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import {
    bookChanges,
    comingOf,
    orderState,
    lineWords,
    paperLines,
    type DeliveryFile,
    type Order,
    type OrderLine,
  } from '@aggrega/core/programme';
  import Say from '$lib/look/Say.svelte';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { orders } = $derived(programme);
  const today = $derived(page.data.today as string);
  /** The day on which the desk is looked at: a stand-in can be looked at ahead. */
  let day = $state(untrack(() => today));
  const states = $derived(orders.map((o) => orderState(o, day)).reverse());
  let papers: { order: string; delivery: DeliveryFile }[] = $state.raw([]);
  let trouble = $state('');
  const desk = `/api/programmes/${bench.slug}/desk`;
  const asked = $derived(orders.map((o) => `${o.id} ${o.due ?? ''}`).join());

  /** Papers that are not booked yet. */
  const open = $derived(
    papers.filter(({ order, delivery }) => !orders.find((o) => o.id === order)?.deliveries.some((d) => d.id === delivery.id)),
  );
  $effect(() => {
    void asked;
    const at = day;
    void fetch(`${desk}?day=${at}`)
      .then(async (answer) => {
        if (at !== day) return;
        if (answer.ok) papers = (await answer.json()) as typeof papers;
        trouble = answer.ok ? '' : words.weCouldntLoadTheDelivery;
      })
      .catch(() => (trouble = words.weCantReachTheServer));
  });
  const shortDate = (iso: string) => dayText(iso, page.data.locale, 'short');
  const book = (order: string, delivery: DeliveryFile) =>
    bench.saver.do(words.deliveryOfBooked(shortDate(delivery.date)), bookChanges(bench.saver.document, order, delivery));
  const close = ({ id }: Order, closed: boolean) =>
    bench.saver.do(closed ? words.orderClosed : words.orderOpenAgain, [
      {
        path: `/orders/${id}/closed`,
        from: bench.saver.document.orders?.find((o) => o.id === id)?.closed,
        to: closed || undefined,
      },
    ]);
  const all = (lines: readonly OrderLine[]) => lineWords(lines, programme.house).join('; ');
  /** What this order still owes is wanted; what came short is told with it. */
  const coming = $derived(programme.fabrics.some((f) => !comingOf(programme, f).length.equals(0)));
</script>

{#if orders.length > 0}
  <section class="mt-7" aria-label={words.ordered}>
    <div class="flex flex-wrap items-baseline justify-between gap-3 border-b-2 border-ink pb-1">
      <h2 class="text-head">{words.ordered}</h2>
      <label class="no-print flex items-center gap-2"
        ><span class="block text-note text-quiet">{words.showFor}</span>
        <input class="input w-auto" type="date" bind:value={day} required /></label
      >
    </div>
    {#if trouble}<p class="mt-2 text-madder" role="alert">{trouble}</p>{/if}
    {#each states as { order, waiting, late } (order.id)}
      <article class="border-b border-rule py-2" data-ordered={order.id}>
        <h3 class="text-body">
          {order.supplier}, {shortDate(order.placed)}
          <span class="font-sans font-normal text-quiet"
            >{#if waiting.length === 0}{order.closed ? words.closed : words.received}{:else if order.due}{words.due(
                shortDate(order.due),
              )}{:else}{words.notSentYet}{/if}</span
          >
          {#if late > 0}<span class="text-madder">{words.daysLate(late)}</span>{/if}
        </h3>
        <p class="text-note text-quiet"><Say text={all(order.lines)} /></p>
        {#if waiting.length > 0 && order.deliveries.length > 0}<p class="text-note">
            {words.stillToCome}
            <Say text={all(waiting)} />.
          </p>{/if}
        {#each open.filter((p) => p.order === order.id) as { delivery } (delivery.id)}
          <div
            class="mt-1 flex flex-wrap items-center gap-3 border-l-4 border-weld bg-edge px-3 py-1.5"
            data-paper={delivery.id}
          >
            <span class="min-w-0 flex-1"
              >{order.due && delivery.date > order.due ? words.lateOn : words.on}
              {shortDate(delivery.date)}: <Say text={all(paperLines(programme, delivery))} /></span
            >
            <button class="btn btn-primary" onclick={() => book(order.id, delivery)}>{words.addToStock}</button>
          </div>
        {/each}
        {#if waiting.length > 0 && order.deliveries.length > 0}
          <button class="link text-note" onclick={() => close(order, true)}>{words.closeOrderRestNotComing}</button>
        {:else if order.closed}<button class="link text-note" onclick={() => close(order, false)}>{words.openOrderAgain}</button
          >{/if}
      </article>
    {/each}
    {#if coming}<p class="mt-1 text-note text-quiet">
        {words.goodsOnOrderAreNot}
      </p>{/if}
  </section>
{/if}

<!-- The months as a list that can be changed: named, dated, moved, put in, copied, taken out. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import Follows from '$lib/look/Follows.svelte';
  import MonthLine from './MonthLine.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import {
    differenceWords,
    withMonth,
    withMonthCopied,
    withMonthsInOrder,
    withoutMonth,
    type MonthFile,
    type ProgrammeFile,
  } from '@aggrega/core/programme';
  import { releaseDays } from '@aggrega/core/running';
  import Plus from '@lucide/svelte/icons/plus';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const months = $derived(bench.saver.document.months ?? []);
  const started = $derived(new Set((page.data.releases as { month: string }[]).map((r) => r.month)));
  let open = $state(false);
  let trouble = $state('');
  let follows: Follows;
  /** Said aloud when something has moved. */
  let told = $state('');

  const become = (name: string, newer: ProgrammeFile) => (trouble = bench.become(name, newer));
  /** The day on which one month more would come out. */
  const last = $derived(releaseDays(programme.calendar, months.length + 1).at(-1)?.day);
  const nameOf = (m: MonthFile) => m.name ?? m.id;

  function add(at: number) {
    const name = at === months.length ? words.month(months.length + 1) : words.newMonth;
    become(words.added(name), withMonth(bench.saver.document, at, { name, last }));
  }
  function copy(m: MonthFile) {
    const name = words.copyOf(nameOf(m));
    become(words.added(name), withMonthCopied(bench.saver.document, m.id, { name, last }));
  }
  function move(m: MonthFile, to: number) {
    const order = months.map((o) => o.id).filter((id) => id !== m.id);
    order.splice(to, 0, m.id);
    become(words.moved(nameOf(m)), withMonthsInOrder(bench.saver.document, order));
    told = words.isNow(nameOf(m), to + 1);
  }
  function remove(m: MonthFile) {
    const newer = withoutMonth(bench.saver.document, m.id);
    follows.show({
      ...{ title: words.deleteMonth(nameOf(m)), does: words.deleteIt },
      lines: differenceWords(bench.saver.document, newer),
      ondo: () => become(words.deleted(nameOf(m)), newer),
    });
  }
  /** The first place that something can be moved to: what is proofed or out stays where it is. */
  const free = $derived(months.findLastIndex((m) => started.has(m.id)) + 1);
</script>

<Follows bind:this={follows} />
<div class="no-print mt-3">
  {#if open}
    <ol class="border-t border-ink" aria-label={words.changeTheMonths}>
      {#each months as month, i (month.id)}
        <MonthLine
          {month}
          number={i + 1}
          fixed={started.has(month.id)}
          up={!started.has(month.id) && i > free ? () => move(month, i - 1) : undefined}
          down={!started.has(month.id) && i < months.length - 1 ? () => move(month, i + 1) : undefined}
          onplace={(from, to) => {
            const moved = months.find((m) => m.id === from);
            if (moved && !started.has(from) && to >= free) move(moved, to);
          }}
          onafter={() => add(i + 1)}
          oncopy={() => copy(month)}
          onremove={started.has(month.id) ? undefined : () => remove(month)}
        />
      {/each}
    </ol>
    {#if started.size > 0}<p class="mt-2 text-note text-quiet">{words.proofedMonthsStay}</p>{/if}
  {/if}
  {#if trouble}<p class="mt-2 text-madder" role="alert">{words.thatCannotBe(trouble)}</p>{/if}
  <p class="sr-only" role="status">{told}</p>
  <p class="mt-3 flex flex-wrap items-center gap-2">
    <button class="btn" onclick={() => add(months.length)}><Plus size={17} /> {words.addAMonth}</button>
    {#if months.length > 0}
      <button class="btn" aria-expanded={open} onclick={() => (open = !open)}
        >{open ? words.done : words.changeTheMonths}</button
      >
    {/if}
  </p>
</div>

<!-- The next cutting evening, shared among the people who come: a list for each, and the button for when it is done. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import type { KitRow } from '$lib/server/db/kits';
  import Working from '$lib/look/Working.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { onDestroy, untrack } from 'svelte';
  import type { BoardRow } from './board';

  let { rows }: { rows: BoardRow[] } = $props();
  const bench = useWorkbench();
  const asker = new YearAsker<'evening'>();
  onDestroy(() => asker.close());
  let hands = $state(2);
  let open = $state(false);
  let told = $state('');
  const kits = $derived(
    rows.flatMap(({ month, colourway, size, toCut }) => toCut.map((own) => ({ month, colourway, size, ...own }))),
  );
  $effect(() => {
    if (!open) return;
    const question = { kind: 'evening' as const, kits: $state.snapshot(kits), hands };
    void bench.saver.document;
    untrack(() => asker.ask(bench, question));
  });
  const time = (minutes: number) => `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, '0')}`;

  /** Everybody of these sorts whose kit is planned has it cut now. */
  async function allCut() {
    told = '';
    const address = `/api/programmes/${bench.slug}/kits`;
    for (const month of new Set(kits.map((k) => k.month))) {
      const list = await fetch(`${address}?month=${encodeURIComponent(month)}`).catch(() => undefined);
      const all = list?.ok ? ((await list.json()) as KitRow[]) : [];
      const people = all.filter((k) => k.state === 'planned').map((k) => k.participant);
      if (people.length === 0) continue;
      const answer = await trySendOnce(address, { body: { deed: 'set', month, people, state: 'cut' } });
      if (!answer?.ok) told = words.weCantReachTheServer;
    }
    await invalidateAll();
  }
</script>

<section class={['mt-8', !open && 'no-print']} aria-label={words.theCuttingEvening}>
  <div class="flex flex-wrap items-end gap-3 border-b-2 border-ink pb-1">
    <h2 class="mr-auto text-head">{words.theCuttingEvening}</h2>
    <label class="no-print flex items-center gap-2"
      ><span class="text-note text-quiet">{words.peopleCutting}</span><input
        class="input w-20"
        type="number"
        min="1"
        max="12"
        bind:value={hands}
      /></label
    >
    {#if !open}<button class="btn btn-primary no-print" onclick={() => (open = true)}>{words.shareOutTheWork}</button>{/if}
  </div>
  {#if open}
    <Working progress={asker.progress} what={words.sharingOutTheWork} />
    {#each asker.problems as p (p.path + p.message)}<p class="mt-2 text-madder" role="alert">{p.message}.</p>{/each}
    <div class="mt-3 grid gap-x-8 gap-y-5 {hands > 1 ? 'grid-cols-2 max-[56.25rem]:grid-cols-1' : ''}">
      {#each asker.answer ?? [] as hand, i (i)}
        <article class="break-inside-avoid" data-hand={i + 1}>
          <h3 class="flex border-b border-ink pb-1 text-lead">
            <span class="mr-auto">{words.person(i + 1)}</span><span>{time(hand.minutes * (page.data.pace ?? 1))}</span>
          </h3>
          <ul>
            {#each hand.tasks as task, n (n)}
              <li class="flex items-start gap-3 border-b border-rule py-1.5">
                <input
                  type="checkbox"
                  class="mt-0.5 h-5 w-5 shrink-0 accent-ink"
                  aria-label={words.for(task.fabric, task.kits, task.colourway, task.months)}
                />
                <span class="cloth mt-0.5 h-5 w-5 shrink-0" style:background={task.colour} aria-hidden="true"></span>
                <span class="min-w-0 flex-1"
                  ><b>{task.fabric}</b>{words.cutsOffTheBolt(task.amount, task.strips)}<span class="block text-note text-quiet"
                    >{words.kitsOf(task.kits, task.colourway, task.months)}</span
                  ></span
                >
                <span class="tabular text-quiet">{words.min(Math.round(task.minutes))}</span>
              </li>
            {:else}<li class="py-1.5 text-quiet">{words.nothingLeftForThisPerson}</li>{/each}
          </ul>
        </article>
      {/each}
    </div>
    {#if asker.answer}
      <p class="no-print mt-4 flex flex-wrap items-center gap-3">
        <button class="btn btn-primary" onclick={() => void allCut()}>{words.markAllAsCut}</button>
        <button class="btn" onclick={() => window.print()}>{words.printTheLists}</button>
        {#if told}<span class="text-madder" role="alert">{told}</span>{/if}
      </p>
      <p class="mt-2 text-note text-quiet">
        {words.theseKitsOnlyWithoutSpares}
      </p>
    {/if}
  {/if}
</section>

<!-- A month's kits, person by person: cut, packed, handed over; spares; labels. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { page } from '$app/state';
  import { invalidateAll } from '$app/navigation';
  import Connection from './Connection.svelte';
  import KitSteps from './KitSteps.svelte';
  import { KitTicks } from './kit-ticks.svelte';
  import { kitStateNames, kitStates, packetName, sortName } from './kit-words';
  import type { KitCount, KitRow, KitState } from '$lib/server/db/kits';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { kitsBySize } from '@aggrega/core/programme';
  import Download from '@lucide/svelte/icons/download';
  import { onMount, untrack } from 'svelte';

  let { data }: { data: { rows: KitRow[]; later: boolean; loose: KitCount[] } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const month = $derived(page.params.month!);
  const first = $derived(programme.kits.packets.find((p) => p.some((m) => m.id === month))?.[0]?.id ?? month);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const ticks = $derived.by(() => {
    const query = `month=${encodeURIComponent(month)}`;
    return untrack(() => new KitTicks(bench.slug, query, data));
  });
  $effect(() => {
    const now = ticks;
    untrack(() => now.start());
    return () => now.close();
  });
  /** Rows that are shown at once; others are found by name. */
  const MOST = 80;
  let find = $state('');
  let trouble = $state('');
  const own = $derived(ticks.rows.filter((k) => k.colourway === colourway.id));
  const shown = $derived(own.filter((k) => k.name.toLowerCase().includes(find.trim().toLowerCase())));
  const count = (state: KitState) => own.filter((k) => k.state === state).length;
  const loose = $derived(data.loose.filter((l) => l.month === first && l.colourway === colourway.id));
  const looseOf = (size: string) => loose.filter((l) => l.size === size).reduce((n, l) => n + l.kits, 0);
  /** Spares and demo sets that the document asks for, by size. */
  const asked = $derived(
    kitsBySize(programme, colourway, bench.enrolled(colourway)).map(({ size, kits }) => {
      const people = own.filter((k) => k.size === (size?.id ?? '')).length;
      return { size: size?.id ?? '', name: size?.name ?? words.standardSize, spare: Math.max(0, kits - people) };
    }),
  );
  let ready = $state(false);
  onMount(() => (ready = true));

  async function deed(body: Record<string, unknown>) {
    trouble = '';
    const answer = await trySendOnce(`/api/programmes/${bench.slug}/kits`, { body });
    if (!answer?.ok) {
      const said = (await answer?.json().catch(() => undefined)) as { message?: string } | undefined;
      trouble = said?.message ?? words.weCantReachTheServerNothing;
    }
    await Promise.all([invalidateAll(), ticks.sync()]);
  }
  let printed = $state('');
  async function print() {
    printed = '';
    const answer = await fetch(`/api/programmes/${bench.slug}/kits/labels`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ month: first, colourway: colourway.id }),
    }).catch(() => undefined);
    const said = (await answer?.json().catch(() => undefined)) as { printed?: number; message?: string } | undefined;
    printed = answer?.ok ? words.labelsSentToThePrinter(said?.printed) : (said?.message ?? words.theLabelPrinterIsntAnswering);
  }
  const spare = (size: string, kits: number) => deed({ deed: 'loose', month: first, colourway: colourway.id, size, kits });
  const NEXT: Partial<Record<KitState, KitState>> = { planned: 'cut', cut: 'packed', packed: 'handed' };
  const move = (state: KitState) =>
    ticks.set(
      own.filter((k) => k.state === state),
      NEXT[state]!,
    );
</script>

<MonthFrame>
  {#if first !== month}
    <p class="mb-3 max-w-prose text-quiet">
      {words.itsFabricIsHandedOut(packetName(programme, first))}
    </p>
  {/if}
  {#if trouble}<p class="mb-3 text-madder" role="alert">{trouble}</p>{/if}
  {#if !ticks.ready}
    <p class="text-quiet">{words.loadingTheKits}</p>
  {:else if ticks.rows.length === 0}
    <p class="max-w-prose text-lead">
      {words.noKitsForThisMonth}
      <a class="link" href="/programmes/{bench.slug}/roster">{words.participants}</a>
      {words.getsOne}
    </p>
  {:else}
    <div class="flex flex-wrap items-end gap-x-6 gap-y-2">
      <ol class="flex" aria-label={words.kitsAtEachStage}>
        {#each kitStates as s (s)}
          <li class="border-t-4 px-3 pt-1 {count(s) > 0 ? 'border-ink' : 'border-rule text-quiet'}" data-count={s}>
            <span class="numeral text-head">{count(s)}</span> <span class="text-note">{kitStateNames[s]}</span>
            {#if s !== 'handed' && count(s) > 0}
              <button class="link block text-note" disabled={!ready} onclick={() => move(s)}
                >{words.markAllAs(s === 'planned' ? words.cut2 : s === 'cut' ? words.packed : words.handedOut)}</button
              >
            {/if}
          </li>
        {/each}
      </ol>
      <label class="no-print ml-auto block w-44"
        ><span class="text-note text-quiet">{words.name}</span><input class="input" type="search" bind:value={find} /></label
      >
    </div>
    <table class="mt-4 w-full">
      <thead
        ><tr class="border-b-2 border-ink"
          ><th class="py-1">{words.name}</th><th>{words.quilt}</th><th>{words.collectOrPost}</th><th>{words.progress}</th></tr
        ></thead
      >
      <tbody>
        {#each shown.slice(0, MOST) as kit (kit.participant)}
          <tr class="border-b border-rule" data-kit={kit.name}>
            <td class="py-1 pr-3 font-semibold">{kit.name}</td>
            <td class="pr-3">{sortName(programme, '', kit.size) || words.standardSize}</td>
            <td class="pr-3">{kit.handing === 'post' ? words.byPost : words.collected}</td>
            <td class="py-1"><KitSteps state={kit.state} name={kit.name} onset={(state) => ticks.set([kit], state)} /></td>
          </tr>
        {:else}
          <tr><td colspan="4" class="py-2 text-quiet">{words.noOneInByThat(colourway.name)}</td></tr>
        {/each}
      </tbody>
    </table>
    {#if shown.length > MOST}<p class="mt-2 text-note text-quiet">
        {words.moreSearchByNameTo(shown.length - MOST)}
      </p>{/if}
  {/if}
  {#snippet side()}
    <Connection {ticks} />
    <section class="mt-4" aria-label={words.spares}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.sparesAndDemoSets}</h2>
      {#each asked as { size, name, spare: wanted } (size)}
        <div class="flex items-center gap-2 border-b border-rule py-1.5" data-spare={size}>
          <span class="mr-auto">{name}</span>
          <button
            class="btn min-h-8 px-2"
            aria-label={words.oneSpareFewer(name)}
            disabled={looseOf(size) === 0}
            onclick={() => void spare(size, -1)}>−</button
          >
          <span class="numeral w-6 text-center">{looseOf(size)}</span>
          <button class="btn min-h-8 px-2" aria-label={words.oneSpareMore(name)} onclick={() => void spare(size, 1)}>+</button>
          <span class="w-16 text-right text-note text-quiet">{words.of(wanted)}</span>
        </div>
      {/each}
      {#if loose.length > 0 && count('planned') > 0}
        <p class="mt-2">
          <button class="btn" onclick={() => void deed({ deed: 'give', months: [first] })}
            >{words.assignThemToPeopleStill}</button
          >
        </p>
      {/if}
    </section>
    <section class="mt-6" aria-label={words.printAndDownload}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.printAndDownload}</h2>
      <p class="mt-2 flex flex-wrap gap-2">
        <a class="btn" href="kits/labels.pdf?colourway={colourway.id}" download><Download size={17} /> {words.labelsA4}</a>
        <a class="btn" href="kits/labels.pdf?colourway={colourway.id}&page=letter" download>{words.labelsUsLetter}</a>
        <a class="btn" href="kits/kits.csv" download>{words.csv}</a>
      </p>
      <p class="mt-2">
        <button class="btn" onclick={() => void print()}>{words.printLabels}</button>
        {#if printed}<span class="ml-1 text-note" role="status">{printed}</span>{/if}
      </p>
    </section>
    <p class="mt-6 flex flex-col gap-1">
      <a class="link" href="/programmes/{bench.slug}/pickup">{words.handingOut}</a>
      <a class="link" href="/programmes/{bench.slug}/kits?colourway={colourway.id}">{words.allKitsOfTheYear}</a>
    </p>
  {/snippet}
</MonthFrame>

<!-- The frame of a month's stations: header, tape and head count round the table, with room beside it. -->
<script lang="ts">
  import { words } from './words';
  import { monthTitle } from '@aggrega/core/programme';
  import { organises } from '$lib/look/role-name';
  import { page } from '$app/state';
  import { doubtsOf, kitsText } from './programme-view';
  import { dayText } from '$lib/look/day-text';
  import NewerDraft from './NewerDraft.svelte';
  import FirstSteps from './FirstSteps.svelte';
  import ColourwayTabs from './ColourwayTabs.svelte';
  import HeadCount from './HeadCount.svelte';
  import SaveNote from './SaveNote.svelte';
  import { MONTH, monthStation } from './stations';
  import Stations from './Stations.svelte';
  import Tools from './Tools.svelte';
  import { useWorkbench } from './workbench.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    /** The table. */
    children: Snippet;
    /** What explains it, under the head count. */
    side: Snippet;
    /** On a narrow screen the table comes right after the head count, and what explains it last. */
    tableFirst?: boolean;
  }
  let { children, side, tableFirst = false }: Props = $props();
  const bench = useWorkbench();
  const month = $derived(bench.month(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const station = $derived(monthStation(page.url.pathname));
  /** At which station a doubt of that rank is settled. */
  const SETTLED_AT: Record<string, string | undefined> = { draft: 'ruin', cut: 'waste' };
  const people = $derived(bench.people(colourway));
  const doubts = $derived(month ? doubtsOf(bench.programme, month, colourway) : []);
  const stations = $derived(
    MONTH.filter((s) => s.needs === 'look' || organises(page.data.who?.role)).map(({ id, name, path }) => ({
      ...{ id, name },
      open: doubts.filter((d) => d.rank === SETTLED_AT[id]).length,
      href: `/programmes/${bench.slug}/months/${page.params.month}${path}${page.url.search}`,
    })),
  );
  /** Where another colourway of the same page is. */
  const otherHref = (id: string) => `${page.url.pathname}?colourway=${id}`;

  function enrol() {
    const { participants } = bench.saver.document;
    // A document without head counts has one person everywhere; naming one colourway must not empty the others.
    const all = Object.fromEntries(bench.programme.participants);
    const change = participants
      ? { path: `/participants/${colourway.id}`, from: participants[colourway.id], to: people }
      : { path: '/participants', to: { ...all, [colourway.id]: people } };
    bench.saver.do(words.headCount2(colourway.name), [change]);
    bench.try(colourway, people);
  }
</script>

<svelte:head><title>{month?.name ?? words.monthNotFound} · {bench.programme.title}</title></svelte:head>

{#if !month}
  <main id="page" tabindex="-1" class="px-8 py-20">
    <h1 class="text-title">{words.thisMonthDoesntExistAny}</h1>
    <p class="mt-3">{words.pickAnotherFromTheStrip}</p>
  </main>
{:else}
  <div class="month-page" class:table-first={tableFirst}>
    <header class="no-print pt-4">
      <div class="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div class="mr-auto min-w-0 flex-1">
          <p class="truncate text-quiet">
            {bench.programme.title}{month.release ? words.releaseOn(dayText(month.release, page.data.locale)) : ''}
          </p>
          <h1 class="text-title">{monthTitle(month)}</h1>
        </div>
        <ColourwayTabs colourways={bench.programme.colourways} chosen={colourway.id} href={otherHref} />
      </div>
      <div class="mt-3"><Stations {stations} current={station} /></div>
      <FirstSteps />
    </header>
    <aside class="no-print" aria-label={words.headCountAndTools}>
      <div class="count">
        <div class="tools mb-1 flex items-center justify-between">
          <SaveNote saver={bench.saver} />
          <Tools saver={bench.saver} onkeys={() => (bench.keys = true)} />
        </div>
        <HeadCount
          {people}
          enrolled={bench.enrolled(colourway)}
          colourway={colourway.name}
          kits={kitsText(bench.programme, colourway, people)}
          onturn={(n) => bench.try(colourway, n)}
          onenrol={enrol}
          roster={page.data.rostered ? `/programmes/${bench.slug}/roster` : undefined}
        />
      </div>
      <div class="side mt-5">{@render side()}</div>
    </aside>
    <main id="page" tabindex="-1">
      {#if ['draft', 'sew', 'cut'].includes(station)}<NewerDraft month={month.id} />{/if}
      {@render children()}
    </main>
  </div>
{/if}

<style>
  /* The head count stays in reach: the column beside the table stands still while the table scrolls. */
  .month-page {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 17rem;
    grid-template-rows: auto 1fr;
    column-gap: 2.25rem;
    padding: 0 1.75rem 2rem;
    min-width: 0;
    max-width: 92rem;
  }
  main {
    grid-row: 2;
    min-width: 0;
    padding-top: 1.25rem;
  }
  aside {
    grid-row: 1 / span 2;
    grid-column: 2;
    position: sticky;
    top: 0;
    align-self: start;
    max-height: 100vh;
    overflow-y: auto;
    /* Room for the focus ring, which the scrolling box would cut off. */
    margin: 0 -0.4rem;
    padding: 0.75rem 0.4rem 1.5rem;
  }
  @media (max-width: 60rem) {
    .month-page {
      display: flex;
      flex-direction: column;
      padding: 0 1rem 2rem;
    }
    aside {
      position: static;
      max-height: none;
      overflow: visible;
      display: grid;
      grid-template-columns: 17rem minmax(0, 1fr);
      column-gap: 2rem;
    }
    .count {
      min-width: min(17rem, 100%);
    }
    .table-first aside {
      display: contents;
    }
    .table-first .side {
      order: 1;
    }
  }
  @media (max-width: 40rem) {
    aside {
      display: block;
    }
  }
  @media print {
    .month-page {
      display: block;
      padding: 0;
      max-width: none;
    }
    main {
      padding: 0;
    }
  }
</style>

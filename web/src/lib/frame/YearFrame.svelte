<!-- The frame of what concerns the whole year: its title, and the way between its stations, or between those of the people. -->
<script lang="ts">
  import { organises } from '$lib/look/role-name';
  import { page } from '$app/state';
  import FirstSteps from './FirstSteps.svelte';
  import ColourwayTabs from './ColourwayTabs.svelte';
  import SaveNote from './SaveNote.svelte';
  import { PLAN, RUN, SIDES, programmeStation, stationName } from './stations';
  import Stations from './Stations.svelte';
  import Tools from './Tools.svelte';
  import { useWorkbench } from './workbench.svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    /** Said over the title. */
    about: string;
    /** Whether the page is about one colourway. */
    colourways?: boolean;
    /** The page holds a paper, which is printed alone. */
    paper?: boolean;
    children: Snippet;
    side: Snippet;
  }
  let { about, colourways = true, paper = false, children, side }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const current = $derived(programmeStation(page.url.pathname));
  const name = $derived(current === 'year' ? undefined : stationName(current));
  const running = $derived(RUN.some((s) => s.id === current));
  const stations = $derived(
    (running ? RUN : PLAN)
      .filter((s) => s.needs === 'look' || organises(page.data.who?.role))
      .map(({ id, name, path }) => ({
        ...{ id, name, open: 0 },
        href: `/programmes/${bench.slug}${path}?colourway=${colourway.id}`,
      })),
  );
</script>

<svelte:head><title>{name ? `${name} · ` : ''}{programme.title}</title></svelte:head>

<div
  class="grid max-w-[92rem] grid-cols-[minmax(0,1fr)_17rem] gap-x-9 px-7 pb-10 max-[40rem]:px-4 max-[60rem]:block print:block print:p-0"
>
  <main id="page" tabindex="-1">
    <header class="pt-4 {paper ? 'no-print' : ''}">
      <div class="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div class="mr-auto">
          <p class="text-quiet">{about}</p>
          <h1 class="text-title">{programme.title}</h1>
        </div>
        {#if colourways}
          <p class="hidden text-lead print:block">{colourway.name}</p>
          <div class="no-print">
            <ColourwayTabs colourways={programme.colourways} chosen={colourway.id} href={(id) => `?colourway=${id}`} />
          </div>
        {/if}
      </div>
      <div class="mt-3"><Stations {stations} {current} name={running ? SIDES.run : SIDES.plan} /></div>
    </header>
    {#if !paper}<FirstSteps />{/if}
    {@render children()}
  </main>
  <div class="no-print pt-4">
    <div class="flex items-center justify-between">
      <SaveNote saver={bench.saver} /><Tools saver={bench.saver} onkeys={() => (bench.keys = true)} />
    </div>
    {@render side()}
  </div>
</div>

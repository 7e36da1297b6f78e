<!-- The frame of a programme: the selvage, the keys, and the workbench that all stations share. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { organises } from '$lib/look/role-name';
  import { dominantColour } from './programme-view';
  import Keys from './Keys.svelte';
  import Meeting from './Meeting.svelte';
  import Selvage from './Selvage.svelte';
  import { MONTH, PLAN, RUN, monthStation, programmeStation, type Station } from './stations';
  import { Workbench, provideWorkbench } from './workbench.svelte';
  import type { MonthRelease } from '$lib/server/db/releases';
  import { monthTitle, type ProgrammeFile } from '@aggrega/core/programme';
  import { onMount, untrack, type Snippet } from 'svelte';

  interface Props {
    data: { slug: string; document: ProgrammeFile; revision: number; updated: Date };
    children: Snippet;
  }
  let { data, children }: Props = $props();
  const organiser = organises(page.data.who?.role);
  const bench = provideWorkbench(
    untrack(() => new Workbench(data.slug, data.document, data.revision, data.updated, !organiser)),
  );

  onMount(() => void bench.saver.resume());
  $effect(() => bench.saver.receive(data.document, data.revision, data.updated));

  const monthId = $derived(page.params.month);
  const station = $derived(monthStation(page.url.pathname));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const monthHref = (id: string, to: string) => `/programmes/${bench.slug}/months/${id}/${to}${page.url.search}`;
  /** The first of these stations that whoever looks may see. */
  const sideHref = (stations: readonly Station[]) =>
    `/programmes/${bench.slug}${stations.find((s) => organiser || s.needs === 'look')!.path}?colourway=${colourway.id}`;
  const stateOf = (id: string): MonthRelease['state'] | 'draft' =>
    (page.data.releases as MonthRelease[]).find((r) => r.month === id)?.state ?? 'draft';
  const dots = $derived(
    bench.programme.months.map((m, i) => ({
      id: m.id,
      number: i + 1,
      name: monthTitle(m),
      href: monthHref(m.id, station),
      colour: dominantColour(bench.programme, m, colourway),
      state: stateOf(m.id),
    })),
  );

  function onkeydown(e: KeyboardEvent) {
    const undo = (e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z';
    const typing =
      e.target instanceof HTMLElement && e.target.closest('input:not([type=radio]), select, textarea, dialog[open]');
    if (undo && !typing) {
      e.preventDefault();
      return e.shiftKey ? bench.saver.redo() : bench.saver.undo();
    }
    if (typing || e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.key === '?') bench.keys = true;
    else if (e.key === 'p') window.print();
    else if (e.key === 'c') nextColourway();
    else if (monthId && MONTH[Number(e.key) - 1]) void goto(monthHref(monthId, MONTH[Number(e.key) - 1]!.id));
    else if (e.key === '[' || e.key === ']') step(e.key === ']' ? 1 : -1);
    else if (['+', '=', '-', '_'].includes(e.key)) bench.try(colourway, Math.max(0, bench.people(colourway) + turns(e.key)));
    else return;
    e.preventDefault();
  }

  /** Shift makes '-' a '_' on many keyboards; '=' is '+' without it. */
  const turns = (key: string) => ({ '+': 1, '=': 1, '-': -1, _: -10 })[key] ?? 0;

  function step(by: number) {
    const { months } = bench.programme;
    const at = months.findIndex((m) => m.id === monthId);
    const to = months[at + by] ?? (at < 0 ? months[0] : undefined);
    if (to) void goto(monthHref(to.id, monthId ? station : 'draft'));
  }

  function nextColourway() {
    const all = bench.programme.colourways;
    const next = all[(all.indexOf(colourway) + 1) % all.length]!;
    void goto(`?colourway=${next.id}`, { noScroll: true, keepFocus: true });
  }
</script>

<svelte:window {onkeydown} onfocus={() => void bench.saver.refresh()} />

<div class="grid grid-cols-[auto_minmax(0,1fr)] print:block">
  <Selvage
    {dots}
    current={monthId}
    home="/"
    plan={sideHref(PLAN)}
    run={sideHref(RUN)}
    at={monthId ? undefined : RUN.some((s) => s.id === programmeStation(page.url.pathname)) ? 'run' : 'plan'}
  />
  {@render children()}
</div>
<Meeting saver={bench.saver} />
<Keys bind:open={bench.keys} />

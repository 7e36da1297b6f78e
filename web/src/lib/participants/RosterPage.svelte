<!-- The roster: who takes part, found, sorted, changed one by one or together; kits, plans and orders follow it. -->
<script lang="ts">
  import { words } from './words';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import BulkBar from './BulkBar.svelte';
  import NewPerson from './NewPerson.svelte';
  import PersonForm from './PersonForm.svelte';
  import RosterImport from './RosterImport.svelte';
  import RosterSide from './RosterSide.svelte';
  import RosterTable from './RosterTable.svelte';
  import { Roster } from './roster.svelte';
  import type { RosterSort } from '$lib/server/db/participants';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { rosterStates, stateNames, type Person } from '@aggrega/core/running';
  import Plus from '@lucide/svelte/icons/plus';
  import { SvelteSet } from 'svelte/reactivity';
  import { untrack } from 'svelte';
  import type { RosterPage as Found } from '$lib/server/participants/roster';

  let { data }: { data: { roster: Found } } = $props();
  const PAGE = 100;
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const roster = untrack(() => new Roster(bench.slug, () => void bench.saver.refresh()));
  untrack(() => (roster.page = data.roster));
  roster.ready = true;
  const asked = $derived(page.url.searchParams);
  const chosen = new SvelteSet<string>();
  let newPerson: NewPerson;
  let find = $state(untrack(() => page.url.searchParams.get('find') ?? ''));

  $effect(() => {
    const question = asked.toString();
    untrack(() => void roster.ask(question));
  });
  const sort = $derived((asked.get('sort') ?? 'name') as RosterSort);
  const down = $derived(asked.get('down') === '1');
  const at = $derived(Number(asked.get('page') ?? 0));
  const current = $derived(asked.get('person') ?? '');
  const inHand = $derived(roster.page.people.find((p) => p.id === current));
  const tally = (state: string) => roster.page.tally.filter((t) => t.state === state).reduce((n, t) => n + t.people, 0);
  const everybody = $derived(roster.page.tally.reduce((n, t) => n + t.people, 0));
  const kits = $derived([...programme.participants.values()].reduce((a, b) => a + b, 0));
  const free = $derived(programme.kits.most === undefined ? undefined : programme.kits.most - kits);
  const pages = $derived(Math.ceil(roster.page.found / PAGE));

  /** Goes to the same roster asked otherwise; a new question begins at its first page. */
  function ask(to: Record<string, string>, keep = false) {
    const next = new URLSearchParams(asked);
    if (!keep) next.delete('page');
    for (const [name, value] of Object.entries(to)) {
      if (value) next.set(name, value);
      else next.delete(name);
    }
    void goto(`?${next}`, { keepFocus: true, noScroll: true, replaceState: 'find' in to || 'person' in to });
  }
  const resort = (by: RosterSort) => ask({ sort: by, down: by === sort && !down ? '1' : '' });
  function choose(ids: string[], on: boolean) {
    for (const id of ids)
      if (on) chosen.add(id);
      else chosen.delete(id);
  }
  async function asTheyAre(): Promise<Person[]> {
    const known = roster.page.people.filter((p) => chosen.has(p.id));
    if (known.length === chosen.size) return known;
    const answer = await fetch(`${roster.address}/ids?${asked}`).catch(() => undefined);
    const { people } = answer?.ok ? ((await answer.json()) as { people: Person[] }) : { people: [] };
    return people.filter((p) => chosen.has(p.id));
  }
  async function chooseAll() {
    const answer = await fetch(`${roster.address}/ids?${asked}`).catch(() => undefined);
    if (answer?.ok)
      choose(
        ((await answer.json()) as { people: Person[] }).people.map((p) => p.id),
        true,
      );
  }
  function onkeydown(e: KeyboardEvent) {
    const typing =
      e.target instanceof HTMLElement && e.target.closest('input:not([type=checkbox]), select, textarea, dialog[open]');
    if (typing || e.altKey) return;
    // Undo here takes back what was done to the roster.
    if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z') {
      e.preventDefault();
      e.stopImmediatePropagation();
      void (e.shiftKey ? roster.redo() : roster.undo());
    } else if (e.ctrlKey || e.metaKey) return;
    else if (e.key === '/') {
      e.preventDefault();
      document.getElementById('find')?.focus();
    } else if (e.key === 'n') {
      e.preventDefault();
      newPerson.show();
    }
  }
</script>

<svelte:window onkeydowncapture={onkeydown} />

<YearFrame
  about={words.peopleKitsAMonth(everybody, kits, programme.kits.most === undefined ? '' : words.of(programme.kits.most))}
  colourways={false}
>
  {#if roster.trouble}<p class="mt-4 text-madder" role="alert">{roster.trouble}</p>{/if}
  {#each roster.faults.filter((f) => f.id !== current || !f.id) as f, i (i)}
    <p class="mt-2 text-madder" role="alert">{words.nothingWasChanged(f.name ? `${f.name}: ` : '', f.message)}</p>
  {/each}
  {#each roster.meetings as m, i (i)}
    <p class="mt-2 text-madder" role="alert">
      {words.someoneElseHasJustChanged(m.name || words.thisPerson, m.now || words.empty, m.wanted)}
    </p>
  {/each}
  {#if everybody === 0}
    <div class="mt-8 max-w-prose text-lead">
      <p>{words.noParticipantsYetAddPeople}</p>
      <p class="mt-3 text-body text-quiet">
        {words.untilYouAddSomeoneHead}
      </p>
    </div>
  {/if}
  <div class="no-print mt-4 flex flex-wrap items-end gap-2">
    <label class="block w-44"
      ><span class="block text-note text-quiet">{words.nameEmailOrNote}</span><input
        id="find"
        class="input"
        type="search"
        bind:value={find}
        oninput={() => ask({ find: find.trim() })}
      /></label
    >
    <label class="block"
      ><span class="block text-note text-quiet">{words.state2}</span>
      <select class="select w-auto" value={asked.get('state') ?? ''} onchange={(e) => ask({ state: e.currentTarget.value })}
        ><option value="">{words.all3(everybody)}</option>{#each rosterStates as s (s)}<option value={s}
            >{stateNames[s]} ({tally(s)})</option
          >{/each}</select
      ></label
    >
    <label class="block"
      ><span class="block text-note text-quiet">{words.colourway}</span>
      <select class="select w-auto" value={asked.get('in') ?? ''} onchange={(e) => ask({ in: e.currentTarget.value })}
        ><option value="">{words.all2}</option>{#each programme.colourways as c (c.id)}<option value={c.id}>{c.name}</option
          >{/each}</select
      ></label
    >
    {#if programme.sizes.length > 0}
      <label class="block"
        ><span class="block text-note text-quiet">{words.quilt2}</span>
        <select class="select w-auto" value={asked.get('size') ?? ''} onchange={(e) => ask({ size: e.currentTarget.value })}
          ><option value="">{words.all2}</option><option value="-">{words.standardSize}</option
          >{#each programme.sizes as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</select
        ></label
      >
    {/if}
    <label class="block"
      ><span class="block text-note text-quiet">{words.getsKitBy3}</span>
      <select class="select w-auto" value={asked.get('handing') ?? ''} onchange={(e) => ask({ handing: e.currentTarget.value })}
        ><option value="">{words.all2}</option><option value="pickup">{words.collection}</option><option value="post"
          >{words.post}</option
        ></select
      ></label
    >
    <button class="btn btn-primary ml-auto" onclick={() => newPerson.show()}><Plus size={17} /> {words.addAParticipant}</button>
  </div>
  <div class="mt-3">
    {#if chosen.size > 0}
      <BulkBar
        {roster}
        people={asTheyAre}
        count={chosen.size}
        found={roster.page.found}
        onall={() => void chooseAll()}
        onnone={() => chosen.clear()}
      />
    {/if}
    {#if roster.page.people.length > 0}
      <RosterTable
        people={roster.page.people}
        {...{ sort, down, chosen, current }}
        onsort={resort}
        onchoose={choose}
        onopen={(id) => ask({ person: id === current ? '' : id }, true)}
      />
    {:else if everybody > 0 && roster.ready}
      <p class="mt-4 text-quiet">
        {words.noOneMatches}
        <button class="link" onclick={() => ((find = ''), ask({ find: '', state: '', in: '', size: '', handing: '' }))}
          >{words.clearFilters}</button
        >
      </p>
    {/if}
    {#if pages > 1}
      <nav class="no-print mt-3 flex items-center gap-3" aria-label={words.pagesOfParticipants}>
        <button class="btn" disabled={at === 0} onclick={() => ask({ page: String(at - 1) }, true)}>{words.previous}</button>
        <span class="tabular">{words.toOf(at * PAGE + 1, Math.min(roster.page.found, (at + 1) * PAGE), roster.page.found)}</span
        >
        <button class="btn" disabled={at + 1 >= pages} onclick={() => ask({ page: String(at + 1) }, true)}>{words.next}</button>
      </nav>
    {/if}
  </div>
  {#snippet side()}
    {#if roster.told}
      <p class="mt-3" role="status">
        {roster.told}
        {#if roster.undoable.length > 0}<button class="link text-note" onclick={() => void roster.undo()}>{words.undo}</button
          >{/if}
      </p>
    {/if}
    {#if inHand}
      {#key inHand.id}<PersonForm person={inHand} {roster} onclose={() => ask({ person: '' }, true)} />{/key}
    {:else}
      <RosterSide {roster} {free} />
      <RosterImport {roster} />
    {/if}
  {/snippet}
</YearFrame>
<NewPerson bind:this={newPerson} {roster} {free} onadded={(id) => ask({ person: id }, true)} />

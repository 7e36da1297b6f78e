<!-- Beside the roster: what it counts, who waits for a place, and the roster as a file. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { Person } from '@aggrega/core/running';
  import Download from '@lucide/svelte/icons/download';
  import { personChange, stateChange } from './field-words';
  import type { Roster } from './roster.svelte';

  let { roster, free }: { roster: Roster; free: number | undefined } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const waiting = $derived(roster.page.tally.filter((t) => t.state === 'waiting').reduce((n, t) => n + t.people, 0));
  const list = $derived(
    roster.page.tally.filter((t) => t.state === 'in' && t.kit === 'list').reduce((n, t) => n + t.people, 0),
  );

  function cap(text: string) {
    const { most } = bench.saver.document.kits ?? {};
    bench.saver.do(words.theMostKits, [{ path: '/kits/most', from: most, to: text === '' ? undefined : Number(text) }]);
  }
  /** Whoever waits longest comes first. */
  async function takeNext() {
    const answer = await fetch(`${roster.address}?state=waiting&sort=joined`).catch(() => undefined);
    const [next] = answer?.ok ? ((await answer.json()) as { people: Person[] }).people : [];
    if (!next) return;
    await roster.do(words.takenInFromTheWaiting(next.name), [personChange(next, stateChange(next, 'in', page.data.today))]);
  }
</script>

<section class="mt-4" aria-label={words.kitsAMonth}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.kitsAMonth}</h2>
  <dl>
    {#each programme.colourways as c (c.id)}
      <div class="flex border-b border-rule py-1.5" data-counted={c.id}>
        <dt class="mr-auto">{c.name}</dt>
        <dd class="numeral text-lead">{bench.enrolled(c)}</dd>
      </div>
    {/each}
  </dl>
  {#if list > 0}<p class="mt-2 text-note text-quiet">
      {words.moreUseTheirOwnFabric(list)}
    </p>{/if}
  <div class="mt-3">
    <Setting
      name={words.maximumKitsLeaveEmptyFor}
      value={programme.kits.most === undefined ? '' : String(programme.kits.most)}
      trouble={(t) => (/^\d{0,6}$/.test(t) && Number(t) <= 100_000 ? '' : words.typeAWholeNumberOr)}
      onset={cap}
    />
  </div>
  {#if waiting > 0}
    <p class="mt-3">
      {words.onTheWaitingList2(waiting, free === undefined ? '' : free > 0 ? words.placesFree(free) : words.noFreePlaces)}
    </p>
    <p class="mt-2">
      <button class="btn" disabled={(free !== undefined && free <= 0) || roster.working} onclick={() => void takeNext()}
        >{words.offerAPlaceToThe}</button
      >
    </p>
  {/if}
</section>
<section class="mt-6" aria-label={words.importAndDownload}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.importAndDownload}</h2>
  <p class="mt-2">
    <a class="btn" href="/programmes/{bench.slug}/roster/roster.csv" download><Download size={17} /> {words.csv}</a>
  </p>
</section>

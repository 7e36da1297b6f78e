<!-- The pickup evening: who comes, what is ready for her, handed over with one touch; it goes on when the connection is gone. -->
<script lang="ts">
  import { words } from './words';
  import Connection from './Connection.svelte';
  import { keepWork } from '$lib/ask/keep-page';
  import { KitTicks } from './kit-ticks.svelte';
  import { kitCode, packetName, sortName } from './kit-words';
  import { page } from '$app/state';
  import { organises } from '$lib/look/role-name';
  import Printer from '@lucide/svelte/icons/printer';
  import type { MonthRelease } from '$lib/server/db/releases';
  import type { KitRow } from '$lib/server/db/kits';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { onMount, untrack } from 'svelte';

  let { data }: { data: { rows: KitRow[]; later: boolean } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const organiser = $derived(organises(page.data.who?.role));
  const ticks = untrack(() => new KitTicks(bench.slug, 'ready', data));
  onMount(() => {
    ticks.start();
    void keepWork(`/api/programmes/${bench.slug}/kits?ready`);
    return () => ticks.close();
  });
  /** People that are shown at once; others are found by name. */
  const MOST = 60;
  type Way = 'pickup' | 'post';
  let way: Way = $state('pickup');
  let find = $state('');
  let told = $state('');
  let last: { kits: KitRow[]; was: KitRow['state'] } | undefined = $state.raw();

  interface Visitor {
    id: string;
    name: string;
    made: string;
    address: string;
    notes: string;
    /** The newest month that is out, where it is not paid yet. */
    unpaid?: string;
    ready: KitRow[];
    /** Cut, but not in a bag yet. */
    unpacked: KitRow[];
    handed: number;
  }
  /** Months that are out, in order; whoever has paid up to the last of them, or beyond, owes nothing. */
  const released = $derived(
    programme.months.filter((m) =>
      (page.data.releases as MonthRelease[]).some((r) => r.month === m.id && r.state === 'released'),
    ),
  );
  // Where nobody's payment is noted, payments are kept elsewhere.
  const noted = $derived(ticks.rows.some((k) => k.paidTo !== ''));
  function owedBy({ paidTo }: KitRow): string | undefined {
    const newest = released.at(-1);
    const place = (id: string) => programme.months.findIndex((m) => m.id === id);
    return noted && newest && place(paidTo) < place(newest.id) ? newest.name : undefined;
  }
  const visitors = $derived.by(() => {
    const found = new Map<string, Visitor>();
    for (const kit of ticks.rows) {
      if (kit.handing !== way) continue;
      const made = sortName(programme, kit.colourway, kit.size);
      const known = found.get(kit.participant) ?? {
        id: kit.participant,
        name: kit.name,
        made,
        address: kit.address,
        notes: kit.notes,
        unpaid: owedBy(kit),
        ready: [],
        unpacked: [],
        handed: 0,
      };
      if (kit.state === 'packed') known.ready.push(kit);
      else if (kit.state === 'cut') known.unpacked.push(kit);
      else if (kit.state === 'handed') known.handed += 1;
      found.set(kit.participant, known);
    }
    return [...found.values()];
  });
  const wanted = $derived(find.trim().toLowerCase());
  const shown = $derived(
    visitors.filter(
      (v) => v.name.toLowerCase().includes(wanted) && (wanted !== '' || v.ready.length > 0 || v.unpacked.length > 0),
    ),
  );
  const open = $derived(visitors.reduce((n, v) => n + v.ready.length, 0));

  function hand(kits: KitRow[], says: string) {
    last = { kits, was: kits[0]!.state };
    ticks.set(kits, 'handed');
    told = says;
    find = '';
  }
  function undo() {
    if (!last) return;
    ticks.set(last.kits, last.was);
    told = words.undone;
    last = undefined;
  }
  /** A scanner types what it reads and ends with Enter. */
  function scan(e: KeyboardEvent) {
    if (e.key !== 'Enter' || wanted === '') return;
    e.preventDefault();
    const code = find.trim();
    const kit = ticks.rows.find((k) => kitCode(k.month, k.participant) === code);
    if (kit?.state === 'handed') told = words.forHasBeenHandedOut(packetName(programme, kit.month), kit.name);
    else if (kit) return hand([kit], words.handedTo(packetName(programme, kit.month), kit.name));
    else if (shown.length === 1 && shown[0]!.ready.length > 0)
      return hand(shown[0]!.ready, words.handedTo2(shown[0]!.ready.length, shown[0]!.name));
    else told = code.includes('/') ? words.thisLabelIsntFromThis : '';
    if (code.includes('/')) find = '';
  }
</script>

<YearFrame about={words.kitsPackedReadyTo(open, way === 'post' ? words.post : words.collect)} colourways={false}>
  <div class="no-print sticky top-0 z-10 mt-4 flex flex-wrap items-end gap-4 border-b border-rule bg-ground py-2">
    <label class="block min-w-56 flex-1"
      ><span class="text-note text-quiet">{words.nameOrScanALabel}</span><input
        class="input text-lead"
        bind:value={find}
        onkeydown={scan}
        autocomplete="off"
        data-scan
      /></label
    >
    <fieldset class="flex" aria-label={words.collectedOrPosted}>
      {#each [['pickup', words.collected], ['post', words.byPost]] as const as [id, name] (id)}
        <label
          class="flex min-h-11 cursor-pointer items-center border-b-4 px-3 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {way ===
          id
            ? ''
            : 'border-transparent'}"><input type="radio" class="sr-only" name="way" value={id} bind:group={way} />{name}</label
        >
      {/each}
    </fieldset>
    <button class="btn" onclick={() => window.print()}><Printer size={17} aria-hidden="true" /> {words.printTheList}</button>
    <div class="w-full sm:w-auto"><Connection {ticks} /></div>
  </div>
  {#if told}
    <p class="mt-3 border-l-4 border-weld pl-3 text-lead" role="status">
      {told}
      {#if last}<button class="link text-note" onclick={undo}>{words.undo}</button>{/if}
    </p>
  {/if}
  {#if !ticks.ready}
    <p class="mt-6 text-quiet">{words.loadingTheKits}</p>
  {:else if shown.length === 0}
    <p class="mt-6 max-w-prose text-lead">
      {#if wanted}{words.noOneOfThatName(
          way === 'post' ? words.getsKitsByPost : words.collectsKits,
        )}{:else if ticks.rows.length === 0}{words.noKitsYetAddParticipants}{:else}{words.nothingIsPackedYetKits}{/if}
    </p>
  {/if}
  <table class="mt-2 hidden w-full print:table">
    <thead>
      <tr class="border-b border-ink text-left"
        ><th class="py-1 pr-4">{words.nameHead}</th><th class="pr-4">{words.kits}</th><th class="pr-4">{words.payment}</th><th
          class="w-1/4">{words.collectedBy}</th
        ></tr
      >
    </thead>
    <tbody>
      {#each shown.filter((v) => v.ready.length > 0) as v (v.id)}
        <tr class="break-inside-avoid border-b border-rule align-top"
          ><td class="py-1.5 pr-4"
            >{v.name}<span class="block text-note text-quiet">{v.made}{v.notes ? ` · ${v.notes}` : ''}</span></td
          ><td class="py-1.5 pr-4"
            >{#each v.ready as kit (kit.month)}<span class="mr-3 whitespace-nowrap"
                ><span class="mr-1 inline-block h-3 w-3 border border-ink"></span>{packetName(programme, kit.month)}</span
              >{/each}</td
          ><td class="py-1.5 pr-4 whitespace-nowrap">{v.unpaid ? words.notPaidFor(v.unpaid) : ''}</td><td></td></tr
        >
      {/each}
    </tbody>
  </table>
  <ul class="no-print mt-2">
    {#each shown.slice(0, MOST) as v (v.id)}
      <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-3" data-visitor={v.name}>
        <div class="min-w-48 flex-1">
          <p class="text-lead font-semibold">
            {#if organiser}<a
                class="hover:underline"
                href="/programmes/{bench.slug}/roster?find={encodeURIComponent(v.name)}&person={v.id}">{v.name}</a
              >{:else}{v.name}{/if}
          </p>
          <p class="text-quiet">{v.made}{v.handed > 0 ? words.handedOut2(v.handed) : ''}</p>
          {#if way === 'post' && v.address}<p class="text-note whitespace-pre-line">{v.address}</p>{/if}
          {#if v.unpaid}<p class="text-note font-semibold">{words.notPaidFor(v.unpaid)}</p>{/if}
          {#if v.notes}<p class="text-note">{v.notes}</p>{/if}
        </div>
        <div class="flex flex-wrap gap-2">
          {#each v.ready as kit (kit.month)}
            <button
              class="btn min-h-12"
              aria-label={words.handedOutTo(packetName(programme, kit.month), v.name)}
              onclick={() => hand([kit], words.handedTo(packetName(programme, kit.month), v.name))}
              >{packetName(programme, kit.month)}</button
            >
          {/each}
          {#if v.ready.length > 1}
            <button class="btn btn-primary min-h-12" onclick={() => hand(v.ready, words.kitsHandedTo(v.ready.length, v.name))}
              >{words.all(v.ready.length)}</button
            >
          {/if}
          {#each v.unpacked as kit (kit.month)}
            <span class="self-center text-note text-quiet">{words.cutNotPacked(packetName(programme, kit.month))}</span>
          {/each}
          {#if v.ready.length === 0 && v.unpacked.length === 0}<span class="self-center text-note text-quiet"
              >{words.nothingToCollect}</span
            >{/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if shown.length > MOST}<p class="mt-2 text-quiet">{words.moreSearchByNameTo(shown.length - MOST)}</p>{/if}
  {#snippet side()}
    <section class="mt-4" aria-label={words.howThisWorks}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.atTheTable}</h2>
      <p class="mt-2 text-quiet">
        {words.tapAKitToMark}
      </p>
      <p class="mt-2 text-quiet">
        {words.withAScannerKeepThe}
      </p>
    </section>
  {/snippet}
</YearFrame>

<!-- The pickup evening: who comes, what is ready for her, handed over with one touch; it goes on when the connection is gone. -->
<script lang="ts">
  import Connection from '$lib/kits/Connection.svelte';
  import { keepWork } from '$lib/ask/keep-page';
  import { KitTicks } from '$lib/kits/kit-ticks.svelte';
  import { kitCode, packetName, sortName } from '$lib/kits/kit-words';
  import type { KitRow } from '$lib/server/db/kits';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { onMount, untrack } from 'svelte';

  let { data } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
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
    ready: KitRow[];
    /** Cut, but not in a bag yet. */
    unpacked: KitRow[];
    handed: number;
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
    told = 'Undone.';
    last = undefined;
  }
  /** A scanner types what it reads and ends with Enter. */
  function scan(e: KeyboardEvent) {
    if (e.key !== 'Enter' || wanted === '') return;
    e.preventDefault();
    const code = find.trim();
    const kit = ticks.rows.find((k) => kitCode(k.month, k.participant) === code);
    if (kit?.state === 'handed') told = `${packetName(programme, kit.month)} for ${kit.name} has been handed out already.`;
    else if (kit) return hand([kit], `${packetName(programme, kit.month)} handed to ${kit.name}.`);
    else if (shown.length === 1 && shown[0]!.ready.length > 0)
      return hand(shown[0]!.ready, `${shown[0]!.ready.length} handed to ${shown[0]!.name}.`);
    else told = code.includes('/') ? 'This label isn’t from this programme.' : '';
    if (code.includes('/')) find = '';
  }
</script>

<YearFrame
  name="Handing out"
  about="{open} {open === 1 ? 'kit' : 'kits'} packed, ready to {way === 'post' ? 'post' : 'collect'}"
  colourways={false}
>
  <div class="no-print sticky top-0 z-10 mt-4 flex flex-wrap items-end gap-4 border-b border-rule bg-ground py-2">
    <label class="block min-w-56 flex-1"
      ><span class="text-note text-quiet">Name, or scan a label</span><input
        class="field text-lead"
        bind:value={find}
        onkeydown={scan}
        autocomplete="off"
        data-scan
      /></label
    >
    <fieldset class="flex" aria-label="Collected or posted">
      {#each [['pickup', 'collected'], ['post', 'by post']] as const as [id, name] (id)}
        <label
          class="flex min-h-11 cursor-pointer items-center border-b-4 px-3 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {way ===
          id
            ? ''
            : 'border-transparent'}"><input type="radio" class="sr-only" name="way" value={id} bind:group={way} />{name}</label
        >
      {/each}
    </fieldset>
    <div class="w-full sm:w-auto"><Connection {ticks} /></div>
  </div>
  {#if told}
    <p class="mt-3 border-l-4 border-weld pl-3 text-lead" role="status">
      {told}
      {#if last}<button class="plain text-note" onclick={undo}>Undo</button>{/if}
    </p>
  {/if}
  {#if !ticks.ready}
    <p class="mt-6 text-quiet">Loading the kits…</p>
  {:else if shown.length === 0}
    <p class="mt-6 max-w-prose text-lead">
      {#if wanted}No one of that name {way === 'post'
          ? 'gets kits by post'
          : 'collects kits'}.{:else if ticks.rows.length === 0}No kits yet. Add participants first.{:else}Nothing is packed yet.
        Kits show here as soon as they are packed.{/if}
    </p>
  {/if}
  <ul class="mt-2">
    {#each shown.slice(0, MOST) as v (v.id)}
      <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-3" data-visitor={v.name}>
        <div class="min-w-48 flex-1">
          <p class="text-lead font-semibold">{v.name}</p>
          <p class="text-quiet">{v.made}{v.handed > 0 ? ` · ${v.handed} handed out` : ''}</p>
          {#if way === 'post' && v.address}<p class="text-note whitespace-pre-line">{v.address}</p>{/if}
          {#if v.notes}<p class="text-note">{v.notes}</p>{/if}
        </div>
        <div class="flex flex-wrap gap-2">
          {#each v.ready as kit (kit.month)}
            <button
              class="act min-h-12"
              aria-label="{packetName(programme, kit.month)} handed out to {v.name}"
              onclick={() => hand([kit], `${packetName(programme, kit.month)} handed to ${v.name}.`)}
              >{packetName(programme, kit.month)}</button
            >
          {/each}
          {#if v.ready.length > 1}
            <button class="act first min-h-12" onclick={() => hand(v.ready, `${v.ready.length} kits handed to ${v.name}.`)}
              >all {v.ready.length}</button
            >
          {/if}
          {#each v.unpacked as kit (kit.month)}
            <span class="self-center text-note text-quiet">{packetName(programme, kit.month)}: cut, not packed</span>
          {/each}
          {#if v.ready.length === 0 && v.unpacked.length === 0}<span class="self-center text-note text-quiet"
              >nothing to collect</span
            >{/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if shown.length > MOST}<p class="mt-2 text-quiet">{shown.length - MOST} more: search by name to see them.</p>{/if}
  {#snippet side()}
    <section class="mt-4" aria-label="How this works">
      <h2 class="border-b border-ink pb-1 text-lead">At the table</h2>
      <p class="mt-2 text-quiet">
        Tap a kit to mark it handed out. If you lose the connection, carry on: ticks are kept on this device and sent later.
        Several tables can work at once.
      </p>
      <p class="mt-2 text-quiet">
        With a scanner, keep the cursor in the field above: scanning a label marks its kit as handed out.
      </p>
    </section>
  {/snippet}
</YearFrame>

<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { packetsQuestion } from '$lib/plan/year-questions';
  import BagTable from './BagTable.svelte';
  import BundleCloth from './BundleCloth.svelte';
  import KitsForm from './KitsForm.svelte';
  import OwnClothTable from './OwnClothTable.svelte';
  import PacketCloth from './PacketCloth.svelte';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import Say from '$lib/look/Say.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import SizesForm from './SizesForm.svelte';
  import Working from '$lib/look/Working.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { kitTitle, wayOf, type KitKind } from '@aggrega/core/programme';
  import { onDestroy, untrack } from 'svelte';

  let { data }: { data: { packets?: Ready<'packets'> } } = $props();
  const bench = useWorkbench();
  const asker = new YearAsker<'packets'>(untrack(() => data.packets));
  onDestroy(() => asker.close());
  const { programme } = $derived(bench);
  const { unit } = $derived(programme);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  let size: string = $state('');
  /** The programme's own kind of kit first, then those that some people have. */
  const kits = $derived([...new Set([programme.kits.kind, ...programme.kits.otherKinds.map((o) => o.kind)])]);
  let chosen: KitKind | undefined = $state();
  const kit = $derived(chosen && kits.includes(chosen) ? chosen : programme.kits.kind);
  $effect(() => {
    const question = packetsQuestion(programme, colourway.id, { size, kit });
    untrack(() => asker.ask(bench, question));
  });
</script>

<YearFrame about={words.whatEachParticipantIsGiven}>
  <Working progress={asker.progress} what={words.layingOutThePackets} />
  {#if asker.problems.length > 0}
    <Problems problems={asker.problems} document={bench.saver.document} title={words.theKitsCantBePlanned} />
  {/if}
  {#if programme.sizes.length > 0}
    <fieldset class="no-print mt-3 flex" aria-label={words.whosePacket}>
      {#each [{ id: '', name: words.standardSize }, ...programme.sizes] as s (s.id)}
        <label
          class="cursor-pointer border-b-4 px-3 py-1.5 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {size ===
          s.id
            ? ''
            : 'border-transparent'}"
          ><input type="radio" class="sr-only" name="size" value={s.id} bind:group={size} />{s.name}</label
        >
      {/each}
    </fieldset>
  {/if}
  {#if kits.length > 1}
    <fieldset class="no-print mt-1 flex flex-wrap" aria-label={words.whichKit}>
      {#each kits as k (k)}
        <label
          class="cursor-pointer border-b-4 px-3 py-1.5 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {kit ===
          k
            ? ''
            : 'border-transparent'}"
          ><input
            type="radio"
            class="sr-only"
            name="kit"
            value={k}
            checked={kit === k}
            onchange={() => (chosen = k)}
          />{kitTitle(k)}</label
        >
      {/each}
    </fieldset>
  {/if}
  {#if asker.answer}
    {#if asker.answer.bundles.length > 0 && wayOf[kit] === 'lengths'}
      <section class="mt-5" aria-label={words.theBundle}>
        <h2 class="border-b-2 border-ink pb-1 text-head">{words.theStartUpBundleHanded}</h2>
        {#each asker.answer.bundles as bundle (bundle.id)}<BundleCloth {bundle} {unit} />{/each}
      </section>
    {/if}
    {#each asker.answer.packets as packet (packet.number)}
      <section class="mt-7" aria-label={words.packet(packet.number)} data-packet={packet.number}>
        <h2 class="border-b-2 border-ink pb-1 text-head">
          {words.packet(packet.number)}<span class="ml-3 font-sans text-body font-normal text-quiet"
            >{packet.months.join(' · ')}</span
          >
        </h2>
        {#if packet.way === 'list'}<OwnClothTable fabrics={packet.own} {unit} />
        {:else if packet.way === 'pieces'}<BagTable fabrics={packet.bag} {unit} />
        {:else}{#each packet.fabrics as fabric (fabric.id)}<PacketCloth {fabric} months={packet.months} {unit} />{/each}{/if}
        {#each packet.finishing as line (line)}<p class="mt-2 border-b border-rule pb-2 text-lead">
            <Say text={line} />
          </p>{/each}
        {#if packet.bundled.length > 0}
          <p class="mt-2 text-quiet">{words.comesWithTheStartUp(packet.bundled.join(words.and))}</p>
        {/if}
      </section>
    {:else}
      <p class="mt-6 max-w-prose text-lead">{words.thereIsNothingToHand}</p>
    {/each}
  {/if}
  {#snippet side()}
    <KitsForm />
    <SizesForm />
    <div class="mt-6"><PaperChoice what={words.printTheKitContents} /></div>
  {/snippet}
</YearFrame>

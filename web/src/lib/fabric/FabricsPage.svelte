<script lang="ts">
  import { words } from './words';
  import ColourwayForm from './ColourwayForm.svelte';
  import { page } from '$app/state';
  import CastTable from './CastTable.svelte';
  import LettersForm from './LettersForm.svelte';
  import PinForm from './PinForm.svelte';
  import ScrappyForm from './ScrappyForm.svelte';
  import FabricForm from './FabricForm.svelte';
  import FabricRack from './FabricRack.svelte';
  import ShelfImport from './ShelfImport.svelte';
  import SeamList from './SeamList.svelte';
  import ValueStrip from './ValueStrip.svelte';
  import QuiltTop from '$lib/look/QuiltTop.svelte';
  import Picture from '$lib/look/Picture.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { blockDrawing } from '@aggrega/core/block';
  import type { View } from '@aggrega/core/fabric';
  import type { Ready } from '$lib/plan/server-answer';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import { scatterQuestion } from '$lib/plan/year-questions';
  import {
    PlanError,
    castChanges,
    castPicture,
    lettersOf,
    pooledChanges,
    quiltOf,
    quiltPicture,
    scatterChange,
    type Colourway,
    type Fabric,
    type PicturePlace,
    type QuiltPicture,
  } from '@aggrega/core/programme';
  import { onDestroy, untrack } from 'svelte';

  let { data }: { data: { cloth?: Ready<'stock'>; scatter?: Ready<'scatter'> } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { unit } = $derived(programme);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const roles = $derived(lettersOf(colourway).map(([letter]) => letter));
  let role = $state('A');
  const inHand = $derived(roles.includes(role) ? role : (roles[0] ?? 'A'));
  let view: View = $state('colour');
  const VIEWS: Record<View, string> = {
    colour: words.colour,
    grey: words.greyscale,
    'no-red': words.colourBlindViewRed,
    'no-green': words.colourBlindViewGreen,
    'no-blue': words.colourBlindViewBlue,
  };
  /** A fabric that is looked at; else the one that the letter in hand has. */
  let looked = $state('');
  const fabric = $derived(programme.fabrics.find((f) => f.id === looked) ?? colourway.fabrics.get(inHand));

  /** The pools are scattered beside the page. */
  const scatterer = new YearAsker<'scatter'>(untrack(() => data.scatter));
  onDestroy(() => scatterer.close());
  const scrappy = $derived(colourway.pools.size > 0);
  const colourwayId = $derived(colourway.id);
  $effect(() => {
    const question = scatterQuestion(colourwayId);
    void bench.saver.document;
    if (scrappy) untrack(() => scatterer.ask(bench, question));
  });
  const scattered = $derived(scrappy ? scatterer.answer : undefined);
  let held: string | undefined = $state();
  let pressed: number | undefined = $state();
  const pinned = $derived.by(() => {
    const { pins } = colourway.scatter;
    const all = [...(scattered?.at ?? [])].flatMap(([at, { name, roles: own }]) =>
      own.flatMap((_, i) => (pins.has(`${name}:${i + 1}`) ? [`${at} ${i}`] : [])),
    );
    return new Set(all);
  });

  /** The shapes stay the same while only fabrics change: then nothing but their colours is painted anew. */
  let drawn: { of: readonly unknown[]; picture: QuiltPicture | undefined } | undefined;
  const plain = $derived.by(() => {
    const { blocks: all, months, setting, unit: measure, house } = bench.saver.document;
    const of = [all, months, setting, measure, house];
    if (drawn && of.every((part, i) => part === drawn!.of[i])) return drawn.picture;
    drawn = { of, picture: undefined };
    try {
      const quilt = quiltOf(programme);
      return (drawn.picture = quilt && quiltPicture(quilt, programme));
    } catch (error) {
      if (error instanceof PlanError) return undefined;
      throw error;
    }
  });
  /** The picture comes first; what is worked out and written beside it follows when the fabrics rest. */
  let rested: { colourway: Colourway; fabric: Fabric | undefined } | undefined = $state.raw();
  $effect(() => {
    const now = { colourway, fabric };
    const timer = setTimeout(() => (rested = now), rested ? 80 : 0);
    return () => clearTimeout(timer);
  });
  const beside = $derived(rested ?? { colourway, fabric });
  const picture = $derived(plain && castPicture(plain, scattered));
  const inPlace = $derived(scrappy ? picture?.places.find((p) => p.at === held) : undefined);
  /** A month whose blocks are looked at closely instead of the quilt. */
  let close = $state('');
  /** A month's blocks as they lie in the quilt, the first of each. */
  const closely = $derived(
    (programme.months.find((m) => m.id === close)?.blocks ?? []).map((entry) => {
      const place = picture?.places.find((p) => p.block && p.key === `${close}:${entry.key}`);
      return { entry, block: place?.block ?? entry.block };
    }),
  );
  const blocks = $derived(programme.months.flatMap((m) => m.blocks.map((entry) => ({ month: m, entry }))));

  function cast(to: Fabric, letter = inHand) {
    looked = '';
    role = letter;
    if (colourway.pools.has(letter)) {
      const out = colourway.pools.get(letter)!.fabrics.includes(to);
      const changes = pooledChanges(bench.saver.document, colourway.id, letter, to.id);
      if (changes.length > 0) bench.saver.do(`${to.name} ${out ? words.outOf2 : words.into} ${letter}`, changes);
      return;
    }
    if (colourway.fabrics.get(letter) === to) return;
    bench.saver.do(words.castWith(letter, to.name), castChanges(bench.saver.document, colourway.id, letter, to.id));
  }
  /** Keys: a letter takes it in hand; arrows try the fabrics before and after it in the order of their value. */
  function onkeydown(e: KeyboardEvent) {
    const typing = e.target instanceof HTMLElement && e.target.closest('input, select, textarea, dialog[open]');
    if (typing || e.ctrlKey || e.metaKey || e.altKey) return;
    if (e.shiftKey && roles.includes(e.key)) role = e.key;
    else if (e.key === 'g') view = view === 'grey' ? 'colour' : 'grey';
    else if (e.key === 's' && scrappy) {
      const seed = (colourway.scatter.seed + 1) % 1_000_000;
      bench.saver.do(words.shuffled(colourway.name), [scatterChange(bench.saver.document, colourway.id, { seed })]);
    } else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
      if (colourway.locked.has(inHand) || colourway.pools.has(inHand)) return;
      const sorted = [...programme.fabrics].sort((a, b) => a.value - b.value);
      const now = sorted.findIndex((f) => f === colourway.fabrics.get(inHand));
      const next = sorted[now + (e.key === 'ArrowRight' ? 1 : -1)];
      if (next) cast(next);
    } else return;
    e.preventDefault();
  }
</script>

<svelte:window {onkeydown} />

<YearFrame about={words.chooseFabricsAndCheckTheir}>
  <div class="mt-4 grid grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] gap-8 max-[68.75rem]:grid-cols-1">
    <div>
      <fieldset class="no-print flex flex-wrap" aria-label={words.view}>
        {#each Object.entries(VIEWS) as [id, name] (id)}
          <label
            class="cursor-pointer border-b-4 px-1.5 py-1.5 whitespace-nowrap hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {view ===
            id
              ? ''
              : 'border-transparent'}"
            ><input type="radio" class="sr-only" name="view" value={id} bind:group={view} />{name}</label
          >
        {/each}
      </fieldset>
      {#if picture}
        <label class="no-print mt-2 flex items-center gap-2"
          ><span class="block text-note text-quiet">{words.lookAt}</span>
          <select class="select w-auto" bind:value={close}>
            <option value="">{words.theWholeQuilt}</option>
            {#each programme.months.filter((m) => m.blocks.length > 0) as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
          </select></label
        >
      {/if}
      {#if picture && closely.length > 0}
        <div class="mt-3 flex flex-col gap-3">
          {#each closely as { entry, block } (entry.path)}
            <Picture
              class="max-h-[24rem] w-full"
              drawing={blockDrawing(block, entry.finished)}
              cast={colourway.fabrics}
              {view}
              label={words.in(entry.block.name, colourway.name, VIEWS[view])}
            />
          {/each}
        </div>
      {:else if picture}
        <QuiltTop
          class="mt-3 max-h-[27rem] w-full"
          {picture}
          cast={colourway.fabrics}
          {view}
          label={words.theQuiltIn(colourway.name, VIEWS[view])}
          {...scrappy && {
            held,
            pinned,
            onhold: (at: string | undefined) => ((held = at), (pressed = undefined)),
            onpatch: (_: PicturePlace, patch: number) => (pressed = patch),
          }}
        />
        {#if scrappy}<p class="no-print mt-1 text-note text-quiet">
            {words.clickAPatchToChoose}
          </p>{/if}
      {:else}
        <div class="mt-3 grid grid-cols-3 gap-3">
          {#each blocks as { entry } (entry.path)}
            <Picture
              drawing={blockDrawing(entry.block, entry.finished)}
              cast={colourway.fabrics}
              {view}
              label={entry.block.name}
            />
          {:else}
            <p class="col-span-3 text-lead">{words.noBlockYetYouCan}</p>
          {/each}
        </div>
      {/if}
    </div>
    <CastTable
      cloth={data.cloth}
      {colourway}
      {view}
      role={inHand}
      onrole={(r) => ((role = r), (looked = ''))}
      oncast={cast}
      used={scattered?.used}
    />
  </div>
  <LettersForm role={inHand} onrole={(r) => ((role = r), (looked = ''))} />
  {#if scrappy}<ScrappyForm {colourway} {scattered} progress={scatterer.progress} />{/if}
  <section class="mt-7" aria-label={words.value}>
    <h2 class="border-b-2 border-ink pb-1 text-head">{words.fromDarkToLight}</h2>
    <p class="mt-1 text-note text-quiet">
      {words.contrastInValueNotColour} <b>{inHand}</b>.
    </p>
    <ValueStrip fabrics={programme.fabrics} {colourway} {view} role={inHand} oncast={cast} />
  </section>
  <div class="mt-7"><SeamList colourway={beside.colourway} {view} /></div>
  {#snippet side()}
    <div class="mt-4"><ColourwayForm {colourway} rostered={page.data.rostered} /></div>
    <div class="mt-4 flex flex-col gap-6">
      {#if inPlace && scattered?.at.has(inPlace.at)}
        <PinForm place={inPlace} name={scattered.at.get(inPlace.at)!.name} {colourway} {view} patch={pressed} />
      {/if}
      <FabricRack {colourway} {view} role={inHand} looked={fabric?.id ?? ''} onlook={(id) => (looked = id)} oncast={cast} />
      {#if beside.fabric && !beside.fabric.own}{#key beside.fabric.id}<FabricForm fabric={beside.fabric} />{/key}{/if}
      <ShelfImport />
      <p class="text-note text-quiet">
        {words.printsAreDrawnAtTrue(unit === 'in' ? words.anInch : '2.54 cm')}
      </p>
    </div>
  {/snippet}
</YearFrame>

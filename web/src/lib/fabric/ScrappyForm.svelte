<!-- How the pools of a colourway are scattered: the school, the shuffle, the limits of the shelf, and what cannot be had. -->
<script lang="ts">
  import { words } from './words';
  import { YearAsker } from '$lib/plan/year-asker.svelte';
  import type { ScatterView } from '$lib/plan/scatter-view';
  import Working from '$lib/look/Working.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { scatterChange, schoolChanges, schools, schoolsOf, type Colourway, type School } from '@aggrega/core/programme';
  import { onDestroy } from 'svelte';

  interface Props {
    colourway: Colourway;
    scattered: ScatterView | undefined;
    progress: number | undefined;
  }
  let { colourway, scattered, progress }: Props = $props();
  const bench = useWorkbench();
  const SCHOOLS: Record<School, string> = {
    'all-different': words.allDifferentInABlock,
    'two-fabrics': words.oneFabricFromEachPool,
    'one-light': words.oneLightFabricThroughoutThe,
    'light-per-block': words.oneLightFabricPerBlock,
  };
  /** Without a light pool two schools are the same; the first is shown. */
  const followed = $derived(schoolsOf(colourway)[0]);
  const { seed, most, pins } = $derived(colourway.scatter);
  /** Named patches are used evenly, to one; pools by whole batches. */
  const even = $derived([...colourway.pools.values()].some((p) => p.units) ? words.eachFabricOfAPool : words.andEachIsUsedAs);
  const nameOf = (id: string) => bench.programme.fabrics.find((f) => f.id === id)?.name ?? id;

  const save = (name: string, wish: Parameters<typeof scatterChange>[2]) =>
    bench.saver.do(`${colourway.name}, ${name}`, [scatterChange(bench.saver.document, colourway.id, wish)]);

  const stock = new YearAsker<'within-stock'>();
  onDestroy(() => stock.close());
  let asked = $state('');
  $effect(() => {
    const answer = stock.answer;
    // The answer holds for the colourway and the quilt that were asked about.
    if (!answer || asked !== colourway.id) return;
    asked = '';
    save(words.keptWithinTheShelf, { most: answer.most });
  });
  function keepWithin() {
    asked = colourway.id;
    stock.answer = undefined;
    stock.ask(bench, { kind: 'within-stock', colourway: colourway.id });
  }
</script>

<section aria-label={words.scrappyLetters} class="mt-5 border-t border-ink pt-2">
  <h2 class="text-lead">{words.scrappyStyle}</h2>
  <fieldset class="mt-1 flex flex-col">
    <legend class="sr-only">{words.scrappyStyle}</legend>
    {#each Object.keys(schools) as School[] as school (school)}
      <label
        class="cursor-pointer border-l-4 px-2 py-1 hover:bg-edge has-focus-visible:outline-3 {followed === school
          ? 'border-weld font-semibold'
          : 'border-transparent'}"
        ><input
          type="radio"
          class="sr-only"
          name="school"
          checked={followed === school}
          onchange={() =>
            bench.saver.do(`${colourway.name}, ${SCHOOLS[school]}`, schoolChanges(bench.saver.document, colourway, school))}
        />{SCHOOLS[school]}</label
      >
    {/each}
  </fieldset>
  <div class="mt-3 flex flex-wrap items-center gap-2">
    <button class="btn" onclick={() => save('shuffled', { seed: (seed + 1) % 1_000_000 })}
      >{words.shuffle} <kbd class="text-quiet">{words.s}</kbd></button
    >
    <label class="flex items-center gap-2"
      ><span class="text-note text-quiet">{words.no2}</span>
      <input
        class="input w-20"
        type="number"
        min="0"
        max="1000000"
        aria-label={words.numberOfTheShuffle}
        value={seed}
        onchange={(e) => {
          const to = Number(e.currentTarget.value);
          if (Number.isInteger(to) && to >= 0 && to <= 1_000_000) save('shuffled', { seed: to });
          else e.currentTarget.value = String(seed);
        }}
      /></label
    >
    <span class="text-note text-quiet">{words.useTheSameNumberTo}</span>
  </div>
  <div class="mt-2 flex flex-wrap items-center gap-2">
    <button class="btn" disabled={stock.progress !== undefined} onclick={keepWithin}>{words.useOnlyWhatIsIn}</button>
    {#if stock.progress !== undefined}
      <button class="btn" onclick={() => (stock.close(), (asked = ''))}>{words.stop}</button>
    {/if}
    {#if most.size > 0}
      <button class="btn" onclick={() => save(words.withoutLimits, { most: {} })}>{words.removeLimits}</button>
    {/if}
    {#if pins.size > 0}
      <button class="btn" onclick={() => save(words.pinsOut, { pins: {} })}>{words.removeAllPins(pins.size)}</button>
    {/if}
  </div>
  <Working progress={stock.progress} what={words.checkingWhatIsInStock} />
  {#if most.size > 0}
    <p class="mt-2 text-note text-quiet">
      {words.inOneQuiltAtMost([...most].map(([id, n]) => words.nameTimes(nameOf(id), n)).join(', '))}
    </p>
  {/if}
  {#each [...(stock.answer?.short ? [stock.answer.short] : []), ...stock.problems.map((p) => p.message)] as says (says)}
    <p class="mt-2" role="alert">{says}</p>
  {/each}
  {#if progress !== undefined && !scattered}<p class="mt-2 text-quiet" role="status">{words.arrangingTheFabrics}</p>{/if}
  {#if scattered}
    {#if scattered.pools.length > 0}
      <h3 class="mt-3 text-body font-semibold">{words.poolsOfUnits}</h3>
      <ul class="mt-1 flex flex-col gap-1" data-pools>
        {#each scattered.pools as pool (pool.name)}
          <li>
            <b>{pool.name}</b>: {pool.what}{#if pool.kinds > 1}{words.inPairings(pool.kinds)}{/if}.
            <span class="text-quiet">{words.begunWithTaken(pool.begun, pool.takes.join(', '))}</span>
          </li>
        {/each}
      </ul>
    {/if}
    {#if scattered.doubts.length === 0}
      <p class="mt-2" data-scatter="sound">
        {words.noFabricTouchesItselfWithin}{#if most.size === 0}{even}{/if}.
      </p>
    {:else}
      <ul class="mt-2 flex flex-col gap-2" data-scatter="doubts">
        {#each scattered.doubts as doubt (doubt)}<li class="border-l-4 border-madder pl-2">{doubt}</li>{/each}
      </ul>
    {/if}
  {/if}
</section>

<!-- A block laid out on screen before it is sewn: from the tray, or with one slip in it to be found. -->
<script lang="ts">
  import FacePicture from './FacePicture.svelte';
  import LaidChoice from './LaidChoice.svelte';
  import PracticeTable from './PracticeTable.svelte';
  import PracticeTray from './PracticeTray.svelte';
  import { Practising, type ToPractise, type Way } from './practising.svelte';
  import { words } from './words';
  import { faceOf } from '@aggrega/core/practice';
  import Again from '@lucide/svelte/icons/shuffle';
  import Undo from '@lucide/svelte/icons/undo-2';
  import { onDestroy, untrack } from 'svelte';

  interface Props extends ToPractise {
    /** What the first deal hangs on. */
    seed: number;
  }
  let props: Props = $props();
  const practising = untrack(() => new Practising(props, props.seed));
  onDestroy(() => practising.minute.stop());
  const colours = $derived(new Map(props.fabrics.map(({ letter, colour }) => [letter, colour])));
  const WAYS: readonly Way[] = ['lay', 'find'];
  const { minute } = practising;
  const layout = $derived(practising.toLay.layout);
  let pictured = $state(true);
  let next: HTMLButtonElement | undefined = $state();
  const lain = $derived(practising.board.lain.size);

  // Found or shown: on with Enter.
  $effect(() => {
    if (practising.solved) next?.focus();
  });
  function onkeydown(e: KeyboardEvent) {
    if ((e.target as HTMLElement).closest?.('input, select, textarea')) return;
    if ((e.ctrlKey || e.metaKey) && e.key === 'z' && practising.way === 'lay') practising.undo();
    else if (e.ctrlKey || e.metaKey || e.altKey) return;
    else if (/^[1-9]$/.test(e.key) && practising.way === 'lay') {
      const stacks = [...document.querySelectorAll<HTMLElement>('[data-stack]')];
      const chosen = stacks[Number(e.key) - 1];
      if (!chosen) return;
      // A key chooses; only a tap on what is in hand puts it down.
      const stack = Number(chosen.dataset.stack);
      if (practising.stack !== stack) practising.take(stack);
    } else return;
    e.preventDefault();
  }
</script>

<svelte:window {onkeydown} />

<div class="flex flex-wrap items-end gap-x-6 gap-y-3">
  <LaidChoice
    blocks={props.blocks}
    block={practising.block}
    laid={practising.laid}
    onchoose={(block, laid) => practising.choose(block, laid)}
  />
  <div class="flex flex-wrap gap-2" role="group" aria-label={words.howToPractise}>
    {#each WAYS as way (way)}
      <button
        class="btn {practising.way === way ? 'btn-primary' : ''}"
        aria-pressed={practising.way === way}
        onclick={() => practising.practise(way)}>{way === 'lay' ? words.layIt : words.findIt}</button
      >
    {/each}
  </div>
</div>
<p class="mt-3 max-w-prose">
  {practising.way === 'lay' ? words.howToLay : words.howToFind}
  {#if practising.way === 'lay' && practising.board.pieces.some(({ mirrored }) => mirrored)}{words.mirrorImages}{/if}
</p>
{#if practising.way === 'lay'}<p class="text-note text-quiet max-md:hidden">{words.keys}</p>{/if}

<div
  class="mt-4 grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] grid-rows-[auto_1fr] gap-x-8 gap-y-4 max-md:grid-cols-1 max-md:grid-rows-none"
>
  <section class="row-span-2 min-w-0 max-md:row-auto">
    {#if practising.nothingToFind}
      <p class="text-lead">{words.nothingCanLieWrong}</p>
    {:else}
      <div class="table-room"><PracticeTable {practising} {colours} /></div>
    {/if}
    {#if practising.way === 'lay'}
      <div class="mt-4 flex flex-wrap gap-2">
        <button class="btn" disabled={!practising.canUndo} onclick={() => practising.undo()}
          ><Undo size={18} /> {words.undo}</button
        >
        {#if practising.place !== undefined && practising.board.lain.has(practising.place)}
          {@const place = practising.place}
          <button class="btn" onclick={() => practising.turn(place)}>{words.turn}</button>
          <button class="btn" onclick={() => practising.takeUp(place)}>{words.takeUp}</button>
        {/if}
        <button class="btn" disabled={lain === 0} onclick={() => practising.look()}>{words.look}</button>
        <button class="btn" onclick={() => practising.deal()}><Again size={18} /> {words.dealAgain}</button>
      </div>
    {/if}
  </section>
  <!-- In sight of the table on a telephone too. -->
  <div class="min-w-0 max-md:sticky max-md:bottom-0 max-md:z-10">
    {#if practising.way === 'lay'}
      <PracticeTray {practising} {colours} />
    {:else}
      <p class="bg-ground text-lead font-semibold">
        {words.foundSoFar(practising.found)}{#if minute.left !== undefined}<span class="ml-3 font-normal"
            >{words.secondsLeft(minute.left)}</span
          >{/if}
      </p>
      <div class="flex flex-wrap gap-2 bg-ground py-2">
        {#if practising.solved}
          <button class="btn btn-primary" bind:this={next} onclick={() => practising.deal()}>{words.next}</button>
        {:else if !practising.nothingToFind}
          <button class="btn" onclick={() => practising.show()}>{words.showMe}</button>
        {/if}
        {#if minute.left === undefined}
          <button class="btn" disabled={practising.nothingToFind} onclick={() => practising.startMinute()}
            >{words.startMinute}</button
          >
        {:else}
          <button class="btn" onclick={() => minute.stop()}>{words.stop}</button>
        {/if}
      </div>
    {/if}
  </div>
  <section class="min-w-0">
    <div role="status" data-heard>
      {#if practising.way === 'find' && minute.over}
        <p class="text-lead font-semibold">{words.minuteOver(practising.found)}</p>
      {/if}
      {#if practising.solved}
        <p class="font-semibold">{practising.solved.byHerself ? words.found : words.thisWasIt}</p>
        <p class="border-l-4 border-weld pl-3">{practising.solved.text} {practising.solved.clue}</p>
      {:else if practising.way === 'lay' && practising.right}
        <p class="text-lead font-semibold">{words.allRight}</p>
      {:else if practising.shown}
        {#each practising.said as { place, text, clue } (place)}
          <p class="mt-2 border-l-4 border-weld pl-3"><b>{text}</b> {clue}</p>
        {:else}
          <p class="font-semibold">{lain > 0 ? words.rightSoFar(lain) : words.nothingLies}</p>
        {/each}
      {:else}
        <p class="text-quiet">{practising.heard}</p>
      {/if}
    </div>
    <button class="mt-4 link" aria-expanded={pictured} onclick={() => (pictured = !pictured)}
      >{pictured ? words.hidePicture : words.showPicture}</button
    >
    {#if pictured}
      <figure class="mt-2 max-w-56">
        <div
          class="relative w-full"
          style:aspect-ratio="{layout.sewn[0]} / {layout.sewn[1]}"
          role="img"
          aria-label={words.picture(practising.toLay.name)}
        >
          {#each layout.units as unit, i (i)}
            <span
              class="absolute"
              style="left:{((unit.sewn[0] - unit.w / 2) / layout.sewn[0]) * 100}%;top:{((unit.sewn[1] - unit.h / 2) /
                layout.sewn[1]) *
                100}%;width:{(unit.w / layout.sewn[0]) * 100}%;height:{(unit.h / layout.sewn[1]) * 100}%;rotate:{unit.slant ??
                0}deg"><FacePicture face={faceOf(unit)} {colours} /></span
            >
          {/each}
        </div>
        <figcaption class="text-note text-quiet">{words.picture(practising.toLay.name)}</figcaption>
      </figure>
    {/if}
  </section>
</div>

<style>
  .table-room {
    width: min(100%, 68vh);
    min-width: min(100%, 18rem);
  }
</style>

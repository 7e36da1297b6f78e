<!-- The selected place: which block is there, and how it is turned. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { placesChange, settingAt } from './places';
  import { setBlocks, type PicturePlace } from '@aggrega/core/programme';

  let { size, place }: { size: string; place: PicturePlace } = $props();
  const bench = useWorkbench();
  const blocks = $derived(setBlocks(bench.programme.months));
  const chosen = $derived(settingAt(bench.saver.document, size).all.places?.[place.at]);
  const square = $derived(place.block === undefined || place.block.grid[0] === place.block.grid[1]);

  function set(name: string, change: { block?: string; turn?: number; mirrored?: boolean }) {
    const own = { ...chosen, ...change };
    if (!own.mirrored) delete own.mirrored;
    bench.saver.do(words.place2(place.at, name), [placesChange(bench.saver.document, size, { [place.at]: own })]);
  }
</script>

<section aria-label={words.theSelectedPlace}>
  <h2 class="border-b border-ink bg-weld px-2 py-1 text-lead text-primary-content">
    {words.place(place.at.replace(/\.5/g, '½'))}
  </h2>
  <label class="mt-2 block">
    <span class="text-note text-quiet">{words.block}</span>
    <select class="select" value={place.key} onchange={(e) => set('block', { block: e.currentTarget.value })}>
      {#each blocks as { block, month, entry } (block.key)}
        <option value={block.key}
          >{month.name}{entry ? '' : words.notDrawnYet}{entry && month.blocks.length > 1 ? `: ${entry.block.name}` : ''}</option
        >
      {/each}
    </select>
  </label>
  <div class="mt-2 flex flex-wrap gap-2">
    <button class="btn" onclick={() => set('turned', { turn: (place.turn + (square ? 1 : 2)) % 4 })}
      >{words.turn} <kbd class="text-quiet">{words.t}</kbd></button
    >
    <button class="btn" aria-pressed={place.mirrored} onclick={() => set('mirrored', { mirrored: !place.mirrored })}
      >{place.mirrored ? words.notMirrored : words.mirror} <kbd class="text-quiet">{words.m}</kbd></button
    >
    {#if chosen}
      <button
        class="btn"
        onclick={() =>
          bench.saver.do(words.placeResetToMonthOrder(place.at), [
            placesChange(bench.saver.document, size, { [place.at]: {} }),
          ])}>{words.resetToMonthOrder} <kbd class="text-quiet">{words.del}</kbd></button
      >
    {/if}
  </div>
  <p class="mt-2 text-note text-quiet">{words.dragItOntoAnotherPlace}</p>
</section>
